/** The top bar and the sheet below it. */
import { ActionIcon, useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { IconMoon, IconSearch, IconSun } from '@tabler/icons-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, NavLink, Outlet, useLocation } from 'react-router';
import { teaches, useMe } from '../api/session.ts';
import { BarNote } from '../ui/BarNote.tsx';
import { keepFocus } from './focusKeeper.ts';
import { pages } from './pages.ts';
import { Shortcuts } from './Shortcuts.tsx';
import { SignIn } from './SignIn.tsx';
import { UnsentNote } from './UnsentNote.tsx';
import { WhoNote } from './WhoNote.tsx';
import styles from './Shell.module.css';

const Commands = lazy(() => import('./Commands.tsx'));

export function Shell() {
  // Fetched when first opened; then it stays, and opens and closes by itself.
  const [asked, setAsked] = useState(0);
  const openCommands = () => setAsked((times) => times + 1);
  const [shortcuts, { open: openShortcuts, close: closeShortcuts }] = useDisclosure(false);
  const me = useMe();
  const { pathname } = useLocation();
  const isStranger = me.data?.is === 'nobody' && pathname !== '/welcome';
  useEffect(keepFocus, []);
  useHotkeys([['mod+K', openCommands]], []);
  useHotkeys([
    ['?', openShortcuts],
    ['shift+?', openShortcuts],
  ]);
  return (
    <>
      <a className={styles.skip} href="#main">
        Skip to the sheet
      </a>
      <header className={styles.bar}>
        <Link to="/" className={styles.brand}>
          <img src="/mark.svg" alt="" width={22} height={22} />
          Hardy Sextant
        </Link>
        <nav aria-label="Places" className={styles.places}>
          {pages.map(
            ({ path, nav, teachers }) =>
              nav &&
              (!teachers || teaches(me.data)) && (
                <NavLink
                  key={path}
                  to={path}
                  end={path === '/'}
                  className={({ isActive }) => (isActive ? styles.here : undefined)}
                >
                  {nav}
                </NavLink>
              ),
          )}
        </nav>
        <UnsentNote />
        <BarNote />
        <ActionIcon variant="subtle" color="gray" aria-label="command search" title="Ctrl K" onClick={openCommands}>
          <IconSearch size={18} stroke={1.6} />
        </ActionIcon>
        <WhoNote />
        <ThemeSwitch />
      </header>
      <main id="main" className={styles.main} tabIndex={-1}>
        {isStranger ? <SignIn /> : <Outlet />}
      </main>
      {asked > 0 && (
        <Suspense fallback={null}>
          <Commands asked={asked} onShortcuts={openShortcuts} />
        </Suspense>
      )}
      <Shortcuts opened={shortcuts} onClose={closeShortcuts} />
    </>
  );
}

function ThemeSwitch() {
  const { setColorScheme } = useMantineColorScheme();
  const scheme = useComputedColorScheme('light');
  const next = scheme === 'dark' ? 'light' : 'dark';
  return (
    <ActionIcon variant="subtle" color="gray" aria-label={`Use the ${next} theme`} onClick={() => setColorScheme(next)}>
      {scheme === 'dark' ? <IconSun size={18} stroke={1.6} /> : <IconMoon size={18} stroke={1.6} />}
    </ActionIcon>
  );
}
