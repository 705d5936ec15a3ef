import { Form } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useKeepUse } from '../../api/plants';
import { useLookAt } from '../../api/season';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DoButton } from '../../kit/people/DoButton';
import { readInstrument } from '../../kit/season/LookForm';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';

interface Props {
  plant: Schemas['Plant'];
  now: Schemas['PotNow'];
  checks: Schemas['MoistureCheck'][];
}

/** A pot that is watered, weighed full, and then weighed day by day: what its plant uses over what is computed. */
export function DryDown({ plant, now, checks }: Props) {
  const { t, n, date } = useWords();
  const look = useLookAt();
  const keep = useKeepUse(plant.id);
  const say = useUndoable();
  const isBegun = now.full_kg !== null;
  const weighed = checks.filter(
    ({ method, verdict, checked_at, reading }) =>
      method === 'weight' && verdict === 'look' && reading !== null && (now.watered_at ?? '') <= checked_at,
  );

  return (
    <details className={styles.dryDown} open={isBegun && weighed.length > 0}>
      <summary>{t('dry.title')}</summary>
      <p className={common.quiet}>{t('dry.why')}</p>
      {now.kept_phi !== null && now.found_on !== null && (
        <p>
          {t('dry.known', { date: date(now.found_on), phi: n(now.kept_phi, 2) })}{' '}
          <DoButton be="helper" size="small" onClick={() => keep.mutate(false)}>
            {t('dry.forget')}
          </DoButton>
        </p>
      )}
      <p>{t('dry.first')}</p>
      <Weight
        label={t('dry.full')}
        act={t('dry.begin')}
        busy={look.isPending}
        take={(kg) => look.mutateAsync({ plant: plant.id, method: 'round', verdict: 'water', wet_kg: kg })}
      />
      {isBegun && (
        <>
          <p>
            {t('dry.fullIs', {
              kg: `${n(now.full_kg ?? 0, 5)} ${t('unit.kg')}`,
              date: now.watered_at === null ? '–' : date(now.watered_at),
            })}
          </p>
          <p>{t('dry.then')}</p>
          <Weight
            label={t('dry.weight')}
            act={t('dry.weigh')}
            busy={look.isPending}
            take={(kg) => look.mutateAsync({ plant: plant.id, method: 'weight', verdict: 'look', reading: kg })}
          />
          {weighed.length > 0 && <Weighed weighed={weighed} />}
          <p data-dry>
            {t('dry.so', { count: now.weighings, phi: n(now.phi, 2), sd: n(now.phi * (now.phi_sd ?? 0), 2) })}{' '}
            {now.weighings < now.fewest_weighings ? (
              <span className={common.quiet}>{t('dry.few', { least: now.fewest_weighings })}</span>
            ) : (
              <DoButton
                be="helper"
                loading={keep.isPending}
                onClick={() =>
                  void keep
                    .mutateAsync(true)
                    .then(() => say(t('dry.kept'), () => keep.mutate(false)))
                    .catch(() => undefined)
                }
              >
                {t('dry.keep')}
              </DoButton>
            )}
          </p>
        </>
      )}
      {[look.error, keep.error].map(
        (error, i) =>
          error !== null && (
            <p key={i} className={common.fieldError} role="alert">
              {error.message}
            </p>
          ),
      )}
    </details>
  );
}

function Weighed({ weighed }: { weighed: Schemas['MoistureCheck'][] }) {
  const { t, q, n, date } = useWords();

  return (
    <table className={common.viewTable}>
      <thead>
        <tr>
          <th scope="col">{t('dry.day')}</th>
          <th scope="col">{t('dry.weight')}</th>
          <th scope="col">{t('dry.thought')}</th>
          <th scope="col">{t('dry.said')}</th>
        </tr>
      </thead>
      <tbody>
        {weighed.map((check) => (
          <tr key={check.id}>
            <th scope="row">{date(check.checked_at)}</th>
            <td>
              {n(check.reading ?? 0, 5)} {t('unit.kg')}
            </td>
            <td>{check.thought_l === null ? '–' : q(check.thought_l, 'L')}</td>
            <td>{check.said_l === null ? '–' : q(check.said_l, 'L')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

interface WeightProps {
  label: string;
  act: string;
  busy: boolean;
  take: (kg: number) => Promise<unknown>;
}

/** A weight, typed or read from the scale, and one tap. */
function Weight({ label, act, busy, take }: WeightProps) {
  const { t } = useWords();
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const kg = typedNumber(text);
  const isWrong = kg === null || kg <= 0;
  const save = async () => {
    setTried(true);
    if (!isWrong) {
      await take(kg);
      setText('');
      setTried(false);
    }
  };

  return (
    <Form layout="vertical" className={styles.tapReading}>
      <NumberField
        label={label}
        unit={t('unit.kg')}
        value={text}
        error={tried && isWrong ? t('dry.wrong') : undefined}
        onChange={setText}
      />
      <DoButton
        be="helper"
        onClick={() =>
          void readInstrument('scale')
            .then(setText)
            .catch(() => undefined)
        }
      >
        {t('look.readScale')}
      </DoButton>
      <DoButton be="helper" type="primary" loading={busy} onClick={() => void save().catch(() => undefined)}>
        {act}
      </DoButton>
    </Form>
  );
}
