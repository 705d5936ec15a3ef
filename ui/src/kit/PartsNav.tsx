import { NavLink } from 'react-router';

import styles from './kit.module.css';

interface Props {
  label: string;
  /** Addresses with their words, the place itself first. */
  parts: readonly { to: string; name: string }[];
}

/** The parts of a place, side by side. */
export function PartsNav({ label, parts }: Props) {
  const home = parts[0]?.to;

  return (
    <nav className={styles.parts} aria-label={label}>
      {parts.map(({ to, name }) => (
        <NavLink key={to} to={to} end={to === home}>
          {name}
        </NavLink>
      ))}
    </nav>
  );
}
