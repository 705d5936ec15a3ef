import type { Schemas } from '../../../api/client';
import { typedNumber } from '../../../i18n/numbers';
import { amountOf, type Mix, partOf } from './mix';
import { contentsInput, situationInput } from './situationState';

/** The question to the server, or null while a field holds no number or something is missing. */
export function questionOf(mix: Mix): Schemas['EvaluationInput'] | null {
  const parts = mix.rows.map((row) => ({ ...partOf(row), parts: amountOf(row) }));
  const place = placeOf(mix);

  return place === null ||
    parts.length === 0 ||
    !parts.every((part): part is Schemas['PartInput'] => part.parts !== null)
    ? null
    : { parts, ...place };
}

/** The same without the mix: plant, pot and place, whatever goes in. */
export function placeOf(mix: Mix): Omit<Schemas['EvaluationInput'], 'parts' | 'mends' | 'recipe_id'> | null {
  const situation = situationInput(mix.situation);
  const contents = contentsInput(mix.contents);
  const [headspace, dressing, tree] = [mix.headspace, mix.dressing, mix.tree].map((text) => typedNumber(text));
  const thickness = mix.layer === null ? 0 : typedNumber(mix.layer.thickness);
  if (mix.potId === null || headspace == null || dressing == null || tree == null) {
    return null;
  }
  if (situation === null || contents === null || thickness === null) {
    return null;
  }

  return {
    pot_id: mix.potId,
    plant_group: mix.group,
    headspace_cm: headspace,
    top_dressing_cm: dressing,
    tree_weight_kg: tree,
    ...((mix.packing ?? mix.compactionIndex) == null
      ? {}
      : { compaction_index: mix.packing ?? mix.compactionIndex ?? 0 }),
    drainage_layer: mix.layer === null ? null : { component_id: mix.layer.componentId, thickness_cm: thickness },
    situation,
    ...(contents === undefined ? {} : { contents }),
    ...(mix.potChange === null
      ? {}
      : {
          pot_change: {
            depth_cm: mix.potChange.depthCm,
            hole_count: mix.potChange.holeCount,
            hole_diameter_cm: mix.potChange.holeDiameterCm,
          },
        }),
  };
}
