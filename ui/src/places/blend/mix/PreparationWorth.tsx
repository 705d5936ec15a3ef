import type { Schemas } from '../../../api/client';
import { useMeta } from '../../../api/meta';
import { useWords } from '../../../i18n/words';
import common from '../../../styles/common.module.css';
import styles from './mix.module.css';

/** With the preparation and without it, side by side: air, water, run-through, price, and what was thrown away. */
export function PreparationWorth({ evaluation }: { evaluation: Schemas['Evaluation'] }) {
  const { t, n, percent, money, q } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const { preparation, pot, mix } = evaluation;
  if (preparation === null) {
    return null;
  }
  const { without } = preparation;
  const seconds = (value: number | null) => (value === null ? t('verdict.noOutlet') : `${n(value, 2)} s`);
  const price = (value: number | null) => (value === null ? '–' : money(value, currency));
  const rows: [string, string, string][] = [
    [t('figure.air'), percent(pot.air, 1), percent(without.air, 1)],
    [t('more.water_l'), q(pot.water_l, 'L'), q(without.water_l, 'L')],
    [t('more.easy_l'), q(pot.easy_l, 'L'), q(without.easy_l, 'L')],
    [t('verdict.run_through'), seconds(pot.run_through_s), seconds(without.run_through_s)],
    [t('more.fines_below_1_mm'), percent(mix.fines_below_1_mm, 1), percent(without.fines_below_1_mm, 1)],
    [t('prep.price'), price(mix.price_per_l), price(without.price_per_l)],
  ];
  return (
    <section className={styles.prepWorth}>
      <h2>{t('prep.worth')}</h2>
      <table className={common.plainTable}>
        <thead>
          <tr>
            <td />
            <th scope="col">{t('prep.with')}</th>
            <th scope="col">{t('prep.without')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([name, prepared, plain]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>
                <strong>{prepared}</strong>
              </td>
              <td>{plain}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <ul>
        {preparation.losses.map((loss) => (
          <li key={loss.component_id}>
            {t('prep.lost', {
              name: loss.name,
              kept: percent(loss.kept_share),
              lost: percent(1 - loss.kept_share),
              cost: loss.loss_price_per_l === null ? 'none' : money(loss.loss_price_per_l, currency),
            })}
          </li>
        ))}
      </ul>
    </section>
  );
}
