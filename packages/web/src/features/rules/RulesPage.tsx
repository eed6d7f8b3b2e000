/** House rules by name and the entering styles; one of them open beside the lists. */
import { rulesInWords, styleInWords } from '@hardy-sextant/core';
import type { KeptRules } from '@hardy-sextant/contract';
import { useSearchParams } from 'react-router';
import { PageHead } from '../../ui/PageHead.tsx';
import { useEnteringStyles, useRules } from '../../api/rulesRecords.ts';
import { useAllEnteringStyles } from '../../working/useAllEnteringStyles.ts';
import { EnteringStyleForm } from './EnteringStyleForm.tsx';
import { RulesForm } from './RulesForm.tsx';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { listed, many, say } from '../../words/say.ts';

export function RulesPage() {
  const sets = useRules();
  const ownStyles = useEnteringStyles();
  const entryStyles = useAllEnteringStyles();
  const [search, setSearch] = useSearchParams();
  if (sets.isPending) return <LoadingPage title={say('House rules')} what={say('the house rules')} />;
  if (sets.isError && !sets.data)
    return <Failed what={say('house rules')} error={sets.error} again={() => void sets.refetch()} />;
  const chosen = sets.data.find(({ id }) => id === search.get('of')) ?? sets.data[0];
  const shownStyle = entryStyles.find(({ id }) => id === search.get('style'));
  const keptStyle = ownStyles.data?.find(({ id }) => id === shownStyle?.id);
  const page = search.get('page');
  const open = (to: Record<string, string>) => setSearch(to, { replace: true });
  return (
    <>
      <PageHead
        title={say('House rules')}
        where={say('Conventions by name: a class follows one of them, on the Bench, in keys and in marking')}
      />
      <div className="beside first-side">
        <div className="stack">
          <h2 className="label">{say('House rules')}</h2>
          <Choices
            label={say('Sets of house rules')}
            all={sets.data.map((each) => ({ id: each.id, name: each.name, says: saidOf(each) }))}
            chosen={shownStyle ? undefined : chosen?.id}
            onChoose={(id) => open({ of: id, ...(page && { page }) })}
          />
          <h2 className="label">{say('Entering styles')}</h2>
          <Choices
            label={say('Entering styles')}
            all={entryStyles.map((each) => ({ id: each.id, name: each.name, says: styleInWords(each) }))}
            chosen={shownStyle?.id}
            onChoose={(id) => open({ style: id })}
          />
        </div>
        {shownStyle ? (
          <EnteringStyleForm
            key={shownStyle.id}
            shown={shownStyle}
            {...(keptStyle ? { kept: keptStyle } : {})}
            onKept={(id) => open(id === '' ? {} : { style: id })}
          />
        ) : (
          chosen && (
            <RulesForm
              key={chosen.id}
              kept={chosen}
              entryStyles={entryStyles}
              onShow={(id) => open(id === '' ? {} : { of: id })}
            />
          )
        )}
      </div>
    </>
  );
}

/** What rules say, and who follows them. */
function saidOf({ rules, classes }: KeptRules): string {
  const [first, ...more] = classes;
  const who = first
    ? listed([first.code, ...(more.length > 0 ? [many(more.length, '{{count}} more', '{{count}} more')] : [])])
    : say('no class');
  return `${rulesInWords(rules)} · ${who}`;
}

interface ChoicesProps {
  readonly label: string;
  readonly all: readonly { readonly id: string; readonly name: string; readonly says: string }[];
  readonly chosen: string | undefined;
  readonly onChoose: (id: string) => void;
}

function Choices({ label, all, chosen, onChoose }: ChoicesProps) {
  return (
    <ul className="sheet list picks" aria-label={label}>
      {all.map(({ id, name, says }) => (
        <li key={id}>
          <button type="button" aria-current={id === chosen} onClick={() => onChoose(id)}>
            <span>
              {name}
              <span className="soft">{says}</span>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
