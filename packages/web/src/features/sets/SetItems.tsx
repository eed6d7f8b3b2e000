/** The exercises of a set in their order: moved, marked, removed. */
import type { KeptSet, SetItem } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Item } from './Item.tsx';
import { MovableItems } from '../../ui/MovableItems.tsx';
import type { useContents } from './useContents.ts';
import type { InPlace } from './useItemBodies.ts';
import { say } from '../../words/say.ts';

interface SetItemsProps {
  readonly kept: KeptSet;
  readonly items: readonly SetItem[];
  readonly bodyOf: (item: SetItem) => InPlace;
  readonly contents: ReturnType<typeof useContents>;
  readonly onChange: (change: { readonly items: SetItem[] }) => void;
}

export function SetItems({ kept, items, bodyOf, contents, onChange }: SetItemsProps) {
  // What is typed stands until it is written; what is not being typed is the server's.
  const [marks, setMarks] = useState<Readonly<Record<string, string>>>({});
  const writeMarks = (item: SetItem) => {
    const text = marks[item.id];
    if (text === undefined) return;
    const number = Number(text.replace(',', '.'));
    setMarks(({ [item.id]: _gone, ...rest }) => rest);
    if (text.trim() !== '' && !(number > 0)) return;
    const { marks: _before, ...plain } = item;
    const changed = text.trim() === '' ? plain : { ...plain, marks: number };
    onChange({ items: items.map((each) => (each.id === item.id ? changed : each)) });
  };
  return (
    <>
      {items.length === 0 && (
        <div className="sheet block">
          <h2 className="called">{say('No exercise in it yet')}</h2>
          <p>{say('Choose one below; the others follow, and each can be moved.')}</p>
        </div>
      )}
      <MovableItems what={say('Exercise')} ids={items.map(({ id }) => id)} onDrop={contents.drop}>
        {items.map((item, at) => (
          <Item
            key={item.id}
            at={at}
            item={item}
            setId={kept.id}
            {...bodyOf(item)}
            marks={marks[item.id]}
            onMarks={(text) => setMarks({ ...marks, [item.id]: text })}
            onMarksWritten={() => writeMarks(item)}
            onMove={(by) => contents.move(item.id, by)}
            onRemove={() => contents.remove(item)}
          />
        ))}
      </MovableItems>
    </>
  );
}
