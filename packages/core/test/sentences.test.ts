/** Every sentence of the working and of stories read once as a stranger: counts of one and two, signs, blanks, dust. */
import {
  askCase,
  centRounding,
  emptyDraft,
  exerciseFromCase,
  givensInForce,
  kindOf,
  numberStyleById,
  quantities,
  quantityIds,
  shippedStyles,
  statementKinds,
  storyText,
  usualQuestions,
  workedSolution,
  type StatementDraft,
  type Step,
} from '../src/index.ts';

const style = numberStyleById('comma-point');

/** A short plan of each kind, with so many payments. */
function short(kind: StatementDraft['kind'], count: number): StatementDraft {
  const empty = emptyDraft(kind);
  const { owes } = kindOf(empty);
  return {
    ...empty,
    slots: {
      ...empty.slots,
      amount: '1,200',
      rate: '6',
      payments: String(count),
      finalAmount: owes || kind === 'draw-down' ? '0' : '2,000',
    },
  };
}

function said(step: Step): string[] {
  const because = step.because ? [step.because] : [];
  switch (step.kind) {
    case 'says':
    case 'answer':
      return [step.text, ...because];
    case 'entries':
      return [...step.rows.map(({ because: why }) => why), ...because];
    case 'drawn':
      return [step.sentence.map(({ text }) => text).join(''), step.note, ...because];
    default:
      return because;
  }
}

/** What a stranger would stumble over. */
const stumbles: readonly (readonly [string, RegExp])[] = [
  [
    'one of several',
    /(?<![\d.,])1 (payments|deposits|rents|withdrawals|months|years|quarters|weeks|periods|rows|terms|cells|times)\b/,
  ],
  ['a range of one', /(?<!\d)(\d+) to \1(?!\d)/],
  ['two signs', /[−+-] ?[−+-]\d|\+ −|− −/],
  ['a blank before a full stop', / [.,;:](\s|$)/],
  ['two blanks', /[^ ] {2}[^ ]/],
  ['no number', /NaN|undefined|Infinity/],
  ['dust', /\d\.\d*0{7}\d|\d\.\d*9{8}/],
];

function stumblesIn(texts: readonly string[]): string[] {
  return texts.flatMap((text) =>
    stumbles.flatMap(([name, pattern]) => (pattern.test(text) ? [`${name}: ${text}`] : [])),
  );
}

describe.each(statementKinds.map((kind) => [kind] as const))('sentences about %s', (kind) => {
  it.each([1, 2, 13])('with %d payments read well, whatever is asked', (count) => {
    const draft = short(kind, count);
    let asked = 0;
    const found = new Set<string>();
    for (const quantity of quantityIds) {
      if (quantities[quantity].refinancing || !quantities[quantity].applies(draft)) continue;
      const question = askCase(draft, { quantity, after: 1, from: 1, to: count > 1 ? 2 : 1, below: 700 }, centRounding);
      if (!question.ok) continue;
      asked += 1;
      for (const entering of shippedStyles) {
        const { setting, ways } = workedSolution(question.value, { entering });
        const texts = [...setting, ...ways.flatMap(({ steps }) => steps)].flatMap(said);
        for (const each of stumblesIn(texts)) found.add(`${quantity}: ${each}`);
      }
    }
    expect(asked).toBeGreaterThan(0);
    expect([...found]).toEqual([]);
  });

  it.each([1, 2, 13])('with %d payments read well in a first story and in prompts', (count) => {
    const draft = short(kind, count);
    const exercise = exerciseFromCase({ title: 'Short', draft, variations: [], tags: [] }, centRounding);
    const story = storyText(exercise.story, givensInForce(exercise, {}, style).written);
    const prompts = usualQuestions({ id: 'plan', draft }, count).map(({ prompt }) => prompt);
    expect(prompts.length).toBeGreaterThan(0);
    expect(stumblesIn([story, ...prompts])).toEqual([]);
  });
});
