/** Every format in and out, one file each; used by the pages and by the server. */
export * from './answers.ts';
export * from './csv.ts';
export * from './exercises.ts';
export * from './format.ts';
export * from './formats.ts';
export * from './marks.ts';
export * from './roster.ts';
export * from './studentFinder.ts';
export * from './tableFiles.ts';
