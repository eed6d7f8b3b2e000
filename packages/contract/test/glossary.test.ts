/** The words of docs/glossary.md: retired ones are found wherever people read or write them. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** Retired words, each with what is said now. */
const retired: readonly (readonly [RegExp, string])[] = [
  [/\bhand[-_]ins?\b|[hH]andIns?|\bhanded[ _]?in\b|handedIn/, 'submission'],
  [/belongs? to nobody|kept[-_ ]rows?|[kK]eptRows?/, 'unmatched row'],
  [/set_copies|[sS]etCop(y|ies)/, 'assigned exercise'],
  [/given[-_ ]out|givenOut|givingOut/, 'assigned'],
  [/re-key|give-anew/, 'regrade, reissue'],
  [/put aside\b(?! today)/i, 'archived'],
  [/\btake it out\b|\bTake out\b/, 'remove'],
  [/\bbr(ing|ought) in\b/i, 'import'],
  [/\bsend out\b|\bsave as a file\b/i, 'export'],
  [/\b[sS]tretch(es)?\b|Stretch[A-Z]|[a-z]Stretch/, 'payment range'],
];

const root = process.cwd();
const read = ['packages', 'e2e/journeys', 'docs', 'README.md', 'CONTRIBUTING.md'];
/** Where old words must stay: migrations and books of before, reference data, this test, what others may call us by, words that problems use. */
const exempt =
  /node_modules|\/dist\/|drizzle\/|test\/books|test\/reference|core\/test\/table\.test|migration\.test|glossary|docs\/screenshots|core\/src\/index\.ts|core\/src\/texts\/lexicon\/|\.css$|\.woff2$|\.png$|\.map$/;

function filesIn(path: string): string[] {
  if (/\.(md|tsx?|json)$/.test(path)) return exempt.test(path) ? [] : [path];
  if (/\.\w+$/.test(path) || exempt.test(`${path}/`)) return [];
  return readdirSync(join(root, path)).flatMap((name) => filesIn(`${path}/${name}`));
}

it('retired words are found nowhere', () => {
  const files = read.flatMap(filesIn);
  expect(files.length).toBeGreaterThan(300);
  const found = files.flatMap((file) => {
    // Words that a line end parts are found too.
    const text = readFileSync(join(root, file), 'utf8').replace(/\s+(\* )?/g, ' ');
    return retired.flatMap(([word, now]) => {
      const at = text.search(word);
      return at < 0 ? [] : [`${file}: “${text.slice(Math.max(0, at - 20), at + 30)}”, now: ${now}`];
    });
  });
  expect(found).toEqual([]);
});

it('each of them stands in the glossary', () => {
  const glossary = readFileSync(join(root, 'docs/glossary.md'), 'utf8');
  for (const [, now] of retired)
    for (const word of now.split(', ')) expect(glossary.toLowerCase()).toContain(word.split(' ')[0]);
});
