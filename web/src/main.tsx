import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app/App';
import './app/app.css';
import { PAGE_LANGUAGE } from './fields/language/language';
import { applyTheme } from './fields/theme';

applyTheme();
document.documentElement.lang = PAGE_LANGUAGE;
const root = document.getElementById('root');
if (!root) throw new Error('the page has no root element');
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

/** The page is there and quiet: only then what makes it work without a network is fetched, ms. */
const QUIET_MS = 3000;
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () =>
    setTimeout(() => void import('./app/offline').then(({ keepOffline }) => keepOffline()), QUIET_MS),
  );
