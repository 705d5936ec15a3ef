import { useState } from 'react';
import { useSearchParams } from 'react-router';

import type { Schemas } from '../../api/client';
import { useArchiveZone, useZone, useZones } from '../../api/season';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { RowActions } from '../../kit/lists/RowActions';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { SeasonNav } from './SeasonNav';
import { ZoneDrawer } from './ZoneDrawer';
import { ZoneView } from './ZoneView';
import styles from './season.module.css';

type Zone = Schemas['ZoneSummary'];

/** Irrigation zones, and the one that is looked at. */
export default function ZonesPage() {
  const { t, n, q, percent } = useWords();
  const [params, setParams] = useSearchParams();
  const list = useListQuery('name');
  const found = useZones(list.query);
  const setArchived = useArchiving(useArchiveZone());
  const [editing, setEditing] = useState<Zone | 'new' | null>(null);
  const first = found.data?.data[0]?.id;
  const shown = Number(params.get('zone') ?? '0') || first || null;
  const zone = useZone(shown);
  const look = (id: number) =>
    setParams(
      (now) => {
        now.set('zone', String(id));

        return now;
      },
      { replace: true },
    );

  return (
    <div className={styles.page}>
      <SeasonNav />
      <ListHead title={t('zones.title')} {...list} add={{ label: t('zones.add'), act: () => setEditing('new') }} />
      <ListTable<Zone>
        found={found}
        list={list}
        empty={t(list.search === '' ? 'zones.empty' : 'zones.emptySearch')}
        columns={[
          {
            key: 'name',
            title: t('zones.name'),
            sorter: true,
            render: (_, row) => (
              <button
                type="button"
                className={styles.zoneName}
                aria-pressed={row.id === shown}
                onClick={() => look(row.id)}
              >
                {row.name}
              </button>
            ),
          },
          { key: 'pots', title: t('zones.pots'), align: 'right', render: (_, row) => n(row.pots) },
          { key: 'rate', title: t('zones.rate'), align: 'right', render: (_, row) => `${q(row.rate_l_h, 'L')}/h` },
          { key: 'even', title: t('zones.uniformity'), align: 'right', render: (_, row) => percent(row.uniformity) },
        ]}
        actions={(row) => <RowActions row={row} edit={setEditing} setArchived={setArchived} />}
      />
      {shown !== null && zone.data !== undefined && <ZoneView key={zone.data.id} zone={zone.data} />}
      {editing !== null && (
        <ZoneDrawer id={editing === 'new' ? null : editing.id} close={() => setEditing(null)} saved={look} />
      )}
    </div>
  );
}
