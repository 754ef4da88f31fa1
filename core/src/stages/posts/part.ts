import { type BoughtPost } from './bought';
import { type Part } from '../../reckoning';
export const postPart = (post: BoughtPost): Part => ({
  kind: 'post',
  part: post.part,
  number: post.number,
  role: post.role,
  side: post.side,
  along: post.along,
  above: post.above,
  depth: post.depth,
  size: post.product.size,
  product: post.product.id,
  buy: post.buy,
  cutOff: post.cutOff,
  setting: post.setting,
  origin: post.standing === null ? 'new' : 'standing',
});
