import type { Schemas } from '../../api/client';
import { FindingPicture } from '../../drawing/FindingPicture';
import { useWords } from '../../i18n/words';
import styles from './plants.module.css';

const FINDINGS: Schemas['Finding'][] = [
  'white_tips',
  'threads',
  'black_soft',
  'sludge',
  'fine_layer',
  'circling',
  'one_sided',
  'tap_root',
  'high_crossing',
  'repellent',
  'wounds',
  'moss_liverwort',
  'ants',
  'grubs',
];

interface Props {
  findings: Schemas['Finding'][];
  setFindings: (findings: Schemas['Finding'][]) => void;
}

/** Big tiles with a drawing each, to tap with a wet glove. */
export function FindingTicks({ findings, setFindings }: Props) {
  const { t } = useWords();

  return (
    <div className={styles.findingTicks}>
      {FINDINGS.map((finding) => {
        const on = findings.includes(finding);
        return (
          <button
            key={finding}
            type="button"
            aria-pressed={on}
            onClick={() => setFindings(on ? findings.filter((each) => each !== finding) : [...findings, finding])}
          >
            <FindingPicture finding={finding} />
            <span>{t(`finding.${finding}`)}</span>
            <span className={styles.tickMark} aria-hidden="true">
              {on ? '✓' : ''}
            </span>
          </button>
        );
      })}
    </div>
  );
}
