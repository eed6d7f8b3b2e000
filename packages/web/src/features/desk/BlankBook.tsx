/** A book with nothing in it: three ways in, and a class of one's own beside. */
import { Button } from '@mantine/core';
import { EXERCISE_FORMAT } from '@hardy-sextant/contract';
import type { Exercise } from '@hardy-sextant/core';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useImportExercises } from '../../api/records.ts';
import { Chip } from '../../ui/Chip.tsx';
import { say } from '../../words/say.ts';

export function BlankBook() {
  return (
    <section aria-labelledby="blank-book">
      <h2 id="blank-book" className="called" style={{ fontSize: 24 }}>
        {say('This book is empty. Begin with any of these.')}
      </h2>
      <div className="beside even">
        <div className="stack">
          <div className="sheet block">
            <h3 className="called">{say('Paste a problem')}</h3>
            <p>
              {say(
                'A problem’s text, or fifty of them, become exercises with your wording, their parts and their key.',
              )}
            </p>
            <Button component={Link} to="/exercises/from-text" variant="filled">
              {say('Paste a problem')}
            </Button>
          </div>
          <div className="sheet block">
            <h3 className="called">{say('State a case')}</h3>
            <p>
              {say('A loan, savings, a fund or a lease in one sentence: solved as you type, then made an exercise.')}
            </p>
            <Button component={Link} to="/bench">
              {say('State a case')}
            </Button>
          </div>
        </div>
        <div className="stack">
          <Starters />
          <div className="sheet block">
            <h3 className="called">{say('A class of your own')}</h3>
            <p>{say('Students, numbers as your class writes them, and the calculator or worksheet it uses.')}</p>
            <Button component={Link} to="/classes">
              {say('Add a class')}
            </Button>
          </div>
        </div>
      </div>
    </section>
  );
}

/** Starter exercises: all of them, or those of some topics. */
function Starters() {
  const [starters, setStarters] = useState<readonly Exercise[]>([]);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const take = useImportExercises();
  const navigate = useNavigate();
  useEffect(() => {
    void import('@hardy-sextant/core/starters').then(({ starterExercises }) => setStarters(starterExercises));
  }, []);
  const topics = [...new Set(starters.flatMap(({ topic }) => topic ?? []))];
  const some = starters.filter(({ topic }) => chosen.size === 0 || (topic !== undefined && chosen.has(topic)));
  const press = (topic: string) =>
    setChosen(
      (before) => new Set(before.has(topic) ? [...before].filter((each) => each !== topic) : [...before, topic]),
    );
  const takeThem = () =>
    void take
      .mutateAsync({ format: EXERCISE_FORMAT, version: 2, exercises: some })
      .then(() => navigate('/exercises'))
      .catch(() => undefined);
  return (
    <div className="sheet block">
      <h3 className="called">{say('Take starter exercises')}</h3>
      <p>{say('Worked and varied, with the slips students make. Choose topics, or take all.')}</p>
      <div className="chips" role="group" aria-label={say('topics')}>
        {topics.map((topic) => (
          <Chip
            key={topic}
            name={topic}
            count={starters.filter((each) => each.topic === topic).length}
            pressed={chosen.has(topic)}
            onPress={() => press(topic)}
          />
        ))}
      </div>
      {take.isError && (
        <p role="alert" className="wrong">
          {take.error.message}
        </p>
      )}
      <Button onClick={takeThem} loading={take.isPending} disabled={starters.length === 0}>
        {chosen.size === 0
          ? say('Take all {{starters}}', { starters: starters.length })
          : say('Take these {{some}}', { some: some.length })}
      </Button>
    </div>
  );
}
