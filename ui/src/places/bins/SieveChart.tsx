import type { Schemas } from '../../api/client';
import { type Curve, CurveChart, CurveKey } from '../../drawing/CurveChart';
import { useWords } from '../../i18n/words';

const SIZES = [0.063, 0.125, 0.25, 0.5, 1, 2, 4, 8, 16, 32];

/** Grading curves of one or several components on one axis. */
export function SieveChart({ sheets }: { sheets: Schemas['ComponentSheet'][] }) {
  const { t, n, percent } = useWords();
  const curves: Curve[] = sheets.map((sheet) => ({
    label: sheet.component.name,
    colour: sheets.length === 1 ? 'var(--clay)' : lineColour(sheet.component.colour),
    points: sheet.sieve_curve.map((point) => ({ x: point.size_mm, y: point.passing })),
  }));

  return (
    <figure>
      <CurveChart
        title={t('component.sieveAlt', {
          names: sheets.map((sheet) => `${sheet.component.name}: D50 ${n(sheet.poured.d50_mm, 2)} mm`).join('; '),
        })}
        curves={curves}
        xTicks={SIZES}
        xLabel={t('component.sieveX')}
        yLabel={t('component.sieveY')}
        xText={(size) => n(size)}
        yText={(share) => percent(share)}
        yTop={1}
      />
      {sheets.length > 1 && <CurveKey curves={curves} />}
    </figure>
  );
}

/** A material's colour, made dark enough for a line on a light ground. */
function lineColour(colour: string): string {
  const channels = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16));
  const light = channels.reduce((sum, channel) => sum + channel, 0) / 3;

  return light > 140 ? `rgb(${channels.map((channel) => Math.round((channel * 110) / light)).join(' ')})` : colour;
}
