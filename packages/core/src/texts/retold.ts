/** A flat text in which what is told in many ways is told in one; each place still leads back to the text. */

import type { FlatText, Span } from './flatText.ts';
import { sameMoments, type SameMoment } from './lexicon/sameMoments.ts';

/** The same text, each moment told in one way. */
export const retold = (text: FlatText): FlatText => sameMoments.reduce(retoldAs, text);

function retoldAs(text: FlatText, { words, as }: SameMoment): FlatText {
  const found = [...text.flat.matchAll(words)];
  if (found.length === 0) return text;
  let flat = '';
  const origins: number[] = [];
  /** Where each place of the old text stands in the new one. */
  const moved: number[] = [];
  const say = (said: string, origin: number): void => {
    flat += said;
    for (const _ of said) origins.push(origin);
  };
  const keep = (start: number, end: number): void => {
    for (let at = start; at < end; at += 1) {
      moved[at] = flat.length;
      say(text.flat.charAt(at), text.origins[at]!);
    }
  };
  const drop = (start: number, end: number): void => {
    for (let at = start; at < end; at += 1) moved[at] ??= flat.length;
  };
  let at = 0;
  for (const match of found) {
    keep(at, match.index);
    for (const part of as.split(/(\$\d)/)) {
      const group = part.startsWith('$') ? match.indices![Number(part.slice(1))] : undefined;
      if (group) keep(...group);
      else if (!part.startsWith('$')) say(part, text.origins[match.index]!);
    }
    at = match.index + match[0].length;
    drop(match.index, at);
  }
  keep(at, text.flat.length);
  origins.push(text.origins.at(-1)!);
  moved.push(flat.length);
  const move = ({ start, end }: Span): Span => ({ start: moved[start]!, end: moved[end - 1]! + 1 });
  return { ...text, flat, origins, places: text.places.map(move), owed: text.owed.map(move) };
}
