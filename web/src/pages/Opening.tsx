import { useEffect, useState } from 'react';

/** When waiting is worth a word, ms. */
const LONG = 4000;

/** While something is fetched; after a while it says that it takes long. */
export function Opening({ what }: { what: string }) {
  const [long, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), LONG);
    return () => clearTimeout(timer);
  }, []);
  return (
    <p className="page soft" role="status">
      Opening {what} …{long && ' The server takes long to answer; still waiting.'}
    </p>
  );
}
