import { Link } from 'react-router';
import { ThemeButton } from '../shell/TopBar';

export function PageBar() {
  return (
    <header className="topbar">
      <Link to="/" className="wordmark">
        AVIARUM
      </Link>
      <span className="spacer" style={{ flex: 1 }} />
      <ThemeButton />
    </header>
  );
}
