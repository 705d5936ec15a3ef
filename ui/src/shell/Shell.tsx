import { Button } from 'antd';
import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { NavLink, useLocation, useNavigate } from 'react-router';

import { useWords } from '../i18n/words';
import { useShortcuts } from '../places/common/useShortcuts';
import { Shortcuts } from './Shortcuts';

const PLACES = ['blend', 'bins', 'bench', 'pots', 'log'] as const;

interface Props {
  isDim: boolean;
  setDim: (dim: boolean) => void;
  children: ReactNode;
}

/** The frame around every place: where one is, where one can go, how bright it is. */
export function Shell({ isDim, setDim, children }: Props) {
  const { t } = useWords();
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [helping, setHelping] = useState(false);
  const here = PLACES.find((place) => pathname.startsWith(`/${place}`));
  useEffect(() => {
    document.title = here === undefined ? t('app.name') : `${t(`nav.${here}`)} · ${t('app.name')}`;
  }, [here, t]);
  const shortcuts = useMemo(
    () => ({
      '?': () => setHelping(true),
      ...Object.fromEntries(PLACES.map((place, i) => [`alt+${i + 1}`, () => void navigate(`/${place}`)])),
    }),
    [navigate],
  );
  useShortcuts(shortcuts);

  return (
    <>
      <a href="#content" className="skip">
        {t('app.skip')}
      </a>
      <header className="shell">
        <span className="brand">
          <span className="brand-mark" aria-hidden="true" />
          <span className="brand-name">{t('app.name')}</span>
        </span>
        <nav aria-label={t('nav.label')}>
          {PLACES.map((place, i) => (
            <NavLink key={place} to={`/${place}`} title={`Alt+${i + 1}`}>
              {t(`nav.${place}`)}
            </NavLink>
          ))}
        </nav>
        <span className="shell-tools">
          <Button type="text" onClick={() => setDim(!isDim)}>
            {t(isDim ? 'nav.bright' : 'nav.dim')}
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
        {children}
      </main>
      <Shortcuts open={helping} close={() => setHelping(false)} />
    </>
  );
}
