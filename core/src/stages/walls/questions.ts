import { handOf } from '../../buying/hand';
import { BOARD_TIMBER, RAIL_TIMBER } from '../../catalogue/timbers';
import { terrainOf } from '../../ground/terrain';
import { assumptionsOf } from '../../plan/effective';
import type { Band, Choices } from '../../plan/schema';

import { timberName } from '../../catalogue/names';
import { meshOption, meshesOnOffer } from '../../options/asking/meshes';
import { type Asking, type OptionGroup, questionOf } from '../../options/asking/types';

/** The cheapest set, each width by itself even if it is short, and the sets that reach. */
function widthSets({ plan, market, choices }: Asking, band: Band): readonly Band['widths'][] {
  const index = choices.bands.findIndex((b) => b.id === band.id);
  const below = choices.bands[index - 1];
  const lap = Math.max(assumptionsOf(plan).bandLap, market.mesh(band.mesh).opening.up);
  const height = band.top - (band.bottom ?? (below ? below.top - lap : 0));
  const hand = handOf(market, plan.owned);
  const singles = hand.widths(band.mesh).map((w) => [w]);
  const stacks = hand.reaching({ mesh: band.mesh, height, lap, rows: 3 }).filter((set) => set.length > 1);
  const sets: readonly Band['widths'][] = ['cheapest', ...singles, ...stacks.map((set) => [...set])];
  const widthsNow = JSON.stringify(band.widths);
  return sets.some((set) => JSON.stringify(set) === widthsNow) ? sets : [...sets, band.widths];
}

/** What is to be known of a set of widths before it is chosen. */
function widthsNote({ market }: Asking, { mesh, widths }: Band): string {
  if (widths === 'cheapest') return 'up to three widths stacked';
  const sold = market.widths(mesh);
  return widths.every((w) => sold.includes(w)) ? '' : 'not sold: from the shed alone';
}

function bandGroups(asking: Asking, band: Band): OptionGroup[] {
  const { reader, scope } = asking;
  const set = (to: Partial<Omit<Band, 'id'>>) => ({ verb: 'set-band', scope, id: band.id, to }) as const;
  return [
    {
      id: 'mesh',
      name: 'Mesh',
      options: meshesOnOffer(asking, band.mesh).map((id) => ({
        ...meshOption(asking, id),
        chosen: id === band.mesh,
        change: set({ mesh: id, widths: 'cheapest' }),
      })),
    },
    {
      id: 'widths',
      name: 'Roll widths',
      options: widthSets(asking, band).map((widths) => ({
        key: JSON.stringify(widths),
        title:
          widths === 'cheapest' ? 'The cheapest that reach' : widths.map((w) => reader.length(w)).join(' + '),
        note: widthsNote(asking, { ...band, widths }),
        chosen: JSON.stringify(widths) === JSON.stringify(band.widths),
        change: set({ widths }),
      })),
    },
  ];
}

const HANGINGS = [
  ['continuous', 'Round corners', 'fewer cuts, harder to pull'],
  ['side-by-side', 'Cut at each corner', 'easy to pull, one joint per corner'],
] as const;

function boardGroup({ market, reader, scope, choices }: Asking, at: 'ground' | 'top'): OptionGroup {
  const notes = {
    ground: 'something to staple the mesh to',
    top: 'keeps the mesh from sagging',
  };
  const none = { key: 'none', title: 'None', note: '', timber: null };
  const timbers = [BOARD_TIMBER, RAIL_TIMBER].map((id) => ({
    key: id,
    title: timberName(market.timber(id), reader),
    note: notes[at],
    timber: id,
  }));
  return {
    id: `board-${at}`,
    name: at === 'ground' ? 'Board at the ground' : 'Board or rail at the top',
    options: [none, ...timbers].map(({ timber, ...said }) => ({
      ...said,
      chosen: choices.boards[at] === timber,
      change: { verb: 'set-boards', scope, boards: { [at]: timber } },
    })),
  };
}

/** An overhang that a fox does not climb round (rules: Threats), m. */
const OVERHANG = 0.3;

function overhangGroup({ reader, scope, choices }: Asking): OptionGroup {
  const sizes = [...new Set([0, OVERHANG, choices.overhang])].sort((a, b) => a - b);
  return {
    id: 'overhang',
    name: 'Overhang at the top',
    options: sizes.map((overhang) => ({
      key: String(overhang),
      title: overhang === 0 ? 'None' : `${reader.length(overhang)} folded outward`,
      note: overhang === 0 ? '' : 'one arm per post, one patch per corner; a fox does not climb round it',
      chosen: choices.overhang === overhang,
      change: { verb: 'set-overhang', scope, overhang },
    })),
  };
}

const HANGS = [
  ['by-mesh', 'As the mesh allows', 'follows where it can, steps where it would buckle'],
  ['follow', 'Along the slope', 'welded mesh takes 5 %, hexagonal 12, chain link 25'],
  ['step', 'Stepped bay by bay', 'each bay level, cut on its own'],
] as const;
const FEET = [
  ['mesh', 'Mesh to the ground', 'the lowest band is higher by the drop'],
  ['gap', 'A gap, closed otherwise', 'with boards or stones; counts as open until then'],
] as const;

/** How the walls take the slope; nothing to choose on the level. */
function slopeGroups({ plan, scope, choices }: Asking): OptionGroup[] {
  if (terrainOf(plan.ground.spotHeights).level) return [];
  const { hang, foot } = choices.slope;
  const set = (slope: Partial<Choices['slope']>) => ({ verb: 'set-slope', scope, slope }) as const;
  const hangs = questionOf(
    { id: 'slope-hang', name: 'On the slope, mesh hangs', answers: HANGS },
    hang,
    (key) => set({ hang: key }),
  );
  const feet = questionOf(
    { id: 'slope-foot', name: 'At the low post of a step', answers: FEET },
    foot,
    (key) => set({ foot: key }),
  );
  return hang === 'follow' ? [hangs] : [hangs, feet];
}

/** Every question of the walls, for one band of one scope. */
export function wallOptions(asking: Asking, band: Band): readonly OptionGroup[] {
  const { scope, choices } = asking;
  return [
    ...bandGroups(asking, band),
    questionOf({ id: 'hanging', name: 'Hanging', answers: HANGINGS }, choices.hanging, (hanging) => ({
      verb: 'set-hanging',
      scope,
      hanging,
    })),
    boardGroup(asking, 'ground'),
    boardGroup(asking, 'top'),
    overhangGroup(asking),
    ...slopeGroups(asking),
  ];
}
