/** What can be done with house rules besides changing them: others made after them, deleted with a way back. */
import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { usualRulesId, type KeptRules } from '@hardy-sextant/contract';
import { useRestore } from '../../api/records.ts';
import { useDeleteRules, useWriteRules } from '../../api/rulesRecords.ts';
import { tellAfter } from '../../api/tellAfter.ts';
import { showUndo } from '../../ui/showUndo.tsx';
import { say } from '../../words/say.ts';

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
  const tellWrong = (error: Error) => notifications.show({ message: error.message });
  const copy = () =>
    write.mutate(
      { name: say('{{name}}, otherwise', { name }).slice(0, 60), rules },
      {
        onSuccess: (made) => {
          notifications.show({ message: say('Name them and change them; a class follows them once it picks them.') });
          onShow(made.id);
        },
        onError: tellWrong,
      },
    );
  const erase = () =>
    tellAfter(
      remove.mutateAsync(id),
      () => {
        showUndo(say('“{{name}}” is in the bin.', { name }), () => restore.mutateAsync({ kind: 'rules', id }));
        onShow('');
      },
      tellWrong,
    );
  return (
    <>
      <Button onClick={copy} loading={write.isPending}>
        {say('Copy to new rules')}
      </Button>
      {id !== usualRulesId && (
        <Button onClick={erase} loading={remove.isPending}>
          {say('Delete them')}
        </Button>
      )}
    </>
  );
}
