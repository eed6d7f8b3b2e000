/** Which backups stay: the last of each day, week and month, those made by hand, the newest from before something. */
import { keptBackups } from '../src/services/backups.ts';
import type { BackupFile } from '../src/store/backupFiles.ts';

const DAY = 86_400_000;
const now = Date.parse('2026-11-27T12:00:00Z');
const made = (daysAgo: number, kind: BackupFile['kind'] = 'daily', hour = 0): BackupFile => {
  const at = new Date(now - daysAgo * DAY + hour * 3_600_000).toISOString();
  return { name: `${at}-${kind}`, kind, at, size: 1 };
};
const newestFirst = (all: readonly BackupFile[]): BackupFile[] => [...all].sort((a, b) => b.at.localeCompare(a.at));
const kept = (all: readonly BackupFile[]) => keptBackups(newestFirst(all), now);

it('a year of days becomes 7 days, 4 weeks and 12 months', () => {
  const all = Array.from({ length: 400 }, (_, at) => made(at));
  const names = kept(all);
  for (let at = 0; at < 7; at += 1) expect(names.has(all[at]!.name)).toBe(true);
  const months = new Set([...names].map((name) => name.slice(0, 7)));
  expect(months.size).toBe(12);
  // Some of the weeks' and months' are among the days' already.
  expect(names.size).toBeGreaterThanOrEqual(7 + 3 + 11 - 2);
  expect(names.size).toBeLessThanOrEqual(7 + 4 + 12);
});

it('of several in a day the last stays, and what was made by hand always does', () => {
  const [early, late] = [made(1, 'daily', 1), made(1, 'daily', 5)];
  const byHand = made(700, 'by-hand');
  const names = kept([early, late, byHand]);
  expect([early, late, byHand].map(({ name }) => names.has(name))).toEqual([false, true, true]);
});

it('of those from before something the newest five stay, however old', () => {
  const all = Array.from({ length: 7 }, (_, at) => made(500 + at, 'before-upgrade'));
  expect(all.map(({ name }) => kept(all).has(name))).toEqual([true, true, true, true, true, false, false]);
});
