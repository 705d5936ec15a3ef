import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/en';
import { useWords } from '../../i18n/words';

type Uncertainties = Schemas['UncertaintyView']['figures'];

/** The figures that matter with their ±, what each owes most of it to, and the test that would settle it. */
export function Certainty({ figures, evaluation }: { figures: Uncertainties; evaluation: Schemas['Evaluation'] }) {
  const { t, n, percent } = useWords();
  const values: Record<string, number | null> = {
    air: evaluation.pot.air,
    water_l: evaluation.pot.water_l,
    easy_l: evaluation.pot.easy_l,
    run_through_s: evaluation.pot.run_through_s,
    ph: evaluation.mix.ph,
    wet_kg: evaluation.pot.wet_kg,
    yield_share: evaluation.mix.yield_share,
    interval_h: evaluation.water?.interval_h ?? null,
  };

  return (
    <section className="certainty">
      <h3>{t('sure.title')}</h3>
      <ul>
        {figures.map((each) => {
          const value = values[each.name];
          const isShare = each.name === 'air' || each.name === 'yield_share';
          if (value == null) {
            return null;
          }

          return (
            <li key={each.name}>
              <strong>
                {t('sure.line', {
                  figure: t(`amount.${each.name}` as MessageId),
                  value: isShare ? percent(value) : n(value, 3),
                  u: isShare ? percent(each.uncertainty, 1) : n(each.uncertainty, 2),
                })}
              </strong>{' '}
              {each.component_name !== null && each.property !== null && (
                <span className="quiet">
                  {t('sure.most', {
                    property: t(`property.${each.property}` as MessageId),
                    component: each.component_name,
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
            </li>
          );
        })}
      </ul>
    </section>
  );
}
