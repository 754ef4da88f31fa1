import type { Rating, Way } from '../findings/entry';
import { formatPart, parsePart } from '../plan/partRef';
import type { Plan } from '../plan/schema';
import { PRESENCES, THREATS, THREAT_IDS, type Presence, type ThreatId } from '../stages/threats/plan/kinds';
import { type ToldVerdict, worseFirst } from '../verdicts/rated/types';
import type { StripScene } from './strip';

/** A part where something comes in, or is held, above its own place on the strip. */
export interface NightMark {
  readonly key: string;
  /** Along the strip, m. */
  readonly x: number;
  readonly rating: Rating;
  /** Until it is in, h. */
  readonly hours: number | null;
  /** Everything that lets this threat in here, the worst first. */
  readonly verdicts: readonly ToldVerdict[];
  /** What is said of several marks of a row is written at the first of them. */
  readonly says: boolean;
}

/** One threat that is about, over the fence. */
export interface NightRow {
  readonly threat: ThreatId;
  readonly presence: Presence;
  /** The worst of what meets it; undefined where it meets nothing that is judged. */
  readonly worst: ToldVerdict | undefined;
  readonly counts: boolean;
  readonly marks: readonly NightMark[];
}

/** What of a night is shown. */
export interface NightShown {
  /** The run or net that the strip shows. */
  readonly shown: string;
  /** Shut in a house, only what comes in there takes them by night. */
  readonly birds: 'shut in' | 'left out';
}

/** Whether there is a house to be shut in. */
export const hasHouse = ({ ground, sides }: Pick<Plan, 'ground' | 'sides'>): boolean =>
  ground.buildings.some(
    ({ id, stands, doors, vents, floor }) =>
      stands === 'walls' &&
      (doors !== undefined ||
        vents !== undefined ||
        floor !== undefined ||
        sides.some((s) => s.kind === 'building' && s.building === id)),
  );

/** By night a house that is shut is all that is between them: its vents, its floor, its own doors. */
const meets = (birds: NightShown['birds'], v: ToldVerdict): boolean =>
  birds === 'left out' || THREATS[v.threat].when !== 'night' || v.part.on === 'building';

/** Where a verdict stands on the strip, m; null where its part is of another run. */
function placeOf({ part, side, enclosure }: ToldVerdict, scene: StripScene, shown: string): number | null {
  if (part.on === 'opening') {
    const name = formatPart(part);
    const gate = scene.gates.find((g) => {
      const ref = parsePart(g.part);
      return ref !== null && formatPart(ref) === name;
    });
    if (gate) return (gate.from + gate.to) / 2;
  }
  const on = scene.sides.find((s) => s.id === side);
  if (part.on === 'corner' && on) return on.begins;
  if (on) return on.begins + on.length / 2;
  if (part.on === 'building') {
    const house = scene.sides.find((s) => s.kind === 'building');
    if (house) return house.begins + house.length / 2;
  }
  // What lies over all of a run, or goes round it, stands in its middle.
  return enclosure === shown || enclosure === null || enclosure === `net ${shown}` ? scene.length / 2 : null;
}

const wayOf = (v: ToldVerdict): string => `${v.entry} ${JSON.stringify(v.reason)}`;

/** What holds it, once for each place where it would try first: at the foot, from above, through the mesh. */
function held(verdicts: readonly ToldVerdict[]): readonly ToldVerdict[] {
  const first = (...ways: readonly Way[]) => verdicts.find((v) => ways.includes(v.entry));
  const foot = first('under');
  const lid = first('above', 'over');
  return [foot, lid].some((v) => v) ? [foot, lid].filter((v) => v !== undefined) : verdicts.slice(0, 1);
}

/** Marks of one threat: what lets it in, place by place; where nothing does, one for what holds it. */
function marksOf(verdicts: readonly ToldVerdict[], scene: StripScene, shown: string): readonly NightMark[] {
  const worst = verdicts.filter((v) => v.rating !== 'holds');
  const told = worst.length > 0 ? worst : held(verdicts);
  const at = new Map<string, { x: number; verdicts: ToldVerdict[] }>();
  for (const verdict of told) {
    const x = placeOf(verdict, scene, shown);
    if (x === null) continue;
    const key = x.toFixed(2);
    const known = at.get(key);
    if (known) known.verdicts.push(verdict);
    else at.set(key, { x, verdicts: [verdict] });
  }
  const said = new Set<string>();
  return [...at]
    .map(([key, { x, verdicts: here }]) => ({ key, x, verdicts: [...here].sort(worseFirst) }))
    .sort((a, b) => a.x - b.x)
    .map(({ key, x, verdicts: here }): NightMark => {
      const [first] = here;
      const way = first ? wayOf(first) : '';
      const says = !said.has(way);
      said.add(way);
      return {
        key,
        x,
        rating: first?.rating ?? 'holds',
        hours: first?.hours ?? null,
        verdicts: here,
        says,
      };
    });
}

/**
 * Everybody who is about, those seen first and what counts before what does not, each with marks above the places where it comes in.
 */
export function nightRows(
  { threats }: Pick<Plan, 'threats'>,
  verdicts: readonly ToldVerdict[],
  scene: StripScene,
  { shown, birds }: NightShown,
): readonly NightRow[] {
  const rows = THREAT_IDS.flatMap((threat): NightRow[] => {
    const presence = threats[threat] ?? 'absent';
    if (presence === 'absent') return [];
    const mine = verdicts.filter((v) => v.threat === threat && meets(birds, v));
    const worst = mine.reduce<ToldVerdict | undefined>(
      (w, v) => (w && worseFirst(w, v) <= 0 ? w : v),
      undefined,
    );
    return [
      {
        threat,
        presence,
        worst,
        counts: worst?.counts ?? true,
        marks: marksOf(mine, scene, shown),
      },
    ];
  });
  return rows.sort(
    (a, b) =>
      Number(b.counts) - Number(a.counts) || PRESENCES.indexOf(a.presence) - PRESENCES.indexOf(b.presence),
  );
}

/** Ways in, as a mark says them. */
export const WAY_SAID: Readonly<Record<Way, string>> = {
  through: 'through',
  reach: 'by reaching in',
  tear: 'by tearing',
  under: 'under',
  over: 'over',
  above: 'from above',
  door: 'by the door',
};
