import type { Schemas } from '../../../api/client';
import { PotOutline } from '../../../drawing/PotOutline';
import { useWords } from '../../../i18n/words';
import styles from '../blend.module.css';

/** What stands where the picture will be: the pot that is chosen, and what is waited for. */
export function EmptyPot({ pots, potId, text }: { pots: Schemas['Pot'][]; potId: number | null; text: string }) {
  const { q } = useWords();
  const pot = pots.find(({ id }) => id === potId);

  return (
    <div className={styles.blendWait}>
      {pot !== undefined && (
        <figure className={styles.emptyPot}>
          <PotOutline outline={pot.outline} width={320} height={230} label={pot.name} />
          <figcaption>
            {pot.name}, {q(pot.volume_l, 'L')}
          </figcaption>
        </figure>
      )}
      <p>{text}</p>
    </div>
  );
}
