import { Button, Input, type InputRef, Segmented } from 'antd';
import { type ReactNode, useMemo, useRef } from 'react';

import { type Role, useMay } from '../../api/session';
import { useWords } from '../../i18n/words';
import { useShortcuts } from '../hooks/useShortcuts';
import common from '../../styles/common.module.css';

interface Props {
  title: string;
  search: string;
  setSearch: (text: string) => void;
  /** What is searched for, where that is not whatever is in the list. */
  searchLabel?: string;
  archived?: boolean;
  setArchived?: (archived: boolean) => void;
  add?: { label: string; act: () => void; be?: Role };
  children?: ReactNode;
}

/** Title, search, filters and the one thing to add: the same on every list. */
export function ListHead({ title, search, setSearch, searchLabel, archived, setArchived, add, children }: Props) {
  const { t } = useWords();
  const field = useRef<InputRef>(null);
  const may = useMay();
  const mayAdd = add !== undefined && may(add.be ?? 'grower');
  const shortcuts = useMemo(
    () => ({ '/': () => field.current?.focus(), ...(mayAdd ? { n: () => add.act() } : {}) }),
    [add, mayAdd],
  );
  useShortcuts(shortcuts);

  return (
    <header className={common.listHead}>
      <h1>{title}</h1>
      <Input
        ref={field}
        allowClear
        value={search}
        aria-label={searchLabel ?? t('common.search')}
        placeholder={searchLabel ?? t('common.search')}
        onChange={(event) => setSearch(event.target.value)}
      />
      {children}
      {setArchived !== undefined && (
        <Segmented
          value={archived === true ? 'archive' : 'use'}
          options={[
            { value: 'use', label: t('common.inUse') },
            { value: 'archive', label: t('common.inArchive') },
          ]}
          onChange={(value) => setArchived(value === 'archive')}
        />
      )}
      {mayAdd && (
        <Button type="primary" onClick={add.act}>
          {add.label}
        </Button>
      )}
    </header>
  );
}
