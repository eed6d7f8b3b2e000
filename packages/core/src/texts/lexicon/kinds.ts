/** Words that say what kind of case it is. */

import type { ReadKind } from '../reading.ts';
import { drawnKinds } from './kindsDrawn.ts';
import { onceKinds } from './kindsOnce.ts';
import { owedKinds } from './kindsOwed.ts';
import { savedKinds } from './kindsSaved.ts';
import type { Cue } from './record.ts';

export const kindCues: readonly Cue<ReadKind>[] = [...savedKinds, ...onceKinds, ...drawnKinds, ...owedKinds];
