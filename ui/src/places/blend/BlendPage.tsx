import { Alert, Button, Collapse } from 'antd';
import { useMemo, useRef, useState } from 'react';

import { answerOf, api, type Schemas } from '../../api/client';
import { useLastGood } from '../../api/lastGood';
import { usePots } from '../../api/queries';
import { useWords } from '../../i18n/words';
import { useShortcuts } from '../common/useShortcuts';
import { BatchDrawer } from './BatchDrawer';
import { useBlend } from './BlendProvider';
import { questionOf } from './blendState';
import { ComponentPicker } from './ComponentPicker';
import { EmptyMix } from './EmptyMix';
import { MeasuredMix } from './MeasuredMix';
import { MoreFigures } from './MoreFigures';
import { Notes } from './Notes';
import { PartsTable } from './PartsTable';
import { Picture } from './Picture';
import { PreparationWorth } from './PreparationWorth';
import { RecipeBar } from './RecipeBar';
import { PotSetup, Situation } from './Situation';
import { VerdictList } from './VerdictList';

const ask = async (body: Schemas['EvaluationInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/evaluate', { body, signal }));

/** The workbench: parts on the left, what they do in the pot beside them, the verdicts on the right. */
export function BlendPage() {
  const { t, percent } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const question = useMemo(() => questionOf(mix), [mix]);
  const { data, fresh, problem, unreachable } = useLastGood('evaluation', question, ask);
  const pots = usePots({ per_page: 200 });
  const potName = pots.data?.data.find((pot) => pot.id === mix.potId)?.name ?? '';
  const [batching, setBatching] = useState(false);
  const [saving, setSaving] = useState(false);
  const picker = useRef<{ focus: () => void }>(null);

  const shortcuts = useMemo(
    () => ({
      'ctrl+z': () => dispatch({ do: 'undo' }),
      'ctrl+y': () => dispatch({ do: 'redo' }),
      'ctrl+s': () => setSaving(true),
      a: () => picker.current?.focus(),
      b: () => setBatching(true),
    }),
    [dispatch],
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
    <div className="blend">
      <section className="blend-mix" aria-label={t('blend.parts')}>
        <RecipeBar saving={saving} setSaving={setSaving} />
        <Situation problem={problem} />
        {!isStarted && <EmptyMix />}
        <PartsTable problem={problem} />
        <div className="parts-add">
          <ComponentPicker
            label={t('blend.add')}
            pickRef={picker}
            without={mix.rows.map((row) => row.componentId)}
            onPick={({ id, name, kind, colour }) =>
              dispatch({ do: 'add', row: { componentId: id, name, kind, colour, text: '1' } })
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
          items={[{ key: 'setup', label: t('blend.setup'), children: <PotSetup problem={problem} /> }]}
        />
      </section>

      <section
        className={fresh ? 'blend-picture' : 'blend-picture not-fresh'}
        aria-label={t('section.title')}
        aria-busy={!fresh}
      >
        {unreachable && <Alert type="error" showIcon title={t('problem.offline')} />}
        {data === undefined ? (
          <p className="blend-wait">{waitText}</p>
        ) : (
          <>
            <p className="freshness" role="status">
              {fresh ? '' : staleText}
            </p>
            <Picture evaluation={data} potName={potName} />
            <Collapse
              ghost
              destroyOnHidden
              items={[{ key: 'more', label: t('common.showFigures'), children: <MoreFigures evaluation={data} /> }]}
            />
          </>
        )}
      </section>

      <section className={fresh ? 'blend-verdicts' : 'blend-verdicts not-fresh'} aria-label={t('blend.verdicts')}>
        {data !== undefined && (
          <>
            <header>
              <h2>{t('blend.verdicts')}</h2>
              <span className="fit">
                {t('blend.fit')} <strong>{percent(data.fit)}</strong>
              </span>
            </header>
            <VerdictList verdicts={data.verdicts} group={mix.group} pot={data.pot} />
          </>
        )}
        <Button
          type="primary"
          size="large"
          block
          disabled={question === null || data === undefined}
          onClick={() => setBatching(true)}
        >
          {t('blend.toBatch')}
        </Button>
        {data !== undefined && (
          <>
            <PreparationWorth evaluation={data} />
            {mix.recipeId !== null && (
              <MeasuredMix recipeId={mix.recipeId} compactionIndex={mix.compactionIndex ?? null} />
            )}
            <Notes notes={data.notes} />
          </>
        )}
      </section>
      {batching && question !== null && (
        <BatchDrawer question={question} potName={potName} close={() => setBatching(false)} />
      )}
    </div>
  );
}
