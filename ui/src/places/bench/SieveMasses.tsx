import { Input } from 'antd';
import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { readInstrument, shakeSieves } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { aperturesOf, type Draft, SIEVE } from '../../kit/measured/readings';
import { plain, typedNumber } from '../../i18n/numbers';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './bench.module.css';

interface Props {
  test: Schemas['BenchTest'];
  draft: Draft;
  round: number;
  faultAt: (path: string) => string | undefined;
  change: (masses: Record<string, string>, source: string | null) => void;
}

const TRIES = 40;
const TRY_AGAIN_MS = 250;

/** What lies on each sieve and in the pan: typed one by one, or from a shaker that weighs. */
export function SieveMasses({ draft, round, faultAt, change }: Props) {
  const { t, n, percent } = useWords();
  const [state, setState] = useState<'idle' | 'shaking' | { trouble: string }>('idle');
  const apertures = aperturesOf(draft);
  const names = [...apertures.map(String), 'pan'];
  const values = draft.rounds[round] ?? {};
  const sum = names.reduce((total, name) => total + (typedNumber(values[SIEVE + name] ?? '') ?? 0), 0);
  const before = typedNumber(values['before_g'] ?? '');
  const path = `rounds.${round}.retained`;

  const shake = async () => {
    setState('shaking');
    try {
      let shown = await shakeSieves(apertures);
      for (let i = 0; i < TRIES && !shown.stable && shown.fault === null; ++i) {
        await new Promise((resolve) => window.setTimeout(resolve, TRY_AGAIN_MS));
        shown = await readInstrument('sieve_shaker');
      }
      if (shown.fault !== null || !shown.stable) {
        setState({
          trouble:
            shown.fault === null ? t('bench.unstable') : t('bench.noInstrument', { fault: t(`fault.${shown.fault}`) }),
        });
        return;
      }
      const { values: masses } = shown;
      change(Object.fromEntries(names.map((name) => [SIEVE + name, plain(masses[name] ?? 0)])), 'sieve_shaker');
      setState('idle');
    } catch {
      setState({ trouble: t('problem.offline') });
    }
  };

  return (
    <div className={styles.testSieves}>
      {names.map((name) => {
        const label = name === 'pan' ? t('bins.pan') : `${t('reading.retained')} ${n(Number(name))} mm`;
        const error = faultAt(`${path}.${name}`);
        return (
          <label key={name} className={styles.testSieve}>
            <span>{label}</span>
            <Input
              size="large"
              inputMode="decimal"
              autoComplete="off"
              value={values[SIEVE + name] ?? ''}
              status={error === undefined ? '' : 'error'}
              aria-label={`${label}, ${t('bench.round', { round: round + 1 })}`}
              suffix={<span className={common.unit}>g</span>}
              onChange={(event) => change({ [SIEVE + name]: event.target.value }, null)}
            />
            {error !== undefined && <span className={common.fieldError}>{error}</span>}
          </label>
        );
      })}
      <p className={styles.testSum}>
        {t('sheet.total')} <strong>{n(sum, 4)} g</strong>
        {before !== null && before > 0 && sum > 0 && (
          <span className={common.quiet}>
            {' '}
            / {n(before, 4)} g ({percent((sum - before) / before, 1)})
          </span>
        )}
      </p>
      <p>
        <DoButton
          be="helper"
          size="large"
          loading={state === 'shaking'}
          disabled={apertures.length === 0}
          aria-label={`${t('bench.shake')}, ${t('bench.round', { round: round + 1 })}`}
          onClick={() => void shake()}
        >
          {t(state === 'shaking' ? 'bench.shaking' : 'bench.shake')}
        </DoButton>
      </p>
      {typeof state === 'object' && (
        <p className={common.mind} role="status">
          {state.trouble} {t('bench.byHand')}
        </p>
      )}
      {faultAt(path) !== undefined && (
        <p className={common.fieldError} role="alert">
          {faultAt(path)}
        </p>
      )}
    </div>
  );
}
