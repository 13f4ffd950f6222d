/** Gives every column of a file a name of its own: one that stands twice counts the first time only. */
export function ownNames(): (heading: string, index: number) => string {
  const seen = new Map<string, number>();
  return (heading, index) => {
    const first = seen.get(heading) ?? index;
    seen.set(heading, first);
    return first === index ? heading : `${heading} (column ${index + 1})`;
  };
}
