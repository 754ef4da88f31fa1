import { typeOf } from '../../catalogue/meshTypes';
import { meshName, timberName, wireName } from '../../catalogue/names';
import { type Asking, type Option, type OptionGroup, questionOf } from '../../options/asking/types';
import type { Change } from '../../plan/changes/types';
import { tidy } from '../../units/round';
import {
  type Cover,
  KINDS,
  KIND_IDS,
  type KindId,
  type MemberField,
  type QuestionField,
  isOver,
  makeupOf,
  rowOf,
} from './plan/kinds';
import { degreesOf } from './over/ways';
import { wallTop } from './proposed';
import { directionsOf } from './over/strips';

const set = (cover: Cover, to: object): Change => ({ verb: 'set-cover', id: cover.id, to });

/** A kind is offered where the edition has what it is made of and held up by. */
export function offered({ market }: Pick<Asking, 'market'>, kind: KindId): boolean {
  const row = KINDS[kind];
  const usual = row.usual({ id: 'c', name: 'c', enclosure: 'e', outline: null, height: 2 }) as Readonly<
    Record<string, unknown>
  >;
  return (
    market.knows('roll', String(usual.mesh)) &&
    row.timbers.every((field) => market.knows('timber', String(usual[field])))
  );
}

/** The same cover made another kind: where it lies and how high is kept. */
export function ofKind(asking: Pick<Asking, 'plan'>, cover: Cover, kind: KindId): Cover {
  if (kind === cover.kind) return cover;
  const over = {
    id: cover.id,
    name: cover.name,
    enclosure: cover.enclosure,
    outline: isOver(cover) ? cover.outline : null,
    height: isOver(cover) ? cover.height : wallTop(asking.plan),
  };
  const made: Cover = KINDS[kind].usual(over);
  if (!isOver(made) || !isOver(cover)) return made;
  const { lies, rise, falls } = cover;
  const pitched = rise > 0 || made.rise === 0 ? { rise, falls } : {};
  return { ...made, lies, ...pitched };
}

function meshes(asking: Asking, cover: Cover): OptionGroup {
  const { market, reader } = asking;
  const { of } = rowOf(cover);
  const ids = market
    .meshIds()
    .filter((id) => id === cover.mesh || of.includes(typeOf(market.mesh(id)).covers))
    .filter(
      (id) =>
        id === cover.mesh || market.widths(id).some((w) => market.rolls(id, w).some((u) => u.price !== null)),
    );
  return {
    id: `${cover.id}-mesh`,
    name: 'Made of',
    options: ids.map((id) => ({
      key: id,
      title: meshName(market.mesh(id), reader),
      note: wireName(market.mesh(id), reader),
      mesh: id,
      chosen: id === cover.mesh,
      change: set(cover, { mesh: id }),
    })),
  };
}

const MEMBERS: Readonly<Record<MemberField, string>> = {
  rail: 'Rails',
  beam: 'Beams',
  prop: 'Props and posts',
  purlin: 'Purlins',
  rafter: 'Rafters',
};

/** Timbers and tubes that it can stand on. */
function members(asking: Asking, cover: Cover): readonly OptionGroup[] {
  const { market, reader } = asking;
  const timbers = (['joist', 'tube'] as const).flatMap((kind) => market.timbersOf(kind));
  return rowOf(cover).members.map((field): OptionGroup => {
    const timberNow = (cover as unknown as Readonly<Record<string, string>>)[field] ?? '';
    return {
      id: `${cover.id}-${field}`,
      name: MEMBERS[field],
      options: timbers.map((timber) => ({
        key: timber.id,
        title: timberName(timber, reader),
        note: '',
        chosen: timber.id === timberNow,
        change: set(cover, { [field]: timber.id }),
      })),
    };
  });
}

/** Which way strips run: the cheapest, or along a side. */
function ways({ plan }: Asking, cover: Cover): readonly OptionGroup[] {
  const made = makeupOf(cover);
  if (made.laid !== 'strips' || !isOver(cover)) return [];
  const ring = plan.enclosures.find((e) => e.id === cover.enclosure)?.ring ?? [];
  const corners = new Map(plan.corners.map((c) => [c.id, c]));
  const sides = new Map(plan.sides.map((s) => [s.id, s]));
  const points =
    cover.outline ??
    ring.flatMap((step) => {
      const side = sides.get(step.side);
      const at = side && corners.get(step.forward ? side.from : side.to);
      return at ? [at] : [];
    });
  const wayNow = made.how.way;
  const along = directionsOf(points).map((direction): Option => {
    const chosen = wayNow !== null && Math.abs(wayNow.direction - direction) < 1e-3;
    return {
      key: `${Math.round(degreesOf(direction))}`,
      title: `Strips at ${Math.round(degreesOf(direction))}°`,
      note: 'from the sheet’s x axis',
      chosen,
      change: set(cover, { way: chosen ? wayNow : { direction: tidy(direction), edge: 'low' } }),
    };
  });
  const cheapest: Option = {
    key: 'cheapest',
    title: 'The cheapest way',
    note: 'every side’s direction, from both edges',
    chosen: wayNow === null,
    change: set(cover, { way: null }),
  };
  return [{ id: `${cover.id}-way`, name: 'Direction of the strips', options: [cheapest, ...along] }];
}

const YES_NO = {
  stays: [
    'Posts on the edge',
    [
      ['stayed', 'Stayed', 'a wire and anchor each, against the pull'],
      ['none', 'Not stayed', ''],
    ],
  ],
  edge: [
    'Edge of the net',
    [
      ['wire', 'A straining wire round the top', ''],
      ['none', 'Tied to posts and walls', ''],
    ],
  ],
  hung: [
    'In winter',
    [
      ['always', 'Up all year', 'cleared of snow and leaves'],
      ['summer', 'Dropped for winter', 'birds are then open from above'],
    ],
  ],
  lies: [
    'How it lies',
    [
      ['level', 'Level', ''],
      ['ground', 'Falling with the ground', ''],
    ],
  ],
  runOff: [
    'Where the rain goes',
    [
      ['gutter', 'Into a gutter', 'and a butt'],
      ['swale', 'Along a swale', ''],
      ['away', 'Away from the run', ''],
      ['nowhere', 'Not led anywhere', ''],
    ],
  ],
  beneath: [
    'Beneath it',
    [
      ['open', 'Open: the wind gets under', 'lifts twice as hard'],
      ['closed', 'Closed on all sides', ''],
    ],
  ],
  shape: [
    'Its frame',
    [
      ['flat', 'Flat, with a fall', ''],
      ['gable', 'Over a ridge', ''],
    ],
  ],
  hem: [
    'Its edges',
    [
      ['hem', 'Hemmed', '0.10 at each edge'],
      ['pocket', 'A pocket for a strap', '0.15 at each edge'],
    ],
  ],
  rolls: [
    'For summer',
    [
      ['none', 'Stays down', ''],
      ['one side', 'One side rolls up', 'on clamps'],
    ],
  ],
} as const satisfies Readonly<
  Record<QuestionField, readonly [name: string, answers: readonly (readonly [string, string, string])[]]>
>;

/** Every question of one cover that is decided by choosing. */
export function coverOptions(asking: Asking, cover: Cover): readonly OptionGroup[] {
  const kinds: OptionGroup = {
    id: `${cover.id}-kind`,
    name: 'Kind of cover',
    options: KIND_IDS.filter((kind) => kind === cover.kind || offered(asking, kind)).map((kind) => ({
      key: kind,
      title: KINDS[kind].title,
      note: KINDS[kind].note,
      chosen: kind === cover.kind,
      change:
        kind === cover.kind
          ? set(cover, { name: cover.name })
          : ({ verb: 'make-cover', cover: ofKind(asking, cover, kind) } as const),
    })),
  };
  const fields = cover as unknown as Readonly<Record<string, string>>;
  const others = rowOf(cover).asks.map((field) => {
    const [name, answers] = YES_NO[field];
    return questionOf({ id: `${cover.id}-${field}`, name, answers }, fields[field] ?? '', (key) =>
      set(cover, { [field]: key }),
    );
  });
  return [kinds, meshes(asking, cover), ...ways(asking, cover), ...others, ...members(asking, cover)];
}
