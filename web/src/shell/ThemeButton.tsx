import { Moon, Sun } from 'lucide-react';
import { useTheme } from './theme';

export function ThemeButton() {
  const [theme, toggle] = useTheme();
  return (
    <button
      type="button"
      className="barbtn"
      onClick={toggle}
      aria-label={theme === 'dusk' ? 'Light theme' : 'Dark theme'}
    >
      {theme === 'dusk' ? <Sun size={17} aria-hidden /> : <Moon size={17} aria-hidden />}
    </button>
  );
}
