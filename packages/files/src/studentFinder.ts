/** Finds whom a row of a file means: by number, by name in either order, with or without accents, by an address of mail made of them. */

import type { Student } from '@hardy-sextant/contract';

export type FoundStudent =
  { readonly ok: true; readonly id: string; readonly name: string } | { readonly ok: false; readonly why: string };

/** Small letters and digits without accents or marks, single blanks. */
export const plainName = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();
const sorted = (text: string): string => plainName(text).split(' ').sort().join(' ');

export function studentFinder(
  students: readonly Pick<Student, 'id' | 'name' | 'number'>[],
): (text: string) => FoundStudent {
  const index = new Map<string, Set<string>>();
  const add = (key: string, id: string): void => void (index.get(key) ?? index.set(key, new Set()).get(key)!).add(id);
  const byId = new Map(students.map((student) => [student.id, student]));
  for (const { id, name, number } of students) {
    add(`number ${plainName(number)}`, id);
    add(`name ${sorted(name)}`, id);
    add(`name ${sorted(`${name} ${number}`)}`, id);
  }
  /** An address of mail is somebody's if what stands before the @ is their number or their name. */
  const byMail = (text: string): Set<string> | undefined => {
    const [, before] = /^\s*([^\s@]+)@[^\s@]+\s*$/.exec(text) ?? [];
    if (before === undefined) return undefined;
    const words = before.replace(/\d+$/, '');
    return index.get(`number ${plainName(before)}`) ?? index.get(`name ${sorted(words)}`);
  };
  return (text) => {
    if (plainName(text) === '') return { ok: false, why: 'There is no student in this row.' };
    const found = index.get(`number ${plainName(text)}`) ?? index.get(`name ${sorted(text)}`) ?? byMail(text);
    if (!found) return { ok: false, why: `Nobody in the class is called “${text.slice(0, 80)}” or has that number.` };
    if (found.size > 1)
      return {
        ok: false,
        why: `${found.size} students in the class are called “${text.slice(0, 80)}”; use their numbers.`,
      };
    const [id] = found;
    return { ok: true, id: id!, name: byId.get(id!)!.name };
  };
}
