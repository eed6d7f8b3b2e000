/** A page of the student's: its head, what is in it, its foot. */
import { useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { useEffect, type ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { Act } from '../../student/Act.tsx';
import { useGoOut } from '../../student/studentRecords.ts';
import styles from '../../student/Student.module.css';
import { chooseLanguage, languageNow, languages } from '../../words/language.ts';
import { say } from '../../words/say.ts';

interface StudentFrameProps {
  readonly title: string;
  readonly beside?: ReactNode;
  readonly foot?: ReactNode;
  readonly children: ReactNode;
  /** Whose page it is; nothing while nobody is in. */
  readonly who?: string | undefined;
  /** Whether the way back to all sets is shown. */
  readonly inSet?: boolean;
}

export function StudentFrame({ title, beside, foot, children, who, inSet = false }: StudentFrameProps) {
  useEffect(() => {
    document.title = say('{{title}} · Hardy Sextant', { title });
  }, [title]);
  return (
    <div className={styles['page']}>
      <header className={styles['head']}>
        <h1>{title}</h1>
        {beside}
      </header>
      <main className={styles['main']}>
        {children}
        <Small who={who} inSet={inSet} />
      </main>
      {foot && <footer className={styles['foot']}>{foot}</footer>}
    </div>
  );
}

/** What is seldom needed, below everything. */
function Small({ who, inSet }: { readonly who: string | undefined; readonly inSet: boolean }) {
  const { setColorScheme } = useMantineColorScheme();
  const scheme = useComputedColorScheme('light');
  const navigate = useNavigate();
  const out = useGoOut();
  return (
    <nav className={styles['acts']} style={{ marginTop: 28 }} aria-label={say('Hardy Sextant')}>
      {inSet && (
        <Link className={styles['act']} to="/my">
          {say('All sets')}
        </Link>
      )}
      {languages.map(([id, name]) => (
        <Act key={id} lang={id} aria-pressed={languageNow() === id} onClick={() => chooseLanguage(id)}>
          {name}
        </Act>
      ))}
      <Act onClick={() => setColorScheme(scheme === 'dark' ? 'light' : 'dark')}>{say('Light or dark')}</Act>
      {who !== undefined && (
        <Act onClick={() => out.mutate(undefined, { onSuccess: () => void navigate('/in') })}>
          {who} · {say('Not you? Go out')}
        </Act>
      )}
    </nav>
  );
}
