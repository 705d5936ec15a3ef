import { Button, Form, Segmented } from 'antd';
import { useState } from 'react';
import type { ApiProblem } from '../../../api/client';
import { useSieveSets } from '../../../api/bench';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { useBlend } from '../state/BlendProvider';
import { type MixRow, type Preparation } from '../state/mix';
import { plain, typedNumber } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import { Dialog } from '../../../kit/overlays/Dialog';

const SIZES = [
  ['cut_mm', 'cut'],
  ['screen_lo_mm', 'lo'],
  ['screen_hi_mm', 'hi'],
  ['rinse_mm', 'rinse'],
] as const;
const WET = ['none', 'damp', 'soak'] as const;

interface Props {
  row: MixRow;
  problem: ApiProblem | undefined;
  /** Of this preparation in the question to the server. */
  path: string;
  close: () => void;
}

/** What is done to a component before it is mixed. It counts at once, so that the picture shows what it is worth. */
export function PreparationForm({ row, problem, path, close }: Props) {
  const { t, n } = useWords();
  const { dispatch } = useBlend();
  const sets = useSieveSets();
  const [texts, setTexts] = useState<Record<string, string>>(() =>
    Object.fromEntries(
      SIZES.map(([name]) => [name, row.preparation?.[name] == null ? '' : plain(row.preparation[name])]),
    ),
  );
  const [wet, setWet] = useState(row.preparation?.wet ?? 'none');
  const [limed, setLimed] = useState(row.preparation?.limed_to_ph == null ? '' : plain(row.preparation.limed_to_ph));
  const own = [...new Set((sets.data?.data ?? []).flatMap((set) => set.apertures))].sort((a, b) => a - b);

  const apply = (next: Record<string, string>, nextWet: (typeof WET)[number], nextLimed = limed) => {
    const ph = typedNumber(nextLimed);
    const preparation: Preparation = {
      ...Object.fromEntries(
        SIZES.flatMap(([name]) => {
          const size = typedNumber(next[name] ?? '');
          return size === null ? [] : [[name, size]];
        }),
      ),
      ...(nextWet === 'none' ? {} : { wet: nextWet }),
      ...(ph === null ? {} : { limed_to_ph: ph }),
    };
    dispatch({
      do: 'prepare',
      componentId: row.componentId,
      preparation: Object.keys(preparation).length === 0 ? null : preparation,
    });
  };

  return (
    <Dialog
      guarded
      open
      title={t('prep.title', { name: row.name })}
      onCancel={close}
      footer={[
        <Button
          key="clear"
          onClick={() => {
            apply({}, 'none', '');
            close();
          }}
        >
          {t('prep.clear')}
        </Button>,
        <Button key="done" type="primary" onClick={close}>
          {t('prep.done')}
        </Button>,
      ]}
    >
      <Form layout="vertical" className="preparation">
        <div className={common.fields2}>
          {SIZES.map(([name, words]) => (
            <NumberField
              key={name}
              label={t(`prep.${words}`)}
              unit="mm"
              value={texts[name] ?? ''}
              error={
                (texts[name] ?? '') !== '' && typedNumber(texts[name] ?? '') === null
                  ? t('common.notNumber')
                  : problem?.at(`${path}.${name}`)
              }
              onChange={(text) => {
                const next = { ...texts, [name]: text };
                setTexts(next);
                apply(next, wet);
              }}
            />
          ))}
        </div>
        {own.length > 0 && (
          <p className={common.quiet}>
            {t('prep.sievesHint', { apertures: own.map((aperture) => n(aperture)).join(', ') })}
          </p>
        )}
        <NumberField
          label={t('prep.lime')}
          unit="pH"
          value={limed}
          hint={t('prep.limeHint')}
          error={
            limed !== '' && typedNumber(limed) === null ? t('common.notNumber') : problem?.at(`${path}.limed_to_ph`)
          }
          onChange={(text) => {
            setLimed(text);
            apply(texts, wet, text);
          }}
        />
        <Form.Item label={t('prep.wet')}>
          <Segmented
            aria-label={t('prep.wet')}
            value={wet}
            options={WET.map((value) => ({ value, label: t(`prep.wet.${value}`) }))}
            onChange={(value) => {
              setWet(value);
              apply(texts, value);
            }}
          />
        </Form.Item>
      </Form>
    </Dialog>
  );
}

/** A sieve seen from the side: what the button for preparing shows. */
export function SieveMark() {
  return (
    <svg width="18" height="16" viewBox="0 0 18 16" aria-hidden="true">
      <path d="M1 2v6h16V2" fill="none" stroke="currentColor" strokeWidth="1.6" />
      <path d="M2 8h14" stroke="currentColor" strokeWidth="1.6" strokeDasharray="2 2" />
      <path d="M6 11v3M9 11v4M12 11v3" stroke="currentColor" strokeWidth="1.4" />
    </svg>
  );
}
