import { workSecondsOneSide } from '../dose/workSeconds.ts';
import { drillAtStart } from '../drills/library.ts';
import type { Kit } from '../drills/kit.ts';
import { countAt, just, type Seconds } from '../units.ts';
import type { Dose } from '../dose/dose.ts';
import { clockWords } from '../clockWords.ts';
import { BEHM, TRADE, type Finding, type GraveRule, type Placed, type Rule } from './finding.ts';
import { isRolling, isStaticHold, mainTarget } from '../drills/kinds.ts';

/** Seconds that one side is held or rolled, over sets and rounds. */
function oneSide({ slot, rounds }: Placed): Seconds {
  return workSecondsOneSide(slot.dose, 'plan') * countAt(slot.sets, 'plan') * rounds;
}

/** A time dose of so many seconds a side. */
const timed = (seconds: Seconds): Dose => ({ kind: 'time', seconds: just(seconds) });

/** Holds that are long for one muscle group before training. */
export const longHold: GraveRule = ({ placed, approach: { caps } }) => {
  const held = placed.filter(({ drill }) => isStaticHold(drill));
  const groups = new Map<string, Placed[]>();
  for (const one of held) {
    const target = mainTarget(one.drill) ?? one.drill.id;
    groups.set(target, [...(groups.get(target) ?? []), one]);
  }
  return [...groups].flatMap(([target, group]): readonly Finding[] => {
    const seconds = group.reduce((sum, one) => sum + oneSide(one), 0);
    if (seconds <= caps.holdWarn) return [];
    const [longest] = group.toSorted((one, other) => oneSide(other) - oneSide(one));
    const stop = seconds >= caps.holdStop;
    const room = caps.holdWarn - (seconds - (longest ? oneSide(longest) : 0));
    const each = longest ? Math.floor((room / (countAt(longest.slot.sets, 'plan') * longest.rounds)) * 2) / 2 : 0;
    return [
      {
        rule: 'long-hold',
        severity: stop ? 'stop' : 'warn',
        slotIds: group.map(({ slot }) => slot.id),
        title: `${seconds} s held for ${target.replace(' · ', ' ')}`,
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
export const longRolling: Rule = ({ placed, approach: { caps } }) => {
  const rolled = placed.filter(({ drill }) => isRolling(drill));
  const long = rolled.flatMap((one): readonly Finding[] => {
    const seconds = oneSide(one);
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
  const all = rolled.reduce((sum, one) => sum + oneSide(one) * (one.slot.sides === 'each' ? 2 : 1), 0);
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
    .filter(({ phase, drill }) => phase !== 'potentiate' && drill.effort > caps.effort)
    .map(({ slot, drill, phase }): Finding => ({
      rule: 'too-hard',
      severity: 'warn',
      slotIds: [slot.id],
      title: `${drill.name} is effort ${drill.effort} in ${phase}`,
      words: `A warm-up should not tire: effort up to ${caps.effort}, but for the fast part at its end. Take a gentler rung.`,
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

/** An odd number of lengths leaves the class at the far end. */
export const oddLengths: Rule = ({ placed }) =>
  placed.flatMap(({ slot, drill, rounds }): readonly Finding[] => {
    const { dose } = slot;
    if (dose.kind !== 'distance' || dose.length.of === 'lap') return [];
    const lengths =
      countAt(dose.lengths, 'plan') * countAt(slot.sets, 'plan') * rounds * (slot.sides === 'each' ? 2 : 1);
    if (lengths % 2 === 0) return [];
    const more = { ...dose, lengths: just(countAt(dose.lengths, 'plan') + 1) };
    return [
      {
        rule: 'odd-lengths',
        severity: 'note',
        slotIds: [slot.id],
        title: `${drill.name}: an odd number of lengths`,
        words: 'It leaves everybody at the far end.',
        source: TRADE,
        fix: { label: 'One length more', change: { kind: 'dose', slotId: slot.id, dose: more } },
      },
    ];
  });

/** A drill in pairs for an odd number of people. */
export const oddOneOut: Rule = ({ circuit: { people }, placed }) =>
  placed
    .filter(({ drill }) => drill.kit.includes('partner') && people % 2 === 1)
    .map(({ slot, drill }): Finding => ({
      rule: 'odd-one-out',
      severity: 'note',
      slotIds: [slot.id],
      title: `${drill.name}: pairs out of ${people}`,
      words: 'Somebody is left over: make one three, or pair up yourself.',
      source: TRADE,
    }));

/** More people than there is of a piece of kit: said once for each piece, of all the drills that need it. */
export const tooFewThings: GraveRule = ({ circuit: { people }, placed, kitCounts }) => {
  const items = [...new Set(placed.flatMap(({ drill }) => drill.kit))];
  return items.flatMap((item): readonly Finding[] => {
    const there = kitCounts[item] ?? Infinity;
    if (there >= people) return [];
    const users = placed.filter(({ drill }) => drill.kit.includes(item));
    const names = [...new Set(users.map(({ drill }) => drill.name))];
    return [
      {
        rule: 'too-few-things',
        severity: 'warn',
        slotIds: users.map(({ slot }) => slot.id),
        title: `${people === 1 ? 'One person' : `${people} people`}, ${there === 0 ? 'no' : there} ${plural(item, there)}`,
        words: `Take turns, run stations, or take a rung without ${plural(item, 2)}: ${names.join(', ')}.`,
        source: TRADE,
      },
    ];
  });
};

const plural = (item: Kit, count: number): string =>
  count === 1 ? item : item.endsWith('ch') ? `${item}es` : `${item}s`;

/** Lines that name a drill but say how much in a word that is no dose. */
export const vagueDose: GraveRule = ({ circuit, setting: { library } }) =>
  circuit.blocks
    .flatMap(({ lines }) => lines)
    .flatMap((line): readonly Finding[] => {
      if (line.kind !== 'unread') return [];
      const found = drillAtStart(line.text, library);
      if (!found) return [];
      return [
        {
          rule: 'vague-dose',
          severity: 'warn',
          slotIds: [line.id],
          title: `“${line.text.slice(found.length).trim()}” is no dose`,
          words: `Say how much ${found.drill.name.toLowerCase()}: seconds, repetitions, holds, a distance, or “feel 20-40s”.`,
          source: TRADE,
          fix: {
            label: 'Give it its usual dose',
            change: { kind: 'usual slot', lineId: line.id, drillId: found.drill.id },
          },
        },
      ];
    });
