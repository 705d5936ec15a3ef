import { Form, Segmented, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { useStartTest } from '../../api/bench';
import { useComponents, useLots } from '../../api/components';
import { usePots } from '../../api/pots';
import { useRecipes } from '../../api/recipes';
import { Trouble } from '../../kit/forms/Trouble';
import { useWords } from '../../i18n/words';
import { TextField } from '../../kit/fields/TextField';
import { durationText } from './duration';
import common from '../../styles/common.module.css';
import styles from './bench.module.css';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { Side } from '../../kit/overlays/Side';
import { DoButton } from '../../kit/people/DoButton';

const PERSON_KEPT_AS = 'zolbek.person';

interface Props {
  plan: Schemas['BenchPlan'];
  componentId: number | null;
  lotId: number | null;
  recipeId: number | null;
  close: () => void;
}

/** What is tested, with what, and how long it will take: said before anybody gets wet hands. */
export function StartTest({ plan, componentId, lotId, recipeId, close }: Props) {
  const { t } = useWords();
  const [isMix, setMix] = useState(!plan.suits_component || (recipeId !== null && plan.suits_mix));
  const [component, setComponent] = useState(componentId);
  const [lot, setLot] = useState(lotId);
  const [recipe, setRecipe] = useState(recipeId);
  const [pot, setPot] = useState<number | null>(null);
  const [person, setPerson] = useState(() => localStorage.getItem(PERSON_KEPT_AS) ?? '');
  const lots = useLots(component);
  const start = useStartTest();
  const navigate = useNavigate();
  const needsPot = plan.kind === 'run_through';

  const submit = async () => {
    localStorage.setItem(PERSON_KEPT_AS, person);
    const test = await start.mutateAsync({
      kind: plan.kind,
      person,
      pot_id: pot,
      ...(isMix ? { recipe_id: recipe } : lot !== null ? { lot_id: lot } : { component_id: component }),
    });
    await navigate(`/bench/tests/${test.id}`);
  };

  return (
    <Side
      open
      size={460}
      title={t(`bench.kind.${plan.kind}`)}
      onClose={close}
      footer={
        <DoButton
          be="helper"
          type="primary"
          size="large"
          block
          disabled={isMix ? recipe === null : component === null}
          loading={start.isPending}
          onClick={() => void submit().catch(() => undefined)}
        >
          {t('bench.start')}
        </DoButton>
      }
    >
      <Form layout="vertical" className={styles.benchStart}>
        <p>{t(`bench.why.${plan.kind}`)}</p>
        <p>
          <strong>{t('bench.minutes', { minutes: plan.minutes })}</strong>
          {plan.wait_minutes > 0 && `, ${t('bench.wait', { wait: durationText(plan.wait_minutes) })}`}
        </p>
        <h3>{t('bench.needs')}</h3>
        <ul className={styles.benchTools}>
          {plan.tools.map((tool) => (
            <li key={tool}>{t(`tool.${tool}`)}</li>
          ))}
        </ul>
        {plan.cautions.map((caution) => (
          <p key={caution} className={common.mind}>
            {t(`caution.${caution}`)}
          </p>
        ))}
        <h3>{t('bench.subject')}</h3>
        {plan.suits_component && plan.suits_mix && (
          <Segmented
            block
            value={isMix ? 'mix' : 'component'}
            options={[
              { value: 'component', label: t('bench.subjectComponent') },
              { value: 'mix', label: t('bench.subjectMix') },
            ]}
            onChange={(value) => setMix(value === 'mix')}
          />
        )}
        {isMix ? (
          <Form.Item label={t('bench.recipe')}>
            <RecordPicker
              label={t('bench.recipe')}
              useList={useRecipes}
              value={recipe}
              onPick={({ id }) => setRecipe(id)}
            />
          </Form.Item>
        ) : (
          <>
            <Form.Item label={t('bench.component')}>
              <RecordPicker
                label={t('bench.component')}
                useList={useComponents}
                value={component}
                onPick={({ id }) => {
                  setComponent(id);
                  setLot(null);
                }}
              />
            </Form.Item>
            {(lots.data?.data.length ?? 0) > 0 && (
              <Form.Item label={t('bench.lot')}>
                <Select
                  aria-label={t('bench.lot')}
                  value={lot}
                  options={[
                    { value: null, label: t('bench.lotAny') },
                    ...(lots.data?.data ?? []).map((each) => ({ value: each.id, label: each.name })),
                  ]}
                  onChange={setLot}
                />
              </Form.Item>
            )}
          </>
        )}
        {needsPot && (
          <Form.Item label={t('bench.pot')}>
            <RecordPicker
              label={t('bench.pot')}
              useList={usePots}
              value={pot}
              none={{ label: t('common.none'), pick: () => setPot(null) }}
              onPick={({ id }) => setPot(id)}
            />
          </Form.Item>
        )}
        <TextField label={t('bench.person')} value={person} onChange={setPerson} longest={60} />
        <Trouble line error={start.error} />
      </Form>
    </Side>
  );
}
