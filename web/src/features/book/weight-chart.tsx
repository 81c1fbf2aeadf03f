import { expectedWeight } from '@dagboek/core/measure';
import type { ComponentProps } from 'react';
import { useNavigate } from 'react-router';
import type { Species } from '../../asked/catalogue.ts';
import type { OwnFit } from '@dagboek/journal';
import { axisTitle, ThemedChart } from '../../ui/themed-chart.tsx';
import { useNarrow } from '../../ui/use-width.ts';
import { LENGTH_UNIT, sayGrams, sayLength, units } from '../../asked/units.ts';
import { G_PER_POUND, MM_PER_INCH } from '@dagboek/core/units';

/** Lengths at which the curves are drawn. */
const STEPS = 40;

/** Own fish as points, their curve solid with the band of nine in ten, the typical curve dashed. A point opens its fish. */
export function WeightChart({ species, own }: { species: Species; own: OwnFit }) {
  const go = useNavigate();
  const { fit, fish } = own;
  // Ticks at whole steps: their number must divide the axis, or the library writes them where they are not.
  // The axis is divided in the units of this device: each 5 or 10 cm, each 2 or 4 inches.
  const unitMm = units.length === 'in' ? MM_PER_INCH : 10;
  const grid = (useNarrow() || species.maxMm > 1500 ? 2 : 1) * (units.length === 'in' ? 2 * MM_PER_INCH : 50);
  const lengths = [...species.usualMm, ...fish.map((f) => f.lengthMm)];
  const [from, to] = [
    Math.floor((Math.min(...lengths) * 0.94) / grid) * grid,
    Math.ceil((Math.max(...lengths) * 1.04) / grid) * grid,
  ];
  const least = Math.max(from, 10);
  const xs = Array.from({ length: STEPS + 1 }, (_, i) => least + ((to - least) * i) / STEPS);
  const x = (mm: number): number => Math.round((mm / unitMm) * 100) / 100;
  const gramsPerUnit = units.mass === 'lb' ? G_PER_POUND : 1;
  const y = (g: number): number => Math.round((g / gramsPerUnit) * 100) / 100;
  const mine = fit && fish.length > 0 ? fit : null;
  const points = [...fish].sort((a, b) => a.lengthMm - b.lengthMm);
  const series: ApexAxisChartSeries = [
    ...(mine
      ? [
          {
            name: '90 % of your fish',
            type: 'rangeArea',
            data: xs.map((mm) => ({
              x: x(mm),
              y: [y(mine.predict(mm).lowG), y(mine.predict(mm).highG)],
            })),
          },
          { name: 'Yours', type: 'line', data: xs.map((mm) => ({ x: x(mm), y: y(mine.predict(mm).massG) })) },
        ]
      : []),
    {
      name: 'Typical',
      type: 'line',
      data: xs.map((mm) => ({ x: x(mm), y: y(expectedWeight(species, mm).massG) })),
    },
    ...(points.length > 0
      ? [
          {
            name: 'Your fish',
            type: 'scatter',
            data: points.map((f) => ({ x: x(f.lengthMm), y: y(f.massG) })),
          },
        ]
      : []),
  ];
  const of = (name: string): number => series.findIndex((s) => s.name === name);
  const each = <T,>(rest: T, special: Readonly<Record<string, T>>): T[] =>
    series.map((s) => special[s.name ?? ''] ?? rest);
  const ink = 'var(--ink)';
  const options: ComponentProps<typeof ThemedChart>['options'] = {
    chart: {
      events: {
        dataPointSelection: (_e, _c, at?: { seriesIndex: number; dataPointIndex: number }) => {
          const f = at && at.seriesIndex === of('Your fish') ? points[at.dataPointIndex] : undefined;
          if (f) void go(`/fish/${f.fish.id}`);
        },
      },
    },
    colors: each('var(--teal)', { Typical: ink, '90 % of your fish': 'var(--teal-wash)' }),
    stroke: { width: each(0, { Yours: 3, Typical: 2 }), dashArray: each(0, { Typical: 6 }) },
    markers: { size: each(0, { 'Your fish': 6 }) },
    xaxis: {
      type: 'numeric',
      title: axisTitle(`Length, ${LENGTH_UNIT}`),
      min: x(from),
      max: x(to),
      tickAmount: Math.round((to - from) / grid),
      decimalsInFloat: 0,
    },
    yaxis: {
      min: 0,
      title: axisTitle(`Weight, ${units.mass === 'lb' ? 'lb' : 'g'}`),
      decimalsInFloat: units.mass === 'lb' ? 1 : 0,
    },
    tooltip: {
      shared: false,
      intersect: true,
      x: { formatter: (v: number) => sayLength(v * unitMm) },
      y: { formatter: (v: number) => sayGrams(v * gramsPerUnit) },
    },
  };
  return (
    <div className="my-3 mx-0 max-w-245">
      <Swatches own={mine !== null} points={points.length > 0} />
      <ThemedChart
        label={`Weight at length of ${species.name}; the same in figures below`}
        type="rangeArea"
        height={420}
        series={series}
        options={options}
      />
    </div>
  );
}

/** What is drawn how, beside a piece of each. */
function Swatches({ own, points }: { own: boolean; points: boolean }) {
  return (
    <p className="flex flex-wrap gap-y-1 gap-x-5.5">
      {own && (
        <span>
          <svg className="inline-block [vertical-align:-3px]" width="44" height="16" aria-hidden="true">
            <rect width="44" height="16" fill="var(--teal-wash)" />
            <path d="M0 8H44" stroke="var(--teal)" strokeWidth="3" />
          </svg>{' '}
          your fish, and the range of 90 % of them
        </span>
      )}
      <span>
        <svg className="inline-block [vertical-align:-3px]" width="44" height="16" aria-hidden="true">
          <path d="M0 8H44" stroke="var(--ink)" strokeWidth="2" strokeDasharray="6 5" />
        </svg>{' '}
        typical
      </span>
      {points && (
        <span>
          <svg className="inline-block [vertical-align:-3px]" width="16" height="16" aria-hidden="true">
            <circle cx="8" cy="8" r="5" fill="var(--teal)" />
          </svg>{' '}
          a fish of yours
        </span>
      )}
    </p>
  );
}
