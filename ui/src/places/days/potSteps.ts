import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/en';

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
  const steps: (CardStep | false)[] = [
    plant.buried.length > 0 && { id: 'bench2.step.buried', gaps: { what: buried(plant.buried) }, weight: 'mind' },
    plan.crown_cut_share > 0 && { id: 'bench2.step.crown', gaps: { share: percent(plan.crown_cut_share) } },
    plan.ball !== null && {
      id: 'bench2.step.ball',
      gaps: { treatment: treatment(plan.treatment), roots: percent(plan.roots_cut_share) },
    },
    plan.treatment === 'washed' && { id: 'bench2.step.washRepels', gaps: {} },
    figures !== null &&
      figures.mesh.pieces > 0 && {
        id: 'bench2.step.mesh',
        gaps: { pieces: figures.mesh.pieces, side: n(figures.mesh.side_cm, 2) },
      },
    figures?.wire != null && {
      id: 'bench2.step.wire',
      gaps: {
        wires: figures.wire.wires,
        gauge: n(figures.wire.gauge_mm),
        length: n(Math.round(figures.wire.length_cm)),
      },
    },
    plan.hole_cover_id !== null && { id: 'bench2.step.cover', gaps: { name: materials['hole_cover_id'] ?? '' } },
    plan.layer !== null &&
      figures !== null && {
        id: 'bench2.step.layer',
        gaps: {
          litres: n(figures.layer_l),
          name: materials['layer.component_id'] ?? '',
          cm: n(plan.layer.thickness_cm),
        },
      },
    plan.wall !== null && {
      id: 'bench2.step.wall',
      gaps: { what: materials['wall.component_id'] ?? treatment('untouched'), cm: n(plan.wall.thickness_cm) },
    },
    plan.bed_cm > 0 && { id: 'bench2.step.bed', gaps: { cm: n(plan.bed_cm) } },
    figures !== null && {
      id: 'bench2.step.mix',
      gaps: { litres: n(figures.base_l), recipe: recipe.name },
      weight: 'strong',
    },
    ...entry.extras.map((extra): CardStep => ({
      id: 'bench2.step.extra',
      gaps: { litres: n(extra.litres), name: extra.name },
      weight: 'strong',
    })),
    figures !== null &&
      figures.old_soil_l > 0 && { id: 'bench2.step.oldSoil', gaps: { litres: n(figures.old_soil_l) } },
    figures?.fertiliser != null && {
      id: 'bench2.step.fertiliser',
      gaps: { grams: n(figures.fertiliser.grams, 2), name: figures.fertiliser.name },
    },
    plan.fixing === 'wire'
      ? { id: 'bench2.step.fixWire', gaps: {} }
      : plan.fixing === 'stones'
        ? { id: 'bench2.step.fixStones', gaps: { days: plan.stones_days } }
        : { id: 'bench2.step.fixNone', gaps: {} },
    plan.dressing !== null && figures !== null
      ? {
          id: 'bench2.step.dressing',
          gaps: {
            litres: n(figures.dressing_l),
            name: materials['dressing.component_id'] ?? '',
            cm: n(plan.dressing.cm),
          },
        }
      : { id: `bench2.step.surface.${plan.surface}`, gaps: {} },
    figures !== null && figures.first_water_days > 0
      ? { id: 'bench2.step.wait', gaps: { days: figures.first_water_days }, weight: 'mind' }
      : { id: 'bench2.step.water', gaps: {} },
    figures?.two_to_lift === true && { id: 'bench2.step.lift', gaps: { kg: n(figures.wet_kg, 2) }, weight: 'mind' },
  ];

  return steps.filter((step): step is CardStep => step !== false);
}
