import type { Schemas } from '../../api/client';
import type { Words } from '../../i18n/words';

type Verdict = Schemas['Verdict'];

const DAY = 24;
/** Hours above which one says days. */
const DAYS_FROM = 96;
const HORIZON = 8;

/** Hours as one says them: days where there are many. */
export function lasting(hours: number, { t, n }: Words): string {
  return hours >= DAYS_FROM
    ? t('verdict.days', { days: n(hours / DAY, 2) })
    : t('verdict.hours', { hours: n(hours, 2) });
}

/** A criterion's figure as it is said in words. */
export function figure(criterion: Schemas['Criterion'], value: number, words: Words, currency = 'EUR'): string {
  const { t, n, percent, money } = words;
  switch (criterion) {
    case 'air':
    case 'float_share':
      return percent(value);
    case 'interval':
      return lasting(value, words);
    case 'run_through':
      return `${n(value, 2)} s`;
    case 'ph':
    case 'later_ph':
      return n(value, 2);
    case 'wet_weight':
      return `${n(value, 2)} kg`;
    case 'largest_grain':
      return `${n(value, 2)} mm`;
    case 'segregation':
      return t('verdict.ratio', { ratio: n(value, 2) });
    case 'years':
      return t(value >= HORIZON ? 'verdict.years.more' : 'verdict.years.n', { years: n(value) });
    case 'cost':
      return money(value, currency);
    case 'stock':
      return t('verdict.pots', { pots: value });
  }
}

interface About {
  group: Schemas['PlantGroup'];
  pot: Pick<Schemas['Evaluation']['pot'], 'limited_by_holes' | 'run_through_speed'>;
  plannedYears: number;
  currency: string;
}

/** What a verdict says beneath its figure: the band, and for whom. */
export function sentence(verdict: Verdict, about: About, words: Words): string {
  const { t, n, percent, money } = words;
  const plants = t(`plants.${about.group}`);
  const high = verdict.high ?? 0;
  switch (verdict.criterion) {
    case 'air':
      return capital(t('verdict.air.text', { plants, low: percent(verdict.low), high: percent(high) }));
    case 'interval':
      return t('verdict.interval.text', { habit: t('habit.hours', { hours: String(verdict.low) }) });
    case 'run_through':
      return verdict.value === null
        ? t('verdict.run_through.none')
        : t('verdict.run_through.text', {
            speed: about.pot.run_through_speed ?? 'stagnant',
            high: n(high),
            holes: about.pot.limited_by_holes && verdict.level !== 'good' ? 'yes' : 'no',
          });
    case 'ph':
      return verdict.value === null
        ? t('verdict.ph.none')
        : capital(t('verdict.ph.text', { plants, low: n(verdict.low), high: n(high) }));
    case 'later_ph':
      return t('verdict.later_ph.text', { plants, low: n(verdict.low), high: n(high), years: n(about.plannedYears) });
    case 'wet_weight':
      return t('verdict.wet_weight.text', { high: n(high) });
    case 'largest_grain':
      return t('verdict.largest_grain.text', { high: n(high, 2) });
    case 'float_share':
      return t('verdict.float_share.text', { high: percent(high) });
    case 'segregation':
      return t('verdict.segregation.text', { high: n(high) });
    case 'years':
      return t('verdict.years.text', { years: t('verdict.years.n', { years: n(verdict.low) }) });
    case 'cost':
      return t('verdict.cost.text', { high: money(high, about.currency) });
    case 'stock':
      return t('verdict.stock.text', { pots: verdict.low });
  }
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
