import type { Approach } from '../approach/approach.ts';
import type { MainSession } from '../coverage/mainSession.ts';
import { MAIN_SESSIONS } from '../coverage/mainSession.ts';
import type { Target } from '../drills/target.ts';
import type { Phase } from '../drills/phase.ts';
import type { Ceilings } from '../limits/ceilings.ts';
import type { Place } from '../limits/place.ts';
import type { Setting } from '../timeline/setting.ts';
import type { Seconds } from '../units.ts';

/** What, besides the circuit and the seconds, decides how it is fitted. */
export interface FitContext {
  readonly setting: Setting;
  readonly approach: Approach;
  readonly session?: MainSession | undefined;
  readonly place: Place;
  /**
   * What the people present may be asked, one each, without their names: no drill is brought in that is too much for one.
   * Null where it is not known who is there: then none is brought in.
   */
  readonly ceilings: readonly Ceilings[] | null;
  /** What has been done already, where only the rest of a circuit is fitted. */
  readonly done?: Done | undefined;
}

/** What the part of a circuit that has been run has given. */
export interface Done {
  readonly raise: Seconds;
  readonly phases: ReadonlySet<Phase>;
  readonly targets: ReadonlySet<Target>;
}

/** The needs a circuit is weighed by where nobody said what it is for: the whole body's. */
const WHOLE_BODY = 'mixed-circuit';

/** What the targets weigh by: the main session, or the whole body where none is named. */
export function needsOf({ session }: Pick<FitContext, 'session'>): MainSession['needs'] {
  return (session ?? MAIN_SESSIONS.find(({ id }) => id === WHOLE_BODY))?.needs ?? {};
}
