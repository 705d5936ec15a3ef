import { Spin } from 'antd';
import { Link, useParams } from 'react-router';
import { useTest } from '../../api/bench';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { FinishedTest } from './FinishedTest';
import { RunningTest } from './RunningTest';
import common from '../../styles/common.module.css';
import styles from './bench.module.css';

/** One test: its steps while it runs, what it found when it is done. */
export default function TestPage() {
  const { t } = useWords();
  const id = Number(useParams()['id']);
  const test = useTest(id);

  return (
    <div className={styles.testPage}>
      <p className="sheet-back">
        <Link to="/bench">{t('tools.back')}</Link>
      </p>
      {test.isPending && <Spin className={common.listWaiting} />}
      <Trouble line error={test.error} />
      {test.data !== undefined &&
        (test.data.status === 'running' ? (
          <RunningTest key={id} test={test.data} />
        ) : (
          <FinishedTest key={id} test={test.data} />
        ))}
    </div>
  );
}
