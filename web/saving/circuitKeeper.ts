import type { CircuitDraft, CircuitRecord, CircuitSave, CircuitStamp } from '@prompt-spark/contract/circuit';
import { ServerAway, ServerProblem } from '../api/call.ts';
import type { BrowserKeep } from './browserKeep.ts';

/** How saving stands. */
export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'saving' }
  /** The server cannot be reached; the changes are kept in the browser and sent when it returns. */
  | { readonly kind: 'away' }
  /** Somebody else saved since; both versions are at hand. */
  | { readonly kind: 'conflict'; readonly theirs: CircuitRecord }
  /** The server will not take it, for the reason given. The changes stay in the browser. */
  | { readonly kind: 'refused'; readonly reason: string };

/** What a keeper stands on; tests put their own in. */
export interface KeeperParts {
  /** Sends a save; throws ServerAway or ServerProblem. */
  readonly send: (id: string, save: CircuitSave) => Promise<CircuitStamp>;
  readonly tellState: (state: SaveState) => void;
  /** Where changes are kept until the server has them. */
  readonly keep: BrowserKeep<CircuitSave>;
  /** Where saves are kept that were sent and not answered. */
  readonly doubts: BrowserKeep<CircuitSave>;
  readonly newId?: () => string;
  /** Runs something after some milliseconds; gives what calls it off. */
  readonly later?: (run: () => void, milliseconds: number) => () => void;
}

const TYPING_PAUSE_MS = 400;
const FIRST_RETRY_MS = 1_000;
const MOST_RETRY_MS = 8_000;

/**
 * Saves one circuit as it changes. Every change is in the browser's storage before anything else happens, one save is
 * under way at a time, and a save that the server may or may not have got is sent again under the same id, before anything
 * newer: whatever came of it, the newer one is then made on the version it left, and is not taken for somebody else's.
 */
export class CircuitKeeper {
  private version: number;
  private unsent: CircuitSave | undefined;
  /** Sent and not answered. */
  private inDoubt: CircuitSave | undefined;
  private sending = false;
  private failures = 0;
  private callOff: () => void = () => undefined;
  private readonly keep: BrowserKeep<CircuitSave>;
  private readonly doubts: BrowserKeep<CircuitSave>;
  private readonly later: NonNullable<KeeperParts['later']>;
  private readonly newId: () => string;

  constructor(
    private readonly id: string,
    record: CircuitRecord,
    private readonly parts: KeeperParts,
  ) {
    this.version = record.version;
    this.keep = parts.keep;
    this.doubts = parts.doubts;
    this.later = parts.later ?? afterTimeout;
    this.newId = parts.newId ?? (() => crypto.randomUUID());
    parts.tellState({ kind: 'saved', at: record.savedAt });
  }

  /** Keeps a change and sends it once the typing pauses. */
  change({ circuit, groupId, siteId }: CircuitDraft): void {
    this.unsent = { circuit, groupId, siteId, version: this.version, saveId: this.newId() };
    this.keep.put(this.id, this.unsent);
    if (this.failures === 0) this.parts.tellState({ kind: 'saving' });
    this.sendAfter(TYPING_PAUSE_MS);
  }

  /** Takes up changes that an earlier visit left in the browser; gives them, so that they can be shown. */
  takeUpLeft(record: CircuitRecord): CircuitDraft | undefined {
    const left = this.keep.get(this.id);
    if (!left) return undefined;
    this.unsent = left;
    // What is typed on top of it builds on the version that it was made on, not on what stands on the server since.
    this.version = left.version;
    this.inDoubt = this.doubts.get(this.id);
    if (left.version === record.version || this.inDoubt) this.sendAfter(0);
    else this.parts.tellState({ kind: 'conflict', theirs: record });
    return left;
  }

  /** Sends what is unsent now, as when the connection is known to be back. */
  async flush(): Promise<void> {
    this.callOff();
    if (this.sending || !this.unsent) return;
    const save = this.inDoubt ?? this.unsent;
    this.sending = true;
    try {
      this.kept(save, await this.parts.send(this.id, save));
    } catch (error) {
      this.doubt(error instanceof ServerAway ? save : undefined);
      this.failed(error);
      if (error instanceof ServerProblem && this.unsent.saveId !== save.saveId) this.sendAfter(TYPING_PAUSE_MS);
    } finally {
      this.sending = false;
    }
  }

  /** Settles a conflict for these changes: they are saved over the other version. */
  keepMine(theirs: CircuitRecord): void {
    if (!this.unsent) return;
    this.version = theirs.version;
    this.change(this.unsent);
  }

  /** Settles a conflict for the other version: these changes are dropped. */
  takeTheirs(theirs: CircuitRecord): void {
    this.version = theirs.version;
    this.unsent = undefined;
    this.keep.drop(this.id);
    this.doubt(undefined);
    this.parts.tellState({ kind: 'saved', at: theirs.savedAt });
  }

  /** The version of the circuit that is on the server as it is here; undefined while something is unsent. */
  get settled(): number | undefined {
    return this.unsent ? undefined : this.version;
  }

  /** Stops sending; what is unsent stays in the browser. */
  stop(): void {
    this.callOff();
  }

  private kept(save: CircuitSave, record: CircuitStamp): void {
    this.version = record.version;
    this.failures = 0;
    this.doubt(undefined);
    if (this.unsent?.saveId === save.saveId) {
      this.unsent = undefined;
      this.keep.drop(this.id);
      this.parts.tellState({ kind: 'saved', at: record.savedAt });
    } else if (this.unsent) {
      this.unsent = { ...this.unsent, version: this.version };
      this.keep.put(this.id, this.unsent);
      this.sendAfter(TYPING_PAUSE_MS);
    }
  }

  private doubt(save: CircuitSave | undefined): void {
    this.inDoubt = save;
    if (save) this.doubts.put(this.id, save);
    else this.doubts.drop(this.id);
  }

  private failed(error: unknown): void {
    if (error instanceof ServerProblem && error.status === 409 && error.problem.current !== undefined) {
      // On a 409 the table of endpoints promises what is stored now.
      return this.parts.tellState({ kind: 'conflict', theirs: error.problem.current as CircuitRecord });
    }
    if (error instanceof ServerProblem) {
      return this.parts.tellState({ kind: 'refused', reason: error.problem.detail });
    }
    if (!(error instanceof ServerAway)) throw error;
    this.parts.tellState({ kind: 'away' });
    this.sendAfter(Math.min(MOST_RETRY_MS, FIRST_RETRY_MS * 2 ** this.failures));
    this.failures += 1;
  }

  private sendAfter(milliseconds: number): void {
    this.callOff();
    this.callOff = this.later(() => void this.flush(), milliseconds);
  }
}

function afterTimeout(run: () => void, milliseconds: number): () => void {
  const timer = setTimeout(run, milliseconds);
  return () => clearTimeout(timer);
}
