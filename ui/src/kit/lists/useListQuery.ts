import type { TablePaginationConfig } from 'antd';
import type { SorterResult } from 'antd/es/table/interface';
import { useState } from 'react';

import { type ListQuery } from '../../api/lists';

/** Search, archive, page and order of a list, as its address to the API. */
export function useListQuery(defaultSort: string) {
  const [search, setSearch] = useState('');
  const [archived, setArchived] = useState(false);
  const [page, setPage] = useState(1);
  const [perPage, setPerPage] = useState(50);
  const [sort, setSort] = useState(defaultSort);
  const query: ListQuery = {
    page,
    per_page: perPage,
    sort,
    archived: archived ? 1 : 0,
    ...(search.trim() === '' ? {} : { search: search.trim() }),
  };
  const fromStart =
    <T>(set: (value: T) => void) =>
    (value: T) => {
      setPage(1);
      set(value);
    };
  const onTable = <T>(
    pagination: TablePaginationConfig,
    _filters: unknown,
    sorter: SorterResult<T> | SorterResult<T>[],
  ) => {
    const order = Array.isArray(sorter) ? sorter[0] : sorter;
    setPage(pagination.current ?? 1);
    setPerPage(pagination.pageSize ?? 50);
    setSort(order?.order ? `${order.order === 'descend' ? '-' : ''}${String(order.columnKey)}` : defaultSort);
  };
  const sortOrder = (column: string) =>
    sort === column ? ('ascend' as const) : sort === `-${column}` ? ('descend' as const) : null;

  return {
    query,
    search,
    setSearch: fromStart(setSearch),
    archived,
    setArchived: fromStart(setArchived),
    onTable,
    sortOrder,
  };
}
