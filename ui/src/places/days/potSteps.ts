import type { Schemas } from '../../api/client';
import { rules } from '../../api/meta';
import type { MessageId, Words } from '../../i18n/words';

/** A line of a pot card: its sentence and the figures in it. */
export interface CardStep {
  id: MessageId;
  gaps: Record<string, string | number>;
  weight?: 'strong' | 'mind';
}

interface Say extends Pick<Words, 'n' | 'q'> {
  percent: (share: number) => string;
  treatment: (word: Schemas['BallTreatment']) => string;
  buried: (rows: Schemas['Buried'][]) => string;
  side: (side: Schemas['PotSide']) => string;
  word: (id: 'potting.step.oldSoilName' | 'potting.step.noFront') => string;
}

/** The order and technique for one plant, from its plan: crown before roots, from the middle outward, water last. */
export function stepsOf(entry: Schemas['DayEntry'], { n, q, percent, treatment, buried, side, word }: Say): CardStep[] {
  const { plan, figures, plant, materials, recipe } = entry;
  const bed = figures?.fit?.bed_cm ?? plan.bed_cm ?? 0;
  const feed: CardStep | undefined =
    figures?.fertiliser == null
      ? undefined
      : {
          id: `potting.step.feed.${figures.fertiliser.where}`,
          gaps: { grams: q(figures.fertiliser.grams, 'g'), name: figures.fertiliser.name },
        };
  const steps: (CardStep | false)[] = [
    plant.buried.length > 0 && { id: 'potting.step.buried', gaps: { what: buried(plant.buried) }, weight: 'mind' },
    plan.crown_cut_share > 0 && { id: 'potting.step.crown', gaps: { share: percent(plan.crown_cut_share) } },
    plan.ball !== null && {
      id: 'potting.step.ball',
      gaps: { treatment: treatment(plan.treatment), roots: percent(plan.roots_cut_share) },
    },
    plan.treatment === 'washed' && { id: 'potting.step.washRepels', gaps: {} },
    figures?.fit != null &&
      figures.fit.thin_cm > rules.notable.cm && {
        id: 'potting.step.thin',
        gaps: { cm: q(figures.fit.thin_cm, 'cm') },
        weight: 'strong',
      },
    figures !== null &&
      figures.mesh.pieces > 0 && {
        id: 'potting.step.mesh',
        gaps: { pieces: figures.mesh.pieces, side: q(figures.mesh.side_cm, 'cm') },
      },
    figures?.wire != null && {
      id: 'potting.step.wire',
      gaps: {
        wires: figures.wire.wires,
        gauge: n(figures.wire.gauge_mm),
        length: q(Math.round(figures.wire.length_cm), 'cm'),
        through: figures.wire.through,
      },
    },
    plan.hole_cover_id !== null && { id: 'potting.step.cover', gaps: { name: materials['hole_cover_id'] ?? '' } },
    plan.layer !== null &&
      figures !== null && {
        id: 'potting.step.layer',
        gaps: {
          litres: q(figures.layer_l, 'L'),
          name: materials['layer.component_id'] ?? '',
          cm: q(plan.layer.thickness_cm, 'cm'),
        },
      },
    plan.wall !== null &&
      figures !== null && {
        id: 'potting.step.wall',
        gaps: {
          litres: q(plan.wall.kind === 'moss' ? figures.wall_l : figures.wall_soil_l, 'L'),
          what: materials['wall.component_id'] ?? word('potting.step.oldSoilName'),
          cm: q(plan.wall.thickness_cm, 'cm'),
        },
      },
    bed > rules.notable.cm && { id: 'potting.step.bed', gaps: { cm: q(bed, 'cm') } },
    figures?.fit != null && {
      id: 'potting.step.collar',
      gaps: {
        cm: q(Math.abs(figures.fit.collar_over_rim_cm), 'cm'),
        where: figures.fit.collar_over_rim_cm <= 0 ? 'below' : 'over',
        front: plant.front === '' ? word('potting.step.noFront') : plant.front,
      },
      weight: 'strong',
    },
    (plan.placing.x_cm !== 0 || plan.placing.y_cm !== 0 || plan.placing.turn_deg !== 0) && {
      id: 'potting.step.place',
      gaps: {
        x: q(Math.abs(plan.placing.x_cm), 'cm'),
        h: plan.placing.x_cm < 0 ? 'left' : 'right',
        y: q(Math.abs(plan.placing.y_cm), 'cm'),
        v: plan.placing.y_cm < 0 ? 'front' : 'back',
        turn: n(plan.placing.turn_deg),
      },
    },
    plan.lean !== null && { id: 'potting.step.lean', gaps: { deg: n(plan.lean.deg), side: side(plan.lean.to) } },
    figures !== null && {
      id: 'potting.step.mix',
      gaps: { litres: q(figures.poured_l, 'L'), recipe: recipe.name },
      weight: 'strong',
    },
    ...entry.extras.map(
      (extra): CardStep => ({
        id: 'potting.step.extra',
        gaps: { litres: q(extra.litres, 'L'), name: extra.name },
        weight: 'strong',
      }),
    ),
    figures !== null &&
      figures.old_soil_l > 0 && { id: 'potting.step.oldSoil', gaps: { litres: q(figures.old_soil_l, 'L') } },
    feed !== undefined && figures?.fertiliser?.where === 'mixed' && feed,
    figures?.fit != null &&
      figures.fit.mound_cm > rules.notable.cm && {
        id: 'potting.step.mound',
        gaps: { cm: q(figures.fit.mound_cm, 'cm') },
      },
    plan.slope !== null && {
      id: 'potting.step.slope',
      gaps: { cm: q(plan.slope.cm, 'cm'), side: side(plan.slope.to) },
    },
    plan.fixing === 'wire'
      ? { id: 'potting.step.fixWire', gaps: {} }
      : plan.fixing === 'stones'
        ? { id: 'potting.step.fixStones', gaps: { days: plan.stones_days } }
        : { id: 'potting.step.fixNone', gaps: {} },
    feed !== undefined && figures?.fertiliser?.where === 'top' && feed,
    plan.dressing !== null &&
      figures !== null && {
        id: 'potting.step.dressing',
        gaps: {
          litres: q(figures.dressing_l, 'L'),
          name: materials['dressing.component_id'] ?? '',
          cm: q(plan.dressing.cm, 'cm'),
        },
      },
    // a dressing is the stone, moss may lie on it
    (plan.dressing === null || plan.surface === 'moss') && {
      id: `potting.step.surface.${plan.surface}`,
      gaps: {},
    },
    figures !== null && figures.first_water_days > 0
      ? { id: 'potting.step.wait', gaps: { days: figures.first_water_days }, weight: 'mind' }
      : { id: 'potting.step.water', gaps: {} },
    figures?.two_to_lift === true && { id: 'potting.step.lift', gaps: { kg: q(figures.wet_kg, 'kg') }, weight: 'mind' },
  ];

  return steps.filter((step): step is CardStep => step !== false);
}
