import { computed, shallowRef } from 'vue';

/** How a coach writes times and dates. */
export interface ClockStyle {
  /** 18:30 or 6:30 pm. */
  readonly hours: 24 | 12;
  /** 26 November, weeks from Monday; or November 26, weeks from Sunday. */
  readonly first: 'day' | 'month';
}

const KEY = 'prompt-spark-clock';
const PLAIN: ClockStyle = { hours: 24, first: 'day' };

const chosen = shallowRef(kept());

/** The style of this browser, as it was chosen or as its language has it: a phone takes a while to find that out. */
export const clockStyle = computed<ClockStyle>(() => chosen.value ?? usual());

/** Chooses a style, for this browser. */
export function chooseClockStyle(style: ClockStyle): void {
  chosen.value = style;
  localStorage.setItem(KEY, JSON.stringify(style));
}

function kept(): ClockStyle | undefined {
  if (typeof localStorage === 'undefined') return undefined;
  try {
    const { hours, first } = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<ClockStyle>;
    return hours && first ? { hours: hours === 12 ? 12 : 24, first: first === 'month' ? 'month' : 'day' } : undefined;
  } catch {
    return undefined;
  }
}

/** What the language of the browser asks for: its own formatter says whether it has a noon, and whether the month is first. */
function usual(): ClockStyle {
  if (typeof window === 'undefined') return PLAIN;
  const format = new Intl.DateTimeFormat(navigator.language, { hour: 'numeric', day: 'numeric', month: 'numeric' });
  const kinds = format.formatToParts().map(({ type }) => type);
  return {
    hours: format.resolvedOptions().hour12 === true ? 12 : 24,
    first: kinds.indexOf('month') < kinds.indexOf('day') ? 'month' : 'day',
  };
}
