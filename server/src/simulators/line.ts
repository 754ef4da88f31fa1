import type { FaultId, Reading, StandIn } from '@aviarum/core';

/** How a stand-in stands: its own clock, and what is in its battery. */
export interface LineState {
  /** Its own time, hours since 1970. */
  readonly hour: number;
  /** Of the battery’s capacity. */
  readonly charge: number;
  /** Growth since it was mown, 0 to 1. */
  readonly growth: number;
}

/** A number between 0 and 1 that belongs to a seed and an hour (mulberry32). */
function chance(seed: number, hour: number): number {
  let t = (seed ^ Math.imul(hour, 0x9e3779b1)) >>> 0;
  t = (t + 0x6d2b79f5) >>> 0;
  let r = Math.imul(t ^ (t >>> 15), t | 1);
  r ^= r + Math.imul(r ^ (r >>> 7), r | 61);
  return ((r ^ (r >>> 14)) >>> 0) / 4_294_967_296;
}

/** With nothing on it an energiser makes so much, kV. */
const OPEN = 8.6;
/** A 12 V battery at rest, empty and full, V. */
const EMPTY = 11.6;
const FULL = 12.75;
/** At so little charge the energiser stops. */
const STOPS = 0.06;

/** What one hour puts on the line, as a share of what the energiser can bear. */
function loadOf(setting: StandIn, state: LineState, has: (fault: FaultId) => boolean): number {
  const { seed, needed, output } = setting;
  const hour = state.hour % 24;
  const dew = hour >= 3 && hour < 8 ? 1 : 0;
  const wet = has('rain') ? 1 : 0.25 * dew;
  const day = Math.floor(state.hour / 24);
  const shower = chance(seed, day) < 0.2 && chance(seed, state.hour) < 0.4 ? 0.6 : 0;
  const grown = state.growth * (1 + 0.8 * Math.max(wet, shower));
  const snow = has('snow') ? 1.6 : 0;
  return (needed / output) * (0.35 + 1.4 * grown + 0.25 * Math.max(wet, shower) + snow);
}

/** The line at one hour, as a meter on it reads. */
export function readLine(setting: StandIn, state: LineState): Reading {
  const has = (fault: FaultId) => setting.faults.includes(fault);
  const noise = 1 + 0.03 * (chance(setting.seed + 1, state.hour) - 0.5);
  const battery =
    setting.capacity === null ? null : EMPTY + (FULL - EMPTY) * Math.sqrt(Math.max(0, state.charge));
  const off = has('outage') || (battery !== null && state.charge < STOPS);
  const earth = has('dry') ? 0.55 : 1;
  const weak = battery === null ? 1 : 0.8 + 0.2 * Math.min(1, state.charge / 0.4);
  const near = off ? 0 : (OPEN * earth * weak * noise) / (1 + loadOf(setting, state, has));
  const wet = has('rain') ? 0.75 : 1;
  const far = has('strand') ? 0.02 : has('insulator') ? near * 0.48 * wet : near * 0.94;
  const two = (n: number) => Math.round(n * 100) / 100;
  return {
    at: new Date(state.hour * 3_600_000).toISOString(),
    near: two(has('insulator') ? near * 0.86 : near),
    far: two(far),
    battery: battery === null ? null : two(battery),
    draw: off ? 0 : Math.round(setting.draw * 1000) / 1000,
  };
}

/** What an hour does to battery and strip. */
export function nextHour(setting: StandIn, { hour, charge, growth }: LineState): LineState {
  const has = (fault: FaultId) => setting.faults.includes(fault);
  const capacity = setting.capacity ?? 1;
  // The sun gives its day’s charge between seven and five.
  const sunny = hour % 24 >= 7 && hour % 24 < 17 && !has('battery') ? setting.gain / 10 : 0;
  const used = has('outage') ? 0 : setting.draw;
  return {
    hour: hour + 1,
    charge: setting.capacity === null ? 1 : Math.max(0, Math.min(1, charge + (sunny - used) / capacity)),
    growth: has('growth') ? Math.min(1, growth + 1 / (24 * 10)) : Math.max(0, growth - 1 / 12),
  };
}

/** Hours from one time to another, each read as it goes by. */
export function runLine(
  setting: StandIn,
  from: LineState,
  until: number,
): { readonly readings: readonly Reading[]; readonly state: LineState } {
  const readings: Reading[] = [];
  let state = from;
  while (state.hour < until) {
    state = nextHour(setting, state);
    readings.push(readLine(setting, state));
  }
  return { readings, state };
}
