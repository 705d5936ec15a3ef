import { Form, Input } from 'antd';
import { useId } from 'react';
import type { Measure } from '../../i18n/measures';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { useMeasured } from './useMeasured';

interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  /** The unit in which the value is kept; a length, weight or volume is shown and typed in the reader's own. */
  unit?: string;
  /** Which measure it is where the unit alone does not tell. */
  measure?: Measure;
  error?: string | undefined;
  hint?: string;
  /** What is reckoned with while nothing is typed. */
  placeholder?: string;
}

/** A number as somebody types it, with its unit beside it and what is wrong with it beneath. */
export function NumberField({ label, value, onChange, unit, measure, error, hint, placeholder }: Props) {
  const id = useId();
  const shown = useMeasured(value, unit, onChange, measure);
  const { t } = useWords();
  // limits are told in the unit in which the figure is kept
  const wrong =
    error !== undefined && shown.unit !== shown.keptUnit
      ? t('common.countedIn', { error, unit: shown.keptUnit ?? '' })
      : error;

  return (
    <Form.Item label={label} htmlFor={id} validateStatus={error === undefined ? '' : 'error'} help={wrong ?? hint}>
      <Input
        id={id}
        value={shown.text}
        {...(placeholder === undefined ? {} : { placeholder })}
        inputMode="decimal"
        autoComplete="off"
        suffix={shown.unit === undefined ? undefined : <span className={common.unit}>{shown.unit}</span>}
        aria-invalid={error !== undefined}
        onChange={(event) => shown.write(event.target.value)}
      />
    </Form.Item>
  );
}
