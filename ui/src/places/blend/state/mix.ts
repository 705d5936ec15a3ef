import type { Schemas } from '../../../api/client';
import { plain, typedNumber } from '../../../i18n/numbers';
import type { Words } from '../../../i18n/words';
import { type Contents, noContents, type Situation, usualSituation } from './situationState';

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
const COUNTED: readonly Notation[] = ['parts', 'scoops'];

/** The sum of a mix as its notation says it: a number to be counted, or a figure in words. */
export function sumIn(notation: Notation, sum: number, { n, q }: Pick<Words, 'n' | 'q'>): number | string {
  if (COUNTED.includes(notation)) {
    return Math.round(sum * 100) / 100;
  }

  return notation === 'litres' ? q(sum, 'L') : n(sum, 4);
}

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
  /** At which it was opened; null of a mix that was left there before this was kept. */
  recipeRevision: number | null;
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

export const emptyMix = (): Mix => ({
  recipeId: null,
  recipeRevision: null,
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

/** A row as the API takes it, but for its parts. */
export function partOf(row: MixRow): Omit<Schemas['PartInput'], 'parts'> {
  return { component_id: row.componentId, ...(row.preparation == null ? {} : { preparation: row.preparation }) };
}

/** The bench with another recipe on it; pot and set-up stay. */
export function opened(mix: Mix, recipe: Schemas['Recipe']): Mix {
  return {
    ...mix,
    recipeId: recipe.id,
    recipeRevision: recipe.revision,
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
/** Rows that the server read or worked out. */
export function writtenRows(rows: Schemas['WrittenRow'][]): MixRow[] {
  return rows.map(({ component_id, name, kind, colour, source, amount }) =>
    withAmount({ componentId: component_id, name, kind, colour, source, text: '' }, amount),
  );
}

export function withAmount(row: MixRow, amount: number): MixRow {
  const text = String(Math.round(amount * 100) / 100);

  return { ...row, text, exact: Number(text) === amount ? undefined : amount };
}
