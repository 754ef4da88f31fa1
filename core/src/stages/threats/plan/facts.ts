export const NAME = 'Threats';
/** Why it comes now. */
export const WHY =
  'What hunts here decides how fine the mesh, how deep the foot, how tight the catches. Look for signs first.';
