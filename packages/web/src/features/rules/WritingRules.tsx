/** House rules, how we write it: letters, powers, worksheet formulas, signs, digits; a sample follows every choice. */
import { Checkbox, NumberInput, Select, TextInput } from '@mantine/core';
import {
  askCase,
  centRounding,
  emptyDraft,
  enteringStyleById,
  letterNames,
  letterWords,
  numberStyleById,
  restyleDraft,
  workedSolution,
  type HouseRules,
  type Step,
  type WayId,
} from '@hardy-sextant/core';
import { houseRules } from '@hardy-sextant/contract';
import { useMemo } from 'react';
import { Steps } from '../../working/Steps.tsx';
import { useAllEnteringStyles } from '../../working/useAllEnteringStyles.ts';
import type { RulesForm } from './rulesValues.ts';
import styles from './RulesPage.module.css';
import { say } from '../../words/say.ts';

interface WritingRulesProps {
  readonly form: RulesForm;
}

export function WritingRules({ form }: WritingRulesProps) {
  return (
    <div className={styles.written}>
      <div>
        <h3 className="label">{say('Letters')}</h3>
        <div className={styles.labels}>
          {letterNames.map((name) => (
            <TextInput
              key={name}
              size="xs"
              label={letterWords[name]}
              maxLength={4}
              {...form.getInputProps(`writing.letters.${name}`)}
            />
          ))}
        </div>
        <h3 className="label">{say('Formulas')}</h3>
        <FormulaRules form={form} />
        <h3 className="label">{say('Worksheet formulas')}</h3>
        <SheetRules form={form} />
      </div>
      <WritingSample rules={form.values} />
    </div>
  );
}

const choices = {
  power: [
    { value: 'negative', label: say('a negative power') },
    { value: 'denominator', label: say('under a fraction bar') },
  ],
  rate: [
    { value: 'computed', label: say('computed first') },
    { value: 'inside', label: say('a fraction inside') },
  ],
  factor: [
    { value: 'written-out', label: say('written out') },
    { value: 'named', label: say('named, found first') },
  ],
  relation: [
    { value: 'next', label: say('Vₙ₊₁ = R·Vₙ − d') },
    { value: 'last', label: say('uₙ = R·uₙ₋₁ − d') },
  ],
  signs: [
    { value: 'borrower', label: say('the borrower’s or saver’s') },
    { value: 'lender', label: say('the lender’s') },
    { value: 'none', label: say('none, amounts only') },
  ],
  separator: [
    { value: ';', label: say('semicolons') },
    { value: ',', label: say('commas') },
  ],
  minus: [
    { value: 'result', label: say('in the result') },
    { value: 'amount', label: say('before the amount') },
    { value: 'function', label: say('before the function') },
  ],
  inputs: [
    { value: 'per-payment', label: say('rate and count of payments') },
    { value: 'a-year', label: say('rate a year and years') },
  ],
} as const;

function FormulaRules({ form }: WritingRulesProps) {
  return (
    <div className={styles.fields}>
      <Select
        label={say('What discounts is')}
        allowDeselect={false}
        data={choices.power}
        {...form.getInputProps('writing.power')}
      />
      <Select
        label={say('The rate for one payment')}
        allowDeselect={false}
        data={choices.rate}
        {...form.getInputProps('writing.rate')}
      />
      <Select
        label={say('The annuity factor is')}
        allowDeselect={false}
        data={choices.factor}
        {...form.getInputProps('writing.factor')}
      />
      <Select
        label={say('A recurrence')}
        allowDeselect={false}
        data={choices.relation}
        {...form.getInputProps('writing.relation')}
      />
      <Select
        label={say('Signs are')}
        allowDeselect={false}
        data={choices.signs}
        {...form.getInputProps('writing.signs')}
      />
      <NumberInput
        label={say('Places of a value on the way')}
        clampBehavior="none"
        {...form.getInputProps('writing.digits.places')}
      />
      <Checkbox
        mt={28}
        label={say('“…” where more digits follow')}
        {...form.getInputProps('writing.digits.dots', { type: 'checkbox' })}
      />
    </div>
  );
}

function SheetRules({ form }: WritingRulesProps) {
  return (
    <div className={styles.fields}>
      <Select
        label={say('Arguments are parted by')}
        allowDeselect={false}
        data={choices.separator}
        {...form.getInputProps('writing.sheet.separator')}
      />
      <Select
        label={say('The minus stands')}
        allowDeselect={false}
        data={choices.minus}
        {...form.getInputProps('writing.sheet.minus')}
      />
      <Select
        label={say('Cells hold')}
        allowDeselect={false}
        data={choices.inputs}
        {...form.getInputProps('writing.sheet.inputs')}
      />
    </div>
  );
}

const loan = { ...emptyDraft('borrow'), slots: { ...emptyDraft().slots, amount: '7200', rate: '6', payments: '24' } };

/** One small loan in the form that is chosen, so that a choice shows its meaning at once. */
function WritingSample({ rules }: { readonly rules: HouseRules }) {
  const entryStyles = useAllEnteringStyles();
  const isWhole = houseRules.safeParse(rules).success;
  const shown = useMemo(() => {
    const question = isWhole
      ? askCase(restyleDraft(loan, rules.numberStyle), { quantity: 'payment' }, centRounding)
      : undefined;
    if (!question?.ok) return undefined;
    return workedSolution(question.value, {
      style: numberStyleById(rules.numberStyle),
      entering: enteringStyleById(rules.entering, entryStyles),
      writing: rules.writing,
    });
  }, [isWhole, rules, entryStyles]);
  if (!shown) return <p className="soft">{say('A sample stands here again when every field can be used as it is.')}</p>;
  const of = (id: WayId, ...kinds: Step['kind'][]): readonly Step[] =>
    (shown.ways.find((way) => way.id === id)?.steps ?? []).filter(({ kind }) => kinds.includes(kind)).map(bare);
  const samples: readonly (readonly [string, readonly Step[]])[] = [
    [say('Formula'), [...shown.setting.slice(0, 1).map(bare), ...of('formula', 'formula')]],
    [say('Recurrence'), of('recurrence', 'formula')],
    [say('Five values'), of('five-values', 'entries')],
    [say('Sheet function'), of('sheet-function', 'sheet', 'answer')],
  ];
  return (
    <div className={styles.beside}>
      <h3 className="label">{say('How 7,200 at 6 % in 24 monthly payments is written')}</h3>
      {samples.map(([name, steps]) => (
        <div key={name} className="tight">
          <p className="soft bare">{name}</p>
          <Steps steps={steps} name={say('Sample: {{name}}', { name })} />
        </div>
      ))}
    </div>
  );
}

/** A step without its reasons: the sample shows the form alone. */
function bare(step: Step): Step {
  const { because: _why, ...rest } = step;
  return rest.kind === 'sheet' ? { ...rest, meanings: [] } : rest;
}
