import type { Aim } from '../circuit/aim.ts';
import { once, rule, type Groups, type SpokenRule } from './spokenRule.ts';
import type { Spoken } from './spoken.ts';

const N = '(\\d{1,3})';
const THINGS = '(?: ?(?:reps?|repetitions?|times))?';
const CALLED =
  '(?:\\b(?:aim(?:ing)?|target(?:s|ing)?|goals?|go(?:ing)?)(?: ?(?:for|at|is|are|of|:))?(?: about| around)? |\\b(?:max(?:imum)?(?: of)?|up to|at most|no more than) )';
/** No more of a number, nor a unit that makes it something else. */
const ENDS = '(?![\\d/.%a-z]| ?(?:seconds?|kg|lb|m|x)\\b)';
const FEWER = '(?:beginners?|novices?|new|newer|gentler?|easy|easier|low|lower|level 1)(?: ones| people)?';
const AS_PLANNED = '(?:others?|regulars?|usual|middle|mid|medium|main|most|rest|intermediates?|everyone else|level 2)';
const MORE = '(?:stronger|strong|advanced|harder|hard|high|higher|more|fit|fitter|level 3)(?: ones| people)?';

/** What is aimed at in the seconds that a line says; nothing where it says none, or does not go from the fewest to the most. */
function noteAim(said: Spoken, [gentler, planned = gentler, more = planned]: Groups): boolean {
  const aim: Aim = { gentler: Number(gentler), planned: Number(planned), more: Number(more) };
  const rises = aim.gentler >= 1 && aim.gentler <= aim.planned && aim.planned <= aim.more;
  return said.seconds !== undefined && rises && once(said, 'aim', aim);
}

/** How many people aim at inside a time: "45 s, 6/10/15", "aim for 12", "beginners 6, others 10, strong 15". */
export const AIM_RULES: readonly SpokenRule[] = [
  rule(`${FEWER}:? ${N}${THINGS}[,;]? ${AS_PLANNED}:? ${N}${THINGS}[,;]?(?: and)? ${MORE}:? ${N}${THINGS}`, noteAim),
  rule(
    `(?:${CALLED})?(?<![\\d/.])${N}${THINGS}[ ,:(-]{1,3}${N}${THINGS} ${FEWER}[,;]? ${N}${THINGS} ${MORE}`,
    (said, [planned, fewer, more]) => noteAim(said, [fewer, planned, more]),
  ),
  rule(`(?:${CALLED})?(?<![\\d/.])${N} ?/ ?${N} ?/ ?${N}${THINGS}${ENDS}`, noteAim),
  rule(`(?:${CALLED})?(?<![\\d/.])${N}, ?${N},? or ${N}${THINGS}${ENDS}`, noteAim),
  rule(`${CALLED}${N} ?(?:-|to|or) ?${N}${THINGS}${ENDS}`, (said, [low, high]) => noteAim(said, [low, low, high])),
  rule(`${CALLED}${N}${THINGS}(?! ?-)${ENDS}`, noteAim),
];
