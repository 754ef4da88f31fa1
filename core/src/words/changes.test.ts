import { describe, expect, test } from '@jest/globals';
import type { Change } from '../plan/changes/types';
import type { Skirt } from '../stages/skirt/plan/kinds';
import { WHOLE_PLAN } from '../plan/scope';
import { editionOf } from '../catalogue/editionOf';
import { emptyPlan } from '../starts/newPlan';
import { marketOf } from '../catalogue/market';
import { readerFor } from '../saying/makeReader';
import { sayChange } from './changes';

const plan = emptyPlan('p', 'P', 'metric');
const feet = emptyPlan('f', 'F', 'imperial');
const said = (change: Change, on = plan) =>
  sayChange(change, readerFor(on), marketOf(editionOf(on), on.buying));
const scope = WHOLE_PLAN;
const skirt = (to: Skirt): Change => ({ verb: 'set-skirt', scope, skirt: to });
const opening = (to: Extract<Change, { verb: 'set-opening' }>['to']): Change => ({
  verb: 'set-opening',
  id: 'g1',
  to,
});

describe('a button or an undo step says what it does', () => {
  test.each<[Change, string]>([
    [skirt({ kind: 'none' }), 'No skirt'],
    [
      skirt({ kind: 'apron', mesh: 'fine-13', width: 0.45, lapUp: 0.1 }),
      'Lay an apron 0.45 m wide of fine welded mesh 13 × 13',
    ],
    [
      skirt({ kind: 'house-apron', mesh: 'fine-13', width: 0.45, lapUp: 0.1 }),
      'Lay an apron 0.45 m wide of fine welded mesh 13 × 13, round the house too',
    ],
    [
      skirt({ kind: 'buried', mesh: 'fine-13', depth: 0.3, lapUp: 0.1 }),
      'Bury a skirt 0.30 m deep of fine welded mesh 13 × 13',
    ],
    [
      skirt({ kind: 'toe', mesh: 'fine-13', depth: 0.3, out: 0.3, lapUp: 0.1 }),
      'Bury a skirt 0.30 m deep with a toe of 0.30 m, of fine welded mesh 13 × 13',
    ],
    [
      skirt({ kind: 'folded', mesh: 'hex-25', up: 0.5, out: 0.5 }),
      'Fold a skirt 0.50 m up and 0.50 m out, of hexagonal mesh 25 × 25',
    ],
    [skirt({ kind: 'stone', width: 0.3, height: 0.2 }), 'Lay stones 0.30 m wide'],
    [skirt({ kind: 'concrete', width: 0.15, depth: 0.3 }), 'Pour concrete 0.30 m deep'],
    [{ verb: 'set-boards', scope, boards: { ground: 'board-150x25' } }, 'Put a board at the ground'],
    [{ verb: 'set-boards', scope, boards: { top: null } }, 'No board at the top'],
    [{ verb: 'set-overhang', scope, overhang: 0.3 }, 'Fold 0.30 m outward at the top'],
    [{ verb: 'set-overhang', scope, overhang: 0 }, 'No overhang'],
    [
      { verb: 'choose-as-plan', scope: { scope: 'side', of: 's1' }, choices: ['skirt'] },
      'Use the plan’s settings on this side',
    ],
    [
      { verb: 'choose-as-plan', scope: { scope: 'enclosure', of: 'e' }, choices: ['bands'] },
      'Use the plan’s settings on this run',
    ],
    [{ verb: 'set-crew', crew: 'two' }, 'Build with a second person'],
    [{ verb: 'set-crew', crew: 'alone' }, 'Build alone'],
    [{ verb: 'set-band', scope, id: 'low', to: { bottom: null } }, 'Start at the lap of the band below'],
    [{ verb: 'set-band', scope, id: 'low', to: { bottom: 0.15 } }, 'Start the band at 0.15 m'],
    [opening({ make: 'built' }), 'Build it of frame timber and mesh'],
    [opening({ make: 'kit' }), 'Hang a kit'],
    [opening({ catches: 'two-step' }), 'Two-step catches at top and foot'],
    [opening({ closer: 'spring' }), 'Let a spring close it'],
    [opening({ lock: 'padlock' }), 'Put a lock on it'],
    [opening({ sill: 'board' }), 'Put a sill under it'],
    [opening({ height: null }), 'Make the leaf as high as the wall'],
    [opening({ height: 1.2 }), 'Make it 1.20 m high'],
    [opening({ bottom: 0.4 }), 'Set it 0.40 m above the ground'],
    [opening({ width: 0.8 }), 'Make it 0.80 m clear'],
    [opening({ along: 1 }), 'Move it to 1.00 m from the corner'],
  ])('%j', (change, words) => {
    expect(said(change)).toBe(words);
  });
  test('in the reader’s own units', () => {
    expect(said({ verb: 'set-overhang', scope, overhang: 0.3048 }, feet)).toBe('Fold 1′ outward at the top');
  });
});
