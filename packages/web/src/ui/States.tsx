/** Loading, empty and failed screens, in one voice. */
import { Button, Loader } from '@mantine/core';
import type { ReactNode } from 'react';
import { Refusal } from './api.ts';

export function Loading({ what }: { readonly what: string }) {
  return (
    <p role="status" className="soft" style={{ display: 'flex', alignItems: 'center', gap: 10 }}>
      <Loader size="xs" /> Fetching {what}…
    </p>
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
  const gone = error instanceof Refusal && error.document.status === 404;
  return (
    <div role="alert" className="sheet" style={{ padding: '18px 22px', maxWidth: 620, marginTop: 16 }}>
      <h2 style={{ fontFamily: 'var(--serif)', fontSize: 20 }}>
        {gone ? `This ${what} is not here` : `The ${what} could not be fetched`}
      </h2>
      <p>{error.message}</p>
      {again && !gone && <Button onClick={again}>Try again</Button>}
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
