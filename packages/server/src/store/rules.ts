/** House rules by name, and which classes follow them. */

import { asc, eq, isNull } from 'drizzle-orm';
import type { Queries } from './database.ts';
import type { DocumentRow } from './documents.ts';
import { classes, houseRules } from './schema.ts';

/** All of them, also deleted ones: a class that is brought back follows its own again. */
export function listRules(queries: Queries): Promise<DocumentRow[]> {
  return queries.select().from(houseRules).orderBy(asc(houseRules.title), asc(houseRules.id));
}

/** Every class that is there, with the rules it follows. */
export function listFollowers(
  queries: Queries,
): Promise<{ readonly id: string; readonly code: string; readonly term: string; readonly rulesId: string }[]> {
  const { id, code, term, rulesId } = classes;
  return queries
    .select({ id, code, term, rulesId })
    .from(classes)
    .where(isNull(classes.deletedAt))
    .orderBy(asc(code), asc(term), asc(id));
}

/** The rules a class follows; none where it follows the usual ones as they ship. */
export async function findRulesOfClass(
  queries: Queries,
  classId: string,
): Promise<{ readonly rules: DocumentRow | null } | undefined> {
  const [row] = await queries
    .select({ rules: houseRules })
    .from(classes)
    .leftJoin(houseRules, eq(houseRules.id, classes.rulesId))
    .where(eq(classes.id, classId));
  return row;
}
