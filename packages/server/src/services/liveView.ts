/** A set while students answer it: who has opened it, where they are, who has submitted; and what an instructor does about it, each act kept with who and when. */

import { dueFor, minutesLate, opennessAt } from '@hardy-sextant/core';
import {
  entries as entriesSchema,
  setDocument,
  type Live,
  type liveAct,
  type LiveStudent,
  type SetDocument,
} from '@hardy-sextant/contract';
import type { z } from 'zod';
import { listStudents, type StudentRow } from '../store/classes.ts';
import type { Database, Queries, Writes } from '../store/database.ts';
import { classroomOf, deleteClassroom, putClassroom } from '../store/people.ts';
import { findSet, listParts, recount, type SetRow } from '../store/sets.ts';
import { countLate, insertActs, listActs, listLate, setLateDone } from '../store/studentWork.ts';
import {
  findSubmissions,
  listRunning,
  noteSubmission,
  type RunningRow,
  type SubmissionRow,
} from '../store/submissions.ts';
import { overwrite } from './answers.ts';
import { dueRuleOf } from './dueRules.ts';
import { Invalid, NotFound } from './refusal.ts';
import { stored } from './stored.ts';
import { newClassroomCode, renewLink } from './studentAccess.ts';
import { submitRow } from './studentAnswers.ts';
import { answeredParts, type OwnSet } from './studentSets.ts';

const CLASSROOM_LASTS = 4 * 3_600_000;
const MOST_ACTS = 60;
const HOUR_IN_MINUTES = 60;

async function assignedSet(queries: Queries, setId: string): Promise<{ set: SetRow; document: SetDocument }> {
  const set = await findSet(queries, setId);
  if (!set) throw new NotFound('set');
  if (set.assignedAt === null) throw new Invalid('This set has not been assigned yet, so nobody answers it.');
  return { set, document: stored(setDocument, set.document, 'set') };
}

export async function readLive(queries: Queries, setId: string): Promise<Live> {
  const { set, document } = await assignedSet(queries, setId);
  const now = new Date();
  const [roster, running, tooLate, acts, classroom, parts] = await Promise.all([
    listStudents(queries, set.classId),
    listRunning(queries, setId),
    countLate(queries, setId),
    listActs(queries, setId, MOST_ACTS),
    classroomOf(queries, { setId }, now.toISOString()),
    listParts(queries, setId, false),
  ]);
  const byStudent = new Map(running.map((row) => [row.studentId, row]));
  const due = dueFor(dueRuleOf(document, 0));
  return {
    now: now.toISOString(),
    ...(due === undefined ? {} : { dueAt: new Date(due).toISOString() }),
    parts: parts.length,
    ...(classroom ? { classroom: { code: classroom.code, endsAt: classroom.endsAt } } : {}),
    students: roster
      .filter(({ withdrawnAt }) => withdrawnAt === null)
      .map((student) =>
        liveStudent(student, byStudent.get(student.id), { set, document }, tooLate.get(student.id) ?? 0, now.getTime()),
      ),
    acts: acts.map(({ at, by, act, who, document: about }) => ({ at, by, act, who: who ?? '', says: saysOf(about) })),
  };
}

function liveStudent(
  { id, name, number, section }: StudentRow,
  row: RunningRow | undefined,
  { set, document }: Pick<OwnSet, 'set' | 'document'>,
  tooLate: number,
  now: number,
): LiveStudent {
  const rule = dueRuleOf(document, row?.extraMinutes, set.releasedAt);
  return {
    id,
    name,
    number,
    section,
    ...(row?.openedAt ? { openedAt: row.openedAt } : {}),
    ...(row?.seenAt ? { seenAt: row.seenAt } : {}),
    place: row?.place ?? '',
    answered: answeredParts(entriesSchema.safeParse(row?.entries ?? {}).data ?? {}),
    ...(row?.answeredAt ? { answeredAt: row.answeredAt } : {}),
    ...(row?.submittedAt ? { submittedAt: row.submittedAt } : {}),
    extraMinutes: rule.extraMinutes,
    minutesLate: minutesLate(rule, row?.answeredAt ? Date.parse(row.answeredAt) : undefined),
    openness: opennessAt(rule, now),
    tooLate,
  };
}

/** What an act was about, in a few words. */
function saysOf(document: unknown): string {
  const { says } = (document ?? {}) as { says?: unknown };
  return typeof says === 'string' ? says : '';
}

type Act = z.output<typeof liveAct>;

/** @param by the name of who does it */
export async function doLive(database: Database, setId: string, by: string, act: Act): Promise<Live> {
  await database.transaction(async (writes) => {
    const { set, document } = await assignedSet(writes, setId);
    if (act.act === 'open-classroom') {
      const code = newClassroomCode();
      await putClassroom(writes, setId, code, new Date(Date.now() + CLASSROOM_LASTS).toISOString());
    } else if (act.act === 'close-classroom') await deleteClassroom(writes, setId);
    else await aboutStudents(writes, { set, document, by }, act);
    if (!('studentIds' in act)) await insertActs(writes, [{ setId, by, act: act.act, document: {} }]);
  });
  return readLive(database, setId);
}

type StudentAct = Extract<Act, { studentIds: unknown }>;
interface About {
  readonly set: SetRow;
  readonly document: SetDocument;
  readonly by: string;
}

async function aboutStudents(writes: Writes, about: About, act: StudentAct): Promise<void> {
  const rows = await findSubmissions(writes, about.set.id, act.studentIds);
  if (rows.length < new Set(act.studentIds).size) throw new NotFound('student in this set');
  for (const row of rows) {
    const says = await onOne(writes, { set: about.set, document: about.document, row }, act, about.by);
    // What is submitted for somebody notes itself, with its receipt.
    if (act.act !== 'submit')
      await insertActs(writes, [
        { setId: about.set.id, studentId: row.studentId, by: about.by, act: act.act, document: { says } },
      ]);
  }
}

async function onOne(writes: Writes, own: OwnSet, act: StudentAct, by: string): Promise<string> {
  const { set, document, row } = own;
  const now = new Date();
  switch (act.act) {
    case 'extra-time':
      await noteSubmission(writes, row.id, { extraMinutes: act.minutes });
      return `${act.minutes} minutes more than others`;
    case 'submit':
      await submitRow(writes, own, now.toISOString(), by);
      return '';
    case 'reopen': {
      if (set.releasedAt !== null && document.purpose === 'marks')
        throw new Invalid('Marks of this set are released. Take the release back first; then it can be opened again.');
      const rule = dueRuleOf(document, row.extraMinutes);
      const isClosed = opennessAt(rule, now.getTime()) === 'closed';
      const past = rule.due === undefined ? 0 : Math.ceil((now.getTime() - rule.due) / 60_000);
      const extraMinutes = isClosed ? past + HOUR_IN_MINUTES : row.extraMinutes;
      await noteSubmission(writes, row.id, { submittedAt: null, receipt: '', extraMinutes });
      return isClosed ? 'open for an hour from now' : 'open until it is due';
    }
    case 'take-late':
    case 'leave-late':
      return lateOnes(writes, set.id, row, act.act === 'take-late');
    case 'new-link':
      await renewLink(writes, row.studentId);
      return 'the link before is worth nothing now';
  }
}

/** Counts what came too late, or leaves it out for good; either way its text stays. */
async function lateOnes(writes: Writes, setId: string, row: SubmissionRow, isTaken: boolean): Promise<string> {
  const late = await listLate(writes, setId, [row.studentId]);
  if (isTaken) {
    // The last text of each answer is the one that counts.
    const last = new Map(late.map((each) => [`${each.itemId}/${each.entryId}`, each]));
    await overwrite(writes, row, [...last.values()], 'taken after the due time');
    const lastAt = late.at(-1)?.at;
    if (lastAt) await noteSubmission(writes, row.id, { answeredAt: lastAt });
    await recount(writes, setId);
  }
  await setLateDone(
    writes,
    late.map(({ id }) => id),
  );
  return `${late.length} ${late.length === 1 ? 'answer' : 'answers'}`;
}
