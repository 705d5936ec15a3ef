import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useChangeProportions, useProportions } from '../../api/plants';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { yearsRange } from '../../kit/mixes/verdictWords';
import { useReasonWords } from '../../kit/plants/useReasonWords';
import { typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';
import { DoButton } from '../../kit/people/DoButton';

/** Whether it is due and whether the season is right, each with its reasons. */
export function PlantJudgement({ dossier }: { dossier: Schemas['PlantDossier'] }) {
  const { t, n, date, q } = useWords();
  const words = useReasonWords();
  const { due, season, plant, proportions } = dossier;
  const [editing, setEditing] = useState(false);

  return (
    <section className={styles.judgement}>
      <h2>{t('due.title')}</h2>
      <p className={`${styles.judged} ${styles[`judged-${due.level}`]}`}>
        <strong>{t(`due.${due.level}`)}</strong>
        {plant.due_on !== null && <span> · {t('due.on', { date: date(plant.due_on) })}</span>}
      </p>
      {plant.due_set_on !== null && <p className={common.mind}>{t('due.set', { date: date(plant.due_set_on) })}</p>}
      {plant.snoozed_until !== null && (
        <p className={common.mind}>{t('due.snoozed', { until: date(plant.snoozed_until), note: plant.snooze_note })}</p>
      )}
      <ul className={common.plainList}>
        {due.reasons.map((reason, i) => (
          <li key={i}>{words('due.reason', reason)}</li>
        ))}
        {due.lasts !== null && due.lasts.slow !== 0 && (
          <li className={common.quiet}>
            {t('due.lasts', { range: yearsRange(due.lasts, { t, n }), cm: q(due.lasts.drop_cm, 'cm') })}
          </li>
        )}
      </ul>
      <p className={`${styles.judged} ${styles[`judged-${season.window}`]}`}>
        <strong>{t(`season.${season.window}`)}</strong>
        <span className={common.quiet}>
          {' '}
          · {t(season.is_observed ? 'season.observed' : 'season.estimated')}
          {season.school !== null && ` · ${t(`school.${season.school}`)}`}
        </span>
      </p>
      <ul className={common.plainList}>
        {season.reasons.map((reason, i) => (
          <li key={i}>{words('season.reason', reason)}</li>
        ))}
      </ul>
      {proportions.length > 0 && (
        <details>
          <summary>{t('plant.proportions')}</summary>
          <ul className={common.plainList}>
            {proportions.map(({ rule, is_cm, should_cm }) => (
              <li key={rule}>
                {t(`plant.rule.${rule}`)}: {t('plant.ruleOf', { is: q(is_cm, 'cm'), should: q(should_cm, 'cm') })}
              </li>
            ))}
          </ul>
          <DoButton be="owner" size="small" onClick={() => setEditing(true)}>
            {t('plant.rulesEdit')}
          </DoButton>
        </details>
      )}
      {editing && <Rules close={() => setEditing(false)} />}
    </section>
  );
}

const RULES = ['length_of_height', 'depth_of_trunk', 'breadth_of_canopy'] as const;

function Rules({ close }: { close: () => void }) {
  const { t } = useWords();
  const rules = useProportions().data;
  const change = useChangeProportions();
  const [typed, setTyped] = useState<Partial<Record<(typeof RULES)[number], string>>>({});
  const problem = problemOf(change);
  const value = (rule: (typeof RULES)[number]) => typed[rule] ?? (rules === undefined ? '' : String(rules[rule]));
  const submit = async () => {
    const body = Object.fromEntries(RULES.map((rule) => [rule, typedNumber(value(rule))]));
    if (Object.values(body).every((each) => each !== null)) {
      await change.mutateAsync(body as Schemas['ProportionRules']);
      close();
    }
  };

  return (
    <FormDialog title={t('plant.rulesEdit')} close={close} save={submit} by={change} atFields>
      <p className={common.quiet}>{t('plant.rulesHint')}</p>
      {RULES.map((rule) => (
        <NumberField
          key={rule}
          label={t(`plant.rule.${rule}`)}
          value={value(rule)}
          error={typedNumber(value(rule)) === null ? t('common.notNumber') : problem?.at(rule)}
          onChange={(text) => setTyped({ ...typed, [rule]: text })}
        />
      ))}
    </FormDialog>
  );
}
