import { Link, useLocation } from 'react-router';

import { useWords } from '../i18n/words';
import common from '../styles/common.module.css';

export function Nowhere() {
  const { t } = useWords();
  const { pathname } = useLocation();

  return (
    <div className={common.listEmpty}>
      <p>{t('problem.nowhere', { path: pathname })}</p>
      <Link to="/blend">{t('keys.blend')}</Link>
    </div>
  );
}
