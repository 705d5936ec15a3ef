import { useState } from 'react';

import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';
import common from '../../styles/common.module.css';
import styles from './plants.module.css';
import { LayerModal } from './LayerModal';
import { DoButton } from '../../kit/people/DoButton';

type Deed = Schemas['AirLayerInput']['do'];

/** The layer that roots on a plant: since when, in what, how it looked, and what can be done with it. */
export function LayerSection({ plant, separated }: { plant: Schemas['Plant']; separated: (top: number) => void }) {
  const { t, date, q } = useWords();
  const [asking, setAsking] = useState<Deed | null>(null);
  const layer = plant.air_layer;

  return layer === null ? null : (
    <section aria-label={t('layer.title')}>
      <h2>{t('layer.title')}</h2>
      <p>{t('layer.since', { date: date(layer.put_on), wrap: layer.wrap, litres: q(layer.litres, 'L') })}</p>
      {layer.looks.length > 0 && (
        <ul className={common.plainList}>
          {layer.looks.map((look) => (
            <li key={`${look.on} ${look.roots}`}>
              {date(look.on)}: {t(`layer.roots.${look.roots}`)}
              {look.text !== '' && <span className={common.quiet}> · {look.text}</span>}
            </li>
          ))}
        </ul>
      )}
      <div className={`${styles.plantActs} ${common.noPrint}`}>
        {(['look', 'separate', 'off'] as const).map((deed) => (
          <DoButton key={deed} onClick={() => setAsking(deed)}>
            {t(`layer.${deed}`)}
          </DoButton>
        ))}
      </div>
      {asking !== null && (
        <LayerModal plant={plant} what={asking} close={() => setAsking(null)} separated={separated} />
      )}
    </section>
  );
}
