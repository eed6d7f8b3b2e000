/** One set of house rules: currency, numbers, rounding, what a new statement starts with, how answers are judged. */
import { Button, Group, NumberInput, Select, Tabs, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import {
  buildTable,
  frequencies,
  numberStyleById,
  numberStyles,
  rulesInWords,
  writeMoney,
  type EnteringStyle,
  type HouseRules,
} from '@hardy-sextant/core';
import { houseRules, keptRules, type KeptRules } from '@hardy-sextant/contract';
import { Link } from 'react-router';
import { useRecordForm } from '../../api/kept/useRecordForm.ts';
import { classInWords } from '../../api/records.ts';
import { useWriteRules } from '../../api/rulesRecords.ts';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { ResumedNote } from '../../ui/ResumedNote.tsx';
import { useSearchSetting } from '../../ui/useSearchSetting.ts';
import { JudgingRules } from './JudgingRules.tsx';
import { RulesActs } from './RulesActs.tsx';
import { namedRules, rulesValues, valuesOf, type RulesForm as Form, type RulesValues } from './rulesValues.ts';
import { WritingRules } from './WritingRules.tsx';
import styles from './RulesPage.module.css';
import { many, say } from '../../words/say.ts';

interface RulesFormProps {
  readonly kept: KeptRules;
  readonly entryStyles: readonly EnteringStyle[];
  /** Shows other rules; those with an empty id stand for the usual ones. */
  readonly onShow: (id: string) => void;
}

export function RulesForm({ kept, entryStyles, onShow }: RulesFormProps) {
  const { mutateAsync } = useWriteRules();
  const record = useRecordForm<RulesValues, KeptRules>({
    key: `rules ${kept.id}`,
    schema: rulesValues,
    values: valuesOf(kept),
    revision: kept.revision,
    keptSchema: keptRules,
    valuesOf,
    send: (values, revision) => mutateAsync({ id: kept.id, ...namedRules(values), revision }),
    onStored: ({ name }) => notifications.show({ message: say('The rules of {{name}} are kept.', { name }) }),
  });
  const { form, theirs } = record;
  return (
    <form onSubmit={record.submit} noValidate className={`sheet ${styles.form}`}>
      <h2>{form.values.name || say('House rules')}</h2>
      <Followers classes={kept.classes} />
      <ResumedNote typed={record.typed} />
      <RulesPages form={form} entryStyles={entryStyles} />
      {record.error && (
        <p role="alert" className="wrong">
          {say('{{message}} The rules are not stored yet.', { message: record.error.message })}
        </p>
      )}
      <Group>
        <Button type="submit" variant="filled" loading={record.pending} disabled={!form.isDirty()}>
          {say('Keep these rules')}
        </Button>
        <RulesActs kept={kept} onShow={onShow} />
      </Group>
      <ChangedElsewhere
        what={say('these rules')}
        theirs={theirs && rulesInWords(theirs.rules)}
        mine={rulesInWords(form.values)}
        onTheirs={record.takeTheirs}
        onMine={record.keepMine}
      />
    </form>
  );
}

/** The two pages of the rules; one whose fields cannot be kept as they are is marked. */
function RulesPages({ form, entryStyles }: Fields & Pick<RulesFormProps, 'entryStyles'>) {
  const [search, set] = useSearchSetting();
  const page = search.get('page') === 'writing' ? 'writing' : 'conventions';
  const isWrong = (part: (path: string) => boolean): string => (Object.keys(form.errors).some(part) ? ' △' : '');
  const ofWriting = (path: string): boolean => path.startsWith('writing');
  return (
    <Tabs value={page} onChange={(value) => set('page', value === 'writing' ? 'writing' : '')} keepMounted={false}>
      <Tabs.List>
        <Tabs.Tab value="conventions">
          {say('Conventions{{isWrong}}', { isWrong: isWrong((path) => !ofWriting(path)) })}
        </Tabs.Tab>
        <Tabs.Tab value="writing">{say('How we write it{{isWrong}}', { isWrong: isWrong(ofWriting) })}</Tabs.Tab>
      </Tabs.List>
      <Tabs.Panel value="conventions">
        <div className={styles.fields}>
          <TextInput label={say('Name')} maxLength={70} {...form.getInputProps('name')} />
          <NumberRules form={form} />
          <RoundingRules form={form} />
          <StartingRules form={form} entryStyles={entryStyles} />
        </div>
        {houseRules.safeParse(form.values).success ? (
          <Sample rules={form.values} />
        ) : (
          <p className="soft">{say('An example stands here again when every field can be used as it is.')}</p>
        )}
        <JudgingRules form={form} />
      </Tabs.Panel>
      <Tabs.Panel value="writing">
        <WritingRules form={form} />
      </Tabs.Panel>
    </Tabs>
  );
}

/** The classes these rules hold for. */
function Followers({ classes }: Pick<KeptRules, 'classes'>) {
  if (classes.length === 0)
    return (
      <p className="soft bare">
        {say('No class follows them. A class picks its house rules on its own page, under Classes.')}
      </p>
    );
  return (
    <p className="soft bare">
      {say('Followed by')}{' '}
      {classes.map((each, at) => (
        <span key={each.id}>
          {at > 0 && ', '}
          <Link to={`/classes/${each.id}`}>{classInWords(each)}</Link>
        </span>
      ))}
      {many(
        classes.length,
        ': what changes here holds for it, and answers are judged again.',
        ': what changes here holds for all of them, and answers are judged again.',
      )}
    </p>
  );
}

interface Fields {
  readonly form: Form;
}

function NumberRules({ form }: Fields) {
  return (
    <>
      <Select
        label={say('Numbers are written')}
        allowDeselect={false}
        data={numberStyles.map(({ id, sample }) => ({ value: id, label: sample }))}
        {...form.getInputProps('numberStyle')}
      />
      <TextInput
        label={say('Currency sign')}
        placeholder={say('none')}
        maxLength={12}
        {...form.getInputProps('currency')}
      />
      <NumberInput label={say('Decimals of money')} clampBehavior="none" {...form.getInputProps('decimals')} />
    </>
  );
}

function RoundingRules({ form }: Fields) {
  return (
    <>
      <Select
        label={say('The payment is')}
        allowDeselect={false}
        data={[
          { value: 'cent', label: say('rounded to the cent') },
          { value: 'cent-up', label: say('rounded up to the cent') },
          { value: 'unit', label: say('rounded to whole units') },
          { value: 'unit-up', label: say('rounded up to whole units') },
          { value: 'exact', label: say('not rounded') },
        ]}
        {...form.getInputProps('rounding.payment')}
      />
      <Select
        label={say('Interest in each row is')}
        allowDeselect={false}
        data={[
          { value: 'cent', label: say('rounded to the cent') },
          { value: 'exact', label: say('not rounded') },
        ]}
        {...form.getInputProps('rounding.interest')}
      />
      <Select
        label={say('The last payment')}
        allowDeselect={false}
        data={[
          { value: 'clears', label: say('closes the table exactly') },
          { value: 'as-others', label: say('is as the others') },
        ]}
        {...form.getInputProps('rounding.last')}
      />
    </>
  );
}

/** What a new statement starts with, and the tool the class works on. */
function StartingRules({ form, entryStyles }: Fields & Pick<RulesFormProps, 'entryStyles'>) {
  return (
    <>
      <Select
        label={say('A new statement is paid')}
        allowDeselect={false}
        data={frequencies.map(({ perYear, adverb }) => ({ value: String(perYear), label: adverb }))}
        value={String(form.values.usual.paymentsPerYear)}
        onChange={(value) => value && form.setFieldValue('usual.paymentsPerYear', Number(value))}
      />
      <Select
        label={say('at the')}
        allowDeselect={false}
        data={[
          { value: 'end', label: say('end of each period') },
          { value: 'begin', label: say('beginning of each period') },
        ]}
        {...form.getInputProps('usual.timing')}
      />
      <Select
        label={say('The class’s tool')}
        allowDeselect={false}
        data={entryStyles.map(({ id, name }) => ({ value: id, label: name }))}
        {...form.getInputProps('entering')}
      />
    </>
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
      <caption className="label">
        {say('What that does to {{money}} at 7 % in 3 monthly payments', { money: money(1250) })}
      </caption>
      <thead>
        <tr>
          <th>{say('Interest')}</th>
          <th>{say('Payment')}</th>
          <th>{say('Closing')}</th>
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
