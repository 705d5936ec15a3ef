import { useState } from 'react';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { useGrowth, useStays, useTakeBackGrowth } from '../../api/outcomes';
import { PlainChart } from '../../drawing/PlainChart';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import { MeasureDialog } from './MeasureDialog';
import styles from './plants.module.css';

const AT_FIRST = 6;
const YEAR_MS = 365.25 * 86_400_000;

/** How a plant grew, in which mix, and what it stood in. */
export function GrowthSection({ dossier }: { dossier: Schemas['PlantDossier'] }) {
  const { t, n, q, day } = useWords();
  const id = dossier.plant.id;
  const growth = useGrowth(id).data;
  const takeBack = useTakeBackGrowth(id);
  const say = useUndoable();
  const [asking, setAsking] = useState(false);
  const newest = [...(growth?.measures ?? [])].reverse();
  const told = (measure: Schemas['GrowthMeasure']) =>
    [
      measure.trunk_mm === null ? '' : t('growth.trunkOf', { mm: n(measure.trunk_mm) }),
      measure.height_cm === null ? '' : t('growth.heightOf', { cm: q(measure.height_cm, 'cm') }),
      measure.canopy_cm === null ? '' : t('growth.canopyOf', { cm: q(measure.canopy_cm, 'cm') }),
      measure.health === null ? '' : t(`health.${measure.health}`),
      measure.note,
      measure.person,
    ]
      .filter((each) => each !== '')
      .join(' · ');

  return (
    <section className={styles.growth}>
      <h2>{t('growth.title')}</h2>
      {growth !== undefined && <Course growth={growth} />}
      {newest.length === 0 ? (
        <p className={common.quiet}>{t('growth.none')}</p>
      ) : (
        <ul className={common.plainList}>
          {newest.slice(0, AT_FIRST).map((measure) => (
            <li key={measure.id}>
              <time dateTime={measure.on}>{day(measure.on)}</time> {told(measure)}
              {measure.photo !== null && (
                <a href={measure.photo.url} target="_blank" rel="noreferrer">
                  <img src={measure.photo.small_url} alt={t('growth.photoOf', { date: day(measure.on) })} width={44} />
                </a>
              )}{' '}
              <DoButton
                be="helper"
                size="small"
                type="text"
                aria-label={t('growth.takeBackOf', { date: day(measure.on) })}
                onClick={() =>
                  void takeBack
                    .mutateAsync(measure.id)
                    .then(() => say(t('growth.tookBack')))
                    .catch(() => undefined)
                }
              >
                ×
              </DoButton>
            </li>
          ))}
        </ul>
      )}
      <DoButton be="helper" className={common.noPrint} onClick={() => setAsking(true)}>
        {t('growth.measure')}
      </DoButton>
      <Stays plant={id} />
      {asking && <MeasureDialog dossier={dossier} close={() => setAsking(false)} />}
    </section>
  );
}

/** Trunk since the first measuring. */
function Course({ growth }: { growth: Schemas['Growth'] }) {
  const { t, n } = useWords();
  const trunk = growth.measures.flatMap(({ on, trunk_mm }) => (trunk_mm === null ? [] : [{ on, mm: trunk_mm }]));
  const first = trunk[0];
  if (first === undefined || trunk.length < 2) {
    return null;
  }
  const points = trunk.map(({ on, mm }) => ({
    x: new Date(`${on}T12:00:00Z`).getTime() / YEAR_MS + 1970,
    y: Math.max(0, mm - first.mm),
  }));

  return (
    <PlainChart
      title={t('growth.chart')}
      curves={[{ label: '', colour: 'var(--moss)', points }]}
      dots={points.map((point) => ({ ...point, label: '' }))}
      xLabel={t('growth.year')}
      yLabel={t('growth.mm')}
      xText={(value) => value.toFixed(0)}
      yText={(value) => n(value, 2)}
      xTicks={[...new Set(points.map(({ x }) => Math.floor(x)))].filter((year) => year >= (points[0]?.x ?? 0))}
      height={180}
    />
  );
}

/** Every mix that it stood in, the first one first; each leads to how that mix turned out. */
function Stays({ plant }: { plant: number }) {
  const { t, n, day } = useWords();
  const stays = useStays(plant).data?.data ?? [];

  return stays.length === 0 ? null : (
    <>
      <h3>{t('growth.stays')}</h3>
      <ol className={common.plainList}>
        {stays.map((stay) => (
          <li key={stay.from}>
            <Link to={`/log/mixes?mix=${stay.recipe_id}`}>
              {stay.recipe} {t('outcome.version', { version: stay.version }).toLowerCase()}
            </Link>
            , {stay.pot}: {day(stay.from)} – {stay.until === null ? t('outcome.stillThere') : day(stay.until)}{' '}
            <small className={common.quiet}>
              {t('outcome.years', { years: n(Math.round(10 * stay.years) / 10, 3) })}
              {stay.forecast_years !== null &&
                ` · ${t('outcome.forecast', { years: t('outcome.years', { years: n(Math.round(10 * stay.forecast_years) / 10, 3) }) })}`}
              {stay.trunk_mm_year !== null &&
                ` · ${t('growth.rate', { mm: n(stay.trunk_mm_year, 2), error: stay.trunk_error === null ? '' : ` ± ${n(2 * stay.trunk_error, 1)}` })}`}
              {stay.six_weeks !== null && ` · ${t(`outcome.${stay.six_weeks}`)}`}
            </small>
          </li>
        ))}
      </ol>
    </>
  );
}
