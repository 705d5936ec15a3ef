import { Button } from 'antd';

import type { Schemas } from '../../api/client';
import { useWords, type Words } from '../../i18n/words';
import { useBlend } from './BlendProvider';
import { plain } from './blendState';
import { typedNumber } from '../../i18n/words';

type Verdict = Schemas['Verdict'];
type Mend = Schemas['Mend'];

const MARKS: Record<Schemas['Level'], string> = { good: '●', mind: '▲', stop: '■' };

/** A criterion's figure as it is said in words. */
export function figure(criterion: Schemas['Criterion'], value: number, { n, percent }: Words): string {
  switch (criterion) {
    case 'air':
      return percent(value);
    case 'run_through':
      return `${n(value, 2)} s`;
    case 'ph':
      return n(value, 2);
    case 'wet_weight':
      return `${n(value, 2)} kg`;
    case 'largest_grain':
      return `${n(value, 2)} mm`;
  }
}

/** Plain sentences, worst first, each with its figure, its band and what would mend it. */
export function VerdictList({
  verdicts,
  group,
  pot,
}: {
  verdicts: Verdict[];
  group: Schemas['PlantGroup'];
  /** What the pot does that words depend on. */
  pot: Pick<Schemas['Evaluation']['pot'], 'limited_by_holes' | 'run_through_speed'>;
}) {
  const words = useWords();
  const { t } = words;

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
                : figure(verdict.criterion, verdict.value, words)}
            </strong>
          </p>
          <p className="verdict-text">{sentence(verdict, group, pot, words)}</p>
          {verdict.level !== 'good' && <Mends verdict={verdict} />}
        </li>
      ))}
    </ol>
  );
}

function sentence(
  verdict: Verdict,
  group: Schemas['PlantGroup'],
  pot: Pick<Schemas['Evaluation']['pot'], 'limited_by_holes' | 'run_through_speed'>,
  words: Words,
): string {
  const { t, n, percent } = words;
  const plants = t(`plants.${group}`);
  switch (verdict.criterion) {
    case 'air':
      return capital(t('verdict.air.text', { plants, low: percent(verdict.low), high: percent(verdict.high) }));
    case 'run_through': {
      if (verdict.value === null) {
        return t('verdict.run_through.none');
      }
      return t('verdict.run_through.text', {
        speed: pot.run_through_speed ?? 'stagnant',
        high: n(verdict.high),
        holes: pot.limited_by_holes && verdict.level !== 'good' ? 'yes' : 'no',
      });
    }
    case 'ph':
      return verdict.value === null
        ? t('verdict.ph.none')
        : capital(t('verdict.ph.text', { plants, low: n(verdict.low), high: n(verdict.high) }));
    case 'wet_weight':
      return t('verdict.wet_weight.text', { high: n(verdict.high) });
    case 'largest_grain':
      return t('verdict.largest_grain.text', { high: n(verdict.high, 2) });
  }
}

function Mends({ verdict }: { verdict: Verdict }) {
  const words = useWords();
  const { t } = words;
  const { history, dispatch } = useBlend();
  if (verdict.mends.length === 0) {
    return <p className="mend-none">{t('mend.none')}</p>;
  }

  const partsOf = (mend: Mend) => history.now.rows.find((row) => row.componentId === mend.component_id);
  const apply = (mend: Mend): (() => void) | null => {
    const id = mend.component_id;
    if (mend.kind === 'no_layer') {
      return () => dispatch({ do: 'change', touches: 'layer', mix: { layer: null } });
    }
    const { component_name: name, component_kind: kind, component_colour: colour } = mend;
    if (mend.kind === 'add' && id !== null && name !== null && kind !== null && colour !== null) {
      return () => dispatch({ do: 'add', row: { componentId: id, name, kind, colour, text: plain(mend.by) } });
    }
    if (id === null || (mend.kind !== 'more' && mend.kind !== 'less')) {
      return null;
    }
    const parts = typedNumber(partsOf(mend)?.text ?? '') ?? 0;

    return () =>
      dispatch({ do: 'parts', componentId: id, text: plain(parts + (mend.kind === 'more' ? mend.by : -mend.by)) });
  };

  return (
    <div className="mends">
      <p>{t(verdict.mends[0]?.suffices === true ? 'mend.lead' : 'mend.leadHelps')}</p>
      <ul>
        {verdict.mends.map((mend) => {
          const row = partsOf(mend);
          const all = mend.kind === 'less' && row !== undefined && typedNumber(row.text) === mend.by;
          const change = t(all ? 'mend.out' : `mend.${mend.kind}`, {
            by: mend.by,
            component: mend.component_name ?? '',
            depth: words.n(mend.depth_cm, 2),
            count: mend.hole_count,
            diameter: words.n(mend.hole_diameter_cm, 2),
          });
          const act = apply(mend);

          return (
            <li key={`${mend.kind} ${mend.component_id} ${mend.by}`}>
              <span>
                {change}{' '}
                {mend.value !== null && (
                  <span className="mend-gives">
                    {t('mend.gives', { value: figure(verdict.criterion, mend.value, words) })}
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
                <Button size="small" onClick={act} aria-label={t('mend.tryLabel', { change })}>
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

function capital(sentence: string): string {
  return sentence.charAt(0).toUpperCase() + sentence.slice(1);
}
