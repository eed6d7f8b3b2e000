/** One entering style: a shipped one to look at and copy, or one made here to edit. */
import { Button, Checkbox, Group, NumberInput, Select, TextInput } from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import {
  abilities,
  abilityWords,
  centRounding,
  askCase,
  capital,
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
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { useDeleteEnteringStyle, useWriteEnteringStyle } from '../../api/rulesRecords.ts';
import { useRestore } from '../../api/records.ts';
import { showUndo } from '../../ui/showUndo.tsx';
import { ResumedNote } from '../../ui/ResumedNote.tsx';
import { useRecordForm } from '../../api/kept/useRecordForm.ts';
import styles from './RulesPage.module.css';
import { say } from '../../words/say.ts';
import { tellAfter } from '../../api/tellAfter.ts';

const labelNames: Readonly<Record<keyof EnteringLabels, string>> = {
  n: say('number of payments'),
  rate: 'rate',
  pv: say('amount at the start'),
  pmt: 'payment',
  fv: say('amount at the end'),
  paymentsPerYear: say('payments a year'),
  compoundingsPerYear: say('compoundings a year'),
  timing: say('when payments fall'),
  end: 'end',
  begin: 'beginning',
};

interface SelectOption {
  readonly value: string;
  readonly label: string;
}

const rates = [
  { value: 'percent-a-year', label: say('in percent a year') },
  { value: 'percent-a-payment', label: say('in percent for each payment') },
  { value: 'decimal-a-payment', label: say('as a decimal for each payment') },
];
const signs = [
  { value: 'cash-flow', label: say('plus for received, minus for paid') },
  { value: 'all-positive', label: say('every amount positive') },
];
const counts = [
  { value: 'payments', label: say('counts payments') },
  { value: 'years', label: say('counts years') },
];
const solvedCounts = [
  { value: 'exact', label: say('is shown exact') },
  { value: 'rounded-up', label: say('is shown rounded up') },
];
const rowRoundings = [
  { value: 'cent', label: say('to the cent, row by row') },
  { value: 'exact', label: say('not at all') },
];
const ranges = [
  { value: 'from-to', label: say('from one payment to another') },
  { value: 'moves-on', label: say('moving on, changing what is stored') },
];

interface EnteringStyleFormProps {
  readonly shown: EnteringStyle;
  /** Left out for a shipped style, which is only copied. */
  readonly kept?: KeptEnteringStyle;
  readonly onKept: (id: string) => void;
}

export function EnteringStyleForm({ shown, kept, onKept }: EnteringStyleFormProps) {
  const { mutateAsync } = useWriteEnteringStyle();
  const { id, ...document } = shown;
  const record = useRecordForm<EnteringStyleDocument, KeptEnteringStyle>({
    key: `style ${id}`,
    schema: enteringStyle,
    values: document,
    revision: kept?.revision ?? 0,
    keptSchema: keptEnteringStyle,
    valuesOf: ({ style }) => style,
    send: (style, revision) => mutateAsync({ id, style, revision }),
    onStored: ({ style }) => notifications.show({ message: say('“{{name}}” is kept.', { name: style.name }) }),
  });
  const { form, theirs } = record;
  const locked = kept === undefined;
  return (
    <form onSubmit={record.submit} noValidate className={`sheet ${styles.form}`}>
      <h2>{locked ? shown.name : form.values.name}</h2>
      <p className="soft" style={{ margin: 0 }}>
        {locked
          ? say('This one ships with Hardy Sextant and stays as it is. Copy it to fit the tool your class uses.')
          : styleInWords({ id, ...form.values })}
      </p>
      <ResumedNote typed={record.typed} />
      <StyleFields form={form} locked={locked} />
      <Entries style={{ id, ...form.values }} />
      {record.error && (
        <p role="alert" className="wrong">
          {say('{{message}} The style is not stored yet.', { message: record.error.message })}
        </p>
      )}
      <Group>
        {locked ? (
          <CopyStyle document={document} onCopied={onKept} />
        ) : (
          <>
            <Button type="submit" variant="filled" loading={record.pending} disabled={!form.isDirty()}>
              {say('Keep this style')}
            </Button>
            <DeleteStyle id={id} name={document.name} onDeleted={() => onKept('')} />
          </>
        )}
      </Group>
      <ChangedElsewhere
        what={say('this style')}
        theirs={theirs?.style.name}
        mine={form.values.name}
        onTheirs={record.takeTheirs}
        onMine={record.keepMine}
      />
    </form>
  );
}

interface StyleFieldsProps {
  readonly form: UseFormReturnType<EnteringStyleDocument>;
  /** A shipped style is looked at, not changed. */
  readonly locked: boolean;
}

function StyleFields({ form, locked }: StyleFieldsProps) {
  const choice = (label: string, name: keyof EnteringStyleDocument, data: readonly SelectOption[]) => (
    <Select label={label} allowDeselect={false} data={[...data]} {...form.getInputProps(name)} disabled={locked} />
  );
  return (
    <fieldset disabled={locked} className="bare">
      <div className={styles.fields}>
        <TextInput label={say('Name')} {...form.getInputProps('name')} />
        {choice(say('The rate is entered'), 'rate', rates)}
        {choice(say('Signs'), 'signs', signs)}
        {choice('N', 'count', counts)}
        {choice(say('A solved N'), 'solvedCount', solvedCounts)}
        {choice(say('A table is read'), 'range', ranges)}
        {choice(say('Its rows are rounded'), 'rows', rowRoundings)}
        <NumberInput label={say('Decimals shown')} clampBehavior="none" {...form.getInputProps('decimals')} />
      </div>
      <Checkbox
        mt="sm"
        label={say('Payments and compoundings a year are set apart')}
        {...form.getInputProps('setsFrequencies', { type: 'checkbox' })}
      />
      <h3 className="label">{say('What the tool can do')}</h3>
      <Checkbox.Group {...form.getInputProps('can')}>
        {abilities.map((ability) => (
          <Checkbox key={ability} mt={6} value={ability} label={capital(abilityWords[ability])} disabled={locked} />
        ))}
      </Checkbox.Group>
      <h3 className="label">{say('Labels on the tool')}</h3>
      <div className={styles.labels}>
        {Object.entries(labelNames).map(([name, words]) => (
          <TextInput key={name} size="xs" label={words} maxLength={30} {...form.getInputProps(`labels.${name}`)} />
        ))}
      </div>
    </fieldset>
  );
}

interface CopyStyleProps {
  readonly document: EnteringStyleDocument;
  readonly onCopied: (id: string) => void;
}

function CopyStyle({ document, onCopied }: CopyStyleProps) {
  const write = useWriteEnteringStyle();
  const copy = () =>
    write.mutate(
      { style: { ...document, name: `${document.name}, ours`.slice(0, 60) } },
      {
        onSuccess: ({ id }) => {
          notifications.show({ message: say('A copy is made. Change it to what the class’s own tool does.') });
          onCopied(id);
        },
        onError: (error) => notifications.show({ message: error.message }),
      },
    );
  return (
    <Button variant="filled" loading={write.isPending} onClick={copy}>
      {say('Copy and change it')}
    </Button>
  );
}

interface DeleteStyleProps {
  readonly id: string;
  readonly name: string;
  readonly onDeleted: () => void;
}

function DeleteStyle({ id, name, onDeleted }: DeleteStyleProps) {
  const remove = useDeleteEnteringStyle();
  const restore = useRestore();
  return (
    <Button
      onClick={() =>
        tellAfter(
          remove.mutateAsync(id),
          () => {
            showUndo(say('“{{name}}” is in the bin.', { name }), () => restore.mutateAsync({ kind: 'style', id }));
            onDeleted();
          },
          (error) => notifications.show({ message: error.message }),
        )
      }
    >
      {say('Delete it')}
    </Button>
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
      <p className="label">{say('7,200.00 at 6.00 % a year compounded monthly, 24 monthly payments:')}</p>
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
        <p role="alert">{say('With these settings the tool cannot take this loan: set payments a year apart.')}</p>
      )}
    </div>
  );
}
