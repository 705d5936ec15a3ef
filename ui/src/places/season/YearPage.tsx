import { Button, Checkbox, Form, Select, Spin } from 'antd';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';

import type { Schemas } from '../../api/client';
import { useLastGood } from '../../api/lastGood';
import { usePlant, usePlants } from '../../api/plants';
import { askYear } from '../../api/season';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useTyped } from '../../kit/season/useTyped';
import { Trouble } from '../../kit/forms/Trouble';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { type Coming, comingOf, USUAL } from '../../kit/season/coming';
import { ComingForm } from '../../kit/season/ComingForm';
import { YearOfPot } from '../../kit/season/YearOfPot';
import common from '../../styles/common.module.css';
import { PlaceYear } from './PlaceYear';
import { SeasonNav } from './SeasonNav';
import styles from './season.module.css';

const EXPOSURES: Schemas['Exposure'][] = ['full_sun', 'half_shade', 'shade', 'glass', 'indoors'];
const DAY_OF_YEAR = /^\d\d-\d\d$/;

interface Quarters {
  from: string;
  to: string;
  exposure: Schemas['Exposure'];
  roofed: boolean;
}

/** A plant's pot through a year of days, under one way of watering or two side by side. */
export default function YearPage() {
  const { t } = useWords();
  const [params, setParams] = useSearchParams();
  const id = Number(params.get('plant') ?? '0') || null;
  const plant = usePlant(id ?? 0, id !== null).data?.plant;
  const [from, setFrom] = useState('');
  const [ways, setWays] = useState<Coming[]>([USUAL]);
  const [quarters, setQuarters] = useState<Quarters | null>(null);
  const [charge, setCharge] = useState('');
  const [longevity, setLongevity] = useState('150');
  const isWrongQuarters = quarters !== null && !(DAY_OF_YEAR.test(quarters.from) && DAY_OF_YEAR.test(quarters.to));
  const number = (text: string) => (text.trim() === '' ? 0 : typedNumber(text));
  const grams = number(charge);
  const lasts = number(longevity);
  const isWrongFeed = grams === null || grams < 0 || lasts === null || lasts < 1;
  const asked = (coming: Coming): Schemas['SeasonQuestion'] | null => {
    const way = comingOf(coming);

    return id === null || way === null || isWrongQuarters || isWrongFeed
      ? null
      : {
          plant_id: id,
          season: {
            coming: way,
            ...(from === '' ? {} : { from }),
            ...(quarters === null ? {} : { quarters }),
            ...(grams > 0 ? { charge_g: grams, longevity_days: lasts } : {}),
          },
        };
  };

  return (
    <div className={styles.page}>
      <SeasonNav />
      <header className={common.listHead}>
        <h1>{t('year.title')}</h1>
      </header>
      <Form layout="vertical" className={styles.ask}>
        <Form.Item label={t('year.plant')}>
          <RecordPicker
            label={t('year.plant')}
            useList={usePlants}
            value={id}
            onPick={(row) => setParams({ plant: String(row.id) }, { replace: true })}
          />
        </Form.Item>
        <Form.Item label={t('year.from')} htmlFor="year-from">
          <input
            id="year-from"
            type="date"
            className={styles.date}
            value={from}
            onChange={({ target }) => setFrom(target.value)}
          />
        </Form.Item>
        <NumberField
          label={t('year.charge')}
          unit="g"
          value={charge}
          error={isWrongFeed ? t('potyear.wrong') : undefined}
          onChange={setCharge}
        />
        {grams !== null && grams > 0 && (
          <NumberField label={t('year.longevity')} value={longevity} onChange={setLongevity} />
        )}
        <Checkbox
          checked={quarters !== null}
          onChange={({ target }) =>
            setQuarters(target.checked ? { from: '11-15', to: '04-01', exposure: 'shade', roofed: true } : null)
          }
        >
          {t('year.quarters')}
        </Checkbox>
        {quarters !== null && <QuartersForm form={quarters} change={setQuarters} wrong={isWrongQuarters} />}
      </Form>
      {id === null ? (
        <>
          <p className={common.quiet}>{t('year.choose')}</p>
          <PlaceYear />
        </>
      ) : (
        <>
          <p className={styles.tools}>
            <Link to={`/plants/${id}`}>{t('year.toPlant')}</Link>{' '}
            <Button
              onClick={() =>
                setWays(ways.length > 1 ? ways.slice(0, 1) : [...ways, { ...USUAL, kind: 'need', looks: 2 }])
              }
            >
              {t(ways.length > 1 ? 'year.alone' : 'year.beside')}
            </Button>
          </p>
          <div className={styles.ways}>
            {ways.map((way, i) => (
              <Way
                key={i}
                name={[
                  plant === undefined ? '' : `${plant.number} ${plant.name}`,
                  ways.length > 1 ? t(i === 0 ? 'year.first' : 'year.second') : '',
                ]
                  .filter((text) => text !== '')
                  .join(', ')}
                way={way}
                question={asked(way)}
                change={(next) => setWays(ways.map((each, k) => (k === i ? next : each)))}
              />
            ))}
          </div>
        </>
      )}
    </div>
  );
}

function Way(props: {
  name: string;
  way: Coming;
  question: Schemas['SeasonQuestion'] | null;
  change: (way: Coming) => void;
}) {
  const { name, way, question, change } = props;
  const { t } = useWords();
  const { data, fresh, problem, unreachable } = useLastGood('season', useTyped(question), askYear);

  return (
    <div>
      <h2>{name}</h2>
      <ComingForm form={way} change={change} />
      {problem !== undefined && <Trouble error={problem} />}
      {unreachable && <p role="alert">{t('problem.offline')}</p>}
      {data === undefined
        ? problem === undefined && (
            <p className={common.quiet}>
              <Spin size="small" /> {t('year.waiting')}
            </p>
          )
        : problem === undefined && (
            <div className={fresh ? undefined : common.notFresh} aria-busy={!fresh}>
              <YearOfPot year={data} name={name} />
            </div>
          )}
    </div>
  );
}

function QuartersForm({ form, change, wrong }: { form: Quarters; change: (form: Quarters) => void; wrong: boolean }) {
  const { t } = useWords();
  const error = (text: string) => (wrong && !DAY_OF_YEAR.test(text) ? t('year.quartersWrong') : undefined);

  return (
    <>
      <NumberField
        label={t('year.quartersFrom')}
        value={form.from}
        error={error(form.from)}
        onChange={(from) => change({ ...form, from })}
      />
      <NumberField
        label={t('year.quartersTo')}
        value={form.to}
        error={error(form.to)}
        onChange={(to) => change({ ...form, to })}
      />
      <Form.Item label={t('year.exposure')}>
        <Select
          aria-label={t('year.exposure')}
          value={form.exposure}
          options={EXPOSURES.map((value) => ({ value, label: t(`exposure.${value}`) }))}
          onChange={(exposure: Schemas['Exposure']) => change({ ...form, exposure })}
        />
      </Form.Item>
      <Checkbox checked={form.roofed} onChange={({ target }) => change({ ...form, roofed: target.checked })}>
        {t('year.quartersRoofed')}
      </Checkbox>
    </>
  );
}
