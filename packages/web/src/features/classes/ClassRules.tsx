/** Which house rules a class follows: picked here, changed on their own page. */
import { Select } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { ClassWithStudents } from '@hardy-sextant/contract';
import { rulesInWords } from '@hardy-sextant/core';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { useRules } from '../../api/rulesRecords.ts';
import { useWriteClass } from '../../api/setRecords.ts';
import { say } from '../../words/say.ts';

export function ClassRules({ kept }: { readonly kept: ClassWithStudents }) {
  const rules = useRules();
  const write = useWriteClass();
  const queries = useQueryClient();
  const { id, code, title, college, term, rulesId, revision } = kept;
  const pick = (next: string | null) =>
    next !== null &&
    next !== rulesId &&
    write.mutate(
      { id, code, title, college, term, rulesId: next, revision },
      {
        onSuccess: ({ rulesName }) =>
          notifications.show({
            message: say('{{code}} follows “{{rulesName}}” now; its answers are judged by them.', { code, rulesName }),
          }),
        // Changed in another window: what stands now is read, so that the next pick goes on from it.
        onError: (error) => {
          notifications.show({ message: error.message });
          void queries.invalidateQueries({ queryKey: ['classes', id] });
        },
      },
    );
  return (
    <section className="sheet block">
      <h2 className="label">{say('House rules')}</h2>
      <Select
        aria-label={say('house rules of the class')}
        allowDeselect={false}
        disabled={write.isPending}
        data={rules.data?.map((each) => ({ value: each.id, label: each.name })) ?? []}
        value={rulesId}
        onChange={pick}
      />
      <p className="soft">{rulesInWords(kept.rules)}</p>
      <p>
        <Link to={`/rules?of=${rulesId}`}>{say('Look at them')}</Link>
      </p>
    </section>
  );
}
