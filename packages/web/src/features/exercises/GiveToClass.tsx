/** From an exercise to a class: a new set with it, or one more in a set that is being put together. */
import { Button, Menu } from '@mantine/core';
import { emptySet } from '@hardy-sextant/contract';
import { Link, useNavigate } from 'react-router';
import { callFor } from '../../api/call.ts';
import { newPlace } from '../../ui/newPlace.ts';
import { classInWords, useClasses, useSets } from '../../api/records.ts';
import { useMakeSet } from '../../api/setRecords.ts';
import { useQueryClient } from '@tanstack/react-query';
import { notifications } from '@mantine/notifications';
import { say } from '../../words/say.ts';

export function GiveToClass({ exerciseId, title }: { readonly exerciseId: string; readonly title: string }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const classes = useClasses();
  const sets = useSets({ state: 'open' });
  const make = useMakeSet();
  const open = sets.data?.rows ?? [];
  const failed = (error: Error) => notifications.show({ color: 'red', message: error.message });
  const begin = (classId: string) =>
    make.mutate(
      {
        classId,
        title: title.trim().slice(0, 160) || say('A new set'),
        document: { ...emptySet, items: [{ id: newPlace(), exerciseId }] },
      },
      { onSuccess: (kept) => void navigate(`/sets/${kept.id}`), onError: failed },
    );
  const addTo = (id: string) => {
    const set = open.find((each) => each.id === id)!;
    callFor(`/sets/${id}`, {
      method: 'PUT',
      body: {
        title: set.title,
        document: { ...set.document, items: [...set.document.items, { id: newPlace(), exerciseId }] },
        revision: set.revision,
      },
    }).then(async () => {
      await queries.invalidateQueries({ queryKey: ['sets'] });
      void navigate(`/sets/${id}`);
    }, failed);
  };
  return (
    <Menu position="bottom-end" shadow="sm">
      <Menu.Target>
        <Button variant="filled" loading={make.isPending}>
          {say('Give it to a class ▾')}
        </Button>
      </Menu.Target>
      <Menu.Dropdown mah={420} style={{ overflowY: 'auto' }}>
        {classes.data?.total === 0 && (
          <Menu.Item component={Link} to="/classes">
            {say('There is no class yet: make one')}
          </Menu.Item>
        )}
        {classes.data && classes.data.total > 0 && <Menu.Label>{say('A new set for')}</Menu.Label>}
        {classes.data?.rows.map((each) => (
          <Menu.Item key={each.id} onClick={() => begin(each.id)}>
            {classInWords(each)}
          </Menu.Item>
        ))}
        {open.length > 0 && <Menu.Label>{say('One more in')}</Menu.Label>}
        {open.map((set) => (
          <Menu.Item key={set.id} onClick={() => addTo(set.id)}>
            {set.title}
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
