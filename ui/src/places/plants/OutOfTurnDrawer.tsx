import { Form, Segmented } from 'antd';
import { useEffect, useState } from 'react';

import type { Schemas } from '../../api/client';
import { useOutOfTurn } from '../../api/plants';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';
import { Side } from '../../kit/overlays/Side';
import { DoButton } from '../../kit/people/DoButton';

const CAUSES: Schemas['OutOfTurnCause'][] = ['blown_over', 'pot_broken', 'roots_rotting'];

/** What to do when it cannot wait, and what to leave undone. */
export function OutOfTurnDrawer({ plant, close }: { plant: Schemas['Plant']; close: () => void }) {
  const { t } = useWords();
  const [cause, setCause] = useState<Schemas['OutOfTurnCause']>('blown_over');
  const [text, setText] = useState('');
  const path = useOutOfTurn(plant.id);
  const keep = useOutOfTurn(plant.id);
  const say = useUndoable();
  const { mutate } = path;
  useEffect(() => mutate({ cause }), [cause, mutate]);

  return (
    <Side
      guarded
      open
      size={560}
      title={`${t('oot.title')}: ${plant.number} ${plant.name}`}
      onClose={close}
      footer={
        <div className={common.drawerFoot}>
          {(path.isError || keep.isError) && (
            <span className={common.fieldError} role="alert">
              {t('problem.offline')}
            </span>
          )}
          <DoButton
            type="primary"
            size="large"
            loading={keep.isPending}
            onClick={() =>
              keep.mutate(
                { cause, keep: true, text },
                {
                  onSuccess: () => {
                    say(t('common.saved', { name: t('oot.title') }));
                    close();
                  },
                },
              )
            }
          >
            {t('oot.keep')}
          </DoButton>
        </div>
      }
    >
      <Segmented
        block
        size="large"
        aria-label={t('oot.title')}
        value={cause}
        options={CAUSES.map((value) => ({ value, label: t(`oot.${value}`) }))}
        onChange={setCause}
      />
      {path.data !== undefined && (
        <div className="oot" aria-live="polite">
          <h3>{t('oot.do')}</h3>
          <ol className={styles.numbered}>
            {path.data.steps.map((step) => (
              <li key={step}>{t(`oot.step.${step}` as MessageId)}</li>
            ))}
          </ol>
          <h3>{t('oot.leave')}</h3>
          <ul className={common.plainList}>
            {path.data.leave.map((each) => (
              <li key={each}>{t(`oot.leave.${each}` as MessageId)}</li>
            ))}
          </ul>
        </div>
      )}
      <Form layout="vertical">
        <TextField label={t('inspect.note')} value={text} onChange={setText} longest={2000} />
      </Form>
    </Side>
  );
}
