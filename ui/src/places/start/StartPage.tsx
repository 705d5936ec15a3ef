import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';

import { ApiProblem } from '../../api/client';
import { useSavePot } from '../../api/pots';
import { useClimates, useSaveSite } from '../../api/situations';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { addressOf, type Answers, keepAnswers, keptAnswers, potOf, type Step, STEPS } from './answers';
import { HaveStep } from './HaveStep';
import { PlaceStep } from './PlaceStep';
import { PlantStep } from './PlantStep';
import { PotStep } from './PotStep';
import { WaterStep } from './WaterStep';
import styles from './start.module.css';

/** Names that are tried for what is added, before somebody is asked. */
const MOST_NAMES = 20;

/** One question after another, each with a picture, each can be passed by: from nothing to mixes that suit. */
export default function StartPage() {
  const { t } = useWords();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const [answers, setAnswers] = useState(keptAnswers);
  useEffect(() => keepAnswers(answers), [answers]);
  const step = STEPS.find((each) => each === params.get('step')) ?? 'plant';
  const at = STEPS.indexOf(step);
  const savePot = useSavePot(null);
  const saveSite = useSaveSite(null);
  const climates = useClimates().data?.data ?? [];
  const [problem, setProblem] = useState<ApiProblem | Error | null>(null);

  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    head.current?.focus();
    window.scrollTo(0, 0);
  }, [step]);

  const go = (to: Step) => setParams({ step: to });
  const change = (part: Partial<Answers>) => setAnswers((now) => ({ ...now, ...part }));
  /** The first name that is free: whoever opens the questions again has such a pot already. */
  const named = async <T,>(name: string, save: (name: string) => Promise<T>): Promise<T> => {
    for (let i = 1; ; ++i) {
      try {
        return await save(i === 1 ? name : `${name} (${i})`);
      } catch (error) {
        if (
          i >= MOST_NAMES ||
          !(error instanceof ApiProblem) ||
          error.errors.every((each) => each.rule !== 'name_taken')
        ) {
          throw error;
        }
      }
    }
  };
  const potName = () =>
    t('start.pot.name', {
      shape: answers.shape ?? 'other',
      length: answers.length,
      width: answers.width,
      depth: answers.depth,
      litres: answers.litres,
    });
  const pot = async (given: Answers) => {
    const body = given.potId === null ? potOf(given, potName()) : null;

    return body === null
      ? given.potId
      : (await named(body.name, (name) => savePot.mutateAsync({ id: null, body: { ...body, name } }))).id;
  };
  const site = async (given: Answers) => {
    const climate = given.siteId === null ? climates.find((each) => each.key === given.climate) : undefined;

    return climate === undefined
      ? given.siteId
      : (
          await named(t(`climate.${climate.key}`), (name) =>
            saveSite.mutateAsync({
              id: null,
              body: {
                name,
                latitude: climate.latitude,
                altitude_m: climate.altitude_m,
                alkalinity_mg_l: climate.alkalinity_mg_l,
                months: climate.months,
                note: t('start.place.note'),
              },
            }),
          )
        ).id;
  };
  const finish = async () => {
    setProblem(null);
    try {
      // each is kept as soon as it is there: whoever has to try again adds none twice
      const potId = await pot(answers);
      change({ potId });
      const siteId = await site(answers);
      change({ siteId });
      await navigate(addressOf(answers, potId, siteId));
    } catch (error) {
      setProblem(error as Error);
      // what a pot cannot be is said where it was measured
      if (error instanceof ApiProblem && error.errors.some((each) => /^(measures|depth|hole)/.test(each.path))) {
        go('pot');
      }
    }
  };
  const next = () => {
    const following = STEPS[at + 1];
    if (following === undefined) {
      void finish();
    } else {
      go(following);
    }
  };
  const taken = (part: Partial<Answers>) => {
    change(part);
    next();
  };
  const canGoOn = step !== 'pot' || answers.shape === null || potOf(answers, '') !== null;
  const isBusy = savePot.isPending || saveSite.isPending;
  const wrong = problem instanceof ApiProblem ? problem : undefined;

  return (
    <div className={styles.start}>
      <header>
        <p className={common.quiet}>{t('start.step', { n: at + 1, of: STEPS.length })}</p>
        <ol className={styles.progress} aria-label={t('start.progress')}>
          {STEPS.map((each, i) => (
            <li key={each}>
              <button
                type="button"
                aria-current={each === step ? 'step' : undefined}
                className={i <= at ? styles.passed : ''}
                onClick={() => go(each)}
              >
                <span className={common.visuallyHidden}>{t(`start.${each}`)}</span>
              </button>
            </li>
          ))}
        </ol>
        <h1 ref={head} tabIndex={-1}>
          {t(`start.${step}`)}
        </h1>
      </header>
      {step === 'plant' && <PlantStep answers={answers} take={taken} />}
      {step === 'pot' && (
        <PotStep answers={answers} change={change} take={taken} wrong={(path) => wrong?.at(path)} next={next} />
      )}
      {step === 'place' && <PlaceStep answers={answers} climates={climates} take={taken} />}
      {step === 'water' && <WaterStep answers={answers} take={taken} />}
      {step === 'have' && <HaveStep answers={answers} change={change} />}
      {problem !== null && (
        <p role="alert" className={common.fieldError}>
          {problem.message === '' ? t('problem.offline') : problem.message}
        </p>
      )}
      <footer className={styles.foot}>
        {at > 0 && (
          <Button size="large" onClick={() => go(STEPS[at - 1] ?? 'plant')}>
            {t('start.back')}
          </Button>
        )}
        {step !== 'have' && (
          <Button size="large" onClick={next}>
            {t('start.skip')}
          </Button>
        )}
        {((step === 'pot' && answers.shape !== null) || step === 'have') && (
          <Button type="primary" size="large" loading={isBusy} disabled={!canGoOn} onClick={next}>
            {step === 'have' ? t('start.find') : t('start.next')}
          </Button>
        )}
        {step === 'have' && (
          <span className={common.quiet}>{t('start.have.count', { count: answers.have.length })}</span>
        )}
        <Link to="/today" className={styles.leave}>
          {t('start.leave')}
        </Link>
      </footer>
    </div>
  );
}
