/** Layers of core, lowest first: a file imports from its own layer and those below. What a file belongs to goes by its name; the first that fits. */
export const LAYERS = [
  { name: 'units', files: [/^units\//, /^schema\//, /^engine\//, /^working\/unit\.ts$/] },
  { name: 'saying', files: [/^saying\//, /^scenes\//] },
  { name: 'catalogue', files: [/^catalogue\/(?!steps)/] },
  {
    name: 'document',
    files: [
      /^plan\/(?!changes|verbs|words|slices|onSides|newPlan|samples)/,
      /^stages\/\w+\/(choice\.ts|facts\.ts|kinds|assumed\.ts|references\.ts)/,
      /^stages\/(choices|facts|\w+\/inks)\.ts$/,
      /^stages\/skirt\/(shape|wanted)\.ts$/,
      /^stages\/arch\/limits\.ts$/,
    ],
  },
  {
    name: 'ground',
    files: [
      /^ground\/(?!steps)/,
      /^survey\//,
      /^plan\/onSides\.ts$/,
      /^drawing\/(scene|frames|inks|cut)\.ts$/,
    ],
  },
  {
    name: 'changes',
    files: [
      /^plan\/(changes\/|verbs)/,
      /^stages\/(\w+\/)?verbs\.ts$/,
      /^stages\/ground\/things\.ts$/,
      /^stages\/outline\/(sides|corners|enclosures)\.ts$/,
      /^stages\/arch\/square\.ts$/,
      /^stages\/live\/kept\.ts$/,
      /^stages\/ways\/lobby\.ts$/,
      /^stages\/docket\/yards\.ts$/,
    ],
  },
  {
    name: 'sentences',
    files: [
      /^stages\/\w+\/(words|terms|changes|advice|names|whom|rough)\.ts$/,
      /^strength\/(row|words)\.ts$/,
      /^stages\/(words|sentences)\.ts$/,
      /^(fasteners|cutting|build|plan)\/words\.ts$/,
      /^working\//,
      /^findings\//,
    ],
  },
  {
    name: 'demands',
    files: [
      /^cutting\//,
      /^buying\/(?!steps|ways\/|lookFurther)/,
      /^fasteners\//,
      /^strength\//,
      /^build\/(?!steps|hours)/,
      /^options\/(types|meshes)\.ts$/,
    ],
  },
  { name: 'keys', files: [/^keys\.ts$/] },
  { name: 'stages', files: [/^stages\/|^build\/hours\.ts$/, /^reckoning\/index\.ts$/] },
  { name: 'steps', files: [/\/steps\.ts$/, /^plan\/slices\.ts$/, /^buying\/ways\//] },
  { name: 'joiners', files: [/./] },
];

/** Keys name the types of what steps make, wherever those are. */
export const OPEN = ['keys.ts'];

/** What a stage shows to others besides its choice, kinds, names and what it tells. */
export const SHOWN = {
  threats: ['openings', 'strongMesh', 'whom'],
  outline: ['corners', 'enclosures'],
  posts: ['setOut', 'postsOn', 'stage', 'asks'],
  walls: ['runs', 'wallTop', 'boards', 'groups'],
  ways: ['leaf'],
  live: ['kept'],
};
