import type { UseQueryResult } from '@tanstack/react-query';
import { Button, Grid, Table, type TableColumnsType } from 'antd';
import type { ReactNode } from 'react';

import { useWords } from '../../i18n/words';
import { ListState } from './ListState';
import type { useListQuery } from './useListQuery';
import common from '../../styles/common.module.css';
import styles from './lists.module.css';

interface Props<Row> {
  found: UseQueryResult<{ data: Row[]; page: number; per_page: number; total: number }>;
  list: ReturnType<typeof useListQuery>;
  empty: ReactNode;
  /** Those with a sorter are called by the name that the API sorts by. */
  columns: TableColumnsType<Row>;
  /** What can be done with a row, at its end; left out on a phone that the list fits. */
  actions?: (row: Row) => ReactNode;
  /** Whether the columns that stay on a phone fit it, so that nothing has to be pushed sideways. */
  fitsPhone?: boolean;
  /** Rows that are ticked, by id, where rows can be ticked. */
  ticked?: { ids: number[]; set: (ids: number[]) => void; most: number; all?: boolean };
}

/** One mark where a list is sorted, none where it is not: the head itself is what is clicked. */
const sortIcon = ({ sortOrder }: { sortOrder: 'ascend' | 'descend' | null }) => (
  <span aria-hidden="true" className={styles.sortMark}>
    {sortOrder === 'ascend' ? '↑' : sortOrder === 'descend' ? '↓' : ''}
  </span>
);

/** A paged list as a table, with what stands in its place when there is none. */
export function ListTable<Row extends { id: number; name: string }>({
  found,
  list,
  empty,
  columns,
  actions,
  ticked,
  fitsPhone = false,
}: Props<Row>) {
  const { t } = useWords();
  const isPhone = Grid.useBreakpoint().sm !== true;
  const page = found.data;

  return (
    <ListState found={found} isEmpty={page?.total === 0} empty={empty}>
      <Table<Row>
        size="small"
        rowKey="id"
        dataSource={page?.data ?? []}
        pagination={
          page === undefined || page.total <= page.per_page
            ? false
            : {
                current: page.page,
                pageSize: page.per_page,
                total: page.total,
                showSizeChanger: true,
                pageSizeOptions: [25, 50, 100, 200],
              }
        }
        onChange={list.onTable}
        scroll={fitsPhone && isPhone ? {} : { x: 'max-content' }}
        columns={[
          ...columns.map((column) =>
            'sorter' in column ? { ...column, sortIcon, sortOrder: list.sortOrder(String(column.key)) } : column,
          ),
          ...(actions === undefined || (fitsPhone && isPhone)
            ? []
            : [
                {
                  key: 'actions',
                  title: <span className={common.visuallyHidden}>{t('common.actions')}</span>,
                  align: 'right' as const,
                  render: (_: unknown, row: Row) => actions(row),
                },
              ]),
        ]}
        {...(ticked === undefined
          ? {}
          : {
              rowSelection: {
                selectedRowKeys: ticked.ids,
                preserveSelectedRowKeys: true,
                hideSelectAll: true,
                onChange: (keys) => ticked.set(keys.map(Number)),
                getCheckboxProps: (row: Row) => ({
                  disabled: ticked.ids.length >= ticked.most && !ticked.ids.includes(row.id),
                  'aria-label': t('bins.tick', { name: row.name }),
                }),
              },
            })}
        footer={() => (
          <>
            {t('common.total', { total: page?.total ?? 0 })}
            {ticked?.all === true && (
              <Button
                size="small"
                className={styles.tickAll}
                onClick={() => ticked.set([...new Set([...ticked.ids, ...(page?.data ?? []).map((row) => row.id)])])}
              >
                {t('common.tickAll')}
              </Button>
            )}
          </>
        )}
      />
    </ListState>
  );
}
