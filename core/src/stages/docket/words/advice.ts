import { type Cautions } from '../../../plan/cautions';

/** What a buyer has to know first. */
export const cautions: Cautions = () => ['Prices are made up and dated; your yard’s own prices decide.'];
