import { pulseAtReserve } from '@prompt-spark/core/effort/pulse';
import type { EffortCurve } from '@prompt-spark/core/effort/effortOf';
import type { ChartData, ChartOptions, Plugin } from 'chart.js';
import { clock } from '../../pieces/clock.ts';

/** The theme's colours a chart is drawn in. */
export interface Ink {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly effort: string;
  readonly pulse: string;
  readonly band: string;
}

/** A warm-up should end around here: a light sweat, breathing up. Share of the reserve; common practice, no source. */
const ENDS_AT = [0.45, 0.6] as const;

/** The curve as lines over seconds: planned effort as steps, the pulse as a band between the eldest and the youngest. */
export function effortData({ points }: EffortCurve, ink: Ink, withPulse: boolean): ChartData<'line'> {
  const effort = {
    label: 'planned effort',
    data: points.map(({ at, effort: y }) => ({ x: at, y })),
    yAxisID: 'effort',
    stepped: true,
    borderColor: ink.effort,
    backgroundColor: `color-mix(in srgb, ${ink.effort} 30%, transparent)`,
    fill: 'origin',
    borderWidth: 1.5,
    pointRadius: 0,
  } as const;
  const pulse = (index: 0 | 1, label: string) =>
    ({
      label,
      data: points.map(({ at, pulse: both }) => ({ x: at, y: both[index] })),
      yAxisID: 'pulse',
      borderColor: ink.pulse,
      backgroundColor: ink.band,
      fill: index === 0 ? false : '-1',
      borderWidth: index === 0 ? 1 : 2,
      pointRadius: 0,
    }) as const;
  return { datasets: withPulse ? [pulse(0, 'pulse, eldest'), pulse(1, 'pulse, youngest'), effort] : [effort] };
}

/** Axes in the words of the trade: clock along the foot, effort at the left, pulse at the right. */
export function effortOptions({ points }: EffortCurve, ink: Ink, withPulse: boolean): ChartOptions<'line'> {
  const text = { color: ink.soft, font: { family: 'Hanken Grotesk Variable', size: 13 } };
  return {
    animation: false,
    maintainAspectRatio: false,
    parsing: false,
    plugins: { legend: { display: false }, tooltip: { enabled: false } },
    scales: {
      x: {
        type: 'linear',
        min: 0,
        max: points.at(-1)?.at ?? 60,
        grid: { display: false },
        ticks: { ...text, maxTicksLimit: 5, maxRotation: 0, callback: (value) => clock(Number(value)) },
      },
      effort: { position: 'left', min: 0, max: 10, grid: { color: ink.line }, ticks: { ...text, stepSize: 2 } },
      pulse: {
        position: 'right',
        display: withPulse,
        min: 50,
        max: 190,
        grid: { display: false },
        ticks: { ...text, stepSize: 20 },
      },
    },
  };
}

/** Where the pulse should end, as a bar at the right edge. */
export function endMark({ hearts }: EffortCurve, ink: Ink): Plugin<'line'> {
  const [eldest, youngest] = hearts;
  const low = pulseAtReserve(ENDS_AT[0], eldest.rest, eldest.highest);
  const high = pulseAtReserve(ENDS_AT[1], youngest.rest, youngest.highest);
  return {
    id: 'end',
    afterDraw({ ctx, chartArea, scales }) {
      const axis = scales['pulse'];
      if (!axis || axis.options.display === false) return;
      ctx.fillStyle = ink.ink;
      ctx.fillRect(
        chartArea.right - 5,
        axis.getPixelForValue(high),
        5,
        axis.getPixelForValue(low) - axis.getPixelForValue(high),
      );
    },
  };
}

/** Where the pulse should end for the eldest and the youngest, in beats. */
export function endsBetween({ hearts: [eldest, youngest] }: EffortCurve): readonly [number, number] {
  const low = pulseAtReserve(ENDS_AT[0], eldest.rest, eldest.highest);
  const high = pulseAtReserve(ENDS_AT[1], youngest.rest, youngest.highest);
  return [Math.round(low), Math.round(high)];
}
