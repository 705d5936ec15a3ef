import { Link } from 'react-router';
import { useWords } from '../../i18n/words';
import { InstrumentPanel } from './InstrumentPanel';
import { SieveSets } from './SieveSets';
import { Vessels } from './Vessels';
import styles from './bench.module.css';
import common from '../../styles/common.module.css';

/** What stands around the bench: scoops and tubs, sieves, instruments. */
export default function ToolsPage() {
  const { t } = useWords();
  return (
    <div className={`${common.listPage} ${styles.toolsPage}`}>
      <p className="sheet-back">
        <Link to="/bench">{t('tools.back')}</Link>
      </p>
      <h1>{t('tools.title')}</h1>
      <div className={styles.toolsColumns}>
        <div>
          <Vessels />
          <SieveSets />
        </div>
        <InstrumentPanel />
      </div>
    </div>
  );
}
