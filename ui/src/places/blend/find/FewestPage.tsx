import { Alert, Button, Form, Select } from 'antd';
import { useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';

import { problemOf, type Schemas } from '../../../api/client';
import { useShareMixes } from '../../../api/days';
import { useLines } from '../../../api/lines';
import { isoDay } from '../../../i18n/isoDay';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { TextField } from '../../../kit/fields/TextField';
import { Trouble } from '../../../kit/forms/Trouble';
import { useUndoable } from '../../../kit/hooks/useUndoable';
import { RatingWord } from '../../../kit/mixes/RatingHead';
import { useRecipeWords } from './foundMix';
import { usualWishes, type WishFields, wishesInput } from './wishes';
import { DoButton } from '../../../kit/people/DoButton';
import common from '../../../styles/common.module.css';
import styles from './find.module.css';

type Line = Schemas['FewestLine'];
type Mix = Schemas['SharedMix'];

/** What the page is opened with: plants, each with the pot it is to go into where that is not its own, and the day they stand on. */
export interface Shared {
  plants: { plant_id: number; pot_id?: number }[];
  day?: { id: number; name: string };
}

const WEEK_DAYS = 7;

/** The fewest mixes that serve many plants, what one for all would cost each, and both as recipes of a potting day. */
export default function FewestPage() {
  const { t, percent } = useWords();
  const asked = (useLocation().state ?? null) as Shared | null;
  const navigate = useNavigate();
  const say = useUndoable();
  const [wishes, setWishes] = useState<WishFields>(usualWishes);
  const [name, setName] = useState(() => t('fewest.dayName'));
  const [called, setCalled] = useState(() => asked?.day?.name ?? t('fewest.dayName'));
  const [plannedOn, setPlannedOn] = useState(() => isoDay(WEEK_DAYS));
  const { state, told, problem, start, stop } = useLines<Line>('/searches/fewest');
  const share = useShareMixes();
  const wrong = problemOf(share);
  const change = (part: Partial<WishFields>) => setWishes((now) => ({ ...now, ...part }));
  const find = wishesInput(wishes, 1, null);
  const { shelf = [], situations = [], mixes = [], one_for_all: one } = told;
  const plantsOf = (mix: Mix) => mix.serves.flatMap((served) => situations[served.situation]?.plants ?? []);
  const mixWords = useRecipeWords(shelf);
  const isRunning = state === 'running' || state === 'waiting';
  const isOver = state === 'done' && mixes.length > 0 && one !== undefined;

  const write = async (chosen: Mix[]) => {
    const day = await share.mutateAsync({
      ...(asked?.day === undefined ? { name, planned_on: plannedOn } : { day_id: asked.day.id }),
      mixes: chosen.map((mix, i) => ({
        name: t('fewest.mixName', { called: called.trim(), n: i + 1 }),
        parts: mix.parts.map(({ place, parts }) => ({
          component_id: shelf[place]?.component_id ?? 0,
          parts,
          preparation: shelf[place]?.preparation ?? null,
        })),
        plants: mix.serves.flatMap((served) =>
          (situations[served.situation]?.plants ?? []).map((plant) => ({
            plant_id: plant.id,
            pot_id: situations[served.situation]?.pot_id ?? 0,
          })),
        ),
      })),
    });
    say(t('fewest.written', { count: chosen.length, name: day.name }));
    await navigate(`/days/${day.id}`);
  };

  if (asked === null) {
    return (
      <div className={common.listPage}>
        <h1>{t('fewest.title')}</h1>
        <p>
          {t('fewest.none')} <Link to="/plants">{t('fewest.toPlants')}</Link>
        </p>
      </div>
    );
  }

  return (
    <div className={styles.page}>
      <section className={styles.ask} aria-label={t('fewest.title')}>
        <header className={common.listHead}>
          <h1>{t('fewest.title')}</h1>
          <Link to={asked.day === undefined ? '/plants' : `/days/${asked.day.id}`}>
            {asked.day?.name ?? t('fewest.toPlants')}
          </Link>
        </header>
        <p className={common.quiet}>{t('fewest.lead', { count: asked.plants.length })}</p>
        <Form layout="vertical">
          <Form.Item label={t('find.from')}>
            <Select
              aria-label={t('find.from')}
              value={wishes.source}
              options={(['owned', 'bought'] as const).map((value) => ({ value, label: t(`find.source.${value}`) }))}
              onChange={(source) => change({ source })}
            />
          </Form.Item>
          <div className={common.fields2}>
            <NumberField
              label={t('find.components')}
              value={wishes.components}
              error={problem?.at('find.most_components')}
              onChange={(components) => change({ components })}
            />
            <NumberField
              label={t('find.scoops')}
              value={wishes.scoops}
              error={problem?.at('find.scoops')}
              onChange={(scoops) => change({ scoops })}
            />
          </div>
          {asked.day === undefined && (
            <div className={common.fields2}>
              <TextField label={t('fewest.day')} value={name} error={wrong?.at('name')} onChange={setName} />
              <TextField
                type="date"
                label={t('fewest.on')}
                value={plannedOn}
                error={wrong?.at('planned_on')}
                onChange={setPlannedOn}
              />
            </div>
          )}
          <TextField
            label={t('fewest.called')}
            hint={t('fewest.calledHint')}
            longest={90}
            value={called}
            error={mixes.map((_, i) => wrong?.at(`mixes.${i}.name`)).find((each) => each !== undefined)}
            onChange={setCalled}
          />
        </Form>
        <div className={styles.go}>
          {isRunning ? (
            <Button size="large" block onClick={stop}>
              {t('find.stop')}
            </Button>
          ) : (
            <Button
              type="primary"
              size="large"
              block
              disabled={find === null}
              onClick={() => start({ plants: asked.plants, find })}
            >
              {t('fewest.go')}
            </Button>
          )}
        </div>
      </section>
      <section className={styles.results} aria-label={t('fewest.found')} aria-busy={isRunning}>
        {problem !== undefined && <Alert type="error" showIcon title={problem.message} />}
        {state === 'failed' && problem === undefined && <Alert type="error" showIcon title={t('find.failed')} />}
        {told.kind === 'refused' && <Alert type="warning" showIcon title={t('fewest.refused')} />}
        <Trouble error={share.error} />
        {state === 'idle' && <p className={styles.idle}>{t('fewest.idle')}</p>}
        {isRunning && (
          <p className={styles.progress} role="status">
            {t(state === 'waiting' ? 'find.waiting' : 'fewest.running')}
          </p>
        )}
        {isOver && (
          <>
            <header className={common.listHead}>
              <h2 role="status">
                {t('fewest.serve', { count: mixes.length, plants: plantsOf(one).length })}{' '}
                {told.is_proved === true && mixes.length > 1 && (
                  <span className={common.quiet}>{t('fewest.proved')}</span>
                )}
              </h2>
              <DoButton
                type="primary"
                loading={share.isPending}
                onClick={() => void write(mixes).catch(() => undefined)}
              >
                {t(asked.day === undefined ? 'fewest.toDay' : 'fewest.toThisDay', { count: mixes.length })}
              </DoButton>
            </header>
            <ol>
              {mixes.map((mix) => (
                <SharedRow key={mixWords(mix)} mix={mix} words={mixWords(mix)} situations={situations} />
              ))}
            </ol>
            {mixes.length > 1 && (
              <>
                <header className={common.listHead}>
                  <h2>{t('fewest.one')}</h2>
                  <DoButton loading={share.isPending} onClick={() => void write([one]).catch(() => undefined)}>
                    {t(asked.day === undefined ? 'fewest.toDay' : 'fewest.toThisDay', { count: 1 })}
                  </DoButton>
                </header>
                <p className={common.quiet}>
                  {t('fewest.oneCosts', {
                    worst: percent(Math.max(...one.serves.map((served) => served.gives_up))),
                  })}
                </p>
                <ol>
                  <SharedRow mix={one} words={mixWords(one)} situations={situations} />
                </ol>
              </>
            )}
          </>
        )}
      </section>
    </div>
  );
}

/** A mix, and for each way in which its plants stand what it would be there beside the best. */
function SharedRow({ mix, words, situations }: { mix: Mix; words: string; situations: Schemas['SharedSituation'][] }) {
  const { t, percent } = useWords();

  return (
    <li className={styles.shared}>
      <p className={styles.sharedMix}>{words}</p>
      <table className={common.plainTable}>
        <thead>
          <tr>
            <th scope="col">{t('fewest.plants')}</th>
            <th scope="col">{t('blend.pot')}</th>
            <th scope="col">{t('fewest.rating')}</th>
            <th scope="col">{t('fewest.best')}</th>
          </tr>
        </thead>
        <tbody>
          {mix.serves.map((served) => {
            const stands = situations[served.situation];

            return (
              <tr key={served.situation}>
                <th scope="row">{stands?.plants.map((plant) => `${plant.number} ${plant.name}`).join(', ')}</th>
                <td>{stands?.pot_name}</td>
                <td>
                  <RatingWord rating={served.rating} /> {percent(served.fit)}
                </td>
                <td>
                  {percent(served.gives_up) === percent(0) && served.rating === served.best_rating ? (
                    <span className={common.quiet}>{t('fewest.isBest')}</span>
                  ) : (
                    <>
                      {served.rating !== served.best_rating && <RatingWord rating={served.best_rating} />}{' '}
                      {percent(served.best_fit)}
                    </>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </li>
  );
}
