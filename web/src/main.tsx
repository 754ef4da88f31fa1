import './noEval';
import '@fontsource-variable/hanken-grotesk';
import '@fontsource-variable/spline-sans-mono';
import '@fontsource/saira-stencil-one/400.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, Suspense, lazy } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes, useLocation } from 'react-router';
import './look/styles.css';
import { ErrorBoundary } from './pages/ErrorBoundary';
import { HomePage } from './pages/HomePage';
import { PlanPage, fetchPlanPage } from './pages/PlanPage';

// Each page comes when it is asked for.
const HoldingPage = lazy(async () => ({ default: (await import('./drawer/HoldingPage')).HoldingPage }));
const StartPage = lazy(async () => ({ default: (await import('./start/StartPage')).StartPage }));
const ComparePage = lazy(() => import('./compare/ComparePage'));
const BuyingPage = lazy(() => import('./yard/BuyingPage'));
const AssumptionsPage = lazy(() => import('./assumptions/AssumptionsPage'));
const YardPage = lazy(() => import('./yard/YardPage'));
const StockPage = lazy(() => import('./stock/StockPage'));
const PrintPage = lazy(() => import('./yard/PrintPage'));

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, staleTime: 0, refetchOnWindowFocus: false } },
});
/** Each page by itself: one that breaks leaves the way to the others open. */
function Pages() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary what="This page" of={pathname}>
      <Routes>
        <Route path="/" element={<HomePage />} />
        <Route path="/h/:holding" element={<HoldingPage />} />
        <Route path="/h/:holding/stock" element={<StockPage />} />
        <Route path="/h/:holding/new" element={<StartPage />} />
        <Route path="/h/:holding/compare/:one/:other" element={<ComparePage />} />
        <Route path="/h/:holding/p/:planId" element={<PlanPage />} />
        <Route path="/h/:holding/p/:planId/assumptions" element={<AssumptionsPage />} />
        <Route path="/h/:holding/p/:planId/yard" element={<YardPage />} />
        <Route path="/h/:holding/p/:planId/buying" element={<BuyingPage />} />
        <Route path="/h/:holding/p/:planId/print" element={<PrintPage />} />
        <Route path="/h/:holding/p/:planId/:stage" element={<PlanPage />} />
        <Route path="*" element={<HomePage />} />
      </Routes>
    </ErrorBoundary>
  );
}

function start() {
  const root = document.getElementById('root');
  if (!root) throw new Error('index.html has no root');
  createRoot(root).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Suspense fallback={<p className="page soft">Opening …</p>}>
            <Pages />
          </Suspense>
        </BrowserRouter>
      </QueryClientProvider>
    </StrictMode>,
  );
}

// What a plan's page shows at this stage was asked for already, and is waited for once.
const there = fetchPlanPage(window.location.pathname).catch(() => undefined);
/** The first file of all waits for nothing, not even for the page to be read to its end. */
const read = new Promise<void>((go) => {
  if (document.readyState !== 'loading') go();
  else document.addEventListener('DOMContentLoaded', () => go());
});
void Promise.all([there, read]).then(start);
