/** Two charts: how each part went, and which causes cost the most. Their numbers are in the table below them. */
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  Tooltip,
  type ChartOptions,
} from 'chart.js';
import { useComputedColorScheme } from '@mantine/core';
import { useMemo } from 'react';
import { Bar } from 'react-chartjs-2';
import type { WentWrong } from './wentWrong.ts';

Chart.register(BarController, BarElement, CategoryScale, Legend, LinearScale, Tooltip);

const tones = [
  ['right', '--right', 'right'],
  ['carried', '--carried', 'carried'],
  ['slip', '--brass', 'slip'],
  ['unexplained', '--unexplained', 'not explained'],
  ['blank', '--line', 'blank'],
] as const;
const MOST = 8;

export default function CauseCharts({ found }: { readonly found: WentWrong }) {
  const scheme = useComputedColorScheme('light');
  const tone = useMemo(() => {
    const style = getComputedStyle(document.documentElement);
    return (name: string) => style.getPropertyValue(name).trim();
    // Colours are read again when the theme changes.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [scheme]);
  const font = { family: tone('--sans'), size: 12 };
  const options = (stacked: boolean): ChartOptions<'bar'> => ({
    indexAxis: 'y',
    animation: false,
    maintainAspectRatio: false,
    scales: {
      x: { stacked, ticks: { color: tone('--soft'), precision: 0, font }, grid: { color: tone('--line') } },
      y: { stacked, ticks: { color: tone('--ink'), font }, grid: { display: false } },
    },
    plugins: { legend: { display: stacked, position: 'bottom', labels: { color: tone('--ink'), boxWidth: 12, font } } },
  });
  const top = found.causes.slice(0, MOST);
  return (
    <div className="pair">
      <figure className="sheet block figure">
        <figcaption>Answers to each part</figcaption>
        <div className="canvas" style={{ height: 70 + found.parts.length * 30 }}>
          <Bar
            role="img"
            aria-label={`Answers to each part: ${found.parts.map(({ name, right, answers }) => `${name}, ${right} of ${answers} right`).join('; ')}`}
            options={options(true)}
            data={{
              labels: found.parts.map(({ name }) => name),
              datasets: tones.map(([key, colour, label]) => ({
                label,
                data: found.parts.map((part) => part[key]),
                backgroundColor: tone(colour),
              })),
            }}
          />
        </div>
      </figure>
      <figure className="sheet block figure">
        <figcaption>Marks lost by cause</figcaption>
        <div className="canvas" style={{ height: 40 + top.length * 34 }}>
          <Bar
            role="img"
            aria-label={`Marks lost by cause: ${top.map(({ name, part, lost }) => `${name} in ${part}, ${lost}`).join('; ')}`}
            options={options(false)}
            data={{
              labels: top.map(({ name, part }) => [name.length > 44 ? `${name.slice(0, 42)}…` : name, part]),
              datasets: [{ label: 'marks lost', data: top.map(({ lost }) => lost), backgroundColor: tone('--brass') }],
            }}
          />
        </div>
      </figure>
    </div>
  );
}
