import { Select } from 'antd';
import { type Ref, useState } from 'react';

import type { Schemas } from '../../api/client';
import { useComponents } from '../../api/components';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './pickers.module.css';

interface Props {
  label: string;
  without?: number[];
  onPick: (component: Schemas['Component']) => void;
  pickRef?: Ref<{ focus: () => void }>;
  kept?: string | undefined;
  onClear?: () => void;
}

/** Finds a component by name; what is in stock comes first. */
export function ComponentPicker({ label, without = [], onPick, pickRef, kept, onClear }: Props) {
  const { t, q } = useWords();
  const [search, setSearch] = useState('');
  const found = useComponents({ per_page: 60, sort: '-stock_l', ...(search === '' ? {} : { search }) });
  const components = (found.data?.data ?? []).filter((component) => !without.includes(component.id));

  return (
    <Select
      ref={pickRef as never}
      className={styles.componentPicker}
      aria-label={label}
      placeholder={label}
      value={kept ?? null}
      allowClear={onClear !== undefined}
      onClear={onClear}
      showSearch={{ searchValue: search, filterOption: false, onSearch: setSearch }}
      notFoundContent={found.isFetching ? t('common.loading') : t('blend.noComponent')}
      options={components.map((component) => ({ value: String(component.id), label: component.name, component }))}
      optionRender={({ data }) => (
        <span className={common.pickerOption}>
          <Swatch kind={data.component.kind} colour={data.component.colour} />
          <span>{data.component.name}</span>
          <small>
            {data.component.stock_l > 0
              ? t('blend.inStock', { litres: q(data.component.stock_l, 'L') })
              : t('blend.notInStock')}
          </small>
        </span>
      )}
      onSelect={(_, option) => {
        setSearch('');
        onPick(option.component);
      }}
    />
  );
}
