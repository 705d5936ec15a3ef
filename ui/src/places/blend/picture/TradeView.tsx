import { Select } from 'antd';
import { useState } from 'react';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useMeta } from '../../../api/meta';
import { TradeMap, type TradePoint } from '../../../drawing/TradeMap';
import { useWords } from '../../../i18n/words';
import { useUndoable } from '../../../kit/hooks/useUndoable';
import { useBlend } from '../state/BlendProvider';
import { opened } from '../state/mix';
import { FIGURES, figureText } from './figures';
import { useView } from './useView';
import { ViewFrame } from './ViewFrame';
import styles from './picture.module.css';
import blendStyles from '../blend.module.css';

type Figure = Schemas['TradeFigure'];

/** Two figures against each other, of this mix, its variants by one scoop, and the other recipes in this pot. */
export function TradeView({ question }: { question: Schemas['EvaluationInput'] | null }) {
  const words = useWords();
  const { t } = words;
  const { history, dispatch } = useBlend();
  const say = useUndoable();
  const meta = useMeta();
  const currency = meta.data?.currency ?? 'EUR';
  const [x, setX] = useState<Figure>('air');
  const [y, setY] = useState<Figure>('water_l');
  const { data, fresh } = useView('/views/trade', question);
  const text = (figure: Figure) => (value: number) => figureText(figure, value, words, currency);
  const nameOf = (point: Schemas['TradeView']['points'][number]) =>
    point.kind === 'this'
      ? t('trade.this')
      : point.kind === 'recipe'
        ? point.name
        : t(point.by > 0 ? 'trade.more' : 'trade.less', { name: point.name });
  const mine = data?.points.find((point) => point.kind === 'this')?.figures;
  const points = (data?.points ?? []).flatMap((point): TradePoint[] => {
    const [px, py] = [point.figures[x], point.figures[y]];
    const label = nameOf(point);

    // the recipe that stands on the bench as it is saved is no other one
    const isThis = point.kind === 'recipe' && px === mine?.[x] && py === mine?.[y];

    return px === null || py === null || isThis
      ? []
      : [
          {
            id: `${point.kind} ${point.name} ${point.by}`,
            kind: point.kind,
            x: px,
            y: py,
            label,
            say: t('trade.point', { name: label, x: text(x)(px), y: text(y)(py) }),
          },
        ];
  });
  const axis = (label: string, value: Figure, set: (figure: Figure) => void) => (
    <label>
      {label}{' '}
      <Select
        aria-label={label}
        value={value}
        options={FIGURES.map((figure) => ({ value: figure, label: t(`amount.${figure}`) }))}
        onChange={set}
      />
    </label>
  );
  const open = async (id: number) => {
    try {
      const recipe = answerOf(await api.GET('/recipes/{id}', { params: { path: { id } } }));
      dispatch({ do: 'open', mix: opened(history.now, recipe) });
    } catch (problem) {
      say(problem instanceof Error ? problem.message : t('problem.offline'));
    }
  };

  return (
    <ViewFrame
      name="trade"
      rows={data?.points.map((point) => ({ kind: point.kind, name: nameOf(point), ...point.figures }))}
      fresh={fresh}
    >
      <p className={styles.viewChoices}>
        {axis(t('trade.y'), y, setY)} {axis(t('trade.x'), x, setX)}
      </p>
      {points.length === 0 ? (
        <p className={blendStyles.blendWait}>{t('trade.none')}</p>
      ) : (
        <TradeMap
          points={points}
          title={t('trade.alt', { x: t(`amount.${x}`), y: t(`amount.${y}`) })}
          xLabel={t(`amount.${x}`)}
          yLabel={t(`amount.${y}`)}
          xText={text(x)}
          yText={text(y)}
        />
      )}
      <details className={blendStyles.notes}>
        <summary>{t('view.figures')}</summary>
        <ul className={styles.tradeList}>
          {(data?.points ?? []).map((point) => {
            const [px, py] = [point.figures[x], point.figures[y]];
            const said = t('trade.point', {
              name: nameOf(point),
              x: px === null ? '–' : text(x)(px),
              y: py === null ? '–' : text(y)(py),
            });

            return (
              <li key={`${point.kind} ${point.name} ${point.by}`}>
                {point.recipe_id === null ? (
                  said
                ) : (
                  <button
                    type="button"
                    className={styles.asLink}
                    onClick={() => void open(point.recipe_id ?? 0)}
                    title={t('trade.open', { name: point.name })}
                  >
                    {said}
                  </button>
                )}
              </li>
            );
          })}
        </ul>
      </details>
    </ViewFrame>
  );
}
