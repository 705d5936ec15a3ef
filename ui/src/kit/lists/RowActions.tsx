import { Button } from 'antd';
import type { ReactNode } from 'react';

import { type Role, useMay } from '../../api/session';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

interface Props<Row> {
  row: Row;
  edit: (row: Row) => unknown;
  /** Left out where it is never put away. */
  setArchived?: (row: Row, archived: boolean) => unknown;
  children?: ReactNode;
  /** The role that it needs: a grower's where left out. */
  be?: Role;
}

/** Edit, and into the archive or out of it. */
export function RowActions<Row extends { name: string; archived: boolean }>({
  row,
  edit,
  setArchived,
  children,
  be = 'grower',
}: Props<Row>) {
  const { t } = useWords();
  const mayChange = useMay()(be);
  const archive = t(row.archived ? 'common.restore' : 'common.archive');

  return (
    <span className={common.rowActions}>
      {children}
      {mayChange && (
        <>
          <Button size="small" onClick={() => edit(row)} aria-label={`${t('common.edit')} ${row.name}`}>
            {t('common.edit')}
          </Button>
          {setArchived !== undefined && (
            <Button
              size="small"
              type="text"
              aria-label={`${archive} ${row.name}`}
              onClick={() => setArchived(row, !row.archived)}
            >
              {archive}
            </Button>
          )}
        </>
      )}
    </span>
  );
}
