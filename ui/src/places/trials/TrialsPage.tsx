import { useState } from 'react';
import { Link, useNavigate } from 'react-router';

import type { Schemas } from '../../api/client';
import { useArchiveTrial, useTrials } from '../../api/trials';
import { useWords } from '../../i18n/words';
import { ListHead } from '../../kit/lists/ListHead';
import { ListTable } from '../../kit/lists/ListTable';
import { RowActions } from '../../kit/lists/RowActions';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useListQuery } from '../../kit/lists/useListQuery';
import { LogNav } from '../../kit/log/LogNav';
import common from '../../styles/common.module.css';
import { Needed } from './Needed';
import { TrialDrawer } from './TrialDrawer';

type Row = Schemas['TrialSummary'];

/** Trials that are planned, that run, and that are over. */
export default function TrialsPage() {
  const { t, n, day } = useWords();
  const list = useListQuery('-begun_on');
  const found = useTrials(list.query);
  const setArchived = useArchiving(useArchiveTrial());
  const navigate = useNavigate();
  const [adding, setAdding] = useState(false);

  return (
    <div className={common.listPage}>
      <LogNav />
      <ListHead title={t('trial.title')} {...list} add={{ label: t('trial.add'), act: () => setAdding(true) }} />
      <ListTable<Row>
        found={found}
        list={list}
        empty={t(list.search === '' ? 'trial.empty' : 'trial.emptySearch')}
        columns={[
          {
            key: 'name',
            title: t('trial.name'),
            sorter: true,
            render: (_, row) => (
              <>
                <Link to={`/log/trials/${row.id}`}>{row.name}</Link>
                {row.question !== '' && <div className={common.quiet}>{row.question}</div>}
              </>
            ),
          },
          {
            key: 'state',
            title: t('trial.state'),
            sorter: true,
            render: (_, row) => t(`trial.state.${row.state}`),
          },
          { key: 'plants', title: t('trial.plants'), align: 'right', render: (_, row) => n(row.plants_count, 4) },
          {
            key: 'begun_on',
            title: t('trial.begun'),
            sorter: true,
            render: (_, row) => (row.begun_on === null ? '–' : day(row.begun_on)),
          },
        ]}
        actions={(row) => (
          <RowActions row={row} edit={() => void navigate(`/log/trials/${row.id}`)} setArchived={setArchived} />
        )}
      />
      <Needed />
      {adding && (
        <TrialDrawer trial={null} close={() => setAdding(false)} saved={(id) => void navigate(`/log/trials/${id}`)} />
      )}
    </div>
  );
}
