import { useState } from 'react';

import { useComponents } from '../../api/components';
import { Swatch } from '../../drawing/Swatch';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import type { Answers } from './answers';
import { SearchField } from './SearchField';
import styles from './start.module.css';

const AT_ONCE = 200;

/** Sacks that lie there, ticked. */
export function HaveStep({ answers, change }: { answers: Answers; change: (part: Partial<Answers>) => void }) {
  const { t } = useWords();
  const [search, setSearch] = useState('');
  const found = useComponents({ per_page: AT_ONCE, search });
  const tick = (id: number) =>
    change({ have: answers.have.includes(id) ? answers.have.filter((each) => each !== id) : [...answers.have, id] });

  return (
    <>
      <p className={common.quiet}>{t('start.have.lead')}</p>
      <SearchField label={t('start.have.search')} value={search} change={setSearch} />
      <ul className={styles.choices}>
        {(found.data?.data ?? []).map((component) => (
          <li key={component.id}>
            <button type="button" aria-pressed={answers.have.includes(component.id)} onClick={() => tick(component.id)}>
              <Swatch kind={component.kind} colour={component.colour} />
              <span>{component.name}</span>
              <span className={styles.tick} aria-hidden="true">
                {answers.have.includes(component.id) ? '✓' : ''}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
