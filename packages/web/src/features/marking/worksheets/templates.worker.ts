/** Templates are written here, one after the other, so that the page goes on meanwhile. */
import { expose } from 'comlink';
import { filesZip, sheetTemplate, templateName, type TemplateStudent } from '@hardy-sextant/files';
import type { Exercise, HouseRules, Numbers } from '@hardy-sextant/core';

export interface TemplateOf {
  readonly student: TemplateStudent;
  readonly numbers: Numbers;
}

export type TemplateKind = 'xlsx' | 'ods';

const worker = {
  one: (exercise: Exercise, rules: HouseRules, as: TemplateKind): Promise<Uint8Array> =>
    sheetTemplate(exercise, {}, rules, undefined, as),

  /** @param done how many are written so far */
  async each(
    exercise: Exercise,
    rules: HouseRules,
    students: readonly TemplateOf[],
    as: TemplateKind,
    done: (count: number) => void,
  ): Promise<Uint8Array> {
    const files: Record<string, Uint8Array> = {};
    for (const { student, numbers } of students) {
      const name = templateName(exercise, student).replace(/\.xlsx$/, `.${as}`);
      files[name] = await sheetTemplate(exercise, numbers, rules, student, as);
      done(Object.keys(files).length);
    }
    return filesZip(files);
  },
};

export type TemplatesWorker = typeof worker;

expose(worker);
