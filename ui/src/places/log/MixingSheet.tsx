import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { planned } from '../../kit/loads/loads';
import { LoadTable } from '../../kit/loads/LoadTable';
import { ScoopNotes } from '../../kit/loads/ScoopNotes';
import { usePreparationWords } from '../../kit/mixes/usePreparationWords';
import common from '../../styles/common.module.css';
import styles from './log.module.css';

const MOST_TICKS = 24;

/** One page of A4 that can be read at arm's length: scoops, loads to tick, what to buy, what to beware of. */
export function MixingSheet({ batch }: { batch: Schemas['Batch'] }) {
  const { t, date, q } = useWords();
  const { result, inputs } = batch;
  const mixed = result.lines.filter((line) => line.true_share !== null);
  const nameOf = (id: number) => result.lines.find((line) => line.component_id === id)?.name ?? '';
  const layer = result.lines.find((line) => line.layer_l > 0);
  const toBuy = result.lines.filter((line) => line.packs !== 0);
  const prepared = result.lines.filter((line) => line.preparation != null);
  const said = usePreparationWords();

  return (
    <article className={common.sheet}>
      <header>
        <div>
          <h1>{batch.name}</h1>
          <p>{t('sheet.for', { pots: batch.pots, pot: batch.pot_name })}</p>
        </div>
        <p className={common.sheetMade}>
          {t('sheet.title')}
          <br />
          {t('sheet.made', { date: date(batch.made_at) })}
          {batch.recipe_version !== null && (
            <>
              <br />
              {t('sheet.version', { version: batch.recipe_version })}
            </>
          )}
          {batch.mixed_at !== null && (
            <>
              <br />
              {t('sheet.mixed', { date: date(batch.mixed_at), by: batch.mixed_by === '' ? 'none' : batch.mixed_by })}
            </>
          )}
        </p>
      </header>
      <p className={common.sheetLoad}>
        <strong>
          {t('sheet.load', { loads: result.loads, litres: q(result.scooped_l, 'L'), need: q(result.loose_l, 'L') })}
        </strong>
        <span>{t('sheet.scoop', { scoop: q(result.scoop_l, 'L'), tub: q(inputs.order.tub_l, 'L') })}</span>
      </p>
      <LoadTable
        large
        loads={planned(result.load_plan)}
        scoopL={result.scoop_l}
        rows={mixed.map((line) => ({
          ...line,
          beside: (
            <>
              {line.dusty && <em>{t('sheet.dusty')}</em>}
              {line.lot != null && <small> {t('sheet.lot', { name: line.lot })}</small>}
            </>
          ),
        }))}
      />
      <ScoopNotes warnings={result.warnings} nameOf={nameOf} />
      {result.loads <= MOST_TICKS && (
        <p className={common.sheetTicks}>
          {t('sheet.tick')}
          {Array.from({ length: result.loads }, (_, i) => (
            <span key={i} className={common.tick}>
              {i + 1}
            </span>
          ))}
        </p>
      )}
      {prepared.length > 0 && (
        <section>
          <h2>{t('sheet.prepare')}</h2>
          <ul>
            {prepared.map((line) => (
              <li key={line.component_id}>
                {line.gross_l !== undefined && line.gross_l > line.scooped_l * 1.0005
                  ? t('prep.sheet', {
                      gross: q(line.gross_l, 'L'),
                      name: line.name,
                      steps: said(line.preparation ?? {}),
                      net: q(line.scooped_l, 'L'),
                    })
                  : t('prep.sheetWet', { name: line.name, steps: said(line.preparation ?? {}) })}
              </li>
            ))}
          </ul>
        </section>
      )}
      {result.lines
        .filter((line) => (line.lime_g ?? 0) > 0)
        .map((line) => (
          <p key={line.component_id} className="sheet-lime">
            {t('prep.sheetLime', { name: line.name, grams: q(line.lime_g ?? 0, 'g'), litres: q(line.scooped_l, 'L') })}
          </p>
        ))}
      <p>{t('sheet.steps')}</p>
      <p>{t('sheet.perPot', { litres: q(result.net_per_pot_l, 'L') })}</p>
      {layer !== undefined && inputs.drainage_layer !== null && (
        <p>
          {t('sheet.layer', {
            litres: q(layer.layer_l, 'L'),
            name: layer.name,
            cm: q(inputs.drainage_layer.thickness_cm, 'cm'),
          })}
        </p>
      )}
      <div className={styles.sheetColumns}>
        <section>
          <h2>{t('sheet.buy')}</h2>
          {toBuy.length === 0 ? (
            <p>{t('sheet.nothing')}</p>
          ) : (
            <ul>
              {toBuy.map((line) => (
                <li key={line.component_id}>
                  {line.name}:{' '}
                  {line.packs === null || line.pack_l === null
                    ? t('batch.packsUnknown', { litres: q((line.gross_l ?? line.litres) - line.stock_l, 'L') })
                    : t('sheet.packs', { packs: line.packs, litres: q(line.pack_l, 'L') })}
                </li>
              ))}
            </ul>
          )}
          <p>{t('sheet.dry', { kg: q(result.mass_kg, 'kg') })}</p>
        </section>
        <section>
          <h2>{t('sheet.cautions')}</h2>
          <ul>
            {result.hazards.map((hazard) => (
              <li key={hazard}>{t(`caution.${hazard}`)}</li>
            ))}
            <li>{t('caution.lift', { kg: q(result.wet_pot_kg, 'kg'), kg2: result.two_to_lift ? 'two' : 'one' })}</li>
            <li>{t('caution.defer')}</li>
          </ul>
        </section>
      </div>
      {batch.note !== '' && <p className={common.sheetNote}>{batch.note}</p>}
      <footer>{t('sheet.frozen')}</footer>
    </article>
  );
}
