/** Links and codes to hand out: a strip a student, to print and cut, or copied as a list. */
import { Button } from '@mantine/core';
import type { StudentCodes } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useSet } from '../../api/setRecords.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { ReadByPhone } from '../../ui/ReadByPhone.tsx';
import { Failed, LoadingPage } from '../../ui/States.tsx';
import { useStudentCodes } from './liveRecords.ts';
import styles from './Live.module.css';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

/** The part after # is never sent with an address, so it stands in no log. */
const linkOf = (token: string): string => `${window.location.origin}/in#${token}`;

export function CodesPage() {
  const { setId = '' } = useParams();
  const set = useSet(setId);
  const codes = useStudentCodes(setId);
  const [copied, setCopied] = useState('');
  if (codes.isError) return <Failed what={say('list')} error={codes.error} again={() => void codes.refetch()} />;
  if (set.isError && !set.data) return <Failed what={say('set')} error={set.error} again={() => void set.refetch()} />;
  if (!set.data || !codes.data) return <LoadingPage title={say('Links and codes')} what={say('links and codes')} />;
  const { students } = codes.data;
  const copy = async () => {
    const lines = students.map(({ name, number, token, code }) => [name, number, linkOf(token), code].join('\t'));
    try {
      await navigator.clipboard.writeText(lines.join('\n'));
      setCopied(say('Copied: name, number, link and code, a line each.'));
    } catch {
      setCopied(say('The clipboard cannot be reached here; print the strips instead.'));
    }
  };
  return (
    <>
      <PageHead
        title={say('{{title}}, links and codes', { title: set.data.title })}
        where={
          <>
            <Link to="/sets">{say('Sets')}</Link> · <Link to={`/sets/${setId}`}>{set.data.title}</Link> ·{' '}
            <Link to={`/sets/${setId}/live`}>{say('Live')}</Link>
          </>
        }
        heading={<h1>{say('Links and codes')}</h1>}
      >
        <Button onClick={() => void copy()}>{say('Copy as a list')}</Button>
        <Button variant="filled" onClick={() => window.print()}>
          {say('Print')}
        </Button>
      </PageHead>
      <p className="soft">
        {say(
          'Each link opens one student’s own page, on any device, until you make another. The code stands on the student’s question sheet too.',
        )}{' '}
        {copied && <span role="status">{copied}</span>}
      </p>
      <section aria-label={say('Strips')} className={`sheet ${styles.strips}`}>
        {students.map((student) => (
          <Strip key={student.id} title={set.data.title} student={student} />
        ))}
      </section>
    </>
  );
}

function Strip({ title, student }: { readonly title: string; readonly student: StudentCodes['students'][number] }) {
  const link = linkOf(student.token);
  return (
    <div className={styles.strip}>
      <ReadByPhone link={link} of={student.name} />
      <div>
        <strong>{student.name}</strong>
        <div className="soft">
          {student.number} · {title}
        </div>
        <div>
          <Said
            text="{{host}}/in · <code>{{code}}</code>"
            values={{ host: window.location.host, code: student.code }}
            parts={{ code: <code /> }}
          />
        </div>
        <a href={link}>{say('open the page')}</a>
      </div>
    </div>
  );
}
