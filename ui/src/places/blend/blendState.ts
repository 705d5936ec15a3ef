import type { Schemas } from '../../api/client';
import { typedNumber } from '../../i18n/words';

/** One component of the mix on the bench; `text` is what stands in its field of parts, as it was typed. */
export interface MixRow {
  componentId: number;
  name: string;
  kind: Schemas['Kind'];
  colour: string;
  text: string;
  preparation?: Preparation | null;
}

export type Preparation = Schemas['Preparation'];

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
  group: Schemas['PlantGroup'];
  rows: MixRow[];
  potId: number | null;
  headspace: string;
  dressing: string;
  tree: string;
  layer: Layer | null;
  /** Of a measured mix shrink; null while the mix differs from the one that was measured, or none was. */
  compactionIndex?: number | null;
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
  | { do: 'saved'; recipeId: number; name: string; note: string }
  | { do: 'firstPot'; potId: number }
  | { do: 'undo' }
  | { do: 'redo' };

const LONGEST_HISTORY = 100;

export const emptyMix: Mix = {
  recipeId: null,
  recipeName: '',
  recipeNote: '',
  group: 'airy_conifers',
  rows: [],
  potId: null,
  headspace: '0.8',
  dressing: '0',
  tree: '0',
  layer: null,
};

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
      const parts = Math.max(0, (typedNumber(row?.text ?? '') ?? 0) + action.by);

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
    case 'saved':
      return {
        ...history,
        now: { ...now, recipeId: action.recipeId, recipeName: action.name, recipeNote: action.note },
      };
    case 'firstPot':
      return now.potId === null ? { ...history, now: { ...now, potId: action.potId } } : history;
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
  const parts = mix.rows.map((row) => ({ ...partOf(row), parts: typedNumber(row.text) }));
  const [headspace, dressing, tree] = [mix.headspace, mix.dressing, mix.tree].map(typedNumber);
  const thickness = mix.layer === null ? 0 : typedNumber(mix.layer.thickness);
  if (mix.potId === null || parts.length === 0 || headspace == null || dressing == null || tree == null) {
    return null;
  }
  if (thickness === null || !parts.every((part): part is Schemas['PartInput'] => part.parts !== null)) {
    return null;
  }

  return {
    parts,
    pot_id: mix.potId,
    plant_group: mix.group,
    headspace_cm: headspace,
    top_dressing_cm: dressing,
    tree_weight_kg: tree,
    ...(mix.compactionIndex == null ? {} : { compaction_index: mix.compactionIndex }),
    drainage_layer: mix.layer === null ? null : { component_id: mix.layer.componentId, thickness_cm: thickness },
  };
}

/** A row as the API takes it, but for its parts. */
export function partOf(row: MixRow): Omit<Schemas['PartInput'], 'parts'> {
  return { component_id: row.componentId, ...(row.preparation == null ? {} : { preparation: row.preparation }) };
}

/** Whether the mix differs from the recipe it was opened from. */
export function differs(mix: Mix, recipe: Schemas['Recipe'] | undefined): boolean {
  if (recipe === undefined) {
    return mix.rows.length > 0;
  }

  return (
    mix.group !== recipe.plant_group ||
    mix.rows.length !== recipe.parts.length ||
    mix.rows.some((row, i) => {
      const part = recipe.parts[i];

      return (
        part?.component_id !== row.componentId ||
        part.parts !== typedNumber(row.text) ||
        JSON.stringify(part.preparation ?? null) !== JSON.stringify(row.preparation ?? null)
      );
    })
  );
}

/** The bench with another recipe on it; pot and set-up stay. */
export function opened(mix: Mix, recipe: Schemas['Recipe']): Mix {
  return {
    ...mix,
    recipeId: recipe.id,
    recipeName: recipe.name,
    recipeNote: recipe.note,
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
  }));
}

/** A number as somebody would type it. */
export function plain(value: number): string {
  return String(Math.round(value * 1e6) / 1e6);
}

function withParts(mix: Mix, componentId: number, text: string): Mix {
  return { ...mix, rows: mix.rows.map((row) => (row.componentId === componentId ? { ...row, text } : row)) };
}

function push(history: History, next: Mix, touches: string | null): History {
  // what was measured of a mix is not true of another one
  const isOther = next.rows !== history.now.rows && next.recipeId === history.now.recipeId;
  const mix = isOther && next.compactionIndex != null ? { ...next, compactionIndex: null } : next;
  const goesOn = touches !== null && touches === history.touched;

  return {
    past: goesOn ? history.past : [...history.past, history.now].slice(-LONGEST_HISTORY),
    now: mix,
    future: [],
    touched: touches,
  };
}
