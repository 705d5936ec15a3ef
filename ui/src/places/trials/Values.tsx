import { Button, Input, Segmented } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import { problemOf, type Schemas } from '../../api/client';
import { useTrialLoss, useTrialValues } from '../../api/trials';
import { isoDay } from '../../i18n/isoDay';
import { plain, typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { FormDialog } from '../../kit/forms/FormDialog';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { DoButton } from '../../kit/people/DoButton';
import { Scrolls } from '../../kit/Scrolls';
import common from '../../styles/common.module.css';
import styles from './trials.module.css';

type Row = Schemas['TrialPlant'];

/** Plants of a trial with what was measured on a day: typed one below the other and kept together. */
export function Values({ trial }: { trial: Schemas['Trial'] }) {
  const { t, day } = useWords();
  const [on, setOn] = useState(() => trial.days.filter((each) => each <= isoDay()).at(-1) ?? trial.days[0] ?? '');
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [losing, setLosing] = useState<Row | null>(null);
  const keep = useTrialValues(trial.id);
  const lose = useTrialLoss(trial.id);
  const say = useUndoable();
  const isRunning = trial.state === 'running';
  const key = (row: Row) => `${on} ${row.plant_id}`;
  const known = (row: Row) => row.values.find((value) => value.on === on)?.value;
  const text = (row: Row) => typed[key(row)] ?? (known(row) === undefined ? '' : plain(known(row) ?? 0));
  const isWrong = (row: Row) => text(row).trim() !== '' && typedNumber(text(row)) === null;
  const changed = trial.plants.filter((row) => typed[key(row)] !== undefined);
  const problem = problemOf(keep);
  const submit = async () => {
    if (changed.some(isWrong)) {
      return;
    }
    await keep.mutateAsync({
      on,
      values: changed.map((row) => ({
        plant_id: row.plant_id,
        value: text(row).trim() === '' ? null : typedNumber(text(row)),
      })),
    });
    setTyped({});
    say(t('trial.kept', { count: changed.length }));
  };
  const label = (row: Row) => t('trial.valueOf', { name: `${row.number} ${row.name}` });

  return (
    <section>
      <h2>{t('trial.values')}</h2>
      <Segmented
        aria-label={t('trial.values')}
        value={on}
        options={trial.days.map((value) => ({ value, label: day(value) }))}
        onChange={setOn}
      />
      <Scrolls name={t('trial.values')}>
        <table className={styles.values}>
          <thead>
            <tr>
              <th scope="col">{t('trial.plant')}</th>
              <th scope="col">{t('trial.block')}</th>
              <th scope="col">{t('trial.got')}</th>
              <th scope="col">
                {t(`trial.measure.${trial.measure}`)}
                {trial.unit === '' ? '' : `, ${trial.unit}`}
              </th>
              <th scope="col">
                <span className={common.visuallyHidden}>{t('common.actions')}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {trial.plants.map((row) => (
              <tr key={row.plant_id} className={row.lost_on === null ? undefined : styles.lost}>
                <th scope="row">
                  <Link to={`/plants/${row.plant_id}`}>
                    {row.number} {row.name}
                  </Link>
                </th>
                <td>{row.block === '' ? '–' : row.block}</td>
                <td>
                  {trial.blinded || trial.hidden
                    ? row.code
                    : (trial.arms.find((arm) => arm.code === row.code)?.label ?? '–')}
                </td>
                <td>
                  {row.lost_on !== null ? (
                    <span>
                      {t('trial.lostOn', { date: day(row.lost_on) })}: {row.lost_why}
                    </span>
                  ) : isRunning ? (
                    <Input
                      className={styles.value}
                      inputMode="decimal"
                      aria-label={label(row)}
                      aria-invalid={isWrong(row)}
                      status={isWrong(row) ? 'error' : ''}
                      value={text(row)}
                      onChange={(event) => setTyped((now) => ({ ...now, [key(row)]: event.target.value }))}
                      onPressEnter={() => void submit().catch(() => undefined)}
                    />
                  ) : (
                    text(row) || '–'
                  )}
                </td>
                <td>
                  {isRunning &&
                    (row.lost_on === null ? (
                      <DoButton be="helper" size="small" type="text" onClick={() => setLosing(row)}>
                        {t('trial.lose')}
                      </DoButton>
                    ) : (
                      <DoButton
                        be="helper"
                        size="small"
                        type="text"
                        onClick={() => lose.mutate({ plant_id: row.plant_id, lost: false })}
                      >
                        {t('trial.notLost')}
                      </DoButton>
                    ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
      {isRunning && (
        <div className={styles.acts}>
          <DoButton
            be="helper"
            type="primary"
            loading={keep.isPending}
            disabled={changed.length === 0}
            onClick={() => void submit().catch(() => undefined)}
          >
            {t('trial.keep', { date: day(on) })}
          </DoButton>
          {changed.length > 0 && <Button onClick={() => setTyped({})}>{t('trial.asBefore')}</Button>}
        </div>
      )}
      {(changed.some(isWrong) || keep.isError) && (
        <p role="alert" className={common.fieldError}>
          {changed.some(isWrong) ? t('common.notNumber') : (problem?.at('on') ?? keep.error?.message)}
        </p>
      )}
      {losing !== null && <LossDialog trial={trial} row={losing} close={() => setLosing(null)} />}
    </section>
  );
}

function LossDialog({ trial, row, close }: { trial: Schemas['Trial']; row: Row; close: () => void }) {
  const { t } = useWords();
  const lose = useTrialLoss(trial.id);
  const say = useUndoable();
  const [why, setWhy] = useState('');
  const problem = problemOf(lose);

  return (
    <FormDialog
      title={t('trial.loseOf', { name: `${row.number} ${row.name}` })}
      close={close}
      be="helper"
      save={async () => {
        await lose.mutateAsync({ plant_id: row.plant_id, why });
        say(t('trial.lostSaid', { name: row.name }), () => lose.mutate({ plant_id: row.plant_id, lost: false }));
        close();
      }}
      by={lose}
      atFields
    >
      <TextField label={t('trial.why')} value={why} error={problem?.at('why')} onChange={setWhy} />
    </FormDialog>
  );
}
