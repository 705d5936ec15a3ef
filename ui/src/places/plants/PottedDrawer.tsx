import { Button, Checkbox, Form, Select } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { usePottedAlready } from '../../api/plants';
import { usePots } from '../../api/pots';
import { useRecipes } from '../../api/recipes';
import { isoDay } from '../../i18n/isoDay';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { FormDrawer } from '../../kit/forms/FormDrawer';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { RecordPicker } from '../../kit/pickers/RecordPicker';
import { WhichPot } from '../../kit/days/WhichPot';
import { HOWS, SOILS, TREATMENTS } from '../../kit/days/plans';
import common from '../../styles/common.module.css';

const SIZES = ['length_cm', 'width_cm', 'height_cm'] as const;

/** A potting that was done without a day: when, into what, with which ball and how high. */
export function PottedDrawer({ plant, close }: { plant: Schemas['Plant']; close: () => void }) {
  const { t } = useWords();
  const [on, setOn] = useState(() => isoDay());
  const [choosing, setChoosing] = useState(false);
  const [pot, setPot] = useState(plant.pot_id);
  const [recipe, setRecipe] = useState(plant.recipe_id);
  const [ball, setBall] = useState<Record<string, string>>({});
  const [soil, setSoil] = useState<Schemas['BallSoil']>('as_stood');
  const [treatment, setTreatment] = useState<Schemas['BallTreatment']>('teased');
  const [how, setHow] = useState<Schemas['PlantingHeight']['how']>('flush');
  const [cm, setCm] = useState('1');
  const [used, setUsed] = useState('');
  const [drawn, setDrawn] = useState(false);
  const [note, setNote] = useState('');
  const [why, setWhy] = useState('');
  const save = usePottedAlready(plant.id);
  const say = useUndoable();
  const problem = problemOf(save);
  const hasBall = SIZES.some((size) => (ball[size] ?? '').trim() !== '');
  const isWrong = (text: string) => typedNumber(text) === null;
  const wrong = {
    ball: hasBall && SIZES.some((size) => isWrong(ball[size] ?? '')),
    cm: how !== 'flush' && isWrong(cm),
    used: used.trim() !== '' && isWrong(used),
  };
  const submit = async () => {
    if (pot === null || recipe === null || wrong.ball || wrong.cm || wrong.used) {
      return;
    }
    const size = (name: (typeof SIZES)[number]) => typedNumber(ball[name] ?? '') ?? 0;
    await save.mutateAsync({
      on,
      pot_id: pot,
      recipe_id: recipe,
      drawn,
      plan: {
        ball: hasBall
          ? { length_cm: size('length_cm'), width_cm: size('width_cm'), height_cm: size('height_cm') }
          : null,
        ball_soil: soil,
        treatment,
        height: { how, cm: how === 'flush' ? 0 : (typedNumber(cm) ?? 0) },
        fixing: 'none',
      },
      actual: { note, ...(used.trim() === '' ? {} : { used_l: typedNumber(used) ?? 0 }) },
      ...(why === '' ? {} : { accepted: why }),
    });
    say(t('common.saved', { name: `${plant.number} ${plant.name}` }));
    close();
  };

  return (
    <FormDrawer
      title={`${t('plant.potted')}: ${plant.number} ${plant.name}`}
      size={620}
      close={close}
      save={submit}
      by={save}
      marked={Object.values(wrong).some(Boolean)}
      atFields
    >
      <div className={common.fields2}>
        <TextField label={t('potted.on')} type="date" value={on} error={problem?.at('on')} onChange={setOn} />
        <NumberField
          label={t('potted.used')}
          unit="L"
          value={used}
          hint={t('potted.usedHint')}
          error={wrong.used ? t('common.notNumber') : problem?.at('actual.used_l')}
          onChange={setUsed}
        />
        <Form.Item
          label={t('plants.field.pot')}
          extra={
            <Button size="small" onClick={() => setChoosing(true)}>
              {t('whichPot.title')}
            </Button>
          }
        >
          <RecordPicker label={t('plants.field.pot')} useList={usePots} value={pot} onPick={({ id }) => setPot(id)} />
        </Form.Item>
        <Form.Item label={t('plants.field.mix')}>
          <RecordPicker
            label={t('plants.field.mix')}
            useList={useRecipes}
            value={recipe}
            onPick={({ id }) => setRecipe(id)}
          />
        </Form.Item>
      </div>
      {choosing && (
        <WhichPot
          whose={{ plant: plant.id, recipe }}
          count={plant.count ?? 1}
          close={() => setChoosing(false)}
          take={({ id }) => {
            setPot(id);
            setChoosing(false);
          }}
        />
      )}
      <h3>{t('potted.ball')}</h3>
      <div className={common.fields3}>
        {SIZES.map((size) => (
          <NumberField
            key={size}
            label={t(`ball.${size}`)}
            unit={t('unit.cm')}
            value={ball[size] ?? ''}
            error={hasBall && isWrong(ball[size] ?? '') ? t('common.notNumber') : problem?.at(`plan.ball.${size}`)}
            onChange={(text) => setBall({ ...ball, [size]: text })}
          />
        ))}
      </div>
      <div className={common.fields2}>
        <Form.Item label={t('entry.soil')}>
          <Select
            aria-label={t('entry.soil')}
            value={soil}
            options={SOILS.map((value) => ({ value, label: t(`soil.${value}`) }))}
            onChange={setSoil}
          />
        </Form.Item>
        <Form.Item label={t('ball.treatment')}>
          <Select
            aria-label={t('ball.treatment')}
            value={treatment}
            options={TREATMENTS.map((value) => ({ value, label: t(`batch.gaps.${value}`) }))}
            onChange={setTreatment}
          />
        </Form.Item>
        <Form.Item label={t('entry.how')}>
          <Select
            aria-label={t('entry.how')}
            value={how}
            options={HOWS.map((value) => ({ value, label: t(`entry.how.${value}`) }))}
            onChange={setHow}
          />
        </Form.Item>
        {how !== 'flush' && (
          <NumberField
            label={t('entry.howCm')}
            unit={t('unit.cm')}
            value={cm}
            error={wrong.cm ? t('common.notNumber') : problem?.at('plan.height.cm')}
            onChange={setCm}
          />
        )}
      </div>
      <Form.Item>
        <Checkbox checked={drawn} onChange={(event) => setDrawn(event.target.checked)}>
          {t('potted.drawn')}
        </Checkbox>
      </Form.Item>
      <TextField label={t('field.note')} value={note} onChange={setNote} longest={1000} />
      {problem?.at('accepted') !== undefined && (
        <TextField
          label={t('potting.whyAnyway')}
          value={why}
          error={problem.at('accepted')}
          onChange={setWhy}
          longest={300}
        />
      )}
    </FormDrawer>
  );
}
