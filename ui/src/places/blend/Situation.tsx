import { Form, Select } from 'antd';
import { useEffect } from 'react';
import { Link } from 'react-router';

import type { ApiProblem, Schemas } from '../../api/client';
import { usePots } from '../../api/queries';
import { PotOutline } from '../../drawing/PotOutline';
import { typedNumber, useWords } from '../../i18n/words';
import { NumberField } from '../common/NumberField';
import { useBlend } from './BlendProvider';
import type { Mix } from './blendState';
import { ComponentPicker } from './ComponentPicker';

const GROUPS: Schemas['PlantGroup'][] = [
  'airy_conifers',
  'thirsty_conifers',
  'broadleaf_deciduous',
  'broadleaf_evergreen',
  'fruiting_flowering',
  'acid_lovers',
  'mediterranean',
  'tropical_evergreen',
  'tropical_dry_season',
  'desert',
  'seedlings',
];

/** For which plants and in which pot: two choices, made first. */
export function Situation({ problem }: { problem: ApiProblem | undefined }) {
  const { t, n } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const pots = usePots({ per_page: 200 });
  const firstPot = pots.data?.data[0]?.id;
  useEffect(() => {
    if (firstPot !== undefined) {
      dispatch({ do: 'firstPot', potId: firstPot });
    }
  }, [firstPot, dispatch]);

  return (
    <Form layout="vertical" className="situation">
      <Form.Item label={t('blend.group')}>
        <Select
          aria-label={t('blend.group')}
          value={mix.group}
          options={GROUPS.map((group) => ({ value: group, label: t(`group.${group}`) }))}
          onChange={(group) => dispatch({ do: 'change', touches: 'group', mix: { group } })}
        />
      </Form.Item>
      <Form.Item
        label={t('blend.pot')}
        validateStatus={problem?.at('pot_id') === undefined ? '' : 'error'}
        help={problem?.at('pot_id')}
      >
        {pots.data?.total === 0 ? (
          <p>
            {t('blend.noPots')} <Link to="/pots?new=1">{t('blend.addPot')}</Link>
          </p>
        ) : (
          <Select
            aria-label={t('blend.pot')}
            placeholder={t('blend.potPick')}
            value={mix.potId}
            showSearch={{ optionFilterProp: 'label' }}
            options={(pots.data?.data ?? []).map((pot) => ({ value: pot.id, label: pot.name, pot }))}
            optionRender={({ data }) => (
              <span className="picker-option">
                <PotOutline outline={data.pot.outline} width={36} height={24} />
                <span>{data.pot.name}</span>
                <small>{n(data.pot.volume_l, 2)} L</small>
              </span>
            )}
            onChange={(potId) => dispatch({ do: 'change', touches: 'pot', mix: { potId } })}
          />
        )}
      </Form.Item>
    </Form>
  );
}

/** Free rim, top dressing, plant and drainage layer: all have a sensible start. */
export function PotSetup({ problem }: { problem: ApiProblem | undefined }) {
  const { t } = useWords();
  const { history, dispatch } = useBlend();
  const { layer, ...mix } = history.now;
  const number = (field: 'headspace' | 'dressing' | 'tree', path: string, unit: 'unit.cm' | 'unit.kg') => (
    <NumberField
      label={t(`blend.${field}`)}
      unit={t(unit)}
      value={mix[field]}
      error={typedNumber(mix[field]) === null ? t('common.notNumber') : problem?.at(path)}
      onChange={(text) => dispatch({ do: 'change', touches: field, mix: { [field]: text } satisfies Partial<Mix> })}
    />
  );
  const layerProblem = problem?.at('drainage_layer.component_id');

  return (
    <Form layout="vertical" className="pot-setup">
      <div className="fields-3">
        {number('headspace', 'headspace_cm', 'unit.cm')}
        {number('dressing', 'top_dressing_cm', 'unit.cm')}
        {number('tree', 'tree_weight_kg', 'unit.kg')}
      </div>
      <div className="fields-layer">
        <Form.Item
          label={t('blend.layer')}
          validateStatus={layerProblem === undefined ? '' : 'error'}
          help={layerProblem}
        >
          <ComponentPicker
            label={t('blend.layerNone')}
            kept={layer?.name}
            onClear={() => dispatch({ do: 'change', touches: 'layer', mix: { layer: null } })}
            onPick={({ id, name, kind, colour }) =>
              dispatch({
                do: 'change',
                touches: 'layer',
                mix: { layer: { componentId: id, name, kind, colour, thickness: layer?.thickness ?? '1.5' } },
              })
            }
          />
        </Form.Item>
        {layer !== null && (
          <NumberField
            label={t('blend.layerThickness')}
            unit={t('unit.cm')}
            value={layer.thickness}
            error={
              typedNumber(layer.thickness) === null ? t('common.notNumber') : problem?.at('drainage_layer.thickness_cm')
            }
            onChange={(thickness) =>
              dispatch({ do: 'change', touches: 'thickness', mix: { layer: { ...layer, thickness } } })
            }
          />
        )}
      </div>
    </Form>
  );
}
