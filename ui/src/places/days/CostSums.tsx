import { Scrolls } from '../../kit/Scrolls';
import type { Schemas } from '../../api/client';
import { useMeta } from '../../api/meta';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

/** What the material of a day cost so far, in all and of each plant. */
export function CostSums({ day }: { day: Schemas['PottingDay'] }) {
  const { t, money } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const { used, entries } = day.costs;
  const told = (cost: number | null) => (cost === null ? '?' : money(cost, currency));
  const name = (id: number) => day.entries.find((entry) => entry.id === id)?.plant;
  if (entries.length === 0 && (used === null || used === 0)) {
    return null;
  }

  return (
    <section className={styles.costs}>
      <h2>{t('costs.title')}</h2>
      <p>{used === null ? t('costs.unknown') : t('costs.used', { cost: money(used, currency) })}</p>
      {entries.length > 0 && (
        <Scrolls name={t('costs.title')}>
          <table className={common.plainTable}>
            <thead>
              <tr>
                <th scope="col">{t('day.plant')}</th>
                <th scope="col">{t('day.mix')}</th>
                <th scope="col">{t('costs.beside')}</th>
                <th scope="col">{t('costs.feed')}</th>
                <th scope="col">{t('day.pot')}</th>
                <th scope="col">{t('costs.together')}</th>
              </tr>
            </thead>
            <tbody>
              {entries.map((row) => (
                <tr key={row.entry_id}>
                  <th scope="row">
                    {name(row.entry_id)?.number} {name(row.entry_id)?.name}
                  </th>
                  <td>{told(row.mix)}</td>
                  <td>{told(row.beside)}</td>
                  <td>{row.feed === null ? '–' : money(row.feed, currency)}</td>
                  <td>{row.pot === null ? '–' : money(row.pot, currency)}</td>
                  <td>{told(row.total)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scrolls>
      )}
    </section>
  );
}
