/** Kept cases: found by name, kind and tag; duplicated; deleted with a way back. */
import { ActionIcon, Button } from '@mantine/core';
import { defaultHouseRules, solveCase, type TableRounding, kindOf, slotName } from '@hardy-sextant/core';
import type { KeptCase } from '@hardy-sextant/contract';
import { IconCopy, IconTrash } from '@tabler/icons-react';
import { Link } from 'react-router';
import { Chip } from '../../ui/Chip.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { showUndo } from '../../ui/showUndo.tsx';
import { Pages } from '../../ui/Pages.tsx';
import { UnreadableRows } from '../../ui/UnreadableRows.tsx';
import { pageIn, useSearchSetting } from '../../ui/useSearchSetting.ts';
import { useCases, useDeleteCase, useRestore, useWriteCase } from '../../api/records.ts';
import { useRules } from '../../api/rulesRecords.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { solvedText } from '../../statement/editing.ts';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';
import { tellAfter } from '../../api/tellAfter.ts';

export function CasesPage() {
  const [search, set] = useSearchSetting();
  const find = search.get('find') ?? '';
  const tag = search.get('tag') ?? '';
  const page = pageIn(search);
  const cases = useCases({ find, tag, page });
  const rules = useRules();
  const { duplicate, putAway, failure } = useListActions();
  const found = cases.data?.rows ?? [];
  const filtered = find !== '' || tag !== '';
  return (
    <>
      <PageHead title={say('Kept cases')} where={<Link to="/bench">{say('Bench')}</Link>}>
        <Button component={Link} to="/bin">
          {say('Bin')}
        </Button>
        <Button component={Link} to="/bench" variant="filled">
          {say('State a case')}
        </Button>
      </PageHead>
      <div className="line" style={{ marginBottom: 12 }}>
        <FindField
          label={say('find a case')}
          placeholder={say('Find by name, kind or tag')}
          w={320}
          find={find}
          onFind={(text) => set('find', text)}
        />
        {(cases.data?.tags ?? []).map((each) => (
          <Chip key={each} name={each} pressed={each === tag} onPress={() => set('tag', each === tag ? '' : each)} />
        ))}
      </div>
      {failure && (
        <p role="alert" className="wrong">
          {failure.message}
        </p>
      )}
      <UnreadableRows rows={cases.data?.unreadable} />
      {cases.isPending && <Loading what={say('your cases')} />}
      {cases.isError && !cases.data && (
        <Failed what={say('cases')} error={cases.error} again={() => void cases.refetch()} />
      )}
      {cases.data?.total === 0 && <NoCases filtered={filtered} />}
      {found.length > 0 && (
        <CaseTable
          cases={found}
          roundingOf={(kept) =>
            (rules.data?.find(({ id }) => id === kept.document.rules)?.rules ?? defaultHouseRules).rounding
          }
          onDuplicate={duplicate}
          onDelete={putAway}
        />
      )}
      {cases.data && (
        <Pages of="cases" total={cases.data.total} page={cases.data.page} onPage={(to) => set('page', String(to))} />
      )}
    </>
  );
}

function NoCases({ filtered }: { readonly filtered: boolean }) {
  if (filtered) return <p className="soft">{say('No case fits. Try fewer letters, or another tag.')}</p>;
  return (
    <Empty title={say('No cases yet')}>
      <p>
        <Said
          text="A case is a loan, a lease, savings, a fund or a rate. <to>State the first one</to>; it is kept while you type."
          parts={{ to: <Link to="/bench" /> }}
        />
      </p>
    </Empty>
  );
}

function useListActions() {
  const write = useWriteCase();
  const remove = useDeleteCase();
  const restore = useRestore();
  const duplicate = (kept: KeptCase) =>
    write.mutate({ title: say('{{title}}, again', { title: kept.title }).slice(0, 120), document: kept.document });
  const putAway = ({ id, title }: KeptCase) =>
    tellAfter(remove.mutateAsync(id), () =>
      showUndo(say('“{{title}}” is deleted.', { title }), () => restore.mutateAsync({ kind: 'case', id })),
    );
  return { duplicate, putAway, failure: write.error ?? remove.error ?? restore.error };
}

interface CaseTableProps {
  readonly cases: readonly KeptCase[];
  readonly roundingOf: (kept: KeptCase) => TableRounding;
  readonly onDuplicate: (kept: KeptCase) => void;
  readonly onDelete: (kept: KeptCase) => void;
}

function CaseTable({ cases, roundingOf, onDuplicate, onDelete }: CaseTableProps) {
  return (
    <table className="ledger sheet">
      <thead>
        <tr>
          <th className="words">{say('Case')}</th>
          <th className="words">{say('Kind')}</th>
          <th className="words">{say('Asks for')}</th>
          <th>{say('Answer')}</th>
          <th className="words">{say('Tags')}</th>
          <th>
            <span className="visually-hidden">{say('what to do')}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {cases.map((kept) => {
          const { draft, tags } = kept.document;
          return (
            <tr key={kept.id}>
              <td className="words">
                <Link to={`/bench/${kept.id}`}>{kept.title}</Link>
              </td>
              <td className="words">{kindOf(draft).title}</td>
              <td className="words">{slotName(draft.kind, draft.unknown)}</td>
              <td>{solvedText(draft, solveCase(draft, roundingOf(kept))) ?? '–'}</td>
              <td className="words soft">{tags.join(', ')}</td>
              <td>
                <ActionIcon
                  variant="subtle"
                  color="gray"
                  aria-label={say('duplicate {{title}}', { title: kept.title })}
                  onClick={() => onDuplicate(kept)}
                >
                  <IconCopy size={16} />
                </ActionIcon>
                <ActionIcon
                  variant="subtle"
                  color="gray"
                  aria-label={say('delete {{title}}', { title: kept.title })}
                  onClick={() => onDelete(kept)}
                >
                  <IconTrash size={16} />
                </ActionIcon>
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
