/** What one student reads about their answers, on paper. */

import type { Feedback, FeedbackPart } from './feedback.ts';
import { plain, type PaperBlock, type PaperSheet } from './paper.ts';
import { stepBlocks } from './stepBlocks.ts';

export function feedbackSheet(
  title: string,
  { name, number, total, exercises }: Feedback,
  code: string | undefined,
): PaperSheet {
  return {
    who: `${name}, ${number}`,
    ...(code === undefined ? {} : { code }),
    blocks: [
      { kind: 'heading', level: 1, text: title },
      {
        kind: 'fields',
        fields: [
          { label: 'Name', value: `${name}, ${number}` },
          { label: 'Marks', value: total },
        ],
      },
      ...exercises.flatMap(({ title: exercise, story, parts }, at): PaperBlock[] => [
        {
          kind: 'together',
          blocks: [
            { kind: 'heading', level: 2, text: `${at + 1} · ${exercise}` },
            { kind: 'text', pieces: plain(story), soft: true },
          ],
        },
        ...parts.flatMap(partBlocks),
      ]),
    ],
  };
}

function partBlocks({
  id,
  prompt,
  answer,
  verdict,
  says,
  comment,
  rubric,
  marks,
  working,
  table,
}: FeedbackPart): PaperBlock[] {
  const question: PaperBlock = {
    kind: 'text',
    pieces: [{ text: `${id}  `, strong: true }, { text: prompt }],
    beside: marks,
  };
  const answered: PaperBlock = {
    kind: 'text',
    pieces: [
      ...(answer === ''
        ? []
        : [{ text: 'Your answer: ' }, { text: `${answer.slice(0, 200)}  `, strong: true as const }]),
      { text: verdict },
    ],
  };
  const lines = rubric.map(({ says: line, has }) => `${has ? 'Yes' : 'No'}: ${line}`);
  const known = [...says, ...lines, ...(comment === '' ? [] : [comment])].map((text): PaperBlock => ({
    kind: 'text',
    pieces: plain(text),
  }));
  return [
    { kind: 'together', blocks: [question, answered, ...known] },
    ...(table ? [table] : []),
    ...(working.length > 0 ? stepBlocks(working) : []),
  ];
}
