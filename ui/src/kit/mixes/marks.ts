import type { Schemas } from '../../api/client';

/** Levels by their shapes, so that none is told by colour alone. */
export const MARKS: Record<Schemas['Level'], string> = { good: '●', mind: '▲', stop: '■' };
