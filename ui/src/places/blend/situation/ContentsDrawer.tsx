import { Form, Segmented, Select } from 'antd';

import type { ApiProblem, Schemas } from '../../../api/client';
import { useRecipes } from '../../../api/recipes';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { useBlend } from '../state/BlendProvider';
import { ComponentPicker } from '../../../kit/pickers/ComponentPicker';
import { SOILS } from '../../../kit/days/plans';
import type { Contents } from '../state/situationState';
import { typedNumber } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import styles from './situation.module.css';
import { RecordPicker } from '../../../kit/pickers/RecordPicker';
import { Side } from '../../../kit/overlays/Side';

const TREATMENTS: Schemas['BallTreatment'][] = ['untouched', 'teased', 'combed', 'washed'];
type NumberOf = 'share' | 'length' | 'width' | 'height' | 'years' | 'wallCm' | 'objects' | 'bed' | 'collar' | 'mound';
const PATHS: Record<NumberOf, string> = {
  share: 'ball.share',
  length: 'ball.length_cm',
  width: 'ball.width_cm',
  height: 'ball.height_cm',
  years: 'ball.years',
  wallCm: 'wall.thickness_cm',
  objects: 'objects_l',
  bed: 'bed_cm',
  collar: 'collar_cm',
  mound: 'mound_cm',
};

/** Root ball, zone at the wall, hole cover and objects. */
export function ContentsDrawer({
  open,
  close,
  problem,
}: {
  open: boolean;
  close: () => void;
  problem: ApiProblem | undefined;
}) {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const { contents } = history.now;
  const set = (touches: string, change: Partial<Contents>) => dispatch({ do: 'contents', touches, contents: change });
  const number = (field: NumberOf, label: string, unit: string) => (
    <NumberField
      label={label}
      unit={unit}
      value={contents[field]}
      error={typedNumber(contents[field]) === null ? t('common.notNumber') : problem?.at(`contents.${PATHS[field]}`)}
      onChange={(text) => set(field, { [field]: text })}
    />
  );

  return (
    <Side open={open} onClose={close} title={t('contents.title')} size={520}>
      <Form layout="vertical" className={styles.situationForm}>
        <h3>{t('contents.ball')}</h3>
        <Segmented
          aria-label={t('contents.ball')}
          value={contents.ball}
          options={(['none', 'share', 'size'] as const).map((word) => ({
            value: word,
            label: t(`contents.ball.${word}`),
          }))}
          onChange={(ball) => set('ball', { ball })}
        />
        {contents.ball === 'share' && number('share', t('contents.share'), t('unit.percent'))}
        {contents.ball === 'size' && (
          <div className={common.fields3}>
            {number('length', t('contents.length'), t('unit.cm'))}
            {number('width', t('contents.width'), t('unit.cm'))}
            {number('height', t('contents.height'), t('unit.cm'))}
          </div>
        )}
        {contents.ball !== 'none' && (
          <>
            <div className={common.fields3}>
              <Form.Item label={t('batch.gaps')}>
                <Select
                  aria-label={t('batch.gaps')}
                  value={contents.treatment}
                  options={TREATMENTS.map((word) => ({ value: word, label: t(`batch.gaps.${word}`) }))}
                  onChange={(treatment) => set('treatment', { treatment })}
                />
              </Form.Item>
              <Form.Item label={t('entry.soil')}>
                <Select
                  aria-label={t('entry.soil')}
                  value={contents.soil ?? 'as_stood'}
                  options={SOILS.map((value) => ({ value, label: t(`soil.${value}`) }))}
                  onChange={(soil: (typeof SOILS)[number]) => set('soil', { soil: soil === 'as_stood' ? null : soil })}
                />
              </Form.Item>
            </div>
            {contents.soil === null && (
              <div className={common.fields3}>
                <Form.Item label={t('contents.oldMix')}>
                  <RecordPicker
                    label={t('contents.oldMix')}
                    useList={useRecipes}
                    value={contents.oldRecipeId}
                    none={{ label: t('contents.oldSame'), pick: () => set('oldRecipe', { oldRecipeId: null }) }}
                    onPick={({ id }) => set('oldRecipe', { oldRecipeId: id })}
                  />
                </Form.Item>
                {number('years', t('contents.years'), t('unit.years'))}
              </div>
            )}
            <div className={common.fields3}>
              {number('bed', t('contents.bed'), t('unit.cm'))}
              {number('collar', t('contents.collar'), t('unit.cm'))}
              {number('mound', t('contents.mound'), t('unit.cm'))}
            </div>
          </>
        )}
        <h3>{t('contents.wall')}</h3>
        <Segmented
          aria-label={t('contents.wall')}
          value={contents.wall}
          options={(['none', 'moss', 'old_soil'] as const).map((word) => ({
            value: word,
            label: t(`contents.wall.${word}`),
          }))}
          onChange={(wall) => set('wall', { wall })}
        />
        {contents.wall !== 'none' && (
          <div className={styles.fieldsLayer}>
            {contents.wall === 'moss' ? (
              <Form.Item
                label={t('contents.wallComponent')}
                help={problem?.at('contents.wall.component_id')}
                validateStatus={problem?.at('contents.wall.component_id') === undefined ? '' : 'error'}
              >
                <ComponentPicker
                  label={t('contents.wallComponent')}
                  kept={contents.wallComponent?.name}
                  onPick={({ id, name }) => set('wallComponent', { wallComponent: { id, name } })}
                />
              </Form.Item>
            ) : (
              <p className={common.quiet}>{t('contents.wall.old_soil')}</p>
            )}
            {number('wallCm', t('contents.wallCm'), t('unit.cm'))}
          </div>
        )}
        <h3>{t('contents.holeCover')}</h3>
        <ComponentPicker
          label={t('contents.holeCoverNone')}
          kept={contents.holeCover?.name}
          onClear={() => set('holeCover', { holeCover: null })}
          onPick={({ id, name }) => set('holeCover', { holeCover: { id, name } })}
        />
        <h3>{t('contents.dressing')}</h3>
        <ComponentPicker
          label={t('contents.dressingNone')}
          kept={contents.dressing?.name}
          onClear={() => set('dressing', { dressing: null })}
          onPick={({ id, name }) => set('dressing', { dressing: { id, name } })}
        />
        {number('objects', t('contents.objects'), 'L')}
        <p className={common.quiet}>{t('contents.layerHint')}</p>
      </Form>
    </Side>
  );
}
