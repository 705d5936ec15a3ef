import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';

/** When a plant is due, in words and with a mark. */
export function DueMark({ plant }: { plant: Schemas['Plant'] }) {
  const { t, day } = useWords();
  if (plant.due_on === null) {
    return <span className="quiet">–</span>;
  }
  if (plant.snoozed_until !== null && !plant.is_due) {
    return <span className="quiet">{t('due.off', { until: day(plant.snoozed_until) })}</span>;
  }

  return plant.is_due ? (
    <span className="mind due-mark">
      <span aria-hidden="true">◆ </span>
      {t('due.due')}
      <span className="quiet"> · {day(plant.due_on)}</span>
    </span>
  ) : (
    <span className="quiet">{day(plant.due_on)}</span>
  );
}
