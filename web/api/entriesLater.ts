/**
 * A file of many entries, a line each: the entry's name, a tab, and the entry as JSON. An entry is parsed when it is
 * first looked at: all of them in one go would keep a phone busy for entries that nobody looks at.
 */
export function entriesLater<Entry>(lines: string): Readonly<Record<string, Entry>> {
  const entries: Record<string, Entry> = {};
  for (const line of lines.split('\n')) {
    const tab = line.indexOf('\t');
    if (tab < 0) continue;
    let parsed: Entry | undefined;
    Object.defineProperty(entries, line.slice(0, tab), {
      enumerable: true,
      // This very build wrote the file (shippedLibrary.ts): an entry is what it says.
      get: () => (parsed ??= JSON.parse(line.slice(tab + 1)) as Entry),
    });
  }
  return entries;
}
