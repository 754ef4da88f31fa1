import { type MeterAnswer, type Reading, type StandIn } from '@aviarum/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import * as meters from '../../api/meters';
import { ApiError } from '../../api/client';

/** A line that a stand-in reads is looked at so often, ms; one that is read by hand or by a meter, seldom. */
const EVERY = { standIn: 2000, other: 30_000 } as const;

/** What a meter shows, looked at again and again while it is on the screen; and what can be done to it. */
export function useMeter(holding: string, meter: string) {
  const [shown, setShown] = useState<MeterAnswer | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const sayTrouble = useCallback((error: unknown) => {
    if (error instanceof ApiError) setTrouble(error.problems[0]?.message ?? error.title);
    else setTrouble('The server does not answer; readings are shown once it does.');
  }, []);
  const standIn = shown?.standIn != null;
  // What was asked before something was done says nothing of what it did.
  const done = useRef(0);
  useEffect(() => {
    let current = true;
    const look = async () => {
      const before = done.current;
      try {
        const answer = await meters.meter(holding, meter);
        if (!current || before !== done.current) return;
        setShown(answer);
        setTrouble(null);
      } catch (error) {
        if (current) sayTrouble(error);
      }
    };
    void look();
    const timer = setInterval(() => void look(), standIn ? EVERY.standIn : EVERY.other);
    return () => {
      current = false;
      clearInterval(timer);
    };
  }, [holding, meter, standIn, sayTrouble]);
  /** Does something, and shows what has come of it. @returns whether it was taken */
  const doing = async (what: () => Promise<unknown>) => {
    done.current += 1;
    const mine = done.current;
    try {
      await what();
      const answer = await meters.meter(holding, meter);
      if (mine === done.current) setShown(answer);
      setTrouble(null);
      return true;
    } catch (error) {
      sayTrouble(error);
      return false;
    }
  };
  return {
    shown,
    trouble,
    typeIn: (reading: Reading) => doing(() => meters.addReadings(holding, meter, [reading], 'hand')),
    forget: () => doing(() => meters.forgetReadings(holding, meter)),
    setStandIn: (setting: StandIn) => {
      // Shown as set at once; the answer follows.
      setShown((now) => now && { ...now, standIn: now.standIn && setting });
      return doing(() => meters.putStandIn(holding, meter, setting));
    },
    removeStandIn: () => doing(() => meters.removeStandIn(holding, meter)),
  };
}
