import { useState } from 'react';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { rules, useMeta } from '../../../api/meta';
import { useWords, type Words } from '../../../i18n/words';
import { inUnit } from '../../../kit/mixes/inUnit';
import common from '../../../styles/common.module.css';

type Figure = Schemas['RangesView']['figures'][number];

const ask = async (body: Schemas['EvaluationInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/views/ranges', { body, signal }));

const SHARES = new Set(['air', 'drought', 'yield_share', 'float_share']);

/** From where to where each figure lies with all that is not known moved at once. Takes a moment, so it is asked for only once it is opened. */
export function Ranges({ question }: { question: Schemas['EvaluationInput'] | null }) {
  const words = useWords();
  const { t } = words;
  const currency = useMeta().data?.currency ?? 'EUR';
  const [open, setOpen] = useState(false);
  const { data, fresh } = useLastGood('/views/ranges', open ? question : null, ask);

  return (
    <details className={common.quiet} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{t('ranges.title')}</summary>
      {open && data === undefined && <p role="status">{t('common.loading')}</p>}
      {open && data !== undefined && (
        <>
          <p>{t('ranges.text')}</p>
          <ul aria-busy={!fresh}>
            {data.figures.map((figure) => (
              <li key={figure.name}>
                {t('ranges.line', {
                  figure: t(`ranges.${figure.name}`),
                  from: told(figure, figure.low, words, currency),
                  to: told(figure, figure.high, words, currency),
                })}
              </li>
            ))}
          </ul>
        </>
      )}
    </details>
  );
}

function told({ name }: Figure, value: number | null, words: Words, currency: string): string {
  const { t, n, percent, money } = words;
  if (value === null) {
    return t('verdict.years.moreThan', { years: n(rules.horizon_years) });
  }

  return SHARES.has(name) ? percent(value) : name === 'cost' ? money(value, currency) : inUnit(name, value, words, 2);
}
