/** The Bench: a case is stated, solved and looked at. */
import { Button, Tabs, TextInput } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import {
  defaultHouseRules,
  emptyDraft,
  numberStyleById,
  quantityOf,
  solveCase,
  usualFormat,
  workedSolution,
  type Exercise,
  type SlotName,
  type StatementDraft,
  type StatementKind,
} from '@hardy-sextant/core';
import type { KeptCase } from '@hardy-sextant/contract';
import { useDeferredValue, useMemo, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { useBarNote } from '../../ui/BarNote.tsx';
import { NumberStyleProvider } from '../../ui/Figures.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { useCase, useWriteCase, useWriteExercise } from '../../ui/records.ts';
import { Failed, Loading } from '../../ui/States.tsx';
import { Answer, answerWritten } from '../../ui/statement/Answer.tsx';
import { withUnknown } from '../../ui/statement/editing.ts';
import { sentences } from '../../ui/statement/sentences.ts';
import { Statement } from '../../ui/statement/Statement.tsx';
import { TablePanel } from '../../ui/TablePanel.tsx';
import { WorkingPanel } from '../../ui/WorkingPanel.tsx';
import { StretchPanel } from './StretchPanel.tsx';
import styles from './BenchPage.module.css';

export function BenchPage() {
  const { caseId } = useParams();
  const kept = useCase(caseId);
  if (caseId === undefined) return <Bench key="new" />;
  if (kept.isPending) return <Loading what="the case" />;
  if (kept.isError) return <Failed what="case" error={kept.error} again={() => void kept.refetch()} />;
  return <Bench key={caseId} kept={kept.data} />;
}

function Bench({ kept }: { readonly kept?: KeptCase }) {
  const navigate = useNavigate();
  const [search, setSearch] = useSearchParams();
  const rules = defaultHouseRules;
  const style = numberStyleById(rules.numberStyle);
  const [title, setTitle] = useState(kept?.title ?? '');
  const [draft, setDraft] = useState<StatementDraft>(kept?.document.draft ?? emptyDraft());
  const write = useWriteCase();
  const writeExercise = useWriteExercise();
  useBarNote('cents, end of period');

  const outcome = useMemo(() => solveCase(draft, rules.rounding, style), [draft, rules, style]);
  const solved = useDeferredValue(outcome.state === 'solved' ? outcome.solved : undefined);
  const solution = useMemo(() => (solved ? workedSolution(draft, solved, style) : undefined), [draft, solved, style]);
  const changed = kept === undefined ? Object.values(draft.slots).some((text) => text !== '' && text !== '0') : title !== kept.title || draft !== kept.document.draft;
  const tab = search.get('show') ?? 'table';
  const show = (name: string, value: string) =>
    setSearch(
      (before) => {
        before.set(name, value);
        return before;
      },
      { replace: true },
    );

  const save = async () => {
    const body = { title: title.trim() || 'Unnamed case', document: { schemaVersion: 1 as const, draft } };
    const stored = await write.mutateAsync(kept ? { id: kept.id, revision: kept.revision, ...body } : body);
    notifications.show({ message: `“${stored.title}” is kept.` });
    if (!kept) await navigate(`/bench/${stored.id}`, { replace: true });
  };
  const makeExercise = async () => {
    if (outcome.state !== 'solved') return;
    const stored = await writeExercise.mutateAsync({ document: { schemaVersion: 1, exercise: exerciseFrom(title.trim() || 'Unnamed exercise', draft) } });
    await navigate(`/exercises/${stored.id}`);
  };
  const failed = write.error ?? writeExercise.error;

  return (
    <NumberStyleProvider value={style}>
      <PageHead
        title={title || 'A new case'}
        where={<>Bench · {kept ? (changed ? 'changed' : 'kept') : 'unsaved'}</>}
        heading={
          <>
            <h1 className="visually-hidden">{title || 'A new case'}</h1>
            <TextInput
              variant="unstyled"
              aria-label="name of the case"
              placeholder="Name this case"
              value={title}
              maxLength={120}
              onChange={(event) => setTitle(event.currentTarget.value)}
              classNames={{ input: styles.title }}
            />
          </>
        }
      >
        <Button onClick={() => void save().catch(() => undefined)} loading={write.isPending} disabled={!changed}>
          Save
        </Button>
        <Button variant="filled" onClick={() => void makeExercise().catch(() => undefined)} loading={writeExercise.isPending} disabled={outcome.state !== 'solved'}>
          Make an exercise of it
        </Button>
      </PageHead>
      {failed && (
        <p role="alert" className={styles.failed}>
          {failed.message} What you see here is not stored yet.
        </p>
      )}
      <section className={`sheet ${styles.statement}`} aria-label="Statement">
        <div>
          <label className={styles.kind}>
            <span className="visually-hidden">kind of case</span>
            <select value={draft.kind} onChange={(event) => setDraft({ ...draft, kind: event.currentTarget.value as StatementKind })}>
              {Object.entries(sentences).map(([kind, { title: words }]) => (
                <option key={kind} value={kind}>
                  {words}
                </option>
              ))}
            </select>
          </label>
          <Statement draft={draft} outcome={outcome} answer={answerWritten(draft, outcome, style)} style={style} rounding={rules.rounding} onChange={setDraft} />
        </div>
        <Answer
          draft={draft}
          outcome={outcome}
          style={style}
          onAsk={(slot: SlotName) => setDraft(withUnknown(draft, slot, outcome.state === 'solved' ? outcome.solved : undefined, rules.rounding, style))}
        />
      </section>

      <Tabs value={tab} onChange={(value) => value && show('show', value)} classNames={{ list: styles.tabs, tab: styles.tab }} keepMounted={false}>
        <Tabs.List>
          <Tabs.Tab value="table">Table</Tabs.Tab>
          <Tabs.Tab value="working">Working</Tabs.Tab>
        </Tabs.List>
        <Tabs.Panel value="table">
          {solved ? (
            <div className={styles.table}>
              <TablePanel table={solved.table} />
              <StretchPanel key={solved.plan.paymentsPerYear} table={solved.table} />
            </div>
          ) : (
            <NothingYet />
          )}
        </Tabs.Panel>
        <Tabs.Panel value="working">
          {solution ? <WorkingPanel solution={solution} chosen={search.get('way') ?? 'formula'} onChoose={(way) => show('way', way)} /> : <NothingYet />}
        </Tabs.Panel>
      </Tabs>
    </NumberStyleProvider>
  );
}

function NothingYet() {
  return (
    <p className="soft">
      Fill in the slots of the statement; the one with ? is solved while you type. Type ? into another slot to ask for that one. To begin with something, open a case from the{' '}
      <Link to="/">Desk</Link>.
    </p>
  );
}

const prompts: Readonly<Record<SlotName, string>> = {
  payment: 'Find each payment.',
  amount: 'Find the amount.',
  finalAmount: 'Find what is there at the end.',
  payments: 'Find the number of payments.',
  rate: 'Find the rate.',
};

/** An exercise that asks what the statement asks; its story is the statement itself until someone writes a better one. */
function exerciseFrom(title: string, draft: StatementDraft): Exercise {
  const quantity = quantityOf(draft.unknown);
  return {
    title,
    story: '',
    plans: [{ id: 'plan', draft }],
    parts: [{ id: 'a', prompt: prompts[draft.unknown], marks: 2, ask: { quantity, plan: 'plan' }, format: usualFormat(quantity) }],
  };
}
