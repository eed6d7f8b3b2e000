/** One entering style: a shipped one to look at and copy, or one made here to edit. */
import { Button, Checkbox, Group, NumberInput, Select, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import {
  centRounding,
  askCase,
  emptyDraft,
  styleInWords,
  workedSolution,
  type EnteringLabels,
  type EnteringStyle,
} from '@hardy-sextant/core';
import {
  enteringStyle,
  keptEnteringStyle,
  type EnteringStyleDocument,
  type KeptEnteringStyle,
} from '@hardy-sextant/contract';
import { useState } from 'react';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { Refusal } from '../../ui/api.ts';
import { useDeleteEnteringStyle, useWriteEnteringStyle } from '../../ui/records.ts';
import { ResumedNote } from '../../ui/ResumedNote.tsx';
import { useKeptForm } from '../../ui/useKeptForm.ts';
import styles from './RulesPage.module.css';

const labelNames: Readonly<Record<keyof EnteringLabels, string>> = {
  n: 'number of payments',
  rate: 'rate',
  pv: 'amount at the start',
  pmt: 'payment',
  fv: 'amount at the end',
  paymentsPerYear: 'payments a year',
  compoundingsPerYear: 'compoundings a year',
  timing: 'when payments fall',
  end: 'end',
  begin: 'beginning',
};

const rates = [
  { value: 'percent-a-year', label: 'in percent a year' },
  { value: 'percent-a-payment', label: 'in percent for each payment' },
  { value: 'decimal-a-payment', label: 'as a decimal for each payment' },
];
const signs = [
  { value: 'cash-flow', label: 'plus for received, minus for paid' },
  { value: 'all-positive', label: 'every amount positive' },
];
const counts = [
  { value: 'payments', label: 'counts payments' },
  { value: 'years', label: 'counts years' },
];
const solvedCounts = [
  { value: 'exact', label: 'is shown exact' },
  { value: 'rounded-up', label: 'is shown rounded up' },
];
const ranges = [
  { value: 'from-to', label: 'from one payment to another' },
  { value: 'moves-on', label: 'moving on, changing what is stored' },
];

interface EnteringStyleFormProps {
  readonly shown: EnteringStyle;
  /** Left out for a shipped style, which is only copied. */
  readonly kept?: KeptEnteringStyle;
  readonly onKept: (id: string) => void;
}

export function EnteringStyleForm({ shown, kept, onKept }: EnteringStyleFormProps) {
  const write = useWriteEnteringStyle();
  const remove = useDeleteEnteringStyle();
  const [revision, setRevision] = useState(kept?.revision ?? 0);
  const [theirs, setTheirs] = useState<KeptEnteringStyle>();
  const { id: _id, ...document } = shown;
  const form = useForm<EnteringStyleDocument>({
    initialValues: document,
    validate: (values) => {
      const read = enteringStyle.safeParse(values);
      return read.success
        ? {}
        : Object.fromEntries(read.error.issues.map((issue) => [issue.path.join('.'), issue.message]));
    },
  });
  const locked = kept === undefined;
  const typed = useKeptForm(`style ${shown.id}`, form);
  const copy = async () => {
    const made = await write.mutateAsync({ style: { ...document, name: `${document.name}, ours`.slice(0, 60) } });
    notifications.show({ message: 'A copy is made. Change it to what the class’s own tool does.' });
    onKept(made.id);
  };
  const save = async (against: number) => {
    if (!kept) return;
    try {
      const stored = await write.mutateAsync({ id: kept.id, style: form.values, revision: against });
      setRevision(stored.revision);
      setTheirs(undefined);
      form.setInitialValues(form.values);
      form.resetDirty(form.values);
      notifications.show({ message: `“${stored.style.name}” is kept.` });
    } catch (error) {
      if (error instanceof Refusal && error.isStale) setTheirs(keptEnteringStyle.parse(error.document.current));
    }
  };
  return (
    <form onSubmit={form.onSubmit(() => void save(revision))} noValidate className={`sheet ${styles.form}`}>
      <h2>{locked ? shown.name : form.values.name}</h2>
      <p className="soft" style={{ margin: 0 }}>
        {locked
          ? 'This one ships with Hardy Sextant and stays as it is. Copy it to fit the tool your class uses.'
          : styleInWords({ id: shown.id, ...form.values })}
      </p>
      <ResumedNote typed={typed} />
      <fieldset disabled={locked} className={styles.plainSet}>
        <div className={styles.fields}>
          <TextInput label="Name" {...form.getInputProps('name')} />
          <Select
            label="The rate is entered"
            allowDeselect={false}
            data={rates}
            {...form.getInputProps('rate')}
            disabled={locked}
          />
          <Select label="Signs" allowDeselect={false} data={signs} {...form.getInputProps('signs')} disabled={locked} />
          <Select label="N" allowDeselect={false} data={counts} {...form.getInputProps('count')} disabled={locked} />
          <Select
            label="A solved N"
            allowDeselect={false}
            data={solvedCounts}
            {...form.getInputProps('solvedCount')}
            disabled={locked}
          />
          <Select
            label="A table is read"
            allowDeselect={false}
            data={ranges}
            {...form.getInputProps('range')}
            disabled={locked}
          />
          <NumberInput label="Decimals shown" clampBehavior="none" {...form.getInputProps('decimals')} />
        </div>
        <Checkbox
          mt="sm"
          label="Payments and compoundings a year are set apart"
          {...form.getInputProps('setsFrequencies', { type: 'checkbox' })}
        />
        <h3 className={styles.subhead}>Labels on the tool</h3>
        <div className={styles.labels}>
          {(Object.keys(labelNames) as (keyof EnteringLabels)[]).map((name) => (
            <TextInput
              key={name}
              size="xs"
              label={labelNames[name]}
              maxLength={30}
              {...form.getInputProps(`labels.${name}`)}
            />
          ))}
        </div>
      </fieldset>
      <Entries style={{ id: shown.id, ...form.values }} />
      {write.error && !theirs && (
        <p role="alert" className={styles.failed}>
          {write.error.message} The style is not stored yet.
        </p>
      )}
      <Group>
        {locked ? (
          <Button variant="filled" loading={write.isPending} onClick={() => void copy().catch(() => undefined)}>
            Copy and change it
          </Button>
        ) : (
          <>
            <Button type="submit" variant="filled" loading={write.isPending} disabled={!form.isDirty()}>
              Keep this style
            </Button>
            <Button onClick={() => void remove.mutateAsync(kept.id).then(() => onKept(''))}>Delete it</Button>
          </>
        )}
      </Group>
      <ChangedElsewhere
        what="this style"
        theirs={theirs?.style.name}
        mine={form.values.name}
        onTheirs={() => {
          if (!theirs) return;
          form.setValues(theirs.style);
          form.resetDirty(theirs.style);
          setRevision(theirs.revision);
          setTheirs(undefined);
        }}
        onMine={() => theirs && void save(theirs.revision)}
      />
    </form>
  );
}

const sample = askCase(
  { ...emptyDraft('borrow'), slots: { ...emptyDraft().slots, amount: '7200', rate: '6', payments: '24' } },
  { quantity: 'payment' },
  centRounding,
);

/** What is entered under the style for a small loan, so that each choice is seen at once. */
function Entries({ style }: { readonly style: EnteringStyle }) {
  const way = sample.ok
    ? workedSolution(sample.value, { entering: style }).ways.find(({ id }) => id === 'five-values')
    : undefined;
  return (
    <div className={styles.sample}>
      <p className="label">7,200.00 at 6.00 % a year compounded monthly, 24 monthly payments:</p>
      {way ? (
        way.steps.map((step, at) =>
          step.kind === 'entries' ? (
            <p key={at} className="figures">
              {step.rows.map(({ name, enter }) => `${name} ${enter}`).join(' · ')}
            </p>
          ) : step.kind === 'says' ? (
            <p key={at}>{step.text}</p>
          ) : null,
        )
      ) : (
        <p role="alert">With these settings the tool cannot take this loan: set payments a year apart.</p>
      )}
    </div>
  );
}
