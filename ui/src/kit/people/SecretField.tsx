import { Form, Input } from 'antd';
import { useId } from 'react';

interface Props {
  label: string;
  value: string;
  onChange: (text: string) => void;
  error?: string | undefined;
  hint?: string;
  /** What the browser's keeper of passwords goes by. */
  is: 'current-password' | 'new-password' | 'one-time-code';
  digits?: boolean;
}

/** A password, a PIN or a code: hidden as it is typed, shown on demand. */
export function SecretField({ label, value, onChange, error, hint, is, digits = false }: Props) {
  const id = useId();

  return (
    <Form.Item label={label} htmlFor={id} validateStatus={error === undefined ? '' : 'error'} help={error ?? hint}>
      <Input.Password
        id={id}
        value={value}
        autoComplete={is}
        aria-invalid={error !== undefined}
        {...(digits ? { inputMode: 'numeric' as const } : {})}
        onChange={(event) => onChange(event.target.value)}
      />
    </Form.Item>
  );
}
