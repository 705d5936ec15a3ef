import { useState } from 'react';

import type { Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { askYear } from '../../../api/season';
import { useWords } from '../../../i18n/words';
import { type Coming, comingOf, SEASONS, USUAL } from '../../../kit/season/coming';
import { ComingForm } from '../../../kit/season/ComingForm';
import { useTyped } from '../../../kit/season/useTyped';
import { YearOfPot } from '../../../kit/season/YearOfPot';
import blendStyles from '../blend.module.css';
import common from '../../../styles/common.module.css';

/** The mix in its pot through a hundred years of the site, day by day, under a way of watering. */
export function YearView({ question }: { question: Schemas['EvaluationInput'] | null }) {
  const { t } = useWords();
  const hasSite = question?.situation?.site_id != null;
  const habit = question?.situation?.habit;
  const [way, setWay] = useState<Coming>(() => ({
    ...USUAL,
    ...Object.fromEntries(SEASONS.map((name) => [name, String(habit?.[name] ?? USUAL[name])])),
    dunked: habit?.method === 'dunk',
  }));
  const coming = comingOf(way);
  const asked = useTyped<Schemas['SeasonQuestion']>(
    question === null || coming === null || !hasSite ? null : { ...question, season: { coming } },
  );
  const { data, fresh, problem } = useLastGood('season', asked, askYear);
  if (!hasSite) {
    return <p className={blendStyles.blendWait}>{t('water.noSite')}</p>;
  }

  return (
    <div data-view="year" aria-busy={!fresh}>
      <ComingForm form={way} change={setWay} />
      {problem !== undefined && (
        <p className={common.fieldError} role="alert">
          {problem.message}
        </p>
      )}
      {data === undefined ? (
        <p className={blendStyles.blendWait}>{t('view.waiting')}</p>
      ) : (
        <div className={fresh ? undefined : common.notFresh}>
          <YearOfPot year={data} name={t('view.year')} />
        </div>
      )}
    </div>
  );
}
