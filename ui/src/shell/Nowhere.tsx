import { Link } from 'react-router';

import { useWords } from '../i18n/words';
import common from '../styles/common.module.css';

export function Nowhere() {
  const { t } = useWords();

  return (
    <div className={common.listEmpty}>
      <p>{t('problem.nowhere')}</p>
      <Link to="/blend">{t('keys.blend')}</Link>
    </div>
  );
}
