import { useEffect, useState } from 'react';

export type Theme = 'limewash' | 'dusk';
const KEY = 'aviarum theme';

const first = (): Theme => {
  const kept = localStorage.getItem(KEY);
  if (kept === 'limewash' || kept === 'dusk') return kept;
  return window.matchMedia('(prefers-color-scheme: dark)').matches ? 'dusk' : 'limewash';
};

/** Limewash by day, dusk for the evening; the system's wish until the keeper says otherwise. */
export function useTheme(): readonly [Theme, () => void] {
  const [theme, setTheme] = useState(first);
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const toggle = () => {
    const next = theme === 'dusk' ? 'limewash' : 'dusk';
    localStorage.setItem(KEY, next);
    setTheme(next);
  };
  return [theme, toggle];
}
