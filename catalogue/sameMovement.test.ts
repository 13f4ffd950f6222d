import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { UNKNOWN_PERSON } from '@prompt-spark/core/people/person';
import { slotPlaces } from '@prompt-spark/core/swaps/swap';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { readWhiteboard } from '@prompt-spark/core/whiteboard/readWhiteboard';
import type { Drill, Variant } from '@prompt-spark/core/drills/drill';
import { libraryOf, plainName } from '@prompt-spark/core/drills/library';
import { servedOn } from '@prompt-spark/core/drills/served';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';
import { ONLY_THE_NAME, placeOf, SAME_MOVEMENT } from './sameMovement.ts';

const library = libraryOf(catalogue);
const places = new Map(
  catalogue.flatMap((drill) =>
    drill.ladder.map((rung) => [rung.rung === 0 ? drill.name : placeOf(drill, rung), { drill, rung }] as const),
  ),
);

/** What must be the same of one movement, wherever it stands. */
const factsOf = (drill: Drill, rung: Variant) => ({
  posture: rung.posture,
  demands: rung.demands,
  effort: rung.effort,
  targets: servedOn(drill, rung),
});

describe('one movement', () => {
  it.each(Object.entries(SAME_MOVEMENT))('has one set of facts: %s is %s', (place, other) => {
    const [one, means] = [places.get(place), places.get(other)];
    if (!one || !means) throw new Error(`There is no ${one ? other : place}.`);
    expect(factsOf(one.drill, one.rung)).toEqual(factsOf(means.drill, means.rung));
  });

  it('is never offered in place of itself under another name', () => {
    const occasion = occasionOf({ library });
    for (const [place, other] of Object.entries(SAME_MOVEMENT)) {
      const [one, means] = [places.get(place), places.get(other)];
      if (!one || !means || means.rung.rung !== 0) continue;
      const { circuit } = readWhiteboard(`mobilise\n${means.drill.name}`, library);
      const [planned] = slotPlaces(circuit, occasion);
      if (!planned) throw new Error(`${means.drill.name} is not read.`);
      const { swaps } = swapsFor(planned, { id: '', ...UNKNOWN_PERSON }, occasion);
      const offered = swaps.filter(({ drillId, variantId }) => drillId === one.drill.id && variantId === one.rung.id);
      expect(offered, `${other} as ${place}`).toEqual([]);
    }
  });

  it('is found wherever a rung has the name of another drill, unless only the words are alike', () => {
    const apart = catalogue.flatMap((drill) =>
      drill.ladder.flatMap((rung) => {
        const other = library.byName.get(plainName(rung.name));
        const place = placeOf(drill, rung);
        if (!other || other.id === drill.id || place in SAME_MOVEMENT || ONLY_THE_NAME.has(place)) return [];
        return [`${place} has the name of ${other.name}`];
      }),
    );
    expect(apart).toEqual([]);
  });
});

describe('what a gentler rung prepares', () => {
  const served = (place: string) => {
    const found = places.get(place);
    if (!found) throw new Error(`There is no ${place}.`);
    return servedOn(found.drill, found.rung);
  };

  it.each([
    ['Stick pass-through > stop overhead', 'shoulder · behind'],
    ['Cross-body hold with lunge > no lunge', 'pattern · lunge'],
    ['Overhead squat > arms forward', 'shoulder · overhead'],
    ['Standing side bend > sitting', 'pattern · squat'],
    ['Walking lunge with twist > no twist', 'thoracic · rotation'],
    ['Squat jump > quick squat, heels up', 'pattern · jump'],
    ['Hip opener to squat > no squat', 'pattern · squat'],
    ['Single-leg stand > toes of the other foot down', 'system · balance'],
    ['Step, reach and turn > no turn', 'thoracic · rotation'],
    ['Bird dog > arm only, sitting', 'glutes · activation'],
  ] as const)('%s prepares no %s, or hardly', (place, target) => {
    expect(served(place)[target] ?? 0).toBeLessThanOrEqual(0.2);
  });

  it('is never more than the drill prepares, unless it is another movement', () => {
    for (const drill of catalogue) {
      for (const rung of drill.ladder.filter((one) => one.rung < 0 && !(placeOf(drill, one) in SAME_MOVEMENT))) {
        for (const [target, strength] of Object.entries(rung.targets ?? {})) {
          const whole = Object.entries(drill.targets).find(([name]) => name === target)?.[1] ?? 0;
          expect([placeOf(drill, rung), target, strength <= whole]).toEqual([placeOf(drill, rung), target, true]);
        }
      }
    }
  });
});
