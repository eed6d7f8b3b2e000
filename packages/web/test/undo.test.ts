/** What waits is laid over a marking; what an import wrote is taken back and done again as it was. */
import type { ChangedAnswers } from '@hardy-sextant/contract';
import { overlaid } from '../src/features/marking/overlay.ts';
import { rewriting } from '../src/features/marking/rewriting.ts';
import { markingOf, right } from '../../files/test/demoMarking.ts';

describe('what has not arrived', () => {
  const marking = markingOf([right, right, {}]);
  const named = (studentId: string, text: string) => ({ studentId, text });

  it('changes the students it is about and nobody else', () => {
    const shown = overlaid(marking, [named('st0', '1'), named('st2', '2'), named('st0', '3')], (student, pending) => ({
      ...student,
      name: pending.map(({ text }) => text).join(),
    }));
    expect(shown.students.map(({ name }) => name)).toEqual(['1,3', 'Student 1', '2']);
    // A student nobody waits for is the very same, so that their row is not drawn again.
    expect(shown.students[1]).toBe(marking.students[1]);
  });

  it('is nothing where nothing waits, and nothing for a student who is gone', () => {
    expect(overlaid(marking, [], () => ({ ...marking.students[0]! }))).toBe(marking);
    expect(overlaid(marking, [named('gone', '1')], () => ({ ...marking.students[0]!, name: 'no' })).students).toEqual(
      marking.students,
    );
  });
});

describe('an import taken back', () => {
  const written = [
    { studentId: 's1', itemId: 'e1', entryId: 'a', text: 'new', was: 'old' },
    { studentId: 's2', itemId: 'e1', entryId: 'b', text: 'only', was: '' },
  ];
  it.each([
    ['away', true],
    ['back', false],
  ] as const)(
    'writes the old texts on top of the new ones, rows are %s; once more does it again',
    async (becomes, done) => {
      const sent: ChangedAnswers[] = [];
      const write = (body: ChangedAnswers) => {
        sent.push(body);
        return Promise.resolve();
      };
      const again = await rewriting(write, written, ['r1'], becomes).run();
      expect(sent[0]).toEqual({
        source: 'undo',
        changes: [
          { studentId: 's1', itemId: 'e1', entryId: 'a', text: 'old', was: 'new' },
          { studentId: 's2', itemId: 'e1', entryId: 'b', text: '', was: 'only' },
        ],
        rows: [{ id: 'r1', done }],
      });
      const third = await again.run();
      expect(sent[1]!.changes).toEqual(written);
      expect(sent[1]!.rows).toEqual([{ id: 'r1', done: !done }]);
      await third.run();
      expect(sent[2]).toEqual(sent[0]);
    },
  );

  it('stays to be tried again where the server refuses', async () => {
    await expect(
      rewriting(() => Promise.reject(new Error('changed elsewhere')), written, [], 'away').run(),
    ).rejects.toThrow('changed elsewhere');
  });
});
