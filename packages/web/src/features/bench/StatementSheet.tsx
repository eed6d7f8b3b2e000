/** The statement of a case with its changes, and the answer beside it. */
import { isSaving, kindOf, newChange, type ChangeKind, type SlotName } from '@hardy-sextant/core';
import { Answer } from '../../statement/Answer.tsx';
import { AddChange, Changes, newId } from '../../statement/Changes.tsx';
import { withUnknown } from '../../statement/editing.ts';
import { Statement } from '../../statement/Statement.tsx';
import { useLatest } from '../../ui/useLatest.ts';
import type { BenchCase } from './useBenchCase.ts';
import type { useSolved } from './useSolved.ts';
import styles from './BenchPage.module.css';
import { say } from '../../words/say.ts';

interface StatementSheetProps {
  readonly stated: BenchCase;
  readonly outcome: ReturnType<typeof useSolved>['outcome'];
}

export function StatementSheet({ stated: { draft, rules, setDraft }, outcome }: StatementSheetProps) {
  const kind = kindOf(draft);
  const ask = (slot: SlotName) => setDraft(withUnknown(draft, slot, outcome, rules.rounding), 'unknown');
  const addChange = useLatest((change: ChangeKind) =>
    setDraft({ ...draft, changes: [...draft.changes, newChange(change, newId())] }, 'changes'),
  );
  return (
    <section className={`sheet ${styles.statement}`} aria-label={say('Statement')}>
      <div className="fill">
        <Statement draft={draft} outcome={outcome} rounding={rules.rounding} onChange={setDraft} />
        {kind.takesChanges && (
          <Changes
            draft={draft}
            outcome={outcome}
            onChange={(changes, what) => setDraft({ ...draft, changes }, what)}
          />
        )}
      </div>
      <div className={styles.side}>
        <Answer draft={draft} outcome={outcome} currency={rules.currency} onAsk={ask} />
        {kind.takesChanges && <AddChange saving={isSaving(kind)} onAdd={addChange} />}
      </div>
    </section>
  );
}
