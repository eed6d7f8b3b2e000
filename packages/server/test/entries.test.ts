/** Answers of a submission looked up and changed: only what was submitted is ever met. */
import { allAnswers, answerAt, differing, withChanges } from '../src/services/entries.ts';

const before = { e1: { a: '941.43', 'a.n': '60' }, e2: { b: '7' } };

it.each([
  ['e1', 'a', '941.43'],
  ['e1', 'b', ''],
  ['e9', 'a', ''],
  ['constructor', 'keys', ''],
  ['constructor', 'name', ''],
  ['e1', 'toString', ''],
  ['__proto__', 'valueOf', ''],
])('%s/%s is %j', (itemId, entryId, text) => {
  expect(answerAt(before, itemId, entryId)).toBe(text);
});

it('changes what is named, leaves the rest, and takes away what becomes empty', () => {
  const after = withChanges(before, [
    { itemId: 'e1', entryId: 'a', text: '942' },
    { itemId: 'e2', entryId: 'b', text: '' },
    { itemId: 'e3', entryId: 'c', text: 'new' },
  ]);
  expect(after).toEqual({ e1: { a: '942', 'a.n': '60' }, e3: { c: 'new' } });
  expect(before.e1.a).toBe('941.43');
});

it('writes nothing into what all objects share', () => {
  const keys = Object.keys;
  const after = withChanges({}, [
    { itemId: 'constructor', entryId: 'keys', text: 'x' },
    { itemId: '__proto__', entryId: 'polluted', text: 'x' },
  ]);
  expect(Object.keys).toBe(keys);
  expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  expect(answerAt(after, 'constructor', 'keys')).toBe('x');
});

it('names only what a row says otherwise; an empty cell erases nothing', () => {
  expect(differing(before, { e1: { a: '941.43', 'a.n': '', b: '5' }, e2: { b: '8' } })).toEqual([
    { itemId: 'e1', entryId: 'b', text: '5' },
    { itemId: 'e2', entryId: 'b', text: '8' },
  ]);
  expect(allAnswers(before)).toHaveLength(3);
});
