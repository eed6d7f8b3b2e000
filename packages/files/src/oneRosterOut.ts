/** A set's marks as a zip of OneRoster 1.2 CSV: the set as a line item, its category, a result a student, and the manifest that names the files. */

import type { Marking } from '@hardy-sextant/contract';
import { itemShare, roundTo } from '@hardy-sextant/core';
import { strToU8, zipSync } from 'fflate';
import Papa from 'papaparse';
import { ZIP, type FileKind } from './format.ts';
import { resultColumns, resultRows } from './marks.ts';

const CATEGORY = 'sets';

/** What a manifest says of each file of the standard: whole where it is here. */
const here = new Set(['categories', 'lineItems', 'results']);
const known = [
  'academicSessions',
  'categories',
  'classes',
  'classResources',
  'courses',
  'courseResources',
  'demographics',
  'enrollments',
  'lineItems',
  'orgs',
  'resources',
  'results',
  'users',
];

/** @param at when it is written, as ISO text */
export function oneRosterZip(marking: Marking, at: string): Uint8Array {
  const { set } = marking;
  const csv = (rows: readonly Readonly<Record<string, string | number>>[]): Uint8Array =>
    strToU8(Papa.unparse([...rows], { escapeFormulae: true }));
  const status = { status: 'active', dateLastModified: at };
  const manifest: readonly (readonly [string, string])[] = [
    ['manifest.version', '1.0'],
    ['oneroster.version', '1.2'],
    ...known.map((name) => [`file.${name}`, here.has(name) ? 'bulk' : 'absent'] as const),
    ['source.systemName', 'Hardy Sextant'],
    ['source.systemCode', 'hardy-sextant'],
  ];
  const { given, due } = set.document;
  return zipSync({
    'manifest.csv': csv(manifest.map(([propertyName, value]) => ({ propertyName, value }))),
    'categories.csv': csv([{ sourcedId: CATEGORY, ...status, title: 'Sets', weight: '' }]),
    'lineItems.csv': csv([
      {
        sourcedId: set.id,
        ...status,
        title: set.title,
        description: '',
        assignDate: given === '' ? (set.assignedAt ?? at).slice(0, 10) : given,
        dueDate: due === '' ? at.slice(0, 10) : due,
        classSourcedId: set.classId,
        categorySourcedId: CATEGORY,
        gradingPeriodSourcedId: '',
        resultValueMin: '0',
        resultValueMax: String(mostOf(marking)),
      },
    ]),
    'results.csv': strToU8(
      Papa.unparse({ fields: [...resultColumns], data: resultRows(marking, at) }, { escapeFormulae: true }),
    ),
  });
}

/** What the set is out of. */
const mostOf = (marking: Marking): number =>
  roundTo(
    marking.set.assignedExercises.reduce((sum, { itemId, exercise }) => {
      const share = itemShare(marking, itemId);
      return sum + exercise.parts.reduce((all, { marks }) => all + marks * share, 0);
    }, 0),
    2,
  );

export const oneRosterMarks = {
  id: 'oneroster-marks',
  name: 'a zip of OneRoster: line item, category, results',
  ...ZIP,
  writes: (marking: Marking): Uint8Array<ArrayBuffer> =>
    new Uint8Array(oneRosterZip(marking, new Date().toISOString())),
} satisfies FileKind & Record<string, unknown>;
