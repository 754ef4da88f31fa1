import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_PLANS } from '../../plan/samples';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { reckon } from '../../reckon';
import { tangled, toPolyline } from '../../ground/polyline';
import type { Vector } from '../../ground/vector';
import { L_SHAPE, aRun, anOutline } from '../../testing/aRun';
import {
  EXPORT_KINDS,
  type FileProblem,
  STROLL,
  type TrackPart,
  UnreadableFile,
  exportAs,
  fitPaper,
  placePart,
  practiceWalk,
  projectionAt,
  readTracks,
  thinTrack,
  walkRound,
  writeGeoJson,
  writeSvg,
} from './index';
import { uniform } from '../../testing/uniform';

const [orchard] = DEMO_PLANS;
if (!orchard) throw new Error('no demo plan');
const at = (plan: Plan, latitude: number, longitude: number, north = 0): Plan => ({
  ...plan,
  place: { ...plan.place, latitude, longitude },
  ground: { ...plan.ground, north },
});
const L = anOutline(L_SHAPE);
const first = async (text: string) => {
  const [part] = await readTracks(text);
  if (!part) throw new Error('no part');
  return part;
};
/** Every corner has one of the others within so many metres. */
const furthest = (
  corners: readonly { readonly x: number; readonly y: number }[],
  others: readonly { readonly x: number; readonly y: number }[],
) => Math.max(...corners.map((c) => Math.min(...others.map((o) => Math.hypot(c.x - o.x, c.y - o.y)))));

describe('WGS 84 and the metres of a plan', () => {
  test('a degree of latitude is 111.3 km at 54.1° N, one of longitude 65.5', () => {
    const p = projectionAt({ latitude: 54.1, longitude: -2.3 }, 0);
    expect(p.toLocal([-2.3, 54.101]).y).toBeCloseTo(111.31, 1);
    expect(p.toLocal([-2.299, 54.1]).x).toBeCloseTo(65.41, 1);
  });
  test('north turned a quarter to the right lies along x', () => {
    const p = projectionAt({ latitude: 54.1, longitude: -2.3 }, Math.PI / 2);
    const north = p.toLocal([-2.3, 54.101]);
    expect([north.x, north.y]).toEqual([expect.closeTo(111.31, 1), expect.closeTo(0, 6)]);
  });
  test('there and back is where it was, anywhere', () => {
    fc.assert(
      fc.property(
        uniform(-70, 70),
        uniform(-179, 179),
        uniform(-3, 3),
        uniform(-500, 500),
        uniform(-500, 500),
        (latitude, longitude, north, x, y) => {
          const p = projectionAt({ latitude, longitude }, north);
          const back = p.toLocal(p.toGeo({ x, y }));
          // The projection takes what is within 1e-10 rad of its centre, 0.64 mm, for the centre, there and back again.
          const least = Math.hypot(x, y) < 1.5e-3 ? 1.5e-3 : 1e-4;
          expect(Math.hypot(back.x - x, back.y - y)).toBeLessThan(least);
        },
      ),
      { examples: [[0, 0, 0, 0.0002, 0]] },
    );
  });
});

describe('a round trip', () => {
  test('GeoJSON out and in again at 54.1° N: corners within 5 mm', async () => {
    const plan = at(L, 54.1, -2.3, 0.4);
    const part = await first(exportAs('geojson', plan));
    expect(part.kind).toBe('outline');
    const { points, place } = placePart(part, plan);
    expect(place).toBeNull();
    const thinned = thinTrack(points, 0.01);
    expect(thinned.corners).toHaveLength(6);
    expect(furthest(plan.corners, thinned.corners)).toBeLessThan(0.005);
  });
  test('GPX out and in again: corners within 5 mm', async () => {
    const plan = at(L, 54.1, -2.3);
    const parts = await readTracks(exportAs('gpx', plan));
    const route = parts.find((p) => p.kind === 'route');
    if (!route) throw new Error('no route');
    const thinned = thinTrack(placePart(route, plan).points, 0.01);
    expect(furthest(plan.corners, thinned.corners)).toBeLessThan(0.005);
  });
  test('into a plan that lies elsewhere, the file says where it is, about its own centre', async () => {
    const part = await first(exportAs('geojson', at(L, 54.1, -2.3)));
    const { points, place } = placePart(part, at(aRun(), 10, 20));
    expect(place?.latitude).toBeCloseTo(54.1, 3);
    const xs = points.map((p) => p.x);
    expect(Math.max(...xs) + Math.min(...xs)).toBeCloseTo(0, 2);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(9, 3);
  });
  test('GeoJSON in local metres out and in again: corners as they were', async () => {
    const part = await first(exportAs('geojson-local', L));
    expect(part.coordinates).toBe('local');
    const { points, place } = placePart(part, at(L, 10, 20));
    expect(place).toBeNull();
    expect(furthest(L.corners, thinTrack(points, 0.01).corners)).toBeLessThan(1e-9);
  });
  test('in local metres coordinates are the plan’s own', () => {
    const local = JSON.parse(writeGeoJson(L, [], 'local')) as {
      coordinates: string;
      features: { geometry: { coordinates: number[][][] } }[];
    };
    expect(local.coordinates).toMatch(/metres of the plan/);
    expect(local.features[0]?.geometry.coordinates[0]?.slice(0, 3)).toEqual([
      [0, 0],
      [9, 0],
      [9, 4.5],
    ]);
  });
});

describe('every kind of file', () => {
  test.each(EXPORT_KINDS)('%s of the demo plans holds what it claims to', (kind) => {
    for (const plan of DEMO_PLANS) {
      const text = exportAs(kind, plan);
      expect(text).not.toMatch(/undefined|NaN|Infinity/);
      // Of a plan of nets alone there is little to cut.
      expect(text.length).toBeGreaterThan(plan.enclosures.length > 0 ? 400 : 200);
    }
  });
  test('DXF has metres, and a layer for each kind of thing that is there', () => {
    const dxf = exportAs('dxf', orchard);
    expect(dxf).toMatch(/\$INSUNITS\s+70\s+6\s/);
    for (const layer of [
      'FENCE',
      'POSTS',
      'GATES',
      'BUILDINGS',
      'TREES',
      'SERVICES',
      'BOUNDARIES',
      'CONTOURS',
    ]) {
      expect(dxf.match(new RegExp(`\\n8\\n${layer}\\n`, 'g'))?.length ?? 0).toBeGreaterThan(0);
    }
    const posts =
      dxf.match(/LWPOLYLINE[\s\S]{0,60}?\n8\nPOSTS\n/g)?.length ?? dxf.match(/\n8\nPOSTS\n/g)?.length;
    expect(posts).toBeGreaterThanOrEqual(reckon(orchard).figures['posts.total'] ?? NaN);
  });
  test('SVG is to scale: a side of 9.00 at 1 : 100 is 90 mm on paper', () => {
    const svg = writeSvg(L, [], { scale: 100 });
    expect(svg).toMatch(/width="(297|210)mm"/);
    expect(svg).toContain('1 : 100');
    const [, ax, ay, bx, by] = /data-part="side:e0" d="M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)"/.exec(svg) ?? [];
    expect(Math.hypot(Number(bx) - Number(ax), Number(by) - Number(ay))).toBeCloseTo(90, 2);
  });
  test('fits its paper at the largest plain scale, A4 or Letter', () => {
    fc.assert(
      fc.property(uniform(1, 150), uniform(1, 150), fc.constantFrom('A4', 'Letter'), (wide, high, paper) => {
        const sheet = fitPaper({ left: 0, right: wide, low: 0, high }, 'metric', paper);
        expect((wide * 1000) / sheet.scale).toBeLessThanOrEqual(sheet.wide - 48 + 1e-6);
        expect((high * 1000) / sheet.scale).toBeLessThanOrEqual(sheet.high - 64 + 1e-6);
      }),
    );
  });
  test('names that would break a file do not', async () => {
    const plan = { ...at(L, 54.1, -2.3), name: 'Hens & <geese> "run"' };
    expect(exportAs('svg', plan)).toContain('Hens &amp; &lt;geese&gt;');
    await expect(readTracks(exportAs('gpx', plan))).resolves.toHaveLength(2);
  });
});

describe('a walked track', () => {
  test('is closed, thinned within its tolerance, and its noise reported', async () => {
    const plan = at(aRun({ house: 'none', depth: 30, width: 20, gate: 0 }), 54.1, -2.3);
    for (const seed of [1, 2, 3, 4, 5]) {
      const part = await first(practiceWalk(plan, { ...STROLL, seed }));
      const { points } = placePart(part, plan);
      const thinned = thinTrack(points, 1.5);
      expect(thinned.read).toBe(points.length);
      expect(thinned.crosses).toBe(false);
      expect(thinned.corners.length).toBeGreaterThanOrEqual(4);
      expect(thinned.corners.length).toBeLessThanOrEqual(12);
      expect(thinned.noise).toBeGreaterThan(0.1);
      expect(thinned.noise).toBeLessThan(1.5);
      // Drift and noise of half a metre leave each corner of 30 × 20 within a stride of a found one.
      expect(furthest(plan.corners, thinned.corners)).toBeLessThan(2.5);
    }
  });
  test('without noise gives its corners back', () => {
    const still = { ...STROLL, noise: 0, drift: 0, every: 0.5 };
    const ring = L.corners.map(({ x, y }) => ({ x, y }));
    const thinned = thinTrack(walkRound(ring, still), 0.05);
    expect(thinned.corners).toHaveLength(6);
    expect(furthest(ring, thinned.corners)).toBeLessThan(1e-6);
    expect(thinned.gap).toBeLessThan(1e-6);
  });
  /** Of the first four fifths of a walk: it is closed in the last. */
  const furthestOf = (walked: readonly Vector[], corners: readonly Vector[]) => {
    const outline = [...corners, ...corners.slice(0, 1)];
    return Math.max(...walked.slice(0, Math.floor(walked.length * 0.8)).map((p) => toPolyline(p, outline)));
  };
  test('no place lies further from the outline than the tolerance', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1000 }), uniform(0.2, 2), (seed, tolerance) => {
        const ring = L.corners.map(({ x, y }) => ({ x: 3 * x, y: 3 * y }));
        const walked = walkRound(ring, { ...STROLL, seed });
        const { corners, tolerance: used, noise } = thinTrack(walked, tolerance);
        expect(used).toBeGreaterThanOrEqual(tolerance);
        expect(furthestOf(walked, corners)).toBeLessThanOrEqual(used + 1e-9);
        expect(noise).toBeLessThanOrEqual(used + 1e-9);
        expect(corners.length).toBeLessThanOrEqual(100);
      }),
      { numRuns: 40 },
    );
  });
  test('nor on a bend, where each corner is nearly on the straight between its neighbours', () => {
    fc.assert(
      fc.property(
        uniform(4, 80),
        uniform(0.2, 1),
        uniform(0.05, 3),
        fc.integer({ min: 0, max: 1999 }),
        (radius, flat, tolerance, begins) => {
          const walked = Array.from({ length: 2000 }, (_, i) => {
            const turn = ((i + begins) / 2000) * 2 * Math.PI;
            return { x: radius * Math.cos(turn), y: flat * radius * Math.sin(turn) };
          });
          const { corners, tolerance: used } = thinTrack(walked, tolerance);
          expect(furthestOf(walked, corners)).toBeLessThanOrEqual(used + 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });
  test('a walk that began in the middle of a side leaves no corner there', () => {
    const ring = [
      { x: 15, y: 0 },
      { x: 30, y: 0 },
      { x: 30, y: 20 },
      { x: 0, y: 20 },
      { x: 0, y: 0 },
    ];
    const walked = walkRound(ring, { ...STROLL, noise: 0, drift: 0, seed: 5 });
    const { corners } = thinTrack(walked, 0.05);
    expect(corners).toHaveLength(4);
    expect(furthest(ring.slice(1), corners)).toBeLessThan(1e-6);
  });
  test('that strays over its own beginning is made coarser, and crosses it no more', () => {
    const ring = [
      { x: 0, y: 0 },
      { x: 20, y: 0 },
      { x: 20, y: 30 },
      { x: 0, y: 30 },
    ];
    // Walks whose outline within 1 m crosses itself where it closes.
    for (const seed of [106493, 249135, 324364]) {
      const { crosses, corners, tolerance } = thinTrack(walkRound(ring, { ...STROLL, seed }), 1);
      expect([crosses, tangled(corners)]).toEqual([false, false]);
      expect(tolerance).toBeGreaterThan(1);
      expect(tolerance).toBeLessThanOrEqual(1.5 ** 4);
    }
  });
  test('that crosses itself is said to', () => {
    const eight = [
      { x: 0, y: 0 },
      { x: 10, y: 10 },
      { x: 10, y: 0 },
      { x: 0, y: 10 },
    ];
    expect(tangled(eight)).toBe(true);
    expect(thinTrack(walkRound(eight, { ...STROLL, noise: 0, drift: 0 }), 0.5).crosses).toBe(true);
  });
  test('becomes the run, with its place', () => {
    const points = L.corners.map(({ x, y }) => ({ x, y }));
    const plan = apply(aRun(), {
      verb: 'trace-outline',
      enclosure: 'run',
      points,
      corners: points.map((_, i) => `t${i}`),
      sides: points.map((_, i) => `u${i}`),
      place: { latitude: 54.1, longitude: -2.3 },
    });
    expect(reckon(plan).figures.area).toBeCloseTo(59.94, 6);
    expect(plan.place).toMatchObject({ latitude: 54.1, longitude: -2.3 });
  });
});

describe('KML', () => {
  const kml = (inside: string) =>
    `<?xml version="1.0"?><kml xmlns="http://www.opengis.net/kml/2.2"><Placemark><name>Paddock</name>${inside}</Placemark></kml>`;
  test('outlines and tracks are read with their names', async () => {
    const ring = '-2.3,54.1,0 -2.2999,54.1,0 -2.2999,54.1001,0 -2.3,54.1,0';
    const polygon = `<Polygon><outerBoundaryIs><LinearRing><coordinates>\n ${ring} </coordinates></LinearRing></outerBoundaryIs></Polygon>`;
    expect(await first(kml(polygon))).toMatchObject({
      name: 'Paddock',
      kind: 'outline',
      points: { length: 4 },
    });
    const track = `<gx:Track><gx:coord>-2.3 54.1 0</gx:coord><gx:coord>-2.2999 54.1 0</gx:coord><gx:coord>-2.2999 54.1001 0</gx:coord></gx:Track>`;
    expect(await first(kml(track))).toMatchObject({ kind: 'track', points: { length: 3 } });
  });
});

describe('a file that is wrong is told plainly', () => {
  const track = (points: string) => `<gpx><trk><trkseg>${points}</trkseg></trk></gpx>`;
  const place = (lat: number, lon: number) => `<trkpt lat="${lat}" lon="${lon}"/>`;
  const good = practiceWalk(at(L, 54.1, -2.3));
  const bomb = `<!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]><gpx><trk><name>&b;</name></trk></gpx>`;
  const square = (lon: number) => ({
    type: 'Polygon',
    coordinates: [
      [
        [lon, 54.1],
        [lon + 0.0001, 54.1],
        [lon + 0.0001, 54.1001],
        [lon, 54.1],
      ],
    ],
  });
  test.each<[string, string, FileProblem]>([
    ['nothing', '', 'empty'],
    ['white space', ' \n ', 'empty'],
    ['words', 'run, 6 by 3.6', 'unknown-format'],
    ['a web page', '<html><body>run</body></html>', 'unknown-format'],
    ['half a GPX', good.slice(0, good.length / 2), 'truncated'],
    ['half a GeoJSON', JSON.stringify(square(1)).slice(0, 40), 'truncated'],
    ['a GPX with crossed tags', '<gpx><trk></gpx></trk>', 'not-well-formed'],
    ['two million elements in each other', '<gpx>'.repeat(2_000_000), 'not-well-formed'],
    ['JSON that is none', '{"type": Polygon}', 'not-well-formed'],
    ['GeoJSON of no shape', '{"type":"Topology"}', 'unknown-format'],
    ['one place', track(place(54.1, -2.3)), 'one-point'],
    ['one place, often', track(place(54.1, -2.3).repeat(9)), 'one-point'],
    ['no place', '<gpx></gpx>', 'no-line'],
    ['places that are none', track(place(NaN, 1).repeat(4)), 'not-well-formed'],
    [
      'metres of a map grid',
      track([1, 2, 3].map((i) => place(450000 + i, 380000)).join('')),
      'other-projection',
    ],
    [
      'another system by name',
      JSON.stringify({ ...square(1), crs: { type: 'name', properties: { name: 'EPSG:27700' } } }),
      'other-projection',
    ],
    [
      'a walk over the date line',
      track([179.9999, -179.9999, 179.9998].map((l, i) => place(54 + i / 1e4, l)).join('')),
      'date-line',
    ],
    ['a journey', track([1, 2, 3].map((i) => place(50 + i, i)).join('')), 'too-wide'],
    ['a bomb of entities', bomb, 'has-doctype'],
    ['an entity from outside', '<!DOCTYPE gpx SYSTEM "file:///etc/hostname"><gpx>&x;</gpx>', 'has-doctype'],
    ['an entity that is not known', '<gpx><trk><name>&nbsp;</name></trk></gpx>', 'not-well-formed'],
  ])('%s', async (_, text, problem) => {
    const failed = await readTracks(text).then(
      () => 'read',
      (error: unknown) => (error instanceof UnreadableFile ? error.problem : String(error)),
    );
    expect(failed).toBe(problem);
  });
  test('a file of WGS 84 by its old name is read', async () => {
    const named = {
      ...square(1),
      crs: { type: 'name', properties: { name: 'urn:ogc:def:crs:OGC:1.3:CRS84' } },
    };
    expect((await first(JSON.stringify(named))).kind).toBe('outline');
  });
  test('reading is stopped when asked', async () => {
    const stop = { aborted: false };
    const long = track(place(54.1, -2.3).repeat(20000));
    const reading = readTracks(long, { signal: stop, onProgress: () => (stop.aborted = true) });
    await expect(reading).rejects.toMatchObject({ problem: 'stopped' });
  });
  test('progress grows to the end', async () => {
    const shares: number[] = [];
    const long = practiceWalk(at(L, 54.1, -2.3), { ...STROLL, every: 0.01 });
    await readTracks(long, { onProgress: (s) => shares.push(s) });
    expect(shares.length).toBeGreaterThan(3);
    expect([...shares].sort((a, b) => a - b)).toEqual(shares);
    expect(shares[shares.length - 1]).toBe(1);
  });
  test('which part is asked for: every track, route and outline is offered', async () => {
    const two = `<gpx><trk><name>one</name><trkseg>${[0, 1, 2].map((i) => place(54.1 + i * 1e-4, -2.3 + (i % 2) * 1e-4)).join('')}</trkseg><trkseg>${[0, 1, 2].map((i) => place(54.1 + i * 1e-4, -2.3 + (i % 2) * 1e-4)).join('')}</trkseg></trk></gpx>`;
    const parts: readonly TrackPart[] = await readTracks(two);
    expect(parts.map((p) => [p.name, p.points.length])).toEqual([
      ['one', 3],
      ['one', 3],
    ]);
  });
});
