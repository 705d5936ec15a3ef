import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';

/** What is done to a component before it is mixed, in a few words. */
export function usePreparationWords() {
  const { t, n } = useWords();
  return (preparation: Schemas['Preparation']) =>
    [
      preparation.cut_mm === undefined ? null : t('prep.said.cut', { mm: n(preparation.cut_mm) }),
      preparation.screen_lo_mm === undefined ? null : t('prep.said.lo', { mm: n(preparation.screen_lo_mm) }),
      preparation.screen_hi_mm === undefined ? null : t('prep.said.hi', { mm: n(preparation.screen_hi_mm) }),
      preparation.rinse_mm === undefined ? null : t('prep.said.rinse', { mm: n(preparation.rinse_mm) }),
      preparation.limed_to_ph === undefined ? null : t('prep.said.lime', { ph: n(preparation.limed_to_ph) }),
      preparation.wet === 'damp' ? t('prep.said.damp') : null,
      preparation.wet === 'soak' ? t('prep.said.soak') : null,
    ]
      .filter((words) => words !== null)
      .join(', ');
}
