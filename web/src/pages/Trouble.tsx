import type { ReactNode } from 'react';
import { Link } from './Link';
import { ApiError } from '../api/client';

/** What went wrong, in words for a keeper. */
export function troubleOf(error: unknown): string {
  if (error instanceof ApiError) return error.title;
  return 'The server does not answer. Is it running, and is there a connection?';
}

/** An error said plainly, with the way back. */
export function Trouble({ error, back, children }: { error: unknown; back: string; children?: ReactNode }) {
  return (
    <div className="page">
      <h2>That did not work</h2>
      <p role="alert">{troubleOf(error)}</p>
      {children}
      <p>
        <Link className="btn" to={back}>
          Go back
        </Link>
      </p>
    </div>
  );
}
