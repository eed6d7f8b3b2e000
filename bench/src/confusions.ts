/** `npm run bench -- confusions [draws]`: how surely each slip is told from the others, over the starter exercises. Kept in docs/checking.md. */
import { starterExercises } from '@hardy-sextant/core/starters';
import { addRates, noRates, ratesTable } from '../../packages/core/test/slipRates.ts';

const draws = Number(process.argv[2] ?? 200);
const rates = noRates();
const begun = performance.now();
for (const [at, exercise] of starterExercises.entries()) {
  process.stderr.write(`\r${at + 1} of ${starterExercises.length}: ${exercise.title.padEnd(60)}`);
  addRates(rates, exercise, draws);
}
process.stderr.write('\n');
console.log(ratesTable(rates));
console.log(
  `\n${starterExercises.length} exercises, ${draws} draws each, ${((performance.now() - begun) / 1000).toFixed(0)} s.`,
);
console.log(
  `Right answers, also written coarser: ${rates.right}, called anything else: ${rates.rightCalledWrong.length}${rates.rightCalledWrong
    .slice(0, 5)
    .map((each) => `\n  ${each}`)
    .join('')}`,
);
console.log(
  `Random numbers of five digits or more: ${rates.random}, explained ${rates.randomExplained} (${((100 * rates.randomExplained) / rates.random).toFixed(2)} %).`,
);
