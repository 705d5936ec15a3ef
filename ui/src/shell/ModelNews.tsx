import { Button } from 'antd';
import { Link } from 'react-router';

import { useMay } from '../api/session';
import { useModelNews, useTellModelNews } from '../api/truth';
import { useWords } from '../i18n/words';
import styles from './shell.module.css';
import common from '../styles/common.module.css';

const POINTS = ['water', 'ph', 'years', 'fit', 'records'] as const;

/** Told once, plainly: mixes are judged differently now, and what was written down stays as it was. */
export function ModelNews() {
  const { t } = useWords();
  const news = useModelNews();
  const tell = useTellModelNews();
  const isTold = useMay()('owner');
  if (news.data?.untold !== true || !isTold) {
    return null;
  }

  return (
    <section className={`${styles.modelNews} ${common.noPrint}`} aria-label={t('news.title')}>
      <h2>{t('news.title')}</h2>
      <ul>
        {POINTS.map((point) => (
          <li key={point}>{t(`news.${point}`)}</li>
        ))}
      </ul>
      <p>
        <Button type="primary" loading={tell.isPending} onClick={() => tell.mutate(false)}>
          {t('news.understood')}
        </Button>{' '}
        <Link to="/bench/truth">{t('truth.link')}</Link>
      </p>
    </section>
  );
}
