import type { ApiProblem } from '../../../api/client';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { typedNumber } from '../../../i18n/numbers';
import styles from './mix.module.css';

export interface TubRow {
  componentId: number;
  name: string;
}

type Texts = Record<number, string>;

interface Props {
  rows: TubRow[];
  litres: Texts;
  removed: Texts;
  setLitres: (texts: Texts) => void;
  setRemoved: (texts: Texts) => void;
  problem: ApiProblem | undefined;
}

/** Litres of each component in the tub, and how much of it is picked out by hand. */
export function TubRows({ rows, litres, removed, setLitres, setRemoved, problem }: Props) {
  const { t } = useWords();
  const error = (text: string | undefined, path: string) =>
    typedNumber(text ?? '0') === null ? t('common.notNumber') : problem?.at(path);

  return rows.map((row, i) => (
    <div key={row.componentId} className={styles.fieldsTub}>
      <NumberField
        label={t('tub.there', { name: row.name })}
        unit="L"
        value={litres[row.componentId] ?? '0'}
        error={error(litres[row.componentId], `there.${i}.litres`)}
        onChange={(text) => setLitres({ ...litres, [row.componentId]: text })}
      />
      <NumberField
        label={t('tub.removed')}
        unit="%"
        value={removed[row.componentId] ?? '0'}
        error={error(removed[row.componentId], `there.${i}.removed_share`)}
        onChange={(text) => setRemoved({ ...removed, [row.componentId]: text })}
      />
    </div>
  ));
}
