import { Link } from 'react-router';

import type { MessageId } from '../i18n/words';
import { useWords } from '../i18n/words';
import { ReaderChoice } from './ReaderChoice';
import styles from './shell.module.css';
import { Dialog } from '../kit/overlays/Dialog';
import { You } from './You';

const KEYS: [string, MessageId][] = [
  ['?', 'keys.help'],
  ['Ctrl+K', 'keys.find'],
  ['Alt+1', 'keys.today'],
  ['Alt+2', 'keys.blend'],
  ['Alt+3', 'keys.bins'],
  ['Alt+4', 'keys.bench'],
  ['Alt+5', 'keys.collection'],
  ['Alt+6', 'keys.days'],
  ['Alt+7', 'keys.season'],
  ['Alt+8', 'keys.log'],
  ['A', 'keys.add'],
  ['↑ ↓', 'keys.step'],
  ['Shift+↑ ↓', 'keys.halfStep'],
  ['Ctrl+Z', 'keys.undo'],
  ['Ctrl+Y', 'keys.redo'],
  ['Ctrl+S', 'keys.save'],
  ['W', 'keys.write'],
  ['T', 'keys.tub'],
  ['E', 'keys.extras'],
  ['B', 'keys.batch'],
  ['/', 'keys.search'],
  ['N', 'keys.new'],
];

export function Shortcuts({ open, close }: { open: boolean; close: () => void }) {
  const { t } = useWords();

  return (
    <Dialog open={open} onCancel={close} footer={null} title={t('keys.title')}>
      <You close={close} />
      <ReaderChoice />
      <h3>{t('keys.keyboard')}</h3>
      <dl className={styles.keys}>
        {KEYS.map(([key, words]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{t(words)}</dd>
          </div>
        ))}
      </dl>
      <p>
        <Link to="/start" onClick={close}>
          {t('keys.start')}
        </Link>
      </p>
    </Dialog>
  );
}
