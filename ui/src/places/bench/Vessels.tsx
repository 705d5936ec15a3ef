import { Form, Segmented } from 'antd';
import { useState } from 'react';
import { problemOf, type Schemas } from '../../api/client';
import { useArchiveVessel, useSaveVessel, useVessels } from '../../api/bench';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { RowActions } from '../../kit/lists/RowActions';
import { useArchiving } from '../../kit/lists/useArchiving';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { ReadingField } from './ReadingField';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import { FormDialog } from '../../kit/forms/FormDialog';
import { DoButton } from '../../kit/people/DoButton';

type Vessel = Schemas['Vessel'];

const WATER: Schemas['BenchReading'] = {
  name: 'water_g',
  type: 'number',
  unit: 'g',
  instrument: 'scale',
  optional: true,
  choices: [],
};

/** Scoops and tubs of one's own, calibrated by the water that they hold. */
export function Vessels() {
  const { t, q } = useWords();
  const vessels = useVessels();
  const archive = useArchiveVessel();
  const [editing, setEditing] = useState<Vessel | 'new' | null>(null);
  const rows = vessels.data?.data ?? [];

  const setArchived = useArchiving(archive);

  return (
    <section>
      <header className={common.toolsHead}>
        <h2>{t('tools.vessels')}</h2>
        <DoButton onClick={() => setEditing('new')}>{t('tools.addVessel')}</DoButton>
      </header>
      <p className={common.quiet}>{t('tools.vesselsHint')}</p>
      {vessels.isSuccess && rows.length === 0 && <p>{t('tools.vesselsEmpty')}</p>}
      <table className={common.plainTable}>
        <tbody>
          {rows.map((vessel) => (
            <tr key={vessel.id}>
              <th scope="row">
                {vessel.name} <span className={common.quiet}>{t(`tools.${vessel.kind}`)}</span>
              </th>
              <td>{q(vessel.volume_l, 'L')}</td>
              <td className={common.quiet}>
                {vessel.water_g === null ? t('tools.typed') : t('tools.byWater', { grams: q(vessel.water_g, 'g') })}
              </td>
              <td>
                <RowActions row={vessel} edit={setEditing} setArchived={setArchived} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {editing !== null && <VesselForm vessel={editing === 'new' ? null : editing} close={() => setEditing(null)} />}
    </section>
  );
}

function VesselForm({ vessel, close }: { vessel: Vessel | null; close: () => void }) {
  const { t, q } = useWords();
  const [name, setName] = useState(vessel?.name ?? '');
  const [kind, setKind] = useState<Vessel['kind']>(vessel?.kind ?? 'scoop');
  const [volume, setVolume] = useState(vessel === null || vessel.water_g !== null ? '' : plain(vessel.volume_l));
  const [water, setWater] = useState(vessel?.water_g == null ? '' : plain(vessel.water_g));
  const save = useSaveVessel();
  const say = useUndoable();
  const problem = problemOf(save);

  const submit = async () => {
    const saved = await save.mutateAsync({
      id: vessel?.id ?? null,
      body: { name, kind, volume_l: typedNumber(volume), water_g: typedNumber(water) },
    });
    say(`${t('common.saved', { name: saved.name })} ${q(saved.volume_l, 'L')}`);
    close();
  };

  return (
    <FormDialog title={vessel?.name ?? t('tools.addVessel')} close={close} save={submit} by={save} atFields>
      <TextField label={t('tools.vesselName')} value={name} error={problem?.at('name')} onChange={setName} />
      <Form.Item label={t('tools.vesselKind')}>
        <Segmented
          aria-label={t('tools.vesselKind')}
          value={kind}
          options={[
            { value: 'scoop', label: t('tools.scoop') },
            { value: 'tub', label: t('tools.tub') },
          ]}
          onChange={setKind}
        />
      </Form.Item>
      <ReadingField
        reading={WATER}
        label={t('tools.water')}
        value={water}
        error={problem?.at('water_g')}
        change={(text) => setWater(text)}
      />
      <p className={common.quiet}>{t('tools.waterHint')}</p>
      {water.trim() === '' && (
        <NumberField
          label={t('tools.volume')}
          unit="L"
          value={volume}
          error={problem?.at('volume_l')}
          onChange={setVolume}
        />
      )}
    </FormDialog>
  );
}
