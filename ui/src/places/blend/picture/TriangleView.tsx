import { Button, Select } from 'antd';
import { useState } from 'react';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { useMeta } from '../../../api/meta';
import { TriangleMap } from '../../../drawing/TriangleMap';
import { useWords } from '../../../i18n/words';
import { useBlend } from '../state/BlendProvider';
import { type MixRow, withAmount } from '../state/mix';
import { ComponentPicker } from '../../../kit/pickers/ComponentPicker';
import { FIGURES, figureText } from './figures';
import { ViewFrame } from './ViewFrame';
import common from '../../../styles/common.module.css';
import styles from './picture.module.css';
import blendStyles from '../blend.module.css';

type Corner = Pick<MixRow, 'componentId' | 'name' | 'kind' | 'colour'>;
const PLACES = [0, 1, 2] as const;
const STEPS = 20;

const ask = async (body: Schemas['TriangleInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/views/triangle', { body, signal }));

/** All mixes of three components in this pot, coloured by any figure; the mark is moved by pointer or keys. */
export function TriangleView({ question }: { question: Schemas['EvaluationInput'] | null }) {
  const words = useWords();
  const { t, percent } = words;
  const { history, dispatch } = useBlend();
  const currency = useMeta().data?.currency ?? 'EUR';
  const [corners, setCorners] = useState<(Corner | undefined)[]>(() => PLACES.map((i) => history.now.rows[i]));
  const [figure, setFigure] = useState<Schemas['TradeFigure']>('air');
  const [at, setAt] = useState<[number, number]>([Math.round(STEPS / 3), Math.round(STEPS / 3)]);
  const chosen = corners.filter((corner) => corner !== undefined);
  const asked =
    question === null || chosen.length !== 3
      ? null
      : { ...question, corners: chosen.map((corner) => corner.componentId), figure, steps: STEPS };
  const { data, fresh } = useLastGood('/views/triangle', asked, ask);
  const shares = [at[0] / STEPS, at[1] / STEPS, (STEPS - at[0] - at[1]) / STEPS];
  const here = data?.points.find((point) => point.parts.every((part, i) => Math.abs(part - (shares[i] ?? 0)) < 1e-6));
  const text = (value: number) => figureText(data?.figure ?? figure, value, words, currency);
  const take = () =>
    dispatch({
      do: 'rows',
      notation: 'parts',
      rows: chosen
        .map((corner, i) => withAmount({ ...corner, text: '' }, (shares[i] ?? 0) * 10))
        .filter((row) => row.text !== '0'),
    });
  const names = chosen.map((corner) => corner.name);

  return (
    <div className="triangle-view">
      <div className={styles.triangleChoices}>
        {PLACES.map((i) => (
          <ComponentPicker
            key={i}
            label={t('triangle.corner', { n: i + 1 })}
            kept={corners[i]?.name}
            without={chosen.map((corner) => corner.componentId)}
            onPick={({ id, name, kind, colour }) =>
              setCorners(corners.map((corner, k) => (k === i ? { componentId: id, name, kind, colour } : corner)))
            }
          />
        ))}
        <Select
          aria-label={t('triangle.figure')}
          value={figure}
          options={FIGURES.map((each) => ({ value: each, label: t(`amount.${each}`) }))}
          onChange={setFigure}
        />
      </div>
      {asked === null ? (
        <p className={blendStyles.blendWait}>{t('triangle.need')}</p>
      ) : (
        <ViewFrame
          name="triangle"
          rows={data?.points.map((point) => ({
            ...Object.fromEntries(data.corners.map((corner, i) => [corner.name, point.parts[i] ?? 0])),
            [data.figure]: point.value,
          }))}
          fresh={fresh}
        >
          {data !== undefined && (
            <>
              <TriangleMap
                points={data.points}
                steps={data.steps}
                corners={data.corners.map((corner) => corner.name)}
                at={at}
                move={setAt}
                take={take}
                text={text}
                title={`${t('triangle.alt', { a: names[0] ?? '', b: names[1] ?? '', c: names[2] ?? '', figure: t(`amount.${data.figure}`) })} ${t('triangle.keys')}`}
              />
              <p className={styles.viewSays} role="status">
                {t('triangle.here', {
                  a: names[0] ?? '',
                  aShare: percent(shares[0] ?? 0),
                  b: names[1] ?? '',
                  bShare: percent(shares[1] ?? 0),
                  c: names[2] ?? '',
                  cShare: percent(shares[2] ?? 0),
                  figure: t(`amount.${data.figure}`),
                  value: here?.value == null ? t('triangle.unknown') : text(here.value),
                })}{' '}
                <Button size="small" onClick={take}>
                  {t('triangle.take')}
                </Button>
              </p>
              <p className={common.quiet}>{t('triangle.keys')}</p>
            </>
          )}
        </ViewFrame>
      )}
    </div>
  );
}
