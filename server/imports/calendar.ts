/** Whether a day, YYYY-MM-DD, is one that there is. */
export function isInCalendar(day: string): boolean {
  const date = new Date(`${day}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(day);
}
