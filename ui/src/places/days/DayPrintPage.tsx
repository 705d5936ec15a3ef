import { Button, QRCode, Segmented, Select } from 'antd';
import { Link } from 'react-router';

import type { Schemas } from '../../api/client';
import { rules, useMeta } from '../../api/meta';
import { useWords, type Words } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { LoadTable } from '../../kit/loads/LoadTable';
import { ScoopNotes } from '../../kit/loads/ScoopNotes';
import { usePreparationWords } from '../../kit/mixes/usePreparationWords';
import { Scrolls } from '../../kit/Scrolls';
import { Fit } from './EntryTable';
import { nameIn, shownLoads } from './loadsOfMix';
import { PotCard } from './PotCard';
import { PotSums } from './PotSums';
import { OfDay } from './OfDay';
import common from '../../styles/common.module.css';
import { DayBefore } from './DayBefore';
import styles from './days.module.css';

const SHEETS = ['plan', 'shopping', 'mixing', 'cards', 'labels'] as const;
const LAYOUTS = ['3x8', '2x7', '4x12'] as const;
const MOST_TICKS = 30;

type Day = Schemas['PottingDay'];

/** What is taken to the bench on paper; the browser prints it. */
export default function DayPrintPage() {
  return <OfDay>{(day) => <Sheets day={day} />}</OfDay>;
}

function Sheets({ day }: { day: Schemas['PottingDay'] }) {
  const { t } = useWords();
  const [sheetText, setSheet] = useAddressed('sheet', 'plan');
  const [layoutText, setLayout] = useAddressed('layout', '3x8');
  const sheet = SHEETS.find((each) => each === sheetText) ?? 'plan';
  const layout = LAYOUTS.find((each) => each === layoutText) ?? '3x8';

  return (
    <div className={styles.printPage}>
      <p className={`${common.sheetTools} ${common.noPrint}`}>
        <Link to={`/days/${day.id}`}>{t('potting.back')}</Link>
        <Segmented
          aria-label={t('day.print')}
          value={sheet}
          options={SHEETS.map((value) => ({ value, label: t(`print.${value}`) }))}
          onChange={setSheet}
        />
        {sheet === 'labels' && (
          <Select
            aria-label={t('print.layout')}
            value={layout}
            options={LAYOUTS.map((value) => ({ value, label: t(`print.layout.${value}`) }))}
            onChange={setLayout}
          />
        )}
        <Button type="primary" onClick={() => window.print()}>
          {t('print.go')}
        </Button>
      </p>
      <Scrolls className={styles.printSheets} name={t(`print.${sheet}`)}>
        {sheet === 'plan' && <PlanSheet day={day} />}
        {sheet === 'shopping' && <ShoppingSheet day={day} />}
        {sheet === 'mixing' && <MixingSheets day={day} />}
        {sheet === 'cards' && <Cards day={day} />}
        {sheet === 'labels' && <Labels day={day} layout={layout} />}
      </Scrolls>
    </div>
  );
}

function SheetHead({ day, title }: { day: Day; title: string }) {
  const { t, date } = useWords();

  return (
    <header>
      <div>
        <h1>{day.name}</h1>
        <p>{title}</p>
      </div>
      <p className={common.sheetMade}>
        {date(day.planned_on)}
        <br />
        {day.helpers.join(', ')}
        <br />
        {t('common.total', { total: day.plants })}
      </p>
    </header>
  );
}

const inOrder = (day: Day) =>
  day.entries.toSorted((a, b) => (a.order ?? Infinity) - (b.order ?? Infinity) || a.position - b.position);

function PlanSheet({ day }: { day: Day }) {
  const { t, n, q, cell } = useWords();

  return (
    <article className={`${common.sheet} ${styles.printPlan}`}>
      <SheetHead day={day} title={t('print.plan')} />
      <p>
        {t('day.sums', {
          plants: day.plants,
          loose: q(day.totals.loose_l, 'L'),
          hours: n(day.totals.minutes / 60, 2),
        })}
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">{t('day.order')}</th>
            <th scope="col">{t('day.plant')}</th>
            <th scope="col">{t('day.pot')}</th>
            <th scope="col">{t('day.mix')}</th>
            <th scope="col">{t('day.base')}</th>
            <th scope="col">{t('day.ball')}</th>
            <th scope="col">{t('day.weight')}</th>
            <th scope="col">{t('day.minutes')}</th>
            <th scope="col">{t('day.helper')}</th>
            <th scope="col">{t('print.box')}</th>
          </tr>
        </thead>
        <tbody>
          {inOrder(day).map((entry) => (
            <tr key={entry.id}>
              <td>{entry.order ?? '–'}</td>
              <th scope="row">
                {entry.plant.number} {entry.plant.name}
                {entry.count > 1 && ` × ${entry.count}`}
                {entry.extras.length > 0 && (
                  <small> + {entry.extras.map((extra) => `${q(extra.litres, 'L')} ${extra.name}`).join(', ')}</small>
                )}
              </th>
              <td>{entry.pot.name}</td>
              <td>{entry.recipe.name}</td>
              <td>{entry.figures === null ? '–' : cell(entry.count * entry.figures.base_l, 'L')}</td>
              <td>
                <Fit entry={entry} />
              </td>
              <td>{entry.figures === null ? '–' : cell(entry.figures.wet_kg, 'kg')}</td>
              <td>{entry.figures === null ? '–' : n(Math.round(entry.count * entry.figures.minutes))}</td>
              <td>{entry.helper}</td>
              <td>
                <span className={common.tick}>{entry.state === 'done' || entry.state === 'changed' ? '✓' : ''}</span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <DayBefore day={day} />
      <ul className={styles.printTools}>
        {day.totals.wires.map((wire) => (
          <li key={wire.gauge_mm}>
            {t('tools.wire', { gauge: n(wire.gauge_mm), length: q(wire.length_cm / 100, 'm') })}
          </li>
        ))}
        {day.totals.mesh.map((mesh) => (
          <li key={mesh.side_cm}>{t('tools.mesh', { pieces: mesh.pieces, side: q(mesh.side_cm, 'cm') })}</li>
        ))}
        {day.totals.fertilisers.map((each) => (
          <li key={each.name}>{t('tools.fertiliser', { name: each.name, grams: q(each.grams, 'g') })}</li>
        ))}
        {day.totals.moss_cm2 > 0 && <li>{t('tools.moss', { cm2: n(day.totals.moss_cm2, 2) })}</li>}
      </ul>
      <Cautions day={day} />
      {day.note !== '' && <p className={common.sheetNote}>{day.note}</p>}
    </article>
  );
}

function Cautions({ day }: { day: Day }) {
  const { t } = useWords();

  return (
    <section className={styles.printCautions}>
      <h2>{t('print.caution')}</h2>
      <ul>
        {day.hazards.map((hazard) => (
          <li key={hazard}>{t(`caution.${hazard}`)}</li>
        ))}
        {day.totals.two_to_lift > 0 && <li>{t('day.heavy', { count: day.totals.two_to_lift })}</li>}
        <li>{t('caution.defer')}</li>
      </ul>
    </section>
  );
}

function ShoppingSheet({ day }: { day: Day }) {
  const { t, money, q, cell, unit } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const rows = day.shelf.filter((row) => row.short_l > rules.notable.litres);

  return (
    <article className={common.sheet}>
      <SheetHead day={day} title={t('print.shopping')} />
      {rows.length === 0 ? (
        <p>{t('print.nothing')}</p>
      ) : (
        <table>
          <thead>
            <tr>
              <th scope="col">{t('shelf.component')}</th>
              <th scope="col">
                {t('shelf.short')}, {unit('L')}
              </th>
              <th scope="col">{t('shelf.packs')}</th>
              <th scope="col">{t('shelf.cost')}</th>
              <th scope="col">{t('shelf.bought')}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.component_id}>
                <th scope="row">{row.name}</th>
                <td>{cell(row.short_l, 'L')}</td>
                <td>
                  {row.packs === null || row.pack_l === null
                    ? t('shelf.packUnknown', { litres: q(row.short_l, 'L') })
                    : t('shelf.packsOf', { packs: row.packs, litres: q(row.pack_l, 'L') })}
                </td>
                <td>{row.packs_cost === null ? '?' : money(row.packs_cost, currency)}</td>
                <td>
                  <span className={common.tick} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p>
        {day.packs_cost === null ? t('shelf.totalUnknown') : `${t('shelf.total')}: ${money(day.packs_cost, currency)}`}
      </p>
      <PotSums pots={day.pots} onlyShort />
    </article>
  );
}

function MixingSheets({ day }: { day: Day }) {
  const { t, n, percent, q } = useWords();
  const said = usePreparationWords();

  return (
    <>
      {day.mixes.map((mix) => (
        <article key={mix.recipe_id} className={`${common.sheet} print-mixing`}>
          <SheetHead day={day} title={`${t('print.mixing')}: ${mix.name}`} />
          <p className={common.sheetLoad}>
            <strong>
              {t('mixes.loads', { loads: mix.loads, tub: q(day.tub_l, 'L'), scoop: q(day.scoop_l, 'L') })}
            </strong>
          </p>
          <LoadTable
            large
            loads={shownLoads(mix)}
            scoopL={day.scoop_l}
            rows={mix.parts.map((part) => ({
              ...part,
              beside: (
                <>
                  {part.dusty && <em>{t('sheet.dusty')}</em>}
                  {part.preparation != null && <small> {said(part.preparation)}</small>}
                </>
              ),
            }))}
          />
          <ScoopNotes warnings={mix.warnings} nameOf={nameIn(mix)} />
          {mix.loads <= MOST_TICKS && (
            <p className={common.sheetTicks}>
              {t('print.tick')}
              {shownLoads(mix).map((load) => (
                <span key={load.number} className={common.tick}>
                  {load.mixed ? '✓' : load.number}
                </span>
              ))}
            </p>
          )}
          <p>
            {t('mixes.sums', {
              pots: mix.pots,
              net: q(mix.net_l, 'L'),
              loose: q(mix.loose_l, 'L'),
              spare: percent(day.spare, 1),
              yield: n(mix.yield_share),
            })}
          </p>
          <ul>
            {alike(
              inOrder(day).filter((entry) => entry.recipe.id === mix.recipe_id),
              q,
            ).map(({ each, count, plants }) => (
              <li key={each}>
                <strong>
                  {count} × {each}
                </strong>
                : {plants.join(', ')}
              </li>
            ))}
          </ul>
        </article>
      ))}
    </>
  );
}

/** Pots that take the same, in one line: how many of them, how much each, and which. */
function alike(entries: Day['entries'], q: Words['q']): { each: string; count: number; plants: string[] }[] {
  const found = new Map<string, { each: string; count: number; plants: string[] }>();
  for (const entry of entries) {
    const each = [
      entry.figures === null ? '–' : q(entry.figures.base_l, 'L'),
      ...entry.extras.map((extra) => `${q(extra.litres, 'L')} ${extra.name}`),
    ].join(' + ');
    const line = found.get(each) ?? { each, count: 0, plants: [] };
    found.set(each, {
      each,
      count: line.count + entry.count,
      plants: [...line.plants, `${entry.plant.number} ${entry.plant.name}`],
    });
  }

  return [...found.values()];
}

function Cards({ day }: { day: Day }) {
  const { t } = useWords();

  return (
    <div className={styles.printCards}>
      {inOrder(day).map((entry) => (
        <article key={entry.id}>
          <header>
            <h2>
              {entry.order ?? '–'}. {entry.plant.number} {entry.plant.name}
            </h2>
            <PlantCode id={entry.plant.id} size={64} />
          </header>
          <PotCard entry={entry} />
          <p className={styles.printLine}>{t('print.pottedNote')}</p>
        </article>
      ))}
    </div>
  );
}

function Labels({ day, layout }: { day: Day; layout: (typeof LAYOUTS)[number] }) {
  const { date } = useWords();

  return (
    <div className={`${styles.printLabels} ${styles[`labels-${layout}`]}`}>
      {inOrder(day).map((entry) => (
        <article key={entry.id}>
          <PlantCode id={entry.plant.id} size={layout === '4x12' ? 52 : 74} />
          <div>
            <strong>{entry.plant.number}</strong>
            <p>{entry.plant.name}</p>
            <p>{entry.plant.species}</p>
            <p>
              {entry.recipe.name}, {date(entry.done_at ?? day.planned_on)}
            </p>
          </div>
        </article>
      ))}
    </div>
  );
}

/** A code that opens the plant where Zolbek runs. */
function PlantCode({ id, size }: { id: number; size: number }) {
  const { t } = useWords();

  return (
    <span className="plant-code">
      <span className={common.visuallyHidden}>{`${t('print.scan')} ${id}`}</span>
      <span aria-hidden="true">
        <QRCode
          value={`${window.location.origin}/plants/${id}`}
          size={size}
          type="svg"
          bordered={false}
          color="#000"
          bgColor="#fff"
        />
      </span>
    </span>
  );
}
