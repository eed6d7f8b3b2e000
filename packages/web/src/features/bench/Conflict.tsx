/** Two tabs or two people changed one case: both versions in sight, and nothing lost whichever is chosen. */
import { Button } from '@mantine/core';
import { namesOf, solveCase, type HouseRules, kindOf, slotName } from '@hardy-sextant/core';
import type { CaseDocument, KeptCase } from '@hardy-sextant/contract';
import { ChangedElsewhere } from '../../ui/ChangedElsewhere.tsx';
import { solvedText } from '../../statement/editing.ts';
import type { BenchDocument } from './benchDocument.ts';
import { say } from '../../words/say.ts';

interface ConflictProps {
  readonly mine: BenchDocument;
  readonly theirs: KeptCase | undefined;
  readonly rules: HouseRules;
  readonly onSettle: (choice: 'mine' | 'theirs' | 'both') => void;
}

export function Conflict({ mine, theirs, rules, onSettle }: ConflictProps) {
  return (
    <ChangedElsewhere
      what={say('this case')}
      theirs={theirs?.title}
      mine={mine.title || say('Unnamed case')}
      onTheirs={() => onSettle('theirs')}
      onMine={() => onSettle('mine')}
      more={<Button onClick={() => onSettle('both')}>{say('Keep both')}</Button>}
    >
      {theirs && (
        <table className="ledger">
          <thead>
            <tr>
              <th className="words">&nbsp;</th>
              <th className="words">{say('Here')}</th>
              <th className="words">{say('Elsewhere')}</th>
            </tr>
          </thead>
          <tbody>
            {facts(mine.title, mine.document, rules).map(([name, here], at) => (
              <tr key={name}>
                <td className="words soft">{name}</td>
                <td className="words">{here}</td>
                <td className="words">{facts(theirs.title, theirs.document, rules)[at]?.[1]}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </ChangedElsewhere>
  );
}

function facts(title: string, { draft, variations }: CaseDocument, rules: HouseRules): [string, string][] {
  return [
    [say('Name'), title || say('Unnamed case')],
    [say('Kind'), kindOf(draft).title],
    ...namesOf(draft.slots)
      .filter((slot) => kindOf(draft).slotNames[slot] !== undefined && slot !== draft.unknown)
      .map((slot): [string, string] => [slotName(draft.kind, slot), draft.slots[slot] || '–']),
    [slotName(draft.kind, draft.unknown), solvedText(draft, solveCase(draft, rules.rounding)) ?? '–'],
    [say('Changes on the way'), String(draft.changes.length)],
    [say('Variations'), String(variations.length)],
  ];
}
