/** Papers as Markdown and HTML, read by readers that are not ours. */
import { defaultHouseRules, keySheet, shippedStyles, solutionSheet, type PaperBlock } from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { marked } from 'marked';
import { paperHtml, paperMarkdown } from '../src/papers/paperText.ts';
import { allNamed, readXml, textIn } from '../src/xmlTree.ts';

const set = { title: 'Week 3 <payments>', className: 'BM 210', given: '', due: '' };
const asked = starterExercises.slice(0, 4).map((exercise) => ({ exercise, numbers: {}, share: 1 }));
const form = { way: 'formula', detail: 'reasons', entering: shippedStyles[0]! } as const;
const sheets = [
  keySheet(set, asked, defaultHouseRules),
  solutionSheet(set, asked, defaultHouseRules, form, { who: 'x', code: 'AB' }),
];
const blocks: PaperBlock[] = [
  {
    kind: 'text',
    pieces: [
      { text: '2 * 3_4 [x] | ', strong: true },
      { text: 'f', tex: 'a_1' },
      { text: '=1+1', code: true },
    ],
    beside: '2 marks',
  },
  { kind: 'list', ordered: true, items: [[{ text: 'one', italic: true }]] },
  {
    kind: 'fields',
    fields: [
      { label: 'Name', value: '' },
      { label: 'Number', value: 'K-1' },
    ],
  },
  { kind: 'boxes', labels: ['Answer'] },
  { kind: 'room', height: 20 },
  {
    kind: 'table',
    head: [],
    rows: [
      [
        { text: 'a|b', words: true },
        { text: '', blank: true },
      ],
    ],
  },
  { kind: 'formula', tex: '\\frac{a' },
];

it('Markdown keeps what is written, formulas in TeX, tables as tables', () => {
  const text = paperMarkdown({ title: 'x', sheets: [...sheets, { blocks }] });
  expect(text).toContain('$$P = ');
  const tokens = marked.lexer(text);
  expect(tokens.filter(({ type }) => type === 'table').length).toBeGreaterThan(4);
  const html = marked.parse(text, { async: false });
  expect(html).toContain('2 * 3_4 [x] |');
  expect(html).toContain('Week 3 &lt;payments&gt;');
  expect(html).toContain('<code>=1+1</code>');
  expect(html).toContain('a|b');
});

it('HTML is well-formed, safe, and has its formulas as MathML', async () => {
  const text = await paperHtml({ title: '<b>', sheets: [...sheets, { blocks }] });
  const page = readXml(text.replace('<!doctype html>', '').replaceAll(/<meta([^>]*)>/g, '<meta$1/>'));
  expect(textIn(allNamed(page, 'title')[0]!)).toBe('<b>');
  expect(allNamed(page, 'article')).toHaveLength(3);
  expect(allNamed(page, 'mfrac').length).toBeGreaterThan(4);
  expect(allNamed(page, 'annotation').every((each) => textIn(each).length > 0)).toBe(true);
  expect(allNamed(page, 'script')).toEqual([]);
  expect(textIn(page)).toContain('\\frac{a');
});
