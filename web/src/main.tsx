import '@fontsource-variable/hanken-grotesk';
import '@fontsource-variable/spline-sans-mono';
import '@fontsource/saira-stencil-one/400.css';
import { type ComponentType, StrictMode, Suspense, lazy } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes, useLocation } from 'react-router';
import './look/styles.css';
import { ErrorBoundary } from './pages/ErrorBoundary';
import { PlanPage, fetchPlanPage } from './pages/PlanPage';

/** Each page comes when it is asked for, and with it what asks the server by queries. */
const page = (load: () => Promise<ComponentType>) =>
  lazy(async () => {
    const [{ queried }, Page] = await Promise.all([import('./api/queried'), load()]);
    return { default: queried(Page) };
  });
const HomePage = page(async () => (await import('./pages/HomePage')).HomePage);
const HoldingPage = page(async () => (await import('./drawer/HoldingPage')).HoldingPage);
const StartPage = page(async () => (await import('./start/StartPage')).StartPage);
const ComparePage = page(async () => (await import('./compare/ComparePage')).default);
const BuyingPage = page(async () => (await import('./yard/BuyingPage')).default);
const AssumptionsPage = page(async () => (await import('./assumptions/AssumptionsPage')).default);
const YardPage = page(async () => (await import('./yard/YardPage')).default);
const StockPage = page(async () => (await import('./stock/StockPage')).default);
const PrintPage = page(async () => (await import('./yard/PrintPage')).default);

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
      <BrowserRouter>
        <Suspense fallback={<p className="page soft">Opening …</p>}>
          <Pages />
        </Suspense>
      </BrowserRouter>
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
