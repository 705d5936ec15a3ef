import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

/** What is in a premix or a reclaimed mix, and how old it is. */
export function MixContents({ component }: { component: Schemas['Component'] }) {
  const { t, n, percent } = useWords();
  if (component.source === 'material') {
    return null;
  }
  const total = component.mix_parts.reduce((sum, part) => sum + part.parts, 0);
  return (
    <section>
      <h2>{t('mix.parts')}</h2>
      <ul>
        {component.mix_parts.map((part) => (
          <li key={part.component_id}>
            <Link to={`/bins/${part.component_id}`}>{part.component_name}</Link>{' '}
            <span className={common.quiet}>
              {part.spread > 0
                ? t('mix.range', {
                    from: n(part.parts - part.spread),
                    to: n(part.parts + part.spread),
                    least: percent((part.parts - part.spread) / (total - part.spread)),
                    most: percent((part.parts + part.spread) / (total + part.spread)),
                  })
                : `${t('blend.total', { parts: part.parts })}, ${percent(part.parts / total)}`}
            </span>
          </li>
        ))}
      </ul>
      {component.source === 'reclaimed' && (
        <p>
          {t('mix.age', {
            years: n(component.reclaimed_years ?? 0),
            sieved: component.sieved_mm === null ? 'no' : 'yes',
            mm: n(component.sieved_mm ?? 0),
          })}
        </p>
      )}
      <p className={common.quiet}>{t(component.source === 'premix' ? 'mix.premixHint' : 'mix.reclaimedHint')}</p>
    </section>
  );
}
