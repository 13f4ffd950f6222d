import { countedPerSide, workSecondsOneSide } from '../dose/workSeconds.ts';
import { countAt, just, type Seconds } from '../units.ts';
import { holdCaps } from '../approach/holdCaps.ts';
import type { Floor } from '../dose/distance.ts';
import type { Dose } from '../dose/dose.ts';
import { type Finding, type GraveRule, type Laid, type Note, type NoteRule, type Placed } from './finding.ts';
import { isRolling, isStaticHold, mainTarget } from '../drills/kinds.ts';
import { isOverTime } from './timeRules.ts';

/** Seconds that one side is held or rolled, over sets and rounds. */
function oneSide({ slot, rounds }: Placed, floor: Floor): Seconds {
  return workSecondsOneSide(slot.dose, 'plan', floor) * countAt(slot.sets, 'plan') * rounds;
}

/** A time dose with these seconds a side. */
const timed = (seconds: Seconds): Dose => ({ kind: 'time', seconds: just(seconds) });

/** Holds that are long for one muscle group before what comes after them. */
export const longHold: GraveRule = ({ placed, floor, occasion: { approach, session } }) => {
  const caps = holdCaps(approach, session);
  if (!caps) return [];
  const before = session?.holds === 'short' ? session.name : null;
  const held = placed.filter(({ drill }) => isStaticHold(drill));
  const groups = new Map<string, Placed[]>();
  for (const one of held) {
    const target = mainTarget(one.drill) ?? one.drill.id;
    groups.set(target, [...(groups.get(target) ?? []), one]);
  }
  return [...groups.values()].flatMap((group): readonly Finding[] => {
    const seconds = group.reduce((sum, one) => sum + oneSide(one, floor), 0);
    if (seconds <= caps.warn) return [];
    const [longest] = group.toSorted((one, other) => oneSide(other, floor) - oneSide(one, floor));
    const target = longest && mainTarget(longest.drill);
    const stop = seconds >= caps.stop;
    const room = caps.warn - (seconds - (longest ? oneSide(longest, floor) : 0));
    const each = longest ? Math.floor((room / (countAt(longest.slot.sets, 'plan') * longest.rounds)) * 2) / 2 : 0;
    return [
      {
        rule: 'long-hold',
        severity: stop ? 'stop' : 'warn',
        slotIds: group.map(({ slot }) => slot.id),
        facts: { seconds, target: target ?? null, before, most: caps.warn, weakensFrom: stop ? caps.stop : null },
        source: 'behm',
        ...(longest && each >= 5 ? { fix: { kind: 'dose', slotId: longest.slot.id, dose: timed(each) } } : {}),
      },
    ];
  });
};

/** Rolling that is long for one area, or long in all. */
export const longRolling: NoteRule = ({
  placed,
  floor,
  occasion: {
    approach: { caps },
  },
}) => {
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
        facts: { seconds, enough: caps.rollArea },
        source: 'trade',
        ...(each >= 5 ? { fix: { kind: 'dose', slotId: one.slot.id, dose: timed(each) } } : {}),
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
      facts: { seconds: all, enough: caps.rollAll },
      source: 'trade',
    },
  ];
};

/** Too hard before the fast part. */
export const tooHard: GraveRule = (laid) =>
  laid.placed
    .filter((one) => one.phase !== 'potentiate' && isHarderThanAllowed(one, laid))
    .map(({ slot, drill, phase }): Finding => ({
      rule: 'too-hard',
      severity: 'warn',
      slotIds: [slot.id],
      facts: { drill: drill.name, effort: drill.effort, phase, most: laid.occasion.approach.caps.effort },
      source: 'trade',
    }));

/** Harder than a drill may be. Light sets on the way to a lift belong where the lift is. */
export const isHarderThanAllowed = ({ slot, drill }: Placed, { occasion: { approach } }: Laid): boolean =>
  slot.dose.kind !== 'lift' && drill.effort > approach.caps.effort;

/** A drill with sides that is dosed as if it had none. */
export const oneSideOnly: GraveRule = ({ placed }) =>
  placed
    .filter(({ slot, drill }) => slot.sides === 'both' && !drill.sidesAllowed.includes('both'))
    .map(({ slot, drill }): Finding => ({
      rule: 'one-side',
      severity: 'warn',
      slotIds: [slot.id],
      facts: { drill: drill.name, sideWord: drill.sideWord },
      source: 'trade',
    }));

/** What is said of it, with both sides as its fix; where the time is over already, by turns in the same time if it can be. */
export function withBothSides(finding: Finding, laid: Laid): Finding {
  const one = laid.placed.find(({ slot }) => slot.id === finding.slotIds[0]);
  if (!one) return finding;
  const { slot, drill } = one;
  const mayAlternate = drill.sidesAllowed.includes('alternate') && !countedPerSide(slot.dose);
  const sides = isOverTime(laid) && mayAlternate ? 'alternate' : 'usual';
  return { ...finding, fix: { kind: 'sides', slotIds: [slot.id], sides } };
}
