import type { Soil } from '../plan/assumptions';
import type { PostRole } from '../plan/schema';
import type { StageTerms } from '../stages/words';

/** A side as the keeper calls it: its place in its ring, from 1. */
export interface SideParam {
  readonly side: number;
}

/**
 * Every kind of term that a working is made of, with what its sentence needs. Lengths m, money minor units.
 * Those of the stages have their sentences there, all others in `words/terms`.
 */
export interface TermParams extends StageTerms {
  /** Outline */
  'outline.area': object;
  'outline.enclosure-area': { readonly name: string };
  'outline.triangle': { readonly first: number; readonly from: number; readonly to: number };
  'outline.width': object;
  'outline.depth': object;
  'outline.perimeter': object;
  'outline.fence': object;
  'outline.side': SideParam;
  'outline.ground': object;
  'outline.along-ground': { readonly side: number; readonly level: number; readonly rise: number };
  /** Posts */
  'posts.total': object;
  'posts.role': { readonly role: PostRole };
  'posts.line-on': SideParam;
  'posts.bays': { readonly spacing: number };
  'posts.stretch': SideParam;
  'posts.spacing': object;
  'posts.one-less': object;
  'posts.pinned': object;
  'posts.between': object;
  'posts.standing': object;
  'posts.need': object;
  'posts.braces': object;
  'posts.brace-ends': object;
  'posts.brace-shared': object;
  'posts.bags': object;
  'posts.holes': { readonly role: PostRole };
  'posts.bags-each': { readonly hole: number; readonly depth: number };
  'posts.hole-volume': { readonly hole: number; readonly depth: number };
  'posts.bag-volume': object;
  /** Mesh */
  'mesh.side': SideParam;
  'mesh.gate': { readonly width: number };
  'mesh.ends': object;
  'mesh.end-count': object;
  'mesh.end-each': object;
  'mesh.joints': object;
  'mesh.joint-count': object;
  'mesh.joint-each': object;
  'mesh.leaf': { readonly width: number };
  'mesh.above': object;
  'mesh.patch': object;
  'mesh.extra': object;
  'mesh.beside': object;
  'cut.pieces': object;
  'cut.piece-length': object;
  'timber.piece': object;
  'mesh.lean': object;
  'mesh.lean-again': object;
  'mesh.lean-pieces': object;
  'mesh.lean-each': object;
  'mesh.lean-height': object;
  'mesh.lean-grade': object;
  'mesh.need': object;
  'mesh.wall': { readonly top: number };
  /** Fasteners */
  'fasten.need': object;
  'fasten.posts': { readonly height: number; readonly spacing: number };
  'fasten.post-count': object;
  'fasten.each-post': { readonly height: number; readonly spacing: number };
  'fasten.gaps': { readonly spacing: number };
  'fasten.height': object;
  'fasten.distance': object;
  'fasten.one-more': object;
  'fasten.clips': { readonly height: number };
  'fasten.clips-needed': object;
  'fasten.clips-included': object;
  'fasten.least-clips': object;
  'fasten.seam': { readonly kind: 'bands' | 'leaf' | 'skirt' | 'patch'; readonly length: number };
  'fasten.board': { readonly at: 'ground' | 'top' | 'skirt' | 'house'; readonly length: number };
  'fasten.stiles': { readonly height: number };
  'fasten.rails': { readonly length: number };
  'fasten.ties': object;
  'fasten.ties-each': object;
  'fasten.rows': object;
  'fasten.arms': object;
  'ways.hardware': { readonly way: 'gate' | 'pop-door' | 'hatch'; readonly width: number };
  'fasten.splice': { readonly height: number };
  'fasten.pegs-edge': { readonly edge: number };
  'fasten.pegs-end': object;
  'fasten.pegs-joints': { readonly width: number };
  'fasten.joint-count': object;
  'fasten.pegs-each-joint': { readonly width: number };
  /** Docket */
  'docket.price': object;
  'docket.units': { readonly size: number; readonly unit: 'm' | 'piece' };
  'docket.unit-count': object;
  'docket.unit-price': object;
  'docket.total': object;
  'docket.line': { readonly line: string };
  'docket.delivery': { readonly yard: string };
  'docket.tax': { readonly rate: number };
  'docket.kit': { readonly width: number };
  'docket.piece': { readonly width: number; readonly length: number };
  'docket.pop-door': { readonly width: number };
  'docket.hatch': { readonly width: number };
  'docket.spikes': object;
  /** Hours */
  'hours.total': object;
  'hours.stake-out': object;
  'hours.posts': { readonly standing: 'dug' | 'driven' | 'spike' };
  'hours.concrete': object;
  'hours.mesh': object;
  'hours.boards': object;
  'hours.gates': object;
  'hours.gates-built': object;
  'hours.elapsed': object;
  'hours.second': object;
  'hours.pop-doors': object;
  'hours.count': { readonly of: 'runs' | 'posts' | 'gates' | 'pop doors' | 'bags' };
  'hours.metres': object;
  'hours.rate': object;
  'hours.soil': { readonly soil: Soil };
}

export type TermCode = keyof TermParams;
