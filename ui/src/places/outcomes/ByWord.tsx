import { Segmented } from 'antd';

import { Scrolls } from '../../kit/Scrolls';
import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import { ShareText } from './ShareText';
import styles from './outcomes.module.css';

interface Props<By extends string> {
  outcome: Schemas['MixOutcome'];
  by: By;
  setBy: (by: string) => void;
  words: readonly By[];
}

/** The same counted by version, kind of plant, place, depth or year. */
export function ByWord<By extends 'version' | 'species' | 'place' | 'depth' | 'year'>(props: Props<By>) {
  const { outcome, by, setBy, words } = props;
  const { t, n } = useWords();
  const said = (word: string) => {
    if (by === 'version') {
      return t('outcome.version', { version: word });
    }

    return by === 'depth' ? t(`outcome.depth.${word as Schemas['OutcomeDepth']}`) : word === '' ? '–' : word;
  };

  return (
    <section>
      <div className={styles.byHead}>
        <h2>{t('outcome.by')}</h2>
        <Segmented
          aria-label={t('outcome.by')}
          value={by}
          options={words.map((value) => ({ value: value as string, label: t(`outcome.by.${value}`) }))}
          onChange={setBy}
        />
      </div>
      <Scrolls name={t(`outcome.by.${by}`)}>
        <table className={styles.by}>
          <thead>
            <tr>
              <th scope="col">{t(`outcome.by.${by}`)}</th>
              <th scope="col">{t('outcome.plants')}</th>
              <th scope="col">{t('outcome.rowTook')}</th>
              <th scope="col">{t('outcome.diedYear')}</th>
              <th scope="col">{t('outcome.growth')}</th>
            </tr>
          </thead>
          <tbody>
            {outcome.by.map(({ word, sums }) => (
              <tr key={word}>
                <th scope="row">{said(word)}</th>
                <td>{n(sums.pottings, 6)}</td>
                <td>
                  <ShareText of={sums.took} />
                </td>
                <td>
                  <ShareText of={sums.died_year} bar={false} />
                </td>
                <td>{sums.growth.mm_year === null ? '–' : t('outcome.mmYear', { mm: n(sums.growth.mm_year, 2) })}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Scrolls>
    </section>
  );
}
