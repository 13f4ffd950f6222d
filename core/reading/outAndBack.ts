/** The length of the floor, as a way that is not measured. */
export const ONE_LENGTH = '1 length';

const FAR = String.raw`\d+(?:\.\d+)?\s?(?:m|metres?|meters?|yd|yds|yards?|ft|feet)`;
const OUT_AND_BACK = /^(.{2,60})\s(?:out|there|up|down|over)\b\s?(?:,|\/|;|&|\+|and\b|then\b)\s?(.{2,60}\sback)$/i;
/** The way back after one way that is measured: "high knees 20 m, walk back". */
const WAY_BACK =
  /^(.{2,60}),\s((?:(?:easy|slow)\s)?(?:walk|jog|skip|backpedal|shuffle)\sback)(?:\s(?:recovery|to\srecover|easy|slowly))?$/i;
const FAR_AFTER = new RegExp(String.raw`[,;:]?\s(?:for\s)?(${FAR})(?:\s?each(?:\sway)?)?$`, 'i');
const FAR_THERE = new RegExp(String.raw`\s(${FAR})(?=\s(?:out|there|up|down|over)\b|,\s)`, 'i');
const FAR_BEFORE = new RegExp(String.raw`^(${FAR})[,;:]?\s`, 'i');

/** Across the floor one way and back another, "jog out, backpedal back": as far each way as is said, or a length. */
export function outAndBack(text: string): readonly string[] | undefined {
  const far = FAR_AFTER.exec(text) ?? FAR_BEFORE.exec(text) ?? FAR_THERE.exec(text);
  const once = far ? text.replace(far[0], '') : text;
  const found = OUT_AND_BACK.exec(once) ?? (far && !/\d/.test(once) ? WAY_BACK.exec(once) : null);
  if (!found) return undefined;
  return [found[1] ?? '', (found[2] ?? '').replace(/\sback$/i, '')].map((way) => `${way} ${far?.[1] ?? ONE_LENGTH}`);
}
