import { Button } from 'antd';
import type { ReactNode } from 'react';

import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

interface Props {
  row: { name: string; archived: boolean };
  edit: () => void;
  setArchived: (archived: boolean) => void;
  children?: ReactNode;
}

/** Edit, and into the archive or out of it. */
export function RowActions({ row, edit, setArchived, children }: Props) {
  const { t } = useWords();
  const archive = t(row.archived ? 'common.restore' : 'common.archive');

  return (
    <span className={common.rowActions}>
      {children}
      <Button size="small" onClick={edit} aria-label={`${t('common.edit')} ${row.name}`}>
        {t('common.edit')}
      </Button>
      <Button size="small" type="text" aria-label={`${archive} ${row.name}`} onClick={() => setArchived(!row.archived)}>
        {archive}
      </Button>
    </span>
  );
}
