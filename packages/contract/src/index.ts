/** What crosses the wire and what is stored: Zod schemas and the types inferred from them. */
import './plainZod.ts';

export * from './statement.ts';
export * from './cases.ts';
export * from './exercises.ts';
export * from './houseRules.ts';
export * from './classes.ts';
export * from './verdicts.ts';
export * from './sets.ts';
export * from './marking.ts';
export * from './worksheets.ts';
export * from './enteringStyles.ts';
export * from './problem.ts';
export * from './backups.ts';
export * from './bin.ts';
export * from './demo.ts';
export * from './people.ts';
export * from './students.ts';
export * from './lists.ts';
export * from './text.ts';
