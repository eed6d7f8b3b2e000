import { sameFields } from '../src/api/kept/sameFields.ts';

const form = { name: 'x', decimals: 2, credit: { slip: 0.5, byFamily: {} }, order: ['a'] };

it('takes what was typed, also where it cannot be used yet', () => {
  expect(sameFields(form, { ...form, decimals: -5 })).toBe(true);
  expect(sameFields(form, { ...form, decimals: '' })).toBe(true);
  expect(sameFields(form, { ...form, credit: { slip: 7, byFamily: { rate: 1 } } })).toBe(true);
  expect(sameFields({ name: 'x', later: undefined }, { name: 'y' })).toBe(true);
});

it.each([
  undefined,
  null,
  'text',
  [],
  { name: 'x' },
  { ...form, decimals: { toString: 1 } },
  { ...form, credit: 1 },
  { ...form, order: { 0: 'a' } },
  { name: 'x', credit: form.credit, order: form.order, __proto__: { decimals: 2 } },
])('leaves what has other fields', (typed) => {
  expect(sameFields(form, typed)).toBe(false);
});
