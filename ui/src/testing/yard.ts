import type { Schemas } from '../api/client';
import away from './answers/away.json';
import awayHelps from './answers/away-helps.json';
import batch from './answers/batch.json';
import batches from './answers/batches.json';
import comparison from './answers/comparison.json';
import components from './answers/components.json';
import day from './answers/day.json';
import days from './answers/days.json';
import evaluation from './answers/evaluation.json';
import fertilisers from './answers/fertilisers.json';
import instruments from './answers/instruments.json';
import judgement from './answers/judgement.json';
import lots from './answers/lots.json';
import meta from './answers/meta.json';
import movements from './answers/movements.json';
import plan from './answers/plan.json';
import plans from './answers/plans.json';
import plant from './answers/plant.json';
import plants from './answers/plants.json';
import pots from './answers/pots.json';
import proportions from './answers/proportions.json';
import versions from './answers/recipe-versions.json';
import recipes from './answers/recipes.json';
import round from './answers/round.json';
import running from './answers/running.json';
import seasonYear from './answers/season-year.json';
import sheet from './answers/sheet.json';
import sieveSets from './answers/sieve-sets.json';
import sites from './answers/sites.json';
import species from './answers/species.json';
import tasks from './answers/tasks.json';
import test from './answers/test.json';
import tests from './answers/tests.json';
import today from './answers/today.json';
import topUp from './answers/top-up.json';
import vessels from './answers/vessels.json';
import ageing from './answers/view-ageing.json';
import compaction from './answers/view-compaction.json';
import curve from './answers/view-curve.json';
import depths from './answers/view-depths.json';
import trade from './answers/view-trade.json';
import triangle from './answers/view-triangle.json';
import weather from './answers/weather.json';
import written from './answers/words.json';
import { server } from './server';

const as = <T>(answer: unknown): T => structuredClone(answer) as T;

/** What the server of the demo yard answered once; a test of PHP holds these to the contract. Each test gets its own copy. */
export const yard = {
  batch: () => as<Schemas['Batch']>(batch),
  component: () => as<Schemas['ComponentSheet']>(sheet).component,
  components: () => as<{ data: Schemas['Component'][]; page: number; per_page: number; total: number }>(components),
  comparison: () => as<Schemas['Comparison']>(comparison),
  day: () => as<Schemas['PottingDay']>(day),
  evaluation: () => as<Schemas['Evaluation']>(evaluation),
  fertilisers: () => as<{ data: Schemas['Fertiliser'][] }>(fertilisers).data,
  plan: () => as<Schemas['BatchPlan']>(plan),
  plant: () => as<Schemas['PlantDossier']>(plant),
  plants: () => as<{ data: Schemas['Plant'][] }>(plants).data,
  pots: () => as<{ data: Schemas['Pot'][] }>(pots).data,
  recipes: () => as<{ data: Schemas['Recipe'][] }>(recipes).data,
  away: () => as<Schemas['Away']>(away),
  round: () => as<Schemas['WaterRound']>(round),
  seasonYear: () => as<Schemas['SeasonYear']>(seasonYear),
  weather: () => as<Schemas['SiteWeather']>(weather),
  running: () => as<Schemas['BenchTest']>(running),
  judgement: () => as<NonNullable<Schemas['EntryJudgement']>>(judgement),
  sheet: () => as<Schemas['ComponentSheet']>(sheet),
  sites: () => as<{ data: Schemas['Site'][] }>(sites).data,
  species: () => as<{ data: Schemas['Species'][] }>(species).data,
  tasks: () => as<{ data: Schemas['CareTask'][] }>(tasks).data,
  test: () => as<Schemas['BenchTest']>(test),
  tests: () => as<{ data: Schemas['BenchTestSummary'][] }>(tests).data,
  today: () => as<Schemas['Today']>(today),
  vessels: () => as<{ data: Schemas['Vessel'][] }>(vessels).data,
};

/** Opens the yard: every question that only looks or works something out is answered. */
export function openYard(): void {
  const answers: Record<string, unknown> = {
    '/batches': batches,
    '/diary': {
      data: [
        {
          kind: 'plant',
          id: 1,
          on: '2026-03-04',
          time: null,
          sub: 'potted',
          name: 'Gate pine',
          of: 'T-001',
          person: 'Orsolt',
          place: 'Ridge bench',
          litres: null,
          note: '',
          link: 1,
        },
        {
          kind: 'load',
          id: 2,
          on: '2026-03-04',
          time: '09:15',
          sub: '',
          name: 'Ridge pines',
          of: 'Spring bench',
          person: '',
          place: '',
          litres: 12.5,
          note: '',
          link: 1,
        },
        {
          kind: 'stock',
          id: 3,
          on: '2026-03-02',
          time: '10:00',
          sub: 'count',
          name: 'Pumice 3-6 mm',
          of: '',
          person: '',
          place: '',
          litres: -4,
          note: 'a sack was torn',
          link: 1,
        },
      ],
      page: 1,
      per_page: 50,
      total: 3,
    },
    '/batches/1': batch,
    '/bench/plans': plans,
    '/bench/tests': tests,
    '/bench/tests/1': running,
    '/bench/tests/2': test,
    '/components': components,
    '/components/1': sheet.component,
    '/components/1/lots': lots,
    '/components/1/movements': movements,
    '/components/1/sheet': sheet,
    '/days': days,
    '/days/1': day,
    '/days/1/plants/1/judgement': judgement,
    '/fertilisers': fertilisers,
    '/instruments': instruments,
    '/meta': meta,
    '/model-news': { untold: false },
    '/plant-places': { data: ['Upper bench', 'Cold frame'] },
    '/plants': plants,
    '/plants/5': plant,
    '/plants/5/deliveries': { data: [] },
    '/pots': pots,
    '/proportions': proportions,
    '/recipes': recipes,
    '/recipes/1': recipes.data[0],
    '/recipes/1/versions': versions,
    '/round': round,
    '/sieve-sets': sieveSets,
    '/sites': sites,
    '/sites/1/weather': weather,
    '/species': species,
    '/tasks': tasks,
    '/today': today,
    '/vessels': vessels,
  };
  for (const [path, answer] of Object.entries(answers)) {
    server.on(`GET ${path}`, () => structuredClone(answer));
  }
  const worked: Record<string, unknown> = {
    '/batches/plan': plan,
    '/compare': comparison,
    '/evaluate': evaluation,
    '/season/away': away,
    '/season/away/helps': awayHelps,
    '/season/year': seasonYear,
    '/views/ageing': ageing,
    '/views/compaction': compaction,
    '/views/curve': curve,
    '/views/depths': depths,
    '/views/trade': trade,
    '/views/triangle': triangle,
    '/writing/read': written,
    '/writing/top-up': topUp,
  };
  for (const [path, answer] of Object.entries(worked)) {
    server.on(`POST ${path}`, () => structuredClone(answer));
  }
}
