import { Button } from 'antd';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { ApiProblem, problemOf, type Schemas } from '../../api/client';
import { useDiscardTest, useFinishTest, useKeepTest } from '../../api/bench';
import { SetupPicture } from '../../drawing/SetupPicture';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { useSaveQueue } from '../../kit/forms/useSaveQueue';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { type Draft, draftOf, keptOf, stepOf } from '../../kit/measured/readings';
import { ResultView } from '../../kit/measured/ResultView';
import { StepFields } from './StepFields';
import { WaitClock } from './WaitClock';
import { Locked } from '../../kit/people/Locked';
import { DoButton } from '../../kit/people/DoButton';
import styles from './bench.module.css';
import common from '../../styles/common.module.css';

type Test = Schemas['BenchTest'];

const KEEP_AFTER_MS = 350;

/** A test step by step: what to do, why, what is read; the result last. Everything is kept as it is typed. */
export function RunningTest({ test }: { test: Test }) {
  const { t } = useWords();
  const { plan } = test;
  const [draft, setDraft] = useState<Draft>(() => draftOf(test.readings, plan));
  const [step, setStep] = useState(Math.min(test.step, plan.steps.length));
  const keep = useKeepTest(test.id);
  const finish = useFinishTest(test.id);
  const discard = useDiscardTest(test.id);
  const say = useUndoable();
  const navigate = useNavigate();
  const heading = useRef<HTMLHeadingElement>(null);

  const queue = useSaveQueue<Schemas['BenchTestChange']>(keep, KEEP_AFTER_MS);
  const trouble =
    queue.error === null ? null : queue.error instanceof ApiProblem ? queue.error.message : t('problem.offline');

  const change = (next: Draft) => {
    setDraft(next);
    queue.keepLater({ readings: keptOf(next, plan) });
  };
  const goTo = (next: number) => {
    setStep(next);
    void queue.keep({ step: next, waiting_since: null });
    heading.current?.focus();
  };
  const submit = async () => {
    await queue.flush();
    await finish.mutateAsync();
  };
  const finishProblem = problemOf(finish);
  const now = plan.steps[step];

  return (
    <article className={styles.testRun}>
      <header>
        <h1 ref={heading} tabIndex={-1}>
          {t(`bench.kind.${test.kind}`)}: {test.name}
        </h1>
        <ol
          className={styles.testSteps}
          aria-label={t('bench.stepOf', { step: step + 1, steps: plan.steps.length + 1 })}
        >
          {[...plan.steps.map((each) => each.code), 'result'].map((code, i) => (
            <li key={code} aria-current={i === step ? 'step' : undefined} className={i < step ? styles.past : ''}>
              {i + 1}
            </li>
          ))}
        </ol>
      </header>
      {now !== undefined ? (
        <section className={styles.testStep}>
          <figure>
            <SetupPicture test={test.kind} step={now.code} />
          </figure>
          <div>
            <p className={styles.testDo}>{t(`step.${test.kind}.${now.code}` as MessageId)}</p>
            {step === 0 && <p className={common.quiet}>{t(`bench.why.${test.kind}`)}</p>}
            {step === 0 &&
              plan.cautions.map((caution) => (
                <p key={caution} className={common.mind}>
                  {t(`caution.${caution}`)}
                </p>
              ))}
            <Locked be="helper">
              <StepFields test={test} step={now} draft={draft} change={change} />
            </Locked>
            {now.wait_s > 0 && (
              <WaitClock
                waitS={now.wait_s}
                since={test.waiting_since}
                start={() => void queue.keep({ waiting_since: new Date().toISOString() })}
              />
            )}
          </div>
        </section>
      ) : (
        <Locked be="helper">
          <ResultView
            test={test}
            draft={draft}
            change={change}
            goTo={(path) => goTo(stepOf(path, plan))}
            override={(rule, reason) => queue.keepLater({ overrides: { ...test.overrides, [rule]: reason } })}
          />
        </Locked>
      )}
      {(trouble ?? finishProblem?.message) !== undefined && (trouble ?? finishProblem) !== null && (
        <p className={common.fieldError} role="alert">
          {trouble ?? finishProblem?.message}
        </p>
      )}
      <footer className={styles.testFoot}>
        <Button size="large" disabled={step === 0} onClick={() => goTo(step - 1)}>
          {t('bench.previous')}
        </Button>
        <span className={common.quiet} role="status">
          {t(queue.state === 'saving' ? 'bench.keeping' : 'bench.kept')}
        </span>
        {now !== undefined ? (
          <Button type="primary" size="large" onClick={() => goTo(step + 1)}>
            {t(step === plan.steps.length - 1 ? 'bench.toResult' : 'bench.next')}
          </Button>
        ) : (
          <DoButton
            be="helper"
            type="primary"
            size="large"
            loading={finish.isPending}
            onClick={() => void submit().catch(() => undefined)}
          >
            {t('bench.finish')}
          </DoButton>
        )}
      </footer>
      <p className={styles.testLeave}>
        <Button type="text" onClick={() => void queue.flush().then(() => navigate('/bench'))}>
          {t('bench.leave')}
        </Button>
        <DoButton
          type="text"
          danger
          onClick={() =>
            void discard.mutateAsync(true).then(() => {
              say(t('bench.discardDone'), () => discard.mutate(false));
              return navigate('/bench');
            })
          }
        >
          {t('bench.discard')}
        </DoButton>
      </p>
    </article>
  );
}
