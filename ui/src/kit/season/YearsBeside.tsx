import { useQueries } from '@tanstack/react-query';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { askYear } from '../../api/season';
import { YearStrip } from '../../drawing/YearStrip';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import { type Coming, comingOf, USUAL } from './coming';
import { ComingForm } from './ComingForm';
import { useTyped } from './useTyped';
import { useYearVerdict } from './useYearVerdict';
import styles from './season.module.css';

/** Years over which pots are set side by side: enough for a middle one, quick enough for six. */
const RUNS = 40;

interface Props {
  items: { label: string; question: Schemas['EvaluationInput'] }[];
}

/** Mixes in their pots through the same years under one way of watering, each a strip of one height. */
export function YearsBeside({ items }: Props) {
  const { t, n, q } = useWords();
  const [isOpen, setOpen] = useState(false);
  const [way, setWay] = useState<Coming>(USUAL);
  const coming = useTyped(comingOf(way));
  const verdict = useYearVerdict();
  const answers = useQueries({
    queries: items.map(({ question }) => ({
      queryKey: ['season', 'beside', question, coming],
      queryFn: ({ signal }: { signal: AbortSignal }) =>
        askYear({ ...question, season: { runs: RUNS, ...(coming === null ? {} : { coming }) } }, signal),
      enabled: isOpen && coming !== null && question.situation?.site_id != null,
      placeholderData: (before: Schemas['SeasonYear'] | undefined) => before,
      retry: false,
    })),
  });
  const most = Math.max(0, ...answers.map(({ data }) => data?.pot.full_l ?? 0));

  return (
    <details className={styles.beside} onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary>{t('potyear.beside')}</summary>
      {isOpen && (
        <>
          <ComingForm form={way} change={setWay} />
          {items.map(({ label, question }, i) => {
            const { data, error } = answers[i] ?? {};

            return (
              <section key={`${label}${i}`} aria-label={label}>
                <h3>{label}</h3>
                {question.situation?.site_id == null ? (
                  <p className={common.quiet}>{t('potyear.noSite')}</p>
                ) : error != null ? (
                  <p className={common.fieldError} role="alert">
                    {error.message}
                  </p>
                ) : data === undefined ? (
                  <p className={common.quiet}>{t('common.loading')}</p>
                ) : (
                  <>
                    <YearStrip year={data} title={t('potyear.stripOf', { name: label })} most={most} />
                    <p>
                      <strong>{verdict(data)}</strong>{' '}
                      {t('potyear.line', {
                        waterings: n(data.sums.waterings[1] ?? 0, 3),
                        given: q(data.sums.given_l[1] ?? 0, 'L'),
                        drained: q(data.sums.drained_l[1] ?? 0, 'L'),
                      })}
                    </p>
                  </>
                )}
              </section>
            );
          })}
        </>
      )}
    </details>
  );
}
