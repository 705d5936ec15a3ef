import { Form, Pagination, Segmented, Select } from 'antd';
import { useState } from 'react';
import { problemOf, type Schemas } from '../../api/client';
import { useLots, useMoveStock, useMovements } from '../../api/components';
import { useMeta } from '../../api/meta';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './bins.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';
import { DoButton } from '../../kit/people/DoButton';

/** What there is of a component in litres, packs and weight, and what moved. */
export function StockSection({ sheet }: { sheet: Schemas['ComponentSheet'] }) {
  const { t, n, date, q, priceOf } = useWords();
  const { component } = sheet;
  const currency = useMeta().data?.currency ?? 'EUR';
  const [page, setPage] = useState(1);
  const [changing, setChanging] = useState(false);
  const movements = useMovements(component.id, page);
  const rows = movements.data?.data ?? [];
  const density = component.measured.properties['bulk_density']?.value ?? component.bulk_density;

  return (
    <section>
      <header className={common.toolsHead}>
        <h2>{t('stock.title')}</h2>
        <DoButton be="helper" onClick={() => setChanging(true)}>
          {t('stock.change')}
        </DoButton>
      </header>
      <p>
        {component.stock_l > 0 ? t('blend.inStock', { litres: q(component.stock_l, 'L') }) : t('blend.notInStock')}
        {component.stock_l > 0 && (
          <>
            {component.pack_l !== null &&
              ` · ${t('component.packs', { packs: n(component.stock_l / component.pack_l, 2), litres: q(component.pack_l, 'L') })}`}
            {` · ${t('component.weighs', { kg: q(component.stock_l * density, 'kg') })}`}
          </>
        )}
      </p>
      {component.runs_low && (
        <p className={common.mind}>{t('stock.lowText', { litres: q(component.low_l ?? 0, 'L') })}</p>
      )}
      {sheet.price_per_l !== null && (
        <p>{t('component.price', { price: priceOf(sheet.price_per_l, 'L', currency) })}</p>
      )}
      <p className={common.quiet}>{component.note}</p>
      {rows.length > 0 && (
        <details className={styles.movements}>
          <summary>{t('stock.movements')}</summary>
          <table className={common.plainTable}>
            <tbody>
              {rows.map((movement) => (
                <tr key={movement.id}>
                  <th scope="row">
                    {date(movement.moved_at)} · {t(`stock.${movement.kind}`)}
                    {movement.note !== '' && <span className={common.quiet}> {movement.note}</span>}
                  </th>
                  <td>
                    {movement.litres > 0 ? '+' : '−'}
                    {n(Math.abs(movement.litres))} L
                  </td>
                  <td className={common.quiet}>{t('stock.after', { litres: q(movement.stock_after_l, 'L') })}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <Pagination
            size="small"
            hideOnSinglePage
            current={page}
            pageSize={movements.data?.per_page ?? 8}
            total={movements.data?.total ?? 0}
            showSizeChanger={false}
            onChange={setPage}
          />
        </details>
      )}
      {changing && <StockForm component={component} close={() => setChanging(false)} />}
    </section>
  );
}

function StockForm({ component, close }: { component: Schemas['Component']; close: () => void }) {
  const { t, q } = useWords();
  const [kind, setKind] = useState<'count' | 'used' | 'lost'>('count');
  const [litres, setLitres] = useState('');
  const [lot, setLot] = useState<number | null>(null);
  const [note, setNote] = useState('');
  const [each, setEach] = useState<Record<number, string>>({});
  const [isMarked, setMarked] = useState(false);
  const lots = useLots(component.id);
  const move = useMoveStock(component.id);
  const say = useUndoable();
  const problem = problemOf(move);
  const amount = typedNumber(litres);
  const counted = Object.entries(each).filter(([, text]) => text.trim() !== '');
  const isWrong = (text: string) => text.trim() !== '' && typedNumber(text) === null;

  const submit = async () => {
    setMarked(true);
    if (amount === null || Object.values(each).some(isWrong)) {
      return;
    }
    const moved = await move.mutateAsync({
      kind,
      note,
      ...(kind === 'count' ? { counted_l: amount } : { litres: amount }),
      ...(lot === null ? {} : { lot_id: lot }),
      ...(kind === 'count' && lot === null && counted.length > 0
        ? { lots: counted.map(([id, text]) => ({ lot_id: Number(id), counted_l: typedNumber(text) ?? 0 })) }
        : {}),
    });
    say(`${component.name}: ${t('blend.inStock', { litres: q(moved.stock_after_l, 'L') })}`);
    close();
  };

  return (
    <FormDialog be="helper" title={t('stock.change')} close={close} save={submit} by={move}>
      <Form.Item>
        <Segmented
          block
          aria-label={t('stock.change')}
          value={kind}
          options={(['count', 'used', 'lost'] as const).map((value) => ({ value, label: t(`stock.${value}`) }))}
          onChange={setKind}
        />
      </Form.Item>
      <NumberField
        label={t(kind === 'count' ? 'stock.counted' : 'stock.litres')}
        unit={t('unit.L')}
        value={litres}
        error={
          isMarked && amount === null ? t('common.notNumber') : (problem?.at('counted_l') ?? problem?.at('litres'))
        }
        onChange={setLitres}
      />
      {(lots.data?.data.length ?? 0) > 0 && (
        <Form.Item label={t('lots.use')}>
          <Select
            aria-label={t('lots.use')}
            value={lot}
            options={[
              { value: null, label: t('lots.useAny') },
              ...(lots.data?.data ?? []).map((each) => ({
                value: each.id,
                label: `${each.name}, ${q(each.stock_l, 'L')}`,
              })),
            ]}
            onChange={setLot}
          />
        </Form.Item>
      )}
      {kind === 'count' && lot === null && (lots.data?.data.length ?? 0) > 0 && (
        <details className={styles.movements}>
          <summary>{t('stock.each')}</summary>
          <div className={common.fields2}>
            {(lots.data?.data ?? []).map((one) => (
              <NumberField
                key={one.id}
                label={t('stock.of', { name: one.name })}
                unit={t('unit.L')}
                placeholder={plain(one.stock_l)}
                value={each[one.id] ?? ''}
                error={
                  isMarked && isWrong(each[one.id] ?? '')
                    ? t('common.notNumber')
                    : problem?.at(`lots.${counted.findIndex(([id]) => Number(id) === one.id)}.counted_l`)
                }
                onChange={(text) => setEach({ ...each, [one.id]: text })}
              />
            ))}
          </div>
        </details>
      )}
      <TextField label={t('field.note')} value={note} onChange={setNote} longest={300} />
    </FormDialog>
  );
}
