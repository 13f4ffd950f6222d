import { pulseAtReserve } from '@prompt-spark/core/effort/pulse';
import type { EffortCurve } from '@prompt-spark/core/effort/effortOf';
import type { ChartData, ChartOptions, Plugin, Scale } from 'chart.js';
import type { Seconds } from '@prompt-spark/core/units';
import { clock } from '../../wording/clock.ts';
import { say } from '../say.ts';

/** The theme's colours a chart is drawn in. */
export interface Ink {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly effort: string;
  readonly pulse: string;
  readonly band: string;
}

const MINUTE: Seconds = 60;
/** A warm-up should end around here: a light sweat, breathing up. Share of the reserve; common practice, no source. */
const ENDS_AT = [0.45, 0.6] as const;

/** The curve as lines over seconds: planned effort as steps, the pulse as a band between the eldest and the youngest. */
export function effortData({ points }: EffortCurve, ink: Ink, withPulse: boolean): ChartData<'line'> {
  const effort = {
    label: say.effortChart.plannedEffort,
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
  return {
    datasets: withPulse
      ? [pulse(0, say.effortChart.pulseEldest), pulse(1, say.effortChart.pulseYoungest), effort]
      : [effort],
  };
}

/** Takes no room beside the chart: its labels stand inside. */
const narrow = (axis: Scale): void => {
  axis.width = 0;
};

/** Axes in the words of the trade, their labels inside, so that the chart is as wide as the fuse above it. */
export function effortOptions(span: Seconds, ink: Ink, withPulse: boolean): ChartOptions<'line'> {
  const text = { color: ink.soft, font: { family: 'Hanken Grotesk Variable', size: 13 } };
  return {
    animation: false,
    maintainAspectRatio: false,
    parsing: false,
    layout: { padding: 0 },
    plugins: { legend: { display: false }, tooltip: { enabled: false } },
    scales: {
      x: {
        type: 'linear',
        min: 0,
        max: span,
        grid: { display: false },
        afterFit: (axis) => {
          axis.paddingLeft = 0;
          axis.paddingRight = 0;
        },
        ticks: {
          ...text,
          align: 'inner',
          maxRotation: 0,
          autoSkipPadding: 14,
          stepSize: span > 20 * MINUTE ? 5 * MINUTE : MINUTE,
          callback: (value) => clock(Number(value)),
        },
      },
      effort: {
        position: 'left',
        min: 0,
        max: 10,
        grid: { color: ink.line, drawTicks: false },
        border: { display: false },
        afterFit: narrow,
        ticks: { ...text, mirror: true, padding: 4, stepSize: 5 },
      },
      pulse: {
        position: 'right',
        display: withPulse,
        min: 50,
        max: 190,
        grid: { display: false, drawTicks: false },
        border: { display: false },
        afterFit: narrow,
        ticks: { display: false },
      },
    },
  };
}

/** Where the pulse should end, as a bar at the right edge, and the beats beside it. */
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
      // Inside, beside the bar: an axis of its own would make the chart narrower than the fuse.
      ctx.font = '13px "Hanken Grotesk Variable"';
      ctx.fillStyle = ink.soft;
      ctx.textAlign = 'right';
      ctx.textBaseline = 'middle';
      for (const beats of [80, 120, 160]) {
        ctx.fillText(String(beats), chartArea.right - 12, axis.getPixelForValue(beats));
      }
    },
  };
}

/** Where the pulse should end for the eldest and the youngest, in beats. */
export function endsBetween({ hearts: [eldest, youngest] }: EffortCurve): readonly [number, number] {
  const low = pulseAtReserve(ENDS_AT[0], eldest.rest, eldest.highest);
  const high = pulseAtReserve(ENDS_AT[1], youngest.rest, youngest.highest);
  return [Math.round(low), Math.round(high)];
}
