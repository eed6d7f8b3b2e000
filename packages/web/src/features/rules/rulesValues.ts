/** House rules and their name as the fields of one form. */

import type { UseFormReturnType } from '@mantine/form';
import type { HouseRules } from '@hardy-sextant/core';
import { houseRules, newRules, type KeptRules } from '@hardy-sextant/contract';

export type RulesValues = HouseRules & { readonly name: string };
export type RulesForm = UseFormReturnType<RulesValues>;

export const rulesValues = houseRules.and(newRules.pick({ name: true }));

export const valuesOf = ({ name, rules }: KeptRules): RulesValues => ({ ...rules, name });

export function namedRules({ name, ...rules }: RulesValues): { readonly name: string; readonly rules: HouseRules } {
  return { name, rules };
}
