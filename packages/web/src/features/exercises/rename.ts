/** A given renamed everywhere it is used: story, prompts, slots, expressions, limits. */

import { mapTexts, type Exercise, type PartAsk, type StoryNode } from '@hardy-sextant/core';

function inText(text: string, from: string, to: string): string {
  return text.replace(new RegExp(`(?<![a-z0-9])${from.replace(/[^a-z0-9 ]/gi, '\\$&')}(?![a-z0-9])`, 'gi'), to);
}

function inStory(node: StoryNode, from: string, to: string): StoryNode {
  return {
    ...node,
    ...(node.type === 'given' && node.attrs?.name === from ? { attrs: { name: to } } : {}),
    ...(node.content ? { content: node.content.map((child) => inStory(child, from, to)) } : {}),
  };
}

const inRecord = <T extends object>(record: T, from: string, to: string): T =>
  mapTexts(record, (text) => inText(text, from, to));

/** The exercise with one given called otherwise; an empty new name changes the given alone. */
export function renamed(exercise: Exercise, from: string, to: string): Exercise {
  if (from.trim() === '' || to.trim() === '') return exercise;
  const ask = (each: PartAsk): PartAsk => ({
    ...each,
    ...(each.quantity === 'expression' ? { text: inText(each.text, from, to) } : {}),
    ...(each.args ? { args: inRecord(each.args, from, to) } : {}),
  });
  return {
    ...exercise,
    story: inStory(exercise.story, from, to),
    givens: exercise.givens?.map((given) =>
      given.vary.by === 'expression'
        ? { ...given, vary: { ...given.vary, text: inText(given.vary.text, from, to) } }
        : given,
    ),
    limits: exercise.limits?.map((limit) =>
      'given' in limit.of && limit.of.given === from ? { ...limit, of: { given: to } } : limit,
    ),
    plans: exercise.plans.map((plan) => ({
      ...plan,
      draft: {
        ...plan.draft,
        slots: inRecord(plan.draft.slots, from, to),
        changes: plan.draft.changes.map((change) => ({ ...change, texts: inRecord(change.texts, from, to) })),
        ...(plan.draft.buildUp ? { buildUp: inRecord(plan.draft.buildUp, from, to) } : {}),
      },
    })),
    parts: exercise.parts.map((part) => ({
      ...part,
      prompt: part.prompt.replaceAll(`{${from}}`, `{${to}}`),
      ask: ask(part.ask),
      readings: part.readings?.map((reading) => ({ ...reading, ask: ask(reading.ask) })),
    })),
  };
}
