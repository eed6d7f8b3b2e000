/** Tags of a case: words parted by commas, typed in one small field. */
import { useState } from 'react';
import styles from './BenchPage.module.css';
import { say } from '../../words/say.ts';

export function TagsField({
  tags,
  onChange,
}: {
  readonly tags: readonly string[];
  readonly onChange: (tags: readonly string[]) => void;
}) {
  const [typed, setTyped] = useState<string>();
  const keep = () => {
    if (typed === undefined) return;
    onChange(
      [
        ...new Set(
          typed
            .split(',')
            .map((tag) => tag.trim().slice(0, 40))
            .filter((tag) => tag !== ''),
        ),
      ].slice(0, 20),
    );
    setTyped(undefined);
  };
  return (
    <input
      className={`control quiet ${styles.tags}`}
      aria-label={say('tags, parted by commas')}
      placeholder={say('add tags')}
      maxLength={400}
      value={typed ?? tags.join(', ')}
      onChange={(event) => setTyped(event.currentTarget.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
      }}
    />
  );
}
