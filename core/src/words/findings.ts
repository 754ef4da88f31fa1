import type { Finding, FindingCode, FindingParams } from '../findings/types';
import { BIRD_NAMES, ROLE_NAMES, THREAT_NAMES } from './names';
import { type Reader, capital, counted, listed } from './reader';
import type { ThreatId } from '../threats/kinds';

type Sentences = { readonly [C in FindingCode]: (params: FindingParams[C], reader: Reader) => string };

const who = (threats: readonly ThreatId[]) => listed(threats.map((t) => THREAT_NAMES[t]));
const verb = (threats: readonly ThreatId[], one: string, many: string) => (threats.length === 1 ? one : many);

const SENTENCES: Sentences = {
  'outline.crosses': ({ side, other }) =>
    `Side ${side} crosses side ${other}. Move one of them until they part.`,
  'outline.touches': ({ side, other }) => `Side ${side} touches side ${other}. Leave room between them.`,
  'outline.collapsed': ({ side }) => `Side ${side} has no length left. Pull its ends apart.`,
  'outline.folds-back': ({ corner }) =>
    `The fence folds back on itself at corner ${corner}. Open the corner.`,
  'gate.wider-than-side': ({ side, width, length }, r) =>
    `The gate is ${r.length(width)} wide and side ${side} only ${r.length(length)} long. Choose a narrower gate or a longer side.`,
  'gate.past-end': ({ side, past }, r) =>
    `The gate runs ${r.length(past)} past the end of side ${side}. Move it back.`,
  'gate.overlaps': ({ side }) => `Two gates on side ${side} stand in the same place. Move one.`,
  'gate.not-in-fence': ({ side }) =>
    `Side ${side} has no fence to hang a gate in. Move the gate to a fenced side.`,
  'gate.no-kit': ({ width, nearest }, r) =>
    `This yard sells no gate kit ${r.length(width)} wide${nearest === null ? '' : `; the nearest is ${r.length(nearest)}`}.`,
  'pin.past-end': ({ side, past }, r) =>
    `A post set by hand stands ${r.length(past)} past the end of side ${side}.`,
  'birds.none': () => 'No birds yet: the area they want and the largest opening are left out.',
  'birds.crowded': ({ area, wanted }, r) =>
    `The run has ${r.area(area)} and the birds want ${r.area(wanted)}.`,
  'birds.through': ({ kind, opening, holds }, r) =>
    `${capital(BIRD_NAMES[kind][1])} get through ${r.opening(opening)}; ${r.opening(holds)} holds them.`,
  'birds.over': ({ kind, wall, needs }, r) =>
    `${capital(BIRD_NAMES[kind][1])} clear a wall of ${r.length(wall)} without a cover; they want ${r.length(needs)}, a cover, or one wing clipped.`,
  'birds.cover': ({ kind }) =>
    `${capital(BIRD_NAMES[kind][1])} are kept under a cover; none is planned here yet.`,
  'opening.passes': ({ of, opening, threats, limit, from }, r) => {
    const where =
      of === 'gate'
        ? 'the gap beside the gate'
        : of === 'skirt'
          ? 'the skirt'
          : from > 0
            ? `the wall above ${r.length(from)}`
            : 'the foot of the wall';
    return `${capital(who(threats))} ${verb(threats, 'gets', 'get')} through ${where}: ${r.opening(opening)} is not smaller than ${r.opening(limit)}.`;
  },
  'mesh.torn': ({ of, threats, wire, needs }) => {
    const what = of === 'skirt' ? 'the skirt' : 'this mesh';
    const mm = (metres: number) => `${(metres * 1000).toFixed(1)} mm`;
    const cure =
      needs === null
        ? 'it takes welded mesh to hold them'
        : `it takes wire of ${mm(needs)}, this has ${mm(wire)}`;
    return `${capital(who(threats))} ${verb(threats, 'breaks', 'break')} ${what}: ${cure}.`;
  },
  'band.short': ({ reach, top, by }, r) =>
    `The widths chosen reach ${r.length(reach)}: ${r.length(by)} short of ${r.length(top)}.`,
  'band.no-roll': ({ height }, r) =>
    `No three widths sold together make ${r.length(height)}. Lower the wall or add a band.`,
  'roll.just-short': ({ need, roll, by }, r) =>
    `${r.length(need)} of mesh is ${r.length(by)} more than a roll of ${r.length(roll)}. A little less fence would save a roll.`,
  'bay.longer-than-roll': ({ bay, roll }, r) =>
    `A bay of ${r.length(bay)} is longer than the longest roll, ${r.length(roll)}. Set the posts closer.`,
  'post.too-short': ({ role, needs, longest }, r) =>
    `${capital(ROLE_NAMES[role][1])} need ${r.length(needs)}; the longest sold is ${r.length(longest)}. Choose another post or a lower wall.`,
  'skirt.none': ({ threats }) => `Nothing stops ${who(threats)} from digging under: there is no skirt.`,
  'skirt.short': ({ kind, has, needs, threats }, r) =>
    `${capital(who(threats))} ${verb(threats, 'digs', 'dig')} under a skirt ${r.length(has)} ${kind === 'apron' ? 'wide' : 'deep'}; ${r.length(needs)} stops ${verb(threats, 'it', 'them')}.`,
  'skirt.end-open': ({ building, width }, r) =>
    `The end of the apron is open: ${building} is not wider than the run by ${r.length(width)} here. Carry the apron round the house or lay stones.`,
  'skirt.no-roll': ({ width, widest }, r) =>
    `The skirt needs a strip ${r.length(width)} wide and the widest roll is ${r.length(widest)}.`,
  'skirt.near-tree': ({ name, distance }, r) =>
    `The trench passes ${r.length(distance)} from the ${name}: roots. Lay an apron here.`,
  'skirt.near-service': ({ name, distance }, r) =>
    `The trench passes ${r.length(distance)} from the ${name}. Lay an apron here.`,
  'fence.no-gate': ({ name }) => `There is no way into ${name}. Add a gate.`,
  'docket.no-price': ({ count }) =>
    `${counted(count, 'line has', 'lines have')} no price at this yard: the total is at least what it says.`,
};

/** One sentence: what is wrong and how to mend it. */
export function sayFinding(finding: Finding, reader: Reader): string {
  const sentence = SENTENCES[finding.code] as (params: object, reader: Reader) => string;
  return sentence(finding.params, reader);
}
