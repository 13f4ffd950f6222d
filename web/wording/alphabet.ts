let table: Intl.Collator | undefined;

/**
 * The order of two names in the coach’s alphabet: negative, zero or positive. In English, letters without accents tell it
 * by themselves; the browser’s table, which a phone takes a while to open, is for the rest.
 */
export function compareNames(one: string, other: string): number {
  return (
    byPlainLetters(one.toLowerCase(), other.toLowerCase()) ??
    (table ??= new Intl.Collator(language())).compare(one, other)
  );
}

const language = (): string | undefined => (typeof navigator === 'undefined' ? undefined : navigator.language);

/** Where two names part at plain letters or a space, their order; undefined where it takes more to tell. */
function byPlainLetters(one: string, other: string): number | undefined {
  if (language()?.startsWith('en') !== true) return undefined;
  let at = 0;
  while (at < one.length && one[at] === other[at]) at += 1;
  const [mine = '', others = ''] = [one[at], other[at]];
  return mine !== others && /^[a-z ]{2}$/.test(mine + others) ? (mine < others ? -1 : 1) : undefined;
}
