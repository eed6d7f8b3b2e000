/** What is asked, of which plan, with its arguments: chosen in fields, and in words. */
import {
  answerName,
  askInWords,
  quantities,
  quantityIds,
  usualFormat,
  type AnswerFormat,
  type AskArgument,
  type AskTexts,
  type Exercise,
  type PartAsk,
  type Quantity,
} from '@hardy-sextant/core';
import { Pick } from '../../ui/Pick.tsx';
import { askChosen, planOf, type AskChoice } from './askChosen.ts';
import { Field } from '../../ui/Field.tsx';
import { RubricFields } from './RubricFields.tsx';
import { many, say } from '../../words/say.ts';

const special: readonly (readonly [AskChoice, string])[] = [
  ['difference', say('the difference of two plans')],
  ['expression', say('an expression over answers')],
  ['table', say('a table to fill in')],
  ['relation', say('the relation of the recurrence')],
  ['choice', say('which plan is better')],
  ['by-hand', say('words or a drawing, marked by hand')],
];

/** What a part asks, in words, for its closed card. */
export function askSaid(exercise: Exercise, ask: PartAsk): string {
  const several = exercise.plans.length > 1;
  const plan = (id: string): string => exercise.plans.find((each) => each.id === id)?.name ?? id;
  const args = ask.args ?? {};
  const ofPlan = (what: string): string =>
    several && 'plan' in ask ? say('{{what}}, {{plan}}', { what, plan: plan(ask.plan) }) : what;
  if (ask.quantity === 'expression') return ask.text || say('an expression');
  if (ask.quantity === 'by-hand') return rubricSaid(ask.rubric.length);
  if (ask.quantity === 'table')
    return say('rows {{from}} to {{to}} to fill in', { from: args.from ?? 1, to: args.to || say('the last') });
  if (ask.quantity === 'relation') return ofPlan(say('the relation of the recurrence'));
  if (ask.quantity === 'difference')
    return say('{{title}}: {{plan}} less {{plan2}}', {
      title: quantities[ask.of].title,
      plan: plan(ask.plan),
      plan2: plan(ask.other),
    });
  if (ask.quantity === 'choice')
    return say('which has {{prefer}} of {{title}}', { prefer: ask.prefer, title: quantities[ask.of].title });
  const { needs } = quantities[ask.quantity];
  const words =
    needs.length === 0
      ? quantities[ask.quantity].title
      : askInWords({
          quantity: ask.quantity,
          after: args.after,
          from: args.from,
          to: args.to,
          below: args.below,
        });
  return `${ofPlan(words)}${args.paying ? `, ${say('paying {{paying}}', { paying: args.paying })}` : ''}`;
}

const rubricSaid = (lines: number): string =>
  lines === 0
    ? say('words or a drawing')
    : many(lines, 'words or a drawing, by a rubric of one line', 'words or a drawing, by a rubric of {{count}} lines');

interface AskFieldsProps {
  readonly exercise: Exercise;
  readonly ask: PartAsk;
  readonly label: string;
  readonly onChange: (ask: PartAsk, format?: AnswerFormat) => void;
}

export function AskFields({ exercise, ask, label, onChange }: AskFieldsProps) {
  const { plans } = exercise;
  const { draft } = planOf(exercise, ask);
  const named = plans.map(({ id, name }): readonly [string, string] => [id, name ?? id]);
  const asked = quantityIds
    .filter((each) => !quantities[each].refinancing && (quantities[each].applies(draft) || each === ask.quantity))
    .map((each): readonly [AskChoice, string] => [each, quantities[each].title]);
  return (
    <div className="line small">
      <label>
        {say('Asks for')}{' '}
        <Pick
          label={say('what is asked {{label}}', { label })}
          value={ask.quantity}
          options={[...asked, ...special]}
          onPick={(choice) => onChange(...askChosen(exercise, ask, choice))}
        />
      </label>
      {ask.quantity === 'by-hand' && <RubricFields ask={ask} label={label} onChange={onChange} />}
      {ask.quantity === 'expression' && (
        <ExpressionField exercise={exercise} ask={ask} label={label} onChange={onChange} />
      )}
      {(ask.quantity === 'difference' || ask.quantity === 'choice') && (
        <ComparedQuantity draft={draft} ask={ask} label={label} onChange={onChange} />
      )}
      {plans.length > 1 && 'plan' in ask && (
        <label>
          {say('of')}{' '}
          <Pick
            label={say('plan {{label}}', { label })}
            value={ask.plan}
            options={named}
            onPick={(plan) => onChange({ ...ask, plan })}
          />
        </label>
      )}
      {ask.quantity === 'difference' && (
        <label>
          {say('less')}{' '}
          <Pick
            label={say('other plan {{label}}', { label })}
            value={ask.other}
            options={named}
            onPick={(other) => onChange({ ...ask, other })}
          />
        </label>
      )}
      <Arguments ask={ask} label={label} onChange={onChange} />
    </div>
  );
}

interface FieldProps<A extends PartAsk = PartAsk> {
  readonly ask: A;
  readonly label: string;
  readonly onChange: AskFieldsProps['onChange'];
}

function ExpressionField({
  exercise: { parts },
  ask,
  label,
  onChange,
}: FieldProps<Extract<PartAsk, { quantity: 'expression' }>> & { readonly exercise: Exercise }) {
  return (
    <Field
      className="grow"
      label={say('expression {{label}}', { label })}
      placeholder={`30 × (${answerName(parts[1]?.id ?? 'b')} − ${answerName(parts[0]?.id ?? 'a')})`}
      value={ask.text}
      onText={(text) => onChange({ ...ask, text })}
    />
  );
}

/** What of two plans or more is compared, and which is better. */
function ComparedQuantity({
  draft,
  ask,
  label,
  onChange,
}: FieldProps<Extract<PartAsk, { quantity: 'difference' | 'choice' }>> & {
  readonly draft: Exercise['plans'][number]['draft'];
}) {
  const options = quantityIds
    .filter((each) => !quantities[each].refinancing && quantities[each].applies(draft))
    .map((each): readonly [Quantity, string] => [each, quantities[each].title]);
  return (
    <>
      <Pick
        label={say('quantity {{label}}', { label })}
        value={ask.of}
        options={options}
        onPick={(of) => onChange({ ...ask, of }, usualFormat(of))}
      />
      {ask.quantity === 'choice' && (
        <Pick
          label={say('better has {{label}}', { label })}
          value={ask.prefer}
          options={[
            ['less', say('less is better')],
            ['more', say('more is better')],
          ]}
          onPick={(prefer) => onChange({ ...ask, prefer })}
        />
      )}
    </>
  );
}

/** Of these one may say which payment was made instead of the plan's own. */
const paid: readonly AskChoice[] = [
  'balance-after',
  'balance-right-after',
  'left-to-pay',
  'interest-in',
  'principal-in',
  'interest-portion',
  'principal-portion',
  'total-interest',
  'total-paid',
];

/** After which payment, from which to which, and paying what. */
function Arguments({ ask, label, onChange }: FieldProps) {
  const args = ask.args ?? {};
  const set = (change: AskTexts) => onChange({ ...ask, args: { ...args, ...change } });
  const words = {
    below: 'past',
    after: say('after payment'),
    from: ask.quantity === 'table' ? 'rows' : 'payments',
    to: 'to',
  };
  return (
    <>
      {needsOf(ask).map((need) => (
        <label key={need}>
          {words[need]}{' '}
          <Field
            className="short"
            label={`${words[need]} ${label}`}
            value={args[need] ?? ''}
            onText={(text) => set({ [need]: text })}
          />
        </label>
      ))}
      {paid.includes(ask.quantity) && (
        <label>
          {say('paying')}{' '}
          <Field
            className="short"
            label={say('payment made {{label}}', { label })}
            placeholder={say('the plan’s own')}
            value={args.paying ?? ''}
            onText={(text) => set({ paying: text || undefined })}
          />
        </label>
      )}
    </>
  );
}

function needsOf(ask: PartAsk): readonly AskArgument[] {
  if (ask.quantity === 'expression') return [];
  if (ask.quantity === 'table') return ['from', 'to'];
  if (ask.quantity === 'relation' || ask.quantity === 'by-hand') return [];
  return quantities['of' in ask ? ask.of : ask.quantity].needs;
}
