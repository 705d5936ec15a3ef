import type { ReactNode } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useBatches } from '../../api/batches';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { useListQuery } from '../../kit/lists/useListQuery';
import common from '../../styles/common.module.css';

type Batch = Schemas['BatchSummary'];

/** The batches that were worked out. */
export function BatchList({ views }: { views: ReactNode }) {
  const { t, n, date, cell, unit } = useWords();
  const list = useListQuery('-made_at', 'batches-');
  const found = useBatches({ ...list.query, archived: undefined });

  return (
    <>
      <ListHead title={t('log.title')} search={list.search} setSearch={list.setSearch}>
        {views}
      </ListHead>
      <ListTable<Batch>
        found={found}
        list={list}
        empty={
          list.search === '' ? (
            <>
              <p>{t('log.empty')}</p>
              <Link to="/blend">{t('log.toBlend')}</Link>
            </>
          ) : (
            t('log.emptySearch')
          )
        }
        columns={[
          {
            key: 'made_at',
            title: t('log.made'),
            sorter: true,
            render: (_, { made_at }) => date(made_at),
          },
          {
            key: 'name',
            title: t('log.name'),
            sorter: true,
            render: (_, batch) => <Link to={`/log/${batch.id}`}>{batch.name}</Link>,
          },
          {
            key: 'pots',
            title: t('log.pots'),
            align: 'right',
            sorter: true,
            render: (_, { pots }) => n(pots, 6),
          },
          { key: 'pot_name', title: t('log.pot'), render: (_, { pot_name }) => pot_name },
          {
            key: 'loose_l',
            title: `${t('log.loose')}, ${unit('L')}`,
            align: 'right',
            sorter: true,
            render: (_, { loose_l }) => cell(loose_l, 'L'),
          },
          {
            key: 'mixed_at',
            title: t('log.mixed'),
            render: (_, { mixed_at }) =>
              mixed_at === null ? <span className={common.quiet}>{t('log.notMixed')}</span> : date(mixed_at),
          },
          { key: 'note', title: t('bins.note'), render: (_, { note }) => <span className={common.quiet}>{note}</span> },
        ]}
      />
    </>
  );
}
