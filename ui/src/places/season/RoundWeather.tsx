import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useBringWeather } from '../../api/season';
import { useWords } from '../../i18n/words';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';

/** What the round knows of the weather of a site, and what it does not. */
export function RoundWeather({ weather }: { weather: Schemas['RoundWeather'] }) {
  const { t, date, n } = useWords();
  const bring = useBringWeather();
  const { site, kept_to, missing, silent, today } = weather;

  return (
    <p data-weather={weather.site_id}>
      <Link to={`/season/weather?site=${weather.site_id}`}>{site}</Link>
      {': '}
      {kept_to === null ? t('walk.noWeather') : t('walk.keptTo', { date: date(kept_to) })}
      {today !== null &&
        ` ${t('walk.today', { low: n(today.tmin, 2), high: n(today.tmax, 2), rain: n(today.rain_mm, 2) })}`}
      {silent && <strong className={common.mind}> ◆ {t('walk.silent')}</strong>}
      {(missing === null || missing > 0) && !silent && (
        <>
          {' '}
          <DoButton be="helper" size="small" loading={bring.isPending} onClick={() => bring.mutate(weather.site_id)}>
            {t('walk.bring', { days: missing ?? 0 })}
          </DoButton>
        </>
      )}
      {bring.isError && (
        <span className={common.fieldError} role="alert">
          {' '}
          {bring.error.message}
        </span>
      )}
    </p>
  );
}
