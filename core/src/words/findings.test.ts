import { expect, test } from '@jest/globals';
import { type FindingCode, type FindingParams, finding } from '../findings/types';
import { makeReader } from '../saying/makeReader';
import { sayFinding } from './findings';

const metres = makeReader('metric', 'XXX');
const feet = makeReader('imperial', 'XXX');
const said = <C extends FindingCode>(code: C, params: FindingParams[C], reader = metres) =>
  sayFinding(finding(code, { severity: 'mend', stage: 'walls', part: { on: 'plan' } }, params), reader);

test.each<[string, string]>([
  [
    said('outline.crosses', { side: 1, other: 3 }),
    'Side 1 crosses side 3. Move one of them until they part.',
  ],
  [said('outline.touches', { side: 2, other: 4 }), 'Side 2 touches side 4. Leave room between them.'],
  [
    said('outline.collapsed', { side: 2, least: 0.05 }),
    'Side 2 would be under 0.05 m, too short to build. Pull its ends apart.',
  ],
  [said('outline.folds-back', { corner: 5 }), 'The fence folds back on itself at corner 5. Open the corner.'],
  [
    said('gate.wider-than-side', { way: 'gate', side: 2, width: 1.3, length: 0.9 }),
    'The gate is 1.30 m wide and side 2 only 0.90 m long. Choose a narrower one or a longer side.',
  ],
  [
    said('gate.past-end', { way: 'gate', side: 2, past: 0.25 }),
    'The gate runs 0.25 m past the end of side 2. Move it back.',
  ],
  [said('gate.overlaps', { side: 2 }), 'Two gates or doors on side 2 overlap. Move one.'],
  [
    said('gate.not-in-fence', { way: 'gate', side: 4 }),
    'Side 4 has no fence to hang a gate in. Move it to a fenced side.',
  ],
  [
    said('way.no-kit', { way: 'gate', width: 1, nearest: 0.95 }),
    'This yard sells no gate kit 1.00 m wide; the nearest is 0.95 m.',
  ],
  [said('way.no-kit', { way: 'gate', width: 1, nearest: null }), 'This yard sells no gate kit 1.00 m wide.'],
  [said('birds.crowded', { area: 21.6, wanted: 30 }), 'The run has 21.6 m² and the birds want 30.0 m².'],
  [
    said('birds.through', { kind: 'quail', opening: 0.025, holds: 0.013 }),
    'Quail get through 25 mm; 13 mm holds them.',
  ],
  [
    said('opening.passes', { of: 'band', opening: 0.025, threats: ['mink'], limit: 0.025, from: 0.6 }),
    'Mink gets through the wall above 0.60 m: 25 mm is not smaller than 25 mm.',
  ],
  [
    said('opening.passes', { of: 'skirt', opening: 0.05, threats: ['mink', 'rat'], limit: 0.015, from: 0 }),
    'Mink and rat get through the skirt: 50 mm is not smaller than 15 mm.',
  ],
  [
    said(
      'opening.passes',
      { of: 'gate', opening: 0.0254, threats: ['fox', 'mink', 'rat'], limit: 0.0127, from: 0 },
      feet,
    ),
    'Fox, mink and rat get through the gap beside the gate: 1″ is not smaller than ½″.',
  ],
  [
    said('mesh.torn', { of: 'band', threats: ['fox'], wire: 0.0009, needs: null }),
    'Fox breaks this mesh: only welded mesh will stop it.',
  ],
  [
    said('mesh.torn', { of: 'skirt', threats: ['dog', 'badger'], wire: 0.00104, needs: 0.0018 }),
    'Dog and badger break the skirt: wire of 1.8 mm is needed, this has 1.0 mm.',
  ],
  [
    said('band.short', { reach: 1.75, top: 1.8, by: 0.05 }),
    'The widths chosen reach 1.75 m: 0.05 m short of 1.80 m.',
  ],
  [
    said('roll.just-short', { product: 'welded-50', need: 15.05, roll: 15, by: 0.05 }),
    '15.05 m of mesh is 0.05 m more than a roll of 15.00 m. A little less fence would save a roll.',
  ],
  [
    said('post.too-short', { role: 'corner', needs: 4.1, longest: 3.6 }),
    'Corner posts need 4.10 m; the longest sold is 3.60 m. Choose another post or a lower wall.',
  ],
  [
    said('skirt.short', { kind: 'apron', by: 'width', has: 0.45, needs: 0.9, threats: ['badger'] }),
    'Badger digs under a skirt 0.45 m wide; 0.90 m stops it.',
  ],
  [
    said('skirt.none', { threats: ['fox', 'rat'] }),
    'Nothing stops fox and rat from digging under: there is no skirt.',
  ],
  [
    said('skirt.near-tree', { name: 'damson', distance: 1.2 }),
    'The trench passes 1.20 m from the damson, among its roots. Lay an apron here.',
  ],
  [
    said('side.over-boundary', { side: 2, boundary: 'hedge', by: 0.4 }),
    'Side 2 reaches 0.40 m over the boundary (hedge). Move it back, or ask first.',
  ],
  [
    said('lane.narrow', { side: 2, building: 'Feed shed', width: 0.7, lane: 1 }),
    'The way between side 2 and Feed shed is 0.70 m: a barrow wants 1.00 m.',
  ],
  [
    said('post.on-service', { number: 4, role: 'line', name: 'water pipe', distance: 0.0714 }),
    'Line post 4 would be dug 0.07 m from the water pipe. Keep 0.50 m off, and have it located before anything is dug.',
  ],
  [
    said('post.on-service', { number: 4, role: 'corner', name: 'drain', distance: 0.2 }, feet),
    'Corner post 4 would be dug 8″ from the drain. Keep 1′ 7¹¹⁄₁₆″ off, and have it located before anything is dug.',
  ],
  [
    said('post.nearly-fits', { role: 'corner', needs: 2.55, buy: 3, length: 2.4, by: 0.15 }),
    'Corner posts need 2.55 m and come from 3.00 m. Set them 0.15 m shallower and a 2.40 m post will do.',
  ],
  [
    said('slope.steps', { side: 1, grade: 0.075, limit: 0.05, mesh: 'welded', drop: 0.18 }),
    'Side 1 climbs 7.5 % and welded mesh follows 5 %: it steps bay by bay, up to 0.18 m per bay, and the lowest band is made that much taller.',
  ],
  [
    said('opening.passes', {
      of: 'hollow',
      opening: 0.1,
      threats: ['fox'],
      limit: 0.06,
      from: 0,
      side: 3,
    }),
    'Fox gets through a hollow under the mesh on side 3: 100 mm is not smaller than 60 mm.',
  ],
  [
    said('heights.contradict', { kept: -0.3, other: 0, by: 0.3 }),
    'Two heights at one stake differ by 0.30 m: −0.30 m and 0.00 m. The first is used. Delete the wrong one.',
  ],
  [
    said('gate.uphill', { side: 2, rise: 0.1 }),
    'The ground rises 0.10 m under the gate on side 2 as it opens: it would drag.',
  ],
  [
    said('posts.far-apart', { spacing: 2.4, most: 1.8, why: 'cover' }),
    'Posts 2.40 m apart are too far apart under a cover: 1.80 m at most.',
  ],
  [said('fence.no-gate', { name: 'Orchard run' }), 'Orchard run has no gate. Add one.'],
  [said('docket.no-price', { count: 1 }), '1 line has no price at this yard: the real total will be higher.'],
  [
    said('docket.no-price', { count: 3 }),
    '3 lines have no price at this yard: the real total will be higher.',
  ],
  [
    said('band.hole', { from: 0.6, to: 0.75, hole: 0.15 }),
    'Nothing closes the wall from 0.60 m to 0.75 m: a hole of 150 mm.',
  ],
  [
    said('band.thin-lap', { at: 0.6, lap: 0.01, wanted: 0.05 }),
    'The bands at 0.60 m lap by 10 mm; they want 50 mm.',
  ],
  [
    said('band.overlaps', { at: 0.6, lap: 0.3, wanted: 0.05 }),
    'The bands at 0.60 m overlap by 0.30 m; 50 mm is enough. The rest is wasted mesh.',
  ],
  [
    said('overhang.rigid', { overhang: 0.3 }),
    'A rigid panel does not fold outward by 0.30 m. Put mesh on top, or leave the overhang off.',
  ],
  [
    said('panel.module', { panel: 4.88, spacing: 2.4, module: 2.44 }),
    'A panel of 4.88 m is cut where posts stand at most 2.40 m apart. Space the posts at 2.44 m and no panel has to be cut.',
  ],
  [
    said('piece.longer-than-timber', { bay: 5, roll: 4.8 }),
    'A piece of 5.00 m is longer than the longest timber sold, 4.80 m. Set the posts closer, or leave it off.',
  ],
  [
    said('skirt.short', { kind: 'toe', by: 'depth', has: 0.3, needs: 0.6, threats: ['badger'] }),
    'Badger digs under a skirt 0.30 m deep; 0.60 m stops it.',
  ],
  [
    said('skirt.short', { kind: 'stone', by: 'width', has: 0.3, needs: 0.45, threats: ['fox', 'rat'] }),
    'Fox and rat go under or between stones 0.30 m wide; an apron 0.45 m wide stops them.',
  ],
  [
    said('way.no-kit', { way: 'hatch', width: 0.5, nearest: 0.4 }),
    'This yard sells no hatch kit 0.50 m wide; the nearest is 0.40 m.',
  ],
  [
    said('gate.catches', { threats: ['raccoon'] }),
    'Raccoon opens a one-step catch: two-step catches at top and foot.',
  ],
  [said('gate.lock', { way: 'gate' }), 'People have been about, and nothing locks the gate.'],
  [
    said('gate.near-corner', { way: 'gate', side: 2, away: 0.15 }),
    'The gate on side 2 stands 0.15 m from a corner: the bay is too narrow to brace or mesh. Move it along, or right up to the corner post.',
  ],
  [
    said('gate.on-corner', { way: 'gate', side: 2 }),
    'The gate on side 2 hangs on a corner post, which already takes the pull of two walls. Brace the post well, or move the gate along.',
  ],
  [
    said('gate.taller-than-wall', { side: 1, height: 2, wall: 1.75 }),
    'The leaf on side 1 is 2.00 m high and the wall 1.75 m: it is built as high as the wall.',
  ],
  [
    said('gate.no-sill', { way: 'gate', side: 1 }),
    'Nothing closes the ground under the gate on side 1. Put a sill there, or lay mesh under it as along the fence.',
  ],
  [
    said('gate.under-eave', { side: 1, name: 'the shed', eaves: 1.6 }),
    'The gate on side 1 opens under the eave of the shed, 1.60 m high: the leaf strikes it.',
  ],
  [said('gate.into-fence', { side: 1, other: 3 }), 'The gate on side 1 swings into the fence of side 3.'],
  [
    said('gate.over-stones', { side: 1, height: 0.2 }),
    'The gate on side 1 swings out over stones 0.20 m high: it would not open.',
  ],
  [
    said('flap.on-post', { side: 2, way: 'pop-door' }),
    'A post stands in the pop door on side 2. Move it beside the post.',
  ],
  [
    said('flap.above-wall', { side: 2, way: 'hatch', top: 2, wall: 1.75 }),
    'The hatch on side 2 reaches 2.00 m and the mesh 1.75 m: there is no mesh there to fix it to.',
  ],
])('%s', (sentence, expected) => {
  expect(sentence).toBe(expected);
});
