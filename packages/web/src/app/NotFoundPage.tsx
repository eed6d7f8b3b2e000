/** For an address that leads nowhere. */
import { Link } from 'react-router';
import { PageHead } from '../ui/PageHead.tsx';
import { say } from '../words/say.ts';
import { Said } from '../words/Said.tsx';

export function NotFoundPage() {
  return (
    <>
      <PageHead title={say('Nothing is kept at this address')} />
      <p>
        <Said
          text="The address may have been mistyped, or what it led to has been deleted. Go to the <to>Desk</to> or <to2>state a case</to2>."
          parts={{ to: <Link to="/" />, to2: <Link to="/bench" /> }}
        />
      </p>
    </>
  );
}
