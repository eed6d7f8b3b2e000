/** The demo's kept cases, from the harbour town of Kestrel Bay: one of each kind the Bench can state. */

import {
  emptyDraft,
  type ChangeDraft,
  type SlotName,
  type StatementDraft,
  type StatementKind,
  type Variation,
} from '@hardy-sextant/core';
import type { CaseDocument } from '@hardy-sextant/contract';
import { kilnShedDraft } from './kilnShed.ts';

interface DemoCase {
  readonly id: string;
  readonly title: string;
  readonly document: CaseDocument;
}

function draftOf(
  kind: StatementKind,
  slots: Partial<Record<SlotName, string>>,
  more: Partial<StatementDraft> = {},
): StatementDraft {
  const empty = emptyDraft(kind);
  return { ...empty, ...more, slots: { ...empty.slots, ...slots } };
}

function change(
  id: string,
  kind: ChangeDraft['kind'],
  texts: ChangeDraft['texts'],
  payment: ChangeDraft['payment'] = 'again',
): ChangeDraft {
  return { id, kind, texts, payment };
}

function varied(id: string, slots: Variation['slots'], more: Partial<Variation> = {}): Variation {
  return { id, slots, changes: [], ...more };
}

function demoCase(
  id: string,
  title: string,
  tags: string[],
  draft: StatementDraft,
  variations: Variation[] = [],
): DemoCase {
  return {
    id: `demo-${id}`,
    title,
    document: { schemaVersion: 2, draft, variations, together: [], tags, rules: 'demo-bm210' },
  };
}

/** The last is the newest, and so comes first on the Desk. */
export const demoCases: readonly DemoCase[] = [
  demoCase('card-rate', 'The chandlery card, effective rate', ['rates'], draftOf('convert', { rate: '19.2' })),
  demoCase(
    'orchard',
    'Orchard endowment',
    ['drawing down'],
    draftOf(
      'draw-down',
      { amount: '180,000', rate: '4.2', payments: '60', finalAmount: '40,000' },
      { paymentsPerYear: 4, quote: { ...emptyDraft().quote, compounding: 4 } },
    ),
  ),
  demoCase(
    'choir-hall',
    'Choir hall roof fund',
    ['saving'],
    draftOf('save', { amount: '1,200', rate: '3.6', payments: '48', finalAmount: '26,000' }),
  ),
  demoCase(
    'bicycle-workshop',
    'Bicycle workshop, add-on plan',
    ['flat charge'],
    draftOf('flat', { amount: '3,600', rate: '7.5', payments: '24' }),
  ),
  demoCase(
    'bakery-oven',
    'Bakery oven on a lease',
    ['lease'],
    draftOf('lease', { amount: '18,500', rate: '8.4', payments: '36', finalAmount: '3,700' }),
  ),
  demoCase(
    'boatyard',
    'Boatyard, built in stages',
    ['staged', 'daily interest'],
    draftOf(
      'borrow',
      { amount: '24,000', rate: '9.1', payments: '54' },
      {
        quote: { kind: 'daily', compounding: 12, daysPerYear: 365, daysPerPeriod: 30 },
        changes: [
          change('hull', 'draw', { amount: '18,000', before: '3' }, 'same'),
          change('engine', 'draw', { amount: '9,000', before: '5' }, 'same'),
          change('build', 'deferred', { from: '1', through: '6' }),
        ],
      },
    ),
  ),
  demoCase(
    'oyster-rafts',
    'Oyster rafts with a trade-in',
    ['trade-in'],
    draftOf(
      'borrow',
      { rate: '7.2', payments: '4y' },
      { buildUp: { price: '31,500', downPayment: '10%', tradeIn: '4,200', feesAdded: '180', feesTaken: '' } },
    ),
    [varied('cash', {}, { changes: [change('more', 'extra', { amount: '60', from: '1', to: '48', every: '' })] })],
  ),
  demoCase(
    'ferry',
    'Island ferry refit, rate review',
    ['changing rates'],
    draftOf(
      'borrow',
      { amount: '26,800', rate: '5.7', payments: '48' },
      { changes: [change('review', 'rate', { after: '18', rate: '7.2' })] },
    ),
    [varied('kept', {}, { changes: [change('review', 'rate', { after: '18', rate: '7.2' }, 'same')] })],
  ),
  demoCase(
    'solar-roof',
    'Community solar roof, two offers',
    ['comparing'],
    draftOf('borrow', { amount: '62,000', rate: '5.4', payments: '96' }),
    [
      varied('second', { rate: '4.9', payments: '120' }),
      varied(
        'switch',
        {},
        { refinancing: { after: '24', rate: '4.2', payments: '72', costs: '650', costsPaid: 'cash' } },
      ),
    ],
  ),
  demoCase('kiln-shed', 'Kiln shed loan', ['level loan'], kilnShedDraft, [
    varied('longer', { payments: '72' }),
    varied('cheaper', { rate: '5.9' }),
  ]),
];
