import { remembered } from '../remembered.ts';
import { DEMANDS, demandOf, type Demand, type Demands } from '../drills/demand.ts';
import type { Variant } from '../drills/drill.ts';
import type { Because, Ceilings } from './ceilings.ts';
import type { Capped, LimitSide } from './limitation.ts';

/** Something a drill asks that is above somebody's ceiling. */
export interface Conflict {
  readonly capped: Capped;
  readonly asks: number;
  readonly most: number;
  readonly side: LimitSide;
  readonly because: Because;
}

/** Everything a rung asks of somebody that is above their ceilings; empty where they may do it. */
export function conflictsOf(rung: Pick<Variant, 'demands' | 'effort'>, ceilings: Ceilings): readonly Conflict[] {
  const conflicts: Conflict[] = [];
  for (const demand of DEMANDS) {
    const ceiling = ceilings[demand];
    const asks = demandOf(rung.demands, demand);
    if (ceiling && asks > ceiling.most) conflicts.push({ capped: demand, asks, ...ceiling });
  }
  const { effort } = ceilings;
  if (effort && rung.effort > effort.most) conflicts.push({ capped: 'effort', asks: rung.effort, ...effort });
  return conflicts;
}

/** Whether somebody may do a rung, without the reasons. */
export function permits(rung: Pick<Variant, 'demands' | 'effort'>, ceilings: Ceilings): boolean {
  if (ceilings.effort && rung.effort > ceilings.effort.most) return false;
  for (const [demand, asks] of asked(rung.demands)) {
    const ceiling = ceilings[demand];
    if (ceiling && asks > ceiling.most) return false;
  }
  return true;
}

/** What is asked at all, looked up once a rung: it is gone through for everybody in every slot. */
const asked = remembered((demands: Demands): readonly (readonly [Demand, number])[] =>
  DEMANDS.map((demand) => [demand, demandOf(demands, demand)] as const).filter(([, asks]) => asks > 0),
);
