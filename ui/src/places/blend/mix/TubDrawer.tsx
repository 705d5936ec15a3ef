import { Drawer, Form } from 'antd';
import { useMemo, useState } from 'react';

import { rules } from '../../../api/meta';
import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood } from '../../../api/lastGood';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { useBlend } from '../state/BlendProvider';
import { amountOf } from '../state/mix';
import { ComponentPicker } from '../../../kit/pickers/ComponentPicker';
import { typedNumber } from '../../../i18n/numbers';
import styles from './mix.module.css';
import blendStyles from '../blend.module.css';
import common from '../../../styles/common.module.css';

const ask = async (body: Schemas['TopUpInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/writing/top-up', { body, signal }));

/** Stretches or corrects what lies in the tub already. */
export function TubDrawer({ open, close }: { open: boolean; close: () => void }) {
  const { t, n, percent } = useWords();
  const { history } = useBlend();
  const rows = history.now.rows;
  const [others, setOthers] = useState<{ componentId: number; name: string }[]>([]);
  const [litres, setLitres] = useState<Record<number, string>>({});
  const [removed, setRemoved] = useState<Record<number, string>>({});
  const [wanted, setWanted] = useState('');
  const all = useMemo(() => [...rows, ...others], [rows, others]);
  const question = useMemo((): Schemas['TopUpInput'] | null => {
    const there = all.map((row) => ({
      component_id: row.componentId,
      litres: typedNumber(litres[row.componentId] ?? '0') ?? Number.NaN,
      removed_share: (typedNumber(removed[row.componentId] ?? '0') ?? Number.NaN) / 100,
    }));
    const parts = rows.map((row) => ({ component_id: row.componentId, parts: amountOf(row) ?? Number.NaN }));
    const total = wanted.trim() === '' ? null : typedNumber(wanted);
    const wrong = [
      ...there.flatMap((each) => [each.litres, each.removed_share]),
      ...parts.map((each) => each.parts),
    ].some(Number.isNaN);

    return !open || wrong || rows.length === 0 || (wanted.trim() !== '' && total === null)
      ? null
      : { parts, there, ...(total === null ? {} : { wanted_l: total }) };
  }, [open, all, rows, litres, removed, wanted]);
  const { data, fresh, problem } = useLastGood('top-up', question, ask);

  return (
    <Drawer open={open} onClose={close} title={t('tub.title')} size={560}>
      <p className={common.quiet}>{t('tub.text')}</p>
      <Form layout="vertical">
        {all.map((row, i) => (
          <div key={row.componentId} className={styles.fieldsTub}>
            <NumberField
              label={t('tub.there', { name: row.name })}
              unit="L"
              value={litres[row.componentId] ?? '0'}
              error={
                typedNumber(litres[row.componentId] ?? '0') === null
                  ? t('common.notNumber')
                  : problem?.at(`there.${i}.litres`)
              }
              onChange={(text) => setLitres({ ...litres, [row.componentId]: text })}
            />
            <NumberField
              label={t('tub.removed')}
              unit="%"
              value={removed[row.componentId] ?? '0'}
              error={
                typedNumber(removed[row.componentId] ?? '0') === null
                  ? t('common.notNumber')
                  : problem?.at(`there.${i}.removed_share`)
              }
              onChange={(text) => setRemoved({ ...removed, [row.componentId]: text })}
            />
          </div>
        ))}
        <Form.Item label={t('tub.other')}>
          <ComponentPicker
            label={t('tub.other')}
            without={all.map((row) => row.componentId)}
            onPick={({ id, name }) => setOthers([...others, { componentId: id, name }])}
          />
        </Form.Item>
        <NumberField
          label={t('tub.wanted')}
          unit="L"
          value={wanted}
          hint={t('tub.wantedHint')}
          error={wanted.trim() !== '' && typedNumber(wanted) === null ? t('common.notNumber') : problem?.at('wanted_l')}
          onChange={setWanted}
        />
      </Form>
      {data !== undefined && (
        <section
          className={fresh ? styles.tubAnswer : `${styles.tubAnswer} ${common.notFresh}`}
          aria-label={t('tub.add')}
          aria-busy={!fresh}
        >
          <h3>{t('tub.add')}</h3>
          <dl className={blendStyles.litres}>
            {data.add.map((line) => (
              <div key={line.component_id}>
                <dt>{line.name}</dt>
                <dd>{line.litres < rules.notable.litres ? t('tub.nothing') : `${n(line.litres)} L`}</dd>
              </div>
            ))}
          </dl>
          <p>{t('tub.total', { total: n(data.total_l), recipe: n(data.recipe_l), least: n(data.least_l) })}</p>
          {data.foreign.map((line) => (
            <p key={line.component_id} className={styles.notationOff}>
              {t('tub.foreign', { name: line.name, share: percent(line.share, 1) })}
            </p>
          ))}
        </section>
      )}
    </Drawer>
  );
}
