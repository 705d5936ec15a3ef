import { Button } from 'antd';
import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';

import { useSession } from '../api/session';
import { useReader } from '../i18n/reader';
import { useWords } from '../i18n/words';
import { useShortcuts } from '../kit/hooks/useShortcuts';
import { Lookup } from './Lookup';
import { ModelNews } from './ModelNews';
import { useFocusReturn } from './useFocusReturn';
import { Shortcuts } from './Shortcuts';
import { UnsentBar } from './UnsentBar';
import styles from './shell.module.css';

/** The places in their order, each with the addresses that belong to it; the first one is where its link leads. */
const PLACES = [
  ['today', ['today', 'calendar']],
  ['blend', ['blend']],
  ['bins', ['bins']],
  ['bench', ['bench']],
  ['collection', ['plants', 'pots', 'fertilisers']],
  ['days', ['days']],
  ['season', ['season']],
  ['log', ['log']],
] as const;

interface Props {
  isDim: boolean;
  setDim: (dim: boolean) => void;
  children: ReactNode;
}

/** The frame around every place: where one is, where one can go, how bright it is. */
export function Shell({ isDim, setDim, children }: Props) {
  const { t } = useWords();
  const { language } = useReader();
  const session = useSession().data;
  const yardName = session?.yards.find(({ id }) => id === session.yard)?.name ?? '';
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [helping, setHelping] = useState(false);
  const [finding, setFinding] = useState(false);
  const at = pathname.split('/')[1] ?? '';
  const here = PLACES.find(([, addresses]) => (addresses as readonly string[]).includes(at))?.[0];
  useEffect(() => {
    document.title = here === undefined ? t('app.name') : `${t(`nav.${here}`)} · ${t('app.name')}`;
  }, [here, t]);
  const shortcuts = useMemo(
    () => ({
      '?': () => setHelping(true),
      '/': () => setFinding(true),
      'ctrl+k': () => setFinding(true),
      ...Object.fromEntries(
        PLACES.map(([, addresses], i) => [`alt+${i + 1}`, () => void navigate(`/${addresses[0]}`)]),
      ),
    }),
    [navigate],
  );
  useShortcuts(shortcuts, 'frame');
  useFocusReturn();

  return (
    <>
      <a href="#content" className={styles.skip}>
        {t('app.skip')}
      </a>
      <header className={styles.shell}>
        <span className={styles.brand}>
          <span className={styles.brandMark} aria-hidden="true" />
          <span className={styles.brandName}>{t('app.name')}</span>
        </span>
        <nav aria-label={t('nav.label')}>
          {PLACES.map(([place, addresses], i) => (
            <Link
              key={place}
              to={`/${addresses[0]}`}
              title={`Alt+${i + 1}`}
              className={place === here ? styles.active : ''}
              aria-current={place === here ? 'page' : undefined}
            >
              {t(`nav.${place}`)}
            </Link>
          ))}
        </nav>
        <span className={styles.shellTools}>
          <Button type="text" title="Ctrl+K" onClick={() => setFinding(true)}>
            {t('lookup.title')}
          </Button>
          <Button type="text" onClick={() => setDim(!isDim)}>
            {t(isDim ? 'nav.bright' : 'nav.dim')}
          </Button>
          {session !== undefined && session.yards.length > 1 && (
            <Button
              type="text"
              className={styles.who}
              aria-label={`${yardName}, ${t('people.yard')}`}
              onClick={() => setHelping(true)}
            >
              {yardName}
            </Button>
          )}
          {session?.person != null && (
            <Button
              type="text"
              className={styles.who}
              aria-label={`${session.person.name}, ${t('people.you')}`}
              onClick={() => setHelping(true)}
            >
              {session.person.name}
            </Button>
          )}
          <Button
            type="text"
            className={styles.reader}
            aria-label={`${language.toUpperCase()}, ${t('reader.title')}`}
            title={t('reader.title')}
            onClick={() => setHelping(true)}
          >
            {language.toUpperCase()}
          </Button>
          <Button
            type="text"
            aria-label={t('nav.shortcuts')}
            title={t('nav.shortcuts')}
            onClick={() => setHelping(true)}
          >
            ?
          </Button>
        </span>
      </header>
      <main id="content" tabIndex={-1}>
        <ModelNews />
        {children}
      </main>
      <UnsentBar />
      {finding && <Lookup close={() => setFinding(false)} />}
      <Shortcuts open={helping} close={() => setHelping(false)} />
    </>
  );
}
