/** The five values as they were entered into a tool, and its settings: a place for each. */
import { enteredNames, enteredTitles } from '@hardy-sextant/core';
import type { AnswerPlace } from './answerPlace.ts';
import styles from './Student.module.css';

export function EnteredFields({ partId, place }: { readonly partId: string; readonly place: AnswerPlace }) {
  return (
    <div className={styles['entered']}>
      {enteredNames.map((name) => (
        <label key={name}>
          {enteredTitles[name]}
          <input
            autoComplete="off"
            maxLength={200}
            value={place.textOf(`${partId}.${name}`)}
            readOnly={!place.write}
            onChange={(event) => place.write?.(`${partId}.${name}`, event.currentTarget.value)}
          />
          {place.noteOf?.(`${partId}.${name}`)}
        </label>
      ))}
    </div>
  );
}
