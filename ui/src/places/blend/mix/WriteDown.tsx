import { Button, Input, Modal } from 'antd';
import { useId, useState } from 'react';

import { answerOf, api, ApiProblem } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { withAmount } from '../state/blendState';
import common from '../../../styles/common.module.css';

/** A recipe typed in one's own words. */
export function WriteDown({ open, close }: { open: boolean; close: () => void }) {
  const { t } = useWords();
  const { dispatch } = useBlend();
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string>();
  const id = useId();
  const take = async () => {
    try {
      const read = answerOf(await api.POST('/writing/read', { body: { text } }));
      dispatch({
        do: 'rows',
        notation: read.notation,
        rows: read.rows.map((row) =>
          withAmount(
            {
              componentId: row.component_id,
              name: row.name,
              kind: row.kind,
              colour: row.colour,
              source: row.source,
              text: '',
            },
            row.amount,
          ),
        ),
      });
      setWrong(undefined);
      close();
    } catch (problem) {
      setWrong(problem instanceof ApiProblem ? problem.message : t('problem.offline'));
    }
  };

  return (
    <Modal
      open={open}
      title={t('write.down')}
      onCancel={close}
      destroyOnHidden
      footer={
        <Button type="primary" onClick={() => void take()}>
          {t('write.take')}
        </Button>
      }
    >
      <label htmlFor={id}>{t('write.downLabel')}</label>
      <Input.TextArea
        id={id}
        autoFocus
        rows={3}
        value={text}
        maxLength={500}
        aria-invalid={wrong !== undefined}
        onChange={(event) => setText(event.target.value)}
        onPressEnter={(event) => {
          if (!event.shiftKey) {
            event.preventDefault();
            void take();
          }
        }}
      />
      <p className={common.quiet}>{t('write.downHint')}</p>
      {wrong !== undefined && (
        <p className={common.fieldError} role="alert">
          {wrong}
        </p>
      )}
    </Modal>
  );
}
