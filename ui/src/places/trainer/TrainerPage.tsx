import type { Schemas } from '../../api/client';
import { useTrainer } from '../../api/trainer';
import { useWords } from '../../i18n/words';
import { useAddressed } from '../../kit/hooks/useAddressed';
import { ListState } from '../../kit/lists/ListState';
import { LogNav } from '../../kit/log/LogNav';
import common from '../../styles/common.module.css';
import { OnePot } from './OnePot';
import styles from './trainer.module.css';

/** Made-up pots for new helpers: guess first, then see the pot cut open and why. */
export default function TrainerPage() {
  const { t } = useWords();
  const found = useTrainer();
  const [at, setAt] = useAddressed('pot', '');
  const pots = found.data?.pots ?? [];
  const done = found.data?.done ?? [];
  const next = pots.find(({ id }) => !done.includes(id))?.id ?? 1;
  const pot = pots.find(({ id }) => id === (Number(at) || next));

  return (
    <div className={common.listPage}>
      <LogNav />
      <header className={common.listHead}>
        <h1>{t('trainer.title')}</h1>
      </header>
      <ListState found={found}>
        <nav className={styles.pots} aria-label={t('trainer.pots')}>
          {pots.map(({ id }) => (
            <button
              key={id}
              type="button"
              aria-current={id === pot?.id}
              aria-label={t(done.includes(id) ? 'trainer.potDone' : 'trainer.potN', { n: id })}
              onClick={() => setAt(String(id))}
            >
              {done.includes(id) ? `${id} ●` : id}
            </button>
          ))}
        </nav>
        {pot !== undefined && found.data !== undefined && (
          <OnePot
            key={pot.id}
            pot={pot}
            looks={found.data.looks}
            stay={() => setAt(String(pot.id))}
            next={() => setAt(String((pot.id % pots.length) + 1))}
          />
        )}
        {found.data !== undefined && <Scores scores={found.data.scores} />}
      </ListState>
    </div>
  );
}

/** How one gets better, day by day. */
function Scores({ scores }: { scores: Schemas['Trainer']['scores'] }) {
  const { t, percent, day } = useWords();

  return (
    <section className={styles.scores}>
      <h2>{t('trainer.scores')}</h2>
      {scores.length === 0 ? (
        <p className={common.quiet}>{t('trainer.noScores')}</p>
      ) : (
        <ul className={common.plainList}>
          {scores.map(({ on, share, pots }) => (
            <li key={on}>
              <span className={styles.scoreDay}>{day(on)}</span>
              <span className={styles.scoreBar} aria-hidden="true">
                <span style={{ width: `${100 * share}%` }} />
              </span>
              {t('trainer.scored', { share: percent(share), pots })}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
