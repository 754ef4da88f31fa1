import { stopId } from '../../sheet/stopId';
import {
  type Plan,
  type RingSide,
  newId,
  sideProfile,
  standingOn,
  usualStanding,
  spotAt,
  surveyRings,
  terrainOf,
  formatPart,
  parsePart,
} from '@aviarum/core';
import { Pick } from '../../fields/Choice';
import { LengthField } from '../../fields/LengthField';
import { AngleField, GradeField } from '../../fields/RatioFields';
import { usePlan } from '../../state/planStore';
import { useSelection } from '../../state/selection';

const MOST = 500;
/** Taken of a fence that stands until somebody says more, m. */
const USUAL_HEIGHT = 1.5;

/** What a side can be: fence, an existing wall, nothing, or the wall of one of the buildings. */
export function useSideKind(plan: Plan) {
  const take = usePlan((s) => s.take);
  const options = [
    { value: 'fence', label: 'fence' },
    { value: 'standing', label: 'standing fence' },
    { value: 'wall', label: 'existing wall' },
    { value: 'open', label: 'open' },
    ...plan.ground.buildings
      .filter((b) => b.stands === 'walls')
      .map((b) => ({
        value: formatPart({ on: 'building', building: b.id }),
        label: `wall of ${b.name}`,
      })),
  ];
  // An end of an arch can be something else as well, a foot cannot.
  const arched = new Set(plan.arches.map((a) => a.enclosure));
  const ends = new Set(
    plan.enclosures
      .filter((e) => arched.has(e.id))
      .flatMap((e) => e.ring.map((step) => step.side))
      .filter((id) => plan.sides.find((s) => s.id === id)?.kind !== 'arch-foot'),
  );
  const optionsFor = ({ side }: RingSide) => {
    if (side.kind === 'arch-foot') return [{ value: 'arch-foot', label: 'foot of an arch' }];
    return ends.has(side.id)
      ? [
          { value: 'arch-end', label: 'end of an arch' },
          ...options.filter((o) => o.value !== 'fence' && o.value !== 'standing'),
        ]
      : options;
  };
  const valueOf = ({ side }: RingSide) =>
    side.kind === 'building'
      ? formatPart({ on: 'building', building: side.building })
      : standingOn(side)
        ? 'standing'
        : side.kind;
  const choose = ({ side }: RingSide, value: string) => {
    const house = parsePart(value);
    if (house?.on === 'building')
      take({ verb: 'set-side-building', side: side.id, building: house.building });
    else if (value === 'fence' && standingOn(side))
      take({ verb: 'set-standing', sides: [side.id], standing: null });
    else if (value === 'standing')
      take({ verb: 'set-standing', sides: [side.id], standing: usualStanding(USUAL_HEIGHT) });
    else
      take({ verb: 'set-side-kind', side: side.id, kind: value as 'fence' | 'wall' | 'open' | 'arch-end' });
  };
  return { optionsFor, valueOf, choose };
}

const NAMES = ['side', 'length', 'turn', 'grade', 'what it is'] as const;

interface RowProps {
  readonly plan: Plan;
  readonly side: RingSide;
  /** The run in whose ring it turns. */
  readonly enclosure: string;
}

/** One side: its number opens it, everything else is a field. */
function SideRow({ plan, side: s, enclosure }: RowProps) {
  const take = usePlan((state) => state.take);
  const { at, openThing } = useSelection();
  const { optionsFor, valueOf, choose } = useSideKind(plan);
  const { spotHeights } = plan.ground;
  const terrain = terrainOf(spotHeights);
  const profile = sideProfile(terrain, s);
  const grade = s.length > 0 ? (profile.heightAt(s.length) - profile.heightAt(0)) / s.length : 0;
  const stop = stopId({ on: 'side', side: s.side.id });
  const setGrade = (to: number) => {
    const id = newId('z', spotHeights, Math.random);
    const start = terrain.heightAt(s.start);
    const heights = [{ id, at: s.end, height: start + to * s.length }];
    if (!spotAt(spotHeights, s.start))
      heights.unshift({ id: newId('z', [...spotHeights, { id }], Math.random), at: s.start, height: start });
    take({ verb: 'set-heights', heights });
  };
  return (
    <tr data-open={at === stop ? 'yes' : 'no'}>
      <th scope="row">
        <button
          type="button"
          className="linebtn"
          aria-label={`Open side ${s.number}`}
          aria-pressed={at === stop}
          onClick={() => openThing(at === stop ? null : stop)}
        >
          {s.number}
        </button>
      </th>
      <td>
        <LengthField
          name={`Side ${s.number}`}
          hideName
          value={s.length}
          least={0.1}
          most={MOST}
          onCommit={(length) => take({ verb: 'set-side-length', side: s.side.id, length })}
        />
      </td>
      <td>
        <AngleField
          name={`Turn after side ${s.number}`}
          hideName
          value={s.turn}
          onCommit={(turn) => take({ verb: 'set-turn', enclosure, corner: s.endCorner, turn })}
        />
      </td>
      <td>
        <GradeField name={`Grade of side ${s.number}`} hideName value={grade} onCommit={setGrade} />
      </td>
      <td>
        <Pick
          name={`Side ${s.number} is`}
          hideName
          value={valueOf(s)}
          options={optionsFor(s)}
          onChoose={(value) => choose(s, value)}
        />
      </td>
    </tr>
  );
}

/** Every side as a row: length, turn at its end, grade, and what it is; the same outline as on the sheet. */
export function SidesTable({ plan }: { plan: Plan }) {
  const seen = new Set<string>();
  return (
    <table className="sides">
      <caption className="sr-only">Sides</caption>
      <thead>
        <tr>
          {NAMES.map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {surveyRings(plan).flatMap((ring) =>
          ring.sides.flatMap((side) => {
            if (seen.has(side.side.id)) return [];
            seen.add(side.side.id);
            return [<SideRow key={side.side.id} plan={plan} side={side} enclosure={ring.enclosure} />];
          }),
        )}
      </tbody>
    </table>
  );
}
