const KEY = 'aviarum holding';

/** The holding that was open last on this device; none where it keeps nothing. */
export function lastHolding(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}

export function rememberHolding(id: string): void {
  try {
    localStorage.setItem(KEY, id);
  } catch {
    // A device that keeps nothing asks the server next time.
  }
}
