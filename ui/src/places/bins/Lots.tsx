import { Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { problemOf, type Schemas } from '../../api/client';
import { useArchiveLot, useHoldLot, useLots, useSaveLot } from '../../api/components';
import { useMeta } from '../../api/meta';
import { isoDay } from '../../i18n/isoDay';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './bins.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';
import { HoldForm } from './HoldForm';
import { LotUses } from './LotUses';
import { DoButton } from '../../kit/people/DoButton';

type Lot = Schemas['Lot'];

/** Deliveries of a component: date, price, what is left, and what was measured of this very one. */
export function Lots({ component }: { component: Schemas['Component'] }) {
  const { t, n, date, q, priceOf } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const lots = useLots(component.id);
  const setArchived = useArchiving(useArchiveLot());
  const navigate = useNavigate();
  const [editing, setEditing] = useState<Lot | 'new' | null>(null);
  const [asking, setAsking] = useState<[Lot, 'hold' | 'uses'] | null>(null);
  const hold = useHoldLot();
  const rows = lots.data?.data ?? [];
  const own = (lot: Lot) => Object.keys(lot.measured.properties).map((name) => t(`field.${name}` as 'field.ph'));

  return (
    <section>
      <header className={common.toolsHead}>
        <h2>{t('lots.title')}</h2>
        <DoButton onClick={() => setEditing('new')}>{t('lots.add')}</DoButton>
      </header>
      {lots.isSuccess && rows.length === 0 && <p className={common.quiet}>{t('lots.none')}</p>}
      <ul className={styles.lots}>
        {rows.map((lot) => (
          <li key={lot.id}>
            <p>
              <strong>{lot.name}</strong> {date(lot.delivered_on)}
            </p>
            <p>
              {t('lots.leftOf', { left: n(lot.stock_l), all: q(lot.quantity_l, 'L') })}
              {lot.price_per_l !== null && ` · ${t('lots.perL', { price: priceOf(lot.price_per_l, 'L', currency) })}`}
            </p>
            {own(lot).length > 0 && (
              <p className={styles.isMeasured}>{t('lots.own', { names: own(lot).join(', ') })}</p>
            )}
            {lot.note !== '' && <p className={common.quiet}>{lot.note}</p>}
            {lot.held_at !== null && (
              <p className={common.stop}>◆ {t('lots.held', { date: date(lot.held_at), why: lot.held_note })}</p>
            )}
            <span className={`${common.rowActions} ${styles.lotActions}`}>
              <Button size="small" onClick={() => void navigate(`/bench?component=${component.id}&lot=${lot.id}`)}>
                {t('lots.test')}
              </Button>
              <DoButton size="small" aria-label={`${t('common.edit')} ${lot.name}`} onClick={() => setEditing(lot)}>
                {t('common.edit')}
              </DoButton>
              <Button
                size="small"
                aria-label={`${t('lots.where')} ${lot.name}`}
                onClick={() => setAsking([lot, 'uses'])}
              >
                {t('lots.where')}
              </Button>
              {lot.held_at === null ? (
                <DoButton
                  size="small"
                  aria-label={`${t('lots.hold')} ${lot.name}`}
                  onClick={() => setAsking([lot, 'hold'])}
                >
                  {t('lots.hold')}
                </DoButton>
              ) : (
                <DoButton
                  size="small"
                  aria-label={`${t('lots.letGo')} ${lot.name}`}
                  onClick={() => hold.mutate({ id: lot.id, held: false })}
                >
                  {t('lots.letGo')}
                </DoButton>
              )}
              <DoButton
                size="small"
                type="text"
                aria-label={`${t('common.archive')} ${lot.name}`}
                onClick={() => void setArchived(lot, true)}
              >
                {t('common.archive')}
              </DoButton>
            </span>
          </li>
        ))}
      </ul>
      {asking?.[1] === 'hold' && <HoldForm lot={asking[0]} close={() => setAsking(null)} />}
      {asking?.[1] === 'uses' && <LotUses lot={asking[0]} close={() => setAsking(null)} />}
      {editing !== null && (
        <LotForm
          componentId={component.id}
          packL={component.pack_l}
          lot={editing === 'new' ? null : editing}
          close={() => setEditing(null)}
        />
      )}
    </section>
  );
}

function LotForm({
  componentId,
  packL,
  lot,
  close,
}: {
  componentId: number;
  packL: number | null;
  lot: Lot | null;
  close: () => void;
}) {
  const { t } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const [name, setName] = useState(lot?.name ?? '');
  const [day, setDay] = useState(lot?.delivered_on ?? isoDay());
  const [quantity, setQuantity] = useState(lot === null ? (packL === null ? '' : plain(packL)) : plain(lot.quantity_l));
  const [price, setPrice] = useState(lot?.price == null ? '' : plain(lot.price));
  const [note, setNote] = useState(lot?.note ?? '');
  const [marked, setMarked] = useState<string[]>([]);
  const save = useSaveLot(componentId);
  const say = useUndoable();
  const problem = problemOf(save);
  const errorAt = (path: string) => (marked.includes(path) ? t('common.notNumber') : problem?.at(path));

  const submit = async () => {
    const litres = typedNumber(quantity);
    const paid = typedNumber(price);
    const wrong = [
      ...(litres === null ? ['quantity_l'] : []),
      ...(price.trim() !== '' && paid === null ? ['price'] : []),
    ];
    setMarked(wrong);
    if (wrong.length > 0 || litres === null) {
      return;
    }
    const saved = await save.mutateAsync({
      id: lot?.id ?? null,
      body: { delivered_on: day, quantity_l: litres, price: paid, note, ...(name.trim() === '' ? {} : { name }) },
    });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  return (
    <FormDialog title={lot?.name ?? t('lots.add')} close={close} save={submit} by={save}>
      <div className={common.fields2}>
        <TextField label={t('lots.on')} value={day} error={problem?.at('delivered_on')} onChange={setDay} type="date" />
        <TextField
          label={t('lots.name')}
          value={name}
          error={problem?.at('name')}
          onChange={setName}
          hint={t('lots.nameHint')}
        />
        <NumberField
          label={t('lots.quantity')}
          unit={t('unit.L')}
          value={quantity}
          error={errorAt('quantity_l')}
          onChange={setQuantity}
        />
        <NumberField
          label={t('lots.price')}
          unit={currency}
          value={price}
          error={errorAt('price')}
          onChange={setPrice}
        />
      </div>
      <TextField label={t('field.note')} value={note} onChange={setNote} />
    </FormDialog>
  );
}
