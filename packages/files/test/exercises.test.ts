/** The open format: its published JSON Schema is the one made from our own, and older versions are upgraded. */
import { readFileSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { z } from 'zod';
import { emptyDraft } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { exercise, exerciseDocument, exerciseFile } from '@hardy-sextant/contract';

const path = resolve('docs/exercises.schema.json');

it('is published as it is: run with SCHEMA=write to publish a change', () => {
  const schema = `${JSON.stringify(z.toJSONSchema(exerciseFile, { io: 'input' }), undefined, 2)}\n`;
  if (process.env.SCHEMA === 'write') writeFileSync(path, schema);
  expect(readFileSync(path, 'utf8')).toBe(schema);
});

it('carries every starter out and in without a change', () => {
  for (const each of starterExercises)
    expect(exercise.parse(JSON.parse(JSON.stringify(each)))).toEqual(JSON.parse(JSON.stringify(each)));
});

it('upgrades version 1: a story of plain text, counts rounded up', () => {
  const old = {
    schemaVersion: 1,
    exercise: {
      title: 'Old',
      story: 'One line.\nAnother.',
      plans: [{ id: 'plan', draft: emptyDraft() }],
      parts: [
        {
          id: 'a',
          prompt: 'How many?',
          marks: 1,
          ask: { quantity: 'payments', plan: 'plan' },
          format: { kind: 'count', decimals: 0 },
        },
      ],
    },
  };
  const read = exerciseDocument.parse(old);
  expect(read.schemaVersion).toBe(2);
  expect(read.exercise.story.content).toHaveLength(2);
  expect(read.exercise.parts[0]!.format).toEqual({ kind: 'count', decimals: 0, up: true });
});

it.each([
  [{ title: 7 }, 'title'],
  [{ givens: [{ name: 'a', kind: 'weight', now: '', vary: { by: 'fixed' } }] }, 'givens.0.kind'],
  [
    {
      parts: [
        {
          id: 'A!',
          prompt: '',
          marks: 1,
          ask: { quantity: 'payment', plan: 'plan' },
          format: { kind: 'money', decimals: 2 },
        },
      ],
    },
    'parts.0.id',
  ],
])('says where %j is wrong', (wrong, place) => {
  const read = exercise.safeParse({ ...starterExercises[0], ...wrong });
  expect(read.success ? [] : read.error.issues.map((issue) => issue.path.join('.'))).toContain(place);
});
