import type { Schemas } from '../../api/client';
import type { MessageId } from '../../i18n/words';
import { useWords } from '../../i18n/words';

type Figure = Schemas['PredictedFigure'];

/** How far off a figure was, in words. */
export function useFigureWords() {
  const { t, n, percent } = useWords();
  const signed = (text: string, value: number) => (value > 0 ? `+${text}` : text);
  const off = (figure: Figure, value: number) =>
    figure.is_ratio ? signed(percent(value), value) : signed(n(value, 2), value);

  return {
    name: (figure: string) => t(`right.figure.${figure}` as MessageId),
    bias: (figure: Figure) =>
      figure.low === null || figure.high === null
        ? off(figure, figure.bias)
        : `${off(figure, figure.bias)} (${off(figure, figure.low)} – ${off(figure, figure.high)})`,
    spread: (figure: Figure) =>
      figure.spread === null ? '–' : `± ${figure.is_ratio ? percent(figure.spread) : n(figure.spread, 2)}`,
    verdict: (figure: Figure) => {
      if (figure.low === null || figure.high === null || (figure.low <= 0 && figure.high >= 0)) {
        return t('right.noBias');
      }

      return t(figure.bias > 0 ? 'right.more' : 'right.less');
    },
  };
}
