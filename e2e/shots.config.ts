/** The pictures of the README: one a main view, from the demo. */
import base from './playwright.config.ts';

export default { ...base, testDir: 'shots', workers: 1, fullyParallel: false };
