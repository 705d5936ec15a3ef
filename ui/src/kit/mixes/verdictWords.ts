import type { Schemas } from '../../api/client';
import { rules } from '../../api/meta';
import type { Words } from '../../i18n/words';

type Verdict = Schemas['Verdict'];

const DAY = 24;
/** Hours above which one says days. */
const DAYS_FROM = 96;

/** Hours as one says them: days where there are many. */
export function lasting(hours: number, { t, n }: Words): string {
  return hours >= DAYS_FROM
    ? t('verdict.days', { days: n(hours / DAY, 2) })
    : t('verdict.hours', { hours: n(hours, 2) });
}

/** A criterion's figure as it is said in words. */
export function figure(criterion: Schemas['Criterion'], value: number, { t, n, q, percent }: Words): string {
  switch (criterion) {
    case 'air':
    case 'drought':
    case 'float_share':
      return percent(value);
    case 'run_through':
      return `${n(value, 2)} s`;
    case 'ph':
    case 'later_ph':
      return n(value, 2);
    case 'wet_weight':
      return q(value, 'kg');
    case 'largest_grain':
      return `${n(value, 2)} mm`;
    case 'segregation':
      return t('verdict.ratio', { ratio: n(value, 2) });
    case 'years':
      return t(value >= rules.horizon_years ? 'verdict.years.more' : 'verdict.years.n', { years: n(value, 2) });
  }
}

/**
 * How far a criterion's figure may be off, in words: one standard uncertainty in its unit; from where to where if that is more than half of a figure that cannot
 * be below 0; null where nobody would notice it.
 */
export function plusMinus(criterion: Schemas['Criterion'], value: number, u: number, words: Words): string | null {
  const { t, n, percent } = words;
  if (criterion === 'air' || criterion === 'drought' || criterion === 'float_share') {
    return u < rules.notable.share ? null : t('verdict.plusMinus', { u: percent(u) });
  }
  if (criterion === 'run_through' && isWide(value, u)) {
    return fromTo(value, u, words);
  }

  return u <= 0 ? null : t('verdict.plusMinus', { u: n(u, u < 1 ? 1 : 2) });
}

/** Whether an uncertainty is so wide beside a figure which cannot be below 0 that one says from where to where. */
export function isWide(value: number, u: number): boolean {
  return value > 0 && u > value / 2;
}

/** From where to where: as many times below a figure as above it, with the same half width. */
export function fromTo(value: number, u: number, { t, n }: Words): string {
  const factor = Math.exp(Math.asinh(u / value));

  return t('verdict.fromTo', { from: n(value / factor, 2), to: n(value * factor, 2) });
}

/** From which year to which a pot lasts, ageing twice and half as fast. */
export function yearsRange(
  range: Pick<Schemas['YearsRange'], 'fast' | 'slow'>,
  { t, n }: Pick<Words, 't' | 'n'>,
): string {
  const more = t('verdict.years.moreThan', { years: n(rules.horizon_years) });
  if (range.fast === null) {
    return more;
  }

  return t('verdict.years.range', {
    from: n(range.fast, 2),
    to: range.slow === null ? more : n(range.slow, 2),
  });
}

export interface About {
  group: Schemas['PlantGroup'];
  pot: Pick<Schemas['Evaluation']['pot'], 'limited_by_holes' | 'run_through_speed'>;
  plannedYears: number;
  water?: Pick<NonNullable<Schemas['Evaluation']['water']>, 'habit_h' | 'interval_h' | 'still_open'> | null;
  years?: Schemas['YearsRange'] | null;
}

/** What a verdict says beneath its figure: the band, and for whom. */
export function sentence(verdict: Verdict, about: About, words: Words): string {
  const { t, n, percent, q } = words;
  const plants = t(`plants.${about.group}`);
  const high = verdict.high ?? 0;
  switch (verdict.criterion) {
    case 'air':
      return capital(t('verdict.air.text', { plants, low: percent(verdict.low), high: percent(high) }));
    case 'drought':
      return t('verdict.drought.text', {
        habit: t('habit.hours', { hours: String(about.water?.habit_h ?? 24) }),
        interval: lasting(about.water?.interval_h ?? 0, words),
        plants: capital(plants),
        high: percent(high),
        open: verdict.level === 'good' ? 'none' : percent(about.water?.still_open ?? 1),
      });
    case 'run_through':
      return verdict.value === null
        ? t('verdict.run_through.none')
        : t('verdict.run_through.text', {
            speed: about.pot.run_through_speed ?? 'stagnant',
            high: n(high),
            holes: about.pot.limited_by_holes && verdict.level !== 'good' ? 'yes' : 'no',
          });
    case 'ph':
      return t('verdict.ph.text', { plants, low: n(verdict.low, 2), high: n(high, 2) });
    case 'later_ph':
      return t('verdict.later_ph.text', {
        plants,
        low: n(verdict.low, 2),
        high: n(high, 2),
        years: n(about.plannedYears),
      });
    case 'wet_weight':
      return t('verdict.wet_weight.text', { high: q(high, 'kg') });
    case 'largest_grain':
      return t('verdict.largest_grain.text', { high: n(high, 2) });
    case 'float_share':
      return t('verdict.float_share.text', { high: percent(high) });
    case 'segregation':
      return t('verdict.segregation.text', { high: n(high) });
    case 'years': {
      const years = t('verdict.years.n', { years: n(verdict.low) });

      return about.years == null
        ? t(verdict.value === 0 ? 'verdict.years.new' : 'verdict.years.plain', { years })
        : t(verdict.value === 0 ? 'verdict.years.new' : 'verdict.years.text', {
            years,
            range: yearsRange(about.years, words),
            drop: q(about.years.drop_cm, 'cm'),
          });
    }
  }
}

/** The word of the whole and why, in a line: what kills, what will fail it, what to be mindful of. */
export function why(rating: Schemas['Rating'], verdicts: Verdict[], { t }: Words): string {
  const said = {
    lethal: verdicts.filter((verdict) => verdict.kills),
    poor: verdicts.filter((verdict) => verdict.level === 'stop'),
    workable: verdicts.filter((verdict) => verdict.level !== 'good'),
    good: verdicts.filter((verdict) => verdict.level !== 'good'),
  }[rating];
  const criteria = names(said, t);

  return rating === 'good' && said.length === 0
    ? t('rating.text.good')
    : t(rating === 'good' ? 'rating.text.goodBut' : `rating.text.${rating}`, { criteria });
}

/** Criteria by their names, as they stand in a sentence. */
export function names(verdicts: Pick<Verdict, 'criterion'>[], t: Words['t']): string {
  return verdicts.map((verdict) => lower(t(`verdict.${verdict.criterion}`))).join(', ');
}

function lower(text: string): string {
  return text.startsWith('pH') ? text : text.charAt(0).toLowerCase() + text.slice(1);
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** How often one would have to come by with water, in one sentence. */
export function rounds(water: Schemas['WaterCourse'], t: Words['t']): string {
  const { summer, heat } = water.rounds;

  return t('rounds.says', { hours: String(water.habit_h), summer, heat: heat ?? 0 });
}
