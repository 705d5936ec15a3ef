import { Button, Form, Input, Select } from 'antd';
import { useId, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';

import { rules } from '../../../api/meta';
import { answerOf, api, problemOf, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { useSaveBatch } from '../../../api/batches';
import { useVessels } from '../../../api/bench';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { TextField } from '../../../kit/fields/TextField';
import { BatchFigures } from './BatchFigures';
import { type Gaps, keepOrder, keptOrder, type Order, orderOf } from './order';
import { useBlend } from '../state/BlendProvider';
import { plain, typedNumber } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import { Side } from '../../../kit/overlays/Side';
import { DoButton } from '../../../kit/people/DoButton';

const ask = async (body: Schemas['BatchPlanInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/batches/plan', { body, signal }));

/** From the mix to what is measured out: number of pots, what of the root ball stays, the tub and the scoop at hand. */
export function BatchDrawer({
  question,
  potName,
  close,
}: {
  question: Schemas['EvaluationInput'];
  potName: string;
  close: () => void;
}) {
  const { t } = useWords();
  const { history } = useBlend();
  const { recipeId, recipeName } = history.now;
  const [order, setOrder] = useState<Order>(keptOrder);
  const [name, setName] = useState(
    t('batch.defaultName', { recipe: recipeName === '' ? t('blend.newMix') : recipeName, pot: potName }),
  );
  const [note, setNote] = useState('');
  const nameId = useId();
  const isFilled = question.contents != null;
  const [lots, setLots] = useState<Record<number, number>>({});
  const vessels = useVessels();
  const body = useMemo<Schemas['BatchPlanInput'] | null>(() => {
    // what stands in the pot was set in Blend already: it is not asked for twice
    const asked = orderOf(isFilled ? { ...order, ball: '0', gaps: 'untouched', objects: '0' } : order);
    const parts = question.parts.map((part) => {
      const lot = lots[part.component_id];
      return lot === undefined ? part : { ...part, lot_id: lot };
    });
    return asked === null ? null : { ...question, parts, order: asked };
  }, [question, order, lots, isFilled]);
  const { data, fresh, problem } = useLastGood('plan', body, ask);
  const save = useSaveBatch();
  const navigate = useNavigate();
  const saveProblem = problemOf(save);

  const change = (changed: Partial<Order>) => {
    const next = { ...order, ...changed };
    setOrder(next);
    keepOrder(next);
  };
  const field = (key: Exclude<keyof Order, 'gaps'>, path: string, unit?: string, hint?: string) => (
    <NumberField
      label={t(`batch.${key}`)}
      value={order[key]}
      error={typedNumber(order[key]) === null ? t('common.notNumber') : problem?.at(`order.${path}`)}
      onChange={(text) => change({ [key]: text })}
      {...(unit === undefined ? {} : { unit })}
      {...(hint === undefined ? {} : { hint })}
    />
  );
  const submit = async () => {
    if (body === null) {
      return;
    }
    const batch = await save.mutateAsync({ ...body, name, note, recipe_id: recipeId });
    await navigate(`/log/${batch.id}`);
  };

  return (
    <Side
      open
      size={760}
      title={t('batch.title')}
      onClose={close}
      footer={
        <DoButton
          type="primary"
          size="large"
          block
          disabled={body === null || !fresh}
          loading={save.isPending}
          onClick={() => void submit().catch(() => undefined)}
        >
          {t('batch.saveAndPrint')}
        </DoButton>
      }
    >
      <Form layout="vertical" className="batch-form">
        <div className={common.fields3}>
          {field('pots', 'pots')}
          {!isFilled && field('ball', 'ball_share', t('unit.percent'))}
          {!isFilled && (
            <Form.Item label={t('batch.gaps')}>
              <Select
                aria-label={t('batch.gaps')}
                value={order.gaps}
                options={(Object.keys(rules.gap_shares) as Gaps[]).map((gaps) => ({
                  value: gaps,
                  label: t(`batch.gaps.${gaps}`),
                }))}
                onChange={(gaps) => change({ gaps })}
              />
            </Form.Item>
          )}
          {isFilled && <p className={common.quiet}>{t('batch.filled')}</p>}
        </div>
        <div className={common.fields4}>
          {field('spare', 'spare', t('unit.percent'))}
          {field('tub', 'tub_l', t('unit.L'))}
          {field('scoop', 'scoop_l', t('unit.L'))}
          {!isFilled && field('objects', 'objects_l', t('unit.L'))}
        </div>
        <VesselChoice vessels={vessels.data?.data ?? []} choose={(key, litres) => change({ [key]: plain(litres) })} />
        {problem !== undefined && !problem.errors.some((error) => error.path.startsWith('order.')) && (
          <p className={common.fieldError} role="alert">
            {problem.message}
          </p>
        )}
        {data !== undefined && (
          <BatchFigures
            plan={data}
            pots={typedNumber(order.pots) ?? 0}
            fresh={fresh}
            lots={lots}
            setLot={(componentId, lot) =>
              setLots(
                lot === null
                  ? Object.fromEntries(Object.entries(lots).filter(([id]) => Number(id) !== componentId))
                  : { ...lots, [componentId]: lot },
              )
            }
          />
        )}
        <Form.Item
          label={t('batch.name')}
          htmlFor={nameId}
          validateStatus={saveProblem?.at('name') === undefined ? '' : 'error'}
          help={saveProblem?.at('name')}
        >
          <Input id={nameId} value={name} onChange={(event) => setName(event.target.value)} />
        </Form.Item>
        <TextField label={t('batch.note')} value={note} onChange={setNote} />
        {save.error !== null && saveProblem?.at('name') === undefined && (
          <p className={common.fieldError} role="alert">
            {saveProblem?.message ?? t('problem.offline')}
          </p>
        )}
      </Form>
    </Side>
  );
}

/** Scoops and tubs of one's own: one tap instead of typing what they hold. */
function VesselChoice({
  vessels,
  choose,
}: {
  vessels: Schemas['Vessel'][];
  choose: (key: 'scoop' | 'tub', litres: number) => void;
}) {
  const { q } = useWords();
  if (vessels.length === 0) {
    return null;
  }
  return (
    <p className={common.vesselChoice}>
      {vessels.map((vessel) => (
        <Button key={vessel.id} size="small" onClick={() => choose(vessel.kind, vessel.volume_l)}>
          {vessel.name} {q(vessel.volume_l, 'L')}
        </Button>
      ))}
    </p>
  );
}
