import type { Seconds } from '@prompt-spark/core/units';

/** A position in a circuit that moves with a monotonic source while it runs. It never counts ticks, so it cannot drift. */
export class StageClock {
  private anchor: Seconds = 0;
  private startedAt: Seconds | undefined;

  constructor(private readonly now: () => Seconds) {}

  get running(): boolean {
    return this.startedAt !== undefined;
  }

  /** Seconds from the start of the circuit. */
  get position(): Seconds {
    return this.anchor + (this.startedAt === undefined ? 0 : this.now() - this.startedAt);
  }

  run(): void {
    this.startedAt ??= this.now();
  }

  pause(): void {
    this.anchor = this.position;
    this.startedAt = undefined;
  }

  /** Goes to a position, running on if it runs. */
  seek(position: Seconds): void {
    this.anchor = Math.max(0, position);
    if (this.startedAt !== undefined) this.startedAt = this.now();
  }
}
