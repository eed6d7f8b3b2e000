/** Signing in: in the place of a page, so that the address stays, and what is typed elsewhere too. */
import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useState, type FormEvent } from 'react';
import { useSignIn } from '../api/session.ts';
import { PageHead } from '../ui/PageHead.tsx';

export function SignIn() {
  const signIn = useSignIn();
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate({ login, password });
  };
  return (
    <>
      <PageHead title="Sign in" />
      <form onSubmit={submit} className="sheet block" style={{ maxWidth: 420 }}>
        <TextInput
          label="Name or address you sign in with"
          value={login}
          autoComplete="username"
          maxLength={120}
          onChange={(event) => setLogin(event.currentTarget.value)}
        />
        <PasswordInput
          mt="sm"
          label="Password"
          value={password}
          autoComplete="current-password"
          maxLength={200}
          visibilityToggleButtonProps={{ 'aria-label': 'Show the password' }}
          onChange={(event) => setPassword(event.currentTarget.value)}
        />
        {signIn.error && (
          <p role="alert" className="wrong">
            {signIn.error.message}
          </p>
        )}
        <p>
          <Button
            type="submit"
            variant="filled"
            loading={signIn.isPending}
            disabled={login.trim() === '' || password === ''}
          >
            Sign in
          </Button>
        </p>
        <p className="soft">
          Forgotten? The owner of this book makes you a one-time link. Students come in at{' '}
          <a href="/in">their own page</a>.
        </p>
      </form>
    </>
  );
}
