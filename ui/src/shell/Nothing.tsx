import { useWords } from '../i18n/words';
import common from '../styles/common.module.css';

/** What stands where a list or a choice has nothing in it. */
export function Nothing() {
  const { t } = useWords();

  return <span className={common.quiet}>{t('pickers.nothing')}</span>;
}
