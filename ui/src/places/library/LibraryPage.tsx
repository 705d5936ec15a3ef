import { Tabs } from 'antd';
import { Link } from 'react-router';

import { useWords } from '../../i18n/words';
import { PlantLibrary } from './PlantLibrary';
import { SiteLibrary } from './SiteLibrary';
import common from '../../styles/common.module.css';

/** Sites with their climates, and plants with what they want: all can be changed and added to. */
export default function LibraryPage() {
  const { t } = useWords();

  return (
    <div className={common.listPage}>
      <p>
        <Link to="/blend">{t('compare.back')}</Link>
      </p>
      <Tabs
        items={[
          { key: 'sites', label: t('library.sites'), children: <SiteLibrary /> },
          { key: 'plants', label: t('library.plants'), children: <PlantLibrary /> },
        ]}
      />
    </div>
  );
}
