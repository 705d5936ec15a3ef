import { Segmented } from 'antd';

import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import common from '../../styles/common.module.css';
import { BatchList } from './BatchList';
import { Done } from './Done';

/** What was done, by day; and the batches among it as a list of their own. */
export default function LogPage() {
  const { t } = useWords();
  const [view, setView] = useAddressed('view', 'done');
  const views = (
    <Segmented
      aria-label={t('log.view')}
      value={view === 'batches' ? 'batches' : 'done'}
      options={(['done', 'batches'] as const).map((value) => ({ value, label: t(`log.view.${value}`) }))}
      onChange={setView}
    />
  );

  return (
    <div className={common.listPage}>{view === 'batches' ? <BatchList views={views} /> : <Done views={views} />}</div>
  );
}
