import { Button, Input, type InputRef, Segmented } from 'antd';
import { type ReactNode, useMemo, useRef } from 'react';

import { useWords } from '../../i18n/words';
import { useShortcuts } from '../hooks/useShortcuts';
import common from '../../styles/common.module.css';

interface Props {
  title: string;
  search: string;
  setSearch: (text: string) => void;
  archived?: boolean;
  setArchived?: (archived: boolean) => void;
  add?: { label: string; act: () => void };
  children?: ReactNode;
}

/** Title, search, filters and the one thing to add: the same on every list. */
export function ListHead({ title, search, setSearch, archived, setArchived, add, children }: Props) {
  const { t } = useWords();
  const field = useRef<InputRef>(null);
  const shortcuts = useMemo(() => ({ '/': () => field.current?.focus(), n: () => add?.act() }), [add]);
  useShortcuts(shortcuts);

  return (
    <header className={common.listHead}>
      <h1>{title}</h1>
      <Input
        ref={field}
        allowClear
        value={search}
        aria-label={t('common.search')}
        placeholder={t('common.search')}
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
      {add !== undefined && (
        <Button type="primary" onClick={add.act}>
          {add.label}
        </Button>
      )}
    </header>
  );
}
