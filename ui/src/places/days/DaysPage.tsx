import { Link, useNavigate } from 'react-router';

import type { Schemas } from '../../api/client';
import { useArchiveDay, useDays } from '../../api/days';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { RowActions } from '../../kit/lists/RowActions';
import { DayFrame } from '../../kit/days/DayFrame';
import common from '../../styles/common.module.css';
import { useAsked, useEditing } from '../../kit/lists/useEditing';

type Day = Schemas['PottingDaySummary'];

/** Potting days, the next first. */
export default function DaysPage() {
  const { t, date, n } = useWords();
  const list = useListQuery('-planned_on');
  const found = useDays({ ...list.query, ...useAsked() });
  const [editing, setEditing] = useEditing<Day>(found.data?.data);
  const setArchived = useArchiving(useArchiveDay());
  const navigate = useNavigate();

  return (
    <div className={common.listPage}>
      <ListHead title={t('days.title')} {...list} add={{ label: t('days.add'), act: () => setEditing('new') }} />
      <ListTable<Day>
        found={found}
        list={list}
        empty={t(list.search === '' ? 'days.empty' : 'days.emptySearch')}
        columns={[
          {
            key: 'planned_on',
            title: t('days.on'),
            sorter: true,
            render: (_, day) => date(day.planned_on),
          },
          {
            key: 'name',
            title: t('days.name'),
            sorter: true,
            render: (_, day) => (
              <Link className={common.rowName} to={`/days/${day.id}`}>
                {day.name}
              </Link>
            ),
          },
          {
            key: 'status',
            title: t('days.status'),
            sorter: true,
            render: (_, day) => t(`days.status.${day.status}`),
          },
          { key: 'plants', title: t('days.plants'), align: 'right', render: (_, day) => n(day.plants, 6) },
          { key: 'done', title: t('days.done'), align: 'right', render: (_, day) => n(day.done, 6) },
          {
            key: 'helpers',
            title: t('days.helpers'),
            render: (_, day) => <span className={common.quiet}>{day.helpers.join(', ')}</span>,
          },
        ]}
        actions={(day) => <RowActions row={day} edit={setEditing} setArchived={setArchived} />}
      />
      {editing !== null && (
        <DayFrame
          day={editing === 'new' ? null : editing}
          close={(saved) => {
            setEditing(null);
            if (saved !== undefined && editing === 'new') {
              void navigate(`/days/${saved.id}`);
            }
          }}
        />
      )}
    </div>
  );
}
