import { workSecondsOneSide } from '../dose/workSeconds.ts';
import { kitName, type Kit } from '../drills/kit.ts';
import { countAt, just, type Seconds } from '../units.ts';
import type { Floor } from '../dose/distance.ts';
import type { Dose } from '../dose/dose.ts';
import { clockWords } from '../clockWords.ts';
import { BEHM, TRADE, type Finding, type GraveRule, type Note, type NoteRule, type Placed } from './finding.ts';
import { targetWords } from '../drills/targetWords.ts';
import { isRolling, isStaticHold, mainTarget } from '../drills/kinds.ts';

/** Seconds that one side is held or rolled, over sets and rounds. */
function oneSide({ slot, rounds }: Placed, floor: Floor): Seconds {
  return workSecondsOneSide(slot.dose, 'plan', floor) * countAt(slot.sets, 'plan') * rounds;
}

/** A time dose with these seconds a side. */
const timed = (seconds: Seconds): Dose => ({ kind: 'time', seconds: just(seconds) });

/** Holds that are long for one muscle group before training. */
export const longHold: GraveRule = ({ placed, floor, approach: { caps } }) => {
  const held = placed.filter(({ drill }) => isStaticHold(drill));
  const groups = new Map<string, Placed[]>();
  for (const one of held) {
    const target = mainTarget(one.drill) ?? one.drill.id;
    groups.set(target, [...(groups.get(target) ?? []), one]);
  }
  return [...groups.values()].flatMap((group): readonly Finding[] => {
    const seconds = group.reduce((sum, one) => sum + oneSide(one, floor), 0);
    if (seconds <= caps.holdWarn) return [];
    const [longest] = group.toSorted((one, other) => oneSide(other, floor) - oneSide(one, floor));
    const target = longest && mainTarget(longest.drill);
    const stop = seconds >= caps.holdStop;
    const room = caps.holdWarn - (seconds - (longest ? oneSide(longest, floor) : 0));
    const each = longest ? Math.floor((room / (countAt(longest.slot.sets, 'plan') * longest.rounds)) * 2) / 2 : 0;
    return [
      {
        rule: 'long-hold',
        severity: stop ? 'stop' : 'warn',
        slotIds: group.map(({ slot }) => slot.id),
        title: `${seconds} s held for ${target ? targetWords(target) : 'one muscle'}`,
        words: stop
          ? `From ${caps.holdStop} s a muscle, holds before training take strength away. Keep them to ${caps.holdWarn} s.`
          : `Keep holds before training to ${caps.holdWarn} s a muscle.`,
        source: BEHM,
        ...(longest && each >= 5
          ? { fix: { label: `Hold ${each} s`, change: { kind: 'dose', slotId: longest.slot.id, dose: timed(each) } } }
          : {}),
      },
    ];
  });
};

/** Rolling that is long for one area, or long in all. */
export const longRolling: NoteRule = ({ placed, floor, approach: { caps } }) => {
  const rolled = placed.filter(({ drill }) => isRolling(drill));
  const long = rolled.flatMap((one): readonly Note[] => {
    const seconds = oneSide(one, floor);
    if (seconds <= caps.rollArea) return [];
    const each = Math.floor(caps.rollArea / (countAt(one.slot.sets, 'plan') * one.rounds));
    return [
      {
        rule: 'long-roll',
        severity: 'note',
        slotIds: [one.slot.id],
        title: `${seconds} s of rolling on one area`,
        words: `${caps.rollArea} s an area are enough before training.`,
        source: TRADE,
        ...(each >= 5
          ? { fix: { label: `Roll ${each} s`, change: { kind: 'dose', slotId: one.slot.id, dose: timed(each) } } }
          : {}),
      },
    ];
  });
  const all = rolled.reduce((sum, one) => sum + oneSide(one, floor) * (one.slot.sides === 'each' ? 2 : 1), 0);
  if (all <= caps.rollAll) return long;
  return [
    ...long,
    {
      rule: 'rolling-in-all',
      severity: 'note',
      slotIds: rolled.map(({ slot }) => slot.id),
      title: `${clockWords(all)} of rolling in all`,
      words: `About ${clockWords(caps.rollAll)} are enough before training.`,
      source: TRADE,
    },
  ];
};

/** Too hard before the fast part. */
export const tooHard: GraveRule = ({ placed, approach: { caps } }) =>
  placed
    // Light sets on the way to a lift belong where the lift is.
    .filter(({ phase, slot }) => phase !== 'potentiate' && slot.dose.kind !== 'lift')
    .filter(({ drill }) => drill.effort > caps.effort)
    .map(({ slot, drill, phase }): Finding => ({
      rule: 'too-hard',
      severity: 'warn',
      slotIds: [slot.id],
      title: `${drill.name} is effort ${drill.effort} in ${phase}`,
      words: `A warm-up should not tire: effort up to ${caps.effort}, but for the fast part at its end. Take an easier version.`,
      source: TRADE,
    }));

/** A drill with sides that is dosed as if it had none. */
export const oneSideOnly: GraveRule = ({ placed }) =>
  placed
    .filter(({ slot, drill }) => slot.sides === 'both' && !drill.sidesAllowed.includes('both'))
    .map(({ slot, drill }): Finding => ({
      rule: 'one-side',
      severity: 'warn',
      slotIds: [slot.id],
      title: `${drill.name} has two ${drill.sideWord}s`,
      words: `As it stands only one of them is dosed.`,
      source: TRADE,
      fix: { label: `Do both ${drill.sideWord}s`, change: { kind: 'sides', slotIds: [slot.id], sides: 'usual' } },
    }));

/** A drill in pairs for an odd number of people. */
export const oddOneOut: NoteRule = ({ headcount, placed }) =>
  placed
    .filter(({ drill }) => drill.kit.includes('partner') && headcount % 2 === 1)
    .map(({ slot, drill }): Note => ({
      rule: 'odd-one-out',
      severity: 'note',
      slotIds: [slot.id],
      title: `${drill.name}: pairs out of ${headcount}`,
      words: 'Somebody is left over: make one three, or pair up yourself.',
      source: TRADE,
    }));

/** More people than there is of a piece of kit: said once for each piece, of all the drills that need it. */
export const tooFewThings: GraveRule = ({ headcount, placed, site }) => {
  const items = [...new Set(placed.flatMap(({ drill }) => drill.kit))];
  return items.flatMap((item): readonly Finding[] => {
    const lacking = !site.kit.has(item) && !IN_EVERY_ROOM.has(item);
    const there = lacking ? 0 : (site.counts[item] ?? Infinity);
    if (there >= headcount) return [];
    const users = placed.filter(({ drill }) => drill.kit.includes(item));
    const names = [...new Set(users.map(({ drill }) => drill.name))];
    return [
      {
        rule: 'too-few-things',
        severity: 'warn',
        slotIds: users.map(({ slot }) => slot.id),
        title: `${headcount === 1 ? 'One person' : `${headcount} people`}, ${there === 0 ? 'no' : there} ${kitName(item, there)}`,
        words: `Take turns, run stations, or use a version without ${kitName(item, 2)}: ${names.join(', ')}.`,
        source: TRADE,
      },
    ];
  });
};

/** What no list of a room’s kit names: people, and the floor. */
const IN_EVERY_ROOM: ReadonlySet<Kit> = new Set<Kit>(['partner', 'line', 'lane']);
