/** Signing in: in the place of a page, so that the address stays, and what is typed elsewhere too. */
import { Button, PasswordInput, TextInput } from '@mantine/core';
import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { useSignIn } from '../api/session.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { say } from '../words/say.ts';
import { Said } from '../words/Said.tsx';

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
      <PageHead title={say('Sign in')} />
      <form onSubmit={submit} className="sheet block" style={{ maxWidth: 420 }}>
        <TextInput
          label={say('Name or address you sign in with')}
          value={login}
          autoComplete="username"
          maxLength={120}
          onChange={(event) => setLogin(event.currentTarget.value)}
        />
        <PasswordInput
          mt="sm"
          label={say('Password')}
          value={password}
          autoComplete="current-password"
          maxLength={200}
          visibilityToggleButtonProps={{ 'aria-label': say('Show the password') }}
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
            {say('Sign in')}
          </Button>
        </p>
        <p className="soft">
          <Said
            text="Forgotten? The owner of this book makes you a one-time link. Students come in at <to>their own page</to>."
            parts={{ to: <Link to="/in" reloadDocument /> }}
          />
        </p>
      </form>
    </>
  );
}
