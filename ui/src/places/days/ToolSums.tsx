import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { DayBefore } from './DayBefore';
import styles from './days.module.css';

/** Wire, mesh, fertiliser and moss for the whole day. */
export function ToolSums({ day }: { day: Schemas['PottingDay'] }) {
  const { t, n, q } = useWords();
  const { totals } = day;

  return (
    <section className={styles.toolSums}>
      <DayBefore day={day} />
      <h2>{t('tools.ready')}</h2>
      <ul className={common.plainList}>
        {totals.wires.map((wire) => (
          <li key={wire.gauge_mm}>
            {t('tools.wire', { gauge: n(wire.gauge_mm), length: q(wire.length_cm / 100, 'm') })}
          </li>
        ))}
        {totals.mesh.map((mesh) => (
          <li key={mesh.side_cm}>{t('tools.mesh', { pieces: mesh.pieces, side: q(mesh.side_cm, 'cm') })}</li>
        ))}
        {totals.fertilisers.map((each) => (
          <li key={each.name}>{t('tools.fertiliser', { name: each.name, grams: q(each.grams, 'g') })}</li>
        ))}
        {totals.moss_cm2 > 0 && <li>{t('tools.moss', { cm2: n(totals.moss_cm2, 2) })}</li>}
      </ul>
      <p className={common.quiet}>{t('tools.label')}</p>
      <ul className={common.plainList}>
        {day.hazards.map((hazard) => (
          <li key={hazard}>{t(`caution.${hazard}`)}</li>
        ))}
      </ul>
    </section>
  );
}
