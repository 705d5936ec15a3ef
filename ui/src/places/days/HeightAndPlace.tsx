import type { ReactNode } from 'react';

import type { Schemas } from '../../api/client';
import { useJudgement } from '../../api/days';
import { PlantingPicture } from '../../drawing/PlantingPicture';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { HOWS } from '../../kit/days/plans';
import common from '../../styles/common.module.css';

type Changes = Schemas['EntryChanges'];
const SIDES = ['left', 'right', 'front', 'back'] as const;

interface Props {
  day: Schemas['PottingDay'];
  entry: Schemas['DayEntry'];
  locked: boolean;
  number: (
    name: string,
    label: MessageId,
    unit: string,
    value: number | null,
    put: (value: number | null) => Changes,
    more?: { hint?: MessageId },
  ) => ReactNode;
  own: (name: 'collar_cm' | 'headspace_cm', label: MessageId, unit: string) => ReactNode;
  follows: (name: 'bed_cm' | 'mound_cm', label: MessageId) => ReactNode;
  select: <Value extends string>(
    label: MessageId,
    value: Value,
    options: readonly { value: Value; label: string }[],
    pick: (value: Value) => void,
  ) => ReactNode;
  keep: (changes: Changes) => void;
}

/** How high a plant is to stand and what follows from it; where its ball stands in the pot, how it leans and the surface slopes. */
export function HeightAndPlace({ day, entry, locked, number, own, follows, select, keep }: Props) {
  const { t, n, q } = useWords();
  const { plan, figures } = entry;
  const judged = useJudgement(day.id, entry.id, entry.revision).data;
  const height = plan.height;
  const cm = t('unit.cm');
  const placed = (name: keyof Schemas['BallPlacing'], label: MessageId, unit: string) =>
    number(`placing.${name}`, label, unit, plan.placing[name], (value) => ({
      placing: { ...plan.placing, [name]: value ?? 0 },
    }));
  const sides = SIDES.map((value) => ({ value, label: t(`side.${value}`) }));

  return (
    <>
      <h3>{t('entry.heightTitle')}</h3>
      <div className={common.fields4}>
        {select(
          'entry.how',
          height === null ? ('bed' as const) : height.how,
          [
            ...HOWS.map((value) => ({ value, label: t(`entry.how.${value}`) })),
            ...(height === null ? [{ value: 'bed' as const, label: t('entry.how.bed') }] : []),
          ],
          (how) =>
            how !== 'bed' &&
            keep({
              height: { how, cm: how === 'flush' ? 0 : height === null || height.cm === 0 ? 1 : height.cm },
              bed_cm: null,
              mound_cm: null,
            }),
        )}
        {height !== null &&
          height.how !== 'flush' &&
          number('height.cm', 'entry.howCm', cm, height.cm, (value) => ({ height: { ...height, cm: value ?? 0 } }))}
        {number('collar_cm', 'entry.collar', cm, plan.collar_cm, (value) => ({ collar_cm: value ?? 0 }), {
          hint: 'entry.collarHint',
        })}
        {own('headspace_cm', 'entry.headspace', cm)}
        {follows('bed_cm', 'entry.bed')}
        {follows('mound_cm', 'entry.mound')}
        {number(
          'lower.cm',
          'entry.lower',
          cm,
          plan.lower?.cm ?? 0,
          (value) => ({
            lower: value === null || value === 0 ? null : { cm: value, months: plan.lower?.months ?? 12 },
          }),
          { hint: 'entry.lowerHint' },
        )}
        {plan.lower !== null &&
          number('lower.months', 'entry.lowerMonths', t('entry.months'), plan.lower.months, (value) => ({
            lower: plan.lower === null ? null : { ...plan.lower, months: value ?? 12 },
          }))}
      </div>
      <h3>{t('entry.standsTitle')}</h3>
      {judged != null && figures?.fit != null && plan.ball !== null && (
        <>
          <PlantingPicture
            section={judged.section}
            fit={figures.fit}
            ball={plan.ball}
            placing={plan.placing}
            lean={plan.lean}
            slope={plan.slope}
            trunkMm={entry.plant.trunk_mm}
            wire={figures.wire}
            place={locked ? null : (placing) => keep({ placing })}
          />
          {figures.wire !== null && (
            <p>
              {t('entry.wireRoute', {
                gauge: n(figures.wire.gauge_mm),
                length: q(figures.wire.length_cm, 'cm'),
                wires: figures.wire.wires,
                through: figures.wire.through,
              })}
            </p>
          )}
          {!locked && <p className={common.quiet}>{t('entry.standsHint')}</p>}
        </>
      )}
      <div className={common.fields4}>
        {placed('x_cm', 'entry.x', cm)}
        {placed('y_cm', 'entry.y', cm)}
        {placed('turn_deg', 'entry.turn', t('entry.degrees'))}
        {number('lean.deg', 'entry.lean', t('entry.degrees'), plan.lean?.deg ?? 0, (value) => ({
          lean: value === null || value === 0 ? null : { deg: value, to: plan.lean?.to ?? 'right' },
        }))}
        {plan.lean !== null &&
          select(
            'entry.leanTo',
            plan.lean.to,
            sides,
            (to) => plan.lean !== null && keep({ lean: { ...plan.lean, to } }),
          )}
        {number('slope.cm', 'entry.slope', cm, plan.slope?.cm ?? 0, (value) => ({
          slope: value === null || value === 0 ? null : { cm: value, to: plan.slope?.to ?? 'back' },
        }))}
        {plan.slope !== null &&
          select(
            'entry.slopeTo',
            plan.slope.to,
            sides,
            (to) => plan.slope !== null && keep({ slope: { ...plan.slope, to } }),
          )}
      </div>
    </>
  );
}
