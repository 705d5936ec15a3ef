import { Alert, Button, Collapse } from 'antd';
import { useMemo, useRef, useState } from 'react';

import { useNavigate } from 'react-router';

import { later } from '../../kit/later';
import { answerOf, api, type Schemas } from '../../api/client';
import { useLastGood } from '../../api/lastGood';
import { usePots } from '../../api/pots';
import { useWords } from '../../i18n/words';
import { useSettled } from '../../kit/hooks/useSettled';
import { useShortcuts } from '../../kit/hooks/useShortcuts';
import { AsIf } from './mix/AsIf';
import { useBlend } from './state/BlendProvider';
import { useBroughtPot } from './state/useBroughtPot';
import { useBroughtRecipe } from './state/useBroughtRecipe';
import { questionOf } from './state/question';
import { CanopyAsk } from './situation/CanopyAsk';
import { Certainty } from './verdicts/Certainty';
import { ComponentPicker } from '../../kit/pickers/ComponentPicker';
import { EmptyMix } from './mix/EmptyMix';
import { MeasuredMix } from './mix/MeasuredMix';
import { Notes } from './verdicts/Notes';
import { PartsTable } from './mix/PartsTable';
import { PreparationWorth } from './mix/PreparationWorth';
import { Quarrels } from './verdicts/Quarrels';
import { Ranges } from './verdicts/Ranges';
import { rounds } from '../../kit/mixes/verdictWords';
import { Topples } from '../../kit/mixes/Topples';
import { RatingHead } from '../../kit/mixes/RatingHead';
import { RecipeBar } from './recipes/RecipeBar';
import { UsedFor } from './recipes/UsedFor';
import { Remarks } from './verdicts/Remarks';
import { PotSetup, Situation } from './situation/Situation';
import { Supply } from './verdicts/Supply';
import { STARTS } from './find/wishes';
import { VerdictList } from './verdicts/VerdictList';
import { EmptyPot } from './picture/EmptyPot';
import { ViewSwitch } from './picture/ViewSwitch';
import { DoButton } from '../../kit/people/DoButton';
import styles from './blend.module.css';
import common from '../../styles/common.module.css';

const BatchDrawer = later(() => import('./batch/BatchDrawer').then(({ BatchDrawer }) => BatchDrawer));
const WriteDown = later(() => import('./mix/WriteDown').then(({ WriteDown }) => WriteDown));
const TubDrawer = later(() => import('./mix/TubDrawer').then(({ TubDrawer }) => TubDrawer));
const ExtrasDrawer = later(() => import('./mix/ExtrasDrawer').then(({ ExtrasDrawer }) => ExtrasDrawer));

const ask = async (body: Schemas['EvaluationInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/evaluate', { body, signal }));

/** Without a change for so long, somebody has stopped typing. */
const PAUSE_MS = 250;

type Tool = 'write' | 'tub' | 'extras';

/** The workbench: parts on the left, what they do in the pot beside them, the verdicts on the right. */
export function BlendPage() {
  const { t } = useWords();
  const { history, dispatch, badLink } = useBlend();
  const navigate = useNavigate();
  const mix = history.now;
  useBroughtPot();
  useBroughtRecipe();
  const question = useMemo(() => questionOf(mix), [mix]);
  // the picture at once; what would mend it and where growers differ take longer and come once somebody stops typing
  const quick = useMemo(
    () =>
      question === null
        ? null
        : { ...question, mends: false, ...(mix.recipeId === null ? {} : { recipe_id: mix.recipeId }) },
    [question, mix.recipeId],
  );
  const { data, fresh, problem, unreachable } = useLastGood('evaluation', quick, ask);
  const settled = useSettled(question, PAUSE_MS);
  const whole = useLastGood('evaluation', fresh ? settled : null, ask);
  const judged = whole.fresh && whole.data !== undefined ? whole.data : data;
  const pots = usePots({ per_page: 1, ...(mix.potId === null ? {} : { with: mix.potId }) });
  const potName = pots.data?.data.find((pot) => pot.id === mix.potId)?.name ?? '';
  const [batching, setBatching] = useState(false);
  const [saving, setSaving] = useState(false);
  const [contentsOpen, setContentsOpen] = useState(false);
  const [tool, setTool] = useState<Tool | null>(null);
  const picker = useRef<{ focus: () => void }>(null);

  const shortcuts = useMemo(
    () => ({
      'ctrl+z': () => dispatch({ do: 'undo' }),
      'ctrl+y': () => dispatch({ do: 'redo' }),
      'ctrl+s': () => setSaving(true),
      a: () => picker.current?.focus(),
      b: () => setBatching(true),
      w: () => setTool('write'),
      t: () => setTool('tub'),
      e: () => setTool('extras'),
      f: () => void navigate('/blend/find'),
    }),
    [dispatch, navigate],
  );
  useShortcuts(shortcuts);

  const isStarted = mix.rows.length > 0;
  const waitText =
    !isStarted || mix.potId === null
      ? t('blend.chooseTwo')
      : question === null || problem !== undefined
        ? t('blend.mendFirst')
        : t('blend.updating');
  const staleText = unreachable
    ? t('blend.offline')
    : question === null || problem !== undefined
      ? t('blend.stale')
      : t('blend.updating');

  return (
    <div className={styles.blend}>
      <section className={styles.blendMix} aria-label={t('blend.parts')}>
        {badLink && <Alert type="warning" showIcon title={t('blend.linkBad')} />}
        <RecipeBar
          isChanged={mix.recipeId !== null && (question === null || data?.as_written === false)}
          saving={saving}
          setSaving={setSaving}
          tools={[
            { key: 'write', label: `${t('write.down')} (W)`, act: () => setTool('write') },
            ...(isStarted
              ? [
                  ...STARTS.map((start) => ({
                    key: start,
                    label: t(`find.start.${start}`),
                    act: () => void navigate(`/blend/find?from=${start}`),
                  })),
                  { key: 'tub', label: `${t('tub.title')} (T)`, act: () => setTool('tub') },
                  { key: 'extras', label: `${t('extras.title')} (E)`, act: () => setTool('extras') },
                ]
              : []),
          ]}
        />
        <UsedFor />
        <Situation problem={problem} />
        <AsIf />
        {!isStarted && <EmptyMix write={() => setTool('write')} />}
        <PartsTable problem={problem} />
        <div className={styles.partsAdd}>
          <ComponentPicker
            label={t('blend.add')}
            pickRef={picker}
            without={mix.rows.map((row) => row.componentId)}
            onPick={({ id, name, kind, colour, source }) =>
              dispatch({
                do: 'add',
                row: { componentId: id, name, kind, colour, source, text: mix.notation === 'percent' ? '10' : '1' },
              })
            }
          />
          <Button disabled={history.past.length === 0} onClick={() => dispatch({ do: 'undo' })} title="Ctrl+Z">
            {t('common.undo')}
          </Button>
          <Button disabled={history.future.length === 0} onClick={() => dispatch({ do: 'redo' })} title="Ctrl+Y">
            {t('common.redo')}
          </Button>
        </div>
        <Collapse
          ghost
          defaultActiveKey={window.innerWidth > 800 ? ['setup'] : []}
          items={[
            {
              key: 'setup',
              label: t('blend.setup'),
              children: <PotSetup problem={problem} contentsOpen={contentsOpen} setContentsOpen={setContentsOpen} />,
            },
          ]}
        />
      </section>

      <section
        className={fresh ? styles.blendPicture : `${styles.blendPicture} ${common.notFresh}`}
        aria-label={t('section.title')}
        aria-busy={!fresh}
      >
        {unreachable && <Alert type="error" showIcon title={t('problem.offline')} />}
        {data === undefined ? (
          <EmptyPot pots={pots.data?.data ?? []} potId={mix.potId} text={waitText} />
        ) : (
          <>
            <p className={styles.freshness} role="status">
              {fresh ? '' : staleText}
            </p>
            <ViewSwitch
              evaluation={data}
              sure={whole.fresh ? (whole.data?.uncertainty ?? null) : null}
              potName={potName}
              question={fresh ? question : null}
              fresh={fresh}
              setBall={() => setContentsOpen(true)}
            />
          </>
        )}
      </section>

      <section
        className={fresh ? styles.blendVerdicts : `${styles.blendVerdicts} ${common.notFresh}`}
        aria-label={t('blend.verdicts')}
      >
        {data !== undefined && judged !== undefined && (
          <>
            <h2 className={common.visuallyHidden}>{t('blend.verdicts')}</h2>
            <RatingHead rated={judged} hasSite={mix.situation.siteId !== null} />
            {data.water !== null && <p className={styles.rounds}>{rounds(data.water, t)}</p>}
            <VerdictList
              verdicts={judged.verdicts}
              searching={!whole.fresh}
              group={mix.group}
              pot={data.pot}
              water={data.water}
              years={data.years}
              plannedYears={data.targets?.planned_years ?? 0}
              beneathDrought={<CanopyAsk evaluation={data} />}
            />
            <Supply supply={data.supply} />
            {data.topple !== null && (
              <section className={styles.topples} aria-label={t('blend.wind')}>
                <Topples topple={data.topple} />
              </section>
            )}
          </>
        )}
        <DoButton
          type="primary"
          size="large"
          block
          className={styles.toBatch}
          disabled={question === null || data === undefined}
          onClick={() => setBatching(true)}
        >
          {t('blend.toBatch')}
        </DoButton>
        {data !== undefined && (
          <>
            <PreparationWorth evaluation={data} />
            {mix.recipeId !== null && (
              <MeasuredMix recipeId={mix.recipeId} compactionIndex={mix.compactionIndex ?? null} />
            )}
            <Remarks evaluation={data} />
            <Quarrels quarrels={whole.data?.quarrels ?? []} />
            <Notes notes={data.notes}>
              {whole.data?.uncertainty != null && <Certainty figures={whole.data.uncertainty} evaluation={data} />}
              <Ranges question={fresh ? question : null} />
            </Notes>
          </>
        )}
      </section>
      {batching && question !== null && (
        <BatchDrawer question={question} potName={potName} close={() => setBatching(false)} />
      )}
      {tool === 'write' && <WriteDown open close={() => setTool(null)} />}
      {tool === 'tub' && <TubDrawer open close={() => setTool(null)} />}
      {tool === 'extras' && <ExtrasDrawer open question={question} close={() => setTool(null)} />}
    </div>
  );
}
