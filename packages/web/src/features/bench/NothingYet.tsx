/** What to do while a statement is not complete. */
import { Link } from 'react-router';
import { Said } from '../../words/Said.tsx';

export function NothingYet() {
  return (
    <p className="soft">
      <Said
        text="Fill in the slots of the statement; the one with ? is solved while you type. Type ? into another slot to ask for that one. To begin with something, open one of the <to>kept cases</to>."
        parts={{ to: <Link to="/cases" /> }}
      />
    </p>
  );
}
