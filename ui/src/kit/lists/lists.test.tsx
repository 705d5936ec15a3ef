// @vitest-environment happy-dom
import { act, cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, test, vi } from 'vitest';

import { useArchiveVessel } from '../../api/bench';
import { ApiProblem } from '../../api/client';
import { useFertilisers } from '../../api/fertilisers';
import { later, offline, refused, server } from '../../testing/server';
import { hooked, show } from '../../testing/show';
import { openYard, yard } from '../../testing/yard';
import { CsvButton } from './CsvButton';
import { ExchangeDrawer } from './ExchangeDrawer';
import { ListHead } from './ListHead';
import { ListState } from './ListState';
import { ListTable } from './ListTable';
import { RowActions } from './RowActions';
import { useArchiving } from './useArchiving';
import { useListQuery } from './useListQuery';

describe('what a list asks for', () => {
  test('starts with the first page of what is in use, by its usual order', () => {
    const { result } = hooked(() => useListQuery('name'));
    expect(result.current.query).toEqual({ page: 1, per_page: 50, sort: 'name', archived: 0 });
  });

  test('searching begins again from the first page, and leaves spaces away', () => {
    const { result } = hooked(() => useListQuery('name'));
    act(() => result.current.onTable({ current: 3, pageSize: 25 }, {}, {}));
    expect(result.current.query).toEqual({ page: 3, per_page: 25, sort: 'name', archived: 0 });
    act(() => result.current.setSearch('  pine '));
    expect(result.current.query).toEqual({ page: 1, per_page: 25, sort: 'name', archived: 0, search: 'pine' });
    act(() => result.current.setSearch('   '));
    expect(result.current.query).toEqual({ page: 1, per_page: 25, sort: 'name', archived: 0 });
  });

  test('the archive begins from the first page too', () => {
    const { result } = hooked(() => useListQuery('name'));
    act(() => result.current.onTable({ current: 2, pageSize: 50 }, {}, {}));
    act(() => result.current.setArchived(true));
    expect(result.current.query).toMatchObject({ page: 1, archived: 1 });
  });

  test('a column sorts up, down, and as usual again', () => {
    const { result } = hooked(() => useListQuery('-planned_on'));
    expect(result.current.sortOrder('planned_on')).toBe('descend');
    act(() => result.current.onTable({}, {}, { columnKey: 'name', order: 'ascend' }));
    expect(result.current.query.sort).toBe('name');
    expect(result.current.sortOrder('name')).toBe('ascend');
    expect(result.current.sortOrder('planned_on')).toBeNull();
    act(() => result.current.onTable({}, {}, [{ columnKey: 'name', order: 'descend' }]));
    expect(result.current.query.sort).toBe('-name');
    expect(result.current.sortOrder('name')).toBe('descend');
    act(() => result.current.onTable({}, {}, { columnKey: 'name', order: null }));
    expect(result.current.query.sort).toBe('-planned_on');
  });
});

function Fertilisers({
  ticks,
  told = () => undefined,
  fitsPhone = false,
}: {
  ticks?: (ids: number[]) => void;
  told?: (...of: unknown[]) => void;
  fitsPhone?: boolean;
}) {
  const list = useListQuery('name');
  const found = useFertilisers(list.query);

  return (
    <>
      <ListHead title="Fertilisers" {...list} add={{ label: 'Add', act: () => undefined }} />
      <ListTable
        found={found}
        list={list}
        empty="None yet."
        columns={[{ key: 'name', title: 'Name', sorter: true, render: (_, one) => one.name }]}
        fitsPhone={fitsPhone}
        actions={(row) => (
          <RowActions
            row={row}
            edit={({ name }) => told('edit', name)}
            setArchived={({ name }, archived) => told(name, archived)}
          />
        )}
        {...(ticks === undefined ? {} : { ticked: { ids: [1], set: ticks, most: 2, all: true } })}
      />
    </>
  );
}

const page = (names: string[], total = names.length, at = 1) => ({
  data: names.map((name, i) => ({ ...yard.fertilisers()[0], id: (at - 1) * 50 + i + 1, name })),
  page: at,
  per_page: 50,
  total,
});

describe('a list', () => {
  test('shows that it loads, then its rows and how many there are', async () => {
    const slow = later<unknown>();
    server.on('GET /fertilisers', () => slow.promise);
    show(<Fertilisers />);
    expect(screen.getByText('Loading …')).toBeTruthy();
    slow.give(page(['Grains', 'Liquid']));
    expect(await screen.findByRole('cell', { name: 'Grains' })).toBeTruthy();
    expect(screen.getByText('2 entries')).toBeTruthy();
  });

  test('says what to do where there is nothing', async () => {
    server.on('GET /fertilisers', page([]));
    show(<Fertilisers />);
    expect(await screen.findByText('None yet.')).toBeTruthy();
  });

  test('says when it cannot be had, and asks again', async () => {
    server.on('GET /fertilisers', offline);
    const { hand } = show(<Fertilisers />);
    const again = await screen.findByRole('button', { name: 'Try again' });
    server.on('GET /fertilisers', page(['Grains']));
    await hand.click(again);
    expect(await screen.findByRole('cell', { name: 'Grains' })).toBeTruthy();
  });

  test('turns its pages at the server, and so reaches row 201', async () => {
    server.on('GET /fertilisers', ({ path }: { path: string }) =>
      /[?&]page=5(&|$)/.test(path) ? page(['Row 201'], 201, 5) : page(['Row 1'], 201),
    );
    const { hand } = show(<Fertilisers />);
    await screen.findByRole('cell', { name: 'Row 1' });
    await hand.click(screen.getByRole('listitem', { name: '5' }));
    expect(await screen.findByRole('cell', { name: 'Row 201' })).toBeTruthy();
  });

  test('searches at the server as one types, and "/" goes to the search', async () => {
    server.on('GET /fertilisers', page(['Grains']));
    const { hand } = show(<Fertilisers />);
    await screen.findByRole('cell', { name: 'Grains' });
    await hand.keyboard('/');
    await hand.keyboard('li');
    await waitFor(() => expect(server.calls.at(-1)?.path).toContain('search=li'));
  });

  test('goes into the archive and back', async () => {
    server.on('GET /fertilisers', ({ path }: { path: string }) => page([path.includes('archived=1') ? 'Old' : 'New']));
    const { hand } = show(<Fertilisers />);
    await screen.findByRole('cell', { name: 'New' });
    await hand.click(screen.getByTitle('Archive'));
    expect(await screen.findByRole('cell', { name: 'Old' })).toBeTruthy();
    await hand.click(screen.getByText('In use'));
    expect(await screen.findByRole('cell', { name: 'New' })).toBeTruthy();
  });

  test('sorts at the server by a click on its head', async () => {
    server.on('GET /fertilisers', page(['Grains']));
    const { hand } = show(<Fertilisers />);
    await screen.findByRole('cell', { name: 'Grains' });
    await hand.click(screen.getByRole('columnheader', { name: /Name/ }));
    await waitFor(() => expect(server.calls.at(-1)?.path).toContain('sort=-name'));
    expect(screen.getByRole('columnheader', { name: /Name/ }).getAttribute('aria-sort')).toBe('descending');
  });

  test('what can be done with a row stands at its end, in a column that has a name', async () => {
    server.on('GET /fertilisers', page(['One', 'Two']));
    const told = vi.fn();
    const { hand } = show(<Fertilisers told={told} />);
    await hand.click(await screen.findByRole('button', { name: 'Edit Two' }));
    expect(told).toHaveBeenLastCalledWith('edit', 'Two');
    await hand.click(screen.getByRole('button', { name: 'Archive One' }));
    expect(told).toHaveBeenLastCalledWith('One', true);
    expect(screen.getByRole('columnheader', { name: 'Actions' })).toBeTruthy();
  });

  test('a list that fits a phone leaves it out there', async () => {
    server.on('GET /fertilisers', page(['One']));
    show(<Fertilisers fitsPhone />);
    await screen.findByRole('cell', { name: 'One' });
    expect(screen.queryByRole('button', { name: 'Edit One' })).toBeNull();
    cleanup();
    const narrow = window.matchMedia;
    window.matchMedia = (query: string) => ({ ...narrow(query), matches: true });
    try {
      show(<Fertilisers fitsPhone />);
      expect(await screen.findByRole('button', { name: 'Edit One' })).toBeTruthy();
    } finally {
      window.matchMedia = narrow;
    }
  });

  test('no more rows can be ticked than may be, and all that are shown at once', async () => {
    server.on('GET /fertilisers', page(['One', 'Two', 'Three']));
    const ticks = vi.fn();
    const { hand } = show(<Fertilisers ticks={ticks} />);
    await screen.findByRole('cell', { name: 'One' });
    await hand.click(screen.getAllByRole('checkbox')[1] as HTMLElement);
    expect(ticks).toHaveBeenLastCalledWith([1, 2]);
    await hand.click(screen.getByRole('button', { name: 'Tick all shown' }));
    expect(ticks).toHaveBeenLastCalledWith([1, 2, 3]);
  });
});

describe('what stands in place of an answer', () => {
  const was = { isPending: false, error: new Error('gone'), data: 'an answer', refetch: vi.fn() };

  test('a question that failed hides what was had, but for where the last good one stays', () => {
    const { rerender } = show(<ListState found={was}>Rows</ListState>);
    expect(screen.queryByText('Rows')).toBeNull();
    rerender(
      <ListState found={was} lastGood>
        Rows
      </ListState>,
    );
    expect(screen.getByText('Rows')).toBeTruthy();
    rerender(
      <ListState found={{ ...was, data: undefined }} lastGood>
        Rows
      </ListState>,
    );
    expect(screen.getByRole('button', { name: 'Try again' })).toBeTruthy();
  });

  test('what is not there is said, and not asked for again', () => {
    const error = new ApiProblem('No plant 7.', [], 404);
    show(<ListState found={{ ...was, error }}>Rows</ListState>);
    expect(screen.getByText('No plant 7.')).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Try again' })).toBeNull();
  });
});

function Archiving() {
  const setArchived = useArchiving(useArchiveVessel());
  const row = { id: 4, name: 'Grey tub', archived: false };

  return (
    <RowActions
      row={row}
      edit={() => undefined}
      setArchived={(row, archived) => void setArchived(row, archived).catch(() => undefined)}
    />
  );
}

describe('the archive', () => {
  test('takes a record in, says so, and gives it back', async () => {
    server.on('PUT /vessels/4/archived', { id: 4 });
    const { hand } = show(<Archiving />);
    await hand.click(screen.getByRole('button', { name: 'Archive Grey tub' }));
    expect(await screen.findByText(/Grey tub is in the archive/)).toBeTruthy();
    await hand.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() =>
      expect(server.asked('PUT /vessels/4/archived').map((call) => call.body)).toEqual([
        { archived: true },
        { archived: false },
      ]),
    );
  });

  test('says nothing where the server did not take it in', async () => {
    server.on('PUT /vessels/4/archived', offline);
    const { hand } = show(<Archiving />);
    await hand.click(screen.getByRole('button', { name: 'Archive Grey tub' }));
    await waitFor(() => expect(server.asked('PUT /vessels/4/archived')).toHaveLength(1));
    expect(screen.queryByText(/is in the archive/)).toBeNull();
  });
});

describe('a table as a file', () => {
  test('is called by its name, and nothing in it is a formula', async () => {
    const saved: { name: string; blob: Blob }[] = [];
    let last: Blob | undefined;
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      last = blob as Blob;

      return 'blob:1';
    });
    vi.spyOn(HTMLAnchorElement.prototype, 'click').mockImplementation(function (this: HTMLAnchorElement) {
      if (last !== undefined) {
        saved.push({ name: this.download, blob: last });
      }
    });
    const { hand } = show(
      <CsvButton
        name="verdicts"
        rows={[
          { figure: '=1+1', value: 3, fits: true },
          { figure: '-air', value: null, fits: false },
        ]}
      />,
    );
    await hand.click(screen.getByRole('button', { name: 'The data of this view as CSV' }));
    expect(saved[0]?.name).toBe('verdicts.csv');
    const text = await saved[0]?.blob.text();
    expect(text).toContain("'=1+1,3,true");
    expect(text).toContain("'-air,,false");
    vi.restoreAllMocks();
  });
});

describe('files in', () => {
  const report = (more: object) => ({
    added: 1,
    changed: 0,
    same: 0,
    refused: 0,
    dry_run: true,
    taken: false,
    rows: [{ line: 2, status: 'added', name: 'Lava', errors: [] }],
    ...more,
  });
  const open = async () => {
    openYard();
    const shown = show(
      <ExchangeDrawer
        {...({ sheets: ['components'], files: [], open: true, close: vi.fn() } as never as Parameters<
          typeof ExchangeDrawer
        >[0])}
      />,
    );
    const drawer = await screen.findByRole('dialog');
    const input = drawer.querySelector<HTMLInputElement>('input[type="file"]');
    if (input === null) {
      throw new Error('There is no field for a file.');
    }
    fireEvent.change(input, { target: { files: [new File(['name\nLava'], 'bins.csv', { type: 'text/csv' })] } });

    return { ...shown, drawer };
  };

  test('are looked through first, and taken when one says so', async () => {
    server.on('POST /imports/components', ({ path }: { path: string }) =>
      path.includes('dry_run=1') ? report({}) : report({ dry_run: false, taken: true }),
    );
    const { hand, drawer } = await open();
    await waitFor(() => expect(server.asked('POST /imports/components')).toHaveLength(1));
    expect(server.calls.at(-1)?.path).toContain('dry_run=1');
    const take = (await within(drawer).findAllByRole('button')).find((button) =>
      /take/i.test(button.textContent ?? ''),
    );
    await hand.click(take as HTMLElement);
    await waitFor(() => expect(server.asked('POST /imports/components')).toHaveLength(2));
    expect(server.asked('POST /imports/components')[1]?.path).not.toContain('dry_run');
  });

  test('that cannot be read are refused in a sentence', async () => {
    server.on('POST /imports/components', () => refused({ path: 'file', message: 'The file has no line of heads.' }));
    const { drawer } = await open();
    expect(await within(drawer).findByText('The file has no line of heads.')).toBeTruthy();
  });
});

describe('files out', () => {
  const open = (sheets: Parameters<typeof ExchangeDrawer>[0]['sheets']) => {
    openYard();
    return show(<ExchangeDrawer {...(sheets === undefined ? {} : { sheets })} close={() => undefined} />);
  };
  const link = (name: string) => screen.getByRole('link', { name }).getAttribute('href');

  test('are CSV, or a spreadsheet; and there are tables that only go out', async () => {
    const { hand } = open(['pots']);
    expect(link('Save Pots')).toBe('/api/v1/exports/pots');
    await hand.click(screen.getByText('ODS'));
    expect(link('Save Pots')).toBe('/api/v1/exports/pots?as=ods');
    expect(link('Empty template')).toBe('/api/v1/templates/pots');
    expect(link('Save movements of stock')).toBe('/api/v1/exports/movements?as=ods');
    fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Another table' }));
    await hand.click(await screen.findByTitle('tasks'));
    expect(link('Save tasks')).toBe('/api/v1/exports/tasks?as=ods');
  });

  test('a spreadsheet is sent as what it is', async () => {
    server.on('POST /imports/pots', () => ({
      added: 1,
      changed: 0,
      same: 0,
      refused: 0,
      dry_run: true,
      taken: false,
      rows: [],
    }));
    open(['pots']);
    const input = screen.getByLabelText('Choose a table (CSV, ODS, XLSX)');
    fireEvent.change(input, { target: { files: [new File(['PK'], 'Pots.XLSX')] } });
    await waitFor(() => expect(server.asked('POST /imports/pots')).toHaveLength(1));
    expect(server.asked('POST /imports/pots')[0]?.type).toContain('spreadsheetml');
  });

  test('the whole yard goes out, and is taken in where there is none', async () => {
    server.on('POST /yard', () => refused({ path: 'file', message: 'This one has plants already.' }));
    open(undefined);
    expect(link('Save the whole yard (ZIP)')).toBe('/api/v1/yard');
    const input = screen.getByLabelText('Choose the file of a whole yard');
    fireEvent.change(input, { target: { files: [new File(['PK'], 'yard.zip')] } });
    expect(await screen.findByText('This one has plants already.')).toBeTruthy();
    server.on('POST /yard', () => ({ rows: { plants: 3, pots: 2 } }));
    fireEvent.change(input, { target: { files: [new File(['PK'], 'again.zip')] } });
    expect(await screen.findByText('The yard is here: 5 rows.')).toBeTruthy();
  });
});
