/**
 * The English catalogue of the screens, read out of the code: `npm run words` writes it, `--check` says what is not in
 * step. English stands in the code; the file is for who writes another language beside it.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import ts from 'typescript';

const root = resolve(import.meta.dirname, '..');
const sources = join(root, 'packages/web/src');
const catalogues = join(sources, 'words/catalogues');

/** Attributes that are read or heard. */
const heard = new Set(['label', 'title', 'aria-label', 'placeholder', 'description', 'alt', 'what', 'where']);
/** What is read the same everywhere. */
const names =
  /^(Hardy Sextant|CSV|PDF|JSON|TeX|MathML|Enter|Escape|QTI|OneRoster|English|Français|(?:&\w+;)+|[\d\W]*)$/;
const letters = /\p{L}{2}/u;
/** HTML leaves these empty: what a sentence puts into them would be lost. */
const empty = /<(?:area|base|br|col|embed|hr|img|input|link|meta|param|source|track|wbr)>/;

/** Every text that a literal argument, or a choice between literals, can be. */
function textsOf(node) {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return [node.text];
  if (ts.isConditionalExpression(node)) return [...textsOf(node.whenTrue), ...textsOf(node.whenFalse)];
  if (ts.isParenthesizedExpression(node) || ts.isJsxExpression(node)) return textsOf(node.expression);
  return undefined;
}

/** @returns the texts of one file, by key, and what stands bare in it */
function readFile(path, code) {
  const source = ts.createSourceFile(path, code, ts.ScriptTarget.Latest, true);
  const texts = new Map();
  const bare = [];
  const at = (node) => `${path}:${source.getLineAndCharacterOfPosition(node.getStart()).line + 1}`;
  const said = (node) => {
    const found = node && textsOf(node);
    if (found?.every((text) => text !== undefined)) return found;
    bare.push(`${at(node ?? source)} says what no catalogue can know: it has to stand there itself`);
    return [];
  };
  const plural = (one, other) => {
    texts.set(`${other}_one`, one);
    texts.set(`${other}_other`, other);
  };
  const visit = (node) => {
    if (ts.isCallExpression(node) && ts.isIdentifier(node.expression)) {
      if (node.expression.text === 'say') for (const text of said(node.arguments[0])) texts.set(text, text);
      if (node.expression.text === 'many') {
        const [one] = said(node.arguments[1]);
        const [other] = said(node.arguments[2]);
        if (one && other) plural(one, other);
      }
    }
    if (ts.isJsxSelfClosingElement(node) && node.tagName.getText() === 'Said') {
      const given = new Map(node.attributes.properties.map((each) => [each.name?.getText(), each.initializer]));
      const [text] = said(given.get('text'));
      if (empty.test(text ?? '')) bare.push(`${at(node)} puts words into what is empty in HTML: ${text}`);
      if (text && given.has('one')) plural(said(given.get('one'))[0], text);
      else if (text) texts.set(text, text);
    }
    if (ts.isJsxText(node) && letters.test(node.text) && !names.test(node.text.trim()))
      bare.push(`${at(node)} stands bare: ${node.text.trim().split('\n')[0]}`);
    if (
      ts.isJsxAttribute(node) &&
      heard.has(node.name.getText()) &&
      node.initializer &&
      ts.isStringLiteral(node.initializer) &&
      letters.test(node.initializer.text) &&
      !names.test(node.initializer.text)
    )
      bare.push(`${at(node)} stands bare: ${node.initializer.text}`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return { texts, bare };
}

const files = readdirSync(sources, { recursive: true })
  .filter((name) => /\.tsx?$/.test(name) && !name.startsWith(join('words', '')))
  .sort();
const all = new Map();
const findings = [];
for (const name of files) {
  const { texts, bare } = readFile(name, readFileSync(join(sources, name), 'utf8'));
  for (const [key, text] of texts) all.set(key, text);
  findings.push(...bare);
}
const english = Object.fromEntries([...all].sort(([a], [b]) => (a < b ? -1 : 1)));
const written = `${JSON.stringify(english, null, 2)}\n`;
const home = join(catalogues, 'en.json');

if (process.argv.includes('--check')) {
  if (readFileSync(home, 'utf8') !== written) findings.push('en.json is not in step: npm run words');
  for (const name of readdirSync(catalogues).filter((each) => each !== 'en.json')) {
    const other = JSON.parse(readFileSync(join(catalogues, name), 'utf8'));
    for (const key of Object.keys(other))
      if (!(key in english)) findings.push(`${name} says what nothing says any more: ${key}`);
    for (const [key, text] of Object.entries(other)) {
      const holds = (value) => [...value.matchAll(/\{\{\w+\}\}|<\/?\w+ ?\/?>/gu)].map(String).sort().join();
      if (key in english && !/_one$/.test(key) && holds(text) !== holds(key.replace(/_other$/, '')))
        findings.push(`${name} leaves something out or in: ${key}`);
    }
  }
} else writeFileSync(home, written);

for (const finding of findings) console.error(finding);
console.log(`${Object.keys(english).length} texts, ${findings.length} findings`);
process.exitCode = findings.length > 0 ? 1 : 0;
