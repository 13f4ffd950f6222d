import type { Circuit } from '@prompt-spark/core/circuit/circuit';
import type { DrillLibrary } from '@prompt-spark/core/drills/library';
import type { SlotTracks } from '@prompt-spark/core/swaps/tracksFor';
import type { Person } from '@prompt-spark/core/people/person';
import type { Occasion } from '@prompt-spark/core/occasion/occasion';
import type { Tracking } from './tracksWorker.ts';
import { Workshop } from '../../workers/workshop.ts';

/** Works tracks out beside the page. */
export class TrackWork {
  private readonly workshop: Workshop<Tracking>;
  private told: { readonly library: DrillLibrary; readonly by: unknown } | undefined;
  private last = 0;

  constructor(start = () => new Worker(new URL('./tracksWorker.ts', import.meta.url), { type: 'module' })) {
    this.workshop = new Workshop(start);
  }

  /**
   * The tracks of a circuit; undefined where a later question has overtaken this one.
   *
   * @throws WorkFailed
   */
  async tracks(
    circuit: Circuit,
    people: readonly Person[],
    { library, ...occasion }: Occasion,
    circuitId: string,
  ): Promise<readonly SlotTracks[] | undefined> {
    this.last += 1;
    const question = this.last;
    const found = await this.workshop.ask(async (api) => {
      const by = this.workshop.now;
      if (this.told?.library !== library || this.told.by !== by) {
        this.told = { library, by };
        await api.know(library.drills);
      }
      return api.tracks(circuit, people, occasion, circuitId);
    });
    return question === this.last ? found : undefined;
  }

  end(): void {
    this.workshop.end();
  }

  /** What is being worked out is no longer wanted. */
  overtake(): void {
    this.last += 1;
  }
}
