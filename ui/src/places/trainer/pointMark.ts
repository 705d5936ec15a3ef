/** How near a guess was, as a shape: full, half, empty. */
export function pointMark(points: number): string {
  return points >= 0.8 ? '●' : points >= 0.35 ? '◐' : '○';
}
