import { Link } from 'react-router';
import { ApiError } from '../api/client';

/** An error said plainly, with the way back. */
export function Trouble({ error, back }: { error: unknown; back: string }) {
  const title = error instanceof ApiError ? error.title : 'The server does not answer. Is it running?';
  return (
    <div className="page">
      <h2>That did not work</h2>
      <p role="alert">{title}</p>
      <p>
        <Link className="btn" to={back}>
          Go back
        </Link>
      </p>
    </div>
  );
}
