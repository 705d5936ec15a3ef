/** A day of a calendar sheet. */
export interface CalendarDay {
  iso: string;
  day: number;
  inMonth: boolean;
}

/** A day as YYYY-MM-DD where the reader is. */
export function iso(day: Date): string {
  return `${day.getFullYear()}-${String(day.getMonth() + 1).padStart(2, '0')}-${String(day.getDate()).padStart(2, '0')}`;
}

/** The weeks that a month, 0 to 11, lies in, Mondays first. */
export function monthDays(year: number, month: number): CalendarDay[][] {
  const first = new Date(year, month, 1);
  const start = 1 - ((first.getDay() + 6) % 7);
  const days = new Date(year, month + 1, 0).getDate();
  const weeks = Math.ceil((days - start + 1) / 7);

  return Array.from({ length: weeks }, (_, week) =>
    Array.from({ length: 7 }, (_, at) => {
      const date = new Date(year, month, start + 7 * week + at);
      return {
        iso: iso(date),
        day: date.getDate(),
        inMonth: date.getMonth() === month,
      };
    }),
  );
}
