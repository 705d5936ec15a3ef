import { Button } from 'antd';
import type { ReactNode } from 'react';

import type { Schemas } from '../../../api/client';
import { LedgerBar } from '../../../drawing/LedgerBar';
import { PotSection } from '../../../drawing/PotSection';
import { useWords } from '../../../i18n/words';
import { RatingHead } from '../../../kit/mixes/RatingHead';
import { FIGURES, figureText } from '../picture/figures';
import { drawn } from '../state/drawn';
import common from '../../../styles/common.module.css';
import styles from './recipes.module.css';

type Item = Schemas['Comparison']['items'][number];

interface Props {
  data: Schemas['Comparison'];
  currency: string;
  /** For how many pots the cost is reckoned, too. */
  pots: number;
  /** What is said of an item whose mix was changed since it was put here. */
  outdated: (index: number) => ReactNode;
  remove: (index: number) => void;
}

/** Mixes and pots in columns, each figure in one line across all of them; best and worst of a line by shape and word. */
export function CompareTable({ data, currency, pots, outdated, remove }: Props) {
  const words = useWords();
  const { t, percent, money } = words;
  const row = (head: string, cell: (item: Item, i: number) => ReactNode, className = '') => (
    <tr className={className}>
      <th scope="row">{head}</th>
      {data.items.map((item, i) => (
        <td key={`${item.label} ${i}`}>{cell(item, i)}</td>
      ))}
    </tr>
  );

  return (
    <div className={styles.compareScroll}>
      <table className={styles.compareTable}>
        <thead>
          <tr>
            <td />
            {data.items.map((item, i) => (
              <th key={`${item.label} ${i}`} scope="col">
                {item.label}{' '}
                <Button
                  size="small"
                  type="text"
                  className={common.noPrint}
                  aria-label={t('compare.remove', { name: item.label })}
                  onClick={() => remove(i)}
                >
                  ×
                </Button>
                {outdated(i)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {row(t('blend.plant'), (item) => item.species_name ?? t(`group.${item.plant_group}`))}
          {row(t('plants.field.pot'), (item) => item.pot_name)}
          {row(t('plants.field.site'), (item) => item.site_name ?? t('plants.field.noSite'))}
          {row(t('compare.water_row'), (item) =>
            item.habit_h === null ? '–' : t('habit.hours', { hours: String(item.habit_h) }),
          )}
          {row(
            t('compare.picture'),
            (item) => (
              <>
                <PotSection
                  section={item.evaluation.section}
                  materials={drawn(item.evaluation)}
                  packing={item.evaluation.mix.packing_density}
                  wetFootCm={item.evaluation.pot.wet_foot_cm}
                  title={`${item.label}: ${t('view.air')} ${percent(item.evaluation.pot.air)}`}
                />
                <LedgerBar ledger={item.evaluation.ledger} volumeL={item.evaluation.pot.volume_l} small />
              </>
            ),
            styles.comparePicture,
          )}
          {row(t('rating.title'), (item) => (
            <RatingHead rated={item.evaluation} hasSite={item.evaluation.water !== null} />
          ))}
          {FIGURES.map((name) => (
            <tr key={name}>
              <th scope="row">{t(`amount.${name}`)}</th>
              {data.items.map((item, i) => (
                <td key={`${item.label} ${i}`} className={styles.compareFigure}>
                  <strong>
                    {item.figures[name] === null ? '–' : figureText(name, item.figures[name], words, currency)}
                  </strong>{' '}
                  <Mark is={data.marks[name]?.best === i ? 'best' : data.marks[name]?.worst === i ? 'worst' : null} />
                </td>
              ))}
            </tr>
          ))}
          {pots > 1 &&
            row(
              t('compare.costOf', { pots }),
              (item) => <strong>{item.figures.cost === null ? '–' : money(item.figures.cost * pots, currency)}</strong>,
              styles.compareFigure,
            )}
        </tbody>
      </table>
    </div>
  );
}

function Mark({ is }: { is: 'best' | 'worst' | null }) {
  const { t } = useWords();

  return is === null ? null : (
    <span className={is === 'best' ? styles.compareBest : styles.compareWorst}>
      <span aria-hidden="true">{is === 'best' ? '▲' : '▽'}</span> {t(`compare.${is}`)}
    </span>
  );
}
