import { useWords } from '../../i18n/words';
import { PartsNav } from '../PartsNav';

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

  return <PartsNav label={t('nav.log')} parts={PARTS.map(([part, to]) => ({ to, name: t(`log.nav.${part}`) }))} />;
}
