import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { Against, Suits } from './Suits';
import styles from './days.module.css';

/** What is to be read before anything is done with a plant: a mix that does not suit it, the season, no water for days, two to lift. */
export function CardWarnings({ entry }: { entry: Schemas['DayEntry'] }) {
  const { t, q } = useWords();
  const { figures, worst } = entry;
  const said = [
    worst?.level === 'stop' && <Suits key="suits" entry={entry} />,
    entry.against.length > 0 && <Against key="against" entry={entry} />,
    figures?.ball != null && figures.ball.stays !== 'alike' && (
      <span key="ball">◆ {t(`entry.ball.${figures.ball.stays}`)}</span>
    ),
    figures !== null && figures.first_water_days > 0 && (
      <span key="wait">◆ {t('potting.step.wait', { days: figures.first_water_days })}</span>
    ),
    figures?.two_to_lift === true && (
      <span key="lift">◆ {t('potting.step.lift', { kg: q(figures.wet_kg, 'kg') })}</span>
    ),
  ].filter((line) => line !== false);

  return said.length === 0 ? null : (
    <ul className={styles.cardWarnings} aria-label={t('potting.mindFirst')}>
      {said.map((line) => (
        <li key={line.key}>{line}</li>
      ))}
    </ul>
  );
}
