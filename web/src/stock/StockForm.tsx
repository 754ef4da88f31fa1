import type { ReactNode } from 'react';

/** A form sent by its button alone: Enter in a field commits that field, as everywhere else. */
export function StockForm({ onSend, children }: { onSend: () => void; children: ReactNode }) {
  return (
    <form
      className="stockform"
      onKeyDown={(event) => {
        if (event.key === 'Enter' && event.target instanceof HTMLInputElement) event.preventDefault();
      }}
      onSubmit={(event) => {
        event.preventDefault();
        onSend();
      }}
    >
      {children}
    </form>
  );
}
