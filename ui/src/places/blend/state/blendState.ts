import type { Schemas } from '../../../api/client';
import { plain } from '../../../i18n/numbers';
import { equalled, expanded, filledUp, scaled, withLittle, withRow, writtenAs } from './amounts';
import { amountOf, type Mix, type MixRow, type Notation, opened, type Preparation, stepOf } from './mix';
import type { Contents, Situation } from './situationState';

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
        withRow(now, action.componentId, (row) => ({ ...row, preparation: action.preparation })),
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
          recipeRevision: action.recipe.revision,
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
    case 'equal':
      return push(history, equalled(now), null);
    case 'little':
      return push(history, withLittle(now, action.componentId), null);
    case 'fillUp':
      return push(history, filledUp(now, action.componentId), null);
    case 'scale': {
      const mix = scaled(now);

      return mix === now ? history : push(history, mix, null);
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

function withParts(mix: Mix, componentId: number, text: string): Mix {
  return withRow(mix, componentId, (row) => ({ ...row, text, exact: undefined }));
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
