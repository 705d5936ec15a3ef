import { memo } from 'react';

import type { Schemas } from '../api/client';
import { layGrains } from './grains';
import { grainPaths } from './grainShapes';
import { markColour } from './shade';
import styles from './drawing.module.css';

const SIZE = 28;

/** A pinch of a material: its colour and the form of its grains. */
export const Swatch = memo(function Swatch({
  kind,
  colour,
  size = SIZE,
}: {
  kind: Schemas['Kind'];
  colour: string;
  size?: number;
}) {
  const shares = Array<number>(22).fill(0);
  shares[16] = 0.6;
  shares[14] = 0.4;
  const bed = { from: 0, to: 2.2, widthAt: () => 2.2 };
  const grains = layGrains(bed, [{ id: colour, classShares: shares }], 0.8, 0.1).get(colour) ?? [];
  const paths = grainPaths(grains, kind, SIZE / 2.2, SIZE / 2, SIZE, colour);

  return (
    <svg className={styles.swatch} width={size} height={size} viewBox={`0 0 ${SIZE} ${SIZE}`} aria-hidden="true">
      <rect width={SIZE} height={SIZE} fill={colour} opacity={0.25} />
      <path d={paths.body} fill={colour} stroke={markColour(colour)} strokeWidth={0.5} />
      <path d={paths.marks} fill="none" stroke={markColour(colour)} strokeWidth={0.6} />
    </svg>
  );
});
