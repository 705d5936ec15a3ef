import { NavLink } from 'react-router';

import { useWords } from '../../i18n/words';
import styles from './plants.module.css';

const PARTS = ['plants', 'pots', 'fertilisers'] as const;

/** The parts of the collection, side by side. */
export function CollectionNav() {
  const { t } = useWords();

  return (
    <nav className={styles.partNav} aria-label={t('nav.collection')}>
      {PARTS.map((part) => (
        <NavLink key={part} to={`/${part}`} end>
          {t(`nav.${part}`)}
        </NavLink>
      ))}
    </nav>
  );
}
