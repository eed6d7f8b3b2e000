/** An answer that is practised: judged at once, told in steps, then worked. */
import type { StudentPart, Tried } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Act } from '../../student/Act.tsx';
import { Blocks } from '../../ui/PaperShown.tsx';
import { inLanguage } from '../../student/practiceWords.ts';
import { useTry } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { many, say } from '../../words/say.ts';

interface PracticeStepsProps {
  /** Of the set, or of one more like it. */
  readonly path: string;
  readonly itemId: string;
  readonly part: StudentPart;
  readonly entries: Readonly<Record<string, string>>;
  /** Sends what is typed and has not arrived: a try is of what the server has. */
  readonly ready?: () => Promise<void>;
  readonly before: { readonly tries: number; readonly right: boolean } | undefined;
}

export function PracticeSteps({ path, itemId, part, entries, ready, before }: PracticeStepsProps) {
  const trying = useTry(path, ready);
  const [told, setTold] = useState<Tried>();
  const [tried, setTried] = useState('');
  const typed = JSON.stringify(entries);
  const ask = (more: boolean): void =>
    trying.mutate(
      { itemId, partId: part.id, entries, more },
      {
        onSuccess: (answer) => {
          setTold(answer);
          setTried(typed);
        },
      },
    );
  // What was told is of what was typed then.
  const now = told && tried === typed ? told : undefined;
  const next = now && !now.right && now.shown < 4 && now.tries > 0 ? nextStep[now.shown] : undefined;
  const tries = told?.tries ?? before?.tries ?? 0;
  return (
    <div>
      <div className={styles['acts']}>
        <Act disabled={trying.isPending} onClick={() => ask(false)}>
          {say('Check')}
        </Act>
        {next && (
          <Act disabled={trying.isPending} onClick={() => ask(true)}>
            {next}
          </Act>
        )}
        {tries > 0 && <span className={styles['note']}>{many(tries, '{{count}} try', '{{count}} tries')}</span>}
      </div>
      {trying.error && (
        <p role="alert" className={styles['wrong']}>
          {trying.error.message}
        </p>
      )}
      {now && (
        <div role="status" className={styles['notice']} data-is={now.right ? 'right' : 'wrong'}>
          {now.says.map((each) => (
            <p key={each}>{inLanguage(each)}</p>
          ))}
          {now.working.length > 0 && (
            <div className={styles['wide']}>
              <Blocks blocks={now.working} />
            </div>
          )}
        </div>
      )}
    </div>
  );
}

/** What help is next, by how much of it was shown. */
const nextStep: Readonly<Record<number, string>> = {
  1: say('What should I look at?'),
  2: say('Tell me what went wrong'),
  3: say('Show the working'),
};
