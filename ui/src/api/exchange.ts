import { useQueryClient } from '@tanstack/react-query';
import { answerOf, api, type Schemas } from './client';

export type SheetName = 'components' | 'lots' | 'sieve-tests' | 'plants' | 'plant-history' | 'pots';

const TOUCHED = ['components', 'lots', 'movements', 'tests', 'evaluation', 'plan', 'plants', 'plant', 'pots', 'today'];

/** Sends a CSV file; as a dry run it is only looked through. */
export function useImport() {
  const client = useQueryClient();
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
        headers: { 'Content-Type': 'text/csv' },
      }),
    );
    if (report.taken) {
      await Promise.all(TOUCHED.map((key) => client.invalidateQueries({ queryKey: [key] })));
    }
    return report;
  };
}

/** Sends a component's JSON file with its history. */
export function useTakeComponent() {
  const client = useQueryClient();
  return async (text: string): Promise<Schemas['Component']> => {
    const component = answerOf(
      await api.POST('/component-files', {
        body: text as unknown as Record<string, never>,
        bodySerializer: (body) => body as unknown as string,
        headers: { 'Content-Type': 'application/json' },
      }),
    );
    await Promise.all(TOUCHED.map((key) => client.invalidateQueries({ queryKey: [key] })));
    return component;
  };
}

/** Sends a recipe's JSON file with its versions. */
export function useTakeRecipe() {
  const client = useQueryClient();
  return async (text: string): Promise<Schemas['Recipe']> => {
    const recipe = answerOf(
      await api.POST('/recipe-files', {
        body: text as unknown as Record<string, never>,
        bodySerializer: (body) => body as unknown as string,
        headers: { 'Content-Type': 'application/json' },
      }),
    );
    await client.invalidateQueries({ queryKey: ['recipes'] });
    return recipe;
  };
}

const asText = {
  bodySerializer: (body: unknown) => body as string,
  headers: { 'Content-Type': 'application/json' },
};

/** Sends a plant's JSON file with its history. */
export function useTakePlant() {
  const client = useQueryClient();
  return async (text: string): Promise<Schemas['Plant']> => {
    const plant = answerOf(
      await api.POST('/plant-files', { body: text as unknown as Record<string, never>, ...asText }),
    );
    await Promise.all(TOUCHED.map((key) => client.invalidateQueries({ queryKey: [key] })));
    return plant;
  };
}

/** Sends a pot's JSON file. */
export function useTakePot() {
  const client = useQueryClient();
  return async (text: string): Promise<Schemas['Pot']> => {
    const pot = answerOf(await api.POST('/pot-files', { body: text as unknown as Record<string, never>, ...asText }));
    await client.invalidateQueries({ queryKey: ['pots'] });
    return pot;
  };
}
