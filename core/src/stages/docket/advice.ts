import { type Cautions } from '../../plan/cautions';

/** What is to be known before anything is bought. */
export const cautions: Cautions = () => ['Prices are made up and dated; your yard’s own prices decide.'];
