import { type Problems } from '../problems';
import { tangled } from '../../ground/polyline';
import { finding } from '../../findings/types';
/** The outline of a building must not cross itself. */
export const groundProblems: Problems = ({ buildings }) =>
  buildings
    .filter((b) => tangled(b.outline))
    .map(({ id, name }) =>
      finding(
        'building.tangled',
        { severity: 'blocks', stage: 'ground', part: { on: 'building', building: id } },
        { name },
      ),
    );
