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
import { say } from '../words/say.ts';

/** What an empty field stands for, beside the others. */
type Hint = (texts: ChangeDraft['texts']) => string;

type Piece =
  | { readonly words: string }
  | { readonly field: ChangeField; readonly name: string; readonly hint?: Hint }
  | { readonly again: true }
  | { readonly list: true };

/** The sentence of each kind of change. */
const sentences: Readonly<Record<ChangeKind, { readonly title: string; readonly pieces: readonly Piece[] }>> = {
  extra: {
    title: say('extra payments'),
    pieces: [
      { words: say('also pays') },
      { field: 'amount', name: say('extra payment') },
      { words: say('extra from payment') },
      { field: 'from', name: say('extra from payment') },
      { words: say('to') },
      { field: 'to', name: say('extra to payment'), hint: ({ every }) => (every ? say('the end') : say('once')) },
      { words: say(', every') },
      { field: 'every', name: say('extra every so many payments'), hint: () => '1' },
      { words: say('payments') },
    ],
  },
  extras: { title: say('extra payments as a list'), pieces: [{ list: true }] },
  rate: {
    title: say('another rate'),
    pieces: [
      { words: say('after payment') },
      { field: 'after', name: say('rate changes after payment') },
      { words: say('the rate becomes') },
      { field: 'rate', name: say('new rate') },
      { words: say('and the payment') },
      { again: true },
    ],
  },
  payment: {
    title: say('another payment'),
    pieces: [
      { words: say('after payment') },
      { field: 'after', name: say('payment changes after payment') },
      { words: say('the payment becomes') },
      { field: 'amount', name: say('new payment') },
    ],
  },
  'interest-only': {
    title: say('interest only for a while'),
    pieces: [
      { words: say('pays only interest from payment') },
      { field: 'from', name: say('interest only from payment'), hint: () => '1' },
      { words: say('through payment') },
      { field: 'through', name: say('interest only through payment') },
    ],
  },
  deferred: {
    title: say('nothing for a while'),
    pieces: [
      { words: say('pays nothing from payment') },
      { field: 'from', name: say('nothing from payment'), hint: () => '1' },
      { words: say('through payment') },
      { field: 'through', name: say('nothing through payment') },
      { words: say('; interest is added') },
    ],
  },
  draw: {
    title: say('more money received'),
    pieces: [
      { words: say('receives') },
      { field: 'amount', name: say('more money received') },
      { words: say('more before payment') },
      { field: 'before', name: say('more money before payment') },
      { words: say('and the payment') },
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
              aria-label={say('remove: {{title}}', { title: sentences[change.kind].title })}
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
  label = say('+ a change on the way'),
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
              label={say('the payment then')}
              value={change.payment}
              onChange={(value) => onChange({ ...change, payment: value === 'same' ? 'same' : 'again' })}
              options={[
                ['again', say('is worked out again')],
                ['same', say('stays the same')],
              ]}
            />
          );
        return (
          <Slot
            key={at}
            slot={`${change.id}.${piece.field}`}
            kind={piece.field === 'amount' ? 'money' : piece.field === 'rate' ? 'percent' : 'count'}
            name={piece.name}
            placeholder={piece.hint?.(change.texts) ?? ''}
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
