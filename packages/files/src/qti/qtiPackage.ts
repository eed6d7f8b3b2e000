/** A QTI 3.0 package: an item for each set of numbers of each exercise, and the manifest that names them, in a zip. */

import { zipSync, strToU8 } from 'fflate';
import { drawNumbers, type Exercise, type HouseRules, type Numbers } from '@hardy-sextant/core';
import { ZIP, type FileKind } from '../format.ts';
import { formulaSetter } from '../papers/formula.ts';
import { xmlText } from '../xmlTree.ts';
import { qtiItem, type QtiItem } from './qtiItem.ts';
import { readQtiPackage } from './readQti.ts';

export interface QtiForm {
  readonly title: string;
  /** Items of each exercise, each with numbers of its own; 0 is one item with those of the exercise. */
  readonly draws: number;
  readonly onItem?: ((done: number) => void) | undefined;
}

const MANIFEST = 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1';
const METADATA = 'http://ltsc.ieee.org/xsd/LOM';

/** @returns the bytes of the zip */
export async function qtiPackage(
  exercises: readonly Exercise[],
  rules: HouseRules,
  { title, draws, onItem }: QtiForm,
): Promise<Uint8Array> {
  const formula = await formulaSetter();
  const files: Record<string, Uint8Array> = {};
  const items = exercises.flatMap((exercise, at) =>
    numbersOf(exercise, draws, rules).map((numbers, draw): QtiItem => ({
      identifier: `exercise-${at + 1}${draws > 0 ? `-${draw + 1}` : ''}`,
      exercise,
      numbers,
    })),
  );
  for (const [at, item] of items.entries()) {
    files[`items/${item.identifier}.xml`] = strToU8(qtiItem(item, rules, formula));
    onItem?.(at + 1);
    await Promise.resolve();
  }
  files['imsmanifest.xml'] = strToU8(manifest(title, items));
  return zipSync(files);
}

/** Different sets of numbers, as many as can be drawn of those asked for. */
function numbersOf(exercise: Exercise, draws: number, rules: HouseRules): Numbers[] {
  if (draws === 0) return [{}];
  const found = new Map<string, Numbers>();
  for (let at = 0; at < draws * 3 && found.size < draws; at += 1) {
    const drawn = drawNumbers(exercise, `item ${at + 1}`, rules);
    if (drawn.ok) found.set(JSON.stringify(drawn.value), drawn.value);
  }
  return found.size === 0 ? [{}] : [...found.values()];
}

function manifest(title: string, items: readonly QtiItem[]): string {
  const resources = items.map(
    ({ identifier }) =>
      `<resource identifier="R-${identifier}" type="imsqti_item_xmlv3p0" href="items/${identifier}.xml"><file href="items/${identifier}.xml"/></resource>`,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>
<manifest xmlns="${MANIFEST}" identifier="hardy-sextant-exercises">
<metadata>
<schema>QTI Package</schema>
<schemaversion>3.0.0</schemaversion>
<lom xmlns="${METADATA}"><general><title><string language="en">${xmlText(title)}</string></title></general></lom>
</metadata>
<organizations/>
<resources>
${resources.join('\n')}
</resources>
</manifest>
`;
}

export const exercisesAsQti = {
  id: 'exercises-qti',
  name: 'a QTI 3.0 package',
  ...ZIP,
  reads: readQtiPackage,
  writes: qtiPackage,
} satisfies FileKind & Record<string, unknown>;
