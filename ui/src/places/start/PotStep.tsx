import { Form, Segmented } from 'antd';

import { rules } from '../../api/meta';
import { usePots } from '../../api/pots';
import { PotOutline } from '../../drawing/PotOutline';
import { PotShapeSketch } from '../../drawing/PotShapeSketch';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { type Answers, measuresOf, SHAPES } from './answers';
import styles from './start.module.css';

interface Props {
  answers: Answers;
  change: (part: Partial<Answers>) => void;
  take: (part: Partial<Answers>) => void;
  wrong: (path: string) => string | undefined;
  next: () => void;
}

/** Where the server says what is wrong with a measure. */
const PATHS = {
  length: ['measures.top', 'measures.top_length'],
  width: ['measures.top_width'],
  depth: ['depth'],
  litres: ['measures.volume_l'],
};

/** One of the yard, or a shape with its measures inside. */
export function PotStep({ answers, change, take, wrong, next }: Props) {
  const { t, q } = useWords();
  const own = usePots({ per_page: 1 }).data?.total ?? 0;
  const { shape } = answers;
  // measured otherwise it is another pot than the one that was added
  const measured = (part: Partial<Answers>) => change({ ...part, potId: null });
  const isAcross = shape === 'round' || shape === 'polygon' || shape === 'bowl';

  return (
    <>
      {own > 0 && (
        <>
          <h2>{t('start.pot.own')}</h2>
          <div className={styles.own}>
            <RecordPicker
              label={t('start.pot.own')}
              useList={usePots}
              value={answers.potId}
              look={(pot) => (
                <>
                  <PotOutline outline={pot.outline} width={36} height={24} />
                  <span>{pot.name}</span>
                  <small>{q(pot.volume_l, 'L')}</small>
                </>
              )}
              onPick={({ id }) => take({ potId: id, shape: null })}
            />
          </div>
          <h2>{t('start.pot.new')}</h2>
        </>
      )}
      <ul className={styles.choices}>
        {SHAPES.map((each) => (
          <li key={each}>
            <button type="button" aria-pressed={shape === each} onClick={() => measured({ shape: each })}>
              <PotShapeSketch shape={each} />
              <span>{t(`start.shape.${each}`)}</span>
            </button>
          </li>
        ))}
      </ul>
      {shape !== null && (
        <Form layout="vertical" className={styles.measures} onFinish={next}>
          {measuresOf(shape).map((measure) => (
            <NumberField
              key={measure}
              label={t(measure === 'length' && isAcross ? 'start.measure.across' : `start.measure.${measure}`)}
              unit={measure === 'litres' ? 'L' : t('unit.cm')}
              value={answers[measure]}
              error={
                answers[measure] !== '' && typedNumber(answers[measure]) === null
                  ? t('common.notNumber')
                  : PATHS[measure].map(wrong).find((said) => said !== undefined)
              }
              onChange={(text) => measured({ [measure]: text })}
            />
          ))}
          {shape !== 'bowl' && shape !== 'measured' && (
            <Form.Item label={t('start.walls')}>
              <Segmented
                aria-label={t('start.walls')}
                value={answers.sloping ? 'sloping' : 'straight'}
                options={(['sloping', 'straight'] as const).map((value) => ({
                  value,
                  label: t(`start.walls.${value}`),
                }))}
                onChange={(walls) => measured({ sloping: walls === 'sloping' })}
              />
            </Form.Item>
          )}
          <NumberField
            label={t('start.holes', { cm: q(rules.usual_pot.hole_cm, 'cm') })}
            value={answers.holes}
            error={typedNumber(answers.holes) === null ? t('common.notNumber') : wrong('hole_count')}
            onChange={(holes) => measured({ holes })}
          />
          <button type="submit" hidden aria-hidden="true" tabIndex={-1} />
        </Form>
      )}
    </>
  );
}
