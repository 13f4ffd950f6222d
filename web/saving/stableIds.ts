/**
 * Ids for what a form sends, by what is sent: the same again has the same id, so that a booking whose answer was lost is
 * booked once however often it is sent; another booking has another.
 */
export function stableIds(make: () => string = () => crypto.randomUUID()): (what: unknown) => string {
  const ids = new Map<string, string>();
  return (what) => {
    const key = JSON.stringify(what);
    const known = ids.get(key) ?? make();
    ids.set(key, known);
    return known;
  };
}
