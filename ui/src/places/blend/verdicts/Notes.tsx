import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import common from '../../../styles/common.module.css';
import blendStyles from '../blend.module.css';

interface Props {
  notes: Schemas['Note'][];
  children?: ReactNode;
}

/** What makes the figures less sure, and the bench test that would settle it. */
export function Notes({ notes, children }: Props) {
  const { t, n, percent } = useWords();
  const dusty = notes.filter((note) => note.code === 'pan').map((note) => note.component_name ?? '');
  const measured = notes.filter((note) => note.code === 'measured').map((note) => note.component_name ?? '');
  const compressible = notes.find((note) => note.code === 'compressible');
  const codes = (...wanted: string[]) => notes.filter((note) => wanted.includes(note.code));
  const segregation = notes.find((note) => note.code === 'segregation');

  return (
    <details className={blendStyles.notes}>
      <summary>{t('note.title')}</summary>
      <ul>
        {compressible !== undefined && (
          <li>
            {t('note.compressible', { share: percent(compressible.share) })}{' '}
            <Link to="/bench?start=drained_pot">{t('note.doDrain')}</Link>
          </li>
        )}
        {segregation !== undefined && <li>{t('note.segregation', { ratio: n(segregation.share, 2) })}</li>}
        {codes('segregates_dry').map((note) => (
          <li key={note.code}>{t('note.segregates_dry', { share: percent(note.share) })}</li>
        ))}
        {codes('salts_high', 'salts_harmful').map((note) => (
          <li key={`${note.code} ${note.component_name}`} className={common.mind}>
            {t(`note.${note.code as 'salts_high'}`, { component: note.component_name ?? '' })}
          </li>
        ))}
        {codes('water_salts_high', 'water_salts_harmful').map((note) => (
          <li key={note.code} className={common.mind}>
            {t(`note.${note.code as 'water_salts_high'}`, { ec: n(note.share, 2) })}
          </li>
        ))}
        {dusty.length > 0 && (
          <li>
            {t('note.pan', { components: dusty.join(', ') })}{' '}
            <Link to="/bench?start=sieve_analysis">{t('note.doSieve')}</Link>
          </li>
        )}
        {measured.length > 0 && <li>{t('note.measured', { components: measured.join(', ') })}</li>}
        {codes('fitted').map(({ code }) => (
          <li key={code}>
            {t('note.fitted')} <Link to="/log/right">{t('note.toRight')}</Link>
          </li>
        ))}
        <li>{t('note.typical')}</li>
        <li>{t('note.orifice')}</li>
      </ul>
      {children}
    </details>
  );
}
