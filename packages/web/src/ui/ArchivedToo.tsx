/** Whether a list shows what was put out of the way. */
import { Chip } from './Chip.tsx';
import { say } from '../words/say.ts';

interface ArchivedTooProps {
  readonly archived: boolean;
  readonly onChange: (archived: boolean) => void;
}

export const ArchivedToo = ({ archived, onChange }: ArchivedTooProps) => (
  <Chip name={say('Archived')} pressed={archived} onPress={() => onChange(!archived)} />
);
