import type { Schemas } from '../../api/client';
import { useMeta } from '../../api/meta';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './days.module.css';

/** Pots that the day needs and the plants do not stand in yet: wanted, free, short. */
export function PotSums({ pots, onlyShort = false }: { pots: Schemas['DayPot'][]; onlyShort?: boolean }) {
  const { t, n, money } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const rows = pots.filter((row) => !onlyShort || row.short > 0);

  return rows.length === 0 ? null : (
    <section className={styles.costs}>
      <h2>{t('dayPots.title')}</h2>
      <table className={common.plainTable}>
        <thead>
          <tr>
            <th scope="col">{t('day.pot')}</th>
            <th scope="col">{t('dayPots.wanted')}</th>
            <th scope="col">{t('dayPots.free')}</th>
            <th scope="col">{t('shelf.short')}</th>
            <th scope="col">{t('shelf.cost')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.pot_id}>
              <th scope="row">{row.name}</th>
              <td>{n(row.wanted)}</td>
              <td>{n(row.free)}</td>
              <td>
                {row.short > 0 ? (
                  <strong className={common.stop}>◆ {n(row.short)}</strong>
                ) : (
                  <span className={styles.good}>✓</span>
                )}
              </td>
              <td>{row.short === 0 ? '–' : row.cost === null ? '?' : money(row.cost, currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
