import { Link } from 'react-router';

import { usePlantDeliveries } from '../../api/plants';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

/** What the plant stands in since it was last potted, by delivery; one that is held is marked. */
export function PlantDeliveries({ id }: { id: number }) {
  const { t } = useWords();
  const rows = usePlantDeliveries(id).data?.data ?? [];

  return rows.length === 0 ? null : (
    <section>
      <h2>{t('plant.deliveries')}</h2>
      <ul className={common.plainList}>
        {rows.map((row) => (
          <li key={`${row.component_id} ${row.lot_id ?? ''}`}>
            <Link to={`/bins/${row.component_id}`}>{row.component}</Link>
            {row.lot !== null && `, ${row.lot}`}
            {row.held && <strong className={common.stop}> ◆ {t('plant.deliveryHeld')}</strong>}
          </li>
        ))}
      </ul>
    </section>
  );
}
