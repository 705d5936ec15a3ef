import { Button, Form } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import { ApiProblem, type Schemas } from '../../api/client';
import { useCloseMix, useFinishDay } from '../../api/days';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { MixSums } from './MixSums';
import { plain, typedNumber } from '../../i18n/numbers';
import styles from './days.module.css';
import common from '../../styles/common.module.css';

/** What is left of each mix becomes a bin; then the day is ended. */
export function CloseSteps({ day }: { day: Schemas['PottingDay'] }) {
  const { t } = useWords();
  const finish = useFinishDay(day.id);
  const say = useUndoable();
  const problem = finish.error instanceof ApiProblem ? finish.error : undefined;

  return (
    <div className={styles.benchSteps}>
      {day.mixes
        .filter((mix) => mix.closed === null)
        .map((mix) => (
          <Left key={`${mix.recipe_id} ${mix.used_l} ${mix.mixed_l}`} day={day} mix={mix} />
        ))}
      {day.mixes.some((mix) => mix.closed !== null) && (
        <>
          <MixSums day={{ ...day, mixes: day.mixes.filter((mix) => mix.closed !== null) }} />
          <p>
            <Link to="/bins">{t('potting.leftBin')}</Link>
          </p>
        </>
      )}
      {day.status === 'finished' ? (
        <p className={`${styles.benchBig} ${styles.good}`}>✓ {t('potting.finished')}</p>
      ) : (
        <>
          {finish.error !== null && (
            <p className={`${common.fieldError} ${styles.benchTrouble}`} role="alert">
              {problem?.message ?? t('problem.offline')}
            </p>
          )}
          <Button
            type="primary"
            size="large"
            block
            className={styles.benchGo}
            loading={finish.isPending}
            onClick={() => finish.mutate(undefined, { onSuccess: () => say(t('potting.finished')) })}
          >
            {t('potting.finish')}
          </Button>
        </>
      )}
    </div>
  );
}

function Left({ day, mix }: { day: Schemas['PottingDay']; mix: Schemas['DayMix'] }) {
  const { t, n } = useWords();
  // rounded down: more than there can be would be refused
  const rest = Math.floor(mix.rest_l * 100) / 100;
  const [litres, setLitres] = useState(plain(rest));
  const close = useCloseMix(day.id);
  const problem = close.error instanceof ApiProblem ? close.error : undefined;
  const value = typedNumber(litres);
  if (mix.mixed.length === 0) {
    return <p className={common.quiet}>{t('potting.nothingMixed', { recipe: mix.name })}</p>;
  }

  return (
    <section className="bench-left">
      <h2>{t('potting.left', { recipe: mix.name })}</h2>
      <p className={common.quiet}>
        {t('potting.leftHint', { mixed: n(mix.mixed_l), used: n(mix.used_l), rest: n(rest) })}
      </p>
      <Form layout="vertical" className={styles.benchLeftRow}>
        <NumberField
          label={t('shelf.litres')}
          unit="L"
          value={litres}
          error={value === null ? t('common.notNumber') : (problem?.at('left_l') ?? problem?.message)}
          onChange={setLitres}
        />
        <Button
          size="large"
          type="primary"
          ghost
          loading={close.isPending}
          aria-label={`${t('potting.close')}: ${mix.name}`}
          onClick={() => {
            if (value !== null) {
              close.mutate({ recipe_id: mix.recipe_id, left_l: value });
            }
          }}
        >
          {t('potting.close')}
        </Button>
      </Form>
    </section>
  );
}
