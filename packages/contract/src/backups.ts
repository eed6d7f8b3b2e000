/** Backups of the whole book. */

import { z } from 'zod';

export const backup = z.object({
  name: z.string(),
  kind: z.enum(['daily', 'by-hand', 'before-upgrade', 'before-import', 'before-bringing-back']),
  at: z.string(),
  /** Bytes. */
  size: z.number(),
});
export type Backup = z.infer<typeof backup>;
/** `elsewhere`: the book stands on a database server, which makes its own. */
export const backupList = z.object({ elsewhere: z.boolean(), backups: z.array(backup) });
export type BackupList = z.infer<typeof backupList>;
/** How much stands in a backup. */
export const backupInside = z.object({ name: z.string(), counts: z.record(z.string(), z.number()) });
export type BackupInside = z.infer<typeof backupInside>;
