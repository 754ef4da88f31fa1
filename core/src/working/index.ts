export type { TermCode, TermParams } from './params';
export type { SideParam } from '../saying/sentences';
export {
  type Term,
  type TermOp,
  type TermUnit,
  largest,
  product,
  ratio,
  recompute,
  smallest,
  sum,
  upTo,
  value,
} from './term';
