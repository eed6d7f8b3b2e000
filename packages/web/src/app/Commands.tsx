/** Command search (Ctrl or ⌘ K): places, kept cases, exercises, things to do. Fetched when first opened. */
import '@mantine/spotlight/styles.css';
import { useMantineColorScheme } from '@mantine/core';
import { Spotlight, spotlight, type SpotlightActionData } from '@mantine/spotlight';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { namesOf } from '@hardy-sextant/core';
import { tradeWords, type TradeWord } from '../help/tradeWords.ts';
import { pages } from './pages.ts';
import { useCases, useExercises, useSets } from '../api/records.ts';
import { teaches, useMe } from '../api/session.ts';
import { say } from '../words/say.ts';

/** So long the search waits for the lists it searches; without the server it opens without them. */
const PATIENCE_MS = 700;

interface CommandsProps {
  /** Goes up each time it is asked for. */
  readonly asked: number;
  /** Opens the help, about a word where one is named. */
  readonly onHelp: (word?: TradeWord) => void;
}

/** Whether a place or a thing to do is called so. */
const isCalled = ({ label = '', description = '' }: SpotlightActionData, words: string): boolean =>
  `${label} ${description}`.toLowerCase().includes(words.toLowerCase().trim());

export default function Commands({ asked, onHelp }: CommandsProps) {
  const [query, setQuery] = useState('');
  const places = usePlaces(onHelp);
  const { records, pending, looking } = useFoundRecords(query);
  const called = (all: SpotlightActionData[]) => all.filter((each) => isCalled(each, query));
  // The server looks through more than names; until it has, the rows before are sifted by their names.
  const words = query.trim() === '' ? [] : called(meanings(onHelp));
  const actions = [...called(places), ...(looking ? called(records) : records), ...words];
  const ready = usePatience(pending);
  useEffect(() => {
    if (ready) spotlight.open();
  }, [ready, asked]);
  // What comes in after a key may have taken the chosen row away: then the first one is chosen.
  useEffect(() => {
    const rows = document.querySelectorAll('[data-action]');
    if (query !== '' && ![...rows].some((row) => row.hasAttribute('data-selected')))
      rows[0]?.setAttribute('data-selected', 'true');
  });
  if (!ready) return null;
  return (
    <Spotlight
      actions={actions}
      query={query}
      onQueryChange={setQuery}
      filter={(_words, all) => all}
      limit={9}
      nothingFound={say('Nothing is called that.')}
      searchProps={{ placeholder: say('Go to, open, do…'), 'aria-label': say('command search') }}
      attributes={{ content: { 'aria-label': 'command search' } }}
      shortcut={null}
      scrollable
      transitionProps={{ duration: 0 }}
      maxHeight={420}
    />
  );
}

/** What comes in later would take the choice away from under a key, so the lists are waited for, for a moment. */
function usePatience(pending: boolean): boolean {
  const [waited, setWaited] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setWaited(true), PATIENCE_MS);
    return () => clearTimeout(timer);
  }, []);
  return waited || !pending;
}

function useGo() {
  const navigate = useNavigate();
  return (id: string, label: string, to: string, description?: string): SpotlightActionData => ({
    id,
    label,
    onClick: () => void navigate(to),
    ...(description ? { description } : {}),
  });
}

/** Words of the trade with their meanings. */
const meanings = (onHelp: CommandsProps['onHelp']): SpotlightActionData[] =>
  namesOf(tradeWords).map((word) => ({
    id: `word-${word}`,
    label: say('What it means: {{word}}', { word }),
    description: tradeWords[word],
    onClick: () => onHelp(word),
  }));

/** Pages, ways to look at the case on the Bench, and things to do. */
function usePlaces(onHelp: CommandsProps['onHelp']): SpotlightActionData[] {
  const navigate = useNavigate();
  const go = useGo();
  const me = useMe();
  const { toggleColorScheme } = useMantineColorScheme();
  const show = (name: string, label: string): SpotlightActionData => ({
    id: `show-${name}`,
    label,
    onClick: () => {
      const { pathname: here, search: settings } = window.location;
      const search = new URLSearchParams(settings);
      search.set('show', name);
      void navigate({ pathname: here.startsWith('/bench') ? here : '/bench', search: search.toString() });
    },
  });
  return [
    ...pages.flatMap(({ path, command, teachers }) =>
      command && (!teachers || teaches(me.data)) ? [go(path, command, path)] : [],
    ),
    show('table', say('Show the table')),
    show('working', say('Show the working')),
    show('timeline', say('Show the timeline')),
    show('picture', say('Show the picture')),
    show('target', say('Search for a target')),
    show('together', say('Put plans together')),
    { id: 'theme', label: say('Change between light and dark'), onClick: toggleColorScheme },
    { id: 'help', label: say('Help on this page, and its shortcuts'), onClick: () => onHelp() },
  ];
}

/** Sets, cases and exercises that the server finds. */
function useFoundRecords(find: string) {
  const go = useGo();
  const cases = useCases({ find });
  const exercises = useExercises({ find });
  const sets = useSets({ find });
  const records = [
    ...(sets.data?.rows ?? []).map(({ id, title, assignedAt }) =>
      go(
        `set-${id}`,
        assignedAt ? say('Mark {{title}}', { title }) : title,
        assignedAt ? `/sets/${id}/marking` : `/sets/${id}`,
        'set',
      ),
    ),
    ...(cases.data?.rows ?? []).map(({ id, title, document }) =>
      go(`case-${id}`, title, `/bench/${id}`, ['case', ...document.tags].join(', ')),
    ),
    ...(exercises.data?.rows ?? []).map(({ id, title }) => go(`exercise-${id}`, title, `/exercises/${id}`, 'exercise')),
  ];
  const all = [cases, exercises, sets];
  return {
    records,
    pending: all.some(({ isPending }) => isPending),
    looking: all.some(({ isPlaceholderData }) => isPlaceholderData),
  };
}
