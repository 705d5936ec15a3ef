import { Segmented } from 'antd';

import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { LogNav } from '../../kit/log/LogNav';
import common from '../../styles/common.module.css';
import { BatchList } from './BatchList';
import { Done } from './Done';
import { WhoDidWhat } from './WhoDidWhat';

const VIEWS = ['done', 'batches', 'who'] as const;

/** What was done, by day; the batches among it as a list of their own; and who changed what. */
export default function LogPage() {
  const { t } = useWords();
  const [view, setView] = useAddressed('view', 'done');
  const shown = VIEWS.find((each) => each === view) ?? 'done';
  const views = (
    <Segmented
      aria-label={t('log.view')}
      value={shown}
      options={VIEWS.map((value) => ({ value, label: t(`log.view.${value}`) }))}
      onChange={setView}
    />
  );

  return (
    <div className={common.listPage}>
      <LogNav />
      {shown === 'batches' && <BatchList views={views} />}
      {shown === 'who' && <WhoDidWhat views={views} />}
      {shown === 'done' && <Done views={views} />}
    </div>
  );
}
