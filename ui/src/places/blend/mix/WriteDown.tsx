import { useMutation } from '@tanstack/react-query';
import { App, Form, Input, Radio } from 'antd';
import { useId, useState } from 'react';

import { answerOf, api } from '../../../api/client';
import { rules } from '../../../api/meta';
import { Swatch } from '../../../drawing/Swatch';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { writtenRows } from '../state/mix';
import { FormDialog } from '../../../kit/forms/FormDialog';
import common from '../../../styles/common.module.css';
import styles from './mix.module.css';

/** A recipe typed in one's own words. */
export function WriteDown({ open, close }: { open: boolean; close: () => void }) {
  const { t, n, q } = useWords();
  const { dispatch } = useBlend();
  const { message } = App.useApp();
  const [text, setText] = useState('');
  const id = useId();
  const [chosen, setChosen] = useState<Record<string, number>>({});
  const reading = useMutation({
    mutationFn: async (words: string) => answerOf(await api.POST('/writing/read', { body: { text: words, chosen } })),
    onSuccess: (read) => {
      if (read.choices.length > 0) {
        return;
      }
      dispatch({
        do: 'rows',
        notation: read.notation,
        rows: writtenRows(read.rows),
      });
      for (const { word, litres } of read.vessels) {
        void message.info(t('write.vessel', { word, litres: q(litres, 'L') }));
      }
      for (const { words, from, to, taken } of read.ranges) {
        void message.info(t('write.range', { words, from: n(from), to: n(to), taken: n(taken) }));
      }
      close();
    },
  });

  const choices = reading.data?.choices ?? [];
  const write = (next: string) => {
    setText(next);
    setChosen({});
    reading.reset();
  };

  return (
    <FormDialog
      open={open}
      title={t('write.down')}
      close={close}
      save={() => reading.mutateAsync(text)}
      by={reading}
      disabled={choices.some(({ words }) => chosen[words] === undefined)}
      saveLabel={t('write.take')}
    >
      <label htmlFor={id}>{t('write.downLabel')}</label>
      <Input.TextArea
        id={id}
        rows={3}
        value={text}
        maxLength={500}
        aria-invalid={reading.error !== null}
        onChange={(event) => write(event.target.value)}
        onPressEnter={(event) => {
          if (!event.shiftKey) {
            event.preventDefault();
            reading.mutate(text);
          }
        }}
      />
      {choices.map(({ words, rows }) => (
        <Form.Item key={words} label={t('write.which', { words })}>
          <Radio.Group
            className={styles.writeChoices}
            value={chosen[words] ?? null}
            options={rows.map((row) => ({
              value: row.component_id,
              label: (
                <>
                  <Swatch kind={row.kind} colour={row.colour} /> {row.name}{' '}
                  <small className={common.quiet}>
                    {row.stock_l > 0 ? t('blend.inStock', { litres: q(row.stock_l, 'L') }) : t('blend.notInStock')}
                  </small>
                </>
              ),
            }))}
            onChange={(event) => setChosen({ ...chosen, [words]: event.target.value as number })}
          />
        </Form.Item>
      ))}
      <p className={common.quiet}>{t('write.downHint', { handful: q(rules.handful_l, 'L') })}</p>
    </FormDialog>
  );
}
