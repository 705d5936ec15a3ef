import { Form, Segmented } from 'antd';
import { useState } from 'react';

import { api, answerOf, type Schemas } from '../../api/client';
import { useMoisture } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { useHours } from '../../kit/plants/useHours';
import { typedNumber } from '../../i18n/numbers';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';

const METHODS: Schemas['MoistureMethod'][] = ['stick', 'weight', 'probe', 'eye'];

/** How long the water lasts, what a stick should look like, and one tap: water or wait. */
export function StickSection({ dossier }: { dossier: Schemas['PlantDossier'] }) {
  const { t, date, n } = useWords();
  const { stick, checks, plant } = dossier;
  const hours = useHours();

  return (
    <section className="stick">
      <h2>{t('stick.title')}</h2>
      {stick === null ? (
        <p className={common.quiet}>{t('stick.none')}</p>
      ) : (
        <>
          <p>
            {t('stick.interval', { hours: hours(stick.learned_h), taps: stick.taps })}{' '}
            {stick.taps > 0 && (
              <span className={common.quiet}>{t('stick.computed', { hours: hours(stick.computed_h) })}</span>
            )}
          </p>
          <Chart stick={stick} />
        </>
      )}
      <Tap plantId={plant.id} />
      {checks.length > 0 && (
        <>
          <h3>{t('stick.last')}</h3>
          <ul className={common.plainList}>
            {checks.slice(0, 4).map((check) => (
              <li key={check.id}>
                {t('stick.check', {
                  date: date(check.checked_at),
                  method: t(`stick.method.${check.method}`),
                  verdict: check.verdict,
                })}
                {check.hours_since !== null && (
                  <span className={common.quiet}> {t('stick.after', { hours: n(check.hours_since, 2) })}</span>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** The chart as a table: days across, depth down, each cell a piece of stick. */
function Chart({ stick }: { stick: Schemas['StickChart'] }) {
  const { t, n, q } = useWords();
  const depths = stick.days[0]?.levels.map((level) => level.depth_cm) ?? [];

  return (
    <div className={styles.stickChartWrap}>
      <table className={styles.stickChart}>
        <caption>{t('stick.chart')}</caption>
        <thead>
          <tr>
            <th scope="col">{t('stick.depth')}</th>
            {stick.days.map(({ day }) => (
              <th key={day} scope="col">
                {day === 0 ? t('stick.day', { day: 0 }) : t('stick.day', { day: n(day, 2) })}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {depths.map((depth, i) => (
            <tr key={depth}>
              <th scope="row">{q(depth, 'cm')}</th>
              {stick.days.map(({ day, levels }) => (
                <td key={day} className={`${styles[`look-${levels[i]?.look ?? 'dry'}`]}`}>
                  {t(`stick.look.${levels[i]?.look ?? 'dry'}`)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className={common.quiet}>{t('stick.limits')}</p>
    </div>
  );
}

function Tap({ plantId }: { plantId: number }) {
  const { t } = useWords();
  const hours = useHours();
  const [method, setMethod] = useState<Schemas['MoistureMethod']>('stick');
  const [reading, setReading] = useState('');
  const moisture = useMoisture(plantId);
  const say = useUndoable();
  const wrong = reading.trim() !== '' && typedNumber(reading) === null;
  const tap = async (verdict: 'water' | 'wait') => {
    if (wrong) {
      return;
    }
    const check = await moisture.mutateAsync({ method, verdict, reading: typedNumber(reading) });
    setReading('');
    if (check === null) {
      return; // kept on this device, and said at the foot of the page
    }
    const dossier = answerOf(await api.GET('/plants/{id}', { params: { path: { id: plantId } } }));
    say(
      check.hours_since === null || dossier.stick === null
        ? t('stick.keptFirst')
        : t('stick.kept', { verdict, hours: hours(dossier.stick.learned_h) }),
    );
  };
  const readProbe = async () => {
    const shown = answerOf(await api.GET('/instruments/{id}', { params: { path: { id: 'moisture_probe' } } }));
    setReading(String(shown.values['moisture_percent'] ?? ''));
  };

  return (
    <div className={styles.tap}>
      <h3>{t('stick.ask')}</h3>
      <Segmented
        aria-label={t('stick.method')}
        value={method}
        options={METHODS.map((value) => ({ value, label: t(`stick.method.${value}`) }))}
        onChange={(next) => {
          setMethod(next);
          setReading('');
        }}
      />
      <p className={common.quiet}>{t(`stick.note.${method}`)}</p>
      {(method === 'weight' || method === 'probe') && (
        <Form layout="vertical" className={styles.tapReading}>
          <NumberField
            label={t(`stick.reading.${method}`)}
            unit={method === 'weight' ? t('unit.kg') : '%'}
            value={reading}
            error={wrong ? t('common.notNumber') : undefined}
            onChange={setReading}
          />
          {method === 'probe' && (
            <DoButton be="helper" onClick={() => void readProbe().catch(() => undefined)}>
              {t('stick.readProbe')}
            </DoButton>
          )}
        </Form>
      )}
      <div className={styles.tapButtons}>
        <DoButton
          be="helper"
          size="large"
          className={styles.tapWater}
          loading={moisture.isPending}
          onClick={() => void tap('water').catch(() => undefined)}
        >
          {t('stick.water')}
        </DoButton>
        <DoButton
          be="helper"
          size="large"
          loading={moisture.isPending}
          onClick={() => void tap('wait').catch(() => undefined)}
        >
          {t('stick.wait')}
        </DoButton>
      </div>
      {moisture.isError && (
        <p className={common.fieldError} role="alert">
          {t('problem.offline')}
        </p>
      )}
    </div>
  );
}
