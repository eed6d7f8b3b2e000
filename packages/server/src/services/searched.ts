/** What lists find a record by: the words and labels that are stored beside it. */

import { asksOf, exerciseSummary, exerciseWords, kindOf, roundTo, type Exercise } from '@hardy-sextant/core';
import {
  caseDocument,
  exerciseDocument,
  type CaseDocument,
  type ExerciseDocument,
  type ExerciseInList,
} from '@hardy-sextant/contract';
import { wordsOf } from '../store/classes.ts';
import type { Database } from '../store/database.ts';
import { searchedText } from '../store/lists.ts';
import { setWords, withoutWords } from '../store/searched.ts';

export interface Searched {
  readonly words: string;
  /** A JSON array of names. */
  readonly labels: string;
  /** What lists show of an exercise. */
  readonly inShort?: ExerciseInList;
}

export const searchedCase = (title: string, { draft, tags }: CaseDocument): Searched => ({
  words: searchedText(title, kindOf(draft).title, ...tags),
  labels: JSON.stringify(tags),
});

export const topicLabel = (topic: string): string => `topic:${topic}`;
export const levelLabel = (level: string): string => `level:${level}`;
const ASKS = 'asks:';
export const asksLabel = (asks: string): string => ASKS + asks;
/** What a label says is asked; undefined where it says something else. */
export const askedByLabel = (label: string): string | undefined =>
  label.startsWith(ASKS) ? label.slice(ASKS.length) : undefined;

export const searchedExercise = ({ exercise }: ExerciseDocument): Searched => ({
  words: searchedText(exerciseWords(exercise)),
  labels: JSON.stringify([
    ...(exercise.topic ? [topicLabel(exercise.topic)] : []),
    ...(exercise.level ? [levelLabel(exercise.level)] : []),
    ...asksOf(exercise).map(asksLabel),
  ]),
  inShort: inList(exercise),
});

function inList(exercise: Exercise): ExerciseInList {
  const { title, topic, level, parts, givens = [] } = exercise;
  const marks = parts.reduce((sum, part) => sum + part.marks, 0);
  return {
    title,
    summary: exerciseSummary(exercise),
    ...(topic ? { topic } : {}),
    ...(level ? { level } : {}),
    parts: parts.length,
    marks: roundTo(marks, 2),
    varies: givens.some(({ vary }) => vary.by !== 'fixed'),
  };
}

/** Books of earlier versions have no words yet: worked out once, when such a book is opened. What cannot be read is found by its title. */
export async function fillWords(database: Database): Promise<void> {
  await database.transaction(async (writes) => {
    for (const { table, rows } of await withoutWords(writes))
      for (const row of rows) await setWords(writes, table, row.id, searchedBy(table, row));
  });
}

type Row = Awaited<ReturnType<typeof withoutWords>>[number]['rows'][number];

function searchedBy(table: 'cases' | 'exercises' | 'classes' | 'sets', row: Row): Searched {
  const byTitle = { words: searchedText(row.title) || '-', labels: '[]' };
  if (table === 'classes') return { ...byTitle, words: wordsOf(row) || '-' };
  const parsed = (): unknown => JSON.parse(row.document);
  try {
    if (table === 'cases') return searchedCase(row.title, caseDocument.parse(parsed()));
    if (table === 'exercises') return searchedExercise(exerciseDocument.parse(parsed()));
  } catch {
    // Not readable by this version.
  }
  return byTitle;
}
