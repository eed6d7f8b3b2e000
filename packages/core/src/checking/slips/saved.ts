/** Slips of what changes on the way save: the whole given for the part saved, what was planned for what is really paid. */

import { withoutChanges } from '../../case/quantities/changed.ts';
import type { Quantity } from '../../case/quantity.ts';
import type { Table } from '../../table/buildTable.ts';
import { brief, defineSlip, money, type Asked, type Slip, type WrongResult } from '../slip.ts';

/** The table of the plan as it is, and of the same plan with nothing changing on the way. */
function tablesOf(asked: Asked): { readonly planned: Table; readonly real: Table } | undefined {
  const { solved } = asked.question;
  const planned = withoutChanges({ solved });
  return planned.ok ? { planned: planned.value, real: solved.table } : undefined;
}

const asks = (asked: Asked, ...quantities: Quantity[]): boolean => quantities.includes(asked.question.ask.quantity);

/** The interest, the payments, or the time in years, of a whole table. */
function wholeOf({ count, totalInterest }: Table, asked: Asked): number {
  if (asks(asked, 'interest-saved')) return totalInterest;
  return asks(asked, 'payments-saved') ? count : count / asked.question.statement.paymentsPerYear;
}

export const savedSlips: readonly Slip[] = [
  defineSlip({
    id: 'whole-for-saved',
    family: 'idea',
    title: 'The whole given for what is saved',
    advice: 'What is saved is the difference: without the change, less with it.',
    weight: 9,
    applies: (asked) => asks(asked, 'interest-saved', 'time-saved', 'payments-saved'),
    wrongMethod: (_inputs, asked) => {
      const tables = tablesOf(asked);
      if (!tables) return [];
      const written = (value: number): string =>
        asks(asked, 'interest-saved')
          ? money(asked, value)
          : `${brief(asked, value, 2)} ${asks(asked, 'payments-saved') ? 'payments' : 'years'}`;
      const [without, withIt] = [wholeOf(tables.planned, asked), wholeOf(tables.real, asked)];
      return [
        { result: withIt, did: `${written(withIt)} is the whole with the change; ${written(without)} is without it.` },
        { result: without, did: `${written(without)} is the whole without the change.` },
      ];
    },
  }),
  defineSlip({
    id: 'planned-for-made',
    family: 'count',
    title: 'Payments planned for payments made',
    advice: 'What changes on the way makes the plan shorter or longer: count the payments that are really made.',
    weight: 12,
    applies: (asked) => asks(asked, 'payments-made'),
    wrongMethod: (_inputs, asked) => {
      const tables = tablesOf(asked);
      if (!tables || tables.planned.count === tables.real.count) return [];
      const { planned, real } = tables;
      const results: WrongResult[] = [
        {
          result: planned.count,
          did: `${planned.count} payments were planned; ${real.count} are made.`,
        },
        {
          result: Math.abs(planned.count - real.count),
          did: `${Math.abs(planned.count - real.count)} is by how many the ${planned.count} planned differ from the ${real.count} made.`,
        },
      ];
      return results;
    },
  }),
];
