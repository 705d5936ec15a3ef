import type { Schemas } from '../../../api/client';
import type { Words } from '../../../i18n/words';
import { type Action } from './blendState';
import { amountOf, type Mix } from './mix';
import type { Season } from './situationState';
import { plain } from '../../../i18n/numbers';

type Mend = Schemas['Mend'];

/** What somebody would do to mend it, in words. */
export function mendWords(mend: Mend, mix: Mix, words: Words): string {
  const { t, q } = words;
  const row = mix.rows.find((each) => each.componentId === mend.component_id);
  const all = mend.kind === 'less' && row !== undefined && Math.abs((amountOf(row) ?? 0) - mend.by) < 1e-9;

  return t(all ? 'mend.out' : `mend.${mend.kind}`, {
    by: told(mend, mix, words),
    unit: mix.notation,
    component: mend.component_name ?? '',
    depth: q(mend.depth_cm, 'cm'),
    count: mend.hole_count,
    diameter: q(mend.hole_diameter_cm, 'cm'),
    to: mend.to ?? '',
    pot: mend.pot_name ?? '',
    replaced: mend.replaces_name ?? '',
    habit: t('habit.hours', { hours: String(mend.by) }),
    season: mend.kind === 'habit' ? t(`season.${mend.to as Season}`).toLowerCase() : '',
  });
}

/** By how much, as it stands in the words. */
function told(mend: Mend, mix: Mix, { n, q }: Words): number | string {
  switch (mend.kind) {
    case 'rinse':
    case 'sieve_out':
    case 'lime':
      return n(mend.by, 2);
    case 'layer':
    case 'stone':
      return q(mend.by, 'cm');
    case 'more':
    case 'less':
    case 'add':
      return mix.notation === 'litres' ? q(mend.by, 'L') : mend.by;
    case 'rain':
      return String(Math.round(mend.by * 100));
    default:
      return mend.by;
  }
}

/** The change of the bench that does a mend; null where the component of it is not known here. */
export function mendAction(mend: Mend, mix: Mix): Action | null {
  const { component_id: id, component_name: name, component_kind: kind, component_colour: colour } = mend;
  const change = (part: Partial<Mix>): Action => ({ do: 'change', touches: `mend ${mend.kind}`, mix: part });
  const situation = (part: Partial<Mix['situation']>): Action => ({
    do: 'situation',
    touches: `mend ${mend.kind}`,
    situation: part,
  });
  const pot = mix.potChange ?? { depthCm: null, holeCount: null, holeDiameterCm: null };
  switch (mend.kind) {
    case 'more':
    case 'less': {
      const row = mix.rows.find((each) => each.componentId === id);
      const amount = (row === undefined ? 0 : (amountOf(row) ?? 0)) + (mend.kind === 'more' ? mend.by : -mend.by);

      return id === null ? null : { do: 'parts', componentId: id, text: plain(amount) };
    }
    case 'add':
      return id === null || name === null || kind === null || colour === null
        ? null
        : { do: 'add', row: { componentId: id, name, kind, colour, text: plain(mend.by) } };
    case 'rinse':
      return id === null ? null : { do: 'prepare', componentId: id, preparation: { rinse_mm: mend.by } };
    case 'sieve_out':
      return id === null ? null : { do: 'prepare', componentId: id, preparation: { screen_hi_mm: mend.by } };
    case 'layer':
      return id === null || name === null || kind === null || colour === null
        ? null
        : change({ layer: { componentId: id, name, kind, colour, thickness: plain(mend.by) } });
    case 'no_layer':
      return change({ layer: null });
    case 'deeper':
    case 'shallower':
      return change({ potChange: { ...pot, depthCm: mend.depth_cm } });
    case 'holes':
      return change({ potChange: { ...pot, holeCount: mend.hole_count, holeDiameterCm: mend.hole_diameter_cm } });
    case 'other_pot':
      return change({ potId: Number(mend.to), potChange: null });
    case 'layer':
    case 'stone':
      return change({ dressing: plain(mend.by), situation: { ...mix.situation, surface: 'stone' } });
    case 'moss':
      return situation({ surface: 'moss' });
    case 'tip':
      return situation({ tip: plain(mend.by) });
    case 'shade':
      return situation({ exposure: mend.to as Schemas['Exposure'] });
    case 'windbreak':
      return situation({ wind: 'usual' });
    case 'habit':
      return situation({ hours: { ...mix.situation.hours, [mend.to as Season]: mend.by } });
    case 'repot':
      return situation({ plannedYears: plain(mend.by) });
    case 'rain':
      return situation({ rainShare: plain(mend.by * 100) });
    case 'feed':
      return situation({ feed: mend.to as Schemas['Feed'], feedMix: '' });
    case 'together':
      return situation({ stand: 'bed' });
    case 'winter_shelter':
      return situation({ winterShelter: true });
    case 'lime':
      return id === null
        ? null
        : {
            do: 'prepare',
            componentId: id,
            preparation: {
              ...mix.rows.find((each) => each.componentId === id)?.preparation,
              limed_to_ph: mend.by,
            },
          };
    case 'swap': {
      const [out, there] = [mend.replaces_id, id].map((each) => mix.rows.find((row) => row.componentId === each));
      if (id === null || name === null || kind === null || colour === null || out === undefined) {
        return null;
      }
      const row = {
        componentId: id,
        name,
        kind,
        colour,
        text: plain((amountOf(out) ?? 0) + (there === undefined ? 0 : (amountOf(there) ?? 0))),
      };

      return change({
        rows: mix.rows.filter((each) => each !== there).map((each) => (each === out ? row : each)),
      });
    }
  }
}
