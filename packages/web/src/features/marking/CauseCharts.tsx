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
import { say } from '../../words/say.ts';

Chart.register(BarController, BarElement, CategoryScale, Legend, LinearScale, Tooltip);

const tones = [
  ['right', '--right', say('right')],
  ['carried', '--carried', say('carried')],
  ['slip', '--brass', say('slip')],
  ['unexplained', '--unexplained', say('not explained')],
  ['blank', '--line', say('blank')],
] as const;
const MOST = 8;

/** Colours and frame of both charts, in the theme of the page. */
function useChartLooks() {
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
  return { tone, options };
}

export default function CauseCharts({ found }: { readonly found: WentWrong }) {
  const { tone, options } = useChartLooks();
  const top = found.causes.slice(0, MOST);
  return (
    <div className="pair">
      <figure className="sheet block figure">
        <figcaption>{say('Answers to each part')}</figcaption>
        <div className="canvas" style={{ height: 70 + found.parts.length * 30 }}>
          <Bar
            role="img"
            aria-label={say('Answers to each part: {{parts}}', {
              parts: found.parts
                .map(({ name, right, answers }) =>
                  say('{{name}}, {{right}} of {{answers}} right', { name, right, answers }),
                )
                .join('; '),
            })}
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
        <figcaption>{say('Marks lost by cause')}</figcaption>
        <div className="canvas" style={{ height: 40 + top.length * 34 }}>
          <Bar
            role="img"
            aria-label={say('Marks lost by cause: {{top}}', {
              top: top
                .map(({ name, part, lost }) => say('{{name}} in {{part}}, {{lost}}', { name, part, lost }))
                .join('; '),
            })}
            options={options(false)}
            data={{
              labels: top.map(({ name, part }) => [name.length > 44 ? `${name.slice(0, 42)}…` : name, part]),
              datasets: [
                { label: say('marks lost'), data: top.map(({ lost }) => lost), backgroundColor: tone('--brass') },
              ],
            }}
          />
        </div>
      </figure>
    </div>
  );
}
