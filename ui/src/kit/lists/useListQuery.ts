import type { TablePaginationConfig } from 'antd';
import type { SorterResult } from 'antd/es/table/interface';

import { type ListQuery } from '../../api/lists';
import { useAddressed } from '../hooks/useAddressed';

const ROWS = 50;

/** Search, archive, page and order of a list, as its address to the API; the address of the page keeps them. Two lists of one page have prefixes. */
export function useListQuery(defaultSort: string, prefix = '') {
  const [search, setSearch] = useAddressed(`${prefix}search`, '');
  const [archive, setArchive] = useAddressed(`${prefix}archive`, '');
  const [page, setPage] = useCounted(`${prefix}page`, 1);
  const [perPage, setPerPage] = useCounted(`${prefix}rows`, ROWS);
  const [sort, setSort] = useAddressed(`${prefix}sort`, defaultSort);
  const archived = archive !== '';
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
    setPerPage(pagination.pageSize ?? ROWS);
    setSort(order?.order ? `${order.order === 'descend' ? '-' : ''}${String(order.columnKey)}` : defaultSort);
  };
  const sortOrder = (column: string) =>
    sort === column ? ('ascend' as const) : sort === `-${column}` ? ('descend' as const) : null;

  return {
    query,
    search,
    setSearch: fromStart(setSearch),
    archived,
    setArchived: fromStart((is: boolean) => setArchive(is ? 'yes' : '')),
    onTable,
    sortOrder,
  };
}

/** A whole number above 0 that the address keeps. */
function useCounted(name: string, usual: number): [number, (value: number) => void] {
  const [text, setText] = useAddressed(name, String(usual));
  const value = Number(text);

  return [Number.isInteger(value) && value > 0 ? value : usual, (next) => setText(String(next))];
}
