/** A solution on paper: what is asked, the facts, and the chosen ways. */
import { stepsAt, type Detail, type Way, type WorkedSolution } from '@hardy-sextant/core';
import { Paper } from '../ui/Paper.tsx';
import { Steps } from './Steps.tsx';
import { say } from '../words/say.ts';

interface PrintedSolutionProps {
  readonly title: string;
  readonly statement: string;
  readonly solution: WorkedSolution;
  readonly ways: readonly Way[];
  readonly detail: Detail;
}

export function PrintedSolution({ title, statement, solution, ways, detail }: PrintedSolutionProps) {
  return (
    <Paper>
      <h1>{title}</h1>
      <p>{statement}</p>
      <h2>{solution.title}</h2>
      {detail !== 'answer' && solution.setting.length > 0 && (
        <Steps steps={stepsAt(solution.setting, detail)} name={say('Setting')} />
      )}
      {ways.map((way) => (
        <div key={way.id}>
          <h3>{way.title}</h3>
          <Steps steps={stepsAt(way.steps, detail)} name={way.title} />
        </div>
      ))}
    </Paper>
  );
}
