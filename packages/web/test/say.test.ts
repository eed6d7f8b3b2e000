/** What is said of one and of many, with names in it, in the code's own English and by another language's catalogue. */
import i18next from 'i18next';
import french from '../src/words/catalogues/fr.json';
import { many, say } from '../src/words/say.ts';

const tries = (count: number): string => many(count, '{{count}} try', '{{count}} tries');

afterEach(() => i18next.changeLanguage('en'));

it('says English as it stands in the code', () => {
  expect(say('Your sets')).toBe('Your sets');
  expect(say('Hello, {{name}}', { name: 'Ada <b> & {{Bram}}' })).toBe('Hello, Ada <b> & {{Bram}}');
  expect([0, 1, 2].map(tries)).toEqual(['0 tries', '1 try', '2 tries']);
});

it('says it by the catalogue, with the plural of that language', async () => {
  i18next.addResourceBundle('fr', 'translation', french);
  await i18next.changeLanguage('fr');
  expect(say('Your sets')).toBe('Vos devoirs');
  expect(say('{{answered}} of {{parts}} answered', { answered: 2, parts: 7 })).toBe('2 réponses sur 7');
  expect([0, 1, 2].map(tries)).toEqual(['0 essai', '1 essai', '2 essais']);
  // What nobody has translated yet is read in English.
  expect(say('Paste a problem')).toBe('Paste a problem');
});
