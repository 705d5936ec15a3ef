import { Input } from 'antd';

import type { Measure } from '../../i18n/measures';
import { useMeasured } from '../../kit/fields/useMeasured';

interface Props {
  label: string;
  value: string;
  /** What it is a measure of, where it is kept in one unit and may be read in another. */
  measure: Measure | undefined;
  wrong: string | undefined;
  change: (text: string) => void;
}

/** One figure of one month, in the reader's unit. */
export function MonthField({ label, value, measure, wrong, change }: Props) {
  const shown = useMeasured(value, undefined, change, measure);

  return (
    <Input
      size="small"
      value={shown.text}
      inputMode="decimal"
      status={wrong === undefined ? '' : 'error'}
      title={wrong ?? ''}
      aria-invalid={wrong !== undefined}
      aria-label={label}
      onChange={(event) => shown.write(event.target.value)}
    />
  );
}
