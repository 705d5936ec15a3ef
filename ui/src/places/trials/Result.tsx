import type { Schemas } from '../../api/client';
import { GroupDots } from '../../drawing/GroupDots';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './trials.module.css';

interface Props {
  trial: Schemas['Trial'];
  result: Schemas['TrialResult'];
}

/** What a trial came to, in words and as a picture. */
export function Result({ trial, result }: Props) {
  const { t, n, day } = useWords();
  const unit = trial.unit === '' ? '' : ` ${trial.unit}`;
  const name = (code: string) => result.arms.find((arm) => arm.code === code)?.label ?? code;
  const amount = (value: number) => `${n(value, 3)}${unit}`;
  const told = (pair: Schemas['TrialPair']) => {
    const isMore = pair.difference >= 0;
    const [more, less] = isMore ? [pair.one, pair.other] : [pair.other, pair.one];
    const [low, high] = isMore ? [pair.low, pair.high] : [pair.high, pair.low];
    const end = (value: number | null) => (value === null ? t('trial.open') : n(isMore ? value : -value, 3));

    return t(pair.told ? 'trial.told' : 'trial.notTold', {
      more: name(more),
      less: name(less),
      difference: amount(Math.abs(pair.difference)),
      range: t('trial.range', { low: end(low), high: end(high) }),
      chance:
        pair.arrangements === null
          ? t('trial.drawn', { p: n(pair.corrected_p, 2) })
          : t('trial.counted', { far: pair.as_far, of: pair.arrangements, p: n(pair.corrected_p, 2) }),
    });
  };
  const measured = t(`trial.measure.${trial.measure}`);
  const axis = `${measured}${result.first_day === null ? '' : `, ${t('trial.since', { date: day(result.first_day) })}`}${trial.unit === '' ? '' : `, ${trial.unit}`}`;

  return (
    <section>
      <h2>{t(trial.state === 'ended' ? 'trial.result' : 'trial.soFar')}</h2>
      {trial.state !== 'ended' && <p className={common.mind}>◆ {t('trial.soFarMind')}</p>}
      {result.pairs.map((pair) => (
        <p key={`${pair.one} ${pair.other}`} className={styles.told}>
          {pair.told ? '● ' : '○ '}
          {told(pair)}
        </p>
      ))}
      {result.pairs.length === 0 && <p className={common.quiet}>{t('trial.nothingToCompare')}</p>}
      {result.seen !== null && !result.pairs.some((pair) => pair.told) && (
        <p className={common.quiet}>{t('trial.seen', { difference: amount(result.seen) })}</p>
      )}
      {result.arms.some((arm) => arm.values.length > 0) && (
        <GroupDots
          title={t('trial.picture', { measure: measured })}
          groups={result.arms.map((arm) => ({ name: arm.label, values: arm.values, mean: arm.mean }))}
          label={axis}
          text={(value) => n(value, 3)}
        />
      )}
      <p>
        {result.arms
          .map((arm) =>
            t('trial.armSum', {
              name: arm.label,
              mean: arm.mean === null ? '–' : amount(arm.mean),
              deviation: arm.deviation === null ? '–' : n(arm.deviation, 2),
              count: arm.n,
              lost: arm.lost,
            }),
          )
          .join(' ')}
      </p>
      {trial.conclusion !== '' && (
        <p>
          <strong>{t('trial.conclusion')}:</strong> {trial.conclusion}
        </p>
      )}
      <p className={common.quiet}>{t('trial.how', { date: day(result.day) })}</p>
    </section>
  );
}
