import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';

type Data = Record<string, unknown>;

/** What happened to a plant, newest first. */
export function History({ events }: { events: Schemas['PlantEvent'][] }) {
  const { t, date } = useWords();
  const say = useEventWords();

  return (
    <section className={styles.history}>
      <h2>{t('plant.history')}</h2>
      {events.length === 0 ? (
        <p className={common.quiet}>{t('plant.noHistory')}</p>
      ) : (
        <ol>
          {events.map((event) => (
            <li key={event.id}>
              <time dateTime={event.happened_on}>{date(event.happened_on)}</time>
              <div>
                <strong>{t(`event.${event.kind}`)}</strong>
                {say(event.kind, event.data as Data).map((part) => (
                  <span key={part}> · {part}</span>
                ))}
                {event.person !== '' && <span className={common.quiet}> · {event.person}</span>}
                {event.text !== '' && <p>{event.text}</p>}
              </div>
            </li>
          ))}
        </ol>
      )}
    </section>
  );
}

function useEventWords() {
  const { t, n, percent, q } = useWords();
  const text = (value: unknown) => (typeof value === 'string' ? value : '');

  return (kind: Schemas['EventKind'], data: Data): string[] => {
    const actual = (data['actual'] ?? {}) as Data;
    const parts: Record<string, () => string[]> = {
      potted: () => [
        t('event.potted.in', { recipe: text(data['recipe']), pot: text(data['pot']) }),
        ...(typeof actual['used_l'] === 'number' ? [t('event.used', { litres: q(actual['used_l'], 'L') })] : []),
        ...(typeof data['minutes'] === 'number' ? [t('event.minutes', { minutes: n(data['minutes']) })] : []),
        ...findings(actual['findings']),
      ],
      inspected: () => [
        ...findings(data['findings']),
        ...(typeof data['roots_removed_share'] === 'number' && data['roots_removed_share'] > 0
          ? [`${t('inspect.removed')} ${percent(data['roots_removed_share'])}`]
          : []),
      ],
      out_of_turn: () => [t(`oot.${text(data['cause'])}` as MessageId)],
      stage: () => [t(`stage.${text(data['stage'])}` as MessageId)],
      health: () => [t(`health.${text(data['to'])}` as MessageId)],
      moved: () => [t('event.moved.to', { from: text(data['from']) || '–', to: text(data['to']) || '–' })],
      offspring: () => [
        t('event.offspring.of', {
          count: Number(data['count']),
          kind: t(`origin.${text(data['kind'])}` as MessageId),
          numbers: Array.isArray(data['numbers']) ? data['numbers'].join(', ') : '',
        }),
      ],
      came_from: () => [
        t('event.came_from.of', { kind: t(`origin.${text(data['kind'])}` as MessageId), parent: text(data['parent']) }),
      ],
      task_done: () => [text(data['note']) || t(`task.${text(data['task'])}` as MessageId)],
      task_skipped: () => [text(data['note']) || t(`task.${text(data['task'])}` as MessageId)],
      outcome: () => [t(`outcome.${text(data['outcome'])}` as MessageId)],
    };

    return parts[kind]?.() ?? [];
  };

  function findings(words: unknown): string[] {
    return Array.isArray(words) && words.length > 0
      ? [words.map((word) => t(`finding.${String(word)}` as MessageId).toLowerCase()).join(', ')]
      : [];
  }
}
