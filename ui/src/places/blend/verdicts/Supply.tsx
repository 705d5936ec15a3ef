import type { Schemas } from '../../../api/client';
import { useMeta } from '../../../api/meta';
import { useWords } from '../../../i18n/words';
import common from '../../../styles/common.module.css';
import styles from './verdicts.module.css';

/** What the mix in one pot costs and how many pots the stock fills: beside the verdict, not in it. */
export function Supply({ supply }: { supply: Schemas['Supply'] | null }) {
  const { t, money } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  if (supply === null || (supply.cost_per_pot === null && supply.pots_from_stock === null)) {
    return null;
  }
  const { cost_per_pot: cost, budget, pots_from_stock: pots, pots_wanted: wanted } = supply;
  const isOver = cost !== null && budget !== null && cost > budget;
  const isShort = pots !== null && pots < wanted;

  return (
    <section className={styles.supply} aria-label={t('supply.title')}>
      {cost !== null && (
        <p className={isOver ? common.mind : ''}>
          {isOver && <span aria-hidden="true">▲ </span>}
          {isOver
            ? t('supply.costOver', { cost: money(cost, currency), budget: money(budget, currency) })
            : t('supply.cost', { cost: money(cost, currency) })}
        </p>
      )}
      {pots !== null && (
        <p className={isShort ? common.mind : ''}>
          {isShort && <span aria-hidden="true">▲ </span>}
          {isShort ? t('supply.stock', { pots, wanted }) : t('supply.stockAll', { pots })}
        </p>
      )}
    </section>
  );
}
