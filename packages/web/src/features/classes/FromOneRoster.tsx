/** Classes and rosters from a zip of OneRoster: looked at, chosen, taken in together. */
import { Button, Checkbox, FileButton, Modal } from '@mantine/core';
import type { ImportedClassesReport } from '@hardy-sextant/contract';
import { readOneRoster, type RosterClass, type RosterZip } from '@hardy-sextant/files';
import { useState } from 'react';
import { Link } from 'react-router';
import { useImportClasses } from '../../api/setRecords.ts';
import { many, say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

const LARGEST_FILE = 50_000_000;

/** @param college for the classes that come in */
export function FromOneRoster({ college, onClose }: { readonly college: string; readonly onClose: () => void }) {
  const [read, setRead] = useState<RosterZip>();
  const [problem, setProblem] = useState('');
  const take = (file: File | null) => {
    if (!file) return;
    setProblem('');
    if (file.size > LARGEST_FILE) return setProblem(say('{{name}} is larger than 50 MB.', { name: file.name }));
    void file.arrayBuffer().then((buffer) => {
      try {
        setRead(readOneRoster(new Uint8Array(buffer)));
      } catch (error) {
        setProblem(error instanceof Error ? error.message : say('This file cannot be read.'));
      }
    });
  };
  return (
    <Modal opened onClose={onClose} size="lg" title={say('Classes from OneRoster')}>
      {problem && (
        <p role="alert" className="wrong">
          {say('{{problem}} Nothing was taken in.', { problem })}
        </p>
      )}
      {read ? (
        <ChosenClasses read={read} college={college} onClose={onClose} />
      ) : (
        <>
          <p>
            {say('A zip with users.csv, classes.csv and enrollments.csv. Nothing is stored before you have seen it.')}
          </p>
          <FileButton onChange={take} accept=".zip" inputProps={{ 'aria-label': say('a zip of OneRoster') }}>
            {(props) => (
              <Button variant="filled" {...props}>
                {say('Choose the zip')}
              </Button>
            )}
          </FileButton>
        </>
      )}
    </Modal>
  );
}

interface ChosenClassesProps {
  readonly read: RosterZip;
  readonly college: string;
  readonly onClose: () => void;
}

function ChosenClasses({ read: { classes, notes }, college, onClose }: ChosenClassesProps) {
  const [without, setWithout] = useState<ReadonlySet<number>>(new Set());
  const send = useImportClasses();
  const chosen = classes.filter((_each, at) => !without.has(at));
  const toggle = (at: number) => {
    const next = new Set(without);
    if (!next.delete(at)) next.add(at);
    setWithout(next);
  };
  if (send.data) return <Made report={send.data} onClose={onClose} />;
  return (
    <>
      {classes.length === 0 && <p>{say('There is no class in it.')}</p>}
      {classes.map((each, at) => (
        <Checkbox key={at} my={4} label={inWords(each)} checked={!without.has(at)} onChange={() => toggle(at)} />
      ))}
      {notes.length > 0 && (
        <section aria-label={say('What is left out')}>
          <h3 className="label">{say('What is left out')}</h3>
          <ul>
            {notes.slice(0, 30).map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </section>
      )}
      {send.error && (
        <p role="alert" className="wrong">
          {send.error.message}
        </p>
      )}
      <Button
        variant="filled"
        disabled={chosen.length === 0}
        loading={send.isPending}
        onClick={() =>
          send.mutate({ classes: chosen.map((each) => ({ ...each, college, students: [...each.students] })) })
        }
      >
        {many(chosen.length, 'Make 1 class', 'Make {{count}} classes')}
      </Button>
    </>
  );
}

interface MadeProps {
  readonly report: ImportedClassesReport;
  readonly onClose: () => void;
}

function Made({ report: { made, there }, onClose }: MadeProps) {
  return (
    <>
      <p role="status">{many(made.length, '{{count}} class was made.', '{{count}} classes were made.')}</p>
      <ul>
        {made.map(({ id, code, term, students }) => (
          <li key={id}>
            <Link to={`/classes/${id}`}>{[code, term].filter((each) => each !== '').join(', ')}</Link>,{' '}
            {many(students, '{{count}} student', '{{count}} students')}
          </li>
        ))}
        {there.map(({ id, code, term }) => (
          <li key={id}>
            <Said
              text="<to>{{filter}}</to> is there already and was not changed; add students on its page."
              values={{ filter: [code, term].filter((each) => each !== '').join(', ') }}
              parts={{ to: <Link to={`/classes/${id}`} /> }}
            />
          </li>
        ))}
      </ul>
      <Button onClick={onClose}>{say('Close')}</Button>
    </>
  );
}

function inWords({ code, title, term, students }: RosterClass): string {
  const left = students.filter(({ withdrawn }) => withdrawn).length;
  const names = [code, title === code ? '' : title, term].filter((each) => each !== '').join(', ');
  const here = students.length - left;
  const present = many(here, '{{names}}: {{count}} student', '{{names}}: {{count}} students', { names });
  return left > 0 ? say('{{present}}, {{left}} withdrawn', { present, left }) : present;
}
