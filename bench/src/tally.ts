/** Counts of a measurement: how often it went as it should, and what was there instead. */

interface Tally {
  of: number;
  hit: number;
  readonly missed: Map<string, number>;
}
const tallies = new Map<string, Tally>();
/** @param hit whether it went as it should; @param what what was there otherwise */
export function count(name: string, hit: boolean, what: string): void {
  const tally = tallies.get(name) ?? { of: 0, hit: 0, missed: new Map<string, number>() };
  tallies.set(name, tally);
  tally.of += 1;
  if (hit) tally.hit += 1;
  else tally.missed.set(what, (tally.missed.get(what) ?? 0) + 1);
}

/** The counts as a table, each beside its aim, and the commonest misses. */
export function printTallies(aims: Readonly<Record<string, string>>): void {
  console.log('| | answers | | aim |\n| --- | ---: | ---: | ---: |');
  for (const [name, aim] of Object.entries(aims)) {
    const { of, hit } = tallies.get(name) ?? { of: 0, hit: 0 };
    console.log(`| ${name} | ${of} | ${of === 0 ? '–' : ((100 * hit) / of).toFixed(2)} % | ${aim} |`);
  }
  for (const [name, { missed }] of tallies) {
    const most = [...missed].sort((a, b) => b[1] - a[1]).slice(0, 6);
    if (most.length > 0)
      console.log(`\n${name}, otherwise:\n${most.map(([what, times]) => `  ${times} × ${what}`).join('\n')}`);
  }
}
