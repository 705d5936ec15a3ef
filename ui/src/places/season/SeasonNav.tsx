import { NavLink } from 'react-router';

import { useWords } from '../../i18n/words';
import styles from './season.module.css';

const PARTS = [
  ['round', '/season'],
  ['year', '/season/year'],
  ['away', '/season/away'],
  ['weather', '/season/weather'],
  ['zones', '/season/zones'],
] as const;

/** The parts of a season, side by side. */
export function SeasonNav() {
  const { t } = useWords();

  return (
    <nav className={styles.nav} aria-label={t('nav.season')}>
      {PARTS.map(([part, to]) => (
        <NavLink key={part} to={to} end>
          {t(`season.nav.${part}`)}
        </NavLink>
      ))}
    </nav>
  );
}
