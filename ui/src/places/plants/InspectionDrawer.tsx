import { Button, Slider } from 'antd';
import { useMemo, useState } from 'react';

import type { Schemas } from '../../api/client';
import { judgeInspection, useInspect } from '../../api/plants';
import { useLastGood } from '../../api/lastGood';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { FindingTicks } from '../../kit/plants/FindingTicks';
import { useReasonWords } from '../../kit/plants/useReasonWords';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';
import { FormDrawer } from '../../kit/forms/FormDrawer';

/** What is seen at the roots, by taps; what it says of the old mix and for the new one stands beside it at once. */
export function InspectionDrawer({ plant, close }: { plant: Schemas['Plant']; close: () => void }) {
  const { t, percent } = useWords();
  const [findings, setFindings] = useState<Schemas['Finding'][]>([]);
  const [details, setDetails] = useState<Schemas['SeenDetail'][]>([]);
  const [removed, setRemoved] = useState(0);
  const [text, setText] = useState('');
  const [person, setPerson] = useState('');
  const inspect = useInspect(plant.id);
  const say = useUndoable();
  const question = useMemo<Schemas['InspectionInput']>(
    () => ({ findings, details, roots_removed_share: removed / 100 }),
    [findings, details, removed],
  );
  const ask = useMemo(
    () => (body: Schemas['InspectionInput'], signal: AbortSignal) => judgeInspection(plant.id, body, signal),
    [plant.id],
  );
  const { data } = useLastGood(`inspection ${plant.id}`, question, ask);
  const submit = async () => {
    await inspect.mutateAsync({ ...question, text, person });
    say(t('common.saved', { name: t('event.inspected') }));
    close();
  };

  return (
    <FormDrawer
      be="helper"
      title={t('inspect.title', { name: `${plant.number} ${plant.name}` })}
      size={760}
      close={close}
      save={submit}
      by={inspect}
      saveLabel={t('inspect.keep')}
      large
    >
      <h3>{t('inspect.what')}</h3>
      <FindingTicks findings={findings} setFindings={setFindings} details={details} setDetails={setDetails} />
      <h3>
        {t('inspect.removed')}: {percent(removed / 100)}
      </h3>
      <Slider
        ariaLabelForHandle={t('inspect.removed')}
        min={0}
        max={80}
        step={5}
        value={removed}
        onChange={setRemoved}
      />
      {data !== undefined && <Judgement judged={data} use={(share) => setRemoved(Math.round(share * 100))} />}
      <div className={common.fields2}>
        <TextField label={t('inspect.note')} value={text} onChange={setText} longest={2000} />
        <TextField label={t('inspect.person')} value={person} onChange={setPerson} longest={60} />
      </div>
    </FormDrawer>
  );
}

function Judgement({ judged, use }: { judged: Schemas['Inspection']; use: (share: number) => void }) {
  const { t, n, percent, q } = useWords();
  const words = useReasonWords();
  const old = judged.old_mix;

  return (
    <div className={styles.inspectSaid} aria-live="polite">
      <section>
        <h3>{t('inspect.old')}</h3>
        {old === null ? (
          <p className={common.quiet}>{t('inspect.noStanding')}</p>
        ) : (
          <>
            <p>
              <strong>{t(`inspect.verdict.${old.verdict}`)}</strong>
            </p>
            <p>
              {t('inspect.figures', {
                years: n(old.years),
                nights: n(Math.round(old.frost_nights)),
                finesThen: percent(old.fines_then),
                finesNow: percent(old.fines_now),
                airThen: percent(old.air_then),
                airNow: percent(old.air_now),
                drop: q(old.level_drop_cm, 'cm'),
              })}
            </p>
            <ul className={common.plainList}>
              {old.reasons
                .filter((reason) => reason.code !== 'seen')
                .map((reason, i) => (
                  <li key={i}>{words('inspect.reason', reason)}</li>
                ))}
            </ul>
          </>
        )}
      </section>
      <section>
        <h3>{t('inspect.next')}</h3>
        {judged.work !== null && (
          <p>
            <strong>
              {t('inspect.work', {
                treatment: t(`batch.gaps.${judged.work.treatment}`),
                share: percent(judged.work.roots_removed_share),
                pot: judged.work.pot,
              })}
            </strong>{' '}
            <Button size="large" onClick={() => use(judged.work?.roots_removed_share ?? 0)}>
              {t('inspect.useWork')}
            </Button>
          </p>
        )}
        <ul className={common.plainList}>
          {judged.advice.map((reason) => (
            <li key={reason.code}>{words('advice', reason)}</li>
          ))}
          <li className={judged.one_day_risk === 'high' ? common.mind : ''}>
            {t(`advice.risk.${judged.one_day_risk}`)}
          </li>
        </ul>
      </section>
    </div>
  );
}
