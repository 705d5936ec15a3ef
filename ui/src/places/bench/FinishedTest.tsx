import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { type Schemas } from '../../api/client';
import { useDiscardTest, useStartTest, useUseTest } from '../../api/bench';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ResultView } from '../../kit/measured/ResultView';
import { DoButton } from '../../kit/people/DoButton';
import styles from './bench.module.css';
import common from '../../styles/common.module.css';

type Test = Schemas['BenchTest'];

/** A test that is done: its result as it was found, in use or not, to repeat or to discard. */
export function FinishedTest({ test }: { test: Test }) {
  const { t, date } = useWords();
  const use = useUseTest(test.id);
  const discard = useDiscardTest(test.id);
  const start = useStartTest();
  const say = useUndoable();
  const navigate = useNavigate();
  const isDiscarded = test.status === 'discarded';
  const isUsable =
    !isDiscarded &&
    ((test.component_id !== null && (test.result.changes.length > 0 || Object.keys(test.result.findings).length > 0)) ||
      test.kind === 'mix_shrink');
  const problem = [use.error, discard.error, start.error].find((error) => error !== null);
  const tools = [...new Set(Object.values(test.readings.sources ?? {}))];

  const setUse = async (inUse: boolean) => {
    await use.mutateAsync(inUse);
    say(t(inUse ? 'bench.used' : 'bench.unused'), () => use.mutate(!inUse));
  };
  const repeat = async () => {
    const { kind, component_id, lot_id, recipe_id, pot_id, person } = test;
    const again = await start.mutateAsync({
      kind,
      person,
      pot_id,
      ...(recipe_id !== null ? { recipe_id } : lot_id !== null ? { lot_id } : { component_id }),
    });
    await navigate(`/bench/tests/${again.id}`);
  };

  return (
    <article className={styles.testRun}>
      <header>
        <h1>
          {t(`bench.kind.${test.kind}`)}: {test.name}
        </h1>
        <p className={common.quiet}>
          {isDiscarded
            ? t('bench.discarded')
            : test.finished_at !== null && t('bench.finished', { date: date(test.finished_at) })}
          {test.person !== '' && ` · ${test.person}`}
          {test.pot_name !== null && ` · ${test.pot_name}`}
          {tools.length > 0 &&
            ` · ${t('bench.takenWith', {
              source: tools.map((tool) => t(`instrument.${tool}` as 'instrument.scale')).join(', '),
            })}`}
        </p>
      </header>
      <ResultView test={test} />
      <Trouble line error={problem} />
      <footer className={styles.testFoot}>
        {isUsable && (
          <DoButton
            type={test.in_use ? 'default' : 'primary'}
            size="large"
            loading={use.isPending}
            onClick={() => void setUse(!test.in_use).catch(() => undefined)}
          >
            {t(test.in_use ? 'bench.unuse' : 'bench.use')}
          </DoButton>
        )}
        <Button size="large" onClick={() => void navigate('/blend')}>
          {t('bench.toBlend')}
        </Button>
        <DoButton be="helper" size="large" onClick={() => void repeat().catch(() => undefined)}>
          {t('bench.repeat')}
        </DoButton>
        <DoButton
          size="large"
          type="text"
          onClick={() =>
            void discard
              .mutateAsync(!isDiscarded)
              .then(() => !isDiscarded && say(t('bench.discardDone'), () => discard.mutate(false)))
              .catch(() => undefined)
          }
        >
          {t(isDiscarded ? 'common.restore' : 'bench.discard')}
        </DoButton>
      </footer>
    </article>
  );
}
