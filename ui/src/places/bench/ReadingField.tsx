import { Button, Input, Segmented } from 'antd';
import { useId, useState } from 'react';
import type { Schemas } from '../../api/client';
import { readInstrument, tareScale } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { plain } from '../../i18n/numbers';
import { MEASURE_OF, useMeasured } from '../../kit/fields/useMeasured';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './bench.module.css';

interface Props {
  reading: Schemas['BenchReading'];
  label: string;
  /** What tells this field from others of the same name, such as its round. */
  context?: string;
  value: string;
  error: string | undefined;
  /** What was read, and with which instrument; null for what was typed. */
  change: (text: string, source: string | null) => void;
}

const TRIES = 24;
const TRY_AGAIN_MS = 250;

/** The value that an instrument gives for a reading. */
const QUANTITY: Record<string, string> = { ph: 'ph', ec_ms_cm: 'ec_ms_cm', temperature_c: 'celsius' };

/** One figure, big enough for wet hands: typed, or read from an instrument once that has settled. */
export function ReadingField({ reading, label, context = '', value, error, change }: Props) {
  const { t } = useWords();
  const id = useId();
  const [state, setState] = useState<'idle' | 'reading' | { trouble: string }>('idle');
  const { instrument } = reading;
  // scales and jugs show grams and millilitres; what is typed with another unit behind it is taken for what it is
  const shown = useMeasured(value, reading.unit, (text) => change(text, null), MEASURE_OF[reading.unit], 'metric');

  const read = async () => {
    if (instrument === null) {
      return;
    }
    setState('reading');
    try {
      for (let i = 0; i < TRIES; ++i) {
        const shown = await readInstrument(instrument);
        if (shown.fault !== null) {
          setState({ trouble: t('bench.noInstrument', { fault: t(`fault.${shown.fault}`) }) });
          return;
        }
        const figure = shown.values[QUANTITY[reading.name] ?? 'mass_g'];
        if (shown.stable && figure !== undefined) {
          change(plain(figure), instrument);
          setState(shown.battery_low ? { trouble: t('bench.batteryLow') } : 'idle');
          return;
        }
        await new Promise((resolve) => window.setTimeout(resolve, TRY_AGAIN_MS));
      }
      setState({ trouble: t('bench.unstable') });
    } catch {
      setState({ trouble: t('problem.offline') });
    }
  };

  if (reading.type === 'choice') {
    return (
      <div className={styles.testField}>
        <span id={id} className={styles.testLabel}>
          {label}
        </span>
        <Segmented
          size="large"
          aria-labelledby={id}
          value={value === '' ? null : value}
          options={reading.choices.map((choice) => ({
            value: choice,
            label: t(`choice.${choice}` as 'choice.pen'),
          }))}
          onChange={(choice) => change(String(choice), null)}
        />
        {error !== undefined && (
          <p className={common.fieldError} role="alert">
            {error}
          </p>
        )}
      </div>
    );
  }

  return (
    <div className={styles.testField}>
      <label className={styles.testLabel} htmlFor={id}>
        {label}
        {reading.optional && <span className={common.quiet}> ({t('reading.optional')})</span>}
        {context !== '' && <span className={common.visuallyHidden}>, {context}</span>}
      </label>
      <span className={styles.testInput}>
        <Input
          id={id}
          size="large"
          value={shown.text}
          inputMode="decimal"
          autoComplete="off"
          status={error === undefined ? '' : 'error'}
          aria-invalid={error !== undefined}
          suffix={<span className={common.unit}>{reading.unit}</span>}
          onChange={(event) => shown.write(event.target.value)}
        />
        {instrument !== null && (
          <Button
            size="large"
            loading={state === 'reading'}
            aria-label={`${t('bench.readOf', { reading: label })}${context === '' ? '' : `, ${context}`}`}
            onClick={() => void read()}
          >
            {t(state === 'reading' ? 'bench.reading' : 'bench.read')}
          </Button>
        )}
        {instrument === 'scale' && (
          <DoButton be="helper" size="large" type="text" onClick={() => void tareScale().catch(() => undefined)}>
            {t('bench.tare')}
          </DoButton>
        )}
      </span>
      {error !== undefined && (
        <p className={common.fieldError} role="alert">
          {error}
        </p>
      )}
      {typeof state === 'object' && (
        <p className={common.mind} role="status">
          {state.trouble} {t('bench.byHand')}
        </p>
      )}
    </div>
  );
}
