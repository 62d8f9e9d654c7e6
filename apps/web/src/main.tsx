import './theme/main.scss';
import { QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { askEarly, queryClient } from './api/queries';
import { App } from './App';
import { openOffline } from './offline/openOffline';
import { openAgainOnce } from './offline/openAgainOnce';
import { keepToServerClock } from './serverClock';
import { LANGUAGE } from './words/language';
import { loadWords } from './words/loadWords';

keepToServerClock();
openAgainOnce();
openOffline(queryClient);
askEarly(location.pathname);

void loadWords(LANGUAGE, 'bench').then(() =>
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <QueryClientProvider client={queryClient}>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  ),
);
