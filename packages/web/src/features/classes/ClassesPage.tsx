/** Classes: who is in them; a new one is made here. */
import { Button, Modal, Select } from '@mantine/core';
import { newClass, usualRulesId, type KeptClass, type NewClass } from '@hardy-sextant/contract';
import { schemaResolver, useForm } from '@mantine/form';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ArchivedToo } from '../../ui/ArchivedToo.tsx';
import { FindField } from '../../ui/FindField.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Pages } from '../../ui/Pages.tsx';
import { UnreadableRows } from '../../ui/UnreadableRows.tsx';
import { useClasses } from '../../api/records.ts';
import { useRules } from '../../api/rulesRecords.ts';
import { useWriteClass } from '../../api/setRecords.ts';
import { pageIn, useSearchSetting } from '../../ui/useSearchSetting.ts';
import { Empty, Failed, Loading } from '../../ui/States.tsx';
import { FromOneRoster } from './FromOneRoster.tsx';
import { ClassFields } from './ClassFields.tsx';
import { say } from '../../words/say.ts';

/** More classes than this are easier searched than looked through. */
const FEW = 12;

export function ClassesPage() {
  const [search, set] = useSearchSetting();
  const find = search.get('find') ?? '';
  const page = pageIn(search);
  const archived = search.get('archived') === 'yes' ? ('yes' as const) : ('no' as const);
  const classes = useClasses({ find, page, archived });
  const [making, setMaking] = useState(false);
  const [bringing, setBringing] = useState(false);
  return (
    <>
      <PageHead title={say('Classes')}>
        <ArchivedToo archived={archived === 'yes'} onChange={(on) => set('archived', on ? 'yes' : '')} />
        <Button component={Link} to="/bin">
          {say('Bin')}
        </Button>
        <Button onClick={() => setBringing(true)}>{say('From OneRoster')}</Button>
        <Button variant="filled" onClick={() => setMaking(true)}>
          {say('New class')}
        </Button>
      </PageHead>
      {(find !== '' || (classes.data?.total ?? 0) > FEW) && (
        <FindField
          label={say('find a class')}
          placeholder={say('Find by code, course, term or college')}
          w={320}
          mb="sm"
          find={find}
          onFind={(text) => set('find', text)}
        />
      )}
      <UnreadableRows rows={classes.data?.unreadable} />
      {classes.isPending && <Loading what={say('your classes')} />}
      {classes.isError && !classes.data && (
        <Failed what={say('classes')} error={classes.error} again={() => void classes.refetch()} />
      )}
      {classes.data?.total === 0 && find === '' && archived === 'no' && (
        <Empty title={say('No classes yet')}>
          <p>{say('A class has students, house rules and sets. Make one, then paste its roster.')}</p>
        </Empty>
      )}
      {classes.data?.total === 0 && find !== '' && <p className="soft">{say('No class fits. Try fewer letters.')}</p>}
      {classes.data?.total === 0 && find === '' && archived === 'yes' && (
        <p className="soft">{say('No class is archived.')}</p>
      )}
      {classes.data && classes.data.rows.length > 0 && <ClassTable classes={classes.data.rows} />}
      {classes.data && (
        <Pages
          of="classes"
          total={classes.data.total}
          page={classes.data.page}
          onPage={(to) => set('page', String(to))}
        />
      )}
      {bringing && <FromOneRoster onClose={() => setBringing(false)} college={classes.data?.rows[0]?.college ?? ''} />}
      {making && <NewClassForm onClose={() => setMaking(false)} college={classes.data?.rows[0]?.college ?? ''} />}
    </>
  );
}

function ClassTable({ classes }: { readonly classes: readonly KeptClass[] }) {
  return (
    <table className="ledger sheet" style={{ maxWidth: 860 }}>
      <thead>
        <tr>
          <th className="words">{say('Class')}</th>
          <th className="words">{say('Course')}</th>
          <th className="words">{say('Term')}</th>
          <th className="words">{say('College')}</th>
          <th>{say('Students')}</th>
        </tr>
      </thead>
      <tbody>
        {classes.map(({ id, code, title, term, college, students }) => (
          <tr key={id}>
            <td className="words">
              <Link to={`/classes/${id}`}>{code}</Link>
            </td>
            <td className="words">{title}</td>
            <td className="words">{term}</td>
            <td className="words">{college}</td>
            <td>{students}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function NewClassForm({ onClose, college }: { readonly onClose: () => void; readonly college: string }) {
  const navigate = useNavigate();
  const write = useWriteClass();
  const rules = useRules();
  const form = useForm<NewClass>({
    initialValues: { code: '', title: '', college, term: '', rulesId: usualRulesId },
    validate: schemaResolver(newClass, { sync: true }),
  });
  const make = form.onSubmit((values) =>
    write.mutate(values, { onSuccess: (kept) => void navigate(`/classes/${kept.id}`) }),
  );
  return (
    <Modal opened onClose={onClose} title={say('New class')}>
      <form onSubmit={make} noValidate className="stack">
        <ClassFields form={form} />
        <Select
          label={say('House rules')}
          allowDeselect={false}
          data={rules.data?.map(({ id, name }) => ({ value: id, label: name })) ?? []}
          {...form.getInputProps('rulesId')}
        />
        {write.error && <p role="alert">{write.error.message}</p>}
        <Button type="submit" variant="filled" loading={write.isPending}>
          {say('Make the class')}
        </Button>
      </form>
    </Modal>
  );
}
