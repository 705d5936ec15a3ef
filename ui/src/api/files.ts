import { answerOf, api, type Schemas } from './client';
import { useStale } from './stale';

export type SheetName =
  | 'components'
  | 'lots'
  | 'sieve-tests'
  | 'plants'
  | 'plant-history'
  | 'growth'
  | 'pots'
  | 'weather';

/** The media type of a table, by the name of its file. */
export function typeOf(name: string): string {
  const found = {
    ods: 'application/vnd.oasis.opendocument.spreadsheet',
    xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  };

  return found[(/\.(ods|xlsx)$/i.exec(name)?.[1]?.toLowerCase() ?? '') as keyof typeof found] ?? 'text/csv';
}

/** Sends a table; as a dry run it is only looked through. */
export function useImport() {
  const stale = useStale();
  return async (
    sheet: SheetName,
    file: Blob,
    how: { dry_run?: 1; good_only?: 1 },
  ): Promise<Schemas['ImportReport']> => {
    const report = answerOf(
      await api.POST('/imports/{id}', {
        params: { path: { id: sheet }, query: how },
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as Blob,
        headers: { 'Content-Type': file.type === '' ? 'text/csv' : file.type },
      }),
    );
    if (report.taken) {
      await stale('file');
    }
    return report;
  };
}

/** Sends a component's JSON file with its history. */
export function useTakeComponent() {
  const stale = useStale();
  return async (text: string): Promise<Schemas['Component']> => {
    const component = answerOf(
      await api.POST('/component-files', {
        body: text as unknown as Record<string, never>,
        bodySerializer: (body) => body as unknown as string,
        headers: { 'Content-Type': 'application/json' },
      }),
    );
    await stale('file');
    return component;
  };
}

/** Sends a recipe's JSON file with its versions. */
export function useTakeRecipe() {
  const stale = useStale();
  return async (text: string): Promise<Schemas['Recipe']> => {
    const recipe = answerOf(
      await api.POST('/recipe-files', {
        body: text as unknown as Record<string, never>,
        bodySerializer: (body) => body as unknown as string,
        headers: { 'Content-Type': 'application/json' },
      }),
    );
    await stale('recipe');
    return recipe;
  };
}

const asText = {
  bodySerializer: (body: unknown) => body as string,
  headers: { 'Content-Type': 'application/json' },
};

/** Sends a plant's JSON file with its history. */
export function useTakePlant() {
  const stale = useStale();
  return async (text: string): Promise<Schemas['Plant']> => {
    const plant = answerOf(
      await api.POST('/plant-files', { body: text as unknown as Record<string, never>, ...asText }),
    );
    await stale('file');
    return plant;
  };
}

/** Sends a pot's JSON file. */
export function useTakePot() {
  const stale = useStale();
  return async (text: string): Promise<Schemas['Pot']> => {
    const pot = answerOf(await api.POST('/pot-files', { body: text as unknown as Record<string, never>, ...asText }));
    await stale('pot');
    return pot;
  };
}

/** Sends a whole yard, and tells how many rows were taken in. */
export function useTakeYard() {
  const stale = useStale();
  return async (file: Blob): Promise<number> => {
    const taken = answerOf(
      await api.POST('/yard', {
        body: file as unknown as string,
        bodySerializer: (body) => body as unknown as Blob,
        headers: { 'Content-Type': 'application/zip' },
      }),
    );
    await stale('file');
    return Object.values(taken.rows).reduce((sum, rows) => sum + rows, 0);
  };
}
