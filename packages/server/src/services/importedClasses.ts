/** Classes with their rosters taken in from elsewhere: all of them or none; one that is there already is left as it is. */

import type { z } from 'zod';
import type { importedClasses, ImportedClassesReport } from '@hardy-sextant/contract';
import { findClassNamed, insertClass, insertStudents } from '../store/classes.ts';
import type { Database } from '../store/database.ts';
import { addToClass } from '../store/people.ts';
import { Invalid } from './refusal.ts';
import { canBePicked } from './rules.ts';

export async function importClasses(
  database: Database,
  { classes }: z.output<typeof importedClasses>,
  by?: string,
): Promise<ImportedClassesReport> {
  return database.transaction(async (writes) => {
    const report: ImportedClassesReport = { made: [], there: [] };
    for (const [at, { students, ...values }] of classes.entries()) {
      const { code, term } = values;
      const there = await findClassNamed(writes, code, term);
      if (there !== undefined) {
        report.there.push({ id: there, code, term });
        continue;
      }
      const numbers = students.map(({ number }) => number.toLowerCase());
      const twice = numbers.find((number, place) => numbers.indexOf(number) !== place);
      if (twice !== undefined)
        throw new Invalid(`Two students of ${code} would have the number ${twice}; nothing was taken in.`, [
          { path: `classes.${at}.students`, message: `The number ${twice} is there twice.` },
        ]);
      await canBePicked(writes, values.rulesId);
      const id = await insertClass(writes, values);
      if (by !== undefined) await addToClass(writes, by, id);
      await insertStudents(writes, id, students);
      report.made.push({ id, code, term, students: students.filter(({ withdrawn }) => !withdrawn).length });
    }
    return report;
  });
}
