import {
  THREATS,
  type ToldFinding,
  type ToldVerdict,
  WAY_SAID,
  capital,
  sayBecause,
  sayFinding,
} from '@aviarum/core';
import { useReader } from '../state/reckoningStore';

/** The first clause is enough here; the stage says the rest. */
function shorten(sentence: string): string {
  const clause = sentence.split(/[:;.](?:\s|$)/)[0] ?? sentence;
  return clause.length > 68 ? `${clause.slice(0, 66)}…` : clause;
}

/** The worst matter in a clause: the sentences of all stages come with it. */
export function WorstSentence({ worst }: { worst: ToldFinding }) {
  return <b>{shorten(sayFinding(worst, useReader()))}</b>;
}

/** Who comes in first, and why, in a clause. */
export function WorstVerdict({ verdict }: { verdict: ToldVerdict }) {
  const { threat, entry, reason } = verdict;
  const who = `${capital(THREATS[threat].name)} ${WAY_SAID[entry]}`;
  return <b>{shorten(`${who}, ${sayBecause(reason, useReader())}`)}</b>;
}
