import { useState } from 'react';
import { Link } from 'react-router';

import { problemOf, type Schemas } from '../../api/client';
import { useBuyForDay, useStandIns } from '../../api/days';
import { rules, useMeta } from '../../api/meta';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './days.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';
import { Side } from '../../kit/overlays/Side';
import { DoButton } from '../../kit/people/DoButton';

type Row = Schemas['DayShelf'];

/** What comes from each bin, what is short, what to buy, and what could stand in. */
export function ShelfTable({ day }: { day: Schemas['PottingDay'] }) {
  const { t, money, q, cell, unit } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const [buying, setBuying] = useState<Row | null>(null);
  const [standIn, setStandIn] = useState<Row | null>(null);
  const isShort = (row: Row) => row.short_l > rules.notable.litres;
  const toBuy = day.shelf.some((row) => row.packs !== 0);

  return (
    <>
      <table className={`${common.plainTable} ${styles.shelfTable}`}>
        <thead>
          <tr>
            <th scope="col">{t('shelf.component')}</th>
            <th scope="col">
              {t('shelf.need')}, {unit('L')}
            </th>
            <th scope="col">
              {t('shelf.taken')}, {unit('L')}
            </th>
            <th scope="col">
              {t('shelf.stock')}, {unit('L')}
            </th>
            <th scope="col">
              {t('shelf.short')}, {unit('L')}
            </th>
            <th scope="col">{t('shelf.packs')}</th>
            <th scope="col">{t('shelf.cost')}</th>
            <th scope="col">
              <span className={common.visuallyHidden}>{t('common.actions')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {day.shelf.map((row) => (
            <tr key={row.component_id} className={isShort(row) ? styles.isShort : ''}>
              <th scope="row">
                <Swatch kind={row.kind} colour={row.colour} />
                <Link to={`/bins/${row.component_id}`}>{row.name}</Link>
                {row.lots.length > 0 && (
                  <span className={`${common.quiet} ${styles.shelfLots}`}>
                    {row.lots.map((lot) => `${lot.name} ${cell(lot.stock_l, 'L')}`).join(' · ')}
                  </span>
                )}
              </th>
              <td>{cell(row.gross_l, 'L')}</td>
              <td>{row.taken_l > 0 ? cell(row.taken_l, 'L') : <span className={common.quiet}>–</span>}</td>
              <td>{cell(row.stock_l, 'L')}</td>
              <td>
                {isShort(row) ? (
                  <strong className={common.stop}>◆ {cell(row.short_l, 'L')}</strong>
                ) : (
                  <span className={styles.good}>✓</span>
                )}
              </td>
              <td>
                {row.packs === 0 ? (
                  <span className={common.quiet}>–</span>
                ) : row.packs === null || row.pack_l === null ? (
                  t('shelf.packUnknown', { litres: q(row.short_l, 'L') })
                ) : (
                  t('shelf.packsOf', { packs: row.packs, litres: q(row.pack_l, 'L') })
                )}
              </td>
              <td>
                {row.packs_cost === null ? (
                  <span className={common.quiet}>?</span>
                ) : row.packs_cost === 0 ? (
                  <span className={common.quiet}>–</span>
                ) : (
                  money(row.packs_cost, currency)
                )}
              </td>
              <td>
                <span className={common.rowActions}>
                  {isShort(row) && (
                    <>
                      <DoButton
                        size="small"
                        type="primary"
                        onClick={() => setBuying(row)}
                        aria-label={t('shelf.buyTitle', { name: row.name })}
                      >
                        {t('shelf.bought')}
                      </DoButton>
                      <DoButton
                        size="small"
                        onClick={() => setStandIn(row)}
                        aria-label={`${t('shelf.standIn')} ${row.name}`}
                      >
                        {t('shelf.standIn')}
                      </DoButton>
                    </>
                  )}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
        {toBuy && (
          <tfoot>
            <tr>
              <th scope="row" colSpan={6}>
                {day.packs_cost === null ? t('shelf.totalUnknown') : t('shelf.total')}
              </th>
              <td>{day.packs_cost === null ? '' : <strong>{money(day.packs_cost, currency)}</strong>}</td>
              <td />
            </tr>
          </tfoot>
        )}
      </table>
      <Screenings day={day} />
      {buying !== null && <Buy day={day} row={buying} close={() => setBuying(null)} />}
      {standIn !== null && <StandIns day={day} row={standIn} close={() => setStandIn(null)} />}
    </>
  );
}

function Screenings({ day }: { day: Schemas['PottingDay'] }) {
  const { t, q } = useWords();

  return (
    <>
      {day.screenings.map((each) => {
        const names = day.entries
          .filter((entry) => each.entry_ids.includes(entry.id))
          .map((entry) => entry.plant.number);
        return (
          <p key={each.name}>
            {t('shelf.screenings', { name: each.name, coarse: q(each.coarse_l, 'L'), fine: q(each.fine_l, 'L') })}{' '}
            {each.coarse_l > rules.notable.litres &&
              (names.length > 0
                ? t('shelf.screeningsFor', { cm: q(each.deep_enough_cm, 'cm'), names: names.join(', ') })
                : t('shelf.screeningsNone', { cm: q(each.deep_enough_cm, 'cm') }))}
          </p>
        );
      })}
    </>
  );
}

function Buy({ day, row, close }: { day: Schemas['PottingDay']; row: Row; close: () => void }) {
  const { t, q } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const packs = row.packs ?? 0;
  const [litres, setLitres] = useState(plain(row.pack_l === null ? Math.ceil(row.short_l) : packs * row.pack_l));
  const [price, setPrice] = useState(row.packs_cost === null ? '' : plain(row.packs_cost));
  const [name, setName] = useState('');
  const buy = useBuyForDay(day.id);
  const say = useUndoable();
  const problem = problemOf(buy);
  const wrong = { litres: typedNumber(litres) === null, price: price.trim() !== '' && typedNumber(price) === null };
  const submit = async () => {
    if (wrong.litres || wrong.price) {
      return;
    }
    await buy.mutateAsync({
      component_id: row.component_id,
      litres: typedNumber(litres) ?? 0,
      price: typedNumber(price),
      ...(name.trim() === '' ? {} : { name }),
    });
    say(t('shelf.isBought', { litres: q(typedNumber(litres) ?? 0, 'L'), name: row.name }));
    close();
  };

  return (
    <FormDialog
      title={t('shelf.buyTitle', { name: row.name })}
      close={close}
      save={submit}
      by={buy}
      saveLabel={t('shelf.bought')}
      atFields
    >
      <div className={common.fields3}>
        <NumberField
          label={t('shelf.litres')}
          unit="L"
          value={litres}
          error={wrong.litres ? t('common.notNumber') : (problem?.at('litres') ?? problem?.at('quantity_l'))}
          onChange={setLitres}
        />
        <NumberField
          label={t('shelf.paid')}
          unit={currency}
          value={price}
          error={wrong.price ? t('common.notNumber') : problem?.at('price')}
          onChange={setPrice}
        />
        <TextField label={t('shelf.mark')} value={name} error={problem?.at('name')} onChange={setName} longest={60} />
      </div>
    </FormDialog>
  );
}

function StandIns({ day, row, close }: { day: Schemas['PottingDay']; row: Row; close: () => void }) {
  const { t, n, percent, cell, unit } = useWords();
  const found = useStandIns(day.id, row.component_id);
  const now = found.data?.now;

  return (
    <Side open size={680} title={t('shelf.standInTitle', { name: row.name })} onClose={close}>
      {found.data !== undefined &&
        (now == null || found.data.data.length === 0 ? (
          <p className={common.quiet}>{t('shelf.standInNone')}</p>
        ) : (
          <>
            <p>{t('shelf.standInIn', { recipe: found.data.recipe ?? '' })}</p>
            <table className={common.plainTable}>
              <thead>
                <tr>
                  <th scope="col">{t('shelf.component')}</th>
                  <th scope="col">
                    {t('shelf.stock')}, {unit('L')}
                  </th>
                  <th scope="col">{t('shelf.air')}</th>
                  <th scope="col">{t('shelf.easy')}</th>
                  <th scope="col">{t('shelf.weight')}</th>
                  <th scope="col">{t('shelf.ph')}</th>
                </tr>
              </thead>
              <tbody>
                <tr>
                  <th scope="row">
                    {row.name} <span className={common.quiet}>{t('shelf.standInNow')}</span>
                  </th>
                  <td>{cell(row.stock_l, 'L')}</td>
                  <td>{percent(now.air)}</td>
                  <td>{percent(now.easy_share)}</td>
                  <td>{n(now.bulk_density, 2)}</td>
                  <td>{now.ph === null ? '–' : n(now.ph, 2)}</td>
                </tr>
                {found.data.data.map((each) => (
                  <tr key={each.component_id}>
                    <th scope="row">
                      <Swatch kind={each.kind} colour={each.colour} />
                      {each.name}
                    </th>
                    <td>{cell(each.stock_l, 'L')}</td>
                    <td>{percent(each.air)}</td>
                    <td>{percent(each.easy_share)}</td>
                    <td>{n(each.bulk_density, 2)}</td>
                    <td>{each.ph === null ? '–' : n(each.ph, 2)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p>
              <Link to="/blend">{t('shelf.takeRecipe')}</Link>
            </p>
          </>
        ))}
      {found.isError && (
        <p className={common.fieldError} role="alert">
          {t('problem.offline')}
        </p>
      )}
    </Side>
  );
}
