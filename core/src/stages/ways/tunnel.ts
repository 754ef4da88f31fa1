import type { AskOf, Demand, Reason } from '../../buying/demand';
import { NO_JOINTS, type Run } from '../../buying/run';
import { perUnit } from '../../build/rate';
import type { RollMarket } from '../../catalogue/market';
import type { Products } from '../../catalogue/products';
import { jointLapOf } from '../../catalogue/rigid';
import { PITCH, onePast, packed } from '../../fasteners/along';
import { ringed } from '../../fasteners/seams';
import { type Finding, finding } from '../../findings/types';
import { distance } from '../../ground/vector';
import type { Assumptions } from '../../plan/assumptions';
import type { Change } from '../../plan/changes/types';
import { placeAt } from '../../plan/place';
import type { Boundary, Plan } from '../../plan/schema';
import { tidy } from '../../units/round';
import { type Term, product, value } from '../../working';
import { USUAL_TUNNEL } from '../ground/plan/kinds';
import { type OpeningLimits, passing, shorterSide } from '../threats/shown/openings';
import { breaking, finerMesh, tornBy, wireAgainst } from '../threats/shown/strongMesh';

/** A low run between house and run, or run and run, with how it is built. */
export interface Tunnel {
  readonly line: Boundary;
  readonly built: NonNullable<Boundary['tunnel']>;
  readonly length: number;
}

export const tunnelsOf = (lines: readonly Boundary[]): readonly Tunnel[] =>
  lines.flatMap((line): Tunnel[] => {
    if (line.kind !== 'tunnel') return [];
    const length = line.line.slice(1).reduce((n, p, i) => n + distance(line.line[i] ?? p, p), 0);
    return [{ line, built: line.tunnel ?? USUAL_TUNNEL, length }];
  });

const reasonOf = ({ line }: Tunnel): Reason => ({
  stage: 'ways',
  part: { on: 'boundary', boundary: line.id },
});

/** Two sides and a top, each a lap wider than it is. */
const widthsOf = ({ built: { width, height } }: Tunnel, lap: number): readonly number[] =>
  [height, width, height].map((w) => tidy(w + lap));

const plain = { startAllowance: 0, endAllowance: 0, joints: [], atJoint: NO_JOINTS, spans: [], leans: [] };

/** Mesh over tunnels, ringed along its edges and pegged along both feet. */
export function tunnelDemands(
  tunnels: readonly Tunnel[],
  products: Pick<Products, 'mesh'>,
  assumed: Assumptions,
): readonly Demand[] {
  return tunnels.flatMap((tunnel, nth): Demand[] => {
    const { line, built, length } = tunnel;
    const reason = reasonOf(tunnel);
    const strips = widthsOf(tunnel, assumed.bandLap).map((width, i): AskOf<'sheet'> => ({
      ...reason,
      buy: 'sheet',
      mesh: built.mesh,
      width: length,
      height: width,
      count: 1,
      lap: jointLapOf(products.mesh(built.mesh).type, assumed.jointLap),
      runsIn: (): readonly Run[] => [
        {
          ...plain,
          part: { on: 'tunnel', boundary: line.id, nth: i + 1 },
          use: 'tunnel',
          length,
          across: width,
          place: placeAt('vent', nth, i),
        },
      ],
    }));
    const feet = [1, 2].map(() => onePast('fasten.tied-along', length, PITCH.peg, { at: 0, length }));
    return [
      ...strips,
      ringed(reason, [
        { kind: 'bands', length },
        { kind: 'bands', length },
      ]),
      packed(reason, 'peg', feet),
    ];
  });
}

/** Hours to hang the mesh of tunnels: three strips of it. */
export const tunnelHours = (tunnels: readonly Tunnel[], a: Assumptions): readonly Term[] =>
  tunnels.map(({ length }) =>
    product('hours.mesh', 'h', {}, [
      value('hours.metres', length, 'm', {}),
      value('hours.bands', 3, 'piece', {}),
      perUnit(a.hoursMeshMetre),
    ]),
  );

/** With other mesh over it; nothing where none is sold. */
export const tunnelMeshed = ({ line, built }: Tunnel, mesh: string | undefined): readonly Change[] =>
  mesh === undefined
    ? []
    : [{ verb: 'set-on-ground', list: 'boundaries', id: line.id, to: { tunnel: { ...built, mesh } } }];

/** What tunnels are judged by. */
export interface TunnelsSeenBy {
  readonly market: RollMarket;
  readonly lines: readonly Boundary[];
  readonly limits: OpeningLimits;
  readonly threats: Plan['threats'];
  readonly threatFigures: Plan['threatFigures'];
}

/** What gets through the mesh of a tunnel, or tears it: an enclosure of its own. */
export function tunnelFindings(by: TunnelsSeenBy): readonly Finding[] {
  const { market, limits } = by;
  return tunnelsOf(by.lines).flatMap((tunnel): Finding[] => {
    const { line, built } = tunnel;
    const about = { severity: 'mend', ...reasonOf(tunnel) } as const;
    const mesh = market.mesh(built.mesh);
    const finer = (id: string | undefined) => tunnelMeshed(tunnel, id);
    const strong = wireAgainst(by, breaking(by));
    const opening = shorterSide(mesh);
    const passed = passing(limits, opening, 'within-reach').map(
      ({ code, severity, threats, limit, mendTo }) =>
        finding(
          code,
          { ...about, severity },
          { of: 'house', named: line.name, opening, threats, limit, from: 0 },
          () => finer(finerMesh(market, mendTo, strong)),
        ),
    );
    const torn = tornBy(by, mesh.type, mesh.wire);
    return torn
      ? [
          ...passed,
          finding('mesh.torn', about, { of: 'house', named: line.name, ...torn, wire: mesh.wire }, () =>
            finer(finerMesh(market, limits.largestOpening ?? 1, wireAgainst(by, torn.threats))),
          ),
        ]
      : passed;
  });
}
