/** Names for what is added: parts, plans, readings; never one that is taken. */
import { emptyDraft, plainStory, type Exercise } from '@hardy-sextant/core';
import { freeName, withMoved, withoutPart, withPart } from '../src/features/exercises/changes.ts';

const exercise: Exercise = {
  title: 'The ferry',
  story: plainStory('A ferry is bought.'),
  plans: [{ id: 'plan', draft: emptyDraft() }],
  parts: [],
};
const three = [0, 0, 0].reduce((made) => withPart(made, 0).exercise, exercise);
const names = ({ parts }: Exercise) => parts.map(({ id }) => id);

it('gives the first name that is free, also where one in the middle was removed', () => {
  expect(freeName((k) => `plan-${k}`, [])).toBe('plan-1');
  expect(freeName((k) => `plan-${k}`, ['plan-1', 'plan-3'])).toBe('plan-2');
  expect(names(three)).toEqual(['a', 'b', 'c']);
  expect(withPart(withoutPart(three, 'b'), 0).id).toBe('b');
});

it('moves a part by one and never out of the list', () => {
  expect(names(withMoved(three, 0, 1))).toEqual(['b', 'a', 'c']);
  expect(names(withMoved(three, 0, -1))).toEqual(['a', 'b', 'c']);
  expect(names(withMoved(three, 2, 1))).toEqual(['a', 'b', 'c']);
});
