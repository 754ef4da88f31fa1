import type { Gate, Hatch, Opening, PopDoor } from './schema';

/** Where an opening parts or pierces the fence, and how high: not how it is made. */
export type GatePlace = Pick<Gate, 'id' | 'kind' | 'side' | 'along' | 'width' | 'height'>;
export type DoorPlace =
  | Pick<PopDoor, 'id' | 'kind' | 'side' | 'along' | 'width' | 'height'>
  | Pick<Hatch, 'id' | 'kind' | 'side' | 'along' | 'width' | 'height' | 'bottom'>;
export type OpeningPlace = GatePlace | DoorPlace;

export function placeOf(opening: Opening): OpeningPlace {
  const { id, side, along, width } = opening;
  switch (opening.kind) {
    case 'gate':
      return { id, kind: 'gate', side, along, width, height: opening.height };
    case 'pop-door':
      return { id, kind: 'pop-door', side, along, width, height: opening.height };
    case 'hatch': {
      const { height, bottom } = opening;
      return { id, kind: 'hatch', side, along, width, height, bottom };
    }
  }
}
