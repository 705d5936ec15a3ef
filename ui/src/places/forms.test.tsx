// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { beforeEach, describe, expect, test, vi } from 'vitest';

import { outbox } from '../api/outbox';
import { DayFrame } from '../kit/days/DayFrame';
import { later, offline, refused, server } from '../testing/server';
import { type Hand, show } from '../testing/show';
import { openYard, yard } from '../testing/yard';
import { SieveSets } from './bench/SieveSets';
import { Vessels } from './bench/Vessels';
import { ComponentDrawer } from './bins/ComponentDrawer';
import { Lots } from './bins/Lots';
import { StockSection } from './bins/StockSection';
import { DoneDrawer } from './days/DoneDrawer';
import { PlantLibrary } from './library/PlantLibrary';
import { SiteLibrary } from './library/SiteLibrary';
import FertilisersPage from './plants/FertilisersPage';
import { InspectionDrawer } from './plants/InspectionDrawer';
import { PlantDrawer } from './plants/PlantDrawer';
import { TellModal } from './plants/TellModal';
import { PotDrawer } from './pots/PotDrawer';

interface FormCase {
  screen: (close: () => void) => ReactNode;
  /** What opens it, where it does not stand open. */
  open?: string;
  /** The field that is typed in, and what. */
  field: string;
  text: string;
  /** What else must be typed. */
  also?: Record<string, string>;
  save: string;
  /** Whether it is kept on the device where nobody answers. */
  kept?: true;
  question: string;
  /** What the server gets of it. */
  sends: Record<string, unknown>;
  /** The field of the contract at which a refusal stands; none where the form tells it as a whole. */
  path?: string;
  answer: () => unknown;
}

const plant = () => yard.plant().plant;

function done(close: () => void): ReactNode {
  const day = yard.day();
  const entry = day.entries[0];

  return entry === undefined ? null : (
    <DoneDrawer day={day} entry={entry} state="changed" person="Mirabeth" close={close} undo={() => undefined} />
  );
}

const FORMS: Record<string, FormCase> = {
  'a pot': {
    screen: (close) => <PotDrawer pot={yard.pots()[0] ?? null} close={close} />,
    field: 'Name',
    text: 'Deep round 16, chipped',
    save: 'Save',
    question: 'PUT /pots/3',
    sends: { name: 'Deep round 16, chipped' },
    path: 'name',
    answer: () => yard.pots()[0],
  },
  'a plant': {
    screen: (close) => <PlantDrawer plant={plant()} close={close} />,
    field: 'Name',
    text: 'Brook maple II',
    save: 'Save',
    question: 'PUT /plants/5',
    sends: { name: 'Brook maple II' },
    path: 'name',
    answer: plant,
  },
  'a component of one’s own': {
    screen: (close) => <ComponentDrawer editing={{ component: yard.component(), asCopy: true }} setEditing={close} />,
    field: 'Name',
    text: 'Screened grit of ours',
    save: 'Save',
    question: 'POST /components',
    sends: { name: 'Screened grit of ours' },
    path: 'name',
    answer: () => yard.component(),
  },
  'a delivery': {
    screen: () => <Lots component={yard.component()} />,
    open: 'Take in a delivery',
    field: 'Mark on the sack',
    text: 'P-spring',
    save: 'Save',
    question: 'POST /components/1/lots',
    sends: { name: 'P-spring' },
    path: 'name',
    answer: () => ({ id: 9, name: 'P-spring' }),
  },
  'a count of stock': {
    screen: () => <StockSection sheet={yard.sheet()} />,
    open: 'Correct the stock',
    field: 'There are now',
    text: '41.5',
    save: 'Save',
    question: 'POST /components/1/movements',
    sends: { kind: 'count', counted_l: 41.5 },
    answer: () => ({ id: 3 }),
  },
  'a fertiliser': {
    screen: () => <FertilisersPage />,
    open: 'Add a fertiliser',
    field: 'Name',
    text: 'Half-year grains',
    also: { N: '15', 'P₂O₅': '9', 'K₂O': '12', 'Label rate': '4', 'Lasts at 21 °C': '180' },
    save: 'Save',
    question: 'POST /fertilisers',
    sends: { name: 'Half-year grains' },
    path: 'name',
    answer: () => yard.fertilisers()[0],
  },
  'a scoop': {
    screen: () => <Vessels />,
    open: 'Add a scoop or tub',
    field: 'Name',
    text: 'Blue scoop',
    save: 'Save',
    question: 'POST /vessels',
    sends: { name: 'Blue scoop' },
    path: 'name',
    answer: () => yard.vessels()[0],
  },
  'a set of sieves': {
    screen: () => <SieveSets />,
    open: 'Add a set of sieves',
    field: 'Name',
    text: 'Garden sieves',
    save: 'Save',
    question: 'POST /sieve-sets',
    sends: { name: 'Garden sieves' },
    path: 'name',
    answer: () => ({ id: 2, name: 'Garden sieves', apertures: [4, 2] }),
  },
  'a site': {
    screen: () => <SiteLibrary />,
    open: 'Add a site',
    field: 'Name of the site',
    text: 'Far terrace',
    save: 'Save',
    question: 'POST /sites',
    sends: { name: 'Far terrace' },
    path: 'name',
    answer: () => yard.sites()[0],
  },
  'a plant of the library': {
    screen: () => <PlantLibrary />,
    open: 'Add a plant',
    field: 'Name of the plant',
    text: 'Yard hornbeam',
    save: 'Save',
    question: 'POST /species',
    sends: { name: 'Yard hornbeam' },
    path: 'name',
    answer: () => yard.species()[0],
  },
  'a potting day': {
    screen: (close) => <DayFrame day={yard.day()} close={close} />,
    field: 'Name',
    text: 'Spring bench, put off',
    save: 'Save',
    question: 'PUT /days/1',
    sends: { name: 'Spring bench, put off' },
    path: 'name',
    answer: () => yard.day(),
  },
  'a note on a plant': {
    screen: (close) => <TellModal plant={plant()} what="note" close={close} taken={() => undefined} />,
    field: 'What happened',
    text: 'Moved to the lee side',
    save: 'Write it down',
    path: 'text',
    question: 'POST /plants/5/events',
    sends: { text: 'Moved to the lee side' },
    answer: () => ({ id: 1 }),
  },
  'a look at the roots': {
    screen: (close) => <InspectionDrawer plant={plant()} close={close} />,
    field: 'Who looked',
    text: 'Orsolt',
    save: 'Keep this inspection',
    question: 'POST /plants/5/inspections',
    sends: { person: 'Orsolt' },
    answer: () => ({ id: 1 }),
  },
  'a plant that was potted otherwise': {
    screen: done,
    field: 'Note',
    text: 'Ball was dry inside',
    save: 'Changed',
    question: 'POST /days/1/plants/1/state',
    sends: { state: 'changed' },
    answer: () => yard.day(),
    kept: true,
  },
};

async function fill(form: FormCase, hand: Hand): Promise<HTMLInputElement> {
  if (form.open !== undefined) {
    await hand.click(await screen.findByRole('button', { name: form.open }));
  }
  const dialog = await screen.findByRole('dialog');
  const field = await within(dialog).findByLabelText<HTMLInputElement>(form.field);
  await hand.write(field, form.text);
  for (const [label, text] of Object.entries(form.also ?? {})) {
    await hand.write(await within(dialog).findByLabelText(label), text);
  }

  return field;
}

const press = (form: FormCase) =>
  within(screen.getByRole('dialog')).getByRole('button', { name: new RegExp(`^(loading )?${form.save}$`) });

describe.each(Object.entries(FORMS))('the form of %s', (_, form) => {
  const close = vi.fn();
  beforeEach(() => {
    close.mockReset();
    openYard();
  });

  test('sends what was typed, once, and goes away', async () => {
    server.on(form.question, form.answer);
    const { hand } = show(form.screen(close));
    await fill(form, hand);
    await hand.click(press(form));
    await waitFor(() => expect(server.asked(form.question)).toHaveLength(1));
    expect(server.asked(form.question)[0]?.body).toMatchObject(form.sends);
    await waitFor(() =>
      form.open === undefined ? expect(close).toHaveBeenCalled() : expect(screen.queryByRole('dialog')).toBeNull(),
    );
  });

  test('says what was refused where it stands, and keeps what was typed', async () => {
    server.on(form.question, () => refused({ path: form.path ?? 'text', message: 'There is one of that name.' }));
    const { hand } = show(form.screen(close));
    const field = await fill(form, hand);
    await hand.click(press(form));
    expect(await within(screen.getByRole('dialog')).findAllByText('There is one of that name.')).not.toHaveLength(0);
    expect(field.value).toBe(form.text);
    if (form.path !== undefined) {
      expect(field.getAttribute('aria-invalid')).toBe('true');
    }
    expect(close).not.toHaveBeenCalled();
  });

  test('says that nobody answers, keeps what was typed, and can be tried again', async () => {
    server.on(form.question, offline);
    const { hand } = show(form.screen(close));
    const field = await fill(form, hand);
    await hand.click(press(form));
    if (form.kept === true) {
      await waitFor(() => expect(close).toHaveBeenCalled());
      expect(outbox.all()[0]?.body).toMatchObject(form.sends);

      return;
    }
    expect(await within(screen.getByRole('dialog')).findAllByRole('alert')).not.toHaveLength(0);
    expect(field.value).toBe(form.text);
    server.on(form.question, form.answer);
    await hand.click(press(form));
    await waitFor(() =>
      form.open === undefined ? expect(close).toHaveBeenCalled() : expect(screen.queryByRole('dialog')).toBeNull(),
    );
    expect(server.asked(form.question)).toHaveLength(2);
  });

  test('is not sent twice while the answer is slow', async () => {
    const slow = later<unknown>();
    server.on(form.question, () => slow.promise);
    const { hand } = show(form.screen(close));
    await fill(form, hand);
    await hand.click(press(form));
    await hand.click(press(form));
    expect(server.asked(form.question)).toHaveLength(1);
    slow.give(form.answer());
    await waitFor(() =>
      form.open === undefined ? expect(close).toHaveBeenCalled() : expect(screen.queryByRole('dialog')).toBeNull(),
    );
    expect(server.asked(form.question)).toHaveLength(1);
  });

  test('cancelled, it sends nothing', async () => {
    const { hand } = show(form.screen(close));
    await fill(form, hand);
    await hand.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Cancel' }));
    await waitFor(() =>
      form.open === undefined ? expect(close).toHaveBeenCalled() : expect(screen.queryByRole('dialog')).toBeNull(),
    );
    expect(server.asked(form.question)).toEqual([]);
  });
});
