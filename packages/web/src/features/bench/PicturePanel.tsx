/** The picture: balance over time for the statement and its variations, and interest against principal; with the numbers as text. */
import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartData,
  type ChartOptions,
} from 'chart.js';
import { useComputedColorScheme } from '@mantine/core';
import { subtotals, writeMoney, type NumberStyle, type Table, roundTo } from '@hardy-sextant/core';
import { useMemo } from 'react';
import { Bar, Line } from 'react-chartjs-2';
import { Amount, useNumberStyle } from '../../statement/Figures.tsx';
import styles from './PicturePanel.module.css';
import { say } from '../../words/say.ts';

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
);

export interface PicturedPlan {
  readonly name: string;
  readonly table: Table;
  /** The plan that was paid until it was refinanced by this one. */
  readonly before?: { readonly table: Table; readonly after: number };
}

/** The statement first, then what is drawn beside it. */
export type PicturedPlans = readonly [PicturedPlan, ...PicturedPlan[]];

/** Tones of the lines, the statement first; dashes tell them apart without colour. */
const lines: readonly { readonly tone: string; readonly dash: number[] }[] = [
  { tone: '--sea', dash: [] },
  { tone: '--brass', dash: [6, 3] },
  { tone: '--carried', dash: [2, 3] },
  { tone: '--unexplained', dash: [8, 3, 2, 3] },
  { tone: '--right', dash: [12, 4] },
  { tone: '--slip', dash: [3, 6] },
  { tone: '--soft', dash: [1, 2] },
];

export default function PicturePanel({ plans }: { readonly plans: PicturedPlans }) {
  const style = useNumberStyle();
  const scheme = useComputedColorScheme('light');
  const [stated] = plans;
  // Colours are read again when the theme changes.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const ink = useMemo(() => readTones(), [scheme]);
  const balances = useMemo(() => balanceData(plans, ink), [plans, ink]);
  const split = useMemo(() => splitData(stated.table, ink), [stated, ink]);
  const saving = stated.table.plan.kind === 'saving';
  return (
    <div className="pair">
      <figure className="sheet block figure">
        <figcaption>{saving ? say('Saved after each payment') : say('Owed after each payment')}</figcaption>
        <div className={styles.canvas}>
          <Line
            data={balances}
            options={options(style, ink, 'payment', false) as ChartOptions<'line'>}
            aria-label={say('balance over time')}
            role="img"
          />
        </div>
      </figure>
      <figure className="sheet block figure">
        <figcaption>
          {say('Interest and {{deposits}} in each payment', { deposits: saving ? say('deposits') : say('principal') })}
        </figcaption>
        <div className={styles.canvas}>
          <Bar
            data={split}
            options={options(style, ink, 'payment', true) as ChartOptions<'bar'>}
            aria-label={say('interest against principal in each payment')}
            role="img"
          />
        </div>
      </figure>
      <YearNumbers plans={plans} />
    </div>
  );
}

/** The picture's numbers by year of the plan, as text. */
function YearNumbers({ plans }: { readonly plans: PicturedPlans }) {
  const columns = plans.map(({ name, table }) => {
    const found = subtotals(table, 'plan-year');
    return { name, years: found.ok ? found.value : [] };
  });
  const most = Math.max(...columns.map(({ years }) => years.length));
  return (
    <div className="sheet block wide spanning">
      <table className="ledger">
        <caption className="label">
          {say('The numbers of the picture: what is {{saved}} after each year, and the interest in it', {
            saved: plans[0].table.plan.kind === 'saving' ? say('saved') : say('owed'),
          })}
        </caption>
        <thead>
          <tr>
            <th className="words">{say('Year')}</th>
            {plans.map(({ name }) => (
              <th key={name}>{name}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: most }, (_, at) => (
            <tr key={at}>
              <td className="words">{at + 1}</td>
              {columns.map(({ name, years: { [at]: year } }) => (
                <td key={name}>
                  {year ? (
                    <>
                      <Amount value={year.closing} />{' '}
                      <span className="soft">
                        {'· '}
                        {say('interest')} {<Amount value={year.interest} />}
                      </span>
                    </>
                  ) : (
                    '–'
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

type Ink = (tone: string) => string;

function readTones(): Ink {
  const computed = getComputedStyle(document.documentElement);
  const found = new Map(
    [...lines.map(({ tone }) => tone), '--line', '--ink', '--sheet'].map((tone) => [
      tone,
      computed.getPropertyValue(tone).trim(),
    ]),
  );
  return (tone) => found.get(tone) ?? '#888';
}

/** At most some hundreds of points a line: more cannot be seen. */
function thinned(count: number): number[] {
  const step = Math.max(1, Math.ceil(count / 400));
  const places: number[] = [];
  for (let at = 0; at < count; at += step) places.push(at);
  if (places.at(-1) !== count) places.push(count);
  return places;
}

function balanceData(plans: PicturedPlans, ink: Ink): ChartData<'line', { x: number; y: number }[]> {
  return {
    datasets: plans.map((plan, at) => {
      const { tone = '--ink', dash = [] } = lines[at % lines.length] ?? {};
      return {
        label: plan.name,
        data: pointsOf(plan, plans[0].table.plan.paymentsPerYear),
        borderColor: ink(tone),
        backgroundColor: ink(tone),
        borderDash: dash,
        borderWidth: 2,
        pointRadius: 0,
        pointHitRadius: 8,
      };
    }),
  };
}

/** Balances over the statement's own payments; a plan of another frequency is laid over them, a refinancing goes on from the old plan. */
function pointsOf({ table, before }: PicturedPlan, paymentsPerYear: number): { x: number; y: number }[] {
  const pace = paymentsPerYear / table.plan.paymentsPerYear;
  const at = (k: number, of: Table): number => of.rows[k - 1]?.closing ?? of.plan.amount;
  const earlier = before ? thinned(before.after).map((k) => ({ x: k, y: at(k, before.table) })) : [];
  return [...earlier, ...thinned(table.count).map((k) => ({ x: (before?.after ?? 0) + k * pace, y: at(k, table) }))];
}

function splitData(table: Table, ink: Ink): ChartData<'bar'> {
  const step = Math.max(1, Math.ceil(table.count / 120));
  const rows = table.rows.filter((row) => (row.number - 1) % step === 0);
  const saving = table.plan.kind === 'saving';
  return {
    labels: rows.map((row) => row.number),
    datasets: [
      { label: say('interest'), data: rows.map((row) => row.interest), backgroundColor: ink('--brass'), stack: 'one' },
      {
        label: saving ? 'deposits' : 'principal',
        data: rows.map((row) => (saving ? row.payment + row.extra : row.principal)),
        backgroundColor: ink('--sea'),
        stack: 'one',
      },
    ],
  };
}

function options(style: NumberStyle, ink: Ink, unit: string, stacked: boolean): ChartOptions {
  const ticks = { color: ink('--soft'), font: { family: 'Instrument Sans Variable' } };
  return {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: stacked ? 'index' : 'nearest', intersect: false, axis: 'x' },
    scales: {
      x: {
        type: stacked ? 'category' : 'linear',
        stacked,
        grid: { display: false },
        ticks: { ...ticks, maxTicksLimit: 14 },
        title: { display: true, text: unit, color: ink('--soft') },
      },
      y: {
        stacked,
        beginAtZero: true,
        grid: { color: ink('--line') },
        ticks: { ...ticks, callback: (value) => writeMoney(Number(value), style, 0) },
      },
    },
    plugins: {
      legend: { labels: { color: ink('--ink'), boxHeight: 2, font: { family: 'Instrument Sans Variable' } } },
      tooltip: {
        callbacks: {
          title: ([item]) =>
            say('after payment {{roundTo}}', { roundTo: roundTo(Number(stacked ? item?.label : item?.parsed.x), 0) }),
          label: (item) => `${item.dataset.label}: ${writeMoney(Number(item.parsed.y), style)}`,
        },
      },
    },
  };
}
