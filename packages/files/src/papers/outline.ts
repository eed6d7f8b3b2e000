/** Outlines of letters as drawing commands without short forms, which not every reader of paths follows. */

/** How many numbers follow a command. */
const counts: Readonly<Record<string, number>> = { M: 2, L: 2, H: 1, V: 1, Q: 4, T: 2, C: 6, Z: 0 };

/**
 * Writes each curve out whose first half was left to follow from the one before: `T` as `Q`.
 *
 * @param d a path in absolute commands
 */
export function writtenOut(d: string): string {
  const out: string[] = [];
  let [x, y] = [0, 0];
  /** The point the last curve was drawn towards. */
  let [toX, toY] = [0, 0];
  for (const [, command = '', said = ''] of d.matchAll(/([MLHVQTCZ])([^A-Za-z]*)/g)) {
    const numbers = (said.match(/-?\d*\.?\d+/g) ?? []).map(Number);
    const step = counts[command] ?? 0;
    for (let at = 0; at === 0 || at < numbers.length; at += Math.max(1, step)) {
      const own = numbers.slice(at, at + step);
      const [lastX, lastY] = [x, y];
      if (command === 'H') x = own[0] ?? x;
      else if (command === 'V') y = own[0] ?? y;
      else if (step > 0) [x = lastX, y = lastY] = own.slice(-2);
      if (command === 'Q') [toX = x, toY = y] = own;
      else if (command === 'T') [toX, toY] = [2 * lastX - toX, 2 * lastY - toY];
      else [toX, toY] = [x, y];
      out.push(command === 'T' ? `Q${toX} ${toY} ${x} ${y}` : `${command}${own.join(' ')}`);
    }
  }
  return out.join('');
}
