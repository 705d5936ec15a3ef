import type { ReactNode } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useLotUses } from '../../api/components';
import { useWords } from '../../i18n/words';
import { ListState } from '../../kit/lists/ListState';
import common from '../../styles/common.module.css';
import { Dialog } from '../../kit/overlays/Dialog';

/** Where a delivery went: batches, loads, what was left of those, and plants. */
export function LotUses({ lot, close }: { lot: Schemas['Lot']; close: () => void }) {
  const { t, date, q } = useWords();
  const found = useLotUses(lot.id);
  const uses = found.data;
  const list = (title: string, rows: ReactNode[]) =>
    rows.length === 0 ? null : (
      <section>
        <h3>{title}</h3>
        <ul className={common.plainList}>{rows}</ul>
      </section>
    );

  return (
    <Dialog open title={t('lots.whereIs', { name: lot.name })} footer={null} onCancel={close}>
      <ListState
        found={found}
        isEmpty={uses !== undefined && Object.values(uses).every((rows) => rows.length === 0)}
        empty={<p>{t('lots.nowhere')}</p>}
      >
        {uses !== undefined && (
          <>
            {list(
              t('lots.inPlants'),
              uses.plants.map((plant) => (
                <li key={plant.id}>
                  <Link to={`/plants/${plant.id}`}>
                    {plant.number} {plant.name}
                  </Link>
                  {plant.potted_on !== null && <span className={common.quiet}> {date(plant.potted_on)}</span>}
                </li>
              )),
            )}
            {list(
              t('lots.inLoads'),
              uses.loads.map((load) => (
                <li key={`${load.day_id} ${load.recipe} ${load.number}`}>
                  <Link to={`/days/${load.day_id}`}>{load.day}</Link>:{' '}
                  {t('lots.load', { recipe: load.recipe, number: load.number, litres: q(load.litres, 'L') })}
                </li>
              )),
            )}
            {list(
              t('lots.inBins'),
              uses.bins.map((bin) => (
                <li key={bin.id}>
                  <Link to={`/bins/${bin.id}`}>{bin.name}</Link>{' '}
                  <span className={common.quiet}>{t('blend.inStock', { litres: q(bin.stock_l, 'L') })}</span>
                </li>
              )),
            )}
            {list(
              t('lots.inBatches'),
              uses.batches.map((batch) => (
                <li key={batch.id}>
                  <Link to={`/log/${batch.id}`}>{batch.name}</Link>{' '}
                  <span className={common.quiet}>{q(batch.litres, 'L')}</span>
                </li>
              )),
            )}
          </>
        )}
      </ListState>
    </Dialog>
  );
}
