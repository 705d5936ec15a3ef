import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';

/** When a plant is due, in words and with a mark. */
export function DueMark({ plant }: { plant: Schemas['Plant'] }) {
  const { t, day } = useWords();
  if (plant.due_on === null) {
    return <span className={common.quiet}>–</span>;
  }
  if (plant.snoozed_until !== null && !plant.is_due) {
    return <span className={common.quiet}>{t('due.off', { until: day(plant.snoozed_until) })}</span>;
  }

  return plant.is_due ? (
    <span className={`${common.mind} due-mark`}>
      <span aria-hidden="true">◆ </span>
      {t('due.due')}
      <span className={common.quiet}> · {day(plant.due_on)}</span>
    </span>
  ) : (
    <span className={common.quiet}>{day(plant.due_on)}</span>
  );
}
