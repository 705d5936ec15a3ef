import { Select } from 'antd';
import { type ReactNode, useState } from 'react';

import type { ListQuery } from '../../api/lists';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

interface Named {
  id: number;
  name: string;
}

interface Props<Row extends Named> {
  label: string;
  /** The list of the API that is searched: a hook such as usePots. */
  useList: (query: ListQuery) => { data: { data: Row[] } | undefined; isFetching: boolean };
  value: number | null;
  onPick: (row: Row) => void;
  /** What stands for none, and what choosing it does; without it one must be chosen. */
  none?: { label: string; pick: () => void };
  /** A question that stands before them, answered elsewhere. */
  ask?: { label: string; pick: () => void };
  placeholder?: string;
  /** Which of them may be chosen. */
  fits?: (row: Row) => boolean;
  /** How one of them looks in the list, instead of its name alone. */
  look?: (row: Row) => ReactNode;
  disabled?: boolean;
}

/** As many as the server gives at once; the rest is found by its name. */
const AT_ONCE = 200;

/** Stands for the question among what can be chosen. */
const ASK = -1;

/** Chooses a record by its name, found by the server: the last of fifty thousand as well as the first. */
export function RecordPicker<Row extends Named>(props: Props<Row>) {
  const { label, useList, value, onPick, none, ask, placeholder, fits, look, disabled = false } = props;
  const { t } = useWords();
  const [search, setSearch] = useState('');
  const found = useList({
    per_page: AT_ONCE,
    ...(search === '' ? {} : { search }),
    ...(value === null ? {} : { with: value }),
  });
  const rows = (found.data?.data ?? []).filter((row) => row.id === value || fits === undefined || fits(row));
  const before = [
    ...(ask === undefined ? [] : [{ value: ASK, label: ask.label, row: null, pick: ask.pick }]),
    ...(none === undefined ? [] : [{ value: 0, label: none.label, row: null, pick: none.pick }]),
  ];

  return (
    <Select
      aria-label={label}
      placeholder={placeholder ?? label}
      // shown only once its name is known: nobody reads a number
      value={value === null ? (none === undefined ? null : 0) : rows.some((row) => row.id === value) ? value : null}
      disabled={disabled}
      showSearch={{ searchValue: search, filterOption: false, onSearch: setSearch }}
      popupMatchSelectWidth={false}
      notFoundContent={found.isFetching ? t('common.loading') : t('pickers.nothing')}
      options={[
        ...(search === '' ? before : []),
        ...rows.map((row) => ({ value: row.id, label: row.name, row, pick: () => onPick(row) })),
      ]}
      {...(look === undefined
        ? {}
        : {
            optionRender: ({ data, label: name }) => (
              <span className={common.pickerOption}>{data.row === null ? name : look(data.row)}</span>
            ),
          })}
      onSelect={(_, { pick }) => {
        setSearch('');
        pick();
      }}
    />
  );
}
