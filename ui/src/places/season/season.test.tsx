// @vitest-environment happy-dom

import { screen, waitFor, within } from '@testing-library/react';
import { beforeEach, describe, expect, test } from 'vitest';

import { outbox } from '../../api/outbox';
import { offline, refused, server } from '../../testing/server';
import { show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import AwayPage, { rankOf } from './AwayPage';
import { inPlaces, isDueToday, sumsOf } from './round';
import RoundPage from './RoundPage';
import WeatherPage from './WeatherPage';
import YearPage from './YearPage';

beforeEach(openYard);

const line = async (name: RegExp) => {
  const link = await screen.findByRole('link', { name });

  return link.closest('li') as HTMLElement;
};

describe('the round', () => {
  test('says who nobody knows of, what is left, and how much water it takes', async () => {
    show(<RoundPage />, '/season');
    expect((await line(/Second jade/)).textContent).toContain('Nobody said when it was watered');
    expect((await line(/White azalea/)).textContent).toContain('pot, mix or place are not written down');
    expect((await line(/Olive at the door/)).textContent).toMatch(/days left.*of the easy water/);
    expect((await line(/Crab by the wall/)).textContent).toContain('in winter quarters');
    expect(document.querySelector('[data-sums]')?.textContent).toMatch(
      /plants to see to by tomorrow: about .* L, 1 can of 9 L/,
    );
  });

  test('a tap waters one, and is kept where nobody answers', async () => {
    server.on('POST /plants/15/moisture', () => ({ id: 1, verdict: 'water' }));
    const { hand } = show(<RoundPage />, '/season');
    await hand.click(await screen.findByRole('button', { name: 'T-015 Glass fig: watered' }));
    await screen.findByText('T-015 Glass fig is watered.');
    expect(server.asked('POST /plants/15/moisture')[0]?.body).toEqual({ method: 'eye', verdict: 'water' });
    server.on('POST /plants/15/moisture', offline);
    await hand.click(screen.getByRole('button', { name: 'T-015 Glass fig: can wait' }));
    await waitFor(async () => expect((await line(/Glass fig/)).textContent).toContain('not sent yet'));
    outbox.all().forEach(({ id }) => outbox.drop(id));
  });

  test('place by place in walking order: all here at once, and taken back', async () => {
    server.on('POST /round', () => ({
      data: [
        { id: 71, plant_id: 15 },
        { id: 72, plant_id: 17 },
      ],
    }));
    server.on('DELETE /round', () => ({ taken_back: 2 }));
    const { hand } = show(<RoundPage />, '/season?by=place');
    const heads = (await screen.findAllByRole('heading', { level: 2 })).map((head) => head.textContent);
    expect(heads.slice(0, 3)).toEqual(['Front step', 'Glasshouse', 'Tunnel']);
    await hand.click(screen.getByRole('button', { name: 'Watered all 2 here: Glasshouse' }));
    await screen.findByText('2 plants are watered: Glasshouse.');
    expect((server.asked('POST /round')[0]?.body as { plant_ids: number[] }).plant_ids.toSorted()).toEqual([15, 17]);
    await hand.click(screen.getByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(server.asked('DELETE /round')[0]?.body).toEqual({ check_ids: [71, 72] }));
  });

  test('a round that is refused says why and claims nothing', async () => {
    server.on('POST /round', () =>
      refused({ path: 'plant_ids', message: '1 of these plants are no longer in the collection.' }),
    );
    const { hand } = show(<RoundPage />, '/season?by=place');
    await hand.click(await screen.findByRole('button', { name: 'Watered all 2 here: Glasshouse' }));
    expect((await screen.findByRole('alert')).textContent).toContain('no longer in the collection');
    expect(screen.queryByText(/are watered/)).toBeNull();
  });

  test('the way round is put in order and kept with the can', async () => {
    server.on('PUT /round/walk', () => ({ can_l: 12, places: [] }));
    const { hand } = show(<RoundPage />, '/season');
    await hand.click(await screen.findByRole('button', { name: 'The way round' }));
    const drawer = within(await screen.findByRole('dialog'));
    await hand.click(drawer.getByRole('button', { name: 'Glasshouse: earlier' }));
    const can = drawer.getByLabelText('A can holds');
    await hand.clear(can);
    await hand.type(can, 'a lot');
    await hand.click(drawer.getByRole('button', { name: 'Save' }));
    expect(server.asked('PUT /round/walk')).toEqual([]);
    await hand.clear(can);
    await hand.type(can, '12');
    await hand.click(drawer.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(server.asked('PUT /round/walk')).toHaveLength(1));
    const sent = server.asked('PUT /round/walk')[0]?.body as { places: string[]; can_l: number };
    expect([sent.places[0], sent.places[1], sent.can_l]).toEqual(['Glasshouse', 'Front step', 12]);
  });

  test('a look by stick goes with how it looked and how deep', async () => {
    server.on('POST /plants/14/moisture', () => ({ id: 1, verdict: 'look' }));
    const { hand } = show(<RoundPage />, '/season');
    await hand.click(await screen.findByRole('button', { name: 'T-014 Olive at the door: Look…' }));
    const drawer = within(await screen.findByRole('dialog'));
    expect(drawer.queryByRole('button', { name: 'Only looked' })).toBeNull();
    await hand.click(drawer.getByRole('button', { name: 'pale' }));
    const depth = drawer.getByLabelText('Depth');
    await hand.clear(depth);
    await hand.type(depth, '200');
    await hand.click(drawer.getByRole('button', { name: 'Only looked' }));
    expect(server.asked('POST /plants/14/moisture')).toEqual([]);
    await hand.clear(depth);
    await hand.type(depth, '4');
    await hand.click(drawer.getByRole('button', { name: 'Only looked' }));
    await waitFor(() =>
      expect(server.asked('POST /plants/14/moisture')[0]?.body).toEqual({
        method: 'stick',
        verdict: 'look',
        reading: null,
        look: 'pale',
        depth_cm: 4,
      }),
    );
  });

  test('the station’s days are brought when some are missing', async () => {
    const round = yard.round();
    server.on('GET /round', () => ({
      ...round,
      weather: round.weather.map((each) => ({ ...each, missing: 3, kept_to: '2026-11-23' })),
    }));
    server.on('POST /sites/1/weather', () =>
      refused({ path: 'station', message: 'The weather station says nothing.' }),
    );
    const { hand } = show(<RoundPage />, '/season');
    await hand.click((await screen.findAllByRole('button', { name: 'Bring 3 days' }))[0] as HTMLElement);
    expect((await screen.findByRole('alert')).textContent).toContain('says nothing');
  });

  test('what is due, what it takes, and in which order', () => {
    const plants = yard.round().plants;
    const [first] = plants as [(typeof plants)[number]];
    const dry = { ...first, left_h: 3, watered_at: '2026-11-26T08:00:00Z', doubtful: false };
    expect(isDueToday(dry)).toBe(true);
    expect(isDueToday({ ...dry, left_h: 24 })).toBe(false);
    expect(isDueToday({ ...dry, left_h: null })).toBe(false);
    expect(isDueToday({ ...dry, left_h: null, watered_at: null })).toBe(true);
    expect(
      sumsOf(
        [
          { ...dry, round_l: 4.5 },
          { ...dry, round_l: 4.5 },
          { ...dry, round_l: null },
        ],
        9,
      ),
    ).toEqual({ due: 3, litres: 9, cans: 1 });
    expect(sumsOf([], 9)).toEqual({ due: 0, litres: 0, cans: 0 });
    expect(
      inPlaces({
        ...yard.round(),
        places: [
          { place: 'Tunnel', plants: 1 },
          { place: 'Nowhere', plants: 2 },
        ],
      }).map(({ place }) => place),
    ).toEqual(['Tunnel']);
  });
});

describe('a year', () => {
  test('asks for the plant and how it is watered, and draws what comes of it', async () => {
    const { hand } = show(<YearPage />, '/season/year?plant=5');
    await screen.findByText('Days of want');
    expect(server.asked('POST /season/year').at(-1)?.body).toEqual({
      plant_id: 5,
      season: {
        coming: {
          kind: 'every',
          spring_h: 48,
          summer_h: 24,
          autumn_h: 72,
          winter_h: 168,
          skip_above: 0.7,
          given_l: null,
          dunked: false,
        },
      },
    });
    await hand.click(screen.getByText('Nobody comes', { selector: '.ant-segmented-item-label' }));
    await waitFor(() =>
      expect((server.asked('POST /season/year').at(-1)?.body as { season: unknown }).season).toEqual({
        coming: { kind: 'never' },
      }),
    );
    const day = screen.getByRole('slider', { name: 'Day of the year' });
    expect(day.getAttribute('aria-valuetext')).toContain('January 1');
  });

  test('a figure that is none asks nothing and is marked', async () => {
    const { hand } = show(<YearPage />, '/season/year?plant=5');
    await screen.findByText('Days of want');
    const asked = server.asked('POST /season/year').length;
    await hand.clear(screen.getByLabelText('Summer'));
    await hand.type(screen.getByLabelText('Summer'), 'often');
    await screen.findByText(/A number above 0/);
    await new Promise((resolve) => setTimeout(resolve, 500));
    expect(server.asked('POST /season/year')).toHaveLength(asked);
  });

  test('two ways stand side by side, and winter quarters go with the question', async () => {
    const { hand } = show(<YearPage />, '/season/year?plant=5');
    await hand.click(await screen.findByRole('button', { name: 'Beside another way of watering' }));
    await hand.click(screen.getByRole('checkbox', { name: 'Winter quarters' }));
    await waitFor(() => expect(screen.getAllByText('Days of want')).toHaveLength(2));
    await waitFor(() => {
      const seasons = server
        .asked('POST /season/year')
        .map(({ body }) => (body as { season: { coming: { kind: string }; quarters?: unknown } }).season);
      expect(
        seasons
          .filter(({ quarters }) => quarters !== undefined)
          .map(({ coming }) => coming.kind)
          .toSorted(),
      ).toEqual(['every', 'need']);
      expect(seasons.at(-1)?.quarters).toEqual({ from: '11-15', to: '04-01', exposure: 'shade', roofed: true });
    });
  });

  test('a plant without a pot says so', async () => {
    server.on('POST /season/year', () =>
      refused({ path: 'plant_id', message: 'Of P-001 nobody wrote down what it stands in, or where.' }),
    );
    show(<YearPage />, '/season/year?plant=5');
    expect(await screen.findByText(/nobody wrote down what it stands in/)).toBeTruthy();
  });

  test('without a plant all pots of a place go through their year, those that want most first', async () => {
    const pot = {
      name: 'Gate pine',
      place: 'Ridge bench',
      count: null,
      pot: 'Rectangle 40',
      longest_want: 2,
      wet_days: 0,
      waterings: 150,
      drained_l: 40,
    };
    server.on('POST /season/place', () => ({
      runs: 5,
      total: 3,
      unknown: 1,
      given_l: [0, 0, 5, 20, 40, 60, 70, 60, 30, 10, 0, 0],
      plants: [
        { ...pot, id: 1, number: 'T-001', want_days: 22, given_l: 200 },
        { ...pot, id: 2, number: 'T-002', want_days: 0, given_l: 95 },
      ],
    }));
    const { hand } = show(<YearPage />, '/season/year');
    await waitFor(() =>
      expect(document.querySelector('[data-place-year]')?.textContent).toContain(
        '1 pot wants in the middle year, of 2; 295 L to give in a year. 1 plant is not counted.',
      ),
    );
    expect(screen.getByRole('link', { name: 'T-001 Gate pine' }).getAttribute('href')).toBe('/season/year?plant=1');
    await hand.click(screen.getByText('Nobody comes', { selector: '.ant-segmented-item-label' }));
    await waitFor(() => expect(server.asked('POST /season/place').at(-1)?.body).toEqual({ coming: { kind: 'never' } }));
  });

  test('without a plant it says what to do', async () => {
    show(<YearPage />, '/season/year');
    expect(await screen.findByText(/Choose a plant/)).toBeTruthy();
    expect(server.asked('POST /season/year')).toEqual([]);
  });
});

describe('nobody comes', () => {
  test('says which pots want, worst first, and what helps one', async () => {
    const { hand } = show(<AwayPage />, '/season/away?from=2099-07-10&days=7');
    const rows = await screen.findAllByRole('row');
    expect(rows[1]?.textContent).toMatch(/day 2.*100%.*1 of 4/);
    expect(server.asked('POST /season/away').at(-1)?.body).toEqual({ days: 7, from: '2099-07-10' });
    await hand.click(screen.getAllByRole('button', { name: /What helps/ })[0] as HTMLElement);
    const drawer = within(await screen.findByRole('dialog'));
    expect(await drawer.findByText('As it stands')).toBeTruthy();
    expect(drawer.getByText(/Somebody must come every/)).toBeTruthy();
  });

  test('one place is asked for alone, and places are known without a round', async () => {
    const { hand } = show(<AwayPage />, '/season/away?from=2099-07-10&days=7');
    await screen.findAllByRole('row');
    await hand.click(screen.getByRole('combobox', { name: 'Place' }));
    await hand.click(await screen.findByTitle('Cold frame'));
    await waitFor(() =>
      expect(server.asked('POST /season/away').at(-1)?.body).toEqual({
        days: 7,
        from: '2099-07-10',
        place: 'Cold frame',
      }),
    );
    expect(server.asked('GET /round')).toEqual([]);
  });

  test('days and dates that cannot be are marked, and nothing is asked', async () => {
    const { hand } = show(<AwayPage />, '/season/away?from=2020-01-01&days=7');
    await screen.findByText('Today or later.');
    await hand.clear(screen.getByLabelText('Days'));
    await hand.type(screen.getByLabelText('Days'), '121');
    await screen.findByText('1 to 120 days.');
    await new Promise((resolve) => setTimeout(resolve, 500));
    expect(server.asked('POST /season/away')).toEqual([]);
  });

  test.each([
    [0, 'low'],
    [0.05, 'low'],
    [0.06, 'some'],
    [0.49, 'some'],
    [0.5, 'high'],
  ])('a share of %d years is the rank %s', (share, rank) => expect(rankOf(share)).toBe(rank));
});

describe('weather', () => {
  test('shows days that were and that are foretold, and writes one down', async () => {
    server.on('PUT /sites/1/weather', () => yard.weather());
    const { hand } = show(<WeatherPage />, '/season/weather?site=1');
    expect(await screen.findByText('Kept up to yesterday.')).toBeTruthy();
    expect(screen.getAllByText('station').length).toBeGreaterThan(1);
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    expect(screen.getAllByText('A number is needed.').length).toBeGreaterThanOrEqual(2);
    await hand.type(screen.getByLabelText('Day'), '2026-11-20');
    await hand.type(screen.getByLabelText('Low °C'), '-1,5');
    await hand.type(screen.getByLabelText('High °C'), '6');
    await hand.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() =>
      expect(server.asked('PUT /sites/1/weather')[0]?.body).toEqual({
        date: '2026-11-20',
        tmin: -1.5,
        tmax: 6,
        rain_mm: 0,
      }),
    );
  });

  test('a silent station says so', async () => {
    server.on('GET /sites/1/weather', () => ({ ...yard.weather(), silent: true, forecast: [] }));
    show(<WeatherPage />, '/season/weather?site=1');
    expect(await screen.findByText(/The station is silent/)).toBeTruthy();
  });
});
