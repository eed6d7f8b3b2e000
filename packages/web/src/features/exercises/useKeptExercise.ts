/** An exercise while it is written: kept by itself, nothing lost when the server refuses or is away. */

import { exercise as exerciseSchema, keptExercise, type KeptExercise } from '@hardy-sextant/contract';
import type { Exercise } from '@hardy-sextant/core';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { call } from '../../api/call.ts';
import { useKeptDocument } from '../../api/kept/useKeptDocument.ts';
import { listKey } from '../../api/records.ts';
import { say } from '../../words/say.ts';

export function useKeptExercise(kept: KeptExercise) {
  const queries = useQueryClient();
  const [state, document] = useKeptDocument<Exercise, KeptExercise>({
    key: `exercise ${kept.id}`,
    path: `/exercises/${kept.id}`,
    nameOf: ({ title }) => say('exercise “{{title}}”', { title: title || say('without a title') }),
    start: { value: kept.document.exercise, revision: kept.revision },
    valueOf: (each) => each.document.exercise,
    revisionOf: (each) => each.revision,
    send: async (exercise, revision) => {
      const answer = await call(`/exercises/${kept.id}`, keptExercise, {
        method: 'PUT',
        body: { revision, document: { schemaVersion: 2, exercise } },
      });
      queries.setQueryData(['exercises', kept.id], answer);
      void queries.invalidateQueries({ queryKey: listKey('exercises') });
      return answer;
    },
    keptSchema: keptExercise,
    valueSchema: exerciseSchema,
    options: { quietMs: 900 },
  });
  useEffect(() => document.received(kept), [document, kept]);
  return {
    exercise: state.present,
    change: document.change,
    phase: state.phase,
    problem: state.problem,
    theirs: state.theirs,
    settle: document.settle,
    flush: document.flush,
  };
}
