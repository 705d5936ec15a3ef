import { Link } from 'react-router';

import { useWords } from '../i18n/words';

export function Nowhere() {
  const { t } = useWords();

  return (
    <div className="list-empty">
      <p>{t('problem.nowhere')}</p>
      <Link to="/blend">{t('keys.blend')}</Link>
    </div>
  );
}
