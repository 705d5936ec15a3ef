import { Button } from 'antd';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood, type LastGood } from '../../../api/lastGood';
import { rules } from '../../../api/meta';
import { useWords } from '../../../i18n/words';
import { plain } from '../../../i18n/numbers';
import common from '../../../styles/common.module.css';
import blendStyles from '../blend.module.css';
import styles from './mix.module.css';
import type { TubRow } from './TubRows';

const ask = async (body: Schemas['TopUpInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/writing/top-up', { body, signal }));

export const useTopUp = (question: Schemas['TopUpInput'] | null) => useLastGood('top-up', question, ask);

/** What to add to the tub, and the bins of the same mix that could go in first. */
export function TubUp({
  data,
  fresh,
  putIn,
}: LastGood<Schemas['TopUp']> & { putIn: (row: TubRow, litres: string) => void }) {
  const { t, percent, q } = useWords();
  if (data === undefined) {
    return null;
  }

  return (
    <section
      className={fresh ? styles.tubAnswer : `${styles.tubAnswer} ${common.notFresh}`}
      aria-label={t('tub.add')}
      aria-busy={!fresh}
    >
      {data.left.map((bin) => (
        <p key={bin.component_id} className={styles.tubLeft}>
          {t('tub.left', { name: bin.name, litres: q(bin.litres, 'L') })}
          <Button
            aria-label={`${t('tub.putIn')}: ${bin.name}`}
            onClick={() => putIn({ componentId: bin.component_id, name: bin.name }, plain(bin.litres))}
          >
            {t('tub.putIn')}
          </Button>
        </p>
      ))}
      <h3>{t('tub.add')}</h3>
      <dl className={blendStyles.litres}>
        {data.add.map((line) => (
          <div key={line.component_id}>
            <dt>{line.name}</dt>
            <dd>{line.litres < rules.notable.litres ? t('tub.nothing') : q(line.litres, 'L')}</dd>
          </div>
        ))}
      </dl>
      <p>
        {t('tub.total', { total: q(data.total_l, 'L'), recipe: q(data.recipe_l, 'L'), least: q(data.least_l, 'L') })}
      </p>
      {data.apart.map((mix) => (
        <p key={mix.component_id} className={common.quiet}>
          {t(mix.same ? 'tub.apartSame' : 'tub.apart', { name: mix.name })}
        </p>
      ))}
      {data.foreign.map((line) => (
        <p key={line.component_id} className={styles.notationOff}>
          {t('tub.foreign', { name: line.name, share: percent(line.share, 1) })}
        </p>
      ))}
    </section>
  );
}
