import { Link } from 'react-router';

import type { Schemas } from '../../../api/client';
import type { MessageId } from '../../../i18n/words';
import { inUnit } from '../../../kit/mixes/inUnit';
import { useWords } from '../../../i18n/words';
import { fromTo, isWide, yearsRange } from '../../../kit/mixes/verdictWords';
import common from '../../../styles/common.module.css';
import styles from './verdicts.module.css';

type Uncertainties = Schemas['UncertainFigure'][];

const SHARES = new Set(['air', 'yield_share', 'drought', 'float_share']);

/** The figures that matter with their ±, what each owes most of it to, and the test that would settle it. */
export function Certainty({ figures, evaluation }: { figures: Uncertainties; evaluation: Schemas['Evaluation'] }) {
  const words = useWords();
  const { t, n, percent } = words;
  const values: Record<string, number | null> = {
    air: evaluation.pot.air,
    water_l: evaluation.pot.water_l,
    easy_l: evaluation.pot.easy_l,
    run_through_s: evaluation.pot.run_through_s,
    ph: evaluation.mix.ph,
    wet_kg: evaluation.pot.wet_kg,
    yield_share: evaluation.mix.yield_share,
    interval_h: evaluation.water?.interval_h ?? null,
    drought: evaluation.water?.drought ?? null,
    later_ph: evaluation.reaction?.later_ph ?? null,
    use_l_day: evaluation.water?.hot_use_l_day ?? null,
    given_l_year: evaluation.water?.given_l_year ?? null,
    float_share: evaluation.surface?.washed_off ?? null,
    level_drop_cm: evaluation.years?.drop_cm ?? null,
  };

  return (
    <section className={styles.certainty}>
      <h3>{t('sure.title')}</h3>
      <ul>
        {figures.map((each) => {
          const value = values[each.name];
          const isShare = SHARES.has(each.name);
          const isFactor = each.name === 'run_through_s' && value != null && isWide(value, each.uncertainty);
          if (value == null) {
            return null;
          }

          return (
            <li key={each.name}>
              <strong>
                {t(isFactor ? 'sure.lineWide' : 'sure.line', {
                  figure: t(`amount.${each.name}` as MessageId),
                  value: isShare ? percent(value) : inUnit(each.name, value, words),
                  u: isFactor
                    ? fromTo(value, each.uncertainty, words)
                    : isShare
                      ? percent(each.uncertainty, 1)
                      : inUnit(each.name, each.uncertainty, words, 2),
                })}
              </strong>{' '}
              {each.property !== null && (
                <span className={common.quiet}>
                  {t(each.component_name === null ? 'sure.mostModel' : 'sure.most', {
                    property: t(`property.${each.property}` as MessageId),
                    component: each.component_name ?? '',
                  })}
                  {each.test !== null && (
                    <>
                      {'. '}
                      <Link to={`/bench?start=${each.test}`}>
                        {t('sure.settle', { test: t(`bench.kind.${each.test}`).toLowerCase() })}
                      </Link>
                    </>
                  )}
                </span>
              )}
              {each.most.length > 1 && (
                <details className={common.quiet}>
                  <summary>{t('sure.more')}</summary>
                  <ul>
                    {each.most.map((part) => (
                      <li key={`${part.property} ${part.component_id ?? ''}`}>
                        {t(part.component_name === null ? 'sure.partModel' : 'sure.part', {
                          share: percent(part.share),
                          property: t(`property.${part.property}` as MessageId),
                          component: part.component_name ?? '',
                        })}
                        {part.test !== null && part.after !== null && (
                          <>
                            {' '}
                            <Link to={`/bench?start=${part.test}&component=${part.component_id ?? 0}`}>
                              {t('sure.narrow', {
                                test: t(`bench.kind.${part.test}`),
                                minutes: part.minutes ?? 0,
                                tools: part.tools.map((tool) => t(`tool.${tool}`)).join(', '),
                                u: isShare ? percent(part.after, 1) : n(part.after, 2),
                              })}
                            </Link>
                          </>
                        )}
                      </li>
                    ))}
                  </ul>
                </details>
              )}
            </li>
          );
        })}
        {evaluation.years !== null && evaluation.years.slow !== 0 && (
          <li>
            <strong>{`${t('amount.years')} ${yearsRange(evaluation.years, words)}`}</strong>{' '}
            <span className={common.quiet}>{t('sure.mostModel', { property: t('property.model_ageing') })}</span>
          </li>
        )}
      </ul>
    </section>
  );
}
