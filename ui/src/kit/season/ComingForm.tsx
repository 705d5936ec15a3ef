import { Checkbox, Form, Segmented, Select } from 'antd';

import { useWords } from '../../i18n/words';
import { NumberField } from '../fields/NumberField';
import { type Coming, SEASONS, wrongOf } from './coming';
import styles from './season.module.css';

const KINDS = ['every', 'share', 'need', 'never'] as const;

/** How somebody comes by: by hours and season, when it is down to a share, at the latest, or not at all; and how much. */
export function ComingForm({ form, change }: { form: Coming; change: (form: Coming) => void }) {
  const { t } = useWords();
  const set = (part: Partial<Coming>) => change({ ...form, ...part });
  const error = (field: Parameters<typeof wrongOf>[1]) => (wrongOf(form, field) ? t('potyear.wrong') : undefined);

  return (
    <Form layout="vertical" className={styles.coming} role="group" aria-label={t('potyear.coming')}>
      <Segmented
        aria-label={t('potyear.coming')}
        value={form.kind}
        options={KINDS.map((value) => ({ value, label: t(`potyear.coming.${value}`) }))}
        onChange={(kind) => set({ kind })}
      />
      {form.kind === 'every' && (
        <div className={styles.hours}>
          {SEASONS.map((field) => (
            <NumberField
              key={field}
              label={t(`potyear.${field}`)}
              unit="h"
              value={form[field]}
              error={error(field)}
              placeholder={t('potyear.nobody')}
              onChange={(text) => set({ [field]: text })}
            />
          ))}
          <Checkbox
            className={styles.whole ?? ''}
            checked={form.looksFirst}
            onChange={({ target }) => set({ looksFirst: target.checked })}
          >
            {t('potyear.looksFirst')}
          </Checkbox>
        </div>
      )}
      {(form.kind === 'share' || form.kind === 'need') && (
        <div className={styles.hours}>
          {form.kind === 'share' && (
            <NumberField
              label={t('potyear.at')}
              unit="%"
              value={form.at}
              error={error('at')}
              onChange={(at) => set({ at })}
            />
          )}
          <Form.Item label={t('potyear.looks')}>
            <Select
              aria-label={t('potyear.looks')}
              value={form.looks}
              options={[1, 2, 3, 4].map((value) => ({ value, label: String(value) }))}
              onChange={(looks: number) => set({ looks })}
            />
          </Form.Item>
        </div>
      )}
      {form.kind !== 'never' && (
        <div className={styles.much}>
          <NumberField
            label={t('potyear.given')}
            unit="L"
            value={form.given_l}
            error={error('given_l')}
            placeholder={t('potyear.through')}
            onChange={(given_l) => set({ given_l })}
          />
          <Checkbox checked={form.dunked} onChange={({ target }) => set({ dunked: target.checked })}>
            {t('potyear.dunked')}
          </Checkbox>
        </div>
      )}
    </Form>
  );
}
