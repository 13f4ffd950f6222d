import type { Limit } from '@prompt-spark/core/people/limitation';
import type { Ability, Hold, Pattern } from '@prompt-spark/core/people/person';
import type { Measured } from '@prompt-spark/core/people/measured';
import type { Reached } from '@prompt-spark/core/people/reached';
import type { Region } from '@prompt-spark/core/people/region';
import type { Seen } from '@prompt-spark/core/people/seen';
import type { Technique } from '@prompt-spark/core/people/technique';
import type { CoachName, GroupName } from './saltmere.ts';

/** Somebody of the invented scenario. Nobody here is real. */
export interface DemoPerson {
  readonly name: string;
  readonly born: number;
  readonly groups: readonly GroupName[];
  /** Who coaches them in private as well. */
  readonly coach?: CoachName;
  readonly limits?: readonly Limit[];
  readonly ability?: Readonly<Partial<Record<Pattern, Ability>>>;
  readonly stiffer?: Readonly<Partial<Record<Region, 'left' | 'right'>>>;
  readonly familiar?: readonly string[];
  readonly notes?: string;
  readonly holds?: readonly Omit<Hold, 'since'>[];
  readonly isNew?: boolean;
  /** Sessions in which something hurt, counted back from today: 1 is the last one. */
  readonly niggles?: readonly (Pick<Seen, 'where' | 'side' | 'pain'> & { readonly sessionsAgo: number })[];
  /** Sessions in which a drill showed its usual fault, or was done in another version. */
  readonly technique?: readonly (Technique & { readonly sessionsAgo: number })[];
  /** What was counted of them, by sessions back from today. */
  readonly reached?: readonly (Reached & { readonly sessionsAgo: number })[];
  /** What was measured, the last day first. */
  readonly measured?: readonly (Pick<Measured, 'measureId'> &
    Partial<Pick<Measured, 'left' | 'right' | 'once'>> & { readonly daysAgo: number })[];
}

/** Lateral lunges that were counted some sessions ago. */
const lunges = (sessionsAgo: number, amount: number) =>
  ({ sessionsAgo, drillId: 'lateral-lunge', drillName: 'Lateral lunge', amount, unit: 'reps' }) as const;

const limit = (limitationId: string, severity: 'watch' | 'ease' | 'avoid', side: Limit['side'] = 'both'): Limit => ({
  kind: 'known',
  limitationId,
  severity,
  side,
  until: '',
});
const UNCLEARED: Omit<Hold, 'since'> = { why: 'operation or illness', clearedBy: '', clearedOn: '' };

export const people: readonly DemoPerson[] = [
  // Dawn Mixed: fourteen, aged 24 to 71; three of them are private clients too.
  {
    name: 'Odile Marchetti',
    born: 1968,
    groups: ['Dawn Mixed'],
    coach: 'Imke Sandvoort',
    limits: [limit('wrist', 'avoid')],
    notes: 'Fists are fine, a flat palm is not.',
  },
  {
    name: 'Nkechi Falade',
    born: 1981,
    groups: ['Dawn Mixed'],
    coach: 'Imke Sandvoort',
    limits: [limit('knee-bend', 'ease'), limit('knee-impact', 'avoid')],
    stiffer: { knee: 'left' },
    niggles: [{ sessionsAgo: 9, where: 'knee', side: 'left', pain: 3 }],
    technique: [{ sessionsAgo: 2, drillId: 'lateral-lunge', drillName: 'Lateral lunge', fault: '', version: 'easier' }],
    measured: [
      { daysAgo: 10, measureId: 'single-leg-bridge-hold', left: 24, right: 31 },
      { daysAgo: 38, measureId: 'single-leg-bridge-hold', left: 18, right: 29 },
      { daysAgo: 66, measureId: 'single-leg-bridge-hold', left: 15, right: 28 },
    ],
  },
  {
    name: 'Halvard Quist',
    born: 1955,
    groups: ['Dawn Mixed'],
    limits: [limit('no-floor', 'avoid'), limit('older', 'watch')],
    ability: { floor: 'gentle', balance: 'gentle' },
  },
  {
    name: 'Yuna Pell',
    born: 1990,
    groups: ['Dawn Mixed'],
    holds: [UNCLEARED],
    notes: 'Back after an operation; waiting for her physiotherapist.',
  },
  {
    name: 'Rafi Benholm',
    born: 1975,
    groups: ['Dawn Mixed'],
    coach: 'Imke Sandvoort',
    limits: [limit('achilles', 'avoid', 'right')],
    stiffer: { ankle: 'right' },
    measured: [
      { daysAgo: 5, measureId: 'knee-to-wall', left: 11, right: 8.5 },
      { daysAgo: 33, measureId: 'knee-to-wall', left: 10.5, right: 7 },
      { daysAgo: 61, measureId: 'knee-to-wall', left: 10.5, right: 5.5 },
      { daysAgo: 89, measureId: 'knee-to-wall', left: 10, right: 5 },
    ],
  },
  { name: 'Zanele Oduya', born: 2002, groups: ['Dawn Mixed'], isNew: true },
  {
    name: 'Bram Tolliver',
    born: 1998,
    groups: ['Dawn Mixed'],
    ability: { squat: 'strong', push: 'strong', impact: 'strong' },
    reached: [lunges(2, 12), lunges(7, 10), lunges(12, 9)],
  },
  { name: 'Ingrid Sable', born: 1987, groups: ['Dawn Mixed'], limits: [limit('low-back', 'watch')] },
  { name: 'Tamsin Wren', born: 1993, groups: ['Dawn Mixed'], familiar: ['cat-cow', 'glute-bridge'] },
  { name: 'Eskil Moor', born: 1964, groups: ['Dawn Mixed'], limits: [limit('beta-blockers', 'watch')] },
  { name: 'Priya Lanyon', born: 1979, groups: ['Dawn Mixed'], stiffer: { hip: 'left' } },
  {
    name: 'Dov Hartigan',
    born: 2001,
    groups: ['Dawn Mixed'],
    ability: { hinge: 'strong' },
    reached: [lunges(2, 11), lunges(7, 9), lunges(12, 8)],
  },
  { name: 'Mirela Kost', born: 1972, groups: ['Dawn Mixed'], limits: [limit('desk-posture', 'watch')] },
  {
    name: 'Olu Brightwater',
    born: 1985,
    groups: ['Dawn Mixed'],
    technique: [
      {
        sessionsAgo: 1,
        drillId: 'lateral-lunge',
        drillName: 'Lateral lunge',
        fault: 'knee falls inside',
        version: null,
      },
    ],
  },
  // Allotment Movers: nine gardeners, 55 and over.
  { name: 'Gwennol Teague', born: 1958, groups: ['Allotment Movers'], limits: [limit('osteoporosis', 'ease')] },
  {
    name: 'Piet Sørby',
    born: 1950,
    groups: ['Allotment Movers'],
    limits: [limit('balance', 'ease'), limit('no-floor', 'avoid')],
  },
  { name: 'Maud Enderby', born: 1961, groups: ['Allotment Movers'], limits: [limit('blood-pressure', 'ease')] },
  { name: 'Ansel Croft', born: 1956, groups: ['Allotment Movers'], limits: [limit('knee-kneeling', 'avoid')] },
  { name: 'Rosheen Vale', born: 1963, groups: ['Allotment Movers'] },
  { name: 'Teodor Finch', born: 1949, groups: ['Allotment Movers'], limits: [limit('heart-lung', 'ease')] },
  {
    name: 'Winifred Ash',
    born: 1960,
    groups: ['Allotment Movers'],
    limits: [limit('shoulder-overhead', 'ease', 'left')],
  },
  { name: 'Kofi Merrow', born: 1966, groups: ['Allotment Movers'], stiffer: { shoulder: 'right' } },
  { name: 'Elke Brandt-Lowe', born: 1959, groups: ['Allotment Movers'], limits: [limit('hip', 'watch')] },
  // Lifeboat Crew: eight, fit, who jump and haul.
  {
    name: 'Jago Penhale',
    born: 1991,
    groups: ['Lifeboat Crew'],
    ability: { squat: 'strong', hinge: 'strong', impact: 'strong' },
  },
  { name: 'Sunniva Dale', born: 1996, groups: ['Lifeboat Crew'], ability: { push: 'strong' } },
  {
    name: 'Malachy Dunmore',
    born: 1988,
    groups: ['Lifeboat Crew'],
    limits: [limit('shoulder-behind', 'ease', 'right')],
  },
  { name: 'Ines Carrow', born: 1999, groups: ['Lifeboat Crew'] },
  { name: 'Torben Lisk', born: 1983, groups: ['Lifeboat Crew'], limits: [limit('low-back', 'ease')] },
  { name: 'Abena Styles', born: 1994, groups: ['Lifeboat Crew'], ability: { impact: 'strong' } },
  { name: 'Corin Heath', born: 1979, groups: ['Lifeboat Crew'] },
  { name: 'Leonie Marsh', born: 1990, groups: ['Lifeboat Crew'], limits: [limit('pelvic-floor', 'watch')] },
  // Back on Deck: six, returning after a long break.
  { name: 'Hesper Lund', born: 1970, groups: ['Back on Deck'], limits: [limit('new-to-exercise', 'ease')] },
  {
    name: 'Barnaby Oakes',
    born: 1962,
    groups: ['Back on Deck'],
    limits: [limit('low-back', 'avoid'), limit('no-push-up', 'avoid')],
  },
  { name: 'Fenna Wilde', born: 1992, groups: ['Back on Deck'], limits: [limit('pelvic-floor', 'ease')] },
  { name: 'Idris Calloway', born: 1977, groups: ['Back on Deck'], limits: [limit('neck', 'ease')] },
  { name: 'Sabine Thorne', born: 1984, groups: ['Back on Deck'], limits: [limit('pregnancy', 'avoid')] },
  { name: 'Uwe Garrick', born: 1969, groups: ['Back on Deck'], limits: [limit('heels-up', 'ease')] },
  { name: 'Solveig Tran', born: 1986, groups: [], coach: 'Imke Sandvoort', limits: [limit('very-mobile', 'watch')] },
];

/** Who coaches which group. */
export const coached: readonly { readonly coach: CoachName; readonly groups: readonly GroupName[] }[] = [
  { coach: 'Imke Sandvoort', groups: ['Dawn Mixed', 'Lifeboat Crew'] },
  { coach: 'Tobias Arrowsmith', groups: ['Allotment Movers', 'Back on Deck'] },
];
