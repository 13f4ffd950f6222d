import type { FitCurve } from '@prompt-spark/core/fit/search/fitCurve';
import { stepAt } from '@prompt-spark/core/fit/search/fitCurve';
import type { Seconds } from '@prompt-spark/core/units';
import type { ChartData, ChartOptions, Plugin } from 'chart.js';
import { clock } from '../wording/clock.ts';
import { say } from './say.ts';

/** The theme's colours the curve is drawn in. */
export interface CurveInk {
  readonly ink: string;
  readonly soft: string;
  readonly line: string;
  readonly curve: string;
  readonly under: string;
  readonly spark: string;
}

/** Room at the left for the shares, in pixels: the slider below begins where the curve does. */
export const AXIS_WIDTH = 52;
/** Room at the right for half of the last minute's label. */
export const AXIS_END = 20;
const MINUTE: Seconds = 60;

/** The seconds that the curve and the slider run over. */
export interface FitSpan {
  readonly least: Seconds;
  readonly most: Seconds;
}

/** From the half minute under the shortest plan to the longest, or a minute past what was planned. */
export function fitSpan({ steps, planned }: FitCurve): FitSpan {
  const least = Math.floor((steps[0]?.seconds ?? 0) / 30) * 30;
  const longest = Math.min(steps.at(-1)?.seconds ?? planned, planned * 1.25);
  return { least, most: Math.ceil(Math.max(longest, planned + 30) / 30) * 30 };
}

/** The curve as steps: what is kept holds until the next plan fits. */
export function curveData({ steps }: FitCurve, { most }: FitSpan, ink: CurveInk): ChartData<'line'> {
  const shown = steps.filter(({ seconds }) => seconds <= most);
  const points = shown.map(({ seconds, share }) => ({ x: seconds, y: 100 * share }));
  const last = points.at(-1);
  return {
    datasets: [
      {
        label: say.fitChart.axis,
        data: last ? [...points, { x: most, y: last.y }] : [],
        stepped: true,
        borderColor: ink.curve,
        borderWidth: 2.5,
        backgroundColor: ink.under,
        fill: 'start',
        pointRadius: 0,
      },
    ],
  };
}

/** Minutes across, preparation kept up. */
export function curveOptions({ steps }: FitCurve, { least, most }: FitSpan, ink: CurveInk): ChartOptions<'line'> {
  const text = { color: ink.soft, font: { family: 'Hanken Grotesk Variable', size: 13 } };
  const lowest = 100 * (steps[0]?.share ?? 0);
  const highest = 100 * (steps.findLast(({ seconds }) => seconds <= most)?.share ?? 1);
  return {
    animation: false,
    maintainAspectRatio: false,
    parsing: false,
    layout: { padding: { top: 18 } },
    plugins: { legend: { display: false }, tooltip: { enabled: false } },
    scales: {
      x: {
        type: 'linear',
        min: least,
        max: most,
        grid: { display: false },
        afterFit: (axis) => {
          axis.paddingRight = AXIS_END;
        },
        afterBuildTicks: (axis) => {
          const gap = most - least > 12 * MINUTE ? 2 * MINUTE : MINUTE;
          const from = Math.ceil(least / gap) * gap;
          axis.ticks = Array.from({ length: Math.floor((most - from) / gap) + 1 }, (_, at) => ({
            value: from + at * gap,
          }));
        },
        ticks: { ...text, maxRotation: 0, callback: (value) => clock(Number(value)) },
      },
      y: {
        min: Math.max(0, Math.floor((lowest - 5) / 20) * 20),
        max: Math.max(102, Math.ceil(highest)),
        grid: { color: ink.line },
        border: { display: false },
        afterFit: (axis) => {
          axis.width = AXIS_WIDTH;
        },
        afterBuildTicks: (axis) => {
          const from = Math.ceil(axis.min / 20);
          axis.ticks = Array.from({ length: 6 - from }, (_, at) => ({ value: 20 * (from + at) }));
        },
        ticks: { ...text, callback: (value) => `${String(value)} %` },
      },
    },
  };
}

/** The budget as a dotted line, the plan it gives as a spark, and what that keeps in words beside it. */
export function budgetMark(curve: FitCurve, seconds: Seconds, ink: CurveInk): Plugin<'line'> {
  const step = stepAt(curve, seconds);
  return {
    id: 'budget',
    afterDatasetsDraw({ ctx, chartArea, scales: { x, y } }) {
      if (!x || !y) return;
      const at = Math.min(chartArea.right, Math.max(chartArea.left, x.getPixelForValue(seconds)));
      ctx.save();
      ctx.strokeStyle = ink.ink;
      ctx.lineWidth = 1.5;
      ctx.setLineDash([2, 4]);
      ctx.beginPath();
      ctx.moveTo(at, chartArea.top - 10);
      ctx.lineTo(at, chartArea.bottom);
      ctx.stroke();
      ctx.setLineDash([]);
      if (step) {
        const height = y.getPixelForValue(100 * step.share);
        ctx.fillStyle = ink.spark;
        ctx.strokeStyle = ink.ink;
        ctx.lineWidth = 2;
        ctx.beginPath();
        ctx.arc(at, height, 8, 0, 2 * Math.PI);
        ctx.fill();
        ctx.stroke();
        const words = say.fitChart.ofThePreparation(Math.round(100 * step.share), clock(seconds));
        ctx.font = '650 16px "Hanken Grotesk Variable"';
        ctx.fillStyle = ink.ink;
        const { width } = ctx.measureText(words);
        const left = at + 16 + width > chartArea.right;
        // To the left the curve falls away: the words go under it.
        const under = left ? stepAt(curve, x.getValueForPixel(at - 16 - width) ?? 0) : step;
        ctx.textAlign = left ? 'right' : 'left';
        const line = y.getPixelForValue(100 * (under?.share ?? 0)) + 26;
        ctx.fillText(words, at + (left ? -16 : 16), Math.min(line, chartArea.bottom - 8));
      }
      ctx.restore();
    },
  };
}
