import { Button } from 'antd';

import { answerOf, api, type Schemas } from '../../../api/client';
import { useLastGood, type LastGood } from '../../../api/lastGood';
import { useWords } from '../../../i18n/words';
import common from '../../../styles/common.module.css';
import blendStyles from '../blend.module.css';
import { useBlend } from '../state/BlendProvider';
import { writtenRows } from '../state/mix';
import styles from './mix.module.css';

const ask = async (body: Schemas['ThrownInInput'], signal: AbortSignal) =>
  answerOf(await api.POST('/writing/thrown-in', { body, signal }));

export const useThrownIn = (question: Schemas['ThrownInInput'] | null) => useLastGood('thrown-in', question, ask);

/** What was thrown in is now this; it can be taken as the mix. */
export function TubNow({ data, fresh, close }: LastGood<Schemas['ThrownIn']> & { close: () => void }) {
  const { t, percent, q } = useWords();
  const { dispatch } = useBlend();
  if (data === undefined) {
    return null;
  }
  const { recipe } = data;
  const parts = data.inside.map((line) => line.parts);

  return (
    <section
      className={fresh ? styles.tubAnswer : `${styles.tubAnswer} ${common.notFresh}`}
      aria-label={t('tub.now')}
      aria-busy={!fresh}
    >
      <h3>{t('tub.now')}</h3>
      <dl className={blendStyles.litres}>
        {data.inside.map((line) => (
          <div key={line.component_id}>
            <dt>{line.name}</dt>
            <dd>
              {q(line.litres, 'L')} · {percent(line.share)}
            </dd>
          </div>
        ))}
      </dl>
      {parts.length > 1 && !parts.includes(null) && (
        <p className={styles.bigFigure}>{t('tub.nowParts', { parts: parts.join(' : ') })}</p>
      )}
      <p>
        {recipe === null
          ? t('tub.noRecipe')
          : recipe.same
            ? t('tub.isRecipe', { name: recipe.name })
            : t('tub.nearRecipe', { name: recipe.name, share: percent(recipe.other_share) })}
      </p>
      <p className={common.quiet}>
        {t('tub.nowSums', {
          scooped: q(data.scooped_l, 'L'),
          poured: q(data.poured_l, 'L'),
          kg: q(data.mass_kg, 'kg'),
        })}
      </p>
      <Button
        type="primary"
        onClick={() => {
          dispatch({ do: 'rows', rows: writtenRows(data.rows), notation: 'litres' });
          close();
        }}
      >
        {t('tub.take')}
      </Button>
    </section>
  );
}
