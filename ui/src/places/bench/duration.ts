/** A time in minutes, hours or days, whichever is shortest to say. */
export function durationText(minutes: number): string {
  if (minutes < 60) {
    return `${Math.round(minutes)} min`;
  }
  return minutes < 48 * 60 ? `${Math.round(minutes / 6) / 10} h` : `${Math.round(minutes / 144) / 10} d`;
}

/** Seconds as a clock shows them: 4:05, or 11:59:30. */
export function clockText(seconds: number): string {
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (value: number) => String(value).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}
