import { Button } from 'antd';
import type { ReactNode } from 'react';

import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { mendAction, mendWords } from '../state/mendActions';
import { type About, figure, names, plusMinus, sentence, yearsRange } from '../../../kit/mixes/verdictWords';
import { MARKS } from '../../../kit/mixes/marks';
import styles from './verdicts.module.css';

type Verdict = Schemas['Verdict'];

interface Props extends Pick<About, 'group' | 'pot' | 'water' | 'years'> {
  verdicts: Verdict[];
  plannedYears?: number;
  /** Whether what would mend them is left out. */
  bare?: boolean;
  /** Whether what would mend them is still being looked for. */
  searching?: boolean;
  /** What is asked beneath the verdict on drought. */
  beneathDrought?: ReactNode;
}

/** Plain sentences, worst first, each with its figure, its band and what would mend it. */
export function VerdictList({
  verdicts,
  plannedYears = 0,
  bare = false,
  searching = false,
  beneathDrought,
  ...about
}: Props) {
  const words = useWords();
  const { t } = words;
  const isFolded = ({ level, close }: Verdict) => !bare && level === 'good' && close !== true;
  const good = verdicts.filter(isFolded);
  const item = (verdict: Verdict) => (
    <li key={verdict.criterion} className={`${styles.verdict} ${styles[`verdict-${verdict.level}`]}`}>
      <p className={styles.verdictHead}>
        <span className={styles.verdictLevel}>
          <span aria-hidden="true">{MARKS[verdict.level]}</span> {t(`level.${verdict.level}`)}
          {verdict.close === true && (
            <span className={styles.verdictClose} title={t('level.closeHint')}>
              {' '}
              ◇ {t('level.close')}
            </span>
          )}
        </span>
        <span className={styles.verdictName}>{t(`verdict.${verdict.criterion}`)}</span>
        <strong>
          {verdict.value === null ? t('verdict.noOutlet') : figure(verdict.criterion, verdict.value, words)}
        </strong>
        <Spread verdict={verdict} years={about.years} />
      </p>
      {!bare && <p className={styles.verdictText}>{sentence(verdict, { ...about, plannedYears }, words)}</p>}
      {!bare && verdict.level !== 'good' && searching && <p className={styles.mendNone}>{t('mend.searching')}</p>}
      {!bare && verdict.level !== 'good' && !searching && <Mends verdict={verdict} />}
      {!bare &&
        verdict.criterion === 'drought' &&
        (verdict.level !== 'good' || verdict.close === true) &&
        beneathDrought}
    </li>
  );

  return (
    <>
      <ol className="verdicts">{verdicts.filter((verdict) => !isFolded(verdict)).map(item)}</ol>
      {good.length > 0 && (
        <details className={styles.verdictsGood}>
          <summary>
            <span aria-hidden="true">{MARKS.good}</span> {t('verdict.goodOnes', { criteria: names(good, t) })}
          </summary>
          <ol className="verdicts">{good.map(item)}</ol>
        </details>
      )}
    </>
  );
}

/** How far the figure may be off: one standard uncertainty, or from which year to which. */
function Spread({ verdict, years }: { verdict: Verdict; years: Schemas['YearsRange'] | null | undefined }) {
  const words = useWords();
  if (verdict.criterion === 'years') {
    return years == null || years.fast === null || years.slow === 0 || verdict.close === null ? null : (
      <small className={styles.plusMinus}> ({yearsRange(years, words)})</small>
    );
  }
  const said =
    verdict.uncertainty === null || verdict.value === null
      ? null
      : plusMinus(verdict.criterion, verdict.value, verdict.uncertainty, words);

  return said === null ? null : <small className={styles.plusMinus}> {said}</small>;
}

function Mends({ verdict }: { verdict: Verdict }) {
  const words = useWords();
  const { t } = words;
  const { history, dispatch } = useBlend();
  if (verdict.mends.length === 0) {
    return <p className={styles.mendNone}>{t('mend.none')}</p>;
  }

  return (
    <div className={styles.mends}>
      <p>{t(verdict.mends[0]?.suffices === true ? 'mend.lead' : 'mend.leadNearest')}</p>
      <ul>
        {verdict.mends.map((mend) => {
          const change = mendWords(mend, history.now, words);
          const act = mendAction(mend, history.now);

          return (
            <li key={`${mend.kind} ${mend.component_id} ${mend.by} ${mend.to}`}>
              <span>
                {change}{' '}
                {mend.value !== null && (
                  <span className={styles.mendGives}>
                    {t('mend.gives', { value: figure(verdict.criterion, mend.value, words) })}
                  </span>
                )}
                {mend.worsens.length > 0 && (
                  <span className={styles.mendCost}>
                    {' '}
                    {t('mend.worsens', {
                      criteria: names(
                        mend.worsens.map((criterion) => ({ criterion })),
                        t,
                      ),
                    })}
                  </span>
                )}
              </span>
              {act !== null && (
                <Button size="small" onClick={() => dispatch(act)} aria-label={t('mend.tryLabel', { change })}>
                  {t('mend.try')}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
