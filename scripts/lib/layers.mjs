/** Layers of core, lowest first: a file imports from its own layer and those below. What a file belongs to goes by its folder; the first that fits. */
export const LAYERS = [
  { name: 'units', files: [/^(units|schema|engine)\//] },
  { name: 'saying', files: [/^(saying|scenes)\//] },
  { name: 'catalogue', files: [/^catalogue\/(?!steps\/)/] },
  {
    name: 'document',
    files: [
      /^plan\/(?!changes\/|words\/|steps\/|samples\/)/,
      /^stages\/\w+\/plan\//,
      /^stages\/(choices|facts)\.ts$/,
    ],
  },
  { name: 'ground', files: [/^ground\/(?!steps\/)/, /^survey\//, /^drawing\/scene\//] },
  { name: 'changes', files: [/^plan\/changes\//, /^stages\/\w+\/verbs\//, /^stages\/verbs\.ts$/] },
  {
    name: 'sentences',
    files: [/^(\w+|stages\/\w+)\/words\//, /^stages\/words\.ts$/, /^(working|findings)\//],
  },
  {
    name: 'demands',
    files: [
      /^(cutting|fasteners|strength)\//,
      /^buying\/(?!steps\/|ways\/|further\/)/,
      /^build\/(?!steps\/)/,
      /^verdicts\/rated\//,
      /^options\/asking\//,
    ],
  },
  { name: 'keys', files: [/^keys\.ts$/] },
  { name: 'stages', files: [/^stages\//, /^reckoning\/index\.ts$/] },
  { name: 'steps', files: [/^\w+\/steps\//, /^buying\/ways\//] },
  { name: 'joiners', files: [/./] },
];

/** Keys name the types of what steps make, wherever those are. */
export const OPEN = ['keys.ts'];

/** What other stages may look into: what a keeper chooses and does, how it is said, what it tells and what it shows. */
export const SHOWN = ['plan/', 'verbs/', 'words/', 'shown/', 'told.ts'];
