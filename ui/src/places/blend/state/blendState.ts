import type { Schemas } from '../../../api/client';
import { rules } from '../../../api/meta';
import {
  type Contents,
  contentsInput,
  noContents,
  type Situation,
  situationInput,
  usualSituation,
} from './situationState';
import { plain, typedNumber } from '../../../i18n/numbers';

/** One component of the mix on the bench; `text` is what stands in its field of parts, as it was typed. */
export interface MixRow {
  componentId: number;
  name: string;
  kind: Schemas['Kind'];
  colour: string;
  text: string;
  /** The number that the text stands for, where the text shows it rounded. */
  exact?: number | undefined;
  preparation?: Preparation | null;
  source?: Schemas['Source'];
}

/** How amounts are written: all of them only say how much of each goes with how much of the others. */
export const NOTATIONS = ['parts', 'percent', 'litres', 'scoops'] as const;
export type Notation = (typeof NOTATIONS)[number];
/** The notations that count pieces, so that their word bends to the number. */
export const COUNTED: readonly Notation[] = ['parts', 'scoops'];

export type Preparation = Schemas['Preparation'];

/** The pot tried at another depth or with other holes. */
export interface PotChange {
  depthCm: number | null;
  holeCount: number | null;
  holeDiameterCm: number | null;
}

export interface Layer {
  componentId: number;
  name: string;
  kind: Schemas['Kind'];
  colour: string;
  thickness: string;
}

/** What stands on the Blend screen. Everything computed from it comes from the server. */
export interface Mix {
  recipeId: number | null;
  recipeName: string;
  recipeNote: string;
  recipeTags: string[];
  notation: Notation;
  /** Litres in a scoop, as typed. */
  scoop: string;
  group: Schemas['PlantGroup'];
  rows: MixRow[];
  potId: number | null;
  headspace: string;
  dressing: string;
  tree: string;
  layer: Layer | null;
  situation: Situation;
  contents: Contents;
  potChange: PotChange | null;
  /** Of a measured mix shrink; null while the mix differs from the one that was measured, or none was. */
  compactionIndex?: number | null;
  /** How firmly it is tried to lie; null where it lies as it settles. */
  packing?: number | null;
}

export interface History {
  past: Mix[];
  now: Mix;
  future: Mix[];
  /** What the last change touched: one field typed in is one step to undo. */
  touched: string | null;
}

export type Action =
  | { do: 'change'; touches: string; mix: Partial<Mix> }
  | { do: 'parts'; componentId: number; text: string }
  | { do: 'step'; componentId: number; by: number }
  | { do: 'add'; row: MixRow }
  | { do: 'remove'; componentId: number }
  | { do: 'prepare'; componentId: number; preparation: Preparation | null }
  | { do: 'open'; mix: Mix }
  | { do: 'openRecipe'; recipe: Schemas['Recipe'] }
  | { do: 'plant'; group: Schemas['PlantGroup']; speciesId: number | null }
  | { do: 'saved'; recipe: Schemas['Recipe'] }
  | { do: 'firstPot'; potId: number }
  | { do: 'firstSite'; siteId: number }
  | { do: 'write'; notation: Notation }
  | { do: 'rows'; rows: MixRow[]; notation?: Notation }
  | { do: 'equal' }
  | { do: 'little'; componentId: number }
  | { do: 'fillUp'; componentId: number }
  | { do: 'scale' }
  | { do: 'expand'; componentId: number; rows: MixRow[] }
  | { do: 'situation'; touches: string; situation: Partial<Situation> }
  | { do: 'contents'; touches: string; contents: Partial<Contents> }
  | { do: 'undo' }
  | { do: 'redo' };

const LONGEST_HISTORY = 100;

export const emptyMix = (): Mix => ({
  recipeId: null,
  recipeName: '',
  recipeNote: '',
  recipeTags: [],
  notation: 'parts',
  scoop: '1',
  group: 'airy_conifers',
  rows: [],
  potId: null,
  headspace: '0.8',
  dressing: '0',
  tree: '0',
  layer: null,
  situation: usualSituation(),
  contents: noContents,
  potChange: null,
});

export function startOf(mix: Mix): History {
  return { past: [], now: mix, future: [], touched: null };
}

export function reduce(history: History, action: Action): History {
  const { now } = history;
  switch (action.do) {
    case 'change':
      return push(history, { ...now, ...action.mix }, action.touches);
    case 'parts':
      return push(history, withParts(now, action.componentId, action.text), `parts ${action.componentId}`);
    case 'step': {
      const row = now.rows.find((each) => each.componentId === action.componentId);
      const parts = Math.max(0, (row === undefined ? 0 : (amountOf(row) ?? 0)) + action.by * stepOf(now));

      return push(history, withParts(now, action.componentId, plain(parts)), null);
    }
    case 'add':
      return now.rows.some((row) => row.componentId === action.row.componentId)
        ? history
        : push(history, { ...now, rows: [...now.rows, action.row] }, null);
    case 'remove':
      return push(history, { ...now, rows: now.rows.filter((row) => row.componentId !== action.componentId) }, null);
    case 'prepare':
      return push(
        history,
        {
          ...now,
          rows: now.rows.map((row) =>
            row.componentId === action.componentId ? { ...row, preparation: action.preparation } : row,
          ),
        },
        `prepare ${action.componentId}`,
      );
    case 'open':
      return push(history, action.mix, null);
    case 'openRecipe':
      return push(history, opened(now, action.recipe), null);
    case 'plant':
      return push(
        history,
        { ...now, group: action.group, situation: { ...now.situation, speciesId: action.speciesId } },
        'group',
      );
    case 'saved':
      return {
        ...history,
        now: {
          ...now,
          recipeId: action.recipe.id,
          recipeName: action.recipe.name,
          recipeNote: action.recipe.note,
          recipeTags: action.recipe.tags,
        },
      };
    case 'firstPot':
      return now.potId === null ? { ...history, now: { ...now, potId: action.potId } } : history;
    case 'firstSite':
      return now.situation.siteId === null
        ? { ...history, now: { ...now, situation: { ...now.situation, siteId: action.siteId } } }
        : history;
    case 'write':
      return push(history, writtenAs(now, action.notation), null);
    case 'rows':
      return push(
        history,
        { ...now, rows: action.rows, notation: action.notation ?? now.notation, compactionIndex: null },
        null,
      );
    case 'equal': {
      const text = now.notation === 'percent' ? 100 / Math.max(1, now.rows.length) : 1;

      return push(history, { ...now, rows: now.rows.map((row) => withAmount(row, text)) }, null);
    }
    case 'little': {
      const others = now.rows.filter((row) => row.componentId !== action.componentId);
      const sum = others.reduce((total, row) => total + Math.max(0, amountOf(row) ?? 0), 0);

      return push(
        history,
        {
          ...now,
          rows: now.rows.map((row) =>
            row.componentId === action.componentId ? withAmount(row, sum * rules.little_share) : row,
          ),
        },
        null,
      );
    }
    case 'fillUp': {
      const rest = 100 - sumOf(now);
      const rows = now.rows.map((row) =>
        row.componentId === action.componentId ? withAmount(row, Math.max(0, (amountOf(row) ?? 0) + rest)) : row,
      );

      return push(history, { ...now, rows }, null);
    }
    case 'scale': {
      const sum = sumOf(now);

      return sum <= 0
        ? history
        : push(
            history,
            { ...now, rows: now.rows.map((row) => withAmount(row, ((amountOf(row) ?? 0) * 100) / sum)) },
            null,
          );
    }
    case 'expand':
      return push(history, expanded(now, action.componentId, action.rows), null);
    case 'situation':
      return push(history, { ...now, situation: { ...now.situation, ...action.situation } }, action.touches);
    case 'contents':
      return push(history, { ...now, contents: { ...now.contents, ...action.contents } }, action.touches);
    case 'undo': {
      const before = history.past.at(-1);

      return before === undefined
        ? history
        : { past: history.past.slice(0, -1), now: before, future: [now, ...history.future], touched: null };
    }
    case 'redo': {
      const after = history.future[0];

      return after === undefined
        ? history
        : { past: [...history.past, now], now: after, future: history.future.slice(1), touched: null };
    }
  }
}

/** The question to the server, or null while a field holds no number or something is missing. */
export function questionOf(mix: Mix): Schemas['EvaluationInput'] | null {
  const parts = mix.rows.map((row) => ({ ...partOf(row), parts: amountOf(row) }));
  const situation = situationInput(mix.situation);
  const contents = contentsInput(mix.contents);
  const [headspace, dressing, tree] = [mix.headspace, mix.dressing, mix.tree].map(typedNumber);
  const thickness = mix.layer === null ? 0 : typedNumber(mix.layer.thickness);
  if (mix.potId === null || parts.length === 0 || headspace == null || dressing == null || tree == null) {
    return null;
  }
  if (
    situation === null ||
    contents === null ||
    thickness === null ||
    !parts.every((part): part is Schemas['PartInput'] => part.parts !== null)
  ) {
    return null;
  }

  return {
    parts,
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

/** A row as the API takes it, but for its parts. */
export function partOf(row: MixRow): Omit<Schemas['PartInput'], 'parts'> {
  return { component_id: row.componentId, ...(row.preparation == null ? {} : { preparation: row.preparation }) };
}

/** The bench with another recipe on it; pot and set-up stay. */
export function opened(mix: Mix, recipe: Schemas['Recipe']): Mix {
  return {
    ...mix,
    recipeId: recipe.id,
    recipeName: recipe.name,
    recipeNote: recipe.note,
    recipeTags: recipe.tags,
    notation: 'parts',
    group: recipe.plant_group,
    rows: rowsOf(recipe),
    compactionIndex: recipe.compaction_index,
  };
}

function rowsOf(recipe: Schemas['Recipe']): MixRow[] {
  return recipe.parts.map((part) => ({
    componentId: part.component_id,
    name: part.component_name,
    kind: part.kind,
    colour: part.colour,
    text: plain(part.parts),
    preparation: part.preparation,
    source: part.source,
  }));
}

/** The number that stands in a row, or null where none does. */
export function amountOf(row: MixRow): number | null {
  return row.exact ?? typedNumber(row.text);
}

export function sumOf(mix: Mix): number {
  return mix.rows.reduce((sum, row) => sum + Math.max(0, amountOf(row) ?? 0), 0);
}

/** What one press of more or less is worth: a part, a scoop, its litres, or five per cent. */
export function stepOf(mix: Mix): number {
  return mix.notation === 'percent' ? 5 : mix.notation === 'litres' ? (typedNumber(mix.scoop) ?? 1) : 1;
}

/** A row with an amount, its text rounded to what one would write. */
export function withAmount(row: MixRow, amount: number): MixRow {
  const text = String(Math.round(amount * 100) / 100);

  return { ...row, text, exact: Number(text) === amount ? undefined : amount };
}

/** The same mix written in another way. A part is a scoop; ten per cent are a part. */
function writtenAs(mix: Mix, notation: Notation): Mix {
  if (notation === mix.notation || mix.rows.some((row) => amountOf(row) === null)) {
    return { ...mix, notation };
  }
  const scoop = typedNumber(mix.scoop) ?? 1;
  const perPart = mix.notation === 'percent' ? 10 : mix.notation === 'litres' ? scoop : 1;
  const factor =
    notation === 'percent' ? 100 / Math.max(1e-9, sumOf(mix)) : (notation === 'litres' ? scoop : 1) / perPart;

  return { ...mix, notation, rows: mix.rows.map((row) => withAmount(row, (amountOf(row) ?? 0) * factor)) };
}

/** A premix replaced by what it is made of; what stands in the mix already is put together with it. */
function expanded(mix: Mix, componentId: number, rows: MixRow[]): Mix {
  const kept = mix.rows.filter((row) => row.componentId !== componentId);
  const added = rows.filter((row) => !kept.some((other) => other.componentId === row.componentId));
  const joined = kept.map((row) => {
    const more = rows.find((other) => other.componentId === row.componentId);

    return more === undefined ? row : withAmount(row, (amountOf(row) ?? 0) + (amountOf(more) ?? 0));
  });

  return { ...mix, rows: [...joined, ...added] };
}

function withParts(mix: Mix, componentId: number, text: string): Mix {
  return {
    ...mix,
    rows: mix.rows.map((row) => (row.componentId === componentId ? { ...row, text, exact: undefined } : row)),
  };
}

function push(history: History, next: Mix, touches: string | null): History {
  // what was measured of a mix is not true of another one
  const isOther =
    next.rows !== history.now.rows && next.recipeId === history.now.recipeId && next.notation === history.now.notation;
  const mix = isOther && next.compactionIndex != null ? { ...next, compactionIndex: null } : next;
  const goesOn = touches !== null && touches === history.touched;

  return {
    past: goesOn ? history.past : [...history.past, history.now].slice(-LONGEST_HISTORY),
    now: mix,
    future: [],
    touched: touches,
  };
}
