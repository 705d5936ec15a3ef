import type { Schemas } from '../../api/client';
import { useFit, useSwitchCalibration } from '../../api/right';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './right.module.css';

type Calibration = Schemas['Calibration'];
const INNER = 'inner_water:';

/** Factors of the model as the yard's own tests have them: made, switched on and off, kept. */
export function Calibrations({ calibrations }: { calibrations: Calibration[] }) {
  const { t } = useWords();
  const fit = useFit();
  const say = useUndoable();

  return (
    <section className={styles.calibrations}>
      <h2>{t('right.calibration')}</h2>
      <p>{t('right.calibrationWhy')}</p>
      <DoButton
        type="primary"
        loading={fit.isPending}
        onClick={() =>
          void fit
            .mutateAsync()
            .then(() => say(t('right.fitted')))
            .catch(() => undefined)
        }
      >
        {t('right.fit')}
      </DoButton>
      {fit.isError && (
        <p role="alert" className={common.fieldError}>
          {fit.error.message}
        </p>
      )}
      {calibrations.length === 0 && <p className={common.quiet}>{t('right.none')}</p>}
      {calibrations.map((each, i) => (
        <OneCalibration key={each.id} calibration={each} open={i === 0 || each.in_use} />
      ))}
    </section>
  );
}

function OneCalibration({ calibration, open }: { calibration: Calibration; open: boolean }) {
  const { t, n, day, percent } = useWords();
  const change = useSwitchCalibration();
  const size = (which: 'before' | 'after') =>
    Math.sqrt(
      calibration.tests.reduce((sum, test) => sum + test[which] ** 2, 0) / Math.max(1, calibration.tests.length),
    );
  const name = (of: string) =>
    of.startsWith(INNER)
      ? t('right.factor.inner', { kind: t(`kind.${of.slice(INNER.length)}` as MessageId) })
      : t(`right.factor.${of}` as MessageId);
  const off = (log: number) => percent(Math.exp(log) - 1);

  return (
    <details className={styles.calibration} open={open}>
      <summary>
        <strong>{day(calibration.made_at.slice(0, 10))}</strong>{' '}
        {t('right.from', { count: calibration.tests.length, before: off(size('before')), after: off(size('after')) })}{' '}
        {calibration.in_use && <strong>● {t('right.inUse')}</strong>}
      </summary>
      <table className={styles.figures}>
        <thead>
          <tr>
            <th scope="col">{t('right.factor')}</th>
            <th scope="col">{t('right.is')}</th>
            <th scope="col">{t('right.sure')}</th>
            <th scope="col">{t('right.sureBefore')}</th>
          </tr>
        </thead>
        <tbody>
          {calibration.factors.map((each) => (
            <tr key={each.name}>
              <th scope="row">{name(each.name)}</th>
              <td>× {n(each.factor, 3)}</td>
              <td>± {off(each.spread)}</td>
              <td>± {off(each.prior)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <details>
        <summary>{t('right.residuals')}</summary>
        <ul className={common.plainList}>
          {calibration.tests.map((test) => (
            <li key={`${test.key} ${test.figure}`}>
              {t('right.residual', {
                test: test.key.replace('test ', '#'),
                figure: t(`right.figure.${test.figure}` as MessageId),
                before: off(test.before),
                after: off(test.after),
              })}
            </li>
          ))}
        </ul>
      </details>
      {calibration.switched.length > 0 && (
        <p className={common.quiet}>
          {calibration.switched
            .map(
              ({ on, at, by }) =>
                `${t(on ? 'right.switchedOn' : 'right.switchedOff', { date: day(at.slice(0, 10)) })} ${by}`,
            )
            .join(' · ')}
        </p>
      )}
      <DoButton
        be="owner"
        loading={change.isPending}
        onClick={() => change.mutate({ id: calibration.id, in_use: !calibration.in_use })}
      >
        {t(calibration.in_use ? 'right.off' : 'right.on')}
      </DoButton>
    </details>
  );
}
