import { NavLink } from 'react-router';

import { useWords } from '../../i18n/words';
import styles from './log.module.css';

const PARTS = [
  ['done', '/log'],
  ['mixes', '/log/mixes'],
  ['trials', '/log/trials'],
  ['right', '/log/right'],
  ['trainer', '/log/trainer'],
] as const;

/** The parts of the log, side by side. */
export function LogNav() {
  const { t } = useWords();

  return (
    <nav className={styles.nav} aria-label={t('nav.log')}>
      {PARTS.map(([part, to]) => (
        <NavLink key={part} to={to} end={part === 'done'}>
          {t(`log.nav.${part}`)}
        </NavLink>
      ))}
    </nav>
  );
}
