import { Button, Form } from 'antd';
import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useWalk } from '../../api/season';
import { plain, typedNumber } from '../../i18n/numbers';
import { useWords } from '../../i18n/words';
import { NumberField } from '../../kit/fields/NumberField';
import { Side } from '../../kit/overlays/Side';
import { DoButton } from '../../kit/people/DoButton';
import common from '../../styles/common.module.css';
import styles from './season.module.css';

/** In which order one walks by the places, and how much a can holds. */
export function WalkDrawer({ round, close }: { round: Schemas['WaterRound']; close: () => void }) {
  const { t } = useWords();
  const walk = useWalk();
  const [places, setPlaces] = useState(round.places.map(({ place }) => place));
  const [can, setCan] = useState(plain(round.can_l));
  const canL = typedNumber(can);
  const wrong = canL === null || canL <= 0;
  const move = (from: number, by: number) => {
    const next = [...places];
    const [moved = ''] = next.splice(from, 1);
    next.splice(from + by, 0, moved);
    setPlaces(next);
  };
  const save = async () => {
    if (!wrong) {
      await walk.mutateAsync({ places, can_l: canL });
      close();
    }
  };

  return (
    <Side title={t('walk.walk')} onClose={close} guarded>
      <p className={common.quiet}>{t('walk.walkHint')}</p>
      <ol className={styles.walk}>
        {places.map((place, i) => {
          const name = place === '' ? t('walk.noPlace') : place;

          return (
            <li key={place}>
              <span>{name}</span>
              <Button aria-label={t('walk.earlier', { place: name })} disabled={i === 0} onClick={() => move(i, -1)}>
                ↑
              </Button>
              <Button
                aria-label={t('walk.later', { place: name })}
                disabled={i === places.length - 1}
                onClick={() => move(i, 1)}
              >
                ↓
              </Button>
            </li>
          );
        })}
      </ol>
      <Form layout="vertical">
        <NumberField
          label={t('walk.can')}
          unit="L"
          value={can}
          error={wrong ? t('potyear.wrong') : undefined}
          onChange={setCan}
        />
      </Form>
      {walk.isError && (
        <p className={common.fieldError} role="alert">
          {walk.error.message}
        </p>
      )}
      <div className={common.drawerFoot}>
        <DoButton type="primary" loading={walk.isPending} onClick={() => void save().catch(() => undefined)}>
          {t('common.save')}
        </DoButton>
      </div>
    </Side>
  );
}
