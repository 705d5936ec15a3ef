import { Form, Segmented } from 'antd';
import { useMemo, useState } from 'react';

import type { Schemas } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { ComponentPicker } from '../../../kit/pickers/ComponentPicker';
import { NumberField } from '../../../kit/fields/NumberField';
import { typedNumber } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import { useBlend } from '../state/BlendProvider';
import { amountOf } from '../state/mix';
import { TubNow, useThrownIn } from './TubNow';
import { TubRows, type TubRow } from './TubRows';
import { TubUp, useTopUp } from './TubUp';
import styles from './mix.module.css';
import { Side } from '../../../kit/overlays/Side';

/** What lies in the tub: stretched or corrected to the recipe, or told what it is. */
export function TubDrawer({ open, close }: { open: boolean; close: () => void }) {
  const { t } = useWords();
  const { history } = useBlend();
  const rows = history.now.rows;
  const [asks, setAsks] = useState<'up' | 'in'>(rows.length === 0 ? 'in' : 'up');
  const [others, setOthers] = useState<TubRow[]>([]);
  const [litres, setLitres] = useState<Record<number, string>>({});
  const [removed, setRemoved] = useState<Record<number, string>>({});
  const [wanted, setWanted] = useState('');
  const all = useMemo(
    () => [...rows, ...others.filter((other) => !rows.some((row) => row.componentId === other.componentId))],
    [rows, others],
  );
  const there = useMemo((): Schemas['TubRow'][] | null => {
    const read = all.map((row) => ({
      component_id: row.componentId,
      litres: typedNumber(litres[row.componentId] ?? '0') ?? Number.NaN,
      removed_share: (typedNumber(removed[row.componentId] ?? '0') ?? Number.NaN) / 100,
    }));

    return read.some((each) => Number.isNaN(each.litres + each.removed_share)) ? null : read;
  }, [all, litres, removed]);
  const upQuestion = useMemo((): Schemas['TopUpInput'] | null => {
    const parts = rows.map((row) => ({ component_id: row.componentId, parts: amountOf(row) ?? Number.NaN }));
    const total = wanted.trim() === '' ? null : typedNumber(wanted);
    const cannot = there === null || rows.length === 0 || parts.some((part) => Number.isNaN(part.parts));

    return !open || asks !== 'up' || cannot || (wanted.trim() !== '' && total === null)
      ? null
      : { parts, there, ...(total === null ? {} : { wanted_l: total }) };
  }, [open, asks, there, rows, wanted]);
  const inQuestion = useMemo(
    () => (open && asks === 'in' && there?.some((row) => row.litres > 0) === true ? { there } : null),
    [open, asks, there],
  );
  const up = useTopUp(upQuestion);
  const now = useThrownIn(inQuestion);
  const problem = asks === 'up' ? up.problem : now.problem;
  const putIn = (row: TubRow, amount?: string) => {
    setOthers([...others, row]);
    if (amount !== undefined) {
      setLitres({ ...litres, [row.componentId]: amount });
    }
  };

  return (
    <Side guarded open={open} onClose={close} title={t('tub.title')} size={560}>
      {rows.length > 0 && (
        <Segmented
          className={styles.tubAsks}
          aria-label={t('tub.do')}
          value={asks}
          options={(['up', 'in'] as const).map((value) => ({ value, label: t(`tub.do.${value}`) }))}
          onChange={setAsks}
        />
      )}
      <p className={common.quiet}>{t(`tub.text.${asks}`)}</p>
      <Form layout="vertical">
        <TubRows
          rows={all}
          litres={litres}
          removed={removed}
          setLitres={setLitres}
          setRemoved={setRemoved}
          problem={problem}
        />
        <Form.Item label={t('tub.other')}>
          <ComponentPicker
            label={t('tub.other')}
            without={all.map((row) => row.componentId)}
            onPick={({ id, name }) => putIn({ componentId: id, name })}
          />
        </Form.Item>
        {asks === 'up' && (
          <NumberField
            label={t('tub.wanted')}
            unit="L"
            value={wanted}
            hint={t('tub.wantedHint')}
            error={
              wanted.trim() !== '' && typedNumber(wanted) === null ? t('common.notNumber') : problem?.at('wanted_l')
            }
            onChange={setWanted}
          />
        )}
      </Form>
      {asks === 'up' ? <TubUp {...up} putIn={putIn} /> : inQuestion !== null && <TubNow {...now} close={close} />}
    </Side>
  );
}
