import { Button, Spin } from 'antd';
import { Link, useParams } from 'react-router';

import { ApiProblem } from '../../api/client';
import { useBatch } from '../../api/batches';
import { useWords } from '../../i18n/words';
import { MixingSheet } from './MixingSheet';
import common from '../../styles/common.module.css';
import styles from './log.module.css';

/** A saved batch as the sheet that goes to the bench. */
export default function SheetPage() {
  const { t } = useWords();
  const { id } = useParams();
  const batch = useBatch(Number(id));

  return (
    <div className={styles.sheetPage}>
      <p className={common.sheetTools}>
        <Link to="/log">{t('sheet.back')}</Link>
        <Button type="primary" disabled={batch.data === undefined} onClick={() => window.print()}>
          {t('sheet.print')}
        </Button>
      </p>
      {batch.isPending && <Spin className={common.listWaiting} />}
      {batch.error !== null && (
        <p className={common.fieldError} role="alert">
          {batch.error instanceof ApiProblem ? batch.error.message : t('problem.offline')}
        </p>
      )}
      {batch.data !== undefined && <MixingSheet batch={batch.data} />}
    </div>
  );
}
