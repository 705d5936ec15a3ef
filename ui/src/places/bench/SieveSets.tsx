import { Form, Input } from 'antd';
import { useId, useState } from 'react';
import { problemOf, type Schemas } from '../../api/client';
import { useArchiveSieveSet, useSaveSieveSet, useSieveSets } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { RowActions } from '../../kit/lists/RowActions';
import { TextField } from '../../kit/fields/TextField';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';
import { DoButton } from '../../kit/people/DoButton';

type SieveSet = Schemas['SieveSet'];

/** Sets of sieves of one's own. */
export function SieveSets() {
  const { t, n } = useWords();
  const sets = useSieveSets();
  const archive = useArchiveSieveSet();
  const [editing, setEditing] = useState<SieveSet | 'new' | null>(null);
  const rows = sets.data?.data ?? [];

  const setArchived = useArchiving(archive);

  return (
    <section>
      <header className={common.toolsHead}>
        <h2>{t('tools.sieves')}</h2>
        <DoButton onClick={() => setEditing('new')}>{t('tools.addSieves')}</DoButton>
      </header>
      <p className={common.quiet}>{t('tools.sievesHint')}</p>
      {sets.isSuccess && rows.length === 0 && <p>{t('tools.sievesEmpty')}</p>}
      <table className={common.plainTable}>
        <tbody>
          {rows.map((set) => (
            <tr key={set.id}>
              <th scope="row">{set.name}</th>
              <td>{set.apertures.map((aperture) => n(aperture)).join(' · ')} mm</td>
              <td>
                <RowActions row={set} edit={setEditing} setArchived={setArchived} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {editing !== null && <SieveSetForm set={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
    </section>
  );
}

function SieveSetForm({ set, close }: { set: SieveSet | null; close: () => void }) {
  const { t } = useWords();
  const aperturesId = useId();
  const [name, setName] = useState(set?.name ?? '');
  const [text, setText] = useState(set?.apertures.join(' ') ?? '');
  const [wrong, setWrong] = useState(false);
  const save = useSaveSieveSet();
  const say = useUndoable();
  const problem = problemOf(save);
  const apertureProblem = problem?.errors.find((error) => error.path.startsWith('apertures'))?.message;

  const submit = async () => {
    const apertures = text
      .split(/[\s;]+/)
      .filter((each) => each !== '')
      .map((text) => typedNumber(text));
    const isWrong = apertures.includes(null);
    setWrong(isWrong);
    if (isWrong) {
      return;
    }
    const saved = await save.mutateAsync({ id: set?.id ?? null, body: { name, apertures: apertures as number[] } });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  return (
    <FormDialog title={set?.name ?? t('tools.addSieves')} close={close} save={submit} by={save} atFields>
      <TextField label={t('tools.vesselName')} value={name} error={problem?.at('name')} onChange={setName} />
      <Form.Item
        label={t('tools.apertures')}
        htmlFor={aperturesId}
        validateStatus={wrong || apertureProblem !== undefined ? 'error' : ''}
        help={wrong ? t('common.notNumber') : (apertureProblem ?? t('tools.aperturesHint'))}
      >
        <Input id={aperturesId} value={text} onChange={(event) => setText(event.target.value)} />
      </Form.Item>
    </FormDialog>
  );
}
