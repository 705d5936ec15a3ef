/** What a ball can be of: the mix that the plant stands in, or a typical soil. */
export const SOILS = [
  'as_stood',
  'nursery_peat',
  'coir',
  'bark_compost',
  'loam',
  'garden_clay',
  'sand_grit',
  'unknown',
] as const;

/** How a collar can stand. */
export const HOWS = ['flush', 'raised', 'buried'] as const;

export const TREATMENTS = ['untouched', 'teased', 'combed', 'washed'] as const;
