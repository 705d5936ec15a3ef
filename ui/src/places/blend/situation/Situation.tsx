import { Button, Form } from 'antd';
import { type Dispatch, memo, useCallback, useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';

import { later } from '../../../kit/later';
import type { ApiProblem, Schemas } from '../../../api/client';
import { usePots } from '../../../api/pots';
import { useSites } from '../../../api/situations';
import { PotOutline } from '../../../drawing/PotOutline';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { useBlend } from '../state/BlendProvider';
import type { Action } from '../state/blendState';
import type { Mix } from '../state/mix';
import { questionOf } from '../state/question';
import { ComponentPicker } from '../../../kit/pickers/ComponentPicker';
import { SpeciesPicker } from '../../../kit/pickers/SpeciesPicker';
import { typedNumber } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import styles from './situation.module.css';
import { RecordPicker } from '../../../kit/pickers/RecordPicker';

const ContentsDrawer = later(() => import('./ContentsDrawer').then(({ ContentsDrawer }) => ContentsDrawer));
const WhichPot = later(() => import('../../../kit/days/WhichPot').then(({ WhichPot }) => WhichPot));
const SituationDrawer = later(() => import('./SituationDrawer').then(({ SituationDrawer }) => SituationDrawer));

/** For which plant, in which pot, on which site: three choices, made first; the rest has a sensible start. */
export function Situation({ problem }: { problem: ApiProblem | undefined }) {
  const { history, dispatch } = useBlend();
  const { group, potId, situation } = history.now;
  const [more, setMore] = useState(false);
  const [asking, setAsking] = useState<Schemas['EvaluationInput'] | null>(null);
  const openMore = useCallback(() => setMore(true), []);
  const mix = useRef(history.now);
  useEffect(() => {
    mix.current = history.now;
  }, [history.now]);
  const openWhich = useCallback(() => setAsking(questionOf(mix.current)), []);

  return (
    <>
      <ThreeChoices
        group={group}
        speciesId={situation.speciesId}
        potId={potId}
        siteId={situation.siteId}
        potWrong={problem?.at('pot_id')}
        wrong={problem?.errors.find((error) => error.path.startsWith('situation'))?.message}
        dispatch={dispatch}
        more={openMore}
        which={openWhich}
        hasMix={history.now.rows.length > 0}
      />
      {more && <SituationDrawer open close={() => setMore(false)} problem={problem} />}
      {asking !== null && (
        <WhichPot
          whose={{ question: asking }}
          count={asking.situation?.pots_wanted ?? 1}
          close={() => setAsking(null)}
          take={({ id }) => {
            setAsking(null);
            dispatch({ do: 'change', touches: 'pot', mix: { potId: id, potChange: null } });
          }}
        />
      )}
    </>
  );
}

interface ChoiceProps {
  group: Mix['group'];
  speciesId: number | null;
  potId: number | null;
  siteId: number | null;
  potWrong: string | undefined;
  wrong: string | undefined;
  dispatch: Dispatch<Action>;
  more: () => void;
  which: () => void;
  /** Whether there is a mix to ask it for. */
  hasMix: boolean;
}

/** Drawn anew only where one of them changes: typing parts goes by it. */
const ThreeChoices = memo(function ThreeChoices(props: ChoiceProps) {
  const { group, speciesId, potId, siteId, potWrong, wrong, dispatch, more, which, hasMix } = props;
  const { t, q } = useWords();
  const pots = usePots({ per_page: 1 });
  const sites = useSites({ per_page: 1, sort: 'id' });
  const firstPot = pots.data?.data[0]?.id;
  // the first that was set up is the yard itself
  const firstSite = sites.data?.data[0]?.id;
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

  return (
    <Form layout="vertical" className={styles.situation}>
      <Form.Item label={t('blend.plant')}>
        <SpeciesPicker
          group={group}
          speciesId={speciesId}
          onPick={(picked, id) => dispatch({ do: 'plant', group: picked, speciesId: id })}
        />
      </Form.Item>
      <Form.Item label={t('blend.pot')} validateStatus={potWrong === undefined ? '' : 'error'} help={potWrong}>
        {pots.data?.total === 0 ? (
          <p>
            {t('blend.noPots')} <Link to="/pots?new=1">{t('blend.addPot')}</Link>
          </p>
        ) : (
          <RecordPicker
            label={t('blend.pot')}
            placeholder={t('blend.potPick')}
            useList={usePots}
            value={potId}
            {...(hasMix ? { ask: { label: t('whichPot.title'), pick: which } } : {})}
            look={(pot) => (
              <>
                <PotOutline outline={pot.outline} width={36} height={24} />
                <span>{pot.name}</span>
                <small>{q(pot.volume_l, 'L')}</small>
              </>
            )}
            onPick={({ id }) => dispatch({ do: 'change', touches: 'pot', mix: { potId: id, potChange: null } })}
          />
        )}
      </Form.Item>
      <Form.Item label={t('blend.site')}>
        <RecordPicker
          label={t('blend.site')}
          useList={useSites}
          value={siteId}
          none={{
            label: t('blend.noSite'),
            pick: () => dispatch({ do: 'situation', touches: 'site', situation: { siteId: null } }),
          }}
          onPick={({ id }) => dispatch({ do: 'situation', touches: 'site', situation: { siteId: id } })}
        />
      </Form.Item>
      <Form.Item label={t('blend.situation')} validateStatus={wrong === undefined ? '' : 'error'} help={wrong}>
        <Button block className={styles.situationMore} onClick={more}>
          {t('blend.situationMore')}
        </Button>
      </Form.Item>
    </Form>
  );
});

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
  const { history, dispatch } = useBlend();
  const { headspace, dressing, tree, layer } = history.now;

  return (
    <>
      <SetupFields
        headspace={headspace}
        dressing={dressing}
        tree={tree}
        layer={layer}
        problem={problem}
        dispatch={dispatch}
        setContentsOpen={setContentsOpen}
      />
      {contentsOpen && <ContentsDrawer open close={() => setContentsOpen(false)} problem={problem} />}
    </>
  );
}

interface SetupProps extends Pick<Mix, 'headspace' | 'dressing' | 'tree' | 'layer'> {
  problem: ApiProblem | undefined;
  dispatch: Dispatch<Action>;
  setContentsOpen: (open: boolean) => void;
}

const SetupFields = memo(function SetupFields({ layer, problem, dispatch, setContentsOpen, ...mix }: SetupProps) {
  const { t } = useWords();
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
      <div className={common.fields3}>
        {number('headspace', 'headspace_cm', 'unit.cm')}
        {number('dressing', 'top_dressing_cm', 'unit.cm')}
        {number('tree', 'tree_weight_kg', 'unit.kg')}
      </div>
      <div className={styles.fieldsLayer}>
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
        <p className={common.fieldError} role="alert">
          {contentsProblem}
        </p>
      )}
    </Form>
  );
});
