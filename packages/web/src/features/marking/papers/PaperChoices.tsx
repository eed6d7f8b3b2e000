/** How papers are chosen: what, for whom, on which paper, in which form; the address says it. */
import type { WayId } from '@hardy-sextant/core';
import type { Marking } from '@hardy-sextant/contract';
import type { PaperSize } from '@hardy-sextant/files/papers';
import { useMemo } from 'react';
import { Pick } from '../../../ui/Pick.tsx';
import { useSearchSetting } from '../../../ui/useSearchSetting.ts';
import { SectionPick } from '../Sections.tsx';
import { classKinds, ownKinds, paperKinds, type PaperChoice, type PaperKind } from './paperOf.ts';
import styles from './Papers.module.css';
import { say } from '../../../words/say.ts';

const sizes: readonly PaperSize[] = ['A4', 'Letter'];
const rooms = { '0': say('none'), '30': say('3 cm'), '50': say('5 cm'), '80': say('8 cm') } as const;
const ways = {
  formula: say('formula'),
  recurrence: say('recurrence'),
  'five-values': say('five values'),
  'sheet-function': say('sheet function'),
  worksheet: say('worksheet'),
  table: say('table'),
  search: say('search'),
} as const satisfies Record<WayId, string>;

/** What the address says of the choice. @param alone without a class */
export function usePaperChoice(alone: boolean) {
  const [search, set] = useSearchSetting();
  const what = search.get('what') ?? '';
  const known = what in paperKinds && !(alone && classKinds.has(what as PaperKind));
  const kind: PaperKind = known ? (what as PaperKind) : 'questions';
  const room = search.get('room') ?? '';
  const size = sizes.find((each) => each === search.get('size')) ?? 'A4';
  const who = alone ? 'all' : (search.get('who') ?? 'each');
  const boxes = search.get('boxes') !== 'off';
  const entered = search.get('values') === 'on';
  const formulas = search.get('formulas') === 'on';
  const tables = search.get('cells') === 'empty' ? 'empty' : 'asked';
  const chosenWay = search.get('way') ?? '';
  const way: WayId = chosenWay in ways ? (chosenWay as WayId) : 'formula';
  const reasons = search.get('reasons') !== 'off';
  const choice = useMemo(
    (): PaperChoice => ({
      kind,
      who,
      form: { room: room in rooms ? Number(room) : 50, boxes, entered },
      formulas,
      tables,
      way,
      reasons,
    }),
    [kind, who, room, boxes, entered, formulas, tables, way, reasons],
  );
  return { choice, size, set };
}

type OnSet = (name: string, value: string) => void;

interface PaperChoicesProps {
  readonly choice: PaperChoice;
  readonly size: PaperSize;
  readonly students: Marking['students'];
  readonly everybody: Marking;
  readonly alone: boolean;
  readonly onSet: OnSet;
}

export function PaperChoices({ choice, size, students, everybody, alone, onSet }: PaperChoicesProps) {
  const { kind, who } = choice;
  const hasVersions = students.some(({ version }) => version !== '');
  const several: [string, string][] =
    kind === 'feedback'
      ? [['each', say('each student')]]
      : [
          ['each', say('each student, own numbers')],
          ...(hasVersions ? [['version', say('one of each version')] as [string, string]] : []),
          ['all', say('one for all')],
        ];
  return (
    <section className={`sheet ${styles.choices}`} aria-label={say('how it is written')}>
      <label>
        {say('What')}
        <Pick
          label={say('what goes to paper')}
          value={kind}
          options={kindsFor(alone)}
          onPick={(id) => onSet('what', id)}
        />
      </label>
      {ownKinds.has(kind) && !alone && (
        <label>
          {say('For')}
          <Pick
            label={say('for whom')}
            value={who}
            options={[...several, ...students.map(({ id, name, number }) => [id, `${name}, ${number}`] as const)]}
            onPick={(id) => onSet('who', id)}
          />
        </label>
      )}
      <SectionPick marking={everybody} />
      <label>
        {say('Paper')}
        <Pick
          label={say('size of the paper')}
          value={size}
          options={sizes.map((each) => [each, each])}
          onPick={(id) => onSet('size', id)}
        />
      </label>
      <FormChoices choice={choice} onSet={onSet} />
    </section>
  );
}

const kindsFor = (alone: boolean): [PaperKind, string][] =>
  (Object.entries(paperKinds) as [PaperKind, string][]).filter(([kind]) => !alone || !classKinds.has(kind));

interface FormChoicesProps {
  readonly choice: PaperChoice;
  readonly onSet: OnSet;
}

function QuestionChoices({
  form,
  formulas,
  onSet,
}: Pick<PaperChoice, 'form' | 'formulas'> & { readonly onSet: OnSet }) {
  return (
    <>
      <label>
        {say('Room to work')}
        <Pick
          label={say('room to work')}
          value={String(form.room) as keyof typeof rooms}
          options={Object.entries(rooms) as [keyof typeof rooms, string][]}
          onPick={(id) => onSet('room', id)}
        />
      </label>
      <Check words={say('Boxes for answers')} checked={form.boxes} onCheck={(on) => onSet('boxes', on ? '' : 'off')} />
      <Check
        words={say('Boxes for the five values')}
        checked={form.entered}
        onCheck={(on) => onSet('values', on ? 'on' : '')}
      />
      <Check
        words={say('Formulas at the end')}
        checked={formulas}
        onCheck={(on) => onSet('formulas', on ? 'on' : '')}
      />
    </>
  );
}

/** What each kind of paper has to choose. */
function FormChoices({ choice: { kind, form, formulas, tables, way, reasons }, onSet }: FormChoicesProps) {
  switch (kind) {
    case 'questions':
      return <QuestionChoices form={form} formulas={formulas} onSet={onSet} />;
    case 'tables':
      return (
        <Check
          words={say('Every cell empty')}
          checked={tables === 'empty'}
          onCheck={(on) => onSet('cells', on ? 'empty' : '')}
        />
      );
    case 'solutions':
      return (
        <>
          <label>
            {say('Way')}
            <Pick
              label={say('way of working')}
              value={way}
              options={Object.entries(ways) as [WayId, string][]}
              onPick={(id) => onSet('way', id)}
            />
          </label>
          <p className="soft">{say('A part that does not have this way is worked in its first one.')}</p>
          <Check words={say('With reasons')} checked={reasons} onCheck={(on) => onSet('reasons', on ? '' : 'off')} />
        </>
      );
    case 'feedback':
      return (
        <Check words={say('With the working')} checked={reasons} onCheck={(on) => onSet('reasons', on ? '' : 'off')} />
      );
    default:
      return null;
  }
}

interface CheckProps {
  readonly words: string;
  readonly checked: boolean;
  readonly onCheck: (checked: boolean) => void;
}

const Check = ({ words, checked, onCheck }: CheckProps) => (
  <label>
    {words}
    <input type="checkbox" checked={checked} onChange={(event) => onCheck(event.currentTarget.checked)} />
  </label>
);
