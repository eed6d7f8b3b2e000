/** A part worked: the story with its facts marked, what it goes on from, every way of each question, and what comes of them. */
import {
  fillText,
  givensInForce,
  markStory,
  numberStyleById,
  partWorking,
  storyText,
  workedSolution,
  type Exercise,
  type HouseRules,
  type KeyedPart,
  type Numbers,
  type Part,
  type Result,
} from '@hardy-sextant/core';
import { lazy, Suspense, useState } from 'react';
import { Chip } from '../../ui/Chip.tsx';
import { Loading } from '../../ui/States.tsx';
import { Steps } from '../../working/Steps.tsx';
import { say } from '../../words/say.ts';

const WorkingDesk = lazy(() => import('../../working/WorkingDesk.tsx'));

interface PartWorkedProps {
  readonly exercise: Exercise;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly part: Part;
  readonly keyed: Result<KeyedPart>;
  /** The key of every part, for what this one goes on from. */
  readonly keys: readonly Result<KeyedPart>[];
}

export function PartWorked({ exercise, numbers, rules, part, keyed, keys }: PartWorkedProps) {
  const style = numberStyleById(rules.numberStyle);
  const { written } = givensInForce(exercise, numbers, style);
  const [place, setPlace] = useState(0);
  if (!keyed.ok) return <p className="wrong">{keyed.problem.message}</p>;
  const { before, sides, after } = partWorking(exercise, keyed.value, keys, rules);
  const side = sides[place] ?? sides[0];
  const story = storyText(exercise.story, written);
  const asked = keyed.value.question ?? side?.question;
  const facts = asked ? workedSolution(asked, { style }).facts : [];
  const said = `${story} ${fillText(part.prompt, written)}`;
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
      {before.length > 0 && <Steps steps={before} name={say('From earlier parts')} />}
      {sides.length > 1 && (
        <div className="line small">
          {sides.map(({ name }, at) => (
            <Chip key={name} name={name} pressed={sides[at] === side} onPress={() => setPlace(at)} />
          ))}
        </div>
      )}
      {side && (
        <Suspense fallback={<Loading what={say('the working')} />}>
          <WorkingDesk
            view="working"
            draft={side.question.draft}
            rules={rules}
            style={style}
            title={exercise.title}
            statement={{ solved: said, asked: said }}
            ask={side.question.ask}
            question={side.question}
            fixed
          />
        </Suspense>
      )}
      {after.length > 0 && <Steps steps={after} name={say('What comes of it')} />}
    </>
  );
}
