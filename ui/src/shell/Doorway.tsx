import { type ReactNode, useState } from 'react';
import { useLocation } from 'react-router';

import { useSession } from '../api/session';
import { useWords } from '../i18n/words';
import { ListState } from '../kit/lists/ListState';
import { Dialog } from '../kit/overlays/Dialog';
import common from '../styles/common.module.css';
import { Pair } from './Pair';
import { SignIn } from './SignIn';
import styles from './shell.module.css';

/**
 * Lets nobody further than it is known who he is, where the server asks for that. Whoever is signed out while he works signs in over his page, which keeps what
 * was typed.
 */
export function Doorway({ children }: { children: ReactNode }) {
  const { t } = useWords();
  const { pathname } = useLocation();
  const session = useSession();
  const isIn = session.data !== undefined && session.data.role !== null;
  const [wasIn, setWasIn] = useState(false);
  if (isIn && !wasIn) {
    setWasIn(true);
  }

  if (pathname === '/pair') {
    return <Pair />;
  }
  if (isIn || wasIn) {
    return (
      <>
        {children}
        {session.data !== undefined && !isIn && (
          <Dialog open closable={false} title={t('people.signedOut')} footer={null} onCancel={() => undefined}>
            <p>{t('people.signedOutHint')}</p>
            <SignIn session={session.data} />
          </Dialog>
        )}
      </>
    );
  }

  return (
    <ListState found={session} lastGood>
      {session.data !== undefined && (
        <main className={styles.door}>
          <h1>
            <span className={styles.brandMark} aria-hidden="true" /> {t('app.name')}
          </h1>
          <p className={common.quiet}>{t('people.door')}</p>
          <SignIn session={session.data} />
        </main>
      )}
    </ListState>
  );
}
