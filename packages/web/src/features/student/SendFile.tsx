/** A worksheet sent as a file: chosen, sent, again where it broke off. */
import type { StudentPage } from '@hardy-sextant/contract';
import { useState } from 'react';
import { Act } from '../../student/Act.tsx';
import { useSendFile } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { say } from '../../words/say.ts';

const MOST_BYTES = 6_000_000;

async function asBase64(file: File): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let at = 0; at < bytes.length; at += 0x8000) text += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(text);
}

export function SendFile({ page, itemId }: { readonly page: StudentPage; readonly itemId: string }) {
  const send = useSendFile(page.setId);
  const [file, setFile] = useState<File>();
  const [problem, setProblem] = useState('');
  const start = async (chosen: File) => {
    setFile(chosen);
    setProblem('');
    if (chosen.size > MOST_BYTES) return setProblem(say('{{name}}: 6 MB.', { name: chosen.name }));
    try {
      send.mutate({ itemId, name: chosen.name, data: await asBase64(chosen) });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const sent = page.files.filter((each) => each.itemId === itemId);
  const failed = problem !== '' || send.isError;
  return (
    <>
      <span className={`${styles['act']} ${styles['file']}`}>
        {say('Add a file')}
        <input
          type="file"
          aria-label={say('Add a file')}
          accept=".xlsx,.ods,.csv,.fods"
          disabled={send.isPending}
          onChange={(event) => {
            const [chosen] = event.currentTarget.files ?? [];
            event.currentTarget.value = '';
            if (chosen) void start(chosen);
          }}
        />
      </span>
      {send.isPending && <span role="status">{say('sending…')}</span>}
      {failed && (
        <span role="alert" className={styles['wrong']}>
          {problem === '' ? send.error?.message : problem}{' '}
          {file && problem === '' && <Act onClick={() => void start(file)}>{say('Send it again')}</Act>}
        </span>
      )}
      {sent.map(({ id, name }) => (
        <span key={id} className={styles['note']}>
          {say('{{name}} has arrived', { name })}
        </span>
      ))}
    </>
  );
}
