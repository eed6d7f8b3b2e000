/** When a screen itself fails: what was stored and what was typed is safe, and there is a way on. */
import { Button } from '@mantine/core';
import { useLocation, useNavigate, useRouteError } from 'react-router';
import { PageHead } from '../ui/PageHead.tsx';
import { say } from '../words/say.ts';

/** The code of a screen is fetched when it is first visited; without the server it does not come. */
const notFetched = /preload|dynamically imported|importing a module|failed to fetch/i;

export function BrokenPage() {
  const error = useRouteError();
  const navigate = useNavigate();
  const location = useLocation();
  const away = error instanceof Error && notFetched.test(error.message);
  return (
    <div role="alert">
      <PageHead title={away ? say('This screen could not be fetched') : say('This screen could not be shown')} />
      <p>
        {away
          ? say(
              'The server cannot be reached. What you typed on other screens is still here and goes by itself when it is back.',
            )
          : say('Everything that was stored is still there. Try again, or go back to the Desk.')}
      </p>
      {!away && <p className="soft">{error instanceof Error ? error.message : say('The reason is not known.')}</p>}
      <p style={{ display: 'flex', gap: 8 }}>
        <Button onClick={() => void navigate(location, { replace: true })}>{say('Try again')}</Button>
        <Button onClick={() => void navigate(-1)}>{say('Back')}</Button>
      </p>
    </div>
  );
}
