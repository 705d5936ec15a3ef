import { useState } from 'react';

import { problemOf, type Schemas } from '../../api/client';
import { useMoveStock } from '../../api/components';
import { plain, typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { DoButton } from '../../kit/people/DoButton';
import styles from './days.module.css';

interface Props {
  day: Schemas['PottingDay'];
  lines: Schemas['ScoopedLine'][];
  counted: () => void;
}

/** A load is stopped because the shelf is said to hold too little: what really lies there is counted here, and the load goes on. */
export function CountNow({ day, lines, counted }: Props) {
  const { t } = useWords();
  const short = lines.flatMap((line) => {
    const row = day.shelf.find((each) => each.component_id === line.component_id);
    return row !== undefined && row.stock_l < line.litres ? [{ row, litres: line.litres }] : [];
  });

  return short.length === 0 ? null : (
    <ul className={styles.benchCount} aria-label={t('potting.countNow')}>
      {short.map(({ row, litres }) => (
        <Count key={row.component_id} row={row} litres={litres} counted={counted} />
      ))}
    </ul>
  );
}

function Count({ row, litres, counted }: { row: Schemas['DayShelf']; litres: number; counted: () => void }) {
  const { t, q } = useWords();
  const [text, setText] = useState(() => plain(Math.round(row.stock_l * 100) / 100));
  const move = useMoveStock(row.component_id);
  const value = typedNumber(text);
  const problem = problemOf(move);
  const count = async () => {
    if (value !== null) {
      await move.mutateAsync({ kind: 'count', counted_l: value });
      counted();
    }
  };

  return (
    <li>
      <span>{t('potting.countOf', { name: row.name, stock: q(row.stock_l, 'L'), litres: q(litres, 'L') })}</span>
      <NumberField
        label={t('potting.counted', { name: row.name })}
        unit="L"
        value={text}
        error={value === null ? t('common.notNumber') : (problem?.at('counted_l') ?? problem?.message)}
        onChange={setText}
      />
      <DoButton be="helper" size="large" loading={move.isPending} onClick={() => void count().catch(() => undefined)}>
        {t('potting.countIt')}
      </DoButton>
    </li>
  );
}
