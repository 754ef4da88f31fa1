import { MESHES_2026_11_25 } from '../src/catalogue/meshes';
import { MESH_TYPES, MESH_TYPE_IDS } from '../src/catalogue/meshTypes';
import { POSTS_2026_11 } from '../src/catalogue/posts';
import { ASSUMPTIONS, SOIL_FACTORS } from '../src/plan/assumptions';
import { BIRDS, BIRD_KINDS } from '../src/stages/birds/plan/kinds';
import { SOIL_NAMES } from '../src/stages/ground/words/names';
import { KINDS, KIND_IDS } from '../src/stages/skirt/plan/kinds';
import { KINDS as OPENING_KINDS, KIND_IDS as OPENING_KIND_IDS } from '../src/stages/ways/plan/kinds';
import { type ThreatRow, THREATS, THREAT_IDS } from '../src/stages/threats/plan/kinds';

type Cell = string | number | null;

const table = (heads: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  [heads, heads.map(() => '---'), ...rows.map((row) => row.map((cell) => cell ?? '–'))]
    .map((row) => `| ${row.join(' | ')} |`)
    .join('\n');

/** Millimetres, to a hundredth. */
const mm = (metres: number | null): number | null =>
  metres === null ? null : Math.round(metres * 1e5) / 100;
const percent = (ratio: number): string => (ratio === 0 ? 'none' : `${Math.round(ratio * 100)} %`);
const keys = <T extends object>(of: T) => Object.keys(of) as (keyof T & string)[];
/** `hoursPostDug` as words: `hours post dug`. */
const words = (name: string): string => name.replace(/([A-Z])/g, (c) => ` ${c.toLowerCase()}`);

/** Tables of docs/rules.md by the name in its marks, each from the rows that are reckoned by. */
export const RULES_TABLES: Readonly<Record<string, string>> = {
  birds: table(
    ['bird', 'always confined, m²', 'part of the day, m²', 'wall without a cover', 'largest opening, mm'],
    BIRD_KINDS.map((kind) => {
      const { confined, partDay, wall, opening } = BIRDS[kind];
      return [BIRDS[kind].one, confined, partDay, wall ?? 'covered', mm(opening)];
    }),
  ),
  threats: table(
    [
      'animal',
      'squeeze, mm',
      'reach, mm',
      'digs, mm',
      'apron, mm',
      'wire, mm',
      'jumps, m',
      'climbs',
      'tears hex',
      'small prey',
      'opens catches',
      'sign',
    ],
    THREAT_IDS.map((id) => {
      const row: ThreatRow = THREATS[id];
      const { squeeze, reach, dig, apron, wire, over, scrambles, climbs, tears, smallPrey, opens } = row;
      const yes = (is: boolean) => (is ? 'yes' : null);
      return [
        THREATS[id].name,
        mm(squeeze),
        mm(reach),
        mm(dig),
        mm(apron),
        mm(wire),
        over === null ? null : `${over}${scrambles ? ', scrambles' : ''}`,
        yes(climbs),
        yes(tears),
        yes(smallPrey),
        yes(opens),
        THREATS[id].sign,
      ];
    }),
  ),
  meshes: table(
    ['mesh', 'opening, mm', 'wire, mm', 'widths', 'lengths'],
    MESHES_2026_11_25.map(({ type, opening, wire, widths, lengths }) => [
      MESH_TYPES[type].name,
      `${mm(opening.up) ?? ''} × ${mm(opening.along) ?? ''}`,
      mm(wire),
      widths.join(' '),
      lengths.join(' '),
    ]),
  ),
  posts: table(
    ['post', 'size, mm', 'stands', 'lengths'],
    POSTS_2026_11.map(({ kind, size, standing, lengths }) => [
      kind.replaceAll('-', ' '),
      mm(size),
      { dug: 'dug', driven: 'driven', spike: 'on a spike' }[standing],
      lengths.join(' '),
    ]),
  ),
  skirts: table(
    ['skirt', 'measures', 'note'],
    KIND_IDS.map((id) => {
      const { title, measures, note } = KINDS[id];
      return [title, measures.map((m) => m.name).join(', ') || null, note];
    }),
  ),
  openings: table(
    ['gate or door', 'measures', 'built of'],
    OPENING_KIND_IDS.map((id) => {
      const { name, measures, built } = OPENING_KINDS[id];
      return [name, ['Clear width', ...measures.map((m) => m.name)].join(', '), built];
    }),
  ),
  grades: table(
    ['mesh', 'follows up to'],
    MESH_TYPE_IDS.map((type) => [MESH_TYPES[type].name, percent(MESH_TYPES[type].follows)]),
  ),
  soils: table(
    ['soil', 'hours ×'],
    keys(SOIL_FACTORS).map((soil) => [SOIL_NAMES[soil], SOIL_FACTORS[soil]]),
  ),
  assumptions: table(
    ['assumption', 'figure'],
    keys(ASSUMPTIONS).map((id) => [words(id), ASSUMPTIONS[id]]),
  ),
};

/** The page with its tables as the code has them now. @throws Error where a mark and the tables do not meet */
export function withTables(page: string): string {
  const found = new Set<string>();
  const text = page.replace(/<!-- (\w+) -->\n[\s\S]*?<!-- end -->/g, (_, name: string) => {
    const made = RULES_TABLES[name];
    if (made === undefined) throw new Error(`docs/rules.md asks for a table that there is not: ${name}`);
    found.add(name);
    return `<!-- ${name} -->\n\n${made}\n\n<!-- end -->`;
  });
  const left = Object.keys(RULES_TABLES).filter((name) => !found.has(name));
  if (left.length > 0) throw new Error(`docs/rules.md has no place for ${left.join(', ')}`);
  return text;
}
