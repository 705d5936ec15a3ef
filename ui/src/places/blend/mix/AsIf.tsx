import { Button } from 'antd';

import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import styles from './mix.module.css';

/** Says that the pot is tried at another depth or with other holes, and takes that back. */
export function AsIf() {
  const { t, q } = useWords();
  const { history, dispatch } = useBlend();
  const change = history.now.potChange;
  if (change === null) {
    return null;
  }
  const what = [
    ...(change.depthCm === null ? [] : [t('blend.asIf.depth', { cm: q(change.depthCm, 'cm') })]),
    ...(change.holeCount === null ? [] : [t('blend.asIf.holes', { count: change.holeCount })]),
  ].join(', ');

  return (
    <p className={styles.asIf} role="status">
      {t('blend.asIf', { what })}{' '}
      <Button size="small" onClick={() => dispatch({ do: 'change', touches: 'as-if', mix: { potChange: null } })}>
        {t('blend.asIfBack')}
      </Button>
    </p>
  );
}
