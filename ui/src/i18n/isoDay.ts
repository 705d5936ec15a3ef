/** The day where the reader is, as forms and the server write it, so many days from now. */
export function isoDay(daysFromNow = 0): string {
  const day = new Date();
  day.setDate(day.getDate() + daysFromNow);
  const two = (part: number) => String(part).padStart(2, '0');

  return `${String(day.getFullYear())}-${two(day.getMonth() + 1)}-${two(day.getDate())}`;
}
