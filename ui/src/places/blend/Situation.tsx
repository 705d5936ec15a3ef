import { Button, Form, Select } from 'antd';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';

import type { ApiProblem } from '../../api/client';
import { usePots } from '../../api/queries';
import { useSites } from '../../api/situation';
import { PotOutline } from '../../drawing/PotOutline';
import { typedNumber, useWords } from '../../i18n/words';
import { NumberField } from '../common/NumberField';
import { useBlend } from './BlendProvider';
import type { Mix } from './blendState';
import { ComponentPicker } from './ComponentPicker';
import { ContentsDrawer } from './ContentsDrawer';
import { PlantPicker } from './PlantPicker';
import { SituationDrawer } from './SituationDrawer';

/** For which plant, in which pot, on which site: three choices, made first; the rest has a sensible start. */
export function Situation({ problem }: { problem: ApiProblem | undefined }) {
  const { t, n } = useWords();
  const { history, dispatch } = useBlend();
  const mix = history.now;
  const pots = usePots({ per_page: 200 });
  const sites = useSites({ per_page: 200 });
  const [more, setMore] = useState(false);
  const firstPot = pots.data?.data[0]?.id;
  // the first that was set up is the yard itself
  const firstSite = sites.data?.data.map((site) => site.id).sort((a, b) => a - b)[0];
  useEffect(() => {
    if (firstPot !== undefined) {
      dispatch({ do: 'firstPot', potId: firstPot });
    }
  }, [firstPot, dispatch]);
  useEffect(() => {
    if (firstSite !== undefined) {
      dispatch({ do: 'firstSite', siteId: firstSite });
    }
  }, [firstSite, dispatch]);
  const wrong = problem?.errors.find((error) => error.path.startsWith('situation'))?.message;

  return (
    <Form layout="vertical" className="situation">
      <Form.Item label={t('blend.plant')}>
        <PlantPicker
          group={mix.group}
          speciesId={mix.situation.speciesId}
          onPick={(group, speciesId) =>
            dispatch({
              do: 'change',
              touches: 'group',
              mix: { group, situation: { ...mix.situation, speciesId } },
            })
          }
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
            onChange={(potId) => dispatch({ do: 'change', touches: 'pot', mix: { potId, potChange: null } })}
          />
        )}
      </Form.Item>
      <Form.Item label={t('blend.site')}>
        <Select
          aria-label={t('blend.site')}
          placeholder={t('blend.noSite')}
          value={mix.situation.siteId}
          allowClear
          showSearch={{ optionFilterProp: 'label' }}
          options={(sites.data?.data ?? []).map((site) => ({ value: site.id, label: site.name }))}
          onChange={(siteId: number | undefined) =>
            dispatch({ do: 'situation', touches: 'site', situation: { siteId: siteId ?? null } })
          }
        />
      </Form.Item>
      <Form.Item label={t('blend.situation')} validateStatus={wrong === undefined ? '' : 'error'} help={wrong}>
        <Button block className="situation-more" onClick={() => setMore(true)}>
          {t('blend.situationMore')}
        </Button>
      </Form.Item>
      <SituationDrawer open={more} close={() => setMore(false)} problem={problem} />
    </Form>
  );
}

/** Free rim, top dressing, plant and drainage layer, and what else is in the pot: all have a sensible start. */
export function PotSetup({
  problem,
  contentsOpen,
  setContentsOpen,
}: {
  problem: ApiProblem | undefined;
  contentsOpen: boolean;
  setContentsOpen: (open: boolean) => void;
}) {
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
  const contentsProblem = problem?.errors.find((error) => error.path.startsWith('contents'))?.message;

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
      <Button onClick={() => setContentsOpen(true)}>{t('blend.contentsMore')}</Button>
      {contentsProblem !== undefined && (
        <p className="field-error" role="alert">
          {contentsProblem}
        </p>
      )}
      <ContentsDrawer open={contentsOpen} close={() => setContentsOpen(false)} problem={problem} />
    </Form>
  );
}
