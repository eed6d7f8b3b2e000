/** The balance of a plan with changes, stage by stage. */

import { writePercent } from '../../money/numberStyle.ts';
import type { Step } from '../solution.ts';
import { type Stage, stagesThrough } from '../stages.ts';
import { type Term, evaluate, texNumber } from '../term.ts';
import { type Work, countLetter, formulaSteps, money, moneyLetter, rateLetter, roundsOf } from '../work.ts';
import { type Formula, balanceTerm } from './formula.ts';

/** The balance after payment k, stage by stage; at most six stages are spelled out. */
export function chain(work: Work, k: number): Formula {
  const { solved } = work.question;
  let value = solved.plan.amount;
  let term: Term | undefined;
  const steps: Step[] = [];
  const stages = stagesThrough(work.stages, k);
  stages.forEach((stage, at) => {
    const m = stage.to - stage.from + 1;
    const opening = value + stage.drawn;
    const shown = at < 4 || at >= stages.length - 2;
    if (stage.drawn !== 0 && shown)
      steps.push({
        kind: 'formula',
        tex: `B_{${stage.from - 1}} = ${texNumber(money(work, value))} + ${texNumber(money(work, stage.drawn))} = ${texNumber(money(work, opening))}`,
        because: 'More money is received at the start of this period.',
      });
    const A = moneyLetter(work, at === 0 ? 'A' : `B_{${stage.from - 1}}`, opening);
    const i = rateLetter(
      work,
      stage.i,
      at === 0 ? solved.plan.rate : undefined,
      stages.length > 1 ? `i_{${at + 1}}` : 'i',
    );
    if (stage.pause === 'interest-only') {
      value = opening;
      if (shown)
        steps.push({
          kind: 'says',
          text: `Payments ${stage.from} to ${stage.to} cover the interest only: the balance stays ${money(work, opening)}.`,
        });
      return;
    }
    if (stage.settles) {
      // The last payment is whatever settles the rest, so the end is where the plan says.
      value = stage.closing;
      if (shown)
        steps.push({
          kind: 'says',
          text: `Payment ${stage.to}, ${money(work, stage.payment)}, settles the rest: ${money(work, value)} is left.`,
        });
      return;
    }
    const P = moneyLetter(work, at === 0 ? 'P' : `P_{${at + 1}}`, stage.pause === 'deferred' ? 0 : stage.payment);
    term = balanceTerm(work, A, P, i, countLetter(work, 'k', m));
    value = evaluate(term);
    if (shown) {
      if (at > 0 && work.stages.length > 1)
        steps.push({ kind: 'says', text: `Payments ${stage.from} to ${stage.to}: ${stageWords(work, stage)}.` });
      steps.push(...formulaSteps(work, `B_{${stage.to}}`, term, { line: stages.length === 1 }));
    } else if (at === 4) steps.push({ kind: 'says', text: 'The stages between go the same way.' });
  });
  return { steps, number: value, ...(stages.length === 1 && term ? { term } : {}), rounds: roundsOf(work) };
}

function stageWords(work: Work, stage: Stage): string {
  const rate = `${writePercent(stage.i, work.style, 2, 8)} for each ${work.period}`;
  return stage.pause === 'deferred' ? `nothing is paid, ${rate}` : `${money(work, stage.payment)} each, ${rate}`;
}
