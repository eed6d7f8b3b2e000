/** House rules, second half: tolerance, signs, what a mistake costs, when an explanation is believed. */
import { Button, NumberInput, Select } from '@mantine/core';
import { conventionIds, conventionNames, lookUp, slips, type SlipFamily, roundTo } from '@hardy-sextant/core';
import type { RulesForm } from './rulesValues.ts';
import styles from './RulesPage.module.css';
import { say } from '../../words/say.ts';

const families: Readonly<Record<string, string>> = {
  rate: say('rates'),
  count: say('counts'),
  amount: say('amounts'),
  timing: say('timing'),
  sign: say('signs'),
  idea: say('another idea'),
  formula: say('typed formulas'),
  device: say('tools'),
  rounding: say('rounding'),
  copying: say('copying'),
} satisfies Record<Exclude<SlipFamily, 'table'>, string>;

const nameOfConvention = (id: string): string => lookUp(conventionNames, id) ?? id;

/** A share of the marks, shown in percent. What is typed and no number stays until it is one: the form refuses it. */
function Share({ label, path, form }: { readonly label: string; readonly path: string; readonly form: RulesForm }) {
  const { value, error, onChange }: ShareInput = form.getInputProps(path);
  return (
    <NumberInput
      label={label}
      suffix=" %"
      clampBehavior="none"
      value={typeof value === 'number' ? roundTo(value * 10_000, 0) / 100 : ''}
      error={error}
      onChange={(typed) => onChange(typeof typed === 'number' ? typed / 100 : NaN)}
    />
  );
}

interface ShareInput {
  readonly value?: unknown;
  readonly error?: string;
  readonly onChange: (value: number) => void;
}

export function JudgingRules({ form }: { readonly form: RulesForm }) {
  return (
    <>
      <h3 className="label">{say('When an answer is right')}</h3>
      <RightRules form={form} />
      <h3 className="label">{say('What is given for')}</h3>
      <div className={styles.fields}>
        <Share label={say('right, written coarser')} path="credit.rightRounded" form={form} />
        <Share label={say('right from an own earlier answer')} path="credit.carried" form={form} />
        <Share label={say('a slip that is named')} path="credit.slip" form={form} />
        <Share label={say('a wrong sign')} path="credit.sign" form={form} />
        <OwnCredits form={form} />
      </div>
      <h3 className="label">{say('When an explanation is believed')}</h3>
      <div className={styles.fields}>
        <NumberInput
          label={say('at most so many explanations fit')}
          clampBehavior="none"
          {...form.getInputProps('specific.mostFitting')}
        />
        <Share label={say('a random number would fit with at most')} path="specific.mostByChance" form={form} />
      </div>
    </>
  );
}

function RightRules({ form }: { readonly form: RulesForm }) {
  return (
    <div className={styles.fields}>
      <NumberInput label={say('Money may be off by')} clampBehavior="none" {...form.getInputProps('tolerance.money')} />
      <NumberInput
        label={say('Percent may be off by')}
        clampBehavior="none"
        {...form.getInputProps('tolerance.percent')}
      />
      <NumberInput
        label={say('A count may be off by')}
        clampBehavior="none"
        {...form.getInputProps('tolerance.count')}
      />
      <Select
        label={say('An amount with the other sign')}
        allowDeselect={false}
        data={[
          { value: 'counts', label: say('is a slip') },
          { value: 'free', label: say('is right') },
        ]}
        {...form.getInputProps('sign')}
      />
      <Select
        label={say('An earlier answer is used')}
        allowDeselect={false}
        data={[
          { value: 'rounded', label: say('rounded, as it was asked for') },
          { value: 'exact', label: say('with all its digits') },
        ]}
        {...form.getInputProps('earlier')}
      />
    </div>
  );
}

/** Families and slips that are given something of their own, and two lists to add one more. */
function OwnCredits({ form }: { readonly form: RulesForm }) {
  const { byFamily, bySlip, byConvention, slip: usual } = form.values.credit;
  const familyOf = (id: string): string => families[id] ?? id;
  return (
    <>
      <Credits
        of="byFamily"
        form={form}
        titleOf={(id) => say('slips of the family {{familyOf}}', { familyOf: familyOf(id) })}
        nameOf={familyOf}
      />
      <Credits
        of="bySlip"
        form={form}
        titleOf={(id) => slips.find((slip) => slip.id === id)?.title ?? id}
        nameOf={(id) => id}
      />
      <Credits
        of="byConvention"
        form={form}
        titleOf={(id) => say('right by {{nameOfConvention}}', { nameOfConvention: nameOfConvention(id) })}
        nameOf={nameOfConvention}
      />
      <Select
        label={say('Another credit for a way of rounding')}
        placeholder={say('choose a way…')}
        value={null}
        data={conventionIds
          .filter((id) => !(id in byConvention))
          .map((value) => ({ value, label: conventionNames[value] }))}
        onChange={(id) => id && form.setFieldValue('credit.byConvention', { ...byConvention, [id]: usual })}
      />
      <Select
        label={say('Another credit for a family')}
        placeholder={say('choose a family…')}
        value={null}
        data={Object.entries(families)
          .filter(([id]) => !(id in byFamily))
          .map(([value, label]) => ({ value, label }))}
        onChange={(id) => id && form.setFieldValue('credit.byFamily', { ...byFamily, [id]: usual })}
      />
      <Select
        label={say('Another credit for one slip')}
        placeholder={say('choose a slip…')}
        searchable
        value={null}
        data={slips.filter(({ id }) => !(id in bySlip)).map(({ id, title }) => ({ value: id, label: title }))}
        onChange={(id) => id && form.setFieldValue('credit.bySlip', { ...bySlip, [id]: usual })}
      />
    </>
  );
}

interface CreditsProps {
  readonly of: 'byFamily' | 'bySlip' | 'byConvention';
  readonly form: RulesForm;
  readonly titleOf: (id: string) => string;
  readonly nameOf: (id: string) => string;
}

function Credits({ of, form, titleOf, nameOf }: CreditsProps) {
  const credits: Readonly<Record<string, number>> = form.values.credit[of];
  const without = (id: string) => Object.fromEntries(Object.entries(credits).filter(([key]) => key !== id));
  return Object.keys(credits).map((id) => (
    <div key={id} className={styles.special}>
      <Share label={titleOf(id)} path={`credit.${of}.${id}`} form={form} />
      <Button
        size="compact-xs"
        variant="subtle"
        aria-label={say('no rule of its own for {{nameOf}}', { nameOf: nameOf(id) })}
        onClick={() => form.setFieldValue(`credit.${of}`, without(id))}
      >
        {say('as usual')}
      </Button>
    </div>
  ));
}
