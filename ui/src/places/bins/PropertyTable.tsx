import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { PROPERTIES } from './properties';
import styles from './bins.module.css';
import common from '../../styles/common.module.css';

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
