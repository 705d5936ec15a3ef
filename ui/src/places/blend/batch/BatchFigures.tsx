import { Select } from 'antd';
import type { Schemas } from '../../../api/client';
import { useLots } from '../../../api/components';
import { useMeta } from '../../../api/meta';
import { useWords } from '../../../i18n/words';
import { planned } from '../../../kit/loads/loads';
import { LoadTable } from '../../../kit/loads/LoadTable';
import { ScoopNotes } from '../../../kit/loads/ScoopNotes';
import { Scrolls } from '../../../kit/Scrolls';
import styles from './batch.module.css';
import common from '../../../styles/common.module.css';

/** Litres, loads, scoops, packs, cost and weight of a batch. */
export function BatchFigures({
  plan,
  pots,
  fresh,
  lots,
  setLot,
}: {
  plan: Schemas['BatchPlan'];
  pots: number;
  fresh: boolean;
  /** Deliveries chosen, by component. */
  lots: Record<number, number>;
  setLot: (componentId: number, lotId: number | null) => void;
}) {
  const { t, n, percent, money, q, cell } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const nameOf = (id: number) => plan.lines.find((line) => line.component_id === id)?.name ?? '';

  return (
    <section className={fresh ? styles.batchFigures : `${styles.batchFigures} ${common.notFresh}`} aria-busy={!fresh}>
      <p className={styles.batchLoose}>
        <strong>{t('batch.loose', { litres: q(plan.loose_l, 'L') })}</strong>{' '}
        {t('batch.looseHint', {
          net: q(plan.net_per_pot_l * pots, 'L'),
          pots,
          shrink: percent(1 - plan.yield_share),
          spare: percent(plan.spare_share),
        })}
        {plan.layer_l > 0 && `, ${t('batch.layerLine', { litres: q(plan.layer_l, 'L') })}`}
      </p>
      <ul className={styles.batchSums}>
        <li>{t('batch.loads', { loads: plan.loads, litres: q(plan.scooped_l, 'L') })}</li>
        <li>{t('batch.weight', { kg: q(plan.mass_kg, 'kg') })}</li>
        <li>{plan.cost === null ? t('batch.costUnknown') : t('batch.cost', { cost: money(plan.cost, currency) })}</li>
        <li>
          {plan.packs_cost === null
            ? t('batch.buyUnknown')
            : plan.packs_cost > 0
              ? t('batch.buy', { cost: money(plan.packs_cost, currency) })
              : t('batch.buyNothing')}
        </li>
        <li>{t('batch.wetPot', { kg: q(plan.wet_pot_kg, 'kg') })}</li>
      </ul>
      <LoadTable
        loads={planned(plan.load_plan)}
        scoopL={plan.scoop_l}
        rows={plan.lines.map((line) => ({
          ...line,
          beside: <LotChoice line={line} lot={lots[line.component_id] ?? null} setLot={setLot} />,
        }))}
      />
      <ScoopNotes warnings={plan.warnings} nameOf={nameOf} />
      <Scrolls name={t('batch.fromShelf')}>
        <table className={common.viewTable}>
          <caption>{t('batch.fromShelf')}</caption>
          <thead>
            <tr>
              <th scope="col">{t('batch.component')}</th>
              <th scope="col">{t('batch.litres')}</th>
              <th scope="col">{t('batch.stock')}</th>
              <th scope="col">{t('batch.packs')}</th>
            </tr>
          </thead>
          <tbody>
            {plan.lines.map((line) => (
              <tr key={line.component_id}>
                <th scope="row">{line.name}</th>
                <td>{cell(line.gross_l ?? line.litres, 'L')}</td>
                <td>{cell(line.stock_l, 'L')}</td>
                <td>
                  {line.packs === null
                    ? t('batch.packsUnknown', { litres: q((line.gross_l ?? line.litres) - line.stock_l, 'L') })
                    : n(line.packs)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      {plan.lines
        .filter((line) => (line.lime_g ?? 0) > 0)
        .map((line) => (
          <p key={line.component_id} className={common.mind}>
            {t('prep.sheetLime', { name: line.name, grams: q(line.lime_g ?? 0, 'g'), litres: q(line.scooped_l, 'L') })}
          </p>
        ))}
    </section>
  );
}

/** Which delivery is taken, where some are written down. */
function LotChoice({
  line,
  lot,
  setLot,
}: {
  line: Schemas['BatchLine'];
  lot: number | null;
  setLot: (componentId: number, lotId: number | null) => void;
}) {
  const { t, q } = useWords();
  const found = (useLots(line.component_id).data?.data ?? []).filter((each) => each.held_at === null);
  if (found.length === 0) {
    return null;
  }
  return (
    <Select
      size="small"
      className={styles.lotChoice}
      aria-label={`${t('lots.use')}: ${line.name}`}
      value={lot}
      popupMatchSelectWidth={false}
      options={[
        { value: null, label: `${t('lots.use')}: ${t('lots.useAny')}` },
        ...found.map((each) => ({ value: each.id, label: `${each.name}, ${q(each.stock_l, 'L')}` })),
      ]}
      onChange={(id: number | null) => setLot(line.component_id, id)}
    />
  );
}
