import { Button, Form, Spin } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';

import { later } from '../../kit/later';
import type { Schemas } from '../../api/client';
import { usePlants } from '../../api/plants';
import { useBringWeather, useSiteWeather, useWriteWeather } from '../../api/season';
import { useSites } from '../../api/situations';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DoButton } from '../../kit/people/DoButton';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { Scrolls } from '../../kit/Scrolls';
import common from '../../styles/common.module.css';
import { SeasonNav } from './SeasonNav';
import styles from './season.module.css';

const ExchangeDrawer = later(() =>
  import('../../kit/lists/ExchangeDrawer').then(({ ExchangeDrawer }) => ExchangeDrawer),
);
const FIELDS = ['tmin', 'tmax', 'rain_mm'] as const;
const LABELS = { tmin: 'weather.low', tmax: 'weather.high', rain_mm: 'weather.rain' } as const;

/** The weather of a site: how it was, how it is foretold, from the station, a file or by hand. */
export default function WeatherPage() {
  const { t } = useWords();
  const [params, setParams] = useSearchParams();
  const sites = useSites({ per_page: 1 });
  // that of the plants goes before one that was only written down
  const plants = usePlants({ per_page: 1 });
  const usual = plants.isPending ? null : (plants.data?.data[0]?.site_id ?? sites.data?.data[0]?.id ?? null);
  const id = Number(params.get('site') ?? '0') || usual;
  const found = useSiteWeather(id);
  const bring = useBringWeather();
  const say = useUndoable();
  const [exchanging, setExchanging] = useState(false);

  return (
    <div className={styles.page}>
      <SeasonNav />
      <header className={common.listHead}>
        <h1>{t('weather.title')}</h1>
        <RecordPicker
          label={t('weather.site')}
          useList={useSites}
          value={id}
          onPick={(site) => setParams({ site: String(site.id) }, { replace: true })}
        />
        {id !== null && (
          <DoButton
            be="helper"
            type="primary"
            loading={bring.isPending}
            onClick={() =>
              void bring
                .mutateAsync(id)
                .then(({ added }) => say(t('weather.brought', { count: added })))
                .catch(() => undefined)
            }
          >
            {t('weather.bring')}
          </DoButton>
        )}
        <Button onClick={() => setExchanging(true)}>{t('weather.file')}</Button>
      </header>
      {bring.isError && (
        <p className={common.fieldError} role="alert">
          {bring.error.message}
        </p>
      )}
      {id === null ? (
        <p className={common.quiet}>{t(sites.isPending || plants.isPending ? 'common.loading' : 'weather.noSites')}</p>
      ) : found.data === undefined ? (
        found.isPending && <Spin />
      ) : (
        <Weather weather={found.data} />
      )}
      {exchanging && <ExchangeDrawer sheets={['weather']} close={() => setExchanging(false)} />}
    </div>
  );
}

function Weather({ weather }: { weather: Schemas['SiteWeather'] }) {
  const { t } = useWords();

  return (
    <div className={styles.weather}>
      <section>
        <h2>{t('weather.foretold')}</h2>
        {weather.silent ? (
          <p className={common.mind}>◆ {t('weather.silent')}</p>
        ) : (
          <Days days={weather.forecast.map((day) => ({ ...day, source: null }))} />
        )}
        <WriteDay id={weather.site_id} />
      </section>
      <section>
        <h2>{t('weather.kept')}</h2>
        <p className={common.quiet}>{t('weather.missing', { count: weather.missing })}</p>
        {weather.days.length === 0 ? (
          <p className={common.quiet}>{t('weather.keptNone')}</p>
        ) : (
          <Days days={[...weather.days].reverse()} />
        )}
      </section>
    </div>
  );
}

function Days({ days }: { days: (Schemas['ForetoldDay'] & { source: Schemas['WeatherDay']['source'] | null })[] }) {
  const { t, n, date } = useWords();

  return (
    <Scrolls name={t('weather.title')}>
      <table className={common.viewTable}>
        <thead>
          <tr>
            <th scope="col">{t('weather.day')}</th>
            <th scope="col">{t('weather.low')}</th>
            <th scope="col">{t('weather.high')}</th>
            <th scope="col">{t('weather.rain')}</th>
            <th scope="col">{t('weather.usual')}</th>
            {days[0]?.source != null && <th scope="col">{t('weather.source')}</th>}
          </tr>
        </thead>
        <tbody>
          {days.map((day) => (
            <tr key={day.date}>
              <th scope="row">{date(day.date)}</th>
              <td>{n(day.tmin, 3)}</td>
              <td>{n(day.tmax, 3)}</td>
              <td>{day.rain_mm === 0 ? '–' : n(day.rain_mm, 3)}</td>
              <td className={common.quiet}>
                {n(day.usual_tmin, 2)} … {n(day.usual_tmax, 2)}
              </td>
              {day.source !== null && <td className={common.quiet}>{t(`weather.source.${day.source}`)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}

function WriteDay({ id }: { id: number }) {
  const { t } = useWords();
  const write = useWriteWeather(id);
  const say = useUndoable();
  const [form, setForm] = useState({ date: '', tmin: '', tmax: '', rain_mm: '0' });
  const [tried, setTried] = useState(false);
  const figures = FIELDS.map((field) => typedNumber(form[field]));
  const save = async () => {
    setTried(true);
    const [tmin, tmax, rain] = figures;
    if (form.date === '' || tmin == null || tmax == null || rain == null) {
      return;
    }
    await write.mutateAsync({ date: form.date, tmin, tmax, rain_mm: rain });
    setForm({ date: '', tmin: '', tmax: '', rain_mm: '0' });
    setTried(false);
    say(t('weather.written'));
  };

  return (
    <>
      <h3>{t('weather.write')}</h3>
      <Form layout="vertical" className={styles.ask}>
        <Form.Item
          label={t('weather.day')}
          htmlFor="weather-day"
          validateStatus={tried && form.date === '' ? 'error' : ''}
          help={tried && form.date === '' ? t('weather.wrong') : undefined}
        >
          <input
            id="weather-day"
            type="date"
            className={styles.date}
            value={form.date}
            onChange={({ target }) => setForm({ ...form, date: target.value })}
          />
        </Form.Item>
        {FIELDS.map((field, i) => (
          <NumberField
            key={field}
            label={t(LABELS[field])}
            value={form[field]}
            error={tried && figures[i] === null ? t('weather.wrong') : undefined}
            onChange={(text) => setForm({ ...form, [field]: text })}
          />
        ))}
      </Form>
      {write.isError && (
        <p className={common.fieldError} role="alert">
          {write.error.message}
        </p>
      )}
      <DoButton be="helper" loading={write.isPending} onClick={() => void save().catch(() => undefined)}>
        {t('common.save')}
      </DoButton>
    </>
  );
}
