import { Chart, Legend, LinearScale, LineElement, PointElement, Tooltip, type ChartOptions } from 'chart.js';

/** What a line over time is drawn of; the rest of the chart library stays out of the build. */
Chart.register(LinearScale, PointElement, LineElement, Legend, Tooltip);

/** Options that every line over time shares: as large as its place, at rest, days along its foot. */
export function overTime(soft: string | undefined, named: (at: number) => string) {
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    legend: { labels: { color: soft, usePointStyle: true, pointStyle: 'line' } },
    title: ([point]: readonly { readonly parsed: { readonly x: number | null } }[]) =>
      point ? named(Number(point.parsed.x)) : '',
    days: {
      type: 'linear',
      bounds: 'data',
      ticks: {
        color: soft,
        maxTicksLimit: 4,
        maxRotation: 0,
        // The day of the week would crowd the axis.
        callback: (value: string | number) => named(Number(value)).replace(/^\w+,? /, ''),
      },
      grid: { display: false },
    },
  } as const;
}

export type LineOptions = ChartOptions<'line'>;
