import { Button } from 'antd';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { type Draft, withRound, withSetup } from '../../kit/measured/readings';
import { ReadingField } from './ReadingField';
import { SieveMasses } from './SieveMasses';
import { SieveSetPicker } from './SieveSetPicker';
import styles from './bench.module.css';
import common from '../../styles/common.module.css';

interface Props {
  test: Schemas['BenchTest'];
  step: Schemas['BenchPlan']['steps'][number];
  draft: Draft;
  change: (draft: Draft) => void;
}

const MOST_ROUNDS = 20;

/** The readings of one step: those taken once, then those of every round. */
export function StepFields({ test, step, draft, change }: Props) {
  const { t } = useWords();
  const readings = new Map(test.plan.readings.map((reading) => [reading.name, reading]));
  const faultAt = (path: string) => test.result.faults.find((fault) => fault.path === path)?.message;
  const withSource = (next: Draft, path: string, source: string | null): Draft => {
    const others = Object.fromEntries(Object.entries(next.sources).filter(([other]) => other !== path));
    return { ...next, sources: source === null ? others : { ...others, [path]: source } };
  };

  return (
    <div className={styles.testFields}>
      {step.setup.map((name) => {
        const reading = readings.get(name);
        if (reading === undefined) {
          return null;
        }
        const path = `setup.${name}`;
        return reading.type === 'apertures' ? (
          <SieveSetPicker
            key={name}
            draft={draft}
            error={faultAt(path)}
            change={(text) => change(withSetup(draft, name, text))}
          />
        ) : (
          <ReadingField
            key={name}
            reading={reading}
            label={t(`reading.${name}` as 'reading.ph')}
            value={draft.setup[name] ?? (reading.type === 'choice' ? (reading.choices[0] ?? '') : '')}
            error={faultAt(path)}
            change={(text, source) => change(withSource(withSetup(draft, name, text), path, source))}
          />
        );
      })}
      {step.rounds.length > 0 &&
        draft.rounds.map((round, i) => (
          <fieldset
            key={i}
            className={round['set_aside'] === 'true' ? `${styles.testRound} ${common.quiet}` : styles.testRound}
          >
            <legend>
              {draft.rounds.length > 1 && t('bench.round', { round: i + 1 })}
              {round['set_aside'] === 'true' && ` · ${t('bench.isSetAside')}`}
            </legend>
            {step.rounds.map((name) => {
              const reading = readings.get(name);
              if (reading === undefined) {
                return null;
              }
              const path = `rounds.${i}.${name}`;
              return reading.type === 'retained' ? (
                <SieveMasses
                  key={name}
                  test={test}
                  draft={draft}
                  round={i}
                  faultAt={faultAt}
                  change={(masses, source) => change(withSource(withRound(draft, i, masses), path, source))}
                />
              ) : (
                <ReadingField
                  key={name}
                  reading={reading}
                  label={t(`reading.${name}` as 'reading.ph')}
                  context={draft.rounds.length > 1 ? t('bench.round', { round: i + 1 }) : ''}
                  value={round[name] ?? ''}
                  error={faultAt(path)}
                  change={(text, source) => change(withSource(withRound(draft, i, { [name]: text }), path, source))}
                />
              );
            })}
          </fieldset>
        ))}
      {step.rounds.length > 0 && draft.rounds.length < MOST_ROUNDS && (
        <p>
          <Button onClick={() => change({ ...draft, rounds: [...draft.rounds, {}] })}>{t('bench.addRound')}</Button>
        </p>
      )}
    </div>
  );
}
