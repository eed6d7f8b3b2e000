/** What the server tells of a try is known to the screens, word for word, and said in their language. */
import i18next from 'i18next';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inLanguage } from '../src/student/practiceWords.ts';
import french from '../src/words/catalogues/fr.json';

const service = readFileSync(join(__dirname, '../../server/src/services/studentPractice.ts'), 'utf8');
const saysOf = service.slice(service.indexOf('function saysOf'), service.indexOf('const toYou'));
const told = [...saysOf.matchAll(/'([A-Z][^']+\.)'/g)].map(([, sentence]) => sentence!);

afterEach(() => i18next.changeLanguage('en'));

it('says every sentence of the server in French', async () => {
  expect(told).toHaveLength(9);
  expect(told.map(inLanguage)).toEqual(told);
  i18next.addResourceBundle('fr', 'translation', french);
  await i18next.changeLanguage('fr');
  expect(inLanguage('Not right yet.')).toBe('Pas encore juste.');
  expect(told.filter((sentence) => inLanguage(sentence) === sentence)).toEqual([]);
  // What is told of one's own numbers is left as it came.
  expect(inLanguage('The years were used.')).toBe('The years were used.');
});
