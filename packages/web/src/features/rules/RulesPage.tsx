/** House rules: the usual set and one a class; currency, numbers, rounding, what a new statement starts with. */
import { Button, NumberInput, Select, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import {
  buildTable,
  frequencies,
  numberStyleById,
  numberStyles,
  rulesInWords,
  styleInWords,
  writeMoney,
  type EnteringStyle,
  type HouseRules,
} from '@hardy-sextant/core';
import { houseRules, keptRules, type KeptRules } from '@hardy-sextant/contract';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { Refusal } from '../../ui/api.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { useEnteringStyles, useRules, useWriteRules } from '../../ui/records.ts';
import { useAllEnteringStyles } from '../../ui/working/useAllEnteringStyles.ts';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { JudgingRules } from './JudgingRules.tsx';
import { EnteringStyleForm } from './EnteringStyleForm.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import { ResumedNote } from '../../ui/ResumedNote.tsx';
import { useKeptForm } from '../../ui/useKeptForm.ts';
import styles from './RulesPage.module.css';

export function RulesPage() {
  const sets = useRules();
  const ownStyles = useEnteringStyles();
  const entryStyles = useAllEnteringStyles();
  const [search, setSearch] = useSearchParams();
  if (sets.isPending) return <Loading what="the house rules" />;
  if (sets.isError && !sets.data)
    return <Failed what="house rules" error={sets.error} again={() => void sets.refetch()} />;
  const chosen = sets.data.find(({ id }) => id === search.get('of')) ?? sets.data[0]!;
  const shownStyle = entryStyles.find(({ id }) => id === search.get('style'));
  const keptStyle = ownStyles.data?.find(({ id }) => id === shownStyle?.id);
  return (
    <>
      <PageHead
        title="House rules"
        where="The conventions of a class: they hold on the Bench, in keys and in marking"
      />
      <div className={styles.columns}>
        <div className={styles.lists}>
          <h2 className="label">House rules</h2>
          <ul className={`sheet ${styles.sets}`} aria-label="Sets of house rules">
            {sets.data.map((each) => (
              <li key={each.id}>
                <button
                  type="button"
                  aria-current={!shownStyle && each.id === chosen.id}
                  onClick={() => setSearch({ of: each.id }, { replace: true })}
                >
                  {each.name}
                  <span className="soft">{rulesInWords(each.rules)}</span>
                </button>
              </li>
            ))}
          </ul>
          <h2 className="label">Entering styles</h2>
          <ul className={`sheet ${styles.sets}`} aria-label="Entering styles">
            {entryStyles.map((each) => (
              <li key={each.id}>
                <button
                  type="button"
                  aria-current={each.id === shownStyle?.id}
                  onClick={() => setSearch({ style: each.id }, { replace: true })}
                >
                  {each.name}
                  <span className="soft">{styleInWords(each)}</span>
                </button>
              </li>
            ))}
          </ul>
        </div>
        {shownStyle ? (
          <EnteringStyleForm
            key={shownStyle.id}
            shown={shownStyle}
            {...(keptStyle ? { kept: keptStyle } : {})}
            onKept={(id) => setSearch(id === '' ? {} : { style: id }, { replace: true })}
          />
        ) : (
          <RulesForm key={chosen.id} kept={chosen} entryStyles={entryStyles} />
        )}
      </div>
    </>
  );
}

function RulesForm({
  kept,
  entryStyles,
}: {
  readonly kept: KeptRules;
  readonly entryStyles: readonly EnteringStyle[];
}) {
  const write = useWriteRules();
  const [revision, setRevision] = useState(kept.revision);
  const [theirs, setTheirs] = useState<KeptRules>();
  const form = useForm<HouseRules>({
    initialValues: kept.rules,
    validate: (values) => {
      const read = houseRules.safeParse(values);
      return read.success
        ? {}
        : Object.fromEntries(read.error.issues.map((issue) => [issue.path.join('.'), issue.message]));
    },
  });
  const typed = useKeptForm(`rules ${kept.id}`, form);
  const save = async (against: number) => {
    try {
      const stored = await write.mutateAsync({ id: kept.id, rules: form.values, revision: against });
      setRevision(stored.revision);
      setTheirs(undefined);
      form.setInitialValues(form.values);
      form.resetDirty(form.values);
      notifications.show({ message: `The rules of ${kept.name} are kept.` });
    } catch (error) {
      if (error instanceof Refusal && error.isStale) setTheirs(keptRules.parse(error.document.current));
    }
  };
  const submit = form.onSubmit(() => void save(revision));
  return (
    <form onSubmit={submit} noValidate className={`sheet ${styles.form}`}>
      <h2>{kept.name}</h2>
      <ResumedNote typed={typed} />
      <div className={styles.fields}>
        <Select
          label="Numbers are written"
          allowDeselect={false}
          data={numberStyles.map(({ id, sample }) => ({ value: id, label: sample }))}
          {...form.getInputProps('numberStyle')}
        />
        <TextInput label="Currency sign" placeholder="none" maxLength={12} {...form.getInputProps('currency')} />
        <NumberInput label="Decimals of money" clampBehavior="none" {...form.getInputProps('decimals')} />
        <Select
          label="The payment is"
          allowDeselect={false}
          data={[
            { value: 'cent', label: 'rounded to the cent' },
            { value: 'cent-up', label: 'rounded up to the cent' },
            { value: 'unit', label: 'rounded to whole units' },
            { value: 'unit-up', label: 'rounded up to whole units' },
            { value: 'exact', label: 'not rounded' },
          ]}
          {...form.getInputProps('rounding.payment')}
        />
        <Select
          label="Interest in each row is"
          allowDeselect={false}
          data={[
            { value: 'cent', label: 'rounded to the cent' },
            { value: 'exact', label: 'not rounded' },
          ]}
          {...form.getInputProps('rounding.interest')}
        />
        <Select
          label="The last payment"
          allowDeselect={false}
          data={[
            { value: 'clears', label: 'closes the table exactly' },
            { value: 'as-others', label: 'is as the others' },
          ]}
          {...form.getInputProps('rounding.last')}
        />
        <Select
          label="A new statement is paid"
          allowDeselect={false}
          data={frequencies.map(({ perYear, adverb }) => ({ value: String(perYear), label: adverb }))}
          value={String(form.values.usual.paymentsPerYear)}
          onChange={(value) => value && form.setFieldValue('usual.paymentsPerYear', Number(value))}
        />
        <Select
          label="at the"
          allowDeselect={false}
          data={[
            { value: 'end', label: 'end of each period' },
            { value: 'begin', label: 'beginning of each period' },
          ]}
          {...form.getInputProps('usual.timing')}
        />
        <Select
          label="The class’s tool"
          allowDeselect={false}
          data={entryStyles.map(({ id, name }) => ({ value: id, label: name }))}
          {...form.getInputProps('entering')}
        />
      </div>
      {houseRules.safeParse(form.values).success ? (
        <Sample rules={form.values} />
      ) : (
        <p className="soft">An example stands here again when every field can be used as it is.</p>
      )}
      <JudgingRules form={form} />
      {write.error && !theirs && (
        <p role="alert" className={styles.failed}>
          {write.error.message} The rules are not stored yet.
        </p>
      )}
      <Button type="submit" variant="filled" loading={write.isPending} disabled={!form.isDirty()}>
        Keep these rules
      </Button>
      <ChangedElsewhere
        what="these rules"
        theirs={theirs && rulesInWords(theirs.rules)}
        mine={rulesInWords(form.values)}
        onTheirs={() => {
          if (!theirs) return;
          form.setValues(theirs.rules);
          form.resetDirty(theirs.rules);
          setRevision(theirs.revision);
          setTheirs(undefined);
        }}
        onMine={() => theirs && void save(theirs.revision)}
      />
    </form>
  );
}

/** What the rules do to one small loan, so that a choice shows its meaning at once. */
function Sample({ rules }: { readonly rules: HouseRules }) {
  const style = numberStyleById(rules.numberStyle);
  const table = buildTable({
    amount: 1250,
    rate: { kind: 'nominal', annual: 0.07, compoundingsPerYear: 12 },
    paymentsPerYear: 12,
    payments: 3,
    timing: rules.usual.timing,
    finalAmount: 0,
    rounding: rules.rounding,
    changes: [],
  });
  if (!table.ok) return null;
  const money = (value: number) =>
    `${rules.currency ? `${rules.currency}\u00a0` : ''}${writeMoney(value, style, rules.decimals)}`;
  return (
    <table className="ledger">
      <caption className="label">What that does to {money(1250)} at 7 % in 3 monthly payments</caption>
      <thead>
        <tr>
          <th>Interest</th>
          <th>Payment</th>
          <th>Closing</th>
        </tr>
      </thead>
      <tbody>
        {table.value.rows.map((row) => (
          <tr key={row.number}>
            <td>{money(row.interest)}</td>
            <td>{money(row.payment)}</td>
            <td>{money(row.closing)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
