import { Button } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useArchiveYard, useSaveYard, useYards } from '../../api/people';
import { useGoToYard, useSession } from '../../api/session';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { FormDialog } from '../../kit/forms/FormDialog';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ListState } from '../../kit/lists/ListState';
import { RowActions } from '../../kit/lists/RowActions';
import { useArchiving } from '../../kit/lists/useArchiving';
import common from '../../styles/common.module.css';
import styles from './people.module.css';

type Yard = Schemas['Yard'];

/** The yard that the installation began with; it is always there. */
const FIRST = 1;

/** Yards of the installation: each has data of its own, people are the same in all of them. */
export function Yards() {
  const { t } = useWords();
  const found = useYards();
  const here = useSession().data?.yard;
  const go = useGoToYard();
  const say = useUndoable();
  const setArchived = useArchiving(useArchiveYard());
  const [editing, setEditing] = useState<Yard | 'new' | null>(null);

  const putAway = (yard: Yard, archived: boolean) =>
    void setArchived(yard, archived).catch((problem: unknown) =>
      say(problem instanceof Error ? problem.message : String(problem)),
    );

  return (
    <section className={styles.installation} aria-labelledby="yards">
      <header className={common.toolsHead}>
        <h2 id="yards">{t('people.yards')}</h2>
        <Button onClick={() => setEditing('new')}>{t('people.addYard')}</Button>
      </header>
      <p className={common.quiet}>{t('people.yardsHint')}</p>
      <ListState found={found}>
        <table className={common.plainTable}>
          <tbody>
            {(found.data ?? []).map((yard) => (
              <tr key={yard.id}>
                <th scope="row">
                  {yard.name}{' '}
                  <span className={common.quiet}>
                    {yard.id === here ? t('people.yardOpen') : yard.archived ? t('common.inArchive') : ''}
                  </span>
                </th>
                <td>
                  <RowActions
                    be="owner"
                    row={yard}
                    edit={setEditing}
                    {...(yard.id === FIRST ? {} : { setArchived: putAway })}
                  >
                    {yard.id !== here && !yard.archived && (
                      <Button
                        size="small"
                        aria-label={`${t('people.goThere')} ${yard.name}`}
                        loading={go.isPending}
                        onClick={() => go.mutate(yard.id)}
                      >
                        {t('people.goThere')}
                      </Button>
                    )}
                  </RowActions>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </ListState>
      {editing !== null && <YardForm yard={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
    </section>
  );
}

function YardForm({ yard, close }: { yard: Yard | null; close: () => void }) {
  const { t } = useWords();
  const [name, setName] = useState(yard?.name ?? '');
  const save = useSaveYard();
  const say = useUndoable();
  const problem = problemOf(save);
  const submit = async () => {
    const saved = await save.mutateAsync({ id: yard?.id ?? null, name });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  return (
    <FormDialog
      title={t(yard === null ? 'people.addYard' : 'people.yard')}
      be="owner"
      close={close}
      save={submit}
      by={save}
      atFields
    >
      {yard === null && <p>{t('people.addYardHint')}</p>}
      <TextField label={t('people.name')} longest={60} value={name} error={problem?.at('name')} onChange={setName} />
    </FormDialog>
  );
}
