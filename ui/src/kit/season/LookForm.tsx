import { Form, Segmented } from 'antd';
import { useState } from 'react';

import { api, answerOf, type Schemas } from '../../api/client';
import { useLookAt } from '../../api/season';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../fields/NumberField';
import { useUndoable } from '../hooks/useUndoable';
import { DoButton } from '../people/DoButton';
import common from '../../styles/common.module.css';
import styles from './season.module.css';

type Method = 'stick' | 'weight' | 'probe' | 'eye';
const METHODS: Method[] = ['stick', 'weight', 'probe', 'eye'];
const LOOKS: Schemas['StickLook'][] = ['wet', 'dark', 'damp', 'pale', 'dry'];
const G_PER_KG = 1000;

/** What an instrument of the bench shows now, as it is typed. */
export async function readInstrument(id: 'moisture_probe' | 'scale'): Promise<string> {
  const shown = answerOf(await api.GET('/instruments/{id}', { params: { path: { id } } }));

  return id === 'scale'
    ? String(Math.round(shown.values['mass_g'] ?? 0) / G_PER_KG)
    : String(shown.values['moisture_percent'] ?? '');
}

/** One look at a pot by stick, weight, probe or eye, and what was done: watered, it can wait, or only looked. */
export function LookForm({ plant, name, done }: { plant: number; name: string; done?: () => void }) {
  const { t } = useWords();
  const [method, setMethod] = useState<Method>('stick');
  const [reading, setReading] = useState('');
  const [stick, setStick] = useState<Schemas['StickLook'] | null>(null);
  const [depth, setDepth] = useState('5');
  const look = useLookAt();
  const say = useUndoable();
  const measures = method === 'weight' || method === 'probe';
  const wrong = measures && reading.trim() !== '' && typedNumber(reading) === null;
  const deep = typedNumber(depth);
  const wrongDepth = method === 'stick' && stick !== null && (deep === null || deep < 0 || deep > 100);
  const said = (measures && reading.trim() !== '') || (method === 'stick' && stick !== null);
  const tap = async (verdict: Schemas['MoistureVerdict']) => {
    if (wrong || wrongDepth) {
      return;
    }
    const check = await look.mutateAsync({
      plant,
      method,
      verdict,
      reading: measures ? typedNumber(reading) : null,
      ...(method === 'stick' && stick !== null ? { look: stick, depth_cm: deep } : {}),
    });
    setReading('');
    setStick(null);
    if (check !== null) {
      say(t('look.kept', { verdict, name }));
    }
    done?.();
  };

  return (
    <div className={styles.look}>
      <Segmented
        aria-label={t('stick.method')}
        value={method}
        options={METHODS.map((value) => ({ value, label: t(`stick.method.${value}`) }))}
        onChange={(next) => {
          setMethod(next);
          setReading('');
        }}
      />
      <p className={common.quiet}>{t(`stick.note.${method}`)}</p>
      {method === 'stick' && (
        <>
          <div className={styles.looks} role="group" aria-label={t('look.stick')}>
            {LOOKS.map((each) => (
              <button
                key={each}
                type="button"
                aria-pressed={stick === each}
                onClick={() => setStick(stick === each ? null : each)}
              >
                {t(`stick.look.${each}`)}
              </button>
            ))}
          </div>
          {stick !== null && (
            <Form layout="vertical" className={styles.reading}>
              <NumberField
                label={t('look.depth')}
                unit="cm"
                value={depth}
                error={wrongDepth ? t('look.depthWrong') : undefined}
                onChange={setDepth}
              />
            </Form>
          )}
        </>
      )}
      {measures && (
        <Form layout="vertical" className={styles.reading}>
          <NumberField
            label={t(`stick.reading.${method}`)}
            unit={method === 'weight' ? t('unit.kg') : '%'}
            value={reading}
            error={wrong ? t('common.notNumber') : undefined}
            onChange={setReading}
          />
          <DoButton
            be="helper"
            onClick={() =>
              void readInstrument(method === 'probe' ? 'moisture_probe' : 'scale')
                .then(setReading)
                .catch(() => undefined)
            }
          >
            {t(method === 'probe' ? 'stick.readProbe' : 'look.readScale')}
          </DoButton>
        </Form>
      )}
      <div className={styles.verdicts}>
        {(['water', 'wait', 'look'] as const)
          .filter((verdict) => verdict !== 'look' || said)
          .map((verdict) => (
            <DoButton
              key={verdict}
              be="helper"
              size="large"
              {...(verdict === 'water' ? { type: 'primary' as const } : {})}
              disabled={look.isPending}
              onClick={() => void tap(verdict).catch(() => undefined)}
            >
              {t(`look.${verdict}`)}
            </DoButton>
          ))}
      </div>
      {look.isError && (
        <p className={common.fieldError} role="alert">
          {look.error.message}
        </p>
      )}
    </div>
  );
}
