import { Form } from 'antd';

import type { Schemas } from '../../../api/client';
import { CanopyPicture } from '../../../drawing/CanopyPicture';
import { useWords } from '../../../i18n/words';
import { NumberField } from '../../../kit/fields/NumberField';
import { useBlend } from '../state/BlendProvider';
import { typedNumber } from '../../../i18n/numbers';
import styles from './situation.module.css';

/** The crown is the largest doubt about water, so it is asked for where water is judged, with a sensible start. */
export function CanopyAsk({ evaluation }: { evaluation: Schemas['Evaluation'] }) {
  const { t, q, cell } = useWords();
  const { history, dispatch } = useBlend();
  const { water, section } = evaluation;
  const typed = history.now.situation.canopyCm;
  if (water === null) {
    return null;
  }

  return (
    <Form layout="vertical" className={styles.canopyAsk}>
      <CanopyPicture
        canopyCm={water.canopy_cm}
        potCm={Math.max(...section.outline.map((point) => point.width_cm))}
        depthCm={section.depth_cm}
      />
      <NumberField
        label={t('canopy.ask')}
        unit={t('unit.cm')}
        value={typed}
        placeholder={cell(Math.round(water.canopy_cm), 'cm')}
        error={typed.trim() !== '' && typedNumber(typed) === null ? t('common.notNumber') : undefined}
        onChange={(canopyCm) => dispatch({ do: 'situation', touches: 'canopyCm', situation: { canopyCm } })}
      />
      <p className={styles.canopyHint}>
        {t(water.canopy_given ? 'canopy.given' : 'canopy.estimated', { cm: q(Math.round(water.canopy_cm), 'cm') })}
      </p>
    </Form>
  );
}
