/**
 * A line as it was typed, pasted or dictated, in one spelling: small letters, one kind of dash, quote and space, fractions
 * and numbers as figures, without the bullet or number it has in a list.
 */
export function plainText(text: string): string {
  const oneSpelling = text
    .replace(/^\s*\d{1,2}[.)]?\t/, '')
    .normalize('NFKC')
    .toLowerCase()
    .replace(/[\p{Extended_Pictographic}\u{FE0F}\u{200D}]/gu, ' ')
    .replace(/[‐‑‒–—−]/g, '-')
    .replace(/[×✕✖⨯]/g, 'x')
    .replace(/[“”„″]/g, '"')
    .replace(/[‘’‚′`´]/g, "'")
    .replace(/⁄/g, '/')
    // A stopwatch has no minutes to show: ":30".
    .replace(/(?<![\w:.]):([0-5]\d)(?![\d:])/g, '0:$1')
    // "10ea", "10e", "12reps".
    .replace(/(?<![\w.])(\d{1,3})(?=(?:e|ea|each|reps?|times|total|per|alt)\b)/g, '$1 ')
    .replace(/\+\/-/g, ' about ')
    .replace(/\s+/g, ' ')
    .trim();
  return figures(fractions(withoutBullet(oneSpelling)));
}

const BULLET =
  /^(?:[•●○◦▪▫■□☐✓✔➢➤►‣⁃*·>~-]|\[[ x]?\]|\(?\d{1,2}[.)](?!\d)|\(?[a-h][.)]|[a-h]\d{1,2}[.):]?(?= )|(?:step|exercise|drill|station|move) ?\d{1,2} ?[:.)-](?= ))\s*/;

/** The text without the bullet, box, number or letter that begins a line of a list; several may stand before it. */
function withoutBullet(text: string): string {
  let rest = text;
  for (let at = 0; at < 4; at += 1) {
    const less = rest.replace(BULLET, '');
    if (less === rest || less === '') return rest;
    rest = less;
  }
  return rest;
}

const fractions = (text: string): string =>
  text
    .replace(/\bfig(?:ure|\.)? ?4\b/g, 'figure four')
    .replace(/(^|[^\d/])1\/2(?![\d/])/g, '$1half ')
    .replace(/(^|[^\d/])1\/4(?![\d/])/g, '$1quarter ')
    .replace(/(^|[^\d/])3\/4(?![\d/])/g, '$1three-quarter ');

const UNITS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const UNIT = Object.keys(UNITS).join('|');
const TEN = Object.keys(TENS).join('|');
const NUMBER_WORD = new RegExp(`\\b(?:(${TEN})(?:[ -](${UNIT}))?|(${UNIT}))\\b`, 'g');

/** Words after which a number counts a part of the body or names a drill: "one leg", "two-foot hops", "four positions". */
const NAMES_A_PART = /^[ -](?:leg|arm|hand|foot|feet|knee|side|way|point|position|footed|legged|handed|armed|grip)/;

/** Numbers that are written out, as figures; not where they belong to a name. */
export function figures(text: string): string {
  return text
    .replace(/\ba (?:minute|min) and a half\b/g, '90 seconds')
    .replace(/\b(?:half a|a half|half) minute\b/g, '30 seconds')
    .replace(/\b(?:a|one) (?=(?:minute|min|second|lap|length)\b)/g, '1 ')
    .replace(/\bhalf (?:a )?dozen\b/g, '6')
    .replace(/\b(?:a )?dozen\b/g, '12')
    .replace(/\b(?:a )?(?:couple|pair)(?: of)?\b/g, '2')
    .replace(/\b(?:a )?hundred\b/g, '100')
    .replace(/\btwice\b/g, '2 times')
    .replace(
      NUMBER_WORD,
      (
        word,
        ten: string | undefined,
        unit: string | undefined,
        alone: string | undefined,
        at: number,
        whole: string,
      ) => {
        if (NAMES_A_PART.test(whole.slice(at + word.length)) || whole.slice(0, at).endsWith('figure ')) return word;
        const value = (ten ? (TENS[ten] ?? 0) : 0) + (UNITS[unit ?? alone ?? ''] ?? 0);
        return String(value);
      },
    );
}
