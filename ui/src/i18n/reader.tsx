import { createContext, type ReactNode, useContext, useEffect, useMemo, useState } from 'react';
import { IntlProvider } from 'react-intl';

import type { Units } from './measures';
import type { MessageId } from './words';

export const LANGUAGES = ['en', 'id'] as const;
export type Language = (typeof LANGUAGES)[number];

const ALL_UNITS = ['metric', 'us'] as const;
const LANGUAGE_KEPT_AS = 'zolbek.language';
const UNITS_KEPT_AS = 'zolbek.units';

interface Reader {
  language: Language;
  units: Units;
  setLanguage: (language: Language) => Promise<void>;
  setUnits: (units: Units) => void;
}

const ReaderContext = createContext<Reader>({
  language: 'en',
  units: 'metric',
  setLanguage: () => Promise.resolve(),
  setUnits: () => undefined,
});

/** Which language and which units this device reads. */
export function useReader(): Reader {
  return useContext(ReaderContext);
}

/** How numbers and days are written: as the browser has it where that is the language of the words, so that a sentence is of one kind. */
export function localeOf(language: Language, units: Units, wanted: readonly string[] = navigator.languages): string {
  const own = wanted.find((locale) => locale === language || locale.startsWith(`${language}-`));

  return own ?? (language === 'id' ? 'id-ID' : units === 'us' ? 'en-US' : 'en-GB');
}

/** The language that the page is opened in: of its address (prints), kept by this device, of the browser, else English. */
export function firstLanguage(search = window.location.search): Language {
  const asked = [
    new URLSearchParams(search).get('language'),
    localStorage.getItem(LANGUAGE_KEPT_AS),
    navigator.language.slice(0, 2),
  ];

  return (
    LANGUAGES.find((language) => language === asked.find((each) => LANGUAGES.some((known) => known === each))) ?? 'en'
  );
}

function firstUnits(search = window.location.search): Units {
  const asked = [new URLSearchParams(search).get('units'), localStorage.getItem(UNITS_KEPT_AS)];

  return (
    ALL_UNITS.find((units) => units === asked.find((each) => ALL_UNITS.some((known) => known === each))) ?? 'metric'
  );
}

/** The page says in which locale it is: what is typed is read by it, see numbers.ts. */
export function setPageLocale(language: Language, units: Units = firstUnits()): void {
  document.documentElement.lang = localeOf(language, units);
}

interface Props {
  first: Language;
  catalogueOf: (language: Language) => Promise<Record<MessageId, string>>;
  /** The words of the first language. */
  words: Record<MessageId, string>;
  children: ReactNode;
}

/** Gives every screen its words, numbers and units, and changes them in place. */
export function ReaderProvider({ first, catalogueOf, words, children }: Props) {
  const [said, setSaid] = useState({ language: first, words });
  const [units, setUnits] = useState(firstUnits);
  const locale = localeOf(said.language, units);

  useEffect(() => {
    localStorage.setItem(LANGUAGE_KEPT_AS, said.language);
    localStorage.setItem(UNITS_KEPT_AS, units);
  }, [said.language, units]);

  const reader = useMemo(
    () => ({
      language: said.language,
      units,
      setLanguage: (language: Language) =>
        catalogueOf(language).then((loaded) => {
          setPageLocale(language, units);
          setSaid({ language, words: loaded });
        }),
      setUnits: (next: Units) => {
        setPageLocale(said.language, next);
        setUnits(next);
      },
    }),
    [said.language, units, catalogueOf],
  );

  return (
    <ReaderContext value={reader}>
      <IntlProvider locale={locale} defaultLocale="en" messages={said.words}>
        {children}
      </IntlProvider>
    </ReaderContext>
  );
}
