import { useMutation } from '@tanstack/react-query';
import { Input } from 'antd';
import { useId, useState } from 'react';

import { answerOf, api } from '../../../api/client';
import { rules } from '../../../api/meta';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { writtenRows } from '../state/mix';
import { FormDialog } from '../../../kit/forms/FormDialog';
import common from '../../../styles/common.module.css';

/** A recipe typed in one's own words. */
export function WriteDown({ open, close }: { open: boolean; close: () => void }) {
  const { t, q } = useWords();
  const { dispatch } = useBlend();
  const [text, setText] = useState('');
  const id = useId();
  const reading = useMutation({
    mutationFn: async (words: string) => answerOf(await api.POST('/writing/read', { body: { text: words } })),
    onSuccess: (read) => {
      dispatch({
        do: 'rows',
        notation: read.notation,
        rows: writtenRows(read.rows),
      });
      close();
    },
  });

  return (
    <FormDialog
      open={open}
      title={t('write.down')}
      close={close}
      save={() => reading.mutateAsync(text)}
      saving={reading.isPending}
      saveLabel={t('write.take')}
      error={reading.error}
    >
      <label htmlFor={id}>{t('write.downLabel')}</label>
      <Input.TextArea
        id={id}
        rows={3}
        value={text}
        maxLength={500}
        aria-invalid={reading.error !== null}
        onChange={(event) => setText(event.target.value)}
        onPressEnter={(event) => {
          if (!event.shiftKey) {
            event.preventDefault();
            reading.mutate(text);
          }
        }}
      />
      <p className={common.quiet}>{t('write.downHint', { handful: q(rules.handful_l, 'L') })}</p>
    </FormDialog>
  );
}
