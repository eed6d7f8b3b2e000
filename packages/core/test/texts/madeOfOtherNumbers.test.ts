/** Exercises made of problems: with another number the key is that of the text that tells it. */

import { numberStyleById, readSlotText, usualRange } from '../../src/index.ts';
import { exerciseFromText, readProblem } from '../../src/texts/index.ts';
import { cases, keyHoldsSomewhere, rulesFor } from './keys.ts';

/** With other numbers one of each shape: readings that differ in their numbers alone vary alike. */
const shapes = [...new Map(cases.toReversed().map(({ shape, texts }) => [shape, texts[0]!])).values()];

/** A number as it stands, and not within another; "four years" is not the 4 of "4 %". */
const standing = ({ now, kind }: { readonly now: string; readonly kind: string }): RegExp =>
  new RegExp(`(?<![\\d.,])${now.replaceAll('.', '\\.')}(?![.,]?\\d)${kind === 'rate' ? '' : '(?!\\s?%)'}`, 'g');

describe('an exercise made of a text', () => {
  it('has the key of the text with another number, wherever one may vary', () => {
    const varied = shapes.flatMap((text) => {
      const reading = readProblem(text);
      const { exercise, leftOut } = exerciseFromText(text, reading)!;
      const style = numberStyleById(rulesFor(exercise).numberStyle);
      return exercise.givens!.flatMap((given) => {
        const { to } = usualRange(given, style)!;
        const other = readProblem(text.replace(standing(given), to));
        const isSame = other.doubts.length === 0 && other.asks.length === reading.asks.length;
        const stands = text.match(standing(given))?.length === 1 && isSame;
        const entry = readSlotText(to, {}, style);
        return stands && entry.ok ? [{ other, exercise, leftOut, numbers: { [given.name]: entry.value.value } }] : [];
      });
    });
    expect(varied.length).toBeGreaterThan(400);
    for (const { other, exercise, leftOut, numbers } of varied)
      keyHoldsSomewhere(other, { exercise, leftOut }, numbers);
  });
});
