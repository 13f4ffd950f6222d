/** What a choice of instructions comes to. */
export interface Served {
  /** Indexes of the chosen instructions, in order. */
  readonly chosen: readonly number[];
  /** Everybody's best score among the chosen, added up. */
  readonly total: number;
}

/**
 * The instructions that serve the most people, with the fewest of them, and with the best total score; exact, for one or two
 * instructions at most.
 *
 * @param scores for every instruction, how well it suits each person; below 0 where they may not do it
 */
export function servedBy(scores: readonly (readonly number[])[], people: number, most: 1 | 2): Served {
  const masks = scores.map(maskOf);
  const single = bestOf(singles(masks), scores, people);
  const reach = count(masks.reduce<Mask>(union, []));
  if (most === 1 || single.served === reach) return single;
  const pair = bestOf(pairs(masks), scores, people);
  return pair.served > single.served ? pair : single;
}

/** Who is served, one bit a person, thirty people to a number. */
type Mask = readonly number[];

/** Bitwise operators work on 32-bit numbers with a sign. */
const PEOPLE_A_NUMBER = 30;

function maskOf(scores: readonly number[]): Mask {
  const mask = Array.from({ length: Math.ceil(scores.length / PEOPLE_A_NUMBER) }, () => 0);
  scores.forEach((score, person) => {
    const at = Math.floor(person / PEOPLE_A_NUMBER);
    if (score >= 0) mask[at] = (mask[at] ?? 0) | (1 << (person % PEOPLE_A_NUMBER));
  });
  return mask;
}

function union(one: Mask, other: Mask): Mask {
  const [longer, shorter] = one.length >= other.length ? [one, other] : [other, one];
  return longer.map((part, at) => part | (shorter[at] ?? 0));
}

function count(mask: Mask): number {
  return mask.reduce((sum, part) => sum + bits(part), 0);
}

/** How many people two instructions serve together. Without a new list: this runs for every pair of instructions. */
function countTogether(one: Mask, other: Mask): number {
  let served = 0;
  for (let at = 0; at < one.length; at += 1) served += bits((one[at] ?? 0) | (other[at] ?? 0));
  return served;
}

/** The number of ones in a whole number (Hacker's Delight, 2nd edition, figure 5–2). */
function bits(value: number): number {
  let left = value - ((value >>> 1) & 0x55555555);
  left = (left & 0x33333333) + ((left >>> 2) & 0x33333333);
  return Math.imul((left + (left >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}

interface Choice {
  readonly chosen: readonly number[];
  readonly served: number;
}

/** Those that serve the most. */
function singles(masks: readonly Mask[]): readonly Choice[] {
  const all = masks.map((mask, index) => ({ chosen: [index], served: count(mask) }));
  const most = Math.max(0, ...all.map(({ served }) => served));
  return all.filter(({ served }) => served === most && served > 0);
}

/** Those pairs that serve the most. */
function pairs(masks: readonly Mask[]): readonly Choice[] {
  let [most, best] = [0, [] as Choice[]];
  masks.forEach((first, one) => {
    for (let other = one + 1; other < masks.length; other += 1) {
      const mask = masks[other];
      if (!mask) continue;
      const served = countTogether(first, mask);
      if (served < most) continue;
      if (served > most) [most, best] = [served, []];
      best.push({ chosen: [one, other], served });
    }
  });
  return best;
}

function bestOf(choices: readonly Choice[], scores: readonly (readonly number[])[], people: number) {
  // Flat rows without those who may not: this loop runs for every pair that serves as many.
  const rows = scores.map((row) => Float64Array.from(row, (score) => Math.max(0, score)));
  const sums = rows.map((row) => row.reduce((sum, score) => sum + score, 0));
  const nobody = new Float64Array(people);
  let best: Served & { readonly served: number } = { chosen: [], total: 0, served: 0 };
  for (const { chosen, served } of choices) {
    const [one = -1, other = -1] = chosen;
    // No pair suits better than both of its instructions would together.
    if (best.chosen.length > 0 && (sums[one] ?? 0) + (sums[other] ?? 0) <= best.total) continue;
    const [first, second] = [rows[one] ?? nobody, rows[other] ?? nobody];
    let total = 0;
    for (let person = 0; person < people; person += 1) {
      total += Math.max(first[person] ?? 0, second[person] ?? 0);
    }
    if (best.chosen.length === 0 || total > best.total + 1e-12) best = { chosen, total, served };
  }
  return best;
}
