import { Segmented } from 'antd';
import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useLayer } from '../../api/plants';
import { isoDay } from '../../i18n/isoDay';
import { typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { FormDialog } from '../../kit/forms/FormDialog';
import { useUndoable } from '../../kit/hooks/useUndoable';
import common from '../../styles/common.module.css';

const ROOTS = ['none', 'few', 'enough'] as const;

interface Props {
  plant: Schemas['Plant'];
  what: Schemas['AirLayerInput']['do'];
  close: () => void;
  /** The top is a plant of its own now. */
  separated: (top: number) => void;
}

/** A layer is put on, looked at, separated or taken off. */
export function LayerModal({ plant, what, close, separated }: Props) {
  const { t } = useWords();
  const [on, setOn] = useState(() => isoDay());
  const [wrap, setWrap] = useState('');
  const [litres, setLitres] = useState('0.5');
  const [roots, setRoots] = useState<(typeof ROOTS)[number]>('none');
  const [text, setText] = useState('');
  const layer = useLayer(plant.id);
  const say = useUndoable();
  const problem = problemOf(layer);
  const isWrong = what === 'put' && typedNumber(litres) === null;
  const submit = async () => {
    if (isWrong) {
      return;
    }
    const answer = await layer.mutateAsync({
      do: what,
      on,
      text,
      ...(what === 'put' ? { wrap, litres: typedNumber(litres) ?? 0 } : {}),
      ...(what === 'look' ? { roots } : {}),
    });
    say(t('common.saved', { name: t(`layer.${what}`) }));
    close();
    if (what === 'separate') {
      separated(answer.id);
    }
  };

  return (
    <FormDialog
      title={`${t(`layer.${what}`)}: ${plant.number} ${plant.name}`}
      close={close}
      save={submit}
      by={layer}
      atFields
    >
      {what === 'put' && (
        <div className={common.fields2}>
          <TextField
            label={t('layer.wrap')}
            value={wrap}
            error={problem?.at('wrap')}
            onChange={setWrap}
            longest={100}
          />
          <NumberField
            label={t('layer.litres')}
            unit="L"
            value={litres}
            error={isWrong ? t('common.notNumber') : problem?.at('litres')}
            onChange={setLitres}
          />
        </div>
      )}
      {what === 'look' && (
        <Segmented
          size="large"
          aria-label={t('layer.rootsSeen')}
          value={roots}
          options={ROOTS.map((value) => ({ value, label: t(`layer.roots.${value}`) }))}
          onChange={setRoots}
        />
      )}
      {what === 'separate' && <p className={common.quiet}>{t('layer.separateHint')}</p>}
      <TextField label={t('task.on')} type="date" value={on} error={problem?.at('on')} onChange={setOn} />
      <TextField label={t('field.note')} value={text} onChange={setText} longest={500} />
    </FormDialog>
  );
}
