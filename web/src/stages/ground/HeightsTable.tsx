import {
  type Plan,
  type Point,
  type RingSide,
  newId,
  sideProfile,
  spotAt,
  surveyRings,
  terrainOf,
  formatPart,
} from '@aviarum/core';
import { useState } from 'react';
import { LengthField } from '../../fields/LengthField';
import { usePlan } from '../../state/planStore';
import { useReader } from '../../state/reckoningStore';

type Way = 'string' | 'drop' | 'rise';
const WAYS: readonly { readonly value: Way; readonly label: string; readonly how: string }[] = [
  {
    value: 'string',
    label: 'string level',
    how: 'Pull a level string over the stakes and measure down from it to the ground at each.',
  },
  {
    value: 'drop',
    label: 'drop at stakes',
    how: 'How far the ground at each stake is below that at corner 1; negative where it is higher.',
  },
  {
    value: 'rise',
    label: 'rise over run',
    how: 'How much each side rises from its first corner to its next; negative where it falls.',
  },
];
const MOST = 500;

interface Stake {
  readonly key: string;
  readonly name: string;
  readonly at: Point;
}

/** Corners by number, then the heights measured elsewhere. */
function stakesOf(plan: Plan): readonly Stake[] {
  const seen = new Map<string, Stake>();
  for (const s of surveyRings(plan).flatMap((r) => r.sides)) {
    if (!seen.has(s.startCorner))
      seen.set(s.startCorner, {
        key: formatPart({ on: 'corner', corner: s.startCorner }),
        name: `Corner ${s.startNumber}`,
        at: s.start,
      });
  }
  const corners = [...seen.values()];
  const elsewhere = plan.ground.spotHeights.flatMap((spot, i): Stake[] => {
    const known = corners.some((c) => spotAt([spot], c.at) !== undefined);
    return known ? [] : [{ key: spot.id, name: `Height ${i + 1}`, at: spot.at }];
  });
  return [...corners, ...elsewhere];
}

/** Heights as they were taken, in the way they were taken; each way edits the same heights. */
export function HeightsTable() {
  const plan = usePlan((s) => s.draft?.plan ?? s.plan);
  const take = usePlan((s) => s.take);
  const [way, setWay] = useState<Way>('string');
  if (!plan) return null;
  const { spotHeights } = plan.ground;
  const how = WAYS.find((w) => w.value === way)?.how ?? '';
  const addElsewhere = () => {
    const ring = surveyRings(plan)[0];
    const start = ring?.sides[0]?.start ?? { x: 0, y: 0 };
    const at = { x: Math.round(start.x) - 3, y: Math.round(start.y) - 3 };
    const height = terrainOf(spotHeights).heightAt(at);
    take({
      verb: 'add-to-ground',
      list: 'spotHeights',
      thing: { id: newId('z', spotHeights, Math.random), at, height: Math.round(height * 100) / 100 },
    });
  };
  return (
    <section>
      <div className="choices" role="group" aria-label="How heights are given">
        {WAYS.map((w) => (
          <button key={w.value} type="button" aria-pressed={w.value === way} onClick={() => setWay(w.value)}>
            {w.label}
          </button>
        ))}
      </div>
      <p className="small soft">{how}</p>
      {way === 'rise' ? <RiseRows plan={plan} /> : <StakeRows plan={plan} way={way} />}
      <div className="mends">
        <button type="button" className="btn" onClick={addElsewhere}>
          Add a height elsewhere
        </button>
      </div>
    </section>
  );
}

function StakeRows({ plan, way }: { plan: Plan; way: 'string' | 'drop' }) {
  const take = usePlan((s) => s.take);
  const { spotHeights } = plan.ground;
  const terrain = terrainOf(spotHeights);
  const stakes = stakesOf(plan);
  const first = stakes[0];
  // The string is at the highest stake, or at nothing where all heights were read down from one.
  const string = Math.max(0, ...spotHeights.map((s) => s.height));
  const from = way === 'string' || !first ? string : terrain.heightAt(first.at);
  const set = (stake: Stake, down: number) => {
    const id = newId('z', spotHeights, Math.random);
    const heights = [{ id, at: stake.at, height: from - down }];
    if (way === 'drop' && first && stake !== first && !spotAt(spotHeights, first.at))
      heights.push({ id: newId('z', [...spotHeights, { id }], Math.random), at: first.at, height: from });
    take({ verb: 'set-heights', heights });
  };
  return (
    <div className="rows">
      {stakes.map((stake) => {
        const spot = spotAt(spotHeights, stake.at);
        if (way === 'drop' && stake === first) return null;
        return (
          <LengthField
            key={stake.key}
            name={stake.name}
            value={spot ? from - spot.height : null}
            least={-MOST}
            most={MOST}
            placeholder="not measured"
            onCommit={(down) => set(stake, down)}
          />
        );
      })}
    </div>
  );
}

function RiseRows({ plan }: { plan: Plan }) {
  const take = usePlan((s) => s.take);
  const reader = useReader();
  const { spotHeights } = plan.ground;
  const terrain = terrainOf(spotHeights);
  const seen = new Set<string>();
  const sides = surveyRings(plan).flatMap((r) =>
    r.sides.flatMap((s, i) => {
      if (seen.has(s.side.id)) return [];
      seen.add(s.side.id);
      return [{ s, closes: i === r.sides.length - 1 }];
    }),
  );
  const set = (side: RingSide, rise: number) => {
    const id = newId('z', spotHeights, Math.random);
    const start = terrain.heightAt(side.start);
    const heights = [{ id, at: side.end, height: start + rise }];
    if (!spotAt(spotHeights, side.start))
      heights.unshift({
        id: newId('z', [...spotHeights, { id }], Math.random),
        at: side.start,
        height: start,
      });
    take({ verb: 'set-heights', heights });
  };
  const riseOf = (side: RingSide) => {
    const profile = sideProfile(terrain, side);
    return profile.heightAt(side.length) - profile.heightAt(0);
  };
  return (
    <div className="rows">
      {sides.map(({ s, closes }) =>
        closes ? (
          <p key={s.side.id} className="small soft" style={{ margin: 0 }}>
            Side {s.number} closes the ring: {reader.length(riseOf(s))}.
          </p>
        ) : (
          <LengthField
            key={s.side.id}
            name={`Side ${s.number}, over ${reader.length(s.length)}`}
            value={riseOf(s)}
            least={-MOST}
            most={MOST}
            onCommit={(rise) => set(s, rise)}
          />
        ),
      )}
    </div>
  );
}
