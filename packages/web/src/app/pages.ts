/** Every page: where it is, how it is fetched, what it is called in the top bar and in the command search. */

import type { ComponentType } from 'react';
import { say } from '../words/say.ts';

export interface Page {
  /** As the address has it; `:name` is a record's id. */
  readonly path: string;
  /** Fetched when it is first visited. */
  readonly load: () => Promise<ComponentType>;
  /** Its name in the top bar. */
  readonly nav?: string;
  /** Whether an assistant, who marks and teaches nothing, has no use for it. */
  readonly teachers?: true;
  /** What the command search calls going there. */
  readonly command?: string;
}

export const pages: readonly Page[] = [
  {
    path: '/',
    load: async () => (await import('../features/desk/DeskPage.tsx')).DeskPage,
    nav: say('Desk'),
    command: say('Go to the Desk'),
  },
  {
    path: '/bench',
    teachers: true,
    load: async () => (await import('../features/bench/BenchPage.tsx')).NewCasePage,
    nav: say('Bench'),
    command: say('State a new case'),
  },
  { path: '/bench/:caseId', load: async () => (await import('../features/bench/BenchPage.tsx')).BenchPage },
  {
    path: '/bench/:caseId/papers',
    load: async () => (await import('../features/marking/papers/ExercisePapersPage.tsx')).CasePapersPage,
  },
  {
    path: '/cases',
    teachers: true,
    load: async () => (await import('../features/bench/CasesPage.tsx')).CasesPage,
    command: say('Go to the kept cases'),
  },
  {
    path: '/exercises',
    teachers: true,
    load: async () => (await import('../features/exercises/ExercisesPage.tsx')).ExercisesPage,
    nav: say('Exercises'),
    command: say('Go to the exercises'),
  },
  {
    path: '/exercises/from-text',
    teachers: true,
    load: async () => (await import('../features/exercises/text/FromTextPage.tsx')).FromTextPage,
    command: say('Paste a problem'),
  },
  {
    path: '/exercises/:exerciseId',
    load: async () => (await import('../features/exercises/ExercisePage.tsx')).ExercisePage,
  },
  {
    path: '/exercises/:exerciseId/papers',
    load: async () => (await import('../features/marking/papers/ExercisePapersPage.tsx')).ExercisePapersPage,
  },
  {
    path: '/sets',
    load: async () => (await import('../features/sets/SetsPage.tsx')).SetsPage,
    nav: say('Sets'),
    command: say('Go to the sets'),
  },
  { path: '/sets/:setId', load: async () => (await import('../features/sets/SetPage.tsx')).SetPage },
  { path: '/sets/:setId/marking', load: async () => (await import('../features/marking/MarkingPage.tsx')).MarkingPage },
  {
    path: '/sets/:setId/worksheets',
    load: async () => (await import('../features/marking/worksheets/WorksheetsPage.tsx')).WorksheetsPage,
  },
  {
    path: '/sets/:setId/papers',
    load: async () => (await import('../features/marking/papers/PapersPage.tsx')).PapersPage,
  },
  {
    path: '/sets/:setId/feedback',
    load: async () => (await import('../features/marking/FeedbackPage.tsx')).FeedbackPage,
  },
  {
    path: '/sets/:setId/went-wrong',
    load: async () => (await import('../features/marking/WentWrongPage.tsx')).WentWrongPage,
  },
  { path: '/sets/:setId/live', load: async () => (await import('../features/live/LivePage.tsx')).LivePage },
  { path: '/sets/:setId/live/:studentId', load: async () => (await import('../features/live/SeenPage.tsx')).SeenPage },
  { path: '/sets/:setId/codes', load: async () => (await import('../features/live/CodesPage.tsx')).CodesPage },
  {
    path: '/classes',
    load: async () => (await import('../features/classes/ClassesPage.tsx')).ClassesPage,
    nav: say('Classes'),
    command: say('Go to the classes'),
  },
  { path: '/classes/:classId', load: async () => (await import('../features/classes/ClassPage.tsx')).ClassPage },
  {
    path: '/rules',
    teachers: true,
    load: async () => (await import('../features/rules/RulesPage.tsx')).RulesPage,
    nav: say('House rules'),
    command: say('Go to the house rules'),
  },
  {
    path: '/people',
    teachers: true,
    load: async () => (await import('../features/people/PeoplePage.tsx')).PeoplePage,
    command: say('Go to the people'),
  },
  {
    path: '/backups',
    teachers: true,
    load: async () => (await import('../features/backups/BackupsPage.tsx')).BackupsPage,
    command: say('Go to the backups'),
  },
  {
    path: '/bin',
    teachers: true,
    load: async () => (await import('../features/bin/BinPage.tsx')).BinPage,
    command: say('Go to the bin'),
  },
];

/** Where a one-time link leads: for who is not signed in yet. */
export const welcomePage: Page = {
  path: '/welcome',
  load: async () => (await import('../features/people/WelcomePage.tsx')).WelcomePage,
};

/** Pages of students, in a frame of their own. */
export const studentPages: readonly Page[] = [
  { path: '/in', load: async () => (await import('../features/student/ComingInPage.tsx')).ComingInPage },
  { path: '/my', load: async () => (await import('../features/student/StudentHomePage.tsx')).StudentHomePage },
  { path: '/my/:setId', load: async () => (await import('../features/student/StudentSetPage.tsx')).StudentSetPage },
];
