/** For an address that leads nowhere. */
import { Link } from 'react-router';
import { PageHead } from '../ui/PageHead.tsx';

export function NotFoundPage() {
  return (
    <>
      <PageHead title="Nothing is kept at this address" />
      <p>
        The address may have been mistyped, or what it led to has been deleted. Go to the <Link to="/">Desk</Link> or{' '}
        <Link to="/bench">state a case</Link>.
      </p>
    </>
  );
}
