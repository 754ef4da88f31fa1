import type { Term, TermCode } from '../working';
import type { AssumptionId } from '../plan/assumptions';
import { ROUGH_ROWS as ARCH } from '../stages/arch/words/rough';
import { ROUGH_ROWS as COVER } from '../stages/cover/words/rough';
import { ROUGH_ROWS as LIVE } from '../stages/live/words/rough';
import { BAGGED } from '../stages/facts';
import { FOOT } from '../units/factors';
import type { UnitSystem } from '../units/parseLength';
import { inUnits } from '../saying/inUnits';
import type { AssumedRow, Touches } from '../working/assumed';

const hours = (name: string, ...told: readonly TermCode[]): AssumedRow => ({
  name,
  unit: 'h',
  touches: ['hours'],
  told,
});
/** Hours for a metre, square or cubic, and the same for a foot. */
const hoursPer = (
  power: 1 | 2 | 3,
  name: string,
  feet: string,
  ...told: readonly TermCode[]
): AssumedRow => ({
  ...hours(name, ...told),
  feet: { name: feet, per: FOOT ** power },
});
const length = (name: string, touches: readonly Touches[], ...told: readonly TermCode[]): AssumedRow => ({
  name,
  unit: 'm',
  touches,
  told,
});

/** Every rough figure (rules: Assumptions), in the order in which it is shown. */
export const ASSUMED: Readonly<Record<AssumptionId, AssumedRow>> = {
  endAllowance: length('Mesh turned back at each free end', ['price', 'hours'], 'mesh.end-each'),
  jointLap: length('Lap at a joint along the mesh', ['price']),
  bandLap: length('Least lap of one band over another', ['price', 'hours']),
  concreteBagVolume: {
    name: 'Concrete from a 20 kg bag of dry mix',
    unit: 'm³',
    touches: ['price', 'hours'],
    told: BAGGED,
  },
  leafOverlap: length('Leaf wider than its clear opening by', ['price'], 'mesh.leaf'),
  leafClearance: length('Ground may rise under a swinging leaf by', ['findings']),
  eaveOverhang: length('Eaves overhang the wall by', ['findings']),
  barrowLane: length('Least width of a lane for a barrow', ['findings']),
  hoursStakeOut: hours('Staking out a run', 'hours.stake-out'),
  hoursPostDug: hours('A post dug in', 'hours.posts'),
  hoursPostDriven: hours('A post driven', 'hours.posts'),
  hoursPostSpike: hours('A post on a spike', 'hours.posts'),
  hoursConcrete: hours('Concrete for a post, added to digging', 'hours.concrete'),
  hoursMeshMetre: hoursPer(1, 'A metre of mesh hung', 'A foot of mesh hung', 'hours.mesh'),
  hoursTakeOffMetre: hoursPer(
    1,
    'A metre of old mesh taken off',
    'A foot of old mesh taken off',
    'hours.take-off',
  ),
  hoursTrenchCubicMetre: hoursPer(3, 'A cubic metre of trench', 'A cubic foot of trench', 'hours.trench'),
  hoursApronMetre: hoursPer(1, 'A metre of apron laid', 'A foot of apron laid', 'hours.apron'),
  hoursStoneCubicMetre: hoursPer(3, 'A cubic metre of stones', 'A cubic foot of stones', 'hours.stones'),
  hoursConcreteBag: hours('A bag mixed and poured in a strip', 'hours.concrete-strip'),
  hoursBoardMetre: hoursPer(1, 'A metre of board or rail', 'A foot of board or rail', 'hours.boards'),
  hoursGateKit: hours('A gate hung from a kit', 'hours.gates'),
  hoursGateBuilt: hours('A gate built and hung', 'hours.gates-built'),
  hoursPopDoor: hours('A pop door or hatch', 'hours.pop-doors'),
  ...ARCH,
  ...COVER,
  ...LIVE,
  secondPerson: {
    name: 'With a second person, share of the hours',
    unit: 'share',
    touches: ['hours'],
    told: ['hours.elapsed'],
  },
};

/** What a rough figure is called by a reader, and how many of it one that is kept makes. */
export function assumedAs(
  row: AssumedRow,
  system: UnitSystem,
): { readonly name: string; readonly per: number } {
  if (system === 'imperial' && row.feet) return row.feet;
  return { name: inUnits(row.name, system), per: 1 };
}

const ROWS = Object.entries(ASSUMED) as readonly (readonly [AssumptionId, AssumedRow])[];

/** The rough figures that a working stands on, each once. */
export function assumedIn(term: Term): readonly AssumptionId[] {
  const codes = new Set<TermCode>();
  const walk = (t: Term) => {
    codes.add(t.code);
    t.terms.forEach(walk);
  };
  walk(term);
  return ROWS.flatMap(([id, row]) => (row.told.some((code) => codes.has(code)) ? [id] : []));
}
