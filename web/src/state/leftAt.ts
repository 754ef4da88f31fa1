import { STAGE_IDS, type StageId } from '@aviarum/core';

/** Plans of which this device remembers the stage. */
const MOST = 200;
const KEY = 'aviarum left at';

function all(): Readonly<Record<string, string>> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}');
    return typeof kept === 'object' && kept !== null ? (kept as Record<string, string>) : {};
  } catch {
    return {};
  }
}

/** The stage at which a plan was left on this device; its outline where it was never open here. */
export function leftAt(holding: string, plan: string): StageId {
  const stage = all()[`${holding} ${plan}`];
  return STAGE_IDS.find((id) => id === stage) ?? 'outline';
}

export function rememberStage(holding: string, plan: string, stage: StageId): void {
  const { [`${holding} ${plan}`]: _, ...others } = all();
  const kept = Object.entries(others).slice(1 - MOST);
  try {
    localStorage.setItem(KEY, JSON.stringify(Object.fromEntries([...kept, [`${holding} ${plan}`, stage]])));
  } catch {
    // A device that keeps nothing opens the outline.
  }
}
