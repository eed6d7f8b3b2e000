/** A part worked: the story with its facts marked, then every way. */
import {
  askInWords,
  fillText,
  givensInForce,
  markStory,
  numberStyleById,
  storyText,
  workedSolution,
  writeMoney,
  type Exercise,
  type HouseRules,
  type KeyedPart,
  type Numbers,
  type Part,
  type Result,
} from '@hardy-sextant/core';
import { lazy, Suspense } from 'react';
import { Loading } from '../../ui/States.tsx';

const WorkingDesk = lazy(() => import('../../working/WorkingDesk.tsx'));

interface PartWorkedProps {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly part: Part;
  readonly keyed: Result<KeyedPart>;
}

export function PartWorked({ exercise, numbers, rules, part, keyed }: PartWorkedProps) {
  const style = numberStyleById(rules.numberStyle);
  const { written } = givensInForce(exercise, numbers, style);
  if (!keyed.ok) return <p className="wrong">{keyed.problem.message}</p>;
  const question = keyed.value.question ?? keyed.value.questions[0];
  const story = storyText(exercise.story, written);
  const facts = question ? workedSolution(question, { style }).facts : [];
  return (
    <>
      <p className="story marked">
        {markStory(story, facts, style).map((piece, at) =>
          piece.fact ? (
            <mark key={at} title={facts.find(({ id }) => id === piece.fact)?.name}>
              {piece.text}
            </mark>
          ) : (
            <span key={at}>{piece.text}</span>
          ),
        )}
      </p>
      <p>
        <strong>{part.id}</strong> {fillText(part.prompt, written)}
      </p>
      {question ? (
        <Suspense fallback={<Loading what="the working" />}>
          <WorkingDesk
            view="working"
            draft={question.draft}
            rules={rules}
            style={style}
            title={exercise.title}
            statement={{
              solved: `${story} ${fillText(part.prompt, written)}`,
              asked: `${story} ${fillText(part.prompt, written)}`,
            }}
            ask={question.ask}
            question={question}
            fixed
          />
        </Suspense>
      ) : (
        <p>
          {'text' in part.ask ? `${part.ask.text} = ` : ''}
          <strong>{keyed.value.written}</strong>
        </p>
      )}
      {keyed.value.questions.length > 1 && (
        <p>
          {keyed.value.questions.map((each) => `${askInWords(each.ask)}: ${writeMoney(each.exact)}`).join('; ')} →{' '}
          <strong>{keyed.value.written}</strong>
        </p>
      )}
    </>
  );
}
