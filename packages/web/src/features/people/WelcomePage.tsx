/** Where a one-time link leads: the person sets a password and is in. */
import { Button, PasswordInput } from '@mantine/core';
import { useState, type FormEvent } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { useLinkShown, useTakeLink } from '../../api/session.ts';
import { PageHead } from '../../ui/PageHead.tsx';
import { Failed, Loading } from '../../ui/States.tsx';
import { say } from '../../words/say.ts';
import { Said } from '../../words/Said.tsx';

const LEAST = 10;

export function WelcomePage() {
  // What stands behind # is never sent with the address.
  const secret = useLocation().hash.slice(1);
  const shown = useLinkShown(secret);
  if (secret === '')
    return (
      <>
        <PageHead title={say('Welcome')} />
        <p>
          <Said
            text="The link is not whole: it ends with # and letters. Copy all of it, or go to the <to>Desk</to>."
            parts={{ to: <Link to="/" /> }}
          />
        </p>
      </>
    );
  return (
    <>
      <PageHead title={shown.data ? say('Welcome, {{name}}', { name: shown.data.name }) : say('Welcome')} />
      {shown.isPending && <Loading what={say('your link')} />}
      {shown.isError && <Failed what={say('link')} error={shown.error} />}
      {shown.data && <PasswordForm login={shown.data.login} secret={secret} />}
    </>
  );
}

function PasswordForm({ login, secret }: { readonly login: string; readonly secret: string }) {
  const take = useTakeLink();
  const navigate = useNavigate();
  const [password, setPassword] = useState('');
  const [again, setAgain] = useState('');
  const fits = password.length >= LEAST && password === again;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (fits) take.mutate({ secret, password }, { onSuccess: () => void navigate('/') });
  };
  return (
    <form onSubmit={submit} className="sheet block" style={{ maxWidth: 420 }}>
      <p>
        <Said
          text="You sign in as <strong>{{login}}</strong>. Choose a password of at least {{least}} characters; a few words are better than signs."
          values={{ login, least: LEAST }}
          parts={{ strong: <strong /> }}
        />
      </p>
      <input type="text" autoComplete="username" value={login} readOnly hidden />
      <PasswordInput
        label={say('Password')}
        value={password}
        autoComplete="new-password"
        maxLength={200}
        visibilityToggleButtonProps={{ 'aria-label': say('Show the password') }}
        error={
          password !== '' && password.length < LEAST
            ? say('A password has at least {{least}} characters.', { least: LEAST })
            : undefined
        }
        onChange={(event) => setPassword(event.currentTarget.value)}
      />
      <PasswordInput
        mt="sm"
        label={say('The same again')}
        value={again}
        autoComplete="new-password"
        maxLength={200}
        visibilityToggleButtonProps={{ 'aria-label': say('Show the repeated password') }}
        error={again !== '' && again !== password ? say('The two are not the same.') : undefined}
        onChange={(event) => setAgain(event.currentTarget.value)}
      />
      {take.error && (
        <p role="alert" className="wrong">
          {take.error.message}
        </p>
      )}
      <p>
        <Button type="submit" variant="filled" disabled={!fits} loading={take.isPending}>
          {say('Set the password')}
        </Button>
      </p>
    </form>
  );
}
