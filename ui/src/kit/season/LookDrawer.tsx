import { useWords } from '../../i18n/words';
import { Side } from '../overlays/Side';
import { LookForm } from './LookForm';

/** A look at one pot of the round. */
export function LookDrawer({ plant, name, close }: { plant: number; name: string; close: () => void }) {
  const { t } = useWords();

  return (
    <Side title={t('look.of', { name })} onClose={close}>
      <LookForm plant={plant} name={name} done={close} />
    </Side>
  );
}
