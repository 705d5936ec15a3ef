import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './loads.module.css';

type Code = Schemas['ScoopWarning']['code'];

/** What has to be said of how a recipe is scooped: each thing once, with the names of the parts it is said of. */
export function ScoopNotes({
  warnings,
  nameOf,
}: {
  warnings: Schemas['ScoopWarning'][];
  nameOf: (componentId: number) => string;
}) {
  const { t } = useWords();
  const codes = [...new Set(warnings.map((warning) => warning.code))];
  const names = (code: Code) =>
    warnings.flatMap((warning) => (warning.code === code && warning.part !== null ? [nameOf(warning.part)] : []));

  return codes.length === 0 ? null : (
    <ul className={styles.notes}>
      {codes.map((code) => (
        <li key={code} className={common.mind}>
          {t(`loads.warning.${code}`, { names: names(code).join(', ') })}
        </li>
      ))}
    </ul>
  );
}
