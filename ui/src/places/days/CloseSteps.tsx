import { Form } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';

import { problemOf, type Schemas } from '../../api/client';
import { useCloseMix, useFinishDay, useMixLoad, useReopenDay, useReopenMix } from '../../api/days';
import { rules } from '../../api/meta';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { MixSums } from './MixSums';
import { plain, typedNumber } from '../../i18n/numbers';
import { DoButton } from '../../kit/people/DoButton';
import styles from './days.module.css';
import common from '../../styles/common.module.css';

type Day = Schemas['PottingDay'];
type Mix = Schemas['DayMix'];

/** What is left of each mix becomes a bin; then the day is ended. Either is opened again. */
export function CloseSteps({ day, person }: { day: Day; person: string }) {
  const { t } = useWords();
  const finish = useFinishDay(day.id);
  const reopen = useReopenDay(day.id);
  const say = useUndoable();

  return (
    <div className={styles.benchSteps}>
      {day.mixes
        .filter((mix) => mix.closed === null)
        .map((mix) => (
          <Open key={`${mix.recipe_id} ${mix.used_l} ${mix.mixed_l}`} day={day} mix={mix} person={person} />
        ))}
      {day.mixes
        .filter((mix) => mix.closed !== null)
        .map((mix) => (
          <Closed key={mix.recipe_id} day={day} mix={mix} />
        ))}
      {day.status === 'finished' ? (
        <>
          <p className={`${styles.benchBig} ${styles.good}`}>✓ {t('potting.finished')}</p>
          <Trouble line className={styles.benchTrouble} error={reopen.error} />
          <DoButton
            size="large"
            loading={reopen.isPending}
            onClick={() => reopen.mutate(undefined, { onSuccess: () => say(t('potting.reopened')) })}
          >
            {t('potting.reopenDay')}
          </DoButton>
        </>
      ) : (
        <>
          <Trouble line className={styles.benchTrouble} error={finish.error} />
          <DoButton
            type="primary"
            size="large"
            block
            className={styles.benchGo}
            loading={finish.isPending}
            onClick={() =>
              finish.mutate(undefined, {
                onSuccess: () => say(t('potting.finished'), () => reopen.mutate(undefined)),
              })
            }
          >
            {t('potting.finish')}
          </DoButton>
        </>
      )}
    </div>
  );
}

function Closed({ day, mix }: { day: Day; mix: Mix }) {
  const { t } = useWords();
  const reopen = useReopenMix(day.id);
  const closed = mix.closed;

  return (
    <section>
      <MixSums day={{ ...day, mixes: [mix] }} />
      <p className={styles.benchRow}>
        {closed?.component_id != null && <Link to="/bins">{t('potting.leftBin')}</Link>}
        {closed != null && day.status !== 'finished' && (
          <DoButton
            be="helper"
            size="large"
            loading={reopen.isPending}
            aria-label={`${t('potting.reopenMix')}: ${mix.name}`}
            onClick={() => reopen.mutate(closed.id)}
          >
            {t('potting.reopenMix')}
          </DoButton>
        )}
      </p>
      <Trouble line className={styles.benchTrouble} error={reopen.error} />
    </section>
  );
}

/** A mix that is not closed: what is left of what was mixed, or what to make of more than that in pots. */
function Open({ day, mix, person }: { day: Day; mix: Mix; person: string }) {
  const { t } = useWords();
  const more = mix.used_l - mix.mixed_l;
  if (more > rules.notable.litres) {
    return <Unmixed day={day} mix={mix} more={more} person={person} />;
  }
  if (mix.mixed.length === 0) {
    return <p className={common.quiet}>{t('potting.nothingMixed', { recipe: mix.name })}</p>;
  }

  return <Left day={day} mix={mix} />;
}

/** More is in pots than was mixed: it was mixed without a tick, or heaped, or came from elsewhere. */
function Unmixed({ day, mix, more, person }: { day: Day; mix: Mix; more: number; person: string }) {
  const { t, q } = useWords();
  const load = useMixLoad(day.id);
  const close = useCloseMix(day.id);
  const say = useUndoable();
  const said = { recipe: mix.name, used: q(mix.used_l, 'L'), mixed: q(mix.mixed_l, 'L'), more: q(more, 'L') };

  return (
    <section className="bench-left">
      <h2>{t('potting.left', { recipe: mix.name })}</h2>
      <p>{t('potting.unmixed', { ...said, mixed: mix.mixed.length === 0 ? '0' : q(mix.mixed_l, 'L') })}</p>
      <p className={common.quiet}>{t('potting.unmixedHint', said)}</p>
      <p className={styles.benchRow}>
        <DoButton
          be="helper"
          size="large"
          type="primary"
          loading={load.isPending}
          onClick={() =>
            load.mutate(
              { recipe_id: mix.recipe_id, litres: more, person },
              { onSuccess: () => say(t('potting.drawn', { litres: q(more, 'L'), recipe: mix.name })) },
            )
          }
        >
          {t('potting.drawMore', said)}
        </DoButton>
        <DoButton
          be="helper"
          size="large"
          loading={close.isPending}
          onClick={() => close.mutate({ recipe_id: mix.recipe_id, left_l: 0 })}
        >
          {t('potting.closeWithout', said)}
        </DoButton>
      </p>
      <Trouble line className={styles.benchTrouble} error={load.error ?? close.error} />
    </section>
  );
}

function Left({ day, mix }: { day: Day; mix: Mix }) {
  const { t, q } = useWords();
  // rounded down: more than there can be is asked about
  const rest = Math.floor(mix.rest_l * 100) / 100;
  const [litres, setLitres] = useState(plain(rest));
  const close = useCloseMix(day.id);
  const problem = problemOf(close);
  const value = typedNumber(litres);
  const isMore = problem?.errors.some((error) => error.rule === 'more_than_mixed') ?? false;

  return (
    <section className="bench-left">
      <h2>{t('potting.left', { recipe: mix.name })}</h2>
      <p className={common.quiet}>
        {t('potting.leftHint', { mixed: q(mix.mixed_l, 'L'), used: q(mix.used_l, 'L'), rest: q(rest, 'L') })}
      </p>
      <Form layout="vertical" className={styles.benchLeftRow}>
        <NumberField
          label={t('shelf.litres')}
          unit="L"
          value={litres}
          error={value === null ? t('common.notNumber') : (problem?.at('left_l') ?? problem?.message)}
          onChange={(text) => {
            setLitres(text);
            close.reset();
          }}
        />
        <DoButton
          be="helper"
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
        </DoButton>
      </Form>
      {isMore && value !== null && (
        <DoButton
          be="helper"
          size="large"
          onClick={() => close.mutate({ recipe_id: mix.recipe_id, left_l: value, correct: true })}
        >
          {t('potting.countedSo', { left: q(value, 'L') })}
        </DoButton>
      )}
    </section>
  );
}
