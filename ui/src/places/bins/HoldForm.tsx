import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useHoldLot } from '../../api/components';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { FormDialog } from '../../kit/forms/FormDialog';
import { useUndoable } from '../../kit/hooks/useUndoable';
import common from '../../styles/common.module.css';

/** A bad delivery is held, with the reason. */
export function HoldForm({ lot, close }: { lot: Schemas['Lot']; close: () => void }) {
  const { t } = useWords();
  const [why, setWhy] = useState('');
  const hold = useHoldLot();
  const say = useUndoable();
  const problem = problemOf(hold);
  const submit = async () => {
    await hold.mutateAsync({ id: lot.id, held: true, note: why });
    say(t('lots.isHeld', { name: lot.name }), () => hold.mutate({ id: lot.id, held: false }));
    close();
  };

  return (
    <FormDialog
      title={`${t('lots.hold')}: ${lot.name}`}
      close={close}
      save={submit}
      by={hold}
      saveLabel={t('lots.hold')}
    >
      <p className={common.quiet}>{t('lots.holdHint')}</p>
      <TextField label={t('lots.why')} value={why} error={problem?.at('note')} onChange={setWhy} longest={300} />
    </FormDialog>
  );
}
