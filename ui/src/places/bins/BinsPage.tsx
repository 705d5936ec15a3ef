import { Button, Checkbox, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';

import type { Schemas } from '../../api/client';
import { useArchiveComponent, useComponents } from '../../api/components';
import { rules, useMeta } from '../../api/meta';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { RowActions } from '../../kit/lists/RowActions';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { ComponentDrawer, type Editing } from './ComponentDrawer';
import { ExchangeDrawer } from '../../kit/lists/ExchangeDrawer';
import { MixDrawer } from './MixDrawer';
import common from '../../styles/common.module.css';
import styles from './bins.module.css';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { useAsked, useEditing } from '../../kit/lists/useEditing';
import { DoButton } from '../../kit/people/DoButton';

type Component = Schemas['Component'];

/** The shelf: every component with its stock, price and what is known of it. */
export default function BinsPage() {
  const { t, n, money, cell, unit } = useWords();
  const meta = useMeta();
  const currency = meta.data?.currency ?? 'EUR';
  const list = useListQuery('-stock_l');
  const [kindText, setKind] = useAddressed('kind', '');
  const [inStockText, setInStock] = useAddressed('in_stock', '');
  const [lowText, setLow] = useAddressed('low', '');
  const [kind, inStock, low] = [kindText as Schemas['Kind'] | '', inStockText !== '', lowText !== ''];
  const [newMix, setNewMix] = useState(false);
  const [ticked, setTicked] = useState<number[]>([]);
  const [asCopy, setAsCopy] = useState(false);
  const [exchanging, setExchanging] = useState(false);
  const found = useComponents({
    ...list.query,
    ...(kind === '' ? {} : { kind }),
    ...(inStock ? { in_stock: 1 } : {}),
    ...(low ? { low: 1 } : {}),
    ...useAsked(),
  });
  const [record, setRecord] = useEditing<Component>(found.data?.data);
  const editing: Editing | null = record === null ? null : { component: record === 'new' ? null : record, asCopy };
  const setEditing = (next: Editing | null) => {
    setAsCopy(next?.asCopy ?? false);
    setRecord(next === null ? null : (next.component ?? 'new'));
  };
  const fullest = Math.max(1, ...(found.data?.data ?? []).map(({ stock_l }) => stock_l));
  const archive = useArchiveComponent();
  const navigate = useNavigate();

  const setArchived = useArchiving(archive);

  return (
    <div className={common.listPage}>
      <ListHead
        title={t('bins.title')}
        {...list}
        add={{ label: t('bins.add'), act: () => setEditing({ component: null, asCopy: false }) }}
      >
        <Select
          aria-label={t('bins.kind')}
          value={kind}
          popupMatchSelectWidth={false}
          options={[
            { value: '', label: t('bins.all') },
            ...(meta.data?.kinds ?? []).map((each) => ({ value: each, label: t(`kind.${each}`) })),
          ]}
          onChange={setKind}
        />
        <Checkbox checked={inStock} onChange={({ target }) => setInStock(target.checked ? '1' : '')}>
          {t('bins.inStock')}
        </Checkbox>
        <Checkbox checked={low} onChange={({ target }) => setLow(target.checked ? '1' : '')}>
          {t('bins.low')}
        </Checkbox>
        {ticked.length > 0 && (
          <Button disabled={ticked.length < 2} onClick={() => void navigate(`/bins/compare?ids=${ticked.join(',')}`)}>
            {t('bins.compare', { count: ticked.length })}
          </Button>
        )}
        <DoButton onClick={() => setNewMix(true)}>{t('bins.addMix')}</DoButton>
        <Button onClick={() => setExchanging(true)}>{t('exchange.open')}</Button>
      </ListHead>
      <ListTable<Component>
        found={found}
        list={list}
        fitsPhone
        empty={t(list.archived && list.search === '' ? 'bins.emptyArchive' : 'bins.empty')}
        ticked={{ ids: ticked, set: setTicked, most: rules.most_components_compared }}
        columns={[
          {
            key: 'name',
            title: t('bins.name'),
            sorter: true,
            render: (_, component) => (
              <Link className={common.rowName} to={`/bins/${component.id}`}>
                <Swatch kind={component.kind} colour={component.colour} />
                <span>
                  {component.name}
                  <Deliveries of={component} />
                </span>
              </Link>
            ),
          },
          {
            key: 'kind',
            responsive: ['sm'],
            title: t('bins.kind'),
            sorter: true,
            render: (_, { kind: each, source }) => (source === 'material' ? t(`kind.${each}`) : t(`mix.${source}`)),
          },
          {
            key: 'stock_l',
            title: `${t('bins.stock')}, ${unit('L')}`,
            align: 'right',
            sorter: true,
            render: (_, { stock_l, runs_low }) => (
              <>
                {stock_l > 0 ? cell(stock_l, 'L') : <span className={common.quiet}>–</span>}
                {stock_l > 0 && (
                  <span className={styles.fill} aria-hidden="true">
                    <span
                      className={runs_low ? styles.fillLow : styles.fillOf}
                      style={{ width: `${(100 * stock_l) / fullest}%` }}
                    />
                  </span>
                )}
                {runs_low && <span className={`${common.mind} ${styles.lowMark}`}>{t('stock.low')}</span>}
              </>
            ),
          },
          {
            key: 'pack',
            responsive: ['sm'],
            title: `${t('bins.pack')}, ${unit('bag')}`,
            align: 'right',
            render: (_, { pack_l }) =>
              pack_l === null ? <span className={common.quiet}>–</span> : cell(pack_l, 'bag'),
          },
          {
            key: 'price',
            responsive: ['sm'],
            title: t('bins.price'),
            align: 'right',
            render: (_, { pack_l, pack_price }) =>
              pack_price === null || pack_l === null ? (
                <span className={common.quiet}>–</span>
              ) : (
                money(pack_price, currency)
              ),
          },
          {
            key: 'bulk_density',
            responsive: ['sm'],
            title: `${t('bins.weight')}, kg/L`,
            align: 'right',
            sorter: true,
            render: (_, { bulk_density, measured }) => n(measured.properties['bulk_density']?.value ?? bulk_density),
          },
          {
            key: 'ph',
            responsive: ['sm'],
            title: t('bins.ph'),
            align: 'right',
            sorter: true,
            render: (_, { ph, measured }) => {
              const value = measured.properties['ph']?.value ?? ph;
              return value === null ? '–' : n(value);
            },
          },
          {
            key: 'basis',
            responsive: ['sm'],
            title: t('bins.basis'),
            render: (_, { basis, measured }) =>
              Object.keys(measured.properties).length > 0 ? t('bins.measured') : t(`basis.${basis}`),
          },
          {
            key: 'note',
            responsive: ['sm'],
            title: t('bins.note'),
            render: (_, { note }) => (
              <span className={`${common.quiet} ${styles.noteCell}`} title={note}>
                {note}
              </span>
            ),
          },
        ]}
        actions={(component) => (
          <RowActions
            row={component}
            edit={() => setEditing({ component, asCopy: false })}
            setArchived={setArchived}
          ></RowActions>
        )}
      />
      {editing !== null &&
        (editing.component !== null && editing.component.source !== 'material' ? (
          <MixDrawer mix={editing.component} close={() => setEditing(null)} />
        ) : (
          <ComponentDrawer
            key={`${editing.component?.id} ${editing.asCopy}`}
            editing={editing}
            setEditing={setEditing}
          />
        ))}
      {newMix && <MixDrawer mix={null} close={() => setNewMix(false)} />}
      {exchanging && <ExchangeDrawer close={() => setExchanging(false)} />}
    </div>
  );
}

/** How many deliveries there is something left of, when the last one came, and whether one of them is held. */
function Deliveries({ of: { deliveries } }: { of: Component }) {
  const { t, day } = useWords();
  if (deliveries === undefined || deliveries.last_on === null) {
    return null;
  }

  return (
    <small className={styles.deliveries}>
      {t('bins.deliveries', { count: deliveries.left, date: day(deliveries.last_on) })}
      {deliveries.held > 0 && <span className={common.stop}> ◆ {t('bins.held', { count: deliveries.held })}</span>}
    </small>
  );
}
