import { buyingAt } from '../../testing/buying';
import { describe, expect, test } from '@jest/globals';
import type { MeshType } from '../../catalogue/meshTypes';
import { MESHES } from '../../catalogue/meshes';
import { THREATS, type ThreatId } from './plan/kinds';
import { openingLimits, passing, shorterSide } from './shown/openings';
import { finerMesh, tornBy, wireAgainst } from './shown/strongMesh';
import { EDITIONS, marketOf } from '../../catalogue';
import { skirtWanted } from '../skirt/plan/wanted';

/** Which meshes hold which threat, read off the table by hand: the shorter opening is smaller than squeeze and reach. */
const HELD: readonly (readonly [ThreatId, readonly string[]])[] = [
  [
    'fox',
    [
      'fine-6',
      'fine-13',
      'fine-13-heavy',
      'welded-25x13',
      'welded-25',
      'welded-50x25',
      'welded-50',
      'welded-75x50',
      'welded-100x50',
      'hex-13',
      'hex-25',
      'hex-50',
      'chain-50',
      'chain-50-heavy',
    ],
  ],
  ['raccoon', ['fine-6', 'fine-13', 'fine-13-heavy', 'welded-25x13', 'hex-13']],
  ['mink', ['fine-6', 'fine-13', 'fine-13-heavy', 'welded-25x13', 'hex-13']],
  [
    'marten',
    ['fine-6', 'fine-13', 'fine-13-heavy', 'welded-25x13', 'welded-25', 'welded-50x25', 'hex-13', 'hex-25'],
  ],
  ['weasel', ['fine-6', 'fine-13', 'fine-13-heavy', 'welded-25x13', 'hex-13']],
  ['rat', ['fine-6', 'fine-13', 'fine-13-heavy', 'welded-25x13', 'hex-13']],
  ['mouse', ['fine-6']],
  ['snake', ['fine-6']],
  [
    'wild-birds',
    ['fine-6', 'fine-13', 'fine-13-heavy', 'welded-25x13', 'welded-25', 'welded-50x25', 'hex-13', 'hex-25'],
  ],
  [
    'cat',
    ['fine-6', 'fine-13', 'fine-13-heavy', 'welded-25x13', 'welded-25', 'welded-50x25', 'hex-13', 'hex-25'],
  ],
];

describe('which openings hold what', () => {
  test.each(HELD)('%s', (threat, held) => {
    const limits = openingLimits({ threats: { [threat]: 'seen' }, threatFigures: {}, flock: [] });
    const holding = MESHES.filter(
      (mesh) => passing(limits, shorterSide(mesh), 'within-reach').length === 0,
    ).map((m) => m.id);
    expect(holding.sort()).toEqual([...held].sort());
  });
  test('a bear, a person and an absent fox ask nothing of openings', () => {
    for (const threats of [{ bear: 'seen' }, { person: 'seen' }, { fox: 'absent' }] as const) {
      expect(openingLimits({ threats, threatFigures: {}, flock: [] }).largestOpening).toBeNull();
    }
  });
});

describe('which wires break', () => {
  test.each<[ThreatId, MeshType, number, boolean]>([
    ['fox', 'welded', 1.0, false],
    ['fox', 'welded', 0.88, true],
    ['fox', 'hexagonal', 0.9, true],
    ['badger', 'fine-welded', 1.59, true],
    ['badger', 'welded', 2.03, false],
    ['dog', 'fine-welded', 1.04, true],
    ['weasel', 'hexagonal', 0.7, false],
    ['rat', 'fine-welded', 0.66, true],
    ['rat', 'fine-welded', 1.04, false],
    ['hawk', 'hexagonal', 0.7, false],
    ['pig', 'welded', 2.5, true],
  ])('%s on %s mesh of %d mm: broken %s', (threat, type, mm, broken) => {
    expect(
      tornBy({ threats: { [threat]: 'likely' }, threatFigures: {} }, type, mm / 1000) !== undefined,
    ).toBe(broken);
  });
  test('what is offered instead is fine and thick enough, and the cheapest by the square metre', () => {
    const edition = EDITIONS['2026-03'];
    if (!edition) throw new Error('the edition is gone');
    const market = marketOf(edition, buyingAt('far-gate'));
    expect(finerMesh(market, 0.06, wireAgainst({ threatFigures: {} }, ['fox']))).toBe('welded-100x50');
    expect(finerMesh(market, 0.025, wireAgainst({ threatFigures: {} }, ['mink']))).toBe('fine-13');
    expect(finerMesh(market, 0.025, wireAgainst({ threatFigures: {} }, ['mink', 'dog']))).toBe(
      'welded-25x13',
    );
    expect(finerMesh(market, 0.005, wireAgainst({ threatFigures: {} }, ['mouse']))).toBeUndefined();
  });
});

describe('the skirt that is wanted', () => {
  test.each<[readonly ThreatId[], number, number]>([
    [[], 0.45, 0.3],
    [['fox'], 0.45, 0.45],
    [['dog'], 0.5, 0.4],
    [['coyote'], 0.6, 0.45],
    [['badger'], 0.9, 0.6],
    [['fox', 'badger', 'rat'], 0.9, 0.6],
    [['mink'], 0.45, 0.3],
    [['hawk', 'cat'], 0.45, 0.3],
  ])('with %j about: an apron of %d or buried %d deep', (about, apron, buried) => {
    const threats = Object.fromEntries(about.map((id) => [id, 'seen' as const]));
    expect(skirtWanted({ threats, threatFigures: {} }, 'flat')).toBe(apron);
    expect(skirtWanted({ threats, threatFigures: {} }, 'deep')).toBe(buried);
  });
});

test('only those that take eggs, chicks, quail and bantams are small prey', () => {
  const small = Object.entries(THREATS).flatMap(([id, figures]) => (figures.smallPrey ? [id] : []));
  expect(small.sort()).toEqual(['cat', 'crow', 'mouse', 'opossum', 'rat', 'skunk', 'snake']);
});
