import type { ReactNode } from 'react';

import { useWords } from '../../../i18n/words';
import { CsvButton } from '../../../kit/lists/CsvButton';
import styles from './picture.module.css';
import blendStyles from '../blend.module.css';
import common from '../../../styles/common.module.css';

interface Props {
  name: string;
  rows: Record<string, string | number | boolean | null>[] | undefined;
  fresh: boolean;
  children: ReactNode;
}

/** A view with its data beside it as a file, and word of whether it answers what stands in the fields. */
export function ViewFrame({ name, rows, fresh, children }: Props) {
  const { t } = useWords();

  return (
    <div
      className={fresh || rows === undefined ? styles.view : `${styles.view} ${common.notFresh}`}
      aria-busy={!fresh}
      data-view={name}
    >
      {rows === undefined ? <p className={blendStyles.blendWait}>{t('view.waiting')}</p> : children}
      {rows !== undefined && rows.length > 0 && (
        <p className={styles.viewTools}>
          <CsvButton name={`zolbek-${name}`} rows={rows} />
        </p>
      )}
    </div>
  );
}
