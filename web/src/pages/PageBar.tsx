import type { ReactNode } from 'react';
import { Link } from './Link';
import { ThemeButton } from '../shell/ThemeButton';

/** The head of a page beside the plans, with the ways on from it. */
export function PageBar({ children }: { children?: ReactNode }) {
  return (
    <header className="topbar">
      <Link to="/" className="wordmark">
        AVIARUM
      </Link>
      <nav className="barlinks" aria-label="Pages">
        {children}
      </nav>
      <ThemeButton />
    </header>
  );
}
