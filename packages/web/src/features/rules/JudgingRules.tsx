/** House rules, second half: tolerance, signs, what a mistake costs, when an explanation is believed. */
import { Button, NumberInput, Select } from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import { slips, type HouseRules, type SlipFamily, roundTo } from '@hardy-sextant/core';
import styles from './RulesPage.module.css';

type RulesFormType = UseFormReturnType<HouseRules>;

const families: Readonly<Record<Exclude<SlipFamily, 'table'>, string>> = {
  rate: 'rates',
  count: 'counts',
  amount: 'amounts',
  timing: 'timing',
  sign: 'signs',
  idea: 'another idea',
  formula: 'typed formulas',
  device: 'tools',
  rounding: 'rounding',
  copying: 'copying',
};

/** A share of the marks, shown in percent. */
function Share({ label, path, form }: { readonly label: string; readonly path: string; readonly form: RulesFormType }) {
  const { value, error } = form.getInputProps(path) as { value?: unknown; error?: string };
  return (
    <NumberInput
      label={label}
      suffix=" %"
      clampBehavior="none"
      value={typeof value === 'number' ? roundTo(value * 10_000, 0) / 100 : ''}
      error={error}
      onChange={(typed) => form.setFieldValue(path, (typeof typed === 'number' ? typed / 100 : NaN) as never)}
    />
  );
}

export function JudgingRules({ form }: { readonly form: RulesFormType }) {
  const { byFamily, bySlip } = form.values.credit;
  const without = (record: Readonly<Record<string, number>>, id: string) =>
    Object.fromEntries(Object.entries(record).filter(([key]) => key !== id));
  return (
    <>
      <h3 className="label">When an answer is right</h3>
      <div className={styles.fields}>
        <NumberInput label="Money may be off by" clampBehavior="none" {...form.getInputProps('tolerance.money')} />
        <NumberInput label="Percent may be off by" clampBehavior="none" {...form.getInputProps('tolerance.percent')} />
        <NumberInput label="A count may be off by" clampBehavior="none" {...form.getInputProps('tolerance.count')} />
        <Select
          label="An amount with the other sign"
          allowDeselect={false}
          data={[
            { value: 'counts', label: 'is a slip' },
            { value: 'free', label: 'is right' },
          ]}
          {...form.getInputProps('sign')}
        />
        <Select
          label="An earlier answer is used"
          allowDeselect={false}
          data={[
            { value: 'rounded', label: 'rounded, as it was asked for' },
            { value: 'exact', label: 'with all its digits' },
          ]}
          {...form.getInputProps('earlier')}
        />
      </div>
      <h3 className="label">What is given for</h3>
      <div className={styles.fields}>
        <Share label="right, written coarser" path="credit.rightRounded" form={form} />
        <Share label="right from an own earlier answer" path="credit.carried" form={form} />
        <Share label="a slip that is named" path="credit.slip" form={form} />
        <Share label="a wrong sign" path="credit.sign" form={form} />
        {Object.keys(byFamily).map((id) => (
          <div key={id} className={styles.special}>
            <Share
              label={`slips of the family ${families[id as keyof typeof families] ?? id}`}
              path={`credit.byFamily.${id}`}
              form={form}
            />
            <Button
              size="compact-xs"
              variant="subtle"
              aria-label={`no rule of its own for ${families[id as keyof typeof families] ?? id}`}
              onClick={() => form.setFieldValue('credit.byFamily', without(byFamily, id))}
            >
              as usual
            </Button>
          </div>
        ))}
        {Object.keys(bySlip).map((id) => (
          <div key={id} className={styles.special}>
            <Share label={slips.find((slip) => slip.id === id)?.title ?? id} path={`credit.bySlip.${id}`} form={form} />
            <Button
              size="compact-xs"
              variant="subtle"
              aria-label={`no rule of its own for ${id}`}
              onClick={() => form.setFieldValue('credit.bySlip', without(bySlip, id))}
            >
              as usual
            </Button>
          </div>
        ))}
        <Select
          label="Another credit for a family"
          placeholder="choose a family…"
          value={null}
          data={Object.entries(families)
            .filter(([id]) => !(id in byFamily))
            .map(([value, label]) => ({ value, label }))}
          onChange={(id) => id && form.setFieldValue('credit.byFamily', { ...byFamily, [id]: form.values.credit.slip })}
        />
        <Select
          label="Another credit for one slip"
          placeholder="choose a slip…"
          searchable
          value={null}
          data={slips.filter(({ id }) => !(id in bySlip)).map(({ id, title }) => ({ value: id, label: title }))}
          onChange={(id) => id && form.setFieldValue('credit.bySlip', { ...bySlip, [id]: form.values.credit.slip })}
        />
      </div>
      <h3 className="label">When an explanation is believed</h3>
      <div className={styles.fields}>
        <NumberInput
          label="at most so many explanations fit"
          clampBehavior="none"
          {...form.getInputProps('specific.mostFitting')}
        />
        <Share label="a random number would fit with at most" path="specific.mostByChance" form={form} />
      </div>
    </>
  );
}
