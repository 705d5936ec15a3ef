import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import styles from './bins.module.css';
import common from '../../styles/common.module.css';

export const PROPERTIES = [
  ['bulk_density', 'unit.kgL'],
  ['particle_density', 'unit.kgL'],
  ['solid_density', 'unit.kgL'],
  ['internal_water', 'unit.share'],
  ['unavailable_water', 'unit.share'],
  ['internal_median_cm', 'unit.cm'],
  ['internal_spread', null],
  ['sphericity', null],
  ['hydraulic_size_mm', 'unit.mm'],
  ['hydraulic_spread', null],
  ['fines_weight', null],
  ['settled_index', null],
  ['ph', null],
  ['buffer', 'unit.buffer'],
  ['cec', 'unit.cec'],
  ['crumble_rate', 'unit.perYear'],
  ['decay_rate', 'unit.perYear'],
  ['structure_loss', 'unit.perYear'],
] as const satisfies readonly (readonly [keyof Schemas['Component'], MessageId | null])[];

/** Every property with its value, how sure it is, and its unit. */
export function PropertyTable({ sheet }: { sheet: Schemas['ComponentSheet'] }) {
  const { t, n, date } = useWords();
  const { component, uncertainty } = sheet;

  return (
    <table className={`${common.plainTable} ${styles.properties}`}>
      <tbody>
        {PROPERTIES.map(([key, unit]) => {
          const found = component.measured.properties[key];
          const value = found?.value ?? component[key];
          const spread = uncertainty[key];

          return value === null ? null : (
            <tr key={key}>
              <th scope="row">{t(`field.${key}`)}</th>
              <td>
                {n(value)}
                {spread !== undefined && spread > 0 && <span className={common.quiet}> ± {n(spread, 2)}</span>}
                {unit !== null && <span className={common.quiet}> {t(unit)}</span>}
                {found !== undefined && (
                  <small className={styles.isMeasured}>
                    {t('component.measuredOn', { date: date(found.on), n: found.n })}
                  </small>
                )}
              </td>
            </tr>
          );
        })}
      </tbody>
      <caption>{t('component.uncertainty', { basis: t(`basis.${component.basis}`) })}</caption>
    </table>
  );
}
