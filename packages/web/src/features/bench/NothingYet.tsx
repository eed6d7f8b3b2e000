/** What to do while a statement is not complete. */
import { Link } from 'react-router';

export function NothingYet() {
  return (
    <p className="soft">
      Fill in the slots of the statement; the one with ? is solved while you type. Type ? into another slot to ask for
      that one. To begin with something, open one of the <Link to="/cases">kept cases</Link>.
    </p>
  );
}
