import { useWords } from '../../i18n/words';
import { type Answers, HOURS } from './answers';
import styles from './start.module.css';

/** How often somebody comes by with water. */
export function WaterStep({ answers, take }: { answers: Answers; take: (part: Partial<Answers>) => void }) {
  const { t } = useWords();

  return (
    <ul className={styles.choices}>
      {HOURS.map((hours) => (
        <li key={hours}>
          <button type="button" aria-pressed={answers.hours === hours} onClick={() => take({ hours })}>
            <span className={styles.week} aria-hidden="true">
              {Array.from({ length: 7 }, (_, day) => (
                <i key={day} className={hours <= 24 || (day * 24) % hours === 0 ? styles.watered : ''}>
                  {hours === 12 ? '●●' : '●'}
                </i>
              ))}
            </span>
            <span>{t('start.hours', { hours: String(hours) })}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
