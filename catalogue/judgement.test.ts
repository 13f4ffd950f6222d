import { ANYWHERE } from '@prompt-spark/core/occasion/site';
import { occasionOf } from '@prompt-spark/core/occasion/occasion';
import { usualSlot } from '@prompt-spark/core/circuit/slot';
import { baseOf } from '@prompt-spark/core/drills/drill';
import { libraryOf } from '@prompt-spark/core/drills/library';
import type { Person } from '@prompt-spark/core/people/person';
import { instructed, instructionName, type SlotPlace } from '@prompt-spark/core/swaps/swap';
import { swapsFor } from '@prompt-spark/core/swaps/swapsFor';
import { limit, TEST_DAY, testPerson } from '@prompt-spark/core/testing/people';
import { describe, expect, it } from 'vitest';
import { catalogue } from './index.ts';

/** Judgement from the trade: common practice, no source. */
interface Case {
  readonly who: string;
  readonly person: Partial<Person>;
  readonly drill: string;
  /** Names of drills and rungs that must not be among what is offered. */
  readonly never: readonly string[];
  /** One of these must be among the first three. */
  readonly sensible: readonly string[];
}
const having = (...ids: readonly string[]): Partial<Person> => ({ limits: ids.map((id) => limit(id)) });

const CASES: readonly Case[] = [
  {
    who: 'a sore knee that cannot be knelt on',
    person: having('knee-kneeling'),
    drill: 'Half-kneeling hip flexor stretch',
    never: ["Child's pose", 'Cat-cow', 'Pigeon on the floor'],
    sensible: ['Half-kneeling hip flexor stretch: standing split stance', 'Split-stance hip flexor hold'],
  },
  {
    who: 'a sore knee that cannot be knelt on',
    person: having('knee-kneeling'),
    drill: 'Bird dog',
    never: ['Front plank: knees down', 'Bear hold', 'Cat-cow'],
    sensible: ['Bird dog: arm only, sitting', 'Dead bug'],
  },
  {
    who: 'a sore knee that cannot be knelt on',
    person: having('knee-kneeling'),
    drill: 'Thread the needle',
    never: ['Cat-cow', 'Open book, half-kneeling'],
    sensible: ['Thread the needle: sitting, hands on shoulders', 'Open book, side-lying'],
  },
  {
    who: 'wrist pain',
    person: having('wrist'),
    drill: 'Inchworm',
    never: ['Inchworm', 'Bear hold', 'Forward crawl', 'Inchworm: hands on a bench'],
    sensible: ['Squat to stand', 'Stick hinge', 'Long lunge series, four positions'],
  },
  {
    who: 'wrist pain',
    person: having('wrist'),
    drill: 'Quadruped rocking',
    never: ['Quadruped rocking', 'Cat-cow', 'Bird dog'],
    sensible: ['Knee hug walk', 'Leg swing, front to back'],
  },
  {
    who: 'wrist pain',
    person: having('wrist'),
    drill: 'Push-up with knee drive',
    never: ['Push-up', 'Bear hold', 'Inchworm'],
    sensible: ['Step-up with knee drive', 'Dead bug'],
  },
  {
    who: 'late in pregnancy',
    person: having('pregnancy'),
    drill: 'Glute bridge',
    never: ['Glute bridge', 'Dead bug', 'Crocodile breathing'],
    sensible: ['Glute bridge: standing glute squeeze', 'Standing kickback'],
  },
  {
    who: 'late in pregnancy',
    person: having('pregnancy'),
    drill: 'Dead bug',
    never: ['Dead bug', 'Front plank', 'Alternating prone lift'],
    sensible: ['Bird dog', 'Dead bug: sitting, opposite hand and knee'],
  },
  {
    who: 'late in pregnancy',
    person: having('pregnancy'),
    drill: 'Crocodile breathing',
    never: ['Crocodile breathing', 'Supine 90/90 breathing reset'],
    sensible: ['Crocodile breathing: lying on the side', 'Seated rib breathing'],
  },
  {
    who: 'late in pregnancy',
    person: having('pregnancy'),
    drill: 'Squat jump',
    never: ['Squat jump', 'Pogo hops', 'Forward jump and stick'],
    sensible: ['Squat jump: fast stand from a chair', 'Squat jump: quick squat, heels up'],
  },
  {
    who: 'high blood pressure',
    person: having('blood-pressure'),
    drill: 'Front plank',
    never: ['Front plank', 'Bear hold'],
    sensible: ['Dead bug', 'Bird dog'],
  },
  {
    who: 'high blood pressure',
    person: having('blood-pressure'),
    drill: 'Inchworm',
    never: ['Inchworm', 'Squat to stand'],
    sensible: ['Inchworm: hands on a bench', 'Stick hinge'],
  },
  {
    who: 'dizziness',
    person: having('balance'),
    drill: 'Back rocking',
    never: ['Back rocking', 'Supine figure four'],
    sensible: ["Child's pose", 'Cat-cow', 'Low back squeeze and let go'],
  },
  {
    who: 'dizziness',
    person: having('balance'),
    drill: 'Leg swing, front to back',
    never: ['Leg swing, front to back', 'Single-leg hops'],
    sensible: [
      'Leg swing, front to back: both hands on a wall',
      'Leg swing, front to back: smaller',
      'Quadruped rocking',
    ],
  },
  {
    who: 'somebody who does not get down to the floor',
    person: having('no-floor'),
    drill: 'Cat-cow',
    never: ['Cat-cow', "Child's pose"],
    sensible: ['Cat-cow: standing, hands on thighs', 'Cat-cow: sitting'],
  },
  {
    who: 'somebody who does not get down to the floor',
    person: having('no-floor'),
    drill: 'Glute bridge',
    never: ['Glute bridge', 'Dead bug', 'Side-lying leg lift'],
    sensible: ['Glute bridge: standing glute squeeze', 'Standing kickback'],
  },
  {
    who: 'somebody who does not get down to the floor',
    person: having('no-floor'),
    drill: 'Open book, side-lying',
    never: ['Open book, side-lying', 'Thread the needle'],
    sensible: ['Standing trunk twist', 'Trunk twist with stick', 'Open book, half-kneeling: sitting'],
  },
  {
    who: 'osteoporosis',
    person: having('osteoporosis'),
    drill: 'Breathing crunch',
    never: ['Breathing crunch', 'Back rocking'],
    sensible: [
      'Breathing crunch: head down',
      'Standing trunk brace',
      'Front plank: knees down',
      'Bear hold',
      'Dead bug: sitting, opposite hand and knee',
    ],
  },
  {
    who: 'osteoporosis',
    person: having('osteoporosis'),
    drill: 'Long lunge with rotation',
    never: ['Long lunge with rotation', 'Good-morning bow', 'Squat to stand'],
    sensible: ['Long lunge with rotation: hands on a bench', 'Hands-raised lunge with reach'],
  },
  {
    who: 'a sore Achilles tendon',
    person: having('achilles'),
    drill: 'Pogo hops',
    never: ['Pogo hops', 'Skipping rope', 'Line hops, two feet'],
    sensible: ['Pogo hops: calf raise'],
  },
  {
    who: 'a sore Achilles tendon',
    person: having('achilles'),
    drill: 'Skipping rope',
    never: ['Skipping rope', 'Pogo hops'],
    sensible: ['Skipping rope: rope swung at the side, step over', 'Pogo hops: calf raise', 'Basic skip: march'],
  },
  {
    who: 'a shoulder that does not go overhead',
    person: having('shoulder-overhead'),
    drill: 'Overhead squat',
    never: ['Overhead squat', 'Squat to stand: reach up from the bottom'],
    sensible: ['Overhead squat: arms forward', 'Body-weight squat'],
  },
  {
    who: 'a shoulder that does not go overhead',
    person: having('shoulder-overhead'),
    drill: 'Arm circles',
    never: ['Arm circles', 'Stick pass-through'],
    sensible: ['Arm circles: small, low, sitting', 'Scarecrow turns: elbows at the sides'],
  },
  {
    who: 'a pelvic floor that minds jumping',
    person: having('pelvic-floor'),
    drill: 'Jumping jack',
    never: ['Jumping jack', 'Seal jack', 'Skipping rope'],
    sensible: ['Jumping jack: step jack', 'Step jack'],
  },
  {
    who: 'knees that mind landing',
    person: having('knee-impact'),
    drill: 'Squat jump',
    never: ['Squat jump', 'Split jump', 'Pogo hops'],
    sensible: ['Squat jump: quick squat, heels up', 'Squat jump: fast stand from a chair'],
  },
  {
    who: 'a low back that minds load',
    person: having('low-back'),
    drill: 'Good-morning bow',
    never: ['Good-morning bow'],
    sensible: ['Hip hinge reach: sitting, chest forward', 'Good-morning bow: sitting, bow from the hips'],
  },
  {
    who: 'a heart or lung condition',
    person: having('heart-lung'),
    drill: 'Graded sprints',
    never: ['Graded sprints', 'Build-up run', 'A-skip'],
    sensible: ['Graded sprints: brisk walk, each faster', 'Build-up run: brisk walk'],
  },
  {
    who: 'no push-up yet',
    person: having('no-push-up'),
    drill: 'Push-up',
    never: ['Push-up', 'Push-up: feet raised'],
    sensible: ['Push-up: hands on a bench', 'Incline push-up'],
  },
  {
    who: 'heels that stay up',
    person: having('heels-up'),
    drill: 'Body-weight squat',
    never: ['Body-weight squat', 'Deep squat with rotation'],
    sensible: ['Body-weight squat: shallow', 'Body-weight squat: to a chair'],
  },
  {
    who: 'a new operation that nobody has cleared',
    person: { holds: [{ since: '2026-11-20', why: 'operation or illness', clearedBy: '', clearedOn: '' }] },
    drill: 'Jumping jack',
    never: ['Jumping jack', 'Skipping rope', 'Squat jump', 'Basic skip'],
    sensible: [
      'Step jack: seated',
      'Step jack: arms low',
      'Side taps with reach',
      'Lateral skip: side steps',
      'Jumping jack: step jack',
      'Step jack',
    ],
  },
  {
    who: 'a red flag today',
    person: { holds: [{ since: TEST_DAY, why: 'red flag', clearedBy: '', clearedOn: '' }] },
    drill: 'Graded sprints',
    never: ['Graded sprints', 'Easy jog', 'Build-up run'],
    sensible: [
      'Graded sprints: brisk walk, each faster',
      'Build-up run: brisk walk',
      'Brisk walk',
      'March on the spot',
    ],
  },
  {
    who: 'somebody whose knee is sore today',
    person: { readiness: { day: TEST_DAY, state: 'sore', sore: ['knee'] } },
    drill: 'Body-weight squat',
    never: ['Body-weight squat', 'Squat jump'],
    sensible: [
      'Body-weight squat: shallow',
      'Body-weight squat: to a chair',
      'Chair squat: higher seat',
      'Chair squat',
      'Standing kickback',
    ],
  },
];

const library = libraryOf(catalogue);
const hall = occasionOf({
  library,
  site: {
    ...ANYWHERE,
    kit: new Set(['mat', 'wall', 'chair', 'bench', 'step', 'lane', 'line', 'loop band', 'stick']),
    laneMetres: 10,
    lapMetres: 0,
  },
  day: TEST_DAY,
});

describe('judgement from the trade (common practice, no source)', () => {
  it('has thirty cases', () => expect(CASES.length).toBeGreaterThanOrEqual(30));

  it('speaks only of what the catalogue has', () => {
    const names = new Set(catalogue.flatMap((drill) => drill.ladder.map((rung) => instructionName(drill, rung))));
    for (const { never, sensible } of CASES) for (const name of [...never, ...sensible]) expect(names).toContain(name);
  });

  it.each(CASES)('$drill, for $who', ({ person, drill: name, never, sensible }) => {
    const drill = library.byName.get(name.toLowerCase());
    if (!drill) throw new Error(`The catalogue has no "${name}".`);
    const [phase] = drill.phases;
    const place: SlotPlace = {
      slot: usualSlot(drill, 'slot'),
      drill,
      rung: baseOf(drill),
      phase,
      seconds: 40,
      before: undefined,
      after: undefined,
    };
    const { conflicts, swaps, nothingFits } = swapsFor(place, testPerson(person), hall);
    const offered = swaps.flatMap((swap) => {
      const found = instructed(library, swap);
      return found ? [instructionName(found.drill, found.rung)] : [];
    });
    expect(conflicts.length).toBeGreaterThan(0);
    expect(nothingFits).toBe(false);
    for (const wrong of never) expect(offered).not.toContain(wrong);
    expect(
      offered.slice(0, 3).filter((one) => sensible.includes(one)),
      offered.slice(0, 5).join(' | '),
    ).not.toEqual([]);
  });
});
