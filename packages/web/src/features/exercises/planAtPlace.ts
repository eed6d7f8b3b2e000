/** The plan that is looked at; the last one where there are fewer. */

import { nth } from '@hardy-sextant/core';
import type { Exercise, ExercisePlan } from '@hardy-sextant/core';

export function planAtPlace({ plans }: Exercise, at: number): ExercisePlan {
  return nth(plans, Math.min(at, plans.length - 1));
}
