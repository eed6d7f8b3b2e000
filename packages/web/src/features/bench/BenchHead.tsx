/** The head of the Bench: the case's name, kind, rules and tags, and what can be done with it. Drawn only when one of these changes. */
import { ActionIcon, Button, Menu, Tabs, TextInput } from '@mantine/core';
import { type StatementKind, kinds, statementKinds } from '@hardy-sextant/core';
import type { KeptRules } from '@hardy-sextant/contract';
import { IconArrowBackUp, IconArrowForwardUp, IconDots } from '@tabler/icons-react';
import { memo } from 'react';
import { Link } from 'react-router';
import type { KeptPhase } from '../../api/kept/keptDocument.ts';
import { KeptNote } from '../../api/kept/KeptNote.tsx';
import { PageHead } from '../../ui/PageHead.tsx';
import { Pick } from '../../ui/Pick.tsx';
import { TagsField } from './TagsField.tsx';
import styles from './BenchPage.module.css';
import { say } from '../../words/say.ts';

export type HeadAction =
  | { readonly type: 'kind'; readonly kind: StatementKind }
  | { readonly type: 'rules'; readonly id: string }
  | { readonly type: 'tags'; readonly tags: readonly string[] }
  | { readonly type: 'title'; readonly title: string }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' }
  | { readonly type: 'print' }
  | { readonly type: 'papers' }
  | { readonly type: 'workbook' }
  | { readonly type: 'ods' }
  | { readonly type: 'taught-ods' }
  | { readonly type: 'taught' }
  | { readonly type: 'csv' }
  | { readonly type: 'exercise' }
  | { readonly type: 'new' }
  | { readonly type: 'duplicate' }
  | { readonly type: 'delete' };

interface BenchHeadProps {
  readonly title: string;
  readonly kind: StatementKind;
  readonly phase: KeptPhase;
  /** Nothing has been stated yet that is worth keeping. */
  readonly nothingYet: boolean;
  readonly rulesId: string;
  readonly rulesSets: readonly KeptRules[];
  readonly tags: readonly string[];
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly solved: boolean;
  readonly making: boolean;
  readonly act: (action: HeadAction) => void;
}

export const BenchHead = memo(function BenchHead(props: BenchHeadProps) {
  const { title, canUndo, canRedo, solved, making, nothingYet, act } = props;
  const heading = (
    <>
      <h1 className="visually-hidden">{title || say('A new case')}</h1>
      <TextInput
        variant="unstyled"
        aria-label={say('name of the case')}
        placeholder={say('Name this case')}
        value={title}
        maxLength={120}
        onChange={(event) => act({ type: 'title', title: event.currentTarget.value })}
        classNames={{ input: 'title-field' }}
      />
    </>
  );
  return (
    <PageHead title={title || say('A new case')} where={<Where {...props} />} heading={heading}>
      <ActionIcon aria-label={say('undo')} disabled={!canUndo} onClick={() => act({ type: 'undo' })}>
        <IconArrowBackUp size={16} />
      </ActionIcon>
      <ActionIcon aria-label={say('redo')} disabled={!canRedo} onClick={() => act({ type: 'redo' })}>
        <IconArrowForwardUp size={16} />
      </ActionIcon>
      <Menu position="bottom-end" shadow="sm">
        <Menu.Target>
          <Button disabled={!solved}>{say('Export ▾')}</Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => act({ type: 'print' })}>{say('Print case, table and picture')}</Menu.Item>
          <Menu.Item onClick={() => act({ type: 'papers' })}>{say('Papers: question, key, worked solution')}</Menu.Item>
          <Menu.Item onClick={() => act({ type: 'workbook' })}>{say('Workbook with live formulas, exact')}</Menu.Item>
          <Menu.Item onClick={() => act({ type: 'taught' })}>{say('Workbook as it is taught')}</Menu.Item>
          <Menu.Item onClick={() => act({ type: 'ods' })}>{say('OpenDocument with live formulas, exact')}</Menu.Item>
          <Menu.Item onClick={() => act({ type: 'taught-ods' })}>{say('OpenDocument as it is taught')}</Menu.Item>
          <Menu.Item onClick={() => act({ type: 'csv' })}>{say('CSV of the table')}</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <Button variant="filled" onClick={() => act({ type: 'exercise' })} loading={making} disabled={!solved}>
        {say('Make an exercise of it')}
      </Button>
      <Menu position="bottom-end" shadow="sm">
        <Menu.Target>
          <ActionIcon aria-label={say('more to do with this case')}>
            <IconDots size={16} />
          </ActionIcon>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item onClick={() => act({ type: 'new' })}>{say('A new case')}</Menu.Item>
          <Menu.Item disabled={nothingYet} onClick={() => act({ type: 'duplicate' })}>
            {say('Duplicate')}
          </Menu.Item>
          <Menu.Item disabled={nothingYet} onClick={() => act({ type: 'delete' })}>
            {say('Delete')}
          </Menu.Item>
        </Menu.Dropdown>
      </Menu>
    </PageHead>
  );
});

/** Above the title: what kind of case it is, how far it is kept, its rules and tags. */
function Where({ kind, phase, nothingYet, rulesId, rulesSets, tags, act }: BenchHeadProps) {
  return (
    <span className={`line ${styles.where}`}>
      <Pick
        label={say('kind of case')}
        className="control quiet"
        value={kind}
        options={statementKinds.map((each) => [each, kinds[each].title])}
        onPick={(next) => act({ type: 'kind', kind: next })}
      />
      · <Link to="/cases">{say('Kept cases')}</Link> · <KeptNote phase={phase} nothingYet={nothingYet} /> {'· '}
      {say('rules')}
      <Pick
        label={say('house rules')}
        className="control quiet"
        value={rulesId}
        options={rulesSets.map(({ id, name }) => [id, name])}
        onPick={(id) => act({ type: 'rules', id })}
      />
      · <TagsField tags={tags} onChange={(next) => act({ type: 'tags', tags: next })} />
    </span>
  );
}

/** The ways to look at a case, in the order of the number keys. */
export const benchTabs: readonly (readonly [string, string])[] = [
  ['table', say('Table')],
  ['working', say('Working')],
  ['cross-check', say('Cross-check')],
  ['timeline', say('Timeline')],
  ['picture', say('Picture')],
  ['target', say('Search')],
  ['together', say('Together')],
];

/** The list of tabs by itself; the panel below it is drawn by the Bench. */
export const BenchTabs = memo(function BenchTabs({
  tab,
  onTab,
}: {
  readonly tab: string;
  readonly onTab: (tab: string) => void;
}) {
  return (
    <Tabs
      id="bench"
      value={tab}
      onChange={(value) => value && onTab(value)}
      classNames={{ list: styles.tabs, tab: styles.tab }}
    >
      <Tabs.List>
        {benchTabs.map(([value, words]) => (
          <Tabs.Tab key={value} value={value} aria-controls={value === tab ? `bench-panel-${value}` : ''}>
            {words}
          </Tabs.Tab>
        ))}
      </Tabs.List>
    </Tabs>
  );
});
