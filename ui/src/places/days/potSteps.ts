import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';

/** A line of a pot card: its sentence and the figures in it. */
export interface CardStep {
  id: MessageId;
  gaps: Record<string, string | number>;
  weight?: 'strong' | 'mind';
}

interface Say {
  n: (value: number, digits?: number) => string;
  percent: (share: number) => string;
  treatment: (word: Schemas['BallTreatment']) => string;
  buried: (rows: Schemas['Buried'][]) => string;
}

/** The order and technique for one plant, from its plan: crown before roots, from the middle outward, water last. */
export function stepsOf(entry: Schemas['DayEntry'], { n, percent, treatment, buried }: Say): CardStep[] {
  const { plan, figures, plant, materials, recipe } = entry;
  const feed: CardStep | undefined =
    figures?.fertiliser == null
      ? undefined
      : {
          id: `potting.step.feed.${figures.fertiliser.where}`,
          gaps: { grams: n(figures.fertiliser.grams, 2), name: figures.fertiliser.name },
        };
  const steps: (CardStep | false)[] = [
    plant.buried.length > 0 && { id: 'potting.step.buried', gaps: { what: buried(plant.buried) }, weight: 'mind' },
    plan.crown_cut_share > 0 && { id: 'potting.step.crown', gaps: { share: percent(plan.crown_cut_share) } },
    plan.ball !== null && {
      id: 'potting.step.ball',
      gaps: { treatment: treatment(plan.treatment), roots: percent(plan.roots_cut_share) },
    },
    plan.treatment === 'washed' && { id: 'potting.step.washRepels', gaps: {} },
    figures !== null &&
      figures.mesh.pieces > 0 && {
        id: 'potting.step.mesh',
        gaps: { pieces: figures.mesh.pieces, side: n(figures.mesh.side_cm, 2) },
      },
    figures?.wire != null && {
      id: 'potting.step.wire',
      gaps: {
        wires: figures.wire.wires,
        gauge: n(figures.wire.gauge_mm),
        length: n(Math.round(figures.wire.length_cm)),
      },
    },
    plan.hole_cover_id !== null && { id: 'potting.step.cover', gaps: { name: materials['hole_cover_id'] ?? '' } },
    plan.layer !== null &&
      figures !== null && {
        id: 'potting.step.layer',
        gaps: {
          litres: n(figures.layer_l),
          name: materials['layer.component_id'] ?? '',
          cm: n(plan.layer.thickness_cm),
        },
      },
    plan.wall !== null && {
      id: 'potting.step.wall',
      gaps: { what: materials['wall.component_id'] ?? treatment('untouched'), cm: n(plan.wall.thickness_cm) },
    },
    plan.bed_cm > 0 && { id: 'potting.step.bed', gaps: { cm: n(plan.bed_cm) } },
    figures !== null && {
      id: 'potting.step.mix',
      gaps: { litres: n(figures.poured_l), recipe: recipe.name },
      weight: 'strong',
    },
    ...entry.extras.map((extra): CardStep => ({
      id: 'potting.step.extra',
      gaps: { litres: n(extra.litres), name: extra.name },
      weight: 'strong',
    })),
    figures !== null &&
      figures.old_soil_l > 0 && { id: 'potting.step.oldSoil', gaps: { litres: n(figures.old_soil_l) } },
    feed !== undefined && figures?.fertiliser?.where === 'mixed' && feed,
    plan.fixing === 'wire'
      ? { id: 'potting.step.fixWire', gaps: {} }
      : plan.fixing === 'stones'
        ? { id: 'potting.step.fixStones', gaps: { days: plan.stones_days } }
        : { id: 'potting.step.fixNone', gaps: {} },
    feed !== undefined && figures?.fertiliser?.where === 'top' && feed,
    plan.dressing !== null && figures !== null
      ? {
          id: 'potting.step.dressing',
          gaps: {
            litres: n(figures.dressing_l),
            name: materials['dressing.component_id'] ?? '',
            cm: n(plan.dressing.cm),
          },
        }
      : { id: `potting.step.surface.${plan.surface}`, gaps: {} },
    figures !== null && figures.first_water_days > 0
      ? { id: 'potting.step.wait', gaps: { days: figures.first_water_days }, weight: 'mind' }
      : { id: 'potting.step.water', gaps: {} },
    figures?.two_to_lift === true && { id: 'potting.step.lift', gaps: { kg: n(figures.wet_kg, 2) }, weight: 'mind' },
  ];

  return steps.filter((step): step is CardStep => step !== false);
}
