import type { ApexOptions } from 'apexcharts';
import chartModule from 'react-apexcharts';

/** The package is CommonJS: depending on the bundler its default export is the component, or holds it. */
const ReactApexChart = (chartModule as typeof chartModule & { default?: typeof chartModule }).default ?? chartModule;

/** The title of an axis. */
export const axisTitle = (text: string): { text: string; style: object } => ({
  text,
  style: { fontSize: '15px', fontWeight: 600 },
});

const AXIS = { labels: { style: { fontSize: '13px' } } };

/** Every chart in the notebook's own ink: nothing moves, nothing zooms, and its legend stands in words beside it. */
const THEME = {
  chart: {
    animations: { enabled: false },
    toolbar: { show: false },
    zoom: { enabled: false },
    fontFamily: 'inherit',
    foreColor: 'var(--ink-2)',
    background: 'transparent',
  },
  colors: ['var(--teal)', 'var(--ink)', 'var(--crimson)'],
  fill: { type: 'solid', opacity: 1 },
  stroke: { curve: 'straight' },
  markers: { strokeColors: 'var(--paper-open)', strokeWidth: 1.5, hover: { sizeOffset: 2 } },
  dataLabels: { enabled: false },
  legend: { show: false },
  grid: { borderColor: 'var(--rule)', xaxis: { lines: { show: true } } },
} as const satisfies ApexOptions;

type Kind = NonNullable<NonNullable<ApexOptions['chart']>['type']>;

/**
 * A statistical chart by the library, which is larger than any page: whatever shows one fetches its part lazily. What is a drawing of a
 * thing (a box, a fish's hours, a dinner on its axis) is drawn by hand. `label`: what a screen reader says in its place; the figures stand
 * in text beside it.
 */
export function ThemedChart({
  label,
  type,
  height,
  series,
  options,
}: {
  label: string;
  type: Kind;
  height: number;
  series: ApexAxisChartSeries;
  options: Omit<ApexOptions, 'series' | 'yaxis'> & { yaxis?: ApexYAxis };
}) {
  const themed: ApexOptions = {
    ...THEME,
    ...options,
    chart: { ...THEME.chart, ...options.chart, type },
    stroke: { ...THEME.stroke, ...options.stroke },
    markers: { ...THEME.markers, ...options.markers },
    grid: { ...THEME.grid, ...options.grid },
    xaxis: { ...AXIS, ...options.xaxis },
    yaxis: { ...AXIS, ...options.yaxis },
  };
  return (
    <div className="themed-chart" role="img" aria-label={label}>
      <ReactApexChart options={themed} series={series} type={type} height={height} />
    </div>
  );
}
