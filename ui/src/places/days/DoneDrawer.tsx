import { Button, Checkbox, Segmented, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { usePotEntry } from '../../api/days';
import { usePlants } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { FindingTicks } from '../../kit/plants/FindingTicks';
import { isoDay } from '../../i18n/isoDay';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './days.module.css';
import { EntryDrawer } from './EntryDrawer';
import { FormDrawer } from '../../kit/forms/FormDrawer';

/** So many times as slow as worked out, and so many seconds, says that something is blocked. */
const SLOW = 2;
const SLOW_S = 5;

interface Props {
  day: Schemas['PottingDay'];
  entry: Schemas['DayEntry'];
  state: 'changed' | 'not_today';
  person: string;
  close: () => void;
  undo: () => void;
}

/** What was really done with a plant, or why it was put off. */
export function DoneDrawer({ day, entry, state, person, close, undo }: Props) {
  const { t, n } = useWords();
  const { plan, figures } = entry;
  // what nobody typed follows the plan, which may be changed meanwhile
  const [typed, setTyped] = useState<Record<string, string>>({});
  const texts: Record<string, string> = {
    used_l: plain(Math.round(entry.count * (figures?.poured_l ?? 0) * 100) / 100),
    minutes: '',
    run_through_s: '',
    roots: plain(Math.round(plan.roots_cut_share * 100)),
    crown: plain(Math.round(plan.crown_cut_share * 100)),
    saved_l: '0.5',
    old: plain(Math.round(entry.count * (figures?.old_out_l ?? 0) * 10) / 10),
    ...typed,
  };
  const [planning, setPlanning] = useState(false);
  const computedS = figures?.run_through_s ?? null;
  const ran = typedNumber(texts['run_through_s'] ?? '');
  const [findings, setFindings] = useState<Schemas['Finding'][]>([]);
  const [details, setDetails] = useState<Schemas['SeenDetail'][]>([]);
  const [saved, setSaved] = useState<'none' | 'moss' | 'soil'>('none');
  const [oldMix, setOldMix] = useState<'none' | 'bin' | 'waste'>('none');
  const [screened, setScreened] = useState(false);
  const [forPlant, setForPlant] = useState(entry.plant.id);
  const [buried, setBuried] = useState('');
  const [note, setNote] = useState('');
  const [why, setWhy] = useState('');
  const [on, setOn] = useState(() => isoDay());
  const [search, setSearch] = useState('');
  const plants = usePlants({ per_page: 50, ...(search === '' ? {} : { search }) }).data?.data ?? [];
  const pot = usePotEntry(day.id);
  const say = useUndoable();
  const problem = problemOf(pot);
  const optional = ['minutes', 'run_through_s'];
  const isWrong = (key: string) => {
    const text = texts[key] ?? '';
    return typedNumber(text) === null && !(optional.includes(key) && text.trim() === '');
  };
  const number = (key: string, label: string, unit: string, path: string, hint?: string) => (
    <NumberField
      label={label}
      unit={unit}
      value={texts[key] ?? ''}
      error={isWrong(key) ? t('common.notNumber') : problem?.at(`actual.${path}`)}
      onChange={(text) => setTyped({ ...typed, [key]: text })}
      {...(hint === undefined ? {} : { hint })}
    />
  );
  const submit = async () => {
    if (state === 'not_today') {
      const putOff = await pot.mutateAsync({ entry: entry.id, state, actual: { note }, person });
      if (putOff !== null) {
        say(t('potting.wasPutOff', { name: entry.plant.name }), undo);
      }
    } else {
      if (Object.keys(texts).some(isWrong)) {
        return;
      }
      const value = (key: string) => typedNumber(texts[key] ?? '');
      const after = await pot.mutateAsync({
        entry: entry.id,
        state,
        person,
        ...(on === isoDay() ? {} : { done_on: on }),
        ...(why === '' ? {} : { accepted: why }),
        actual: {
          used_l: value('used_l') ?? 0,
          minutes: value('minutes'),
          run_through_s: value('run_through_s'),
          roots_cut_share: (value('roots') ?? 0) / 100,
          crown_cut_share: (value('crown') ?? 0) / 100,
          findings,
          details,
          saved:
            saved === 'none'
              ? null
              : {
                  what: saved,
                  for_plant_id: forPlant,
                  litres: value('saved_l') ?? 0,
                },
          old_mix: oldMix === 'none' ? null : { to: oldMix, litres: value('old') ?? 0, screened },
          buried_note: buried,
          note,
        },
      });
      if (after !== null) {
        const tasks = Number(after.entries.find((one) => one.id === entry.id)?.actual['tasks'] ?? 0);
        say(t('potting.wasDone', { name: entry.plant.name, tasks }), undo);
      }
    }
    close();
  };

  return (
    <FormDrawer
      be="helper"
      title={`${entry.plant.number} ${entry.plant.name}: ${t(state === 'changed' ? 'potting.changedTitle' : 'potting.notToday')}`}
      size={760}
      close={close}
      save={submit}
      by={pot}
      saveLabel={t(state === 'changed' ? 'potting.changed' : 'potting.notToday')}
      large
      className={styles.doneDrawer}
    >
      {state === 'not_today' ? (
        <TextField label={t('potting.why')} value={note} onChange={setNote} longest={1000} />
      ) : (
        <>
          <p className={styles.benchRow}>
            <Button size="large" onClick={() => setPlanning(true)}>
              {t('potting.otherwise')}
            </Button>
            <span className={common.quiet}>{t('potting.otherwiseHint')}</span>
          </p>
          {planning && <EntryDrawer day={day} entry={entry} close={() => setPlanning(false)} />}
          <div className={common.fields3}>
            {number('used_l', t('potting.used'), 'L', 'used_l')}
            {number('minutes', t('potting.minutes'), 'min', 'minutes')}
            {number(
              'run_through_s',
              t('potting.runThrough'),
              's',
              'run_through_s',
              computedS === null ? undefined : t('potting.computedS', { seconds: n(Math.round(computedS)) }),
            )}
            {number('roots', t('entry.roots'), '%', 'roots_cut_share')}
            {number('crown', t('entry.crown'), '%', 'crown_cut_share')}
            <TextField
              label={t('potting.doneOn')}
              type="date"
              value={on}
              error={problem?.at('done_on')}
              onChange={setOn}
            />
          </div>
          {ran !== null && computedS !== null && ran > SLOW * computedS + SLOW_S && (
            <p className={common.mind}>◆ {t('potting.slowRun')}</p>
          )}
          <h3>{t('potting.findings')}</h3>
          <FindingTicks findings={findings} setFindings={setFindings} details={details} setDetails={setDetails} />
          <h3>{t('potting.saved')}</h3>
          <Segmented
            size="large"
            aria-label={t('potting.saved')}
            value={saved}
            options={[
              { value: 'none', label: t('potting.savedNone') },
              { value: 'moss', label: t('potting.saved.moss') },
              { value: 'soil', label: t('potting.saved.soil') },
            ]}
            onChange={setSaved}
          />
          {saved !== 'none' && (
            <>
              <p className={common.quiet}>{t('potting.savedSick')}</p>
              {number('saved_l', t('potting.savedL'), 'L', 'saved.litres')}
              <Select
                size="large"
                className={styles.wideSelect}
                aria-label={t('potting.savedStarter')}
                value={forPlant}
                showSearch={{ searchValue: search, filterOption: false, onSearch: setSearch }}
                options={[
                  { value: entry.plant.id, label: t('potting.savedFor') },
                  ...plants
                    .filter((plant) => plant.id !== entry.plant.id)
                    .map((plant) => ({
                      value: plant.id,
                      label: `${t('potting.savedStarter')} ${plant.number} ${plant.name}`,
                    })),
                ]}
                onChange={(id) => {
                  setSearch('');
                  setForPlant(id);
                }}
              />
              {problem?.at('actual.saved') !== undefined && (
                <p className={common.fieldError}>{problem.at('actual.saved')}</p>
              )}
            </>
          )}
          <h3>{t('potting.oldMix')}</h3>
          <Segmented
            size="large"
            aria-label={t('potting.oldMix')}
            value={oldMix}
            options={(['none', 'bin', 'waste'] as const).map((value) => ({
              value,
              label: t(`potting.oldMix.${value}`),
            }))}
            onChange={setOldMix}
          />
          {oldMix !== 'none' && (
            <div className={common.fields3}>
              {number('old', t('potting.oldMixL'), 'L', 'old_mix.litres')}
              {oldMix === 'bin' && (
                <Checkbox checked={screened} onChange={(event) => setScreened(event.target.checked)}>
                  {t('potting.oldMixScreened')}
                </Checkbox>
              )}
            </div>
          )}
          {problem?.at('actual.old_mix.to') !== undefined && (
            <p className={common.fieldError}>{problem.at('actual.old_mix.to')}</p>
          )}
          <TextField label={t('potting.buried')} value={buried} onChange={setBuried} longest={200} />
          <TextField label={t('field.note')} value={note} onChange={setNote} longest={1000} />
          {problem?.at('accepted') !== undefined && (
            <TextField
              label={t('potting.whyAnyway')}
              value={why}
              error={problem.at('accepted')}
              onChange={setWhy}
              longest={300}
            />
          )}
        </>
      )}
    </FormDrawer>
  );
}
