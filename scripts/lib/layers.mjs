/** Layers of core, lowest first: a file imports from its own layer and those below. What a file belongs to goes by its name; the first that fits. */
export const LAYERS = [
  { name: 'units', files: [/^units\//, /^schema\//, /^engine\//, /^working\/unit\.ts$/] },
  { name: 'saying', files: [/^saying\//, /^scenes\//] },
  { name: 'catalogue', files: [/^catalogue\/(?!steps)/] },
  {
    name: 'document',
    files: [
      /^plan\/(?!changes|verbs|words|slices|onSides|newPlan|samples)/,
      /^stages\/\w+\/plan\//,
      /^stages\/(choices|facts)\.ts$/,
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
  { name: 'changes', files: [/^plan\/(changes\/|verbs)/, /^stages\/\w+\/verbs\//, /^stages\/verbs\.ts$/] },
  {
    name: 'sentences',
    files: [
      /^stages\/\w+\/words\//,
      /^stages\/(words|sentences)\.ts$/,
      /^strength\/(row|words)\.ts$/,
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

/** What other stages may look into: what a keeper chooses and does, how it is said, what it tells and what it shows. */
export const SHOWN = ['plan/', 'verbs/', 'words/', 'shown/', 'told.ts'];
