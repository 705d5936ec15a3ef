import { Checkbox, Form, Input, Select } from 'antd';
import { useId, useMemo, useState } from 'react';

import { answerOf, api, problemOf, type Schemas } from '../../api/client';
import { useLastGood } from '../../api/lastGood';
import { useMeta } from '../../api/meta';
import { useSavePot } from '../../api/pots';
import { PotOutline } from '../../drawing/PotOutline';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { TextField } from '../../kit/fields/TextField';
import { useUndoable } from '../../kit/hooks/useUndoable';
import { PotChecks } from './PotChecks';
import { plain, typedNumber } from '../../i18n/numbers';
import common from '../../styles/common.module.css';
import styles from './pots.module.css';
import { FormDrawer } from '../../kit/forms/FormDrawer';

type Shape = Schemas['Shape'];

const SHAPES: Shape[] = ['round', 'rectangular', 'oval', 'polygon', 'bowl', 'measured'];
const NUMBERS = [
  'depth',
  'hole_count',
  'hole_diameter_cm',
  'hole_open_share',
  'mesh_mm',
  'weight_kg',
  'price',
  'owned',
  'feet_cm',
  'tie_holes',
] as const;

type NumberName = (typeof NUMBERS)[number];

const FIRST: Record<NumberName, string> = {
  depth: '',
  hole_count: '2',
  hole_diameter_cm: '2',
  hole_open_share: '60',
  mesh_mm: '',
  weight_kg: '0',
  price: '',
  owned: '1',
  feet_cm: '0',
  tie_holes: '0',
};
const WALLS: Schemas['PotWall'][] = [
  'fired_clay',
  'glazed',
  'plastic',
  'wood',
  'cement',
  'stone',
  'net',
  'fabric',
  'metal',
];
const OPTIONAL: readonly string[] = ['hole_diameter_cm', 'mesh_mm', 'price'];

const ask = async (body: Schemas['PotShapeInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/pots/outline', { body, signal }));

/** One pot: its inside, drawn as it is typed, its outlet, and where it stands. */
export function PotDrawer({ pot, close }: { pot: Schemas['Pot'] | null; close: () => void }) {
  const { t, q } = useWords();
  const meta = useMeta();
  const [name, setName] = useState(pot?.name ?? '');
  const [place, setPlace] = useState(pot?.place ?? '');
  const [shape, setShape] = useState<Shape>(pot?.shape ?? 'round');
  const [wall, setWall] = useState<Schemas['PotWall']>(pot?.wall ?? 'fired_clay');
  const [colour, setColour] = useState(pot?.colour ?? '#8a5a44');
  const [lightPasses, setLightPasses] = useState(pot?.light_passes ?? false);
  const [homeMade, setHomeMade] = useState(pot?.home_made ?? false);
  const [dryingSides, setDryingSides] = useState(pot?.drying_sides ?? false);
  const [numbers, setNumbers] = useState<Record<NumberName, string>>(() => (pot === null ? FIRST : textsOf(pot)));
  const [measures, setMeasures] = useState<Record<string, string>>(() =>
    Object.fromEntries(Object.entries(pot?.measures ?? {}).map(([key, value]) => [key, plain(value)])),
  );
  const [marked, setMarked] = useState<string[]>([]);
  const [placeId, colourId] = [useId(), useId()];
  const save = useSavePot(pot);
  const say = useUndoable();
  const problem = problemOf(save);
  const wanted = useMemo(
    () => meta.data?.shapes.find((each) => each.shape === shape)?.measures ?? [],
    [meta.data, shape],
  );

  const inside = useMemo(() => {
    const typed = Object.fromEntries(wanted.map((key) => [key, typedNumber(measures[key] ?? '')]));
    const depth = typedNumber(numbers.depth);

    return depth === null || wanted.length === 0 || Object.values(typed).includes(null)
      ? null
      : ({ shape, depth, ...(typed as Record<string, number>) } as Schemas['PotShapeInput']);
  }, [wanted, measures, numbers.depth, shape]);
  const drawn = useLastGood('outline', inside, ask);

  const submit = async () => {
    const wrong = [
      ...NUMBERS.filter(
        (key) => typedNumber(numbers[key]) === null && !(numbers[key].trim() === '' && OPTIONAL.includes(key)),
      ),
      ...wanted.filter((key) => typedNumber(measures[key] ?? '') === null).map((key) => `measures.${key}`),
    ];
    setMarked(wrong);
    if (wrong.length > 0) {
      return;
    }
    const value = (key: NumberName) => typedNumber(numbers[key]) ?? 0;
    const saved = await save.mutateAsync({
      id: pot?.id ?? null,
      body: {
        name,
        place,
        shape,
        drying_sides: dryingSides,
        wall,
        colour,
        light_passes: lightPasses,
        home_made: homeMade,
        feet_cm: value('feet_cm'),
        tie_holes: value('tie_holes'),
        depth: value('depth'),
        measures: Object.fromEntries(wanted.map((key) => [key, typedNumber(measures[key] ?? '') ?? 0])),
        hole_count: value('hole_count'),
        hole_diameter_cm: typedNumber(numbers.hole_diameter_cm),
        hole_open_share: value('hole_open_share') / 100,
        mesh_mm: typedNumber(numbers.mesh_mm),
        weight_kg: value('weight_kg'),
        price: typedNumber(numbers.price),
        owned: value('owned'),
      },
    });
    say(t('common.saved', { name: saved.name }));
    close();
  };

  const errorAt = (path: string) => {
    if (marked.includes(path)) {
      return t('common.notNumber');
    }

    return problem?.at(path) ?? drawn.problem?.at(path.replace('measures.', ''));
  };
  const number = (key: NumberName, unit?: MessageId) => (
    <NumberField
      label={t(`field.${key}`)}
      value={numbers[key]}
      error={errorAt(key)}
      onChange={(text) => setNumbers({ ...numbers, [key]: text })}
      {...(unit === undefined ? {} : { unit: t(unit) })}
    />
  );

  return (
    <FormDrawer
      title={pot === null ? t('pots.newTitle') : pot.name}
      size={520}
      close={close}
      save={submit}
      by={save}
      marked={marked.length > 0}
      atFields
    >
      <TextField label={t('field.name')} value={name} error={problem?.at('name')} onChange={setName} />
      <h3>{t('pots.section.inside')}</h3>
      <div className={styles.potInside}>
        <div>
          <Form.Item label={t('field.shape')}>
            <Select
              aria-label={t('field.shape')}
              value={shape}
              options={SHAPES.map((each) => ({ value: each, label: t(`shape.${each}`) }))}
              onChange={setShape}
            />
          </Form.Item>
          <div className={common.fields2}>
            {number('depth', 'unit.cm')}
            {wanted.map((key) => (
              <NumberField
                key={key}
                label={t(`field.${key}` as MessageId)}
                value={measures[key] ?? ''}
                error={errorAt(`measures.${key}`)}
                onChange={(text) => setMeasures({ ...measures, [key]: text })}
                {...(key === 'sides' ? {} : { unit: t(key === 'volume_l' ? 'unit.L' : 'unit.cm') })}
              />
            ))}
          </div>
        </div>
        <figure className={drawn.fresh ? '' : common.notFresh}>
          {drawn.data === undefined ? (
            <p className={common.quiet}>{t('pots.outlineEmpty')}</p>
          ) : (
            <>
              <PotOutline
                outline={drawn.data.outline}
                width={170}
                height={140}
                label={t('pots.outline', { litres: q(drawn.data.volume_l, 'L') })}
              />
              <figcaption>{q(drawn.data.volume_l, 'L')}</figcaption>
            </>
          )}
        </figure>
      </div>
      <Form.Item>
        <Checkbox checked={dryingSides} onChange={(event) => setDryingSides(event.target.checked)}>
          {t('field.drying_sides')}
        </Checkbox>
      </Form.Item>
      <div className={common.fields3}>
        <Form.Item label={t('field.wall')}>
          <Select
            aria-label={t('field.wall')}
            value={wall}
            options={WALLS.map((each) => ({ value: each, label: t(`wall.${each}`) }))}
            onChange={setWall}
          />
        </Form.Item>
        <Form.Item label={t('field.colour')} htmlFor={colourId}>
          <input
            id={colourId}
            type="color"
            className={styles.potSwatch}
            value={colour}
            onChange={(event) => setColour(event.target.value)}
          />
        </Form.Item>
        {number('feet_cm', 'unit.cm')}
      </div>
      <Form.Item>
        <Checkbox checked={lightPasses} onChange={(event) => setLightPasses(event.target.checked)}>
          {t('field.light_passes')}
        </Checkbox>
        <Checkbox checked={homeMade} onChange={(event) => setHomeMade(event.target.checked)}>
          {t('field.home_made')}
        </Checkbox>
      </Form.Item>
      {homeMade && <p className={common.mind}>{t('potcheck.caution.home_made')}</p>}
      {wall === 'cement' && <p className={common.mind}>{t('potcheck.caution.cement')}</p>}
      {lightPasses && <p className={common.mind}>{t('potcheck.caution.light')}</p>}
      <h3>{t('pots.section.outlet')}</h3>
      <div className={common.fields4}>
        {number('hole_count')}
        {number('hole_diameter_cm', 'unit.cm')}
        {number('hole_open_share', 'unit.percent')}
        {number('mesh_mm', 'unit.mm')}
        {number('tie_holes')}
      </div>
      <h3>{t('pots.section.keep')}</h3>
      <div className={common.fields3}>
        {number('weight_kg', 'unit.kg')}
        {number('price')}
        {number('owned')}
        <Form.Item label={t('field.place')} htmlFor={placeId}>
          <Input id={placeId} value={place} onChange={(event) => setPlace(event.target.value)} />
        </Form.Item>
      </div>
      {pot !== null && <PotChecks pot={pot} />}
    </FormDrawer>
  );
}

function textsOf(pot: Schemas['Pot']): Record<NumberName, string> {
  const text = (value: number | null) => (value === null ? '' : plain(value));

  return {
    depth: text(pot.depth),
    hole_count: text(pot.hole_count),
    hole_diameter_cm: text(pot.hole_diameter_cm),
    hole_open_share: text(pot.hole_open_share * 100),
    mesh_mm: text(pot.mesh_mm),
    weight_kg: text(pot.weight_kg),
    price: text(pot.price),
    owned: text(pot.owned),
    feet_cm: text(pot.feet_cm),
    tie_holes: text(pot.tie_holes),
  };
}
