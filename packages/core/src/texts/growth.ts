/** How many times itself a sum becomes, where a text says so in words. */

import type { Page } from './page.ts';

const parts: Readonly<Record<string, number>> = { half: 2, third: 3, quarter: 4, fifth: 5, tenth: 10 };

/** "double", "treble": so many times the amount. */
export function growthIn({ flat, tokens }: Pick<Page, 'flat' | 'tokens'>): number | undefined {
  // "one and a half times its value"
  const times = /⟨n(\d+)⟩ times (?:its|the|that|as (?:much|large|big)|what)/.exec(flat)?.[1];
  if (times !== undefined) return tokens[Number(times)]?.value;
  if (/(?:^|[^a-z])(?:doubl(?:e|es|ed|ing)|twice (?:its|the|that|as (?:much|large|big|great)|his|her|what))/.test(flat))
    return 2;
  if (/(?:^|[^a-z])(?:tripl(?:e|es|ed|ing)|trebl(?:e|es|ed|ing)|three times (?:its|the|that|as much|what))/.test(flat))
    return 3;
  const part =
    /(?:increases?|grows?|grown|grew|rises?|risen|gains?|gained|goe?s? up|gone up) by (?:an? |one )?(half|third|quarter|fifth|tenth)(?![a-z])/.exec(
      flat,
    )?.[1];
  if (part !== undefined) return 1 + 1 / (parts[part] ?? NaN);
  // "a quarter" is a period as well.
  const quarter = /(?:increases?|grows?|grown|grew|rises?|risen|gains?|gained) by ⟨[ea](\d+)⟩/.exec(flat)?.[1];
  if (quarter !== undefined && tokens[Number(quarter)]?.value === 4) return 1.25;
  if (/to one and a half times|half as much again|one and a half times/.test(flat)) return 1.5;
  if (/(?:^|[^a-z])(?:quadrupl(?:e|es|ed|ing)|four times (?:its|the|that|as much|what))/.test(flat)) return 4;
  return undefined;
}
