/** The web application's entry. */
import '@mantine/core/styles.css';
import '@mantine/notifications/styles.css';
import '@fontsource-variable/newsreader';
import '@fontsource-variable/instrument-sans';
import './app/tokens.css';
import './app/mantine.css';
import './app/base.css';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { startLanguage } from './words/language.ts';

// Texts that stand in lists are said when their module is read: the language comes first.
await startLanguage();
const { Application } = await import('./app/Application.tsx');

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <Application />
  </StrictMode>,
);
