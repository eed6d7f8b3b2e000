/** When a screen itself fails: what was stored and what was typed is safe, and there is a way on. */
import { Button } from '@mantine/core';
import { useEffect } from 'react';
import { useLocation, useNavigate, useRouteError } from 'react-router';
import { PageHead } from '../ui/PageHead.tsx';
import { say } from '../words/say.ts';

/** The code of a screen is fetched when it is first visited; without the server it does not come. */
const notFetched = /preload|dynamically imported|importing a module|failed to fetch/i;

const KEY = 'hardy-sextant.fetched-again';
/** By itself a document is fetched anew at most once in so many milliseconds. */
const AGAIN = 20_000;

/** @returns whether the server answers at this address */
const answers = (): Promise<boolean> =>
  fetch(window.location.pathname, { method: 'HEAD', cache: 'no-store' }).then(
    ({ ok }) => ok,
    () => false,
  );

/** Notes that it is done now. @returns whether it was done a moment ago already */
function wasJustFetchedAgain(): boolean {
  try {
    const at = Number(sessionStorage.getItem(KEY) ?? 0);
    sessionStorage.setItem(KEY, String(Date.now()));
    return Date.now() - at < AGAIN;
  } catch {
    return true;
  }
}

export function BrokenPage() {
  const error = useRouteError();
  const navigate = useNavigate();
  const location = useLocation();
  const away = error instanceof Error && notFetched.test(error.message);
  // A browser may keep a script that did not come as one that never will: the document is fetched anew.
  useEffect(() => {
    if (!away || wasJustFetchedAgain()) return;
    void answers().then((does) => does && window.location.reload());
  }, [away]);
  const again = async (): Promise<void> => {
    if (away && (await answers())) window.location.reload();
    else await navigate(location, { replace: true });
  };
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
        <Button onClick={() => void again()}>{say('Try again')}</Button>
        <Button onClick={() => void navigate(-1)}>{say('Back')}</Button>
      </p>
    </div>
  );
}
