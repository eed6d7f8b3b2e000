/** QTI packages: written, checked by a small engine of its own, and read back; items of others with what cannot be taken said. */
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import {
  answerKey,
  defaultHouseRules,
  must,
  slipNumbers,
  storyText,
  type Exercise,
  type KeyedPart,
} from '@hardy-sextant/core';
import { starterExercises } from '@hardy-sextant/core/starters';
import { qtiPackage } from '../src/qti/qtiPackage.ts';
import { readQtiItem, readQtiPackage } from '../src/qti/readQti.ts';
import { allNamed, elementsOf, readXml, textIn, type XmlElement } from '../src/xmlTree.ts';

const form = { title: 'Some exercises', draws: 0 };
const itemsOf = (bytes: Uint8Array): [string, XmlElement][] =>
  Object.entries(unzipSync(bytes))
    .filter(([name]) => name.startsWith('items/'))
    .map(([name, content]) => [name, readXml(strFromU8(content))]);

/** What an engine makes of some answers: the score, and the feedback that shows. */
function run(item: XmlElement, answers: Readonly<Record<string, string>>): { score: number; shown: string[] } {
  let score = 0;
  const shown: string[] = [];
  const correct = new Map(
    allNamed(item, 'qti-response-declaration').map((each) => [each.attributes.identifier!, textIn(each).trim()]),
  );
  const holds = (test: XmlElement): boolean => {
    const inner = elementsOf(test);
    if (test.name === 'qti-or') return inner.some(holds);
    const id = inner.find(({ name }) => name === 'qti-variable')!.attributes.identifier!;
    if (test.name === 'qti-match') return answers[id] === correct.get(id);
    const [within] = test.attributes.tolerance!.split(' ').map(Number);
    const value = Number(textIn(inner.find(({ name }) => name === 'qti-base-value')!));
    return answers[id] !== undefined && Math.abs(Number(answers[id]) - value) <= within! + 1e-9;
  };
  for (const condition of elementsOf(allNamed(item, 'qti-response-processing')[0]!))
    for (const branch of elementsOf(condition)) {
      const [test, ...acts] = elementsOf(branch);
      if (!holds(test!)) continue;
      for (const act of acts) {
        const value = textIn(allNamed(act, 'qti-base-value')[0]!);
        if (act.attributes.identifier === 'SCORE') score += Number(value);
        else shown.push(value);
      }
      break;
    }
  return { score, shown };
}

const keyed = (exercise: Exercise): KeyedPart[] => answerKey(exercise, {}, defaultHouseRules).map((each) => must(each));
const isNumber = ({ table, choice, relation, part }: KeyedPart): boolean =>
  !table && choice === undefined && !relation && part.format.kind !== 'years-months';

describe('a package', () => {
  let bytes: Uint8Array;
  let items: [string, XmlElement][];
  beforeAll(async () => {
    bytes = await qtiPackage(starterExercises, defaultHouseRules, form);
    items = itemsOf(bytes);
  });
  it('has an item for each exercise, and a manifest that names each once', () => {
    expect(items).toHaveLength(starterExercises.length);
    const manifest = readXml(strFromU8(unzipSync(bytes)['imsmanifest.xml']!));
    expect(textIn(allNamed(manifest, 'schemaversion')[0]!)).toBe('3.0.0');
    const named = allNamed(manifest, 'resource').map(({ attributes }) => attributes.href);
    expect(new Set(named)).toEqual(new Set(items.map(([name]) => name)));
  });
  it('has items in which everything that is named is there', () => {
    for (const [, item] of items) {
      expect(item.name).toBe('qti-assessment-item');
      for (const name of ['identifier', 'title', 'adaptive', 'time-dependent'])
        expect(item.attributes[name]).toBeDefined();
      const declared = allNamed(item, 'qti-response-declaration').map(({ attributes }) => attributes.identifier!);
      expect(new Set(declared).size).toBe(declared.length);
      const body = allNamed(item, 'qti-item-body')[0]!;
      const used = ['qti-text-entry-interaction', 'qti-extended-text-interaction', 'qti-choice-interaction'].flatMap(
        (name) => allNamed(body, name).map(({ attributes }) => attributes['response-identifier']),
      );
      expect([...used].sort()).toEqual([...declared].sort());
      const blocks = allNamed(body, 'qti-feedback-block').map(({ attributes }) => attributes.identifier);
      expect(new Set(blocks).size).toBe(blocks.length);
    }
  });
  it('gives every mark for the key, none for nothing, and feedback for a mistake', () => {
    let slipsSeen = 0;
    starterExercises.forEach((exercise, at) => {
      const [, item] = items[at]!;
      const correct = Object.fromEntries(
        allNamed(item, 'qti-response-declaration').map((each) => [each.attributes.identifier!, textIn(each).trim()]),
      );
      const byHand = keyed(exercise).filter((each) => !isNumber(each) && !each.table && each.choice === undefined);
      const most = exercise.parts.reduce((sum, { marks }) => sum + marks, 0);
      const judged = most - byHand.reduce((sum, { part }) => sum + part.marks, 0);
      expect(run(item, correct).score).toBeCloseTo(judged, 3);
      expect(run(item, {})).toEqual({ score: 0, shown: [] });
      const [first] = keyed(exercise);
      const slip = first?.question && isNumber(first) ? slipNumbers(first.question, defaultHouseRules)[0] : undefined;
      if (!slip || Math.abs(slip.result - first!.expected) < 0.02) return;
      const { shown } = run(item, { [`R_${first!.part.id}`]: String(slip.result) });
      slipsSeen += shown.length;
    });
    expect(slipsSeen).toBeGreaterThan(starterExercises.length / 3);
  });
  it('is read back: story, parts, keys and marks', () => {
    const { exercises } = readQtiPackage(bytes);
    const whole = starterExercises.filter((exercise) => keyed(exercise).every(isNumber));
    expect(whole.length).toBeGreaterThan(15);
    for (const before of whole) {
      const after = exercises.find(({ title }) => title === before.title)!;
      expect(after.parts.map(({ marks }) => marks)).toEqual(before.parts.map(({ marks }) => marks));
      const numbers = answerKey(after, {}, defaultHouseRules).map((each) => must(each).expected);
      expect(numbers).toEqual(keyed(before).map(({ expected }) => expect.closeTo(expected, 9)));
      expect(storyText(after.story).length).toBeGreaterThan(20);
      for (const { prompt } of after.parts) expect(prompt).not.toBe('');
    }
  });
  it('has items with numbers of their own where draws are asked for', async () => {
    const drawn = itemsOf(await qtiPackage(starterExercises.slice(0, 2), defaultHouseRules, { ...form, draws: 3 }));
    expect(drawn).toHaveLength(6);
    const keys = drawn.slice(0, 3).map(([, item]) => textIn(allNamed(item, 'qti-correct-response')[0]!));
    expect(new Set(keys).size).toBe(3);
  });
});

const item21 = (body: string, declarations: string): string =>
  `<?xml version="1.0"?><assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="q1" title="A net loft" adaptive="false" timeDependent="false">${declarations}<itemBody>${body}</itemBody></assessmentItem>`;
const numeric = (id: string, value: string): string =>
  `<responseDeclaration identifier="${id}" cardinality="single" baseType="float"><correctResponse><value>${value}</value></correctResponse></responseDeclaration>`;

describe('items of others', () => {
  it('of version 2.1 become an exercise', () => {
    const body =
      '<p>A loft costs 12,000 at 6 %.</p><p>Find the payment: <textEntryInteraction responseIdentifier="R1"/> a month</p><p>What is <em>owed</em> after 12?</p><div><textEntryInteraction responseIdentifier="R2"/></div>';
    const { exercises, notes } = readQtiItem(item21(body, numeric('R1', '231.99') + numeric('R2', '9878')), 'q1.xml');
    expect(notes).toEqual([]);
    expect(exercises[0]).toMatchObject({
      title: 'A net loft',
      parts: [
        { id: 'a', prompt: 'Find the payment: a month', ask: { text: '231.99' }, format: { decimals: 2 } },
        { id: 'b', prompt: 'What is owed after 12?', ask: { text: '9878' }, format: { decimals: 0 } },
      ],
    });
    expect(storyText(exercises[0]!.story).trim()).toBe('A loft costs 12,000 at 6 %.');
  });
  it('lose scripts, pictures, choices and answers in words, each said; the rest goes on', () => {
    const body =
      '<div><p>Look <img src="https://elsewhere.example/x.png" alt=""/> here.</p><script>alert(1)</script><p>N: <textEntryInteraction responseIdentifier="R1"/></p><choiceInteraction responseIdentifier="R2"><simpleChoice identifier="A">x</simpleChoice></choiceInteraction><p><textEntryInteraction responseIdentifier="R3"/></p></div>';
    const { exercises, notes } = readQtiItem(item21(body, numeric('R1', '48') + numeric('R3', 'blue')), 'q.xml');
    expect(exercises[0]!.parts).toHaveLength(1);
    expect(JSON.stringify(exercises)).not.toContain('alert');
    expect(notes.join(' ')).toMatch(/picture from elsewhere/);
    expect(notes.join(' ')).toMatch(/a script is left out/);
    expect(notes.join(' ')).toMatch(/a choice is left out/);
    expect(notes.join(' ')).toMatch(/R3 has no number/);
  });
  it('that are broken, climb out of the package or define entities are left out, and said', () => {
    const good = strToU8(item21('<p>N <textEntryInteraction responseIdentifier="R"/></p>', numeric('R', '4')));
    const bomb = '<!DOCTYPE a [<!ENTITY b "bbbb"><!ENTITY c "&b;&b;">]><assessmentItem title="x">&c;</assessmentItem>';
    const { exercises, notes } = readQtiPackage(
      zipSync({
        'good.xml': good,
        '../up.xml': good,
        'broken.xml': strToU8('<assessmentItem><p>'),
        'bomb.xml': strToU8(bomb),
        'test.xml': strToU8('<assessmentTest/>'),
        'other.xml': strToU8('<html/>'),
        'imsmanifest.xml': strToU8('<manifest/>'),
      }),
    );
    expect(exercises).toHaveLength(1);
    expect(notes.some((note) => note.includes('points out of the package'))).toBe(true);
    expect(notes.some((note) => note.includes('broken.xml'))).toBe(true);
    expect(notes.some((note) => note.includes('bomb.xml'))).toBe(true);
    expect(notes.some((note) => note.includes('is no item of QTI'))).toBe(true);
    expect(() => readQtiPackage(strToU8('no zip'))).toThrow('cannot be unpacked');
  });
});
