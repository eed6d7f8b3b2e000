/** The worksheet way: its steps as a list, the one that is chosen drawn beside it; the workbook as it is taught. */
import { Button } from '@mantine/core';
import type { HouseRules, Question, Step, Way } from '@hardy-sextant/core';
import { useSearchSetting } from '../ui/useSearchSetting.ts';
import { saveTaught } from './saveTaught.ts';
import { StepShown } from './Steps.tsx';
import styles from './DrawnStep.module.css';
import { say } from '../words/say.ts';

interface WorksheetWayProps {
  readonly way: Way;
  readonly question: Question;
  readonly rules: HouseRules;
  readonly title: string;
}

const called = (step: Step): string => (step.kind === 'drawn' ? step.title : say('What it comes to'));

export function WorksheetWay({ way: { steps }, question, rules, title }: WorksheetWayProps) {
  const [search, set] = useSearchSetting();
  const chosen = Math.min(Math.max(1, Number(search.get('step') ?? 1) || 1), steps.length);
  const step = steps[chosen - 1];
  const go = (to: number) => set('step', String(to));
  return (
    <div className={styles.lesson}>
      <div className="stack">
        <ol className="sheet list picks" aria-label={say('Steps of the worksheet')}>
          {steps.map((each, at) => (
            <li key={at}>
              <button type="button" aria-current={at + 1 === chosen ? 'step' : undefined} onClick={() => go(at + 1)}>
                <span>
                  <span className="figures">{at + 1}</span> {called(each)}
                </span>
              </button>
            </li>
          ))}
        </ol>
        <Button onClick={() => saveTaught(title, question, rules)}>{say('Workbook, as taught')}</Button>
      </div>
      <div className="sheet block">
        {step && <StepShown step={step} />}
        <div className="line small tight">
          <Button size="xs" disabled={chosen === 1} onClick={() => go(chosen - 1)}>
            {say('Back')}
          </Button>
          <Button size="xs" disabled={chosen === steps.length} onClick={() => go(chosen + 1)}>
            {say('Next')}
          </Button>
          <span className="soft figures">{say('Step {{chosen}} of {{steps}}', { chosen, steps: steps.length })}</span>
        </div>
      </div>
    </div>
  );
}
