/** Loading, empty and failed screens, in one voice. */
import { Button, Loader } from '@mantine/core';
import type { ReactNode } from 'react';
import { say } from '../words/say.ts';

export function Loading({ what }: { readonly what: string }) {
  return (
    <p role="status" className="soft" style={{ display: 'flex', alignItems: 'center', gap: 10 }}>
      <Loader size="xs" /> {say('Fetching {{what}}…', { what })}
    </p>
  );
}

/** The same for a whole page: it has a heading from the first moment. */
export function LoadingPage({ title, what }: { readonly title: string; readonly what: string }) {
  return (
    <>
      <h1 className="visually-hidden">{title}</h1>
      <Loading what={what} />
    </>
  );
}

export function Failed({
  what,
  error,
  again,
}: {
  readonly what: string;
  readonly error: Error;
  readonly again?: () => void;
}) {
  const gone = 'isGone' in error && error.isGone === true;
  return (
    <div role="alert" className="sheet" style={{ padding: '18px 22px', maxWidth: 620, marginTop: 16 }}>
      <h2 style={{ fontFamily: 'var(--serif)', fontSize: 20 }}>
        {gone ? say('This {{what}} is not here', { what }) : say('The {{what}} could not be fetched', { what })}
      </h2>
      <p>{error.message}</p>
      {again && !gone && <Button onClick={again}>{say('Try again')}</Button>}
    </div>
  );
}

export function Empty({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <div className="sheet" style={{ padding: '22px 26px', maxWidth: 620 }}>
      <h2 style={{ fontFamily: 'var(--serif)', fontSize: 20 }}>{title}</h2>
      {children}
    </div>
  );
}
