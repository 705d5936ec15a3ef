import { Button } from 'antd';
import { useNavigate } from 'react-router';

import type { Schemas } from '../../api/client';
import { useArchivePot, usePots } from '../../api/pots';
import { PotOutline } from '../../drawing/PotOutline';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { RowActions } from '../../kit/lists/RowActions';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { CollectionNav } from '../../kit/plants/CollectionNav';
import { PotDrawer } from './PotDrawer';
import common from '../../styles/common.module.css';
import { useAsked, useEditing } from '../../kit/lists/useEditing';

type Pot = Schemas['Pot'];

/** The pots of the yard. */
export default function PotsPage() {
  const { t, n, percent, q, cell, unit } = useWords();
  const list = useListQuery('name');
  const found = usePots({ ...list.query, ...useAsked() });
  const [editing, setEditing] = useEditing<Pot>(found.data?.data);
  const archive = useArchivePot();
  const navigate = useNavigate();

  const setArchived = useArchiving(archive);

  return (
    <div className={common.listPage}>
      <CollectionNav />
      <ListHead title={t('pots.title')} {...list} add={{ label: t('pots.add'), act: () => setEditing('new') }} />
      <ListTable<Pot>
        found={found}
        list={list}
        empty={t(
          list.archived && list.search === ''
            ? 'bins.emptyArchive'
            : list.search === ''
              ? 'pots.empty'
              : 'pots.emptySearch',
        )}
        columns={[
          {
            key: 'name',
            title: t('pots.name'),
            sorter: true,
            render: (_, pot) => (
              <button type="button" className={common.rowName} onClick={() => setEditing(pot)}>
                <PotOutline outline={pot.outline} width={56} height={34} />
                {pot.name}
              </button>
            ),
          },
          {
            key: 'shape',
            title: t('pots.shape'),
            sorter: true,
            render: (_, { shape }) => t(`shape.${shape}`),
          },
          {
            key: 'depth',
            title: `${t('pots.depth')}, ${unit('cm')}`,
            align: 'right',
            sorter: true,
            render: (_, { depth }) => cell(depth, 'cm'),
          },
          {
            key: 'volume',
            title: `${t('pots.volume')}, ${unit('L')}`,
            align: 'right',
            render: (_, { volume_l }) => cell(volume_l, 'L'),
          },
          {
            key: 'holes',
            title: t('pots.holes'),
            render: (_, pot) => (
              <>
                {t('pots.holesOf', { count: pot.hole_count, diameter: q(pot.hole_diameter_cm ?? 0, 'cm') })}
                {pot.hole_count > 0 && (
                  <span className={common.quiet}>
                    {' '}
                    · {t('pots.openShare', { share: percent(pot.open_hole_share, 1) })}
                  </span>
                )}
              </>
            ),
          },
          {
            key: 'weight',
            title: `${t('pots.weight')}, ${unit('kg')}`,
            align: 'right',
            render: (_, { weight_kg }) => cell(weight_kg, 'kg'),
          },
          {
            key: 'owned',
            title: t('pots.owned'),
            align: 'right',
            sorter: true,
            render: (_, { owned, in_use, planned, overbooked }) => (
              <>
                {n(owned, 7)}
                {in_use > 0 && <span className={common.quiet}> · {t('pots.inUse', { count: in_use })}</span>}
                {planned > 0 && <span className={common.quiet}> · {t('pots.planned', { count: planned })}</span>}
                {overbooked && <strong className={common.stop}> ◆ {t('pots.overbooked')}</strong>}
              </>
            ),
          },
          {
            key: 'place',
            title: t('pots.place'),
            sorter: true,
            render: (_, { place }) => <span className={common.quiet}>{place}</span>,
          },
        ]}
        actions={(pot) => (
          <RowActions row={pot} edit={setEditing} setArchived={setArchived}>
            {!pot.archived && (
              <Button
                size="small"
                aria-label={`${t('pots.blendWith')} ${pot.name}`}
                onClick={() => {
                  void navigate('/blend', { state: { potId: pot.id } });
                }}
              >
                {t('pots.blendWith')}
              </Button>
            )}
          </RowActions>
        )}
      />
      {editing !== null && <PotDrawer pot={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
    </div>
  );
}
