/** What a working of the ground is made of. */
export const TERMS = {
  'ground.deterrent': ({ name }: { readonly name: string }) => name,
} as const;
