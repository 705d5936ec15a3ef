import { Button, Segmented, Select } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import type { SheetName } from '../../api/files';
import { useWords } from '../../i18n/words';
import styles from './lists.module.css';

type Format = Schemas['TableFormat'];

const FORMATS: Format[] = ['csv', 'ods', 'xlsx'];
/** Tables that are only taken out. */
const MORE = ['movements', 'tests', 'recipes', 'batches', 'days', 'tasks', 'checks', 'sites'] as const;

/** Tables to save, as CSV or as a spreadsheet. */
export function FilesOut({ sheet }: { sheet: SheetName }) {
  const { t } = useWords();
  const [format, setFormat] = useState<Format>('csv');
  const [more, setMore] = useState<(typeof MORE)[number]>('movements');
  const at = (kind: string) => `/api/v1/exports/${kind}${format === 'csv' ? '' : `?as=${format}`}`;

  return (
    <>
      <div className={styles.exchangeOut}>
        <Segmented
          aria-label={t('exchange.format')}
          value={format}
          options={FORMATS.map((value) => ({ value, label: value.toUpperCase() }))}
          onChange={setFormat}
        />
      </div>
      <p className={styles.exchangeOut}>
        <Button href={at(sheet)} download>
          {t('exchange.export', { what: t(`exchange.${sheet}`) })}
        </Button>
        <Button href={`/api/v1/templates/${sheet}`} download>
          {t('exchange.template')}
        </Button>
      </p>
      <div className={styles.exchangeOut}>
        <Select
          aria-label={t('exchange.more')}
          className={styles.exchangeMore}
          value={more}
          options={MORE.map((value) => ({ value, label: t(`exchange.more.${value}`) }))}
          onChange={setMore}
        />
        <Button href={at(more)} download>
          {t('exchange.export', { what: t(`exchange.more.${more}`) })}
        </Button>
      </div>
    </>
  );
}
