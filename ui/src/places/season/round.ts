import type { Schemas } from '../../api/client';

type Round = Schemas['WaterRound'];
type Plant = Schemas['RoundPlant'];

/** A round is for the day: what runs dry within it. */
const DAY_H = 24;

/** In want by tomorrow at this hour, or nobody knows. */
export function isDueToday(plant: Plant): boolean {
  return plant.left_h === null ? plant.watered_at === null || plant.doubtful : plant.left_h < DAY_H;
}

/** Plants, litres and cans of what is to be watered. */
export function sumsOf(plants: Plant[], canL: number): { due: number; litres: number; cans: number } {
  const litres = plants.reduce((sum, { round_l }) => sum + (round_l ?? 0), 0);

  return { due: plants.length, litres, cans: Math.max(0, Math.ceil(litres / canL - 1e-9)) };
}

/** Places in walking order, each with its plants: doubtful ones first, then by hours. */
export function inPlaces({ places, plants }: Round): { place: string; plants: Plant[] }[] {
  return places
    .map(({ place }) => ({ place, plants: plants.filter((plant) => plant.place === place) }))
    .filter((each) => each.plants.length > 0);
}
