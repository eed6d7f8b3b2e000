/** In the top bar, where people sign in: who is, another password, signing out. */
import { Button, Menu, Modal, PasswordInput } from '@mantine/core';
import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { owns, useChangePassword, useMe, useSignOut } from '../api/session.ts';
import { say } from '../words/say.ts';

export function WhoNote() {
  const me = useMe();
  const signOut = useSignOut();
  const [changing, setChanging] = useState(false);
  if (me.data?.is !== 'person') return null;
  return (
    <>
      <Menu position="bottom-end" shadow="sm">
        <Menu.Target>
          <Button size="compact-sm" variant="subtle" color="gray">
            {me.data.name}
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Label>{me.data.role}</Menu.Label>
          {owns(me.data) && (
            <>
              <Menu.Item component={Link} to="/people">
                {say('People')}
              </Menu.Item>
              <Menu.Item component={Link} to="/backups">
                {say('Backups')}
              </Menu.Item>
            </>
          )}
          <Menu.Item onClick={() => setChanging(true)}>{say('Another password')}</Menu.Item>
          <Menu.Item onClick={() => signOut.mutate()}>{say('Sign out')}</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      {changing && <AnotherPassword onClose={() => setChanging(false)} />}
    </>
  );
}

function AnotherPassword({ onClose }: { readonly onClose: () => void }) {
  const change = useChangePassword();
  const [old, setOld] = useState('');
  const [password, setPassword] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    change.mutate({ old, password }, { onSuccess: onClose });
  };
  return (
    <Modal opened onClose={onClose} title={say('Another password')}>
      <form onSubmit={submit}>
        <PasswordInput
          label={say('The password you have')}
          data-autofocus
          value={old}
          autoComplete="current-password"
          maxLength={200}
          visibilityToggleButtonProps={{ 'aria-label': say('Show the password you have') }}
          onChange={(event) => setOld(event.currentTarget.value)}
        />
        <PasswordInput
          mt="sm"
          label={say('The new one, at least 10 characters')}
          value={password}
          autoComplete="new-password"
          maxLength={200}
          visibilityToggleButtonProps={{ 'aria-label': say('Show the new password') }}
          onChange={(event) => setPassword(event.currentTarget.value)}
        />
        {change.error && (
          <p role="alert" className="wrong">
            {change.error.message}
          </p>
        )}
        <p className="soft">{say('Everywhere else you are signed out.')}</p>
        <Button type="submit" variant="filled" loading={change.isPending} disabled={old === '' || password.length < 10}>
          {say('Change it')}
        </Button>
      </form>
    </Modal>
  );
}
