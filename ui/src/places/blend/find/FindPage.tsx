import { Alert, Button, Collapse, Form, Select, Spin } from 'antd';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';

import type { Schemas } from '../../../api/client';
import { useLines } from '../../../api/lines';
import { useSaveBatch } from '../../../api/batches';
import { usePots } from '../../../api/pots';
import { typedNumber } from '../../../i18n/numbers';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { useShortcuts } from '../../../kit/hooks/useShortcuts';
import { useUndoable } from '../../../kit/hooks/useUndoable';
import { Situation } from '../situation/Situation';
import { HOURS } from '../situation/SituationDrawer';
import { useBlend } from '../state/BlendProvider';
import { keptOrder, orderOf } from '../batch/order';
import { keepComparison } from '../state/comparison';
import { amountOf, partOf } from '../state/mix';
import { placeOf, questionOf } from '../state/question';
import { useArrived } from './arrival';
import { FoundRow } from './FoundRow';
import { useRecipeWords, withFound } from './foundMix';
import { LoosenedList } from './Loosened';
import { SearchProgress } from './SearchProgress';
import { type Start, STARTS, usualWishes, type WishFields, wishesInput } from './wishes';
import { WishForm } from './WishForm';
import common from '../../../styles/common.module.css';
import styles from './find.module.css';

/** The longest name of a batch. */
const LONGEST_NAME = 100;
const KEPT_AS = 'zolbek.wishes';
/** Under which the last answer is kept, with what was asked. */
const LAST = ['search'];

/** From this width down the results stand beneath the question; elsewhere their head may be out of sight once many wishes are open. */
const NARROW = 1000;

type Line = Schemas['SearchLine'];
interface Last {
  told: Partial<Line>;
  asked: Schemas['SearchInput'];
}

function keepWishes(wishes: WishFields): void {
  sessionStorage.setItem(KEPT_AS, JSON.stringify(wishes));
}

function keptWishes(): WishFields {
  try {
    return { ...usualWishes(), ...(JSON.parse(sessionStorage.getItem(KEPT_AS) ?? '{}') as Partial<WishFields>) };
  } catch {
    return usualWishes();
  }
}

export default function FindPage() {
  const [params] = useSearchParams();

  return params.get('go') === null ? <Find /> : <Arrive params={params} />;
}

/** Puts what the first questions were answered with on the bench, and looks for mixes at once. */
function Arrive({ params }: { params: URLSearchParams }) {
  const { dispatch } = useBlend();
  const navigate = useNavigate();
  const arrived = useArrived(params);
  useEffect(() => {
    if (arrived !== null) {
      const { mix, about } = arrived;
      dispatch({ do: 'open', mix });
      keepWishes({ ...usualWishes(), source: 'bought', only: about.length > 0, about });
      void navigate('/blend/find?look=1', { replace: true });
    }
  }, [arrived, dispatch, navigate]);

  return <Spin className={common.listWaiting} />;
}

/** What to mix for a plant in a pot: three answers, more wishes where somebody has them, and the recipes that were found. */
function Find() {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const navigate = useNavigate();
  const client = useQueryClient();
  const say = useUndoable();
  const [params, setParams] = useSearchParams();
  const start = STARTS.find((each) => each === params.get('from')) ?? null;
  const setStart = (from: Start | null) => setParams(from === null ? {} : { from }, { replace: true });
  const [wishes, setWishes] = useState(keptWishes);
  useEffect(() => keepWishes(wishes), [wishes]);
  const change = useCallback((part: Partial<WishFields>) => setWishes((now) => ({ ...now, ...part })), []);
  const last = client.getQueryData<Last>(LAST);
  const search = useLines<Line>('/searches', last?.told);
  const { told, state, problem } = search;
  const [ticked, setTicked] = useState<number[]>([]);

  const pot = usePots({ per_page: 1, ...(mix.potId === null ? {} : { with: mix.potId }) }).data?.data.find(
    (each) => each.id === mix.potId,
  );
  const pots = Math.max(1, typedNumber(mix.situation.potsWanted) ?? 1);
  const like = useMemo(() => {
    const parts = mix.rows.flatMap((row) => {
      const amount = amountOf(row);

      return amount === null || amount <= 0 ? [] : [{ ...partOf(row), parts: amount }];
    });

    return parts.length === 0 ? null : parts;
  }, [mix.rows]);
  const begun = like === null ? null : start;
  const find = wishesInput(wishes, pots, like === null || begun === null ? null : { like, start: begun });
  const base = placeOf(mix);
  const question: Schemas['SearchInput'] | null = base === null || find === null ? null : { ...base, find };
  const [asked, setAsked] = useState(last?.asked);
  const found = told.found ?? [];
  const rows = told.shelf ?? [];

  // what was found stays for whoever takes one, looks at it and comes back
  useEffect(() => {
    if (told.found !== undefined && asked !== undefined && (state === 'done' || state === 'stopped')) {
      client.setQueryData<Last>(LAST, { told, asked });
    }
  }, [client, told, state, asked]);

  const results = useRef<HTMLElement>(null);
  const look = () => {
    if (question !== null) {
      setTicked([]);
      setAsked(question);
      search.start(question);
      if (window.innerWidth <= NARROW || (results.current?.getBoundingClientRect().top ?? 0) < 0) {
        results.current?.scrollIntoView();
      }
    }
  };
  // once a step that would help was taken, what it changes has come through; and at once for whoever was asked elsewhere
  const again = useRef(params.get('look') !== null);
  useEffect(() => {
    if (again.current && question !== null) {
      again.current = false;
      look();
    }
  });

  // whoever was asked elsewhere has answered all that stands above the mixes
  const isShown = found.length > 0;
  const leads = useRef(params.get('look') !== null);
  useEffect(() => {
    if (isShown && leads.current) {
      leads.current = false;
      results.current?.scrollIntoView();
    }
  }, [isShown]);

  const mixWords = useRecipeWords(rows);
  const take = (index: number) => {
    const recipe = found[index];
    if (recipe !== undefined) {
      dispatch({ do: 'open', mix: withFound(mix, recipe, rows) });
      say(t('find.taken', { mix: mixWords(recipe) }), () => dispatch({ do: 'undo' }));
      void navigate('/blend');
    }
  };
  const saveBatch = useSaveBatch();
  const sheet = async (recipe: Schemas['FoundRecipe']) => {
    const what = questionOf(withFound(mix, recipe, rows));
    const order = orderOf({ ...keptOrder(), pots: String(pots), ball: '0', gaps: 'untouched', objects: '0' });
    if (what === null || order === null) {
      return;
    }
    const name = t('find.sheet.name', { mix: mixWords(recipe) }).slice(0, LONGEST_NAME);
    const batch = await saveBatch.mutateAsync({ ...what, name, order });
    await navigate(`/log/${batch.id}`);
  };
  useShortcuts({
    f: look,
    escape: search.stop,
    ...Object.fromEntries(found.map((_, i) => [String(i + 1), () => take(i)])),
  });

  const compare = () => {
    keepComparison(
      ticked.flatMap((i) => {
        const recipe = found[i];
        const question = recipe === undefined ? null : questionOf(withFound(mix, recipe, rows));

        return recipe === undefined || question === null
          ? []
          : [{ label: `${i + 1}. ${mixWords(recipe)}`.slice(0, 60), question }];
      }),
    );
    void navigate('/blend/compare');
  };
  const isRunning = state === 'running' || state === 'waiting';
  const isOver = state === 'done' || state === 'stopped';
  const summer = mix.situation.hours.summer;

  return (
    <div className={styles.page}>
      <section className={styles.ask} aria-label={t('find.title')}>
        <header className={common.listHead}>
          <h1>{t('find.title')}</h1>
          <Link to="/blend">{t('find.back')}</Link>
        </header>
        <p className={common.quiet}>{t('find.lead')}</p>
        <Situation problem={problem} />
        <Form layout="vertical">
          <Form.Item label={t('find.waters')}>
            <Select
              aria-label={t('find.waters')}
              value={summer}
              options={[...new Set([...HOURS, summer])]
                .sort((a, b) => a - b)
                .map((value) => ({ value, label: t('habit.hours', { hours: String(value) }) }))}
              onChange={(hours) =>
                dispatch({
                  do: 'situation',
                  touches: 'summer',
                  situation: { hours: { ...mix.situation.hours, summer: hours } },
                })
              }
            />
          </Form.Item>
          {like !== null && (
            <Form.Item label={t('find.start.label')}>
              <Select
                aria-label={t('find.start.label')}
                value={begun ?? 'none'}
                options={(['none', ...STARTS] as const).map((value) => ({ value, label: t(`find.start.${value}`) }))}
                onChange={(value: Start | 'none') => setStart(value === 'none' ? null : value)}
              />
            </Form.Item>
          )}
          <div className={styles.two}>
            <Form.Item label={t('find.from')}>
              <Select
                aria-label={t('find.from')}
                disabled={begun === 'replace'}
                value={begun === 'replace' ? 'stock' : wishes.source}
                options={(['stock', 'owned', 'bought'] as const).map((value) => ({
                  value,
                  label: t(`find.source.${value}`),
                }))}
                onChange={(source) => change({ source })}
              />
            </Form.Item>
            <NumberField
              label={t('find.pots')}
              value={mix.situation.potsWanted}
              error={typedNumber(mix.situation.potsWanted) === null ? t('common.notNumber') : problem?.at('find.pots')}
              onChange={(potsWanted) => dispatch({ do: 'situation', touches: 'potsWanted', situation: { potsWanted } })}
            />
          </div>
        </Form>
        <Collapse
          ghost
          items={[
            {
              key: 'more',
              label: t('find.more'),
              children: <WishForm wishes={wishes} change={change} wrong={(path) => problem?.at(path)} />,
            },
          ]}
        />
        <div className={styles.go}>
          {isRunning ? (
            <Button size="large" block onClick={search.stop}>
              {t('find.stop')}
            </Button>
          ) : (
            <Button type="primary" size="large" block disabled={question === null} onClick={look} title="F">
              {t(found.length > 0 ? 'find.again' : 'find.go')}
            </Button>
          )}
          {mix.potId === null && <p>{t('find.noPot')}</p>}
          {find === null && (
            <p className={common.fieldError} role="alert">
              {t('find.unreadable')}
            </p>
          )}
        </div>
      </section>
      <section ref={results} className={styles.results} aria-label={t('find.button')} aria-busy={isRunning}>
        {saveBatch.error !== null && <Alert type="error" showIcon title={saveBatch.error.message} />}
        {problem !== undefined && <Alert type="error" showIcon title={problem.message} />}
        {state === 'failed' && problem === undefined && <Alert type="error" showIcon title={t('find.failed')} />}
        {state === 'idle' && <p className={styles.idle}>{t('find.idle')}</p>}
        <SearchProgress state={state} told={told} />
        {isOver && found.length > 0 && JSON.stringify(asked) !== JSON.stringify(question) && (
          <Alert className={styles.other} type="warning" showIcon title={t('find.other')} />
        )}
        {ticked.length > 1 && <Button onClick={compare}>{t('find.compareTicked', { count: ticked.length })}</Button>}
        {isOver && told.loosened !== undefined && (found.length === 0 || found[0]?.rating !== 'good') && (
          <LoosenedList
            loosened={told.loosened}
            none={found.length === 0}
            shelf={rows}
            pot={pot}
            change={(part) => (part === 'anew' ? setStart(null) : change(part))}
            again={() => {
              again.current = true;
            }}
          />
        )}
        <ol>
          {found.map((recipe, i) => (
            <FoundRow
              key={JSON.stringify(recipe.parts)}
              found={recipe}
              number={i + 1}
              shelf={rows}
              pots={asked?.find?.pots ?? pots}
              question={questionOf(withFound(mix, recipe, rows))}
              ticked={ticked.includes(i)}
              tick={(on) => setTicked((now) => (on ? [...now, i] : now.filter((each) => each !== i)))}
              take={() => take(i)}
              sheet={isRunning ? null : () => void sheet(recipe).catch(() => undefined)}
            />
          ))}
        </ol>
      </section>
    </div>
  );
}
