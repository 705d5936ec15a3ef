import { useWords } from '../../i18n/words';
import { useUndoable } from '../hooks/useUndoable';

interface Archive {
  mutateAsync: (what: { id: number; archived: boolean }) => Promise<unknown>;
  mutate: (what: { id: number; archived: boolean }) => void;
}

/** Puts a record into the archive or takes it back, says so, and offers to undo it. */
export function useArchiving(archive: Archive) {
  const { t } = useWords();
  const say = useUndoable();
  return async ({ id, name }: { id: number; name: string }, archived: boolean) => {
    await archive.mutateAsync({ id, archived });
    say(t(archived ? 'common.archived' : 'common.restored', { name }), () =>
      archive.mutate({ id, archived: !archived }),
    );
  };
}
