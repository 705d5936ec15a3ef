import { Form, Input } from 'antd';
import { useId } from 'react';

interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  error?: string | undefined;
  hint?: string;
  type?: 'text' | 'date';
  longest?: number;
}

/** A text with its label, and what is wrong with it beneath. */
export function TextField({ label, value, onChange, error, hint, type = 'text', longest }: Props) {
  const id = useId();
  return (
    <Form.Item label={label} htmlFor={id} validateStatus={error === undefined ? '' : 'error'} help={error ?? hint}>
      <Input
        id={id}
        type={type}
        value={value}
        aria-invalid={error !== undefined}
        {...(longest === undefined ? {} : { maxLength: longest })}
        onChange={(event) => onChange(event.target.value)}
      />
    </Form.Item>
  );
}
