import type { Schemas } from '../../api/client';
import { useWords } from '../../i18n/words';

export type FigureName = Schemas['FigureName'];

const UNITS: Partial<Record<FigureName, string>> = {
  bulk_density: 'kg/L',
  particle_density: 'kg/L',
  d50_mm: 'mm',
  hydraulic_size_mm: 'mm',
  run_through_s: 's',
  ec_ms_cm: 'mS/cm',
  crumble_rate: '1/year',
  flux_cm_s: 'cm/s',
  ph: '',
};

/** Figures of tests in words: shares as per cent, the rest with their units. */
export function useFigures() {
  const { t, n, percent } = useWords();
  const value = (name: FigureName, figure: number) => {
    const unit = UNITS[name];
    return unit === undefined ? percent(figure, 1) : `${n(figure)}${unit === '' ? '' : ` ${unit}`}`;
  };
  return {
    name: (figure: FigureName) => t(`figure.${figure}`),
    value,
    withUncertainty: (name: FigureName, figure: number, uncertainty: number | null) => {
      const unit = UNITS[name];
      if (uncertainty === null) {
        return value(name, figure);
      }
      return unit === undefined
        ? `${n(figure * 100)} ± ${n(uncertainty * 100, 2)}%`
        : `${n(figure)} ± ${n(uncertainty, 2)}${unit === '' ? '' : ` ${unit}`}`;
    },
  };
}
