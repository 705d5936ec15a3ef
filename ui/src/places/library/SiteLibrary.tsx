import { Form, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useArchiveSite, useClimates, useReadMonths, useSaveSite, useSites } from '../../api/situations';
import { type MessageId, useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { NumberField } from '../../kit/fields/NumberField';
import { RowActions } from '../../kit/lists/RowActions';
import { TextField } from '../../kit/fields/TextField';
import type { Measure } from '../../i18n/measures';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './library.module.css';
import { MonthField } from './MonthField';
import { YearBars } from './YearBars';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { useAsked, useEditing } from '../../kit/lists/useEditing';
import { Scrolls } from '../../kit/Scrolls';

type Site = Schemas['Site'];
const MEASURED: Partial<Record<string, Measure>> = { tmin: 'degC', tmax: 'degC', rain_mm: 'rain' };
const COLUMNS = ['tmin', 'tmax', 'rain_mm', 'humidity', 'wind_ms', 'sun_hours', 'wet_days'] as const;
type Texts = Record<(typeof COLUMNS)[number], string>;

/** Sites, with how hot, frosty and hard of water they are. */
export function SiteLibrary() {
  const { t, n, month, q } = useWords();
  const list = useListQuery('name');
  const found = useSites({ ...list.query, ...useAsked('sites-open') });
  const [editing, setEditing] = useEditing<Site>(found.data?.data, 'sites-open');
  const setArchived = useArchiving(useArchiveSite());

  return (
    <>
      <ListHead
        title={t('library.sites')}
        {...list}
        add={{ label: t('library.addSite'), act: () => setEditing('new') }}
      />
      <ListTable<Site>
        found={found}
        list={list}
        empty={t('library.emptySites')}
        columns={[
          {
            key: 'name',
            title: t('site.name'),
            sorter: true,
            render: (_, site) => site.name,
          },
          { key: 'latitude', title: t('site.latitude'), align: 'right', render: (_, site) => `${n(site.latitude)}°` },
          {
            key: 'altitude',
            title: t('site.altitude'),
            align: 'right',
            render: (_, site) => q(site.altitude_m, 'm'),
          },
          {
            key: 'lime',
            title: t('site.alkalinity'),
            align: 'right',
            render: (_, site) => `${n(site.alkalinity_mg_l)} mg/L`,
          },
          {
            key: 'frost',
            title: t('site.thawDays'),
            align: 'right',
            render: (_, site) => Math.round(site.thaw_days),
          },
          { key: 'hot', title: t('site.hottest'), render: (_, site) => month(site.hottest_month) },
          {
            key: 'note',
            title: t('site.note'),
            render: (_, site) => <span className={common.quiet}>{site.note}</span>,
          },
        ]}
        actions={(site) => <RowActions row={site} edit={setEditing} setArchived={setArchived} />}
      />
      {editing !== null && <SiteDrawer site={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
    </>
  );
}

function SiteDrawer({ site, close }: { site: Site | null; close: () => void }) {
  const { t, month } = useWords();
  const save = useSaveSite(site);
  const read = useReadMonths();
  const say = useUndoable();
  const [texts, setTexts] = useState({
    name: site?.name ?? '',
    latitude: String(site?.latitude ?? ''),
    altitude: String(site?.altitude_m ?? '0'),
    alkalinity: String(site?.alkalinity_mg_l ?? '0'),
    rain: site == null ? '0' : plain(site.rain_share * 100),
    ec: site?.water_ec_ms_cm == null ? '' : plain(site.water_ec_ms_cm),
    lastFrost: site?.last_frost ?? '',
    firstFrost: site?.first_frost ?? '',
    note: site?.note ?? '',
  });
  const [months, setMonths] = useState<Texts[]>(() =>
    Array.from({ length: 12 }, (_, i) => textsOf(site?.months[i] ?? null)),
  );
  const problem = problemOf(save);
  const set = (field: keyof typeof texts) => (text: string) => setTexts({ ...texts, [field]: text });
  const number = (text: string) => typedNumber(text) ?? Number.NaN;
  const submit = async () => {
    const saved = await save.mutateAsync({
      id: site?.id ?? null,
      body: {
        name: texts.name,
        latitude: number(texts.latitude),
        altitude_m: number(texts.altitude),
        alkalinity_mg_l: number(texts.alkalinity),
        rain_share: number(texts.rain) / 100,
        water_ec_ms_cm: texts.ec.trim() === '' ? null : number(texts.ec),
        last_frost: texts.lastFrost.trim() === '' ? null : texts.lastFrost.trim(),
        first_frost: texts.firstFrost.trim() === '' ? null : texts.firstFrost.trim(),
        note: texts.note,
        months: months.map((row) => ({
          tmin: number(row.tmin),
          tmax: number(row.tmax),
          rain_mm: number(row.rain_mm === '' ? '0' : row.rain_mm),
          humidity: row.humidity === '' ? null : number(row.humidity),
          wind_ms: row.wind_ms === '' ? null : number(row.wind_ms),
          sun_hours: row.sun_hours === '' ? null : number(row.sun_hours),
          wet_days: row.wet_days === '' ? null : number(row.wet_days),
        })),
      },
    });
    say(t('common.saved', { name: saved.name }));
    close();
  };
  const fill = async (chosen: File | undefined) => {
    if (chosen !== undefined) {
      const answer = await read.mutateAsync(await chosen.text());
      setMonths(answer.months.map((row) => textsOf(row)));
    }
  };
  const climates = useClimates().data?.data ?? [];
  const begin = (key: string) => {
    const climate = climates.find((each) => each.key === key);
    if (climate !== undefined) {
      setMonths(climate.months.map((row) => textsOf(row)));
      setTexts((now) => ({
        ...now,
        name: now.name === '' ? t(`climate.${climate.key}`) : now.name,
        latitude: String(climate.latitude),
        altitude: String(climate.altitude_m),
      }));
    }
  };
  const setMonth = (i: number, column: (typeof COLUMNS)[number], text: string) =>
    setMonths((now) => now.map((each, k) => (k === i ? { ...each, [column]: text } : each)));
  const drawn = months.map((row) => ({
    tmin: number(row.tmin),
    tmax: number(row.tmax),
    rain_mm: typedNumber(row.rain_mm) ?? 0,
  }));
  const fileProblem = problemOf(read);

  return (
    <FormDrawer title={site?.name ?? t('library.addSite')} size={760} close={close} save={submit} by={save} atFields>
      <TextField label={t('site.name')} value={texts.name} error={problem?.at('name')} onChange={set('name')} />
      <div className={styles.year}>
        <Form.Item label={t('site.begin')}>
          <Select
            aria-label={t('site.begin')}
            placeholder={t('site.beginHint')}
            showSearch={{ optionFilterProp: 'label' }}
            options={climates.map((climate) => ({ value: climate.key, label: t(`climate.${climate.key}`) }))}
            onChange={begin}
          />
        </Form.Item>
      </div>
      {drawn.every((row) => Number.isFinite(row.tmin) && Number.isFinite(row.tmax)) && (
        <>
          <p className={common.quiet}>{t('site.barsHint')}</p>
          <YearBars year={drawn} change={(i, column, value) => setMonth(i, column, plain(value))} />
        </>
      )}
      <div className={common.fields3}>
        <NumberField
          label={t('site.latitude')}
          unit="°"
          hint={t('site.latitudeHint')}
          value={texts.latitude}
          error={problem?.at('latitude')}
          onChange={set('latitude')}
        />
        <NumberField
          label={t('site.altitude')}
          unit="m"
          value={texts.altitude}
          error={problem?.at('altitude_m')}
          onChange={set('altitude')}
        />
        <NumberField
          label={t('site.alkalinity')}
          unit="mg/L"
          value={texts.alkalinity}
          error={problem?.at('alkalinity_mg_l')}
          onChange={set('alkalinity')}
        />
        <NumberField
          label={t('site.rainShare')}
          unit="%"
          hint={t('site.rainShareHint')}
          value={texts.rain}
          error={problem?.at('rain_share')}
          onChange={set('rain')}
        />
        <NumberField
          label={t('site.ec')}
          unit="mS/cm"
          value={texts.ec}
          error={problem?.at('water_ec_ms_cm')}
          onChange={set('ec')}
        />
        <TextField
          label={t('site.lastFrost')}
          hint={t('site.frostHint')}
          value={texts.lastFrost}
          error={problem?.at('last_frost')}
          onChange={set('lastFrost')}
        />
        <TextField
          label={t('site.firstFrost')}
          hint={t('site.frostHint')}
          value={texts.firstFrost}
          error={problem?.at('first_frost')}
          onChange={set('firstFrost')}
        />
      </div>
      <p>
        <label>
          {t('site.csv')}{' '}
          <input
            type="file"
            accept=".csv,text/csv"
            onChange={(event) => {
              fill(event.target.files?.[0]).catch(() => undefined);
              event.target.value = '';
            }}
          />
        </label>
        <br />
        <span className={common.quiet}>{t('site.csvHint')}</span>
      </p>
      {fileProblem !== undefined && (
        <ul className={common.fieldError} role="alert">
          {fileProblem.errors.map((error) => (
            <li key={error.path}>
              {error.path}: {error.message}
            </li>
          ))}
        </ul>
      )}
      <Scrolls name={t('site.month')}>
        <table className={`${common.viewTable} ${styles.monthTable}`}>
          <thead>
            <tr>
              <th scope="col">{t('site.month')}</th>
              {COLUMNS.map((column) => (
                <th scope="col" key={column}>
                  {t(`site.${column}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {months.map((row, i) => (
              <tr key={i}>
                <th scope="row">{month(i, 'short')}</th>
                {COLUMNS.map((column) => {
                  const wrong = problem?.at(`months.${i}.${column}`);

                  return (
                    <td key={column}>
                      <MonthField
                        label={`${month(i)} ${t(`site.${column}`)}`}
                        value={row[column]}
                        measure={MEASURED[column]}
                        wrong={wrong}
                        change={(text) => setMonth(i, column, text)}
                      />
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      <TextField label={t('site.note')} value={texts.note} error={problem?.at('note')} onChange={set('note')} />
      {problem !== undefined && (
        <ul className={common.fieldError} role="alert">
          {problem.errors.slice(0, 6).map((error) => (
            <li key={error.path}>
              {monthPath(error.path, month, (column) => t(`site.${column}` as MessageId))}: {error.message}
            </li>
          ))}
        </ul>
      )}
    </FormDrawer>
  );
}

/** A path such as months.3.tmin as one would say it. */
function monthPath(path: string, month: (index: number) => string, word: (column: string) => string): string {
  const [, index, column] = /^months\.(\d+)\.(\w+)$/.exec(path) ?? [];

  return index === undefined || column === undefined ? path : `${month(Number(index))}, ${word(column)}`;
}

function textsOf(row: Partial<Record<(typeof COLUMNS)[number], number | null>> | null): Texts {
  return Object.fromEntries(
    COLUMNS.map((column) => [column, row?.[column] == null ? '' : String(row[column])]),
  ) as Texts;
}
