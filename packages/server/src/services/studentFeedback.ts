/** What a student reads after marks were released: their own answers, what was found, the working with their numbers. */

import type { ShownFeedback, StudentJobs } from '../checking/studentJob.ts';
import type { Checker } from '../checking/checker.ts';
import { findStudents } from '../store/classes.ts';
import type { Database } from '../store/database.ts';
import { findDecisions, findSubmission } from '../store/submissions.ts';
import { enteringStyleOf } from './enteringStyles.ts';
import { judge, readFrame, toStudent } from './judging.ts';
import { readSlipTexts } from './matchings.ts';
import { NotAllowed, NotFound } from './refusal.ts';
import { ownSet } from './studentSets.ts';

export async function studentFeedback(
  database: Database,
  check: Checker,
  jobs: StudentJobs,
  studentId: string,
  setId: string,
): Promise<ShownFeedback> {
  const { set } = await ownSet(database, studentId, setId);
  if (set.releasedAt === null) throw new NotAllowed('Marks of this set are not released yet.');
  const frame = await readFrame(database, setId);
  const waiting = await findSubmission(database, setId, studentId);
  if (waiting && waiting.checkedAs !== frame.current) await judge(database, check, frame, [waiting]);
  const [row, decisions, [student], texts, entering] = await Promise.all([
    findSubmission(database, setId, studentId),
    findDecisions(database, setId, [studentId]),
    findStudents(database, [studentId]),
    readSlipTexts(database),
    enteringStyleOf(database, frame.rules),
  ]);
  if (!row || !student) throw new NotFound('set for you');
  return jobs.feedback({
    title: set.title,
    set: frame.set,
    accepted: frame.accepted,
    student: toStudent(student, row, decisions, frame),
    rules: frame.rules,
    entering,
    texts,
  });
}
