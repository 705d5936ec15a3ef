import { Button, Checkbox, Form, Select } from 'antd';
import { useState } from 'react';

import { useMeta } from '../../../api/meta';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { ComponentPicker } from '../../../kit/pickers/ComponentPicker';
import type { About, Merit, WishFields } from './wishes';
import common from '../../../styles/common.module.css';
import styles from './find.module.css';

interface Props {
  wishes: WishFields;
  wrong: (field: string) => string | undefined;
  change: (change: Partial<WishFields>) => void;
}

/** All that can be wished beside that it suits the plant. Each is left alone where nothing is said. */
export function WishForm({ wishes, wrong, change }: Props) {
  const { t } = useWords();
  const currency = useMeta().data?.currency ?? 'EUR';
  const number = (field: 'cost' | 'kg' | 'years' | 'scoops' | 'components', unit: string, path: string) => (
    <NumberField
      label={t(`find.${field}`)}
      unit={unit}
      value={wishes[field]}
      error={wrong(path)}
      onChange={(text) => change({ [field]: text })}
    />
  );
  const about = (id: number, part: Partial<About>) =>
    change({ about: wishes.about.map((each) => (each.id === id ? { ...each, ...part } : each)) });

  return (
    <Form layout="vertical" className={styles.wishes}>
      <div className={common.fields3}>
        {number('components', '', 'find.most_components')}
        <Form.Item label={t('find.steps')}>
          <Select
            aria-label={t('find.steps')}
            value={wishes.steps}
            options={(['scoops', 'per_cent'] as const).map((value) => ({ value, label: t(`find.steps.${value}`) }))}
            onChange={(steps) => change({ steps })}
          />
        </Form.Item>
        {wishes.steps === 'scoops' ? (
          number('scoops', '', 'find.scoops')
        ) : (
          <Form.Item label={t('find.perCent')}>
            <Select
              aria-label={t('find.perCent')}
              value={wishes.perCent}
              options={([5, 10, 20, 25] as const).map((value) => ({
                value,
                label: t('find.perCent.n', { step: value }),
              }))}
              onChange={(perCent) => change({ perCent })}
            />
          </Form.Item>
        )}
      </div>
      <div className={common.fields3}>
        {number('cost', currency, 'find.most_cost')}
        {number('kg', t('unit.kg'), 'find.most_kg')}
        {number('years', t('unit.years'), 'find.least_years')}
      </div>
      <Form.Item label={t('find.organics')}>
        <Select
          aria-label={t('find.organics')}
          value={wishes.organics}
          options={(['any', 'no_acid', 'none'] as const).map((value) => ({
            value,
            label: t(`find.organics.${value}`),
          }))}
          onChange={(organics) => change({ organics })}
        />
      </Form.Item>
      <fieldset className={styles.group}>
        <legend>{t('find.about')}</legend>
        {wishes.about.map((each) => (
          <div key={each.id} className={styles.about}>
            <strong>{each.name}</strong>
            <Select
              aria-label={t('find.about.for', { name: each.name })}
              value={each.may}
              options={(['may', 'must', 'never'] as const).map((value) => ({ value, label: t(`find.about.${value}`) }))}
              onChange={(may) => about(each.id, { may })}
            />
            {each.may !== 'never' &&
              (['least', 'most'] as const).map((end) => (
                <NumberField
                  key={end}
                  label={t(`find.about.${end}`, { name: each.name })}
                  unit="%"
                  value={each[end]}
                  onChange={(text) => about(each.id, { [end]: text })}
                />
              ))}
            <Button
              aria-label={t('find.about.remove', { name: each.name })}
              onClick={() => change({ about: wishes.about.filter((other) => other !== each) })}
            >
              ×
            </Button>
          </div>
        ))}
        <ComponentPicker
          label={t('find.about.add')}
          without={wishes.about.map((each) => each.id)}
          onPick={({ id, name }) =>
            change({ about: [...wishes.about, { id, name, may: 'never', least: '', most: '' }] })
          }
        />
        {wishes.about.length > 0 && (
          <Checkbox checked={wishes.only} onChange={(event) => change({ only: event.target.checked })}>
            {t('find.about.only')}
          </Checkbox>
        )}
      </fieldset>
      <Order order={wishes.order} change={(order) => change({ order })} />
    </Form>
  );
}

/** What matters more, by dragging or with two buttons each. */
function Order({ order, change }: { order: Merit[]; change: (order: Merit[]) => void }) {
  const { t } = useWords();
  const [dragged, setDragged] = useState<Merit | null>(null);
  const moved = (what: Merit, to: number) => {
    const rest = order.filter((each) => each !== what);
    change([...rest.slice(0, to), what, ...rest.slice(to)]);
  };

  return (
    <fieldset className={styles.group}>
      <legend>{t('find.order')}</legend>
      <ol className={styles.order}>
        {order.map((what, i) => {
          const name = t(`find.merit.${what}`);

          return (
            <li
              key={what}
              draggable
              className={dragged === what ? styles.dragged : ''}
              onDragStart={() => setDragged(what)}
              onDragEnd={() => setDragged(null)}
              onDragOver={(event) => event.preventDefault()}
              onDrop={() => {
                if (dragged !== null) {
                  moved(dragged, i);
                }
              }}
            >
              <span>
                {i + 1}. {name}
              </span>
              <Button
                aria-label={t('find.order.up', { what: name })}
                disabled={i === 0}
                onClick={() => moved(what, i - 1)}
              >
                ↑
              </Button>
              <Button
                aria-label={t('find.order.down', { what: name })}
                disabled={i === order.length - 1}
                onClick={() => moved(what, i + 1)}
              >
                ↓
              </Button>
            </li>
          );
        })}
      </ol>
    </fieldset>
  );
}
