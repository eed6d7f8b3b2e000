/** What is asked, of which plan, with its arguments: chosen in fields, and in words. */
import {
  answerName,
  askInWords,
  quantities,
  quantityIds,
  usualFormat,
  type AnswerFormat,
  type AskTexts,
  type Exercise,
  type PartAsk,
  type Quantity,
} from '@hardy-sextant/core';
import styles from './ExercisePage.module.css';

const special = {
  difference: 'the difference of two plans',
  expression: 'an expression over answers',
  table: 'a table to fill in',
  choice: 'which plan is better',
} as const;

/** What a part asks, in words, for its closed card. */
export function askSaid(exercise: Exercise, ask: PartAsk): string {
  const several = exercise.plans.length > 1;
  const plan = (id: string): string => exercise.plans.find((each) => each.id === id)?.name ?? id;
  const args = ask.args ?? {};
  if (ask.quantity === 'expression') return ask.text || 'an expression';
  if (ask.quantity === 'table') return `rows ${args.from ?? 1} to ${args.to || 'the last'} to fill in`;
  if (ask.quantity === 'difference') return `${quantities[ask.of].title}: ${plan(ask.plan)} less ${plan(ask.other)}`;
  if (ask.quantity === 'choice') return `which has ${ask.prefer} of ${quantities[ask.of].title}`;
  const { needs } = quantities[ask.quantity];
  const words =
    needs.length === 0
      ? quantities[ask.quantity].title
      : askInWords({
          quantity: ask.quantity,
          after: args.after as never,
          from: args.from as never,
          to: args.to as never,
        });
  return `${words}${several ? ` of ${plan(ask.plan)}` : ''}${args.paying ? `, paying ${args.paying}` : ''}`;
}

interface AskFieldsProps {
  readonly exercise: Exercise;
  readonly ask: PartAsk;
  readonly label: string;
  readonly onChange: (ask: PartAsk, format?: AnswerFormat) => void;
}

export function AskFields({ exercise, ask, label, onChange }: AskFieldsProps) {
  const { plans, parts } = exercise;
  const first = plans[0]!.id;
  const planId = 'plan' in ask ? ask.plan : first;
  const draft = plans.find(({ id }) => id === planId)?.draft ?? plans[0]!.draft;
  const args = ask.args ?? {};
  const setArgs = (change: AskTexts) => onChange({ ...ask, args: { ...args, ...change } } as PartAsk);
  const choose = (id: string) => {
    const kept = { args: { after: args.after ?? '12', from: args.from ?? '1', to: args.to ?? '12' } };
    if (id === 'difference')
      onChange(
        { quantity: 'difference', of: 'total-interest', plan: first, other: plans[1]?.id ?? first, ...kept },
        usualFormat('total-interest'),
      );
    else if (id === 'choice')
      onChange(
        { quantity: 'choice', of: 'total-paid', plans: plans.map((plan) => plan.id), prefer: 'less', ...kept },
        usualFormat('total-paid'),
      );
    else if (id === 'expression') onChange({ quantity: 'expression', text: '' }, { kind: 'money', decimals: 2 });
    else if (id === 'table')
      onChange(
        { quantity: 'table', plan: planId, blanks: [], args: { from: '1', to: '3' } },
        { kind: 'money', decimals: 2 },
      );
    else
      onChange(
        { quantity: id as Quantity, plan: planId, ...(quantities[id as Quantity].needs.length > 0 ? kept : {}) },
        usualFormat(id as Quantity),
      );
  };
  const needs =
    ask.quantity === 'expression'
      ? []
      : ask.quantity === 'table'
        ? (['from', 'to'] as const)
        : quantities['of' in ask ? ask.of : ask.quantity].needs;
  const argumentWords = {
    after: 'after payment',
    from: ask.quantity === 'table' ? 'rows' : 'payments',
    to: 'to',
  } as const;
  return (
    <div className={styles.line}>
      <label>
        Asks for{' '}
        <select
          aria-label={`what is asked ${label}`}
          value={ask.quantity}
          onChange={(event) => choose(event.currentTarget.value)}
        >
          {quantityIds
            .filter(
              (each) => !quantities[each].refinancing && (quantities[each].applies(draft) || each === ask.quantity),
            )
            .map((each) => (
              <option key={each} value={each}>
                {quantities[each].title}
              </option>
            ))}
          {(Object.keys(special) as (keyof typeof special)[]).map((each) => (
            <option key={each} value={each}>
              {special[each]}
            </option>
          ))}
        </select>
      </label>
      {ask.quantity === 'expression' && (
        <input
          className={styles.wide}
          aria-label={`expression ${label}`}
          placeholder={`30 × (${answerName(parts[1]?.id ?? 'b')} − ${answerName(parts[0]?.id ?? 'a')})`}
          value={ask.text}
          onChange={(event) => onChange({ ...ask, text: event.currentTarget.value })}
        />
      )}
      {(ask.quantity === 'difference' || ask.quantity === 'choice') && (
        <select
          aria-label={`quantity ${label}`}
          value={ask.of}
          onChange={(event) =>
            onChange(
              { ...ask, of: event.currentTarget.value as Quantity },
              usualFormat(event.currentTarget.value as Quantity),
            )
          }
        >
          {quantityIds
            .filter((each) => !quantities[each].refinancing && quantities[each].applies(draft))
            .map((each) => (
              <option key={each} value={each}>
                {quantities[each].title}
              </option>
            ))}
        </select>
      )}
      {ask.quantity === 'choice' && (
        <select
          aria-label={`better has ${label}`}
          value={ask.prefer}
          onChange={(event) => onChange({ ...ask, prefer: event.currentTarget.value as 'less' | 'more' })}
        >
          <option value="less">less is better</option>
          <option value="more">more is better</option>
        </select>
      )}
      {plans.length > 1 && 'plan' in ask && (
        <label>
          of{' '}
          <select
            aria-label={`plan ${label}`}
            value={ask.plan}
            onChange={(event) => onChange({ ...ask, plan: event.currentTarget.value })}
          >
            {plans.map(({ id, name }) => (
              <option key={id} value={id}>
                {name ?? id}
              </option>
            ))}
          </select>
        </label>
      )}
      {ask.quantity === 'difference' && (
        <label>
          less{' '}
          <select
            aria-label={`other plan ${label}`}
            value={ask.other}
            onChange={(event) => onChange({ ...ask, other: event.currentTarget.value })}
          >
            {plans.map(({ id, name }) => (
              <option key={id} value={id}>
                {name ?? id}
              </option>
            ))}
          </select>
        </label>
      )}
      {needs.map((need) => (
        <label key={need}>
          {argumentWords[need]}{' '}
          <input
            className={styles.small}
            aria-label={`${argumentWords[need]} ${label}`}
            value={args[need] ?? ''}
            onChange={(event) => setArgs({ [need]: event.currentTarget.value })}
          />
        </label>
      ))}
      {['balance-after', 'left-to-pay', 'interest-in', 'principal-in', 'total-interest', 'total-paid'].includes(
        ask.quantity,
      ) && (
        <label>
          paying{' '}
          <input
            className={styles.small}
            aria-label={`payment made ${label}`}
            placeholder="the plan’s own"
            value={args.paying ?? ''}
            onChange={(event) =>
              setArgs({ paying: event.currentTarget.value === '' ? undefined : event.currentTarget.value })
            }
          />
        </label>
      )}
    </div>
  );
}
