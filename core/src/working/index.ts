export type { SideParam, TermCode, TermParams } from './params';
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
