/** How far what is shown is stored, in a word beside its title. */
import type { KeptPhase } from './keptDocument.ts';
import { say } from '../../words/say.ts';

const words: Readonly<Record<KeptPhase, string>> = {
  kept: say('kept'),
  changed: say('changed'),
  writing: say('keeping…'),
  away: say('not kept yet'),
  refused: say('not kept'),
  elsewhere: say('changed elsewhere as well'),
};

interface KeptNoteProps {
  readonly phase: KeptPhase;
  readonly problem?: string | undefined;
  /** Where nothing has been typed there is nothing to keep. */
  readonly nothingYet?: boolean;
}

export function KeptNote({ phase, problem, nothingYet = false }: KeptNoteProps) {
  const bad = phase === 'away' || phase === 'refused';
  return (
    <span role="status" className={bad ? 'not-kept' : 'soft'}>
      {nothingYet ? '' : words[phase]}
      {bad && problem ? `. ${problem}` : ''}
    </span>
  );
}
