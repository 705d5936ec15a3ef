import { Button } from 'antd';
import { csvFormat } from 'd3-dsv';
import { useState } from 'react';

import { useWords } from '../../i18n/words';

type Row = Record<string, string | number | boolean | null>;

interface Props {
  name: string;
  /** What is saved, or how it is had once somebody wants it. */
  rows: Row[] | (() => Promise<Row[]>);
}

/** Saves rows as a CSV file. */
export function CsvButton({ name, rows }: Props) {
  const { t } = useWords();
  const [busy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      download(name, typeof rows === 'function' ? await rows() : rows);
    } finally {
      setBusy(false);
    }
  };

  return (
    <Button
      size="small"
      type="text"
      loading={busy}
      onClick={() => void save().catch(() => undefined)}
      aria-label={t('view.csvLabel')}
      title={t('view.csvLabel')}
    >
      {t('view.csv')}
    </Button>
  );
}

function download(name: string, rows: Row[]) {
  const url = URL.createObjectURL(new Blob(['\uFEFF', csvFormat(rows.map(harmless))], { type: 'text/csv' }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${name}.csv`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 1000);
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
