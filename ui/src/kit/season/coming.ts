import type { Schemas } from '../../api/client';
import { typedNumber } from '../../i18n/numbers';

/** How somebody comes by with the can, as it stands in a form. */
export interface Coming {
  kind: Schemas['SeasonComing']['kind'];
  spring_h: string;
  summer_h: string;
  autumn_h: string;
  winter_h: string;
  looksFirst: boolean;
  at: string;
  looks: number;
  given_l: string;
  dunked: boolean;
}

export const USUAL: Coming = {
  kind: 'every',
  spring_h: '48',
  summer_h: '24',
  autumn_h: '72',
  winter_h: '168',
  looksFirst: true,
  at: '30',
  looks: 1,
  given_l: '',
  dunked: false,
};

export const SEASONS = ['spring_h', 'summer_h', 'autumn_h', 'winter_h'] as const;

/** Share of the easy water above which somebody who looks first lets a pot be. */
const LETS_BE = 0.7;

const empty = (text: string) => text.trim() === '';

/** What is wrong with a field, or null; nothing in a season is nobody comes. */
export function wrongOf(form: Coming, field: (typeof SEASONS)[number] | 'at' | 'given_l'): boolean {
  const value = typedNumber(form[field]);

  return (
    !empty(form[field]) &&
    (value === null || value <= 0 || (field === 'at' && value > 100) || (field !== 'at' && value > 2160))
  );
}

/** As the server is asked; null while a field holds what cannot be. */
export function comingOf(form: Coming): Schemas['SeasonComing'] | null {
  if ([...SEASONS, 'at' as const, 'given_l' as const].some((field) => wrongOf(form, field))) {
    return null;
  }
  const number = (text: string) => (empty(text) ? null : typedNumber(text));
  const much = { given_l: number(form.given_l), dunked: form.dunked };
  switch (form.kind) {
    case 'every':
      return {
        kind: 'every',
        spring_h: number(form.spring_h),
        summer_h: number(form.summer_h),
        autumn_h: number(form.autumn_h),
        winter_h: number(form.winter_h),
        skip_above: form.looksFirst ? LETS_BE : null,
        ...much,
      };
    case 'share':
      return { kind: 'share', at: (number(form.at) ?? 30) / 100, looks: form.looks, ...much };
    case 'need':
      return { kind: 'need', looks: form.looks, ...much };
    default:
      return { kind: 'never' };
  }
}
