import { Button, Checkbox, Form, Select } from 'antd';
import { useNavigate } from 'react-router';

import { rules } from '../../../api/meta';
import type { ApiProblem, Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { useBlend } from '../state/BlendProvider';
import { SEASONS, type Situation } from '../state/situationState';
import { typedNumber } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import styles from './situation.module.css';
import { Side } from '../../../kit/overlays/Side';

const PURPOSES: Schemas['Purpose'][] = [
  'grow_on',
  'recover',
  'newly_collected',
  'layer',
  'stop_gap',
  'refine',
  'display',
];
const EXPOSURES: Schemas['Exposure'][] = ['full_sun', 'half_shade', 'shade', 'glass', 'indoors'];
const STANDS: Schemas['Stand'][] = ['bed', 'bench', 'wall'];
const FEEDS: Schemas['Feed'][] = ['none', 'usual', 'acid'];
const WINDS: Schemas['Wind'][] = ['still', 'usual', 'windy'];
const LEAVES: Schemas['Leaf'][] = ['needle', 'small', 'middling', 'large', 'fleshy', 'none'];
const SURFACES: Schemas['PotSurface'][] = ['bare', 'stone', 'moss'];
const METHODS: Schemas['WateringMethod'][] = ['can', 'hose', 'drip', 'dunk'];
const VIGOURS: Schemas['Vigour'][] = ['slow', 'middling', 'vigorous'];
/** Hours between visits that people say. */
export const HOURS = [8, 12, 24, 36, 48, 72, 96, 168, 336, 720];

/** What a plant is potted for, where it stands and how it is looked after. Everything has a sensible start. */
export function SituationDrawer({
  open,
  close,
  problem,
}: {
  open: boolean;
  close: () => void;
  problem: ApiProblem | undefined;
}) {
  const { t } = useWords();
  const navigate = useNavigate();
  const { history, dispatch } = useBlend();
  const { situation } = history.now;
  const set = (touches: string, change: Partial<Situation>) =>
    dispatch({ do: 'situation', touches, situation: change });
  const choice = <Word extends string>(
    label: string,
    value: Word | null,
    words: readonly Word[],
    say: (word: Word) => string,
    change: (word: Word | null) => void,
    none?: string,
  ) => (
    <Form.Item label={label}>
      <Select
        aria-label={label}
        value={value ?? ''}
        options={[
          ...(none === undefined ? [] : [{ value: '', label: none }]),
          ...words.map((word) => ({ value: word as string, label: say(word) })),
        ]}
        onChange={(word: string) => change(word === '' ? null : (word as Word))}
      />
    </Form.Item>
  );
  const number = (
    field:
      | 'canopyCm'
      | 'heightCm'
      | 'rootsCut'
      | 'weeksSince'
      | 'alkalinity'
      | 'rainShare'
      | 'feedWater'
      | 'feedMix'
      | 'plannedYears'
      | 'budget'
      | 'potsWanted'
      | 'tip',
    label: string,
    path: string,
    unit?: string,
    hint?: string,
  ) => (
    <NumberField
      label={label}
      value={situation[field]}
      {...(unit === undefined ? {} : { unit })}
      {...(hint === undefined ? {} : { hint })}
      error={
        situation[field].trim() !== '' && typedNumber(situation[field]) === null
          ? t('common.notNumber')
          : problem?.at(`situation.${path}`)
      }
      onChange={(text) => set(field, { [field]: text })}
    />
  );

  return (
    <Side
      open={open}
      onClose={close}
      title={t('blend.situation')}
      size={560}
      extra={<Button onClick={() => void navigate('/blend/library')}>{t('blend.library.edit')}</Button>}
    >
      <Form layout="vertical" className={styles.situationForm}>
        <h3>{t('situation.plant')}</h3>
        <div className={common.fields3}>
          {choice(
            t('situation.purpose'),
            situation.purpose,
            PURPOSES,
            (word) => t(`purpose.${word}`),
            (purpose) => set('purpose', { purpose: purpose ?? 'grow_on' }),
          )}
          {choice(
            t('situation.stage'),
            situation.stage,
            rules.stages,
            (word) => t(`stage.${word}`),
            (stage) => set('stage', { stage }),
            t('situation.stageNone'),
          )}
          {choice(
            t('situation.age'),
            situation.old ? 'old' : 'young',
            ['young', 'old'] as const,
            (word) => t(`situation.${word}`),
            (age) => set('old', { old: age === 'old' }),
          )}
          {choice(
            t('situation.leaf'),
            situation.leaf,
            LEAVES,
            (word) => t(`leaf.${word}`),
            (leaf) => set('leaf', { leaf }),
            t('situation.usual'),
          )}
          {choice(
            t('situation.vigour'),
            situation.vigour,
            VIGOURS,
            (word) => t(`vigour.${word}`),
            (vigour) => set('vigour', { vigour }),
            t('situation.usual'),
          )}
          {number('canopyCm', t('situation.canopy'), 'canopy_cm', t('unit.cm'), t('situation.canopyHint'))}
          {number('heightCm', t('situation.height'), 'height_cm', t('unit.cm'), t('situation.heightHint'))}
          {number('rootsCut', t('situation.rootsCut'), 'roots_cut_share', t('unit.percent'))}
          {number('weeksSince', t('situation.weeksSince'), 'weeks_since', t('unit.weeks'))}
        </div>
        <h3>{t('situation.place')}</h3>
        <div className={common.fields3}>
          {choice(
            t('situation.exposure'),
            situation.exposure,
            EXPOSURES,
            (word) => t(`exposure.${word}`),
            (exposure) => set('exposure', { exposure: exposure ?? 'full_sun' }),
          )}
          {choice(
            t('situation.stand'),
            situation.stand,
            STANDS,
            (word) => t(`stand.${word}`),
            (stand) => set('stand', { stand: stand ?? 'bench' }),
          )}
          {choice(
            t('situation.wind'),
            situation.wind,
            WINDS,
            (word) => t(`wind.${word}`),
            (wind) => set('wind', { wind: wind ?? 'usual' }),
          )}
          {choice(
            t('situation.surface'),
            situation.surface,
            SURFACES,
            (word) => t(`surface.${word}`),
            (surface) => set('surface', { surface: surface ?? 'bare' }),
          )}
        </div>
        <Checkbox
          checked={situation.rainReaches}
          onChange={(event) => set('rain', { rainReaches: event.target.checked })}
        >
          {t('situation.rain')}
        </Checkbox>
        <Checkbox
          checked={situation.winterShelter}
          onChange={(event) => set('shelter', { winterShelter: event.target.checked })}
        >
          {t('situation.winterShelter')}
        </Checkbox>
        {number('alkalinity', t('situation.water'), 'alkalinity_mg_l', t('unit.mg'), t('situation.waterHint'))}
        {number('rainShare', t('situation.rainShare'), 'rain_share', t('unit.percent'), t('situation.rainShareHint'))}
        <h3>{t('situation.care')}</h3>
        <p>{t('situation.habit')}</p>
        <div className={styles.fieldsSeasons}>
          {SEASONS.map((season) => (
            <Form.Item key={season} label={t(`season.${season}`)}>
              <Select
                aria-label={t(`season.${season}`)}
                value={situation.hours[season]}
                popupMatchSelectWidth={false}
                options={[...new Set([...HOURS, situation.hours[season]])]
                  .sort((a, b) => a - b)
                  .map((hours) => ({ value: hours, label: t('habit.hours', { hours: String(hours) }) }))}
                onChange={(hours) => set('hours', { hours: { ...situation.hours, [season]: hours } })}
              />
            </Form.Item>
          ))}
        </div>
        {choice(
          t('situation.method'),
          situation.method,
          METHODS,
          (word) => t(`method.${word}`),
          (method) => set('method', { method: method ?? 'can' }),
        )}
        <div className={common.fields3}>
          {choice(
            t('situation.feed'),
            situation.feed,
            FEEDS,
            (word) => t(`feed.${word}`),
            (feed) => set('feed', { feed: feed ?? 'usual' }),
          )}
          {number(
            'feedWater',
            t('situation.feedWater'),
            'feed_acidity_mg_l',
            t('unit.mg'),
            t('situation.feedWaterHint'),
          )}
          {number('feedMix', t('situation.feedMix'), 'feed_acidity_mmol_l_year', undefined, t('situation.feedMixHint'))}
        </div>
        <h3>{t('situation.plan')}</h3>
        <div className={common.fields4}>
          {number('plannedYears', t('situation.years'), 'planned_years', t('unit.years'), t('situation.yearsHint'))}
          {number('budget', t('situation.budget'), 'budget')}
          {number('potsWanted', t('situation.pots'), 'pots_wanted')}
          {number('tip', t('situation.tip'), 'tip_deg', t('unit.degrees'))}
        </div>
      </Form>
    </Side>
  );
}
