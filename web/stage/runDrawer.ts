import type { CircuitDraft } from '@prompt-spark/contract/circuit';
import { isKeptRun, type KeptRun } from '@prompt-spark/core/session/keptRun';
import type { Slot } from '@prompt-spark/core/circuit/circuit';

/** A kept run, with the slots that run otherwise since what was left was fitted. */
export interface KeptStage extends KeptRun {
  readonly refitted: readonly (readonly [string, Slot])[];
  /** The circuit with what was put in and left out on the way; none in a run that was kept before it was. */
  readonly course?: CircuitDraft;
}

/** Where the run of one circuit, for one session or none, is kept in this browser while it is under way. */
export interface RunDrawer {
  put(kept: KeptStage): void;
  get(): KeptStage | undefined;
  drop(): void;
}

/** Nothing of people is in it: drills, seconds and what they took. */
export function runDrawer(
  coachId: string,
  circuitId: string,
  sessionId: string | null,
  storage: Storage = localStorage,
): RunDrawer {
  const key = `prompt-spark-stage/${coachId}/${circuitId}/${sessionId ?? ''}`;
  return {
    put(kept) {
      try {
        storage.setItem(key, JSON.stringify(kept));
      } catch (error) {
        // A browser that is full runs on: only a reload would lose the run.
        if (!(error instanceof DOMException)) throw error;
      }
    },
    get() {
      const value = withEverything(parsed(storage.getItem(key)));
      if (!isKeptRun(value)) return undefined;
      return 'refitted' in value && Array.isArray(value.refitted) ? (value as KeptStage) : { ...value, refitted: [] };
    },
    drop: () => storage.removeItem(key),
  };
}

/** A run that was kept before gaps and marks were booked has none. */
function withEverything(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || !('run' in value)) return value;
  const { run } = value;
  return typeof run === 'object' && run !== null ? { ...value, run: { gaps: [], marks: [], ...run } } : value;
}

function parsed(text: string | null): unknown {
  try {
    return text === null ? undefined : JSON.parse(text);
  } catch {
    return undefined;
  }
}
