/** Every way of saying a time, in seconds: "1:30", "1 min 30", "a minute and a half", "45\"", "5 deep breaths, 4 in 6 out". */
export function inSeconds(plain: string): string {
  const minutes = (amount: string): string => String(Number(amount) * 60);
  return (
    plain
      .replace(
        /(?<!\d)(\d{1,3}(?: ?\/ ?\d{1,3}){2,11}) ?(?:minutes?|mins?)(?![a-z])/g,
        (_, list: string) => `${list.split('/').map(minutes).join('/')} seconds`,
      )
      .replace(/\b(\d{1,2}):([0-5]\d)\b/g, (_, m: string, s: string) => `${Number(m) * 60 + Number(s)} seconds`)
      .replace(/(\d)(?:''|"(?=[\s/,)]|$))/g, '$1 seconds')
      .replace(/(\d)'(?=\s|$)/g, '$1 min')
      // "2 x 1 min 15 s rest": a minute of work and its rest, not a minute and a quarter.
      .replace(
        /(\bx ?)(\d{1,3}) ?(?:minutes?|mins?\.?),? ?(?=\d{1,3} ?(?:seconds?|secs?\.?|s)? ?(?:rest|off|break|recovery)\b)/g,
        (_, by: string, m: string) => `${by}${minutes(m)} seconds, `,
      )
      .replace(
        /\b(\d+) ?(?:minutes?|mins?\.?) ?(?:and )?(\d+) ?(?:seconds?|secs?\.?|s)?(?![a-z\d.:%/-]| ?(?:x|reps?|times|each|per|a |m\b|yd|lengths?|sets?|rpm|spm|strokes?|watts?|bpm|kg|lbs?))/g,
        (whole, m: string, s: string) => (Number(s) < 60 ? `${Number(m) * 60 + Number(s)} seconds` : whole),
      )
      .replace(
        /(?<!\d)(\d{1,6}(?:\.\d{1,3})?)(?: ?(?:-|to|or) ?(\d{1,6}(?:\.\d{1,3})?))? ?(?:minutes?|mins?\.?)(?![a-z])/g,
        (_, low: string, high: string | undefined) =>
          `${minutes(low)}${high === undefined ? '' : `-${minutes(high)}`} seconds`,
      )
      .replace(/(\d) ?(?:seconds?|secs?\.?|s)(?![a-z'])/g, '$1 seconds')
      .replace(
        /(?<!\d)(\d{1,6})(?: ?(?:-|to|or) ?(\d{1,6}))? ?(?:(?:deep|slow|big|long|full|nice|easy|calm|belly) ){0,4}(?:breaths?|breathes)(?![a-z])(?: in and out)?(?:[ ,:]{1,2}(\d{1,2})(?: seconds)? ?-?in[ ,/-]{1,2}(?:and )?(\d{1,2})(?: seconds)? ?-?out)?/g,
        (_, low: string, high: string | undefined, into?: string, out?: string) => {
          const each = into === undefined ? BREATH : Number(into) + Number(out);
          return `${Number(low) * each}${high === undefined ? '' : `-${Number(high) * each}`} seconds`;
        },
      )
  );
}

/** Seconds of one breath in and out at rest. Common practice, no source. */
const BREATH = 4;
