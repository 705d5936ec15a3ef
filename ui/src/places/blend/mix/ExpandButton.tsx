import { Button } from 'antd';

import { answerOf, api } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { useUndoable } from '../../../kit/hooks/useUndoable';
import { useBlend } from '../state/BlendProvider';
import { amountOf, type MixRow, writtenRows } from '../state/mix';
import styles from './mix.module.css';

/** Takes a premix apart into the components that it is made of; the mix stays the same. */
export function ExpandButton({ row }: { row: MixRow }) {
  const { t } = useWords();
  const { dispatch } = useBlend();
  const say = useUndoable();
  const expand = async () => {
    const amount = amountOf(row);
    if (amount === null || amount <= 0) {
      return;
    }
    try {
      const answer = answerOf(await api.POST('/writing/expand', { body: { component_id: row.componentId, amount } }));
      dispatch({ do: 'expand', componentId: row.componentId, rows: writtenRows(answer.rows) });
    } catch (problem) {
      say(problem instanceof Error ? problem.message : t('problem.offline'));
    }
  };

  return (
    <Button
      size="small"
      type="link"
      className={styles.expand}
      aria-label={t('write.apartLabel', { name: row.name })}
      onClick={() => void expand()}
    >
      {t('write.apart')}
    </Button>
  );
}
