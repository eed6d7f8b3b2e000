/** Answers that nothing explains, gathered by number, and a search for what would give one. */
import { Button } from '@mantine/core';
import {
  answerKeyOf,
  numberStyleById,
  whatGives,
  writeAnswer,
  type HouseRules,
  type Numbers,
  type WhatGives,
} from '@hardy-sextant/core';
import { useState } from 'react';
import { gatherAlike, type Cell, type Column } from './causes.ts';
import { Field } from '../../ui/Field.tsx';
import styles from './Marking.module.css';
import { many, say } from '../../words/say.ts';

interface UnexplainedProps {
  /** The unexplained and unreadable answers. */
  readonly open: readonly Cell[];
  readonly columns: readonly Column[];
  /** The answer looked at, whose part and numbers a search starts with. */
  readonly cell: Cell | undefined;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
  readonly onChoose: (cell: Cell) => void;
}

export function Unexplained({ open, columns, cell, numbers, rules, onChoose }: UnexplainedProps) {
  const sorted = [...gatherAlike(open).values()].sort((a, b) => b.length - a.length);
  return (
    <section className={`sheet ${styles.panel}`} style={{ marginTop: 12 }} aria-label={say('Not explained')}>
      <h2>{say('Not explained')}</h2>
      {sorted.length === 0 && <p className="soft">{say('Every answer shown has a cause.')}</p>}
      <ul className="list picks" aria-label={say('By number')}>
        {sorted.slice(0, 8).map(([first, ...others]) => (
          <li key={first.key}>
            <button type="button" onClick={() => onChoose(first)}>
              <span>
                {columns.find(({ id }) => id === first.column)?.name.split(' · ')[0]} · {first.text.slice(0, 40)}
              </span>
              <span>× {others.length + 1}</span>
            </button>
          </li>
        ))}
      </ul>
      {sorted.length > 8 && (
        <p className="soft">{many(sorted.length - 8, '{{count}} more number.', '{{count}} more numbers.')}</p>
      )}
      {cell && <Search key={cell.column + cell.student.id} cell={cell} numbers={numbers} rules={rules} />}
    </section>
  );
}

function Search({
  cell,
  numbers,
  rules,
}: {
  readonly cell: Cell;
  readonly numbers: Numbers;
  readonly rules: HouseRules;
}) {
  const [text, setText] = useState(cell.text.length < 40 ? cell.text : '');
  const [found, setFound] = useState<WhatGives | 'none'>();
  const search = () => {
    const keyed = answerKeyOf(cell.assigned.exercise, cell.part.id, numbers, rules);
    setFound(keyed.ok && keyed.value.question ? whatGives(keyed.value.question, text, rules) : 'none');
  };
  const style = numberStyleById(rules.numberStyle);
  return (
    <>
      <h3>{say('What would give…')}</h3>
      <form
        className="ends"
        onSubmit={(event) => {
          event.preventDefault();
          search();
        }}
      >
        <Field
          className="grow"
          label={say('what would give this number in part {{id}}', { id: cell.part.id })}
          value={text}
          onText={setText}
          placeholder={writeAnswer(1642.38, { kind: 'money', decimals: 2 }, { numberStyle: style.id })}
        />
        <Button type="submit" size="compact-md">
          {say('Search')}
        </Button>
      </form>
      <div role="status">
        {found === 'none' && (
          <p>{say('This part is worked out from other answers; search in the part that they come from.')}</p>
        )}
        {found !== undefined && found !== 'none' && (
          <ul className="list ruled">
            {found.explanations.map((each) => (
              <li key={each.slips.join() + each.says}>
                <strong>{each.title}.</strong> {each.says}
              </li>
            ))}
            {found.inputs.map((each) => (
              <li key={each.says}>{say('All else right: {{says}}.', { says: each.says })}</li>
            ))}
            {found.explanations.length + found.inputs.length === 0 && (
              <li>{say('No slip, no pair of slips and no single changed number gives this.')}</li>
            )}
          </ul>
        )}
      </div>
    </>
  );
}
