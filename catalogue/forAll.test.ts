import { copied } from '@prompt-spark/core/circuit/copied';
import { allSlots } from '@prompt-spark/core/circuit/circuit';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import { drillIn } from '@prompt-spark/core/drills/onRung';
import { demandOf } from '@prompt-spark/core/drills/demand';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { forAllWith } from '@prompt-spark/core/swaps/forAll';
import { limit } from '@prompt-spark/core/testing/people';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

const library = libraryOf(catalogue);
const occasion = occasionOf({ library });
const { circuit } = readWhiteboard(
  `# Before squats
for: squat day
in: 8:00
people: 14
with: somebody new
raise
  step jack 40s
mobilise
  lateral lunge 6/side alt
  cat-cow 8
  long lunge with rotation 4/side
activate
  glute bridge 10 !
  bird dog 6/side ?
  dead bug 6/side`,
  library,
);

describe('a circuit for others who do not go down to the floor', () => {
  const copy = copied(circuit, { title: 'Standing', available: 360, samePeople: false });
  const standing = forAllWith(limit('no-floor'), copy, occasion);
  const drills = allSlots(standing).map((slot) => drillIn(slot, library));

  it('has nothing on the floor, nothing twice, and what stood already as it was', () => {
    expect(drills.length).toBeGreaterThanOrEqual(5);
    const down = drills.map((drill) => (drill ? demandOf(baseOf(drill).demands, 'getting down') : 3));
    expect(down).toEqual(drills.map(() => 0));
    expect(new Set(drills.map((drill) => drill?.id)).size).toBe(drills.length);
    expect(allSlots(standing).slice(0, 2)).toEqual(allSlots(copy).slice(0, 2));
  });

  it('keeps what the coach marked, and where a drill has a standing version, the drill', () => {
    const [bridge] = allSlots(copy).filter(({ pinned }) => pinned);
    const now = allSlots(standing).find(({ id }) => id === bridge?.id);
    expect(now?.pinned).toBe(true);
    const cat = allSlots(copy).find(({ drillId }) => drillId === 'cat-cow');
    expect(allSlots(standing).find(({ id }) => id === cat?.id)?.drillId).toBe('cat-cow');
  });

  it('is not of the people of the first: only for the same people is who comes taken along', () => {
    expect(copy).toMatchObject({
      title: 'Standing',
      available: 360,
      people: 0,
      somebodyNew: false,
      purpose: 'squat day',
    });
    const same = copied(circuit, { title: 'Again', available: 0, samePeople: true });
    expect(same).toEqual({ ...circuit, title: 'Again', available: 0 });
  });

  it('is gone straight into from nothing that has changed', () => {
    const chain = readWhiteboard(
      'mobilise\ninchworm 3 ; straight into easy jog 1 length ; straight into walk 1 length',
      library,
    );
    const runsOn = (of: typeof circuit) => allSlots(of).map((slot) => slot.runsOn);
    expect(runsOn(chain.circuit)).toEqual([false, true, true]);
    expect(runsOn(forAllWith(limit('no-floor'), chain.circuit, occasion))).toEqual([false, false, true]);
  });

  it('is left as it is where nothing in it goes down', () => {
    expect(forAllWith(limit('no-floor'), standing, occasion)).toEqual(standing);
  });
});
