import type { Schemas } from '../api/client';

/** Inner width of a pot in cm by height, from its outline. */
export function widthsOf(outline: Schemas['OutlinePoint'][]): (z: number) => number {
  return (z) => {
    const above = outline.findIndex((point) => point.z_cm >= z);
    const upper = outline[above === -1 ? outline.length - 1 : above];
    const lower = outline[Math.max(0, above - 1)];
    if (upper === undefined || lower === undefined || upper.z_cm <= lower.z_cm) {
      return upper?.width_cm ?? 0;
    }

    return lower.width_cm + ((upper.width_cm - lower.width_cm) * (z - lower.z_cm)) / (upper.z_cm - lower.z_cm);
  };
}
