import { Button } from 'antd';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';

import { later } from '../../kit/later';
import type { Schemas } from '../../api/client';
import { useArchivePlant, usePlants } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { RowActions } from '../../kit/lists/RowActions';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { CollectionNav } from '../../kit/plants/CollectionNav';
import { DueMark } from '../../kit/plants/DueMark';
import { usePlantFilters } from '../../kit/plants/usePlantFilters';
import common from '../../styles/common.module.css';
import { useAsked, useEditing } from '../../kit/lists/useEditing';
import { said } from '../../kit/hooks/useAddressed';
import { DoButton } from '../../kit/people/DoButton';

const PlantDrawer = later(() => import('./PlantDrawer').then(({ PlantDrawer }) => PlantDrawer));
const ToDay = later(() => import('../../kit/days/ToDay').then(({ ToDay }) => ToDay));
const ExchangeDrawer = later(() =>
  import('../../kit/lists/ExchangeDrawer').then(({ ExchangeDrawer }) => ExchangeDrawer),
);

type Plant = Schemas['Plant'];
const MOST_TICKED = 1000;

/** The collection: what each plant stands in, since when, and whether it is due. */
export default function PlantsPage() {
  const { t, day } = useWords();
  const navigate = useNavigate();
  const list = useListQuery('number');
  const filters = usePlantFilters(said('due') !== null);
  const [ticked, setTicked] = useState<number[]>([]);
  const [toDay, setToDay] = useState(false);
  const [exchanging, setExchanging] = useState(false);
  const found = usePlants({
    ...list.query,
    ...filters.query,
    ...useAsked(),
  });
  const [editing, setEditing] = useEditing<Plant>(found.data?.data);
  const setArchived = useArchiving(useArchivePlant());

  return (
    <div className={common.listPage}>
      <CollectionNav />
      <ListHead title={t('plants.title')} {...list} add={{ label: t('plants.add'), act: () => setEditing('new') }}>
        {filters.fields}
        <Button onClick={() => setExchanging(true)}>{t('exchange.open')}</Button>
        {ticked.length > 0 && (
          <>
            <DoButton type="primary" ghost onClick={() => setToDay(true)}>
              {t('plants.toDay', { count: ticked.length })}
            </DoButton>
            <Button
              disabled={ticked.length < 2}
              onClick={() =>
                void navigate('/blend/fewest', { state: { plants: ticked.map((id) => ({ plant_id: id })) } })
              }
            >
              {t('plants.fewest')}
            </Button>
          </>
        )}
      </ListHead>
      <ListTable<Plant>
        found={found}
        list={list}
        ticked={{ ids: ticked, set: setTicked, most: MOST_TICKED, all: true }}
        empty={t(list.search === '' && Object.keys(filters.query).length === 0 ? 'plants.empty' : 'plants.emptySearch')}
        columns={[
          {
            key: 'number',
            title: t('plants.number'),
            sorter: true,
            render: (_, plant) => plant.number,
          },
          {
            key: 'name',
            title: t('plants.name'),
            sorter: true,
            render: (_, plant) => (
              <Link className={common.rowName} to={`/plants/${plant.id}`}>
                {plant.name}
              </Link>
            ),
          },
          {
            key: 'plant_group',
            title: t('plants.species'),
            sorter: true,
            render: (_, plant) => (
              <span className="plant-kind">{plant.species ?? t(`plants.${plant.plant_group}`)}</span>
            ),
          },
          {
            key: 'stands',
            title: t('plants.stands'),
            render: (_, plant) =>
              plant.pot === null ? (
                <span className={common.quiet}>{t('plants.field.noPot')}</span>
              ) : (
                <>
                  {plant.pot}
                  <span className={common.quiet}> · {plant.mix ?? '–'}</span>
                </>
              ),
          },
          {
            key: 'due_on',
            title: t('plants.due'),
            sorter: true,
            render: (_, plant) => <DueMark plant={plant} />,
          },
          {
            key: 'potted_on',
            title: t('plants.since'),
            sorter: true,
            render: (_, { potted_on }) =>
              potted_on === null ? <span className={common.quiet}>–</span> : day(potted_on),
          },
          {
            key: 'place',
            title: t('plants.place'),
            sorter: true,
            render: (_, plant) => plant.place,
          },
          {
            key: 'health',
            title: t('plants.health'),
            render: (_, { health }) => (
              <span className={health === 'well' ? common.quiet : health === 'sick' ? common.stop : common.mind}>
                {t(`health.${health}`)}
              </span>
            ),
          },
        ]}
        actions={(plant) => <RowActions row={plant} edit={setEditing} setArchived={setArchived} />}
      />
      {editing !== null && <PlantDrawer plant={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
      {toDay && (
        <ToDay
          plantIds={ticked}
          close={(done) => {
            setToDay(false);
            if (done) {
              setTicked([]);
            }
          }}
        />
      )}
      {exchanging && (
        <ExchangeDrawer sheets={['plants', 'plant-history', 'growth', 'pots']} close={() => setExchanging(false)} />
      )}
    </div>
  );
}
