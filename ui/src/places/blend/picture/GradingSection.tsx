import { memo, useMemo } from 'react';

import type { Schemas } from '../../../api/client';
import { GradingStrip } from '../../../drawing/GradingStrip';
import { useWords } from '../../../i18n/words';
import { drawn } from '../state/drawn';

/** The grain sizes of the mix, under whatever else is looked at. */
export const GradingSection = memo(function GradingSection({ evaluation }: { evaluation: Schemas['Evaluation'] }) {
  const { t } = useWords();
  const { mix } = evaluation;
  const materials = useMemo(() => drawn(evaluation), [evaluation]);

  return (
    <section aria-label={t('grading.title')}>
      <GradingStrip
        finesBelowHalf={mix.fines_below_half_mm}
        materials={materials}
        quantiles={[
          { q: 10, sizeMm: mix.d10_mm },
          { q: 50, sizeMm: mix.d50_mm },
          { q: 90, sizeMm: mix.d90_mm },
        ]}
      />
    </section>
  );
});
