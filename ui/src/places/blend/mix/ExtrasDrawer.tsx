import { Button, Form } from 'antd';
import { useMemo, useState } from 'react';

import { answerOf, api, type Schemas } from '../../../api/client';
import { rules } from '../../../api/meta';
import { useLastGood } from '../../../api/lastGood';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { TextField } from '../../../kit/fields/TextField';
import { ComponentPicker } from '../../../kit/pickers/ComponentPicker';
import { typedNumber } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import styles from './mix.module.css';
import { Side } from '../../../kit/overlays/Side';

interface Line {
  id: string;
  label: string;
  pots: string;
  handfuls: string;
  component: { id: number; name: string } | null;
}

const ask = async (body: Schemas['ExtrasInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/writing/extras', { body, signal }));

/** One load for the day, and a handful of something for this plant or that. */
export function ExtrasDrawer({
  question,
  open,
  close,
}: {
  question: Schemas['EvaluationInput'] | null;
  open: boolean;
  close: () => void;
}) {
  const { t, percent, q } = useWords();
  const [plain, setPlain] = useState('6');
  const [lines, setLines] = useState<Line[]>(() => [
    { id: crypto.randomUUID(), label: t('extras.forDefault'), pots: '2', handfuls: '1', component: null },
  ]);
  const change = (id: string, what: Partial<Line>) =>
    setLines(lines.map((line) => (line.id === id ? { ...line, ...what } : line)));
  const asked = useMemo((): Schemas['ExtrasInput'] | null => {
    const pots = typedNumber(plain);
    const extras = lines
      .filter((line) => line.component !== null)
      .map((line) => ({
        label: line.label,
        pots: typedNumber(line.pots) ?? Number.NaN,
        handfuls: typedNumber(line.handfuls) ?? Number.NaN,
        component_id: line.component?.id ?? 0,
      }));

    return !open ||
      question === null ||
      pots === null ||
      extras.length === 0 ||
      extras.some((line) => Number.isNaN(line.pots + line.handfuls))
      ? null
      : { ...question, plain_pots: pots, extras };
  }, [open, question, plain, lines]);
  const { data, fresh, problem } = useLastGood('extras', asked, ask);

  return (
    <Side guarded open={open} onClose={close} title={t('extras.title')} size={600}>
      <p className={common.quiet}>{t('extras.text')}</p>
      <Form layout="vertical">
        <NumberField
          label={t('extras.plain')}
          value={plain}
          error={typedNumber(plain) === null ? t('common.notNumber') : problem?.at('plain_pots')}
          onChange={setPlain}
        />
        {lines.map((line, i) => (
          <div key={line.id} className={styles.fieldsExtra}>
            <TextField
              label={t('extras.for')}
              value={line.label}
              error={problem?.at(`extras.${i}.label`)}
              onChange={(label) => change(line.id, { label })}
            />
            <NumberField
              label={t('extras.pots')}
              value={line.pots}
              error={typedNumber(line.pots) === null ? t('common.notNumber') : problem?.at(`extras.${i}.pots`)}
              onChange={(pots) => change(line.id, { pots })}
            />
            <Form.Item label={t('extras.component')}>
              <ComponentPicker
                label={t('extras.component')}
                kept={line.component?.name}
                onPick={({ id, name }) => change(line.id, { component: { id, name } })}
              />
            </Form.Item>
            <NumberField
              label={t('extras.handfuls')}
              hint={t('extras.handfulHint', { litres: q(rules.handful_l, 'L') })}
              value={line.handfuls}
              error={
                typedNumber(line.handfuls) === null
                  ? t('common.notNumber')
                  : (problem?.at(`extras.${i}.handfuls`) ?? problem?.at(`extras.${i}.litres`))
              }
              onChange={(handfuls) => change(line.id, { handfuls })}
            />
            <Button
              type="text"
              className={styles.extraRemove}
              aria-label={t('extras.remove')}
              onClick={() => setLines(lines.filter((each) => each.id !== line.id))}
            >
              ×
            </Button>
          </div>
        ))}
        <Button
          onClick={() =>
            setLines([
              ...lines,
              { id: crypto.randomUUID(), label: t('extras.forDefault'), pots: '1', handfuls: '1', component: null },
            ])
          }
        >
          {t('extras.add')}
        </Button>
      </Form>
      {data !== undefined && (
        <section
          className={fresh ? styles.tubAnswer : `${styles.tubAnswer} ${common.notFresh}`}
          aria-label={t('extras.title')}
          aria-busy={!fresh}
        >
          <p className={styles.bigFigure}>
            {t('extras.base', { litres: q(data.base_l, 'L'), each: q(data.base_per_pot_l, 'L') })}
          </p>
          {data.variants.map((variant) => (
            <p key={`${variant.label} ${variant.component_name}`}>
              {t('extras.line', {
                label: variant.label,
                base: q(variant.base_l, 'L'),
                extra: q(variant.litres, 'L'),
                name: variant.component_name,
                share: percent(variant.share),
                air: percent(variant.air ?? 0, 1),
                airBase: percent(data.air ?? 0, 1),
              })}
            </p>
          ))}
          {data.extras.map((extra) => (
            <p key={extra.name}>
              {t('extras.need', { litres: q(extra.litres, 'L'), name: extra.name, stock: q(extra.stock_l, 'L') })}
            </p>
          ))}
          <p className={common.quiet}>{t('extras.hint')}</p>
        </section>
      )}
    </Side>
  );
}
