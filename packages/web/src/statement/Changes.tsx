/** Changes to a plan as short sentences under the statement, edited in place. */
import { Menu, UnstyledButton } from '@mantine/core';
import {
  extrasCalendar,
  namesOf,
  numberStyleById,
  readDraft,
  type CaseOutcome,
  type ChangeDraft,
  type ChangeField,
  type ChangeKind,
  type ExtrasCalendar,
  type StatementDraft,
} from '@hardy-sextant/core';
import { IconX } from '@tabler/icons-react';
import { memo } from 'react';
import { Choice } from './Choice.tsx';
import { ExtrasList } from './ExtrasList.tsx';
import { Slot } from './Slot.tsx';
import styles from './Changes.module.css';

type Piece =
  | { readonly words: string }
  | { readonly field: ChangeField; readonly name: string; readonly hint?: string }
  | { readonly again: true }
  | { readonly list: true };

/** The sentence of each kind of change. */
const sentences: Readonly<Record<ChangeKind, { readonly title: string; readonly pieces: readonly Piece[] }>> = {
  extra: {
    title: 'extra payments',
    pieces: [
      { words: 'also pays' },
      { field: 'amount', name: 'extra payment' },
      { words: 'extra from payment' },
      { field: 'from', name: 'extra from payment' },
      { words: 'to' },
      { field: 'to', name: 'extra to payment', hint: 'once' },
      { words: ', every' },
      { field: 'every', name: 'extra every so many payments', hint: '1' },
      { words: 'payments' },
    ],
  },
  extras: { title: 'extra payments as a list', pieces: [{ list: true }] },
  rate: {
    title: 'another rate',
    pieces: [
      { words: 'after payment' },
      { field: 'after', name: 'rate changes after payment' },
      { words: 'the rate becomes' },
      { field: 'rate', name: 'new rate' },
      { words: 'and the payment' },
      { again: true },
    ],
  },
  payment: {
    title: 'another payment',
    pieces: [
      { words: 'after payment' },
      { field: 'after', name: 'payment changes after payment' },
      { words: 'the payment becomes' },
      { field: 'amount', name: 'new payment' },
    ],
  },
  'interest-only': {
    title: 'interest only for a while',
    pieces: [
      { words: 'pays only interest from payment' },
      { field: 'from', name: 'interest only from payment', hint: '1' },
      { words: 'through payment' },
      { field: 'through', name: 'interest only through payment' },
    ],
  },
  deferred: {
    title: 'nothing for a while',
    pieces: [
      { words: 'pays nothing from payment' },
      { field: 'from', name: 'nothing from payment', hint: '1' },
      { words: 'through payment' },
      { field: 'through', name: 'nothing through payment' },
      { words: '; interest is added' },
    ],
  },
  draw: {
    title: 'more money received',
    pieces: [
      { words: 'receives' },
      { field: 'amount', name: 'more money received' },
      { words: 'more before payment' },
      { field: 'before', name: 'more money before payment' },
      { words: 'and the payment' },
      { again: true },
    ],
  },
};

export const changeTitles: readonly (readonly [ChangeKind, string])[] = namesOf(sentences).map((kind) => [
  kind,
  sentences[kind].title,
]);

interface ChangesProps {
  readonly draft: StatementDraft;
  readonly outcome: CaseOutcome;
  readonly onChange: (changes: readonly ChangeDraft[], what: string) => void;
}

export function Changes({ draft, outcome, onChange }: ChangesProps) {
  const problems = outcome.state === 'wrong' ? outcome.changeProblems : {};
  if (draft.changes.length === 0) return null;
  return (
    <div className={styles.changes}>
      <ul>
        {draft.changes.map((change) => (
          <li key={change.id}>
            <ChangeSentence
              change={change}
              numberStyle={draft.numberStyle}
              calendar={extrasCalendar(draft, readDraft(draft).numbers)}
              problems={problems[change.id] ?? {}}
              onChange={(next) =>
                onChange(
                  draft.changes.map((each) => (each.id === next.id ? next : each)),
                  `change.${change.id}`,
                )
              }
            />
            <UnstyledButton
              className={styles.remove}
              aria-label={`remove: ${sentences[change.kind].title}`}
              onClick={() =>
                onChange(
                  draft.changes.filter(({ id }) => id !== change.id),
                  'changes',
                )
              }
            >
              <IconX size={14} />
            </UnstyledButton>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** A name that is unique in its case. */
export function newId(): string {
  return crypto.randomUUID().slice(0, 12);
}

/** Drawn again only when its words change; give it a handler that stays the same. */
export const AddChange = memo(function AddChange({
  saving,
  onAdd,
  label = '+ a change on the way',
}: {
  readonly saving: boolean;
  readonly onAdd: (kind: ChangeKind) => void;
  readonly label?: string;
}) {
  return (
    <Menu position="bottom-start" shadow="sm">
      <Menu.Target>
        <UnstyledButton className={styles.add} data-add-change>
          {label}
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        {changeTitles
          .filter(([kind]) => !(saving && kind === 'interest-only'))
          .map(([kind, title]) => (
            <Menu.Item key={kind} onClick={() => onAdd(kind)}>
              {title}
            </Menu.Item>
          ))}
      </Menu.Dropdown>
    </Menu>
  );
});

interface ChangeSentenceProps {
  readonly change: ChangeDraft;
  /** Id of the number style the texts are written in. */
  readonly numberStyle: string;
  /** When payments fall. */
  readonly calendar: ExtrasCalendar;
  readonly problems: Readonly<Partial<Record<ChangeField | 'whole', { readonly message: string }>>>;
  readonly onChange: (change: ChangeDraft) => void;
}

export function ChangeSentence({ change, numberStyle, calendar, problems, onChange }: ChangeSentenceProps) {
  const style = numberStyleById(numberStyle);
  return (
    <span className={styles.sentence}>
      {sentences[change.kind].pieces.map((piece, at) => {
        if ('words' in piece) return <span key={at}>{piece.words}</span>;
        if ('list' in piece)
          return (
            <ExtrasList
              key={at}
              text={change.texts.list ?? ''}
              style={style}
              calendar={calendar}
              onText={(list) => onChange({ ...change, texts: { ...change.texts, list } })}
            />
          );
        if ('again' in piece)
          return (
            <Choice
              key={at}
              label="the payment then"
              value={change.payment}
              onChange={(value) => onChange({ ...change, payment: value === 'same' ? 'same' : 'again' })}
              options={[
                ['again', 'is worked out again'],
                ['same', 'stays the same'],
              ]}
            />
          );
        return (
          <Slot
            key={at}
            slot={`${change.id}.${piece.field}`}
            kind={piece.field === 'amount' ? 'money' : piece.field === 'rate' ? 'percent' : 'count'}
            name={piece.name}
            placeholder={piece.hint ?? ''}
            text={change.texts[piece.field] ?? ''}
            style={style}
            problem={problems[piece.field]?.message}
            onText={(text) => onChange({ ...change, texts: { ...change.texts, [piece.field]: text } })}
          />
        );
      })}
      {problems.whole && (
        <span role="alert" className={styles.whole}>
          {problems.whole.message}
        </span>
      )}
    </span>
  );
}
