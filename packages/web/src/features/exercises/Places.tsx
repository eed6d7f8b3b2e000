/** The sentences about one place of an exercise, where it is. */
import type { ExerciseProblem } from '@hardy-sextant/core';

export function Places({ of, problems }: { readonly of: string; readonly problems: readonly ExerciseProblem[] }) {
  return problems
    .filter(({ place }) => place === of)
    .map(({ message }) => (
      <p key={message} role="alert" className="wrong">
        {message}
      </p>
    ));
}
