import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';

const ORDER = ['solid', 'sealed', 'locked', 'slow', 'buffer', 'easy', 'air'] as const;

/** One bar that is the whole volume of the root zone, always in the same order and always labelled. */
export function LedgerBar({ ledger, volumeL }: { ledger: Schemas['Ledger']; volumeL: number }) {
  const { t, n, percent } = useWords();

  return (
    <section className="ledger" aria-label={t('ledger.title')}>
      <div className="ledger-bar" aria-hidden="true">
        {ORDER.map((part) => (
          <span key={part} className={`ledger-part ledger-${part}`} style={{ flexGrow: Math.max(ledger[part], 0) }} />
        ))}
      </div>
      <dl className="ledger-labels">
        {ORDER.map((part) => (
          <div key={part} title={t(`ledger.hint.${part}`)}>
            <dt>
              <span className={`ledger-key ledger-${part}`} aria-hidden="true" />
              {t(`ledger.${part}`)}
            </dt>
            <dd>
              {percent(ledger[part])} <small>{n(ledger[part] * volumeL, 2)} L</small>
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
