/** What can be done with house rules besides changing them: others made after them, deleted with a way back. */
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { usualRulesId, type KeptRules } from '@hardy-sextant/contract';
import { useRestore } from '../../api/records.ts';
import { useDeleteRules, useWriteRules } from '../../api/rulesRecords.ts';
import { showUndo } from '../../ui/showUndo.tsx';

interface RulesActsProps {
  readonly kept: KeptRules;
  /** Shows other rules; those with an empty id stand for the usual ones. */
  readonly onShow: (id: string) => void;
}

export function RulesActs({ kept, onShow }: RulesActsProps) {
  const write = useWriteRules();
  const remove = useDeleteRules();
  const restore = useRestore();
  const { id, name, rules } = kept;
  const say = (error: Error) => notifications.show({ message: error.message });
  const copy = () =>
    write.mutate(
      { name: `${name}, otherwise`.slice(0, 60), rules },
      {
        onSuccess: (made) => {
          notifications.show({ message: 'Name them and change them; a class follows them once it picks them.' });
          onShow(made.id);
        },
        onError: say,
      },
    );
  const erase = () =>
    remove.mutate(id, {
      onSuccess: () => {
        showUndo(`“${name}” is in the bin.`, () => restore.mutateAsync({ kind: 'rules', id }));
        onShow('');
      },
      onError: say,
    });
  return (
    <>
      <Button onClick={copy} loading={write.isPending}>
        Copy to new rules
      </Button>
      {id !== usualRulesId && (
        <Button onClick={erase} loading={remove.isPending}>
          Delete them
        </Button>
      )}
    </>
  );
}
