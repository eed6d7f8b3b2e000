/** In the top bar: what is typed and not stored yet, on whatever screen, with the way to it. */
import { Button, Menu } from '@mantine/core';
import { Link } from 'react-router';
import { heldUnder, useUnsent } from '../api/kept/unsent.ts';
import { say } from '../words/say.ts';

export function UnsentNote() {
  const unsent = useUnsent();
  if (unsent.length === 0) return null;
  return (
    <Menu position="bottom-end" shadow="sm">
      <Menu.Target>
        <Button size="compact-sm" variant="light" color="orange">
          {say('Not stored yet: {{unsent}}', { unsent: unsent.length })}
        </Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Label>{say('Typed here, and sent by itself when the server takes it')}</Menu.Label>
        {unsent.map(({ key, name, path }) => (
          <Menu.Item key={key} component={Link} to={path}>
            {name}
          </Menu.Item>
        ))}
        <Menu.Divider />
        <Menu.Item onClick={() => unsent.forEach(({ key }) => void heldUnder(key)?.flush())}>
          {say('Try now')}
        </Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
