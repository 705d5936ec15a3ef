import { Segmented, Select } from 'antd';

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
  'root_bound',
  'matted_bottom',
  'crumbly',
  'moss_liverwort',
  'ants',
  'grubs',
];

const GOOD: readonly Schemas['Finding'][] = ['white_tips', 'threads'];
const SIDED: readonly Schemas['Finding'][] = ['one_sided', 'wounds'];
const NO_SIDE = 'none';
const DEGREES = ['slight', 'clear', 'strong'] as const;
const SIDES = ['left', 'right', 'front', 'back'] as const;

type Detail = Schemas['SeenDetail'];

interface Props {
  findings: Schemas['Finding'][];
  setFindings: (findings: Schemas['Finding'][]) => void;
  /** How much there is of some of them, and on which side. */
  details: Detail[];
  setDetails: (details: Detail[]) => void;
}

/** Big tiles with a drawing each, to tap with a wet glove. */
export function FindingTicks({ findings, setFindings, details, setDetails }: Props) {
  const { t } = useWords();
  const tap = (finding: Schemas['Finding']) => {
    if (findings.includes(finding)) {
      setFindings(findings.filter((each) => each !== finding));
      setDetails(details.filter((each) => each.finding !== finding));
    } else {
      setFindings([...findings, finding]);
    }
  };

  return (
    <>
      <div className={styles.findingTicks}>
        {FINDINGS.map((finding) => {
          const on = findings.includes(finding);
          return (
            <button key={finding} type="button" aria-pressed={on} onClick={() => tap(finding)}>
              <FindingPicture finding={finding} />
              <span>{t(`finding.${finding}`)}</span>
              <span className={styles.tickMark} aria-hidden="true">
                {on ? '✓' : ''}
              </span>
            </button>
          );
        })}
      </div>
      {findings
        .filter((finding) => !GOOD.includes(finding))
        .map((finding) => (
          <HowMuch
            key={finding}
            finding={finding}
            detail={details.find((each) => each.finding === finding) ?? { finding, degree: 'clear', side: null }}
            change={(detail) => setDetails([...details.filter((each) => each.finding !== finding), detail])}
          />
        ))}
    </>
  );
}

function HowMuch({
  finding,
  detail,
  change,
}: {
  finding: Schemas['Finding'];
  detail: Detail;
  change: (detail: Detail) => void;
}) {
  const { t } = useWords();
  const name = t(`finding.${finding}`);

  return (
    <div className={styles.howMuch}>
      <strong>{name}</strong>
      <Segmented
        size="large"
        aria-label={t('finding.degreeOf', { finding: name })}
        value={detail.degree}
        options={DEGREES.map((value) => ({ value, label: t(`degree.${value}`) }))}
        onChange={(degree) => change({ ...detail, degree })}
      />
      {SIDED.includes(finding) && (
        <Select
          size="large"
          aria-label={t('finding.sideOf', { finding: name })}
          value={detail.side ?? NO_SIDE}
          popupMatchSelectWidth={false}
          options={[
            { value: NO_SIDE, label: t('finding.anySide') },
            ...SIDES.map((value) => ({ value, label: t(`side.${value}`) })),
          ]}
          onChange={(side: Schemas['PotSide'] | typeof NO_SIDE) =>
            change({ ...detail, side: side === NO_SIDE ? null : side })
          }
        />
      )}
    </div>
  );
}
