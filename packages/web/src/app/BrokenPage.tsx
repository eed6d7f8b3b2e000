/** When a screen itself fails: what was stored is safe, and there is a way on. */
import { useRouteError } from 'react-router';
import { PageHead } from '../ui/PageHead.tsx';

export function BrokenPage() {
  const error = useRouteError();
  return (
    <main style={{ padding: 24 }}>
      <PageHead title="This screen could not be shown" />
      <p>Everything that was stored is still there. Load the page again, or go back to the Desk.</p>
      <p className="soft">{error instanceof Error ? error.message : 'The reason is not known.'}</p>
      <p>
        <a href="/">Back to the Desk</a>
      </p>
    </main>
  );
}
