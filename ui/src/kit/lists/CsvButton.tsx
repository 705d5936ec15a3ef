import { Button } from 'antd';
import { csvFormat } from 'd3-dsv';

import { useWords } from '../../i18n/words';

type Row = Record<string, string | number | boolean | null>;

/** Saves rows as a CSV file. */
export function CsvButton({ name, rows }: { name: string; rows: Row[] }) {
  const { t } = useWords();
  const save = () => {
    const url = URL.createObjectURL(new Blob(['\uFEFF', csvFormat(rows.map(harmless))], { type: 'text/csv' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${name}.csv`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(url), 1000);
  };

  return (
    <Button size="small" type="text" onClick={save} aria-label={t('view.csvLabel')} title={t('view.csvLabel')}>
      {t('view.csv')}
    </Button>
  );
}

/** A text that a spreadsheet would take for a formula gets an apostrophe before it. */
export function harmless(row: Row): Row {
  return Object.fromEntries(
    Object.entries(row).map(([key, value]) => [
      key,
      typeof value === 'string' && /^[=+@\t\r-]/.test(value) ? `'${value}` : value,
    ]),
  );
}
