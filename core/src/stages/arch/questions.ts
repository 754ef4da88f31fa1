import { typeOf } from '../../catalogue/meshTypes';
import { meshName, timberName, wireName } from '../../catalogue/names';
import { type Asking, type Option, type OptionGroup, questionOf } from '../../options/asking/types';
import type { Change } from '../../plan/changes/types';
import { type Arch, type ArchQuestion, KINDS, KIND_IDS, rowOf } from './plan/kinds';
import { offered, ofKind } from './proposed';

const set = (arch: Arch, to: object): Change => ({ verb: 'set-arch', id: arch.id, to });
const none = (title: string, chosen: boolean, change: Change): Option => ({
  key: 'none',
  title,
  note: '',
  chosen,
  change,
});

type MeshField = 'skin' | 'low' | 'film';

/** What of the catalogue lies over an arch, finer along its foot, or over both in winter. */
function meshes(
  { market, reader }: Asking,
  arch: Arch,
  field: MeshField,
  { name, without }: { readonly name: string; readonly without: string },
): OptionGroup {
  const meshNow = arch[field];
  const fits = (id: string): boolean => {
    const { covers } = typeOf(market.mesh(id));
    return field === 'film' ? covers === 'film' || covers === 'tarp' : covers === 'strips';
  };
  const sold = (id: string) =>
    market.widths(id).some((w) => market.rolls(id, w).some((u) => u.price !== null));
  const ids = market.meshIds().filter((id) => id === meshNow || (fits(id) && sold(id)));
  return {
    id: `${arch.id}-${field}`,
    name,
    options: [
      none(without, meshNow === null, set(arch, { [field]: null })),
      ...ids.map((id): Option => ({
        key: id,
        title: meshName(market.mesh(id), reader),
        note: wireName(market.mesh(id), reader),
        mesh: id,
        chosen: id === meshNow,
        change: set(arch, { [field]: id }),
      })),
    ],
  };
}

function timbers({ market, reader }: Asking, arch: Arch, field: 'ridge' | 'prop', name: string): OptionGroup {
  const timberNow = arch[field];
  return {
    id: `${arch.id}-${field}`,
    name,
    options: [
      ...(field === 'ridge' ? [none('No ridge', timberNow === null, set(arch, { ridge: null }))] : []),
      ...market.timbersOf('joist').map((timber): Option => ({
        key: timber.id,
        title: timberName(timber, reader),
        note: '',
        chosen: timber.id === timberNow,
        change: set(arch, { [field]: timber.id }),
      })),
    ],
  };
}

type Answers = readonly (readonly [key: string, title: string, note: string])[];

/** What every arch is asked. */
const ALWAYS = ['foot', 'ends', 'moved', 'lowSide', 'filmEnds', 'hem', 'rolls'] as const;
type Question = (typeof ALWAYS)[number] | ArchQuestion;

/** Questions with plain answers, by the field that they set. */
const PLAIN: Readonly<Record<Question, readonly [name: string, answers: Answers]>> = {
  join: [
    'Panels',
    [
      ['knitted', 'Knitted edge to edge', 'a tie at every second crossing'],
      ['lapped', 'Lapped', 'stiffer, and shorter'],
    ],
  ],
  close: [
    'Close wires',
    [
      ['ends', 'At the open ends', 'where chicks and paws reach through'],
      ['one way', 'All the same way', 'knits easier'],
    ],
  ],
  lines: [
    'Lines along it',
    [
      ['one piece', 'In one piece, tees slipped on', 'outlasts glued pieces'],
      ['pieces', 'Pieces between tees', 'shorter by the sockets'],
    ],
  ],
  foot: [
    'Foot',
    [
      ['stakes', 'Boards on stakes', 'one each 1.2 m and one more'],
      ['posts', 'Boards on posts', 'dug in, where the ground is soft'],
    ],
  ],
  ends: [
    'Ends',
    [
      ['folded', 'Full strips, folded back', 'nothing is cut; it can be used again'],
      ['trimmed', 'Cut to the curve', 'neat; what is cut off is lost'],
    ],
  ],
  endWalls: [
    'End walls',
    [
      ['mesh', 'Mesh alone', ''],
      ['panel', 'Panels cut to the base, with mesh over them', 'off-cuts make door and lintel'],
    ],
  ],
  moved: [
    'Moved',
    [
      ['fixed', 'Stays where it is', ''],
      ['skids', 'On skids', 'braced at the corners, tied across'],
      ['wheels', 'On skids and wheels', 'draws with half the force'],
    ],
  ],
  lowSide: [
    'The low band',
    [
      ['out', 'Outside', 'teeth and paws meet it first'],
      ['in', 'Inside', 'chicks cannot get between'],
    ],
  ],
  filmEnds: [
    'Film over the ends',
    [
      ['open', 'Ends left open', 'air goes through'],
      ['closed', 'Ends closed but for 0.15 at the top', 'for frost and wind'],
    ],
  ],
  hem: [
    'Edges of the film',
    [
      ['hem', 'Hemmed', '0.10 at each foot'],
      ['pocket', 'A pocket for a strap', '0.15 at each foot'],
    ],
  ],
  rolls: [
    'Film in summer',
    [
      ['none', 'Comes off', ''],
      ['one side', 'One side rolls up', 'on clamps'],
    ],
  ],
};

/** Asked only where something is there that they are about. */
const ABOUT: Readonly<Partial<Record<Question, (arch: Arch) => boolean>>> = {
  lowSide: (a) => a.low !== null,
  filmEnds: (a) => a.film !== null,
  hem: (a) => a.film !== null,
  rolls: (a) => a.film !== null,
  ends: (a) => a.skin !== null,
};

/** Every question of one arch that is decided by choosing. */
export function archOptions(asking: Asking, arch: Arch): readonly OptionGroup[] {
  const fields = arch as unknown as Readonly<Record<string, string>>;
  const asked: readonly Question[] = [...ALWAYS, ...rowOf(arch).asks];
  const plain = (field: Question): readonly OptionGroup[] => {
    const [name, answers] = PLAIN[field];
    if (!asked.includes(field) || ABOUT[field]?.(arch) === false) return [];
    return [
      questionOf({ id: `${arch.id}-${field}`, name, answers }, fields[field] ?? '', (key) =>
        set(arch, { [field]: key }),
      ),
    ];
  };
  const kinds: OptionGroup = {
    id: `${arch.id}-kind`,
    name: 'Bent of',
    options: KIND_IDS.filter((kind) => kind === arch.kind || offered(asking.plan, kind)).map((kind) => ({
      key: kind,
      title: KINDS[kind].title,
      note: KINDS[kind].note,
      chosen: kind === arch.kind,
      change:
        kind === arch.kind
          ? set(arch, { board: arch.board })
          : ({ verb: 'make-arch', arch: ofKind(arch, kind) } as const),
    })),
  };
  return [
    kinds,
    ...(['join', 'close', 'lines', 'foot'] as const).flatMap(plain),
    timbers(asking, arch, 'ridge', 'Ridge'),
    ...(arch.ridge === null ? [] : [timbers(asking, arch, 'prop', 'Props under the ridge')]),
    meshes(asking, arch, 'skin', { name: 'Skin', without: 'No skin' }),
    ...(['ends', 'endWalls'] as const).flatMap(plain),
    meshes(asking, arch, 'low', { name: 'Low band', without: 'None' }),
    ...plain('lowSide'),
    meshes(asking, arch, 'film', { name: 'Film', without: 'None' }),
    ...(['filmEnds', 'hem', 'rolls', 'moved'] as const).flatMap(plain),
  ];
}
