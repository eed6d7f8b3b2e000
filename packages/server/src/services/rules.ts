/** House rules: one set a class, and the default for all else. */

import { defaultHouseRules } from '@hardy-sextant/core';
import { houseRulesDocument, type ChangedRules, type KeptRules } from '@hardy-sextant/contract';
import { listClasses } from '../store/classes.ts';
import type { Database, Queries } from '../store/database.ts';
import { findDefaultRules, updateClassRules, updateDefaultRules } from '../store/rules.ts';
import { NotFound, Stale } from './refusal.ts';
import { stored } from './stored.ts';

const DEFAULT = 'default';

/** The default first, then each class's. */
export async function listRules(queries: Queries): Promise<KeptRules[]> {
  const [usual, classes] = await Promise.all([findDefaultRules(queries), listClasses(queries)]);
  return [
    {
      id: DEFAULT,
      name: 'Usual',
      rules: usual ? stored(houseRulesDocument, usual.rules, 'set of house rules').rules : defaultHouseRules,
      revision: usual?.revision ?? 1,
    },
    ...classes.flatMap(({ id, code, rules, revision }) => {
      const read = houseRulesDocument.safeParse(rules);
      return read.success ? [{ id, name: code, rules: read.data.rules, revision }] : [];
    }),
  ];
}

export async function changeRules(
  database: Database,
  id: string,
  { rules, revision }: ChangedRules,
): Promise<KeptRules> {
  return database.transaction(async (transaction) => {
    const document = { schemaVersion: 1, rules };
    const written =
      id === DEFAULT
        ? await updateDefaultRules(transaction, document, revision)
        : await updateClassRules(transaction, id, document, revision);
    const now = (await listRules(transaction)).find((each) => each.id === id);
    if (!now) throw new NotFound('class');
    if (!written) throw new Stale('set of house rules', now);
    return now;
  });
}
