import { Form, Input } from 'antd';
import { useId } from 'react';
import common from '../../styles/common.module.css';

interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  unit?: string;
  error?: string | undefined;
  hint?: string;
  /** What is reckoned with while nothing is typed. */
  placeholder?: string;
}

/** A number as somebody types it, with its unit beside it and what is wrong with it beneath. */
export function NumberField({ label, value, onChange, unit, error, hint, placeholder }: Props) {
  const id = useId();

  return (
    <Form.Item label={label} htmlFor={id} validateStatus={error === undefined ? '' : 'error'} help={error ?? hint}>
      <Input
        id={id}
        value={value}
        {...(placeholder === undefined ? {} : { placeholder })}
        inputMode="decimal"
        autoComplete="off"
        suffix={unit === undefined ? undefined : <span className={common.unit}>{unit}</span>}
        aria-invalid={error !== undefined}
        onChange={(event) => onChange(event.target.value)}
      />
    </Form.Item>
  );
}
