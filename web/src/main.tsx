import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app/App';
import './app/app.css';
import { applyTheme } from './fields/theme';

applyTheme();
const root = document.getElementById('root');
if (!root) throw new Error('the page has no root element');
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
);

// After the page is there: what makes it work without a network comes last.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
  window.addEventListener('load', () => void import('./app/offline').then(({ keepOffline }) => keepOffline()));
