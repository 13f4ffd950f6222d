import { plainText } from './plainText.ts';
import { spokenLine } from './spokenDose.ts';

/** A list of drills that each end with their amount: "squats x10, push-ups x6, jog 30 s". Undefined for any other line. */
export function drillList(text: string): readonly string[] | undefined {
  const items = shared(text.split(/[,;]\s(?:and\s)?/i));
  const whole = items.length > 1 && items.every((item) => /^[a-z].*\d/i.test(item) && amountSaid(item));
  return whole ? items : undefined;
}

/** The items of a list of which the last says how much of each: "A-skip, B-skip, butt kicks 20 m each". */
function shared(items: readonly string[]): readonly string[] {
  const last = /^(\D{3,60})\s(\d[^,;]{0,20}?)\s(?:of\s)?each(\s(?:way|side|leg|arm|direction))?$/i.exec(
    items.at(-1) ?? '',
  );
  const [, name = '', much = '', of] = last ?? [];
  const amount = of ? `${much} each${of}` : much;
  if (name === '' || items.length < 2 || items.slice(0, -1).some((item) => /\d/.test(item))) return items;
  return [...items.slice(0, -1), name].map((item) => `${item} ${amount}`);
}

/** Whether a text says how much itself. */
export function amountSaid(text: string): boolean {
  const { count, seconds, measure, lengths, laps } = spokenLine(plainText(text)).said;
  return [count, seconds, measure, lengths, laps].some((said) => said !== undefined);
}
