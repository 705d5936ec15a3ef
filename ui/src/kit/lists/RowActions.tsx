import { Button } from 'antd';
import type { ReactNode } from 'react';

import { type Role, useMay } from '../../api/session';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

interface Props {
  row: { name: string; archived: boolean };
  edit: () => void;
  /** Left out where it is never put away. */
  setArchived?: (archived: boolean) => void;
  children?: ReactNode;
  /** The role that it needs: a grower's where left out. */
  be?: Role;
}

/** Edit, and into the archive or out of it. */
export function RowActions({ row, edit, setArchived, children, be = 'grower' }: Props) {
  const { t } = useWords();
  const mayChange = useMay()(be);
  const archive = t(row.archived ? 'common.restore' : 'common.archive');

  return (
    <span className={common.rowActions}>
      {children}
      {mayChange && (
        <>
          <Button size="small" onClick={edit} aria-label={`${t('common.edit')} ${row.name}`}>
            {t('common.edit')}
          </Button>
          {setArchived !== undefined && (
            <Button
              size="small"
              type="text"
              aria-label={`${archive} ${row.name}`}
              onClick={() => setArchived(!row.archived)}
            >
              {archive}
            </Button>
          )}
        </>
      )}
    </span>
  );
}
