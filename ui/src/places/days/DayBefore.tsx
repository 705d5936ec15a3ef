import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import styles from './days.module.css';

/** What is to be done the day before, each with a box to tick on paper. */
export function DayBefore({ day }: { day: Schemas['PottingDay'] }) {
  const { t, n, q } = useWords();
  const { day_before: before } = day;
  const named = (rows: { name: string; litres: number }[]) =>
    rows.map((row) => `${q(row.litres, 'L')} ${row.name}`).join(', ');
  const lines = [
    before.moss_cm2 > 0 && t('before.moss', { cm2: n(before.moss_cm2, 2) }),
    before.moss.length > 0 && t('before.mossWall', { what: named(before.moss) }),
    before.repels.length > 0 && t('before.repels', { what: named(before.repels) }),
    before.water.length > 0 && t('before.water', { plants: before.water.join(', ') }),
    before.leave_dry.length > 0 && t('before.dry', { plants: before.leave_dry.join(', ') }),
    ...before.pots.filter((pot) => pot.cement).map((pot) => t('before.cement', { count: pot.count, name: pot.name })),
    ...before.pots.map((pot) =>
      t('before.pot', { count: pot.count, name: pot.name, place: pot.place === '' ? '–' : pot.place }),
    ),
    day.entries.some((entry) => entry.state === 'planned') &&
      t('before.tub', { tub: q(day.tub_l, 'L'), scoop: day.scoop_name ?? q(day.scoop_l, 'L') }),
  ].filter((line) => line !== false);

  return lines.length === 0 ? null : (
    <section aria-label={t('before.title')}>
      <h2>{t('before.title')}</h2>
      <ul className={styles.beforeList}>
        {lines.map((line) => (
          <li key={line}>
            <span aria-hidden="true">☐ </span>
            {line}
          </li>
        ))}
      </ul>
    </section>
  );
}
