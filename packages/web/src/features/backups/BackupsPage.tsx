/** Backups of the whole book: made each day and by hand, looked into, downloaded, brought back. */
import { Button } from '@mantine/core';
import { backup as backupSchema, backupInside, backupList, type Backup } from '@hardy-sextant/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/call.ts';
import { Confirm } from '../../ui/Confirm.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { RowButton } from '../../ui/RowButton.tsx';
import { Empty, Failed, LoadingPage } from '../../ui/States.tsx';
import { momentInWords } from '../../ui/days.ts';
import { say } from '../../words/say.ts';

const key = ['backups'] as const;
const kinds: Readonly<Record<Backup['kind'], string>> = {
  daily: say('of the day'),
  'by-hand': say('made by hand'),
  'before-upgrade': say('before an upgrade'),
  'before-import': say('before a large import'),
  'before-bringing-back': say('before another was brought back'),
};

const sizeOf = (bytes: number): string => say('{{value}} MB', { value: (bytes / 1e6).toFixed(1) });

function useBackups() {
  const queries = useQueryClient();
  const list = useQuery({ queryKey: key, queryFn: ({ signal }) => call('/backups', backupList, { signal }) });
  const make = useMutation({
    mutationFn: () => call('/backups', backupSchema, { method: 'POST' }),
    onSuccess: () => queries.invalidateQueries({ queryKey: key }),
  });
  const [bringing, setBringing] = useState<Backup>();
  const [done, setDone] = useState('');
  const bring = useMutation({
    mutationFn: (name: string) => call(`/backups/${name}/restored`, backupSchema, { method: 'POST' }),
    onSuccess: (before) => {
      setBringing(undefined);
      setDone(
        say('The book is as it was then. How it stood before is kept too: {{momentInWords}}.', {
          momentInWords: momentInWords(before.at),
        }),
      );
      // Everything that was read is of another time.
      return queries.resetQueries();
    },
  });
  return { list, make, bringing, setBringing, done, bring };
}

export function BackupsPage() {
  const { list, make, bringing, setBringing, done, bring } = useBackups();
  if (list.isError && !list.data)
    return <Failed what={say('list')} error={list.error} again={() => void list.refetch()} />;
  if (!list.data) return <LoadingPage title={say('Backups')} what={say('the backups')} />;
  const { backups, elsewhere } = list.data;
  return (
    <>
      <PageHead title={say('Backups')}>
        {!elsewhere && (
          <Button variant="filled" loading={make.isPending} onClick={() => make.mutate()}>
            {say('Make one now')}
          </Button>
        )}
      </PageHead>
      <p className="soft">
        {elsewhere
          ? say('This book stands on a database server, which makes its own backups.')
          : say(
              'One is made each day this runs, and before upgrades and large imports. The last 7 days, 4 weeks and 12 months stay.',
            )}
      </p>
      {done && <p role="status">{done}</p>}
      {make.error && (
        <p role="alert" className="wrong">
          {make.error.message}
        </p>
      )}
      {backups.length === 0 && !elsewhere && (
        <Empty title={say('No backup yet')}>{say('The first is made by itself, or now.')}</Empty>
      )}
      {backups.length > 0 && <BackupsTable backups={backups} onBring={setBringing} />}
      <Confirm
        opened={bringing !== undefined}
        title={say('Bring this backup back?')}
        act={say('Bring it back')}
        danger
        busy={bring.isPending}
        error={bring.error}
        onClose={() => setBringing(undefined)}
        onAct={() => bringing && bring.mutate(bringing.name)}
      >
        <p>
          {bringing &&
            say(
              'Everything becomes what it was {{moment}}: classes, sets, answers, marks, people. How it stands now is kept as a backup first.',
              { moment: momentInWords(bringing.at) },
            )}
        </p>
      </Confirm>
    </>
  );
}

interface BackupsTableProps {
  readonly backups: readonly Backup[];
  readonly onBring: (backup: Backup) => void;
}

function BackupsTable({ backups, onBring }: BackupsTableProps) {
  return (
    <section className="sheet wide" aria-label={say('All backups')}>
      <table className="ledger">
        <thead>
          <tr>
            <th scope="col" className="words">
              {say('When')}
            </th>
            <th scope="col" className="words">
              {say('Why')}
            </th>
            <th scope="col">{say('Size')}</th>
            <th scope="col" className="words">
              <span className="visually-hidden">{say('What can be done')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {backups.map((each) => (
            <Row key={each.name} backup={each} onBring={() => onBring(each)} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function Row({ backup, onBring }: { readonly backup: Backup; readonly onBring: () => void }) {
  const look = useMutation({ mutationFn: () => call(`/backups/${backup.name}`, backupInside) });
  return (
    <tr>
      <td className="words">{momentInWords(backup.at)}</td>
      <td className="words">
        {kinds[backup.kind]}
        {look.data && (
          <span className="soft" role="status">
            {' '}
            {Object.entries(look.data.counts)
              .map(([what, count]) => `${count} ${what}`)
              .join(', ')}
          </span>
        )}
        {look.error && (
          <span className="wrong" role="alert">
            {' '}
            {look.error.message}
          </span>
        )}
      </td>
      <td>{sizeOf(backup.size)}</td>
      <td className="words">
        <RowButton
          label={say('look into the backup of {{momentInWords}}', { momentInWords: momentInWords(backup.at) })}
          onAct={() => look.mutate()}
        >
          {say('Look into it')}
        </RowButton>
        <Button
          size="compact-xs"
          variant="subtle"
          component="a"
          href={`/api/backups/${backup.name}/file`}
          aria-label={say('download the backup of {{momentInWords}}', { momentInWords: momentInWords(backup.at) })}
        >
          {say('Download')}
        </Button>
        <RowButton
          label={say('bring back the backup of {{momentInWords}}', { momentInWords: momentInWords(backup.at) })}
          onAct={onBring}
        >
          {say('Bring back')}
        </RowButton>
      </td>
    </tr>
  );
}
