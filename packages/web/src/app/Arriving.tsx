/** What stands below the bar while the first page's own code is on its way. */
import { useLocation } from 'react-router';
import { LoadingPage } from '../ui/States.tsx';
import { say } from '../words/say.ts';
import { pages } from './pages.ts';

export function Arriving() {
  const { pathname } = useLocation();
  const name = pages.find(({ path }) => path === pathname)?.nav;
  return <LoadingPage title={name ?? say('Hardy Sextant')} what={say('this page')} />;
}
