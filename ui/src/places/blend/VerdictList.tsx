import { Button } from 'antd';

import type { Schemas } from '../../api/client';
import { useMeta } from '../../api/queries';
import { useWords } from '../../i18n/words';
import { useBlend } from './BlendProvider';
import { mendAction, mendWords } from './mendActions';
import { figure, sentence } from './verdictWords';

type Verdict = Schemas['Verdict'];

const MARKS: Record<Schemas['Level'], string> = { good: '●', mind: '▲', stop: '■' };

/** What the API calls the figures of which an uncertainty is known. */
const UNCERTAIN: Partial<Record<Schemas['Criterion'], string>> = {
  air: 'air',
  interval: 'interval_h',
  run_through: 'run_through_s',
  ph: 'ph',
  wet_weight: 'wet_kg',
};

interface Props {
  verdicts: Verdict[];
  group: Schemas['PlantGroup'];
  /** What the pot does that words depend on. */
  pot: Pick<Schemas['Evaluation']['pot'], 'limited_by_holes' | 'run_through_speed'>;
  plannedYears?: number;
  /** Whether what would mend them is left out. */
  bare?: boolean;
  /** Whether what would mend them is still being looked for. */
  searching?: boolean;
  /** One standard uncertainty of figures, by their names in the API. */
  uncertainty?: Record<string, number>;
}

/** Plain sentences, worst first, each with its figure, its band and what would mend it. */
export function VerdictList({
  verdicts,
  group,
  pot,
  plannedYears = 0,
  bare = false,
  searching = false,
  uncertainty = {},
}: Props) {
  const words = useWords();
  const { t } = words;
  const currency = useMeta().data?.currency ?? 'EUR';

  return (
    <ol className="verdicts">
      {verdicts.map((verdict) => (
        <li key={verdict.criterion} className={`verdict verdict-${verdict.level}`}>
          <p className="verdict-head">
            <span className="verdict-level">
              <span aria-hidden="true">{MARKS[verdict.level]}</span> {t(`level.${verdict.level}`)}
            </span>
            <span className="verdict-name">{t(`verdict.${verdict.criterion}`)}</span>
            <strong>
              {verdict.value === null
                ? t(verdict.criterion === 'run_through' ? 'verdict.noOutlet' : 'verdict.noBuffer')
                : figure(verdict.criterion, verdict.value, words, currency)}
            </strong>
            <PlusMinus criterion={verdict.criterion} u={uncertainty[UNCERTAIN[verdict.criterion] ?? '']} />
          </p>
          {!bare && <p className="verdict-text">{sentence(verdict, { group, pot, plannedYears, currency }, words)}</p>}
          {!bare && verdict.level !== 'good' && searching && <p className="mend-none">{t('mend.searching')}</p>}
          {!bare && verdict.level !== 'good' && !searching && <Mends verdict={verdict} currency={currency} />}
        </li>
      ))}
    </ol>
  );
}

function PlusMinus({ criterion, u }: { criterion: Schemas['Criterion']; u: number | undefined }) {
  const { t, n, percent } = useWords();

  return u === undefined ? null : (
    <small className="plus-minus"> {t('verdict.plusMinus', { u: criterion === 'air' ? percent(u) : n(u, 1) })}</small>
  );
}

function Mends({ verdict, currency }: { verdict: Verdict; currency: string }) {
  const words = useWords();
  const { t } = words;
  const { history, dispatch } = useBlend();
  if (verdict.mends.length === 0) {
    return <p className="mend-none">{t('mend.none')}</p>;
  }

  return (
    <div className="mends">
      <p>{t(verdict.mends[0]?.suffices === true ? 'mend.lead' : 'mend.leadNearest')}</p>
      <ul>
        {verdict.mends.map((mend) => {
          const change = mendWords(mend, history.now, words);
          const act = mendAction(mend, history.now);

          return (
            <li key={`${mend.kind} ${mend.component_id} ${mend.by} ${mend.to}`}>
              <span>
                {change}{' '}
                {mend.value !== null && (
                  <span className="mend-gives">
                    {t('mend.gives', { value: figure(verdict.criterion, mend.value, words, currency) })}
                  </span>
                )}
                {mend.worsens.length > 0 && (
                  <span className="mend-cost">
                    {' '}
                    {t('mend.worsens', {
                      criteria: mend.worsens.map((criterion) => t(`verdict.${criterion}`)).join(', '),
                    })}
                  </span>
                )}
              </span>
              {act !== null && (
                <Button size="small" onClick={() => dispatch(act)} aria-label={t('mend.tryLabel', { change })}>
                  {t('mend.try')}
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
