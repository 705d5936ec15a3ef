import type { Schemas } from '../api/client';
import { useWords } from '../i18n/words';
import styles from './drawing.module.css';

const ORDER = ['solid', 'sealed', 'locked', 'slow', 'buffer', 'easy', 'air'] as const;

/** One bar that is the whole volume of the root zone, always in the same order and always labelled. */
export function LedgerBar({
  ledger,
  volumeL,
  small = false,
}: {
  ledger: Schemas['Ledger'];
  volumeL: number;
  /** In a line, without litres. */
  small?: boolean;
}) {
  const { t, percent, q } = useWords();

  return (
    <section
      className={small ? `${styles.ledger} ${styles.ledgerSmall}` : styles.ledger}
      aria-label={t('ledger.title')}
    >
      <div className={styles.ledgerBar} aria-hidden="true">
        {ORDER.map((part) => (
          <span
            key={part}
            className={`${styles.ledgerPart} ${styles[`ledger-${part}`]}`}
            style={{ flexGrow: Math.max(ledger[part], 0) }}
          />
        ))}
      </div>
      <dl className={styles.ledgerLabels}>
        {ORDER.map((part) => (
          <div key={part} title={t(`ledger.hint.${part}`)}>
            <dt>
              <span className={`${styles.ledgerKey} ${styles[`ledger-${part}`]}`} aria-hidden="true" />
              {t(`ledger.${part}`)}
            </dt>
            <dd>
              {percent(ledger[part])} {!small && <small>{q(ledger[part] * volumeL, 'L')}</small>}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
