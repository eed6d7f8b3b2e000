/** The top bar and the sheet below it. */
import { ActionIcon, Button, Menu, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import { IconHelp, IconMoon, IconSearch, IconSun } from '@tabler/icons-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import { teaches, useMe } from '../api/session.ts';
import type { TradeWord } from '../help/tradeWords.ts';
import { BarNote } from '../ui/BarNote.tsx';
import { fetchAhead } from './fetchAhead.ts';
import { keepFocus } from './focusKeeper.ts';
import { Help } from './Help.tsx';
import { pages } from './pages.ts';
import { SignIn } from './SignIn.tsx';
import { UnsentNote } from './UnsentNote.tsx';
import { WhoNote } from './WhoNote.tsx';
import styles from './Shell.module.css';
import { say } from '../words/say.ts';

const Commands = lazy(() => import('./Commands.tsx'));

export function Shell() {
  // Fetched when first opened; then it stays, and opens and closes by itself.
  const [asked, setAsked] = useState(0);
  const openCommands = () => setAsked((times) => times + 1);
  const [help, setHelp] = useState<{ readonly word?: TradeWord }>();
  const openHelp = (word?: TradeWord) => setHelp(word ? { word } : {});
  const me = useMe();
  const { pathname } = useLocation();
  const isStranger = me.data?.is === 'nobody' && pathname !== '/welcome';
  useEffect(keepFocus, []);
  useEffect(fetchAhead, []);
  useHotkeys([['mod+K', openCommands]], []);
  useHotkeys([
    ['?', () => openHelp()],
    ['shift+?', () => openHelp()],
  ]);
  return (
    <>
      <a className={styles.skip} href="#main">
        {say('Skip to the work')}
      </a>
      <TopBar onSearch={openCommands} onHelp={() => openHelp()} />
      <main id="main" className={styles.main} tabIndex={-1}>
        {isStranger ? <SignIn /> : <Outlet />}
      </main>
      {asked > 0 && (
        <Suspense fallback={null}>
          <Commands asked={asked} onHelp={openHelp} />
        </Suspense>
      )}
      <Help about={help} onClose={() => setHelp(undefined)} />
    </>
  );
}

interface TopBarProps {
  readonly onSearch: () => void;
  readonly onHelp: () => void;
}

function TopBar({ onSearch, onHelp }: TopBarProps) {
  return (
    <header className={styles.bar}>
      <Link to="/" className={styles.brand}>
        <img src="/mark.svg" alt="" width={22} height={22} />
        <span className={styles.name}>{say('Hardy Sextant')}</span>
      </Link>
      <Places />
      <UnsentNote />
      <BarNote />
      <ActionIcon
        variant="subtle"
        color="gray"
        aria-label={say('command search')}
        title={say('Ctrl K')}
        onClick={onSearch}
      >
        <IconSearch size={18} stroke={1.6} />
      </ActionIcon>
      <ActionIcon variant="subtle" color="gray" aria-label={say('help on this page')} title="?" onClick={onHelp}>
        <IconHelp size={18} stroke={1.6} />
      </ActionIcon>
      <WhoNote />
      <ThemeSwitch />
    </header>
  );
}

/** Where one can go: in a row, or on a narrow screen in a menu. */
function Places() {
  const me = useMe();
  const { pathname } = useLocation();
  const shown = pages.filter(({ nav, teachers }) => nav && (!teachers || teaches(me.data)));
  const isHere = (path: string): boolean => (path === '/' ? pathname === '/' : pathname.startsWith(path));
  return (
    <>
      <nav aria-label={say('Places')} className={styles.places}>
        {shown.map(({ path, nav }) => (
          <NavLink
            key={path}
            to={path}
            end={path === '/'}
            className={({ isActive }) => (isActive ? styles.here : undefined)}
          >
            {nav}
          </NavLink>
        ))}
      </nav>
      <div className={styles.narrow}>
        <Menu position="bottom-start" shadow="sm" transitionProps={{ duration: 0 }}>
          <Menu.Target>
            <Button size="compact-sm" variant="default">
              {shown.find(({ path }) => isHere(path))?.nav ?? say('Places')} ▾
            </Button>
          </Menu.Target>
          <Menu.Dropdown>
            {shown.map(({ path, nav }) => (
              <Menu.Item key={path} component={Link} to={path} {...(isHere(path) ? { 'aria-current': 'page' } : {})}>
                {nav}
              </Menu.Item>
            ))}
          </Menu.Dropdown>
        </Menu>
      </div>
    </>
  );
}

function ThemeSwitch() {
  const { setColorScheme } = useMantineColorScheme();
  const scheme = useComputedColorScheme('light');
  const next = scheme === 'dark' ? 'light' : 'dark';
  return (
    <ActionIcon
      variant="subtle"
      color="gray"
      aria-label={say('Use the {{next}} theme', { next })}
      onClick={() => setColorScheme(next)}
    >
      {scheme === 'dark' ? <IconSun size={18} stroke={1.6} /> : <IconMoon size={18} stroke={1.6} />}
    </ActionIcon>
  );
}
