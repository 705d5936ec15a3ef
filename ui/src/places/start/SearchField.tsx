import { Input } from 'antd';

import styles from './start.module.css';

/** A large field that finds by name. */
export function SearchField({
  label,
  value,
  change,
}: {
  label: string;
  value: string;
  change: (text: string) => void;
}) {
  return (
    <Input
      size="large"
      type="search"
      allowClear
      aria-label={label}
      placeholder={label}
      value={value}
      className={styles.search}
      onChange={(event) => change(event.target.value)}
    />
  );
}
