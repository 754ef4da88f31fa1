import { useState } from 'react';
import type { useMeter } from './useMeter';

/** Voltage as it is typed. */
function VoltField({ name, value, onSet }: { name: string; value: string; onSet: (text: string) => void }) {
  return (
    <label className="field">
      <span className="name">{name}</span>
      <input
        className="input figure"
        inputMode="decimal"
        autoComplete="off"
        value={value}
        onChange={(event) => onSet(event.target.value)}
      />
    </label>
  );
}

const number = (text: string): number | null =>
  /^\d+([.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : null;

/** A reading taken by hand, where no meter sends any. */
export function ByHand({ onSend }: { onSend: ReturnType<typeof useMeter>['typeIn'] }) {
  const [near, setNear] = useState('');
  const [far, setFar] = useState('');
  const [battery, setBattery] = useState('');
  const [said, setSaid] = useState<string | null>(null);
  const send = async () => {
    const kv = number(near);
    const [farKv, volts] = [far, battery].map((text) => (text.trim() === '' ? null : number(text)));
    if (kv === null) return setSaid('Type what the near end reads as a number of kV, such as 5.2.');
    if (farKv === null && far.trim() !== '')
      return setSaid('Type the far end as a number of kV, such as 5.0.');
    if (volts === null && battery.trim() !== '')
      return setSaid('Type the battery as a number of volts, such as 12.4.');
    setSaid(null);
    const at = new Date().toISOString();
    if (await onSend({ at, near: kv, far: farKv ?? null, battery: volts ?? null, draw: null })) {
      setNear('');
      setFar('');
      setBattery('');
    }
  };
  return (
    <form
      className="byhand"
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <div className="fields">
        <VoltField name="Near end, kV" value={near} onSet={setNear} />
        <VoltField name="Far end, kV" value={far} onSet={setFar} />
        <VoltField name="Battery, V" value={battery} onSet={setBattery} />
      </div>
      {said !== null && (
        <p className="wrong" role="alert">
          {said}
        </p>
      )}
      <div className="mends">
        <button type="submit" className="btn">
          Write it down
        </button>
      </div>
    </form>
  );
}
