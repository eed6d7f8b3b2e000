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

/** The part after # is never sent with an address, so it stands in no log. */
const linkOf = (token: string): string => `${window.location.origin}/in#${token}`;

export function CodesPage() {
  const { setId = '' } = useParams();
  const set = useSet(setId);
  const codes = useStudentCodes(setId);
  const [copied, setCopied] = useState('');
  if (codes.isError) return <Failed what="list" error={codes.error} again={() => void codes.refetch()} />;
  if (set.isError && !set.data) return <Failed what="set" error={set.error} again={() => void set.refetch()} />;
  if (!set.data || !codes.data) return <LoadingPage title="Links and codes" what="links and codes" />;
  const { students } = codes.data;
  const copy = async () => {
    const lines = students.map(({ name, number, token, code }) => [name, number, linkOf(token), code].join('\t'));
    try {
      await navigator.clipboard.writeText(lines.join('\n'));
      setCopied('Copied: name, number, link and code, a line each.');
    } catch {
      setCopied('The clipboard cannot be reached here; print the strips instead.');
    }
  };
  return (
    <>
      <PageHead
        title={`${set.data.title}, links and codes`}
        where={
          <>
            <Link to="/sets">Sets</Link> · <Link to={`/sets/${setId}`}>{set.data.title}</Link> ·{' '}
            <Link to={`/sets/${setId}/live`}>Live</Link>
          </>
        }
        heading={<h1>Links and codes</h1>}
      >
        <Button onClick={() => void copy()}>Copy as a list</Button>
        <Button variant="filled" onClick={() => window.print()}>
          Print
        </Button>
      </PageHead>
      <p className="soft">
        Each link opens one student’s own page, on any device, until you make another. The code stands on the student’s
        question sheet too. {copied && <span role="status">{copied}</span>}
      </p>
      <section aria-label="Strips" className={`sheet ${styles.strips}`}>
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
          {window.location.host}/in · <code>{student.code}</code>
        </div>
        <a href={link}>open the page</a>
      </div>
    </div>
  );
}
