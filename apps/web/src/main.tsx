import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import './design/theme.css';
import { App } from './app/App';
import { keepShell } from './app/shell';

keepShell();

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <App />
  </StrictMode>,
);
