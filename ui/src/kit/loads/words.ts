export const words = {
  'loads.title': 'What goes into each load',
  'loads.one': 'Load {number}',
  'loads.some': 'Loads {from} to {to}',
  'loads.of': '{litres}',
  'loads.each': '{litres} each',
  'loads.mixed': 'mixed',
  'loads.component': 'Component',
  'loads.all': 'In all',
  'loads.share': 'True share',
  'loads.off': '{more, select, more {{share} more} other {{share} less}}',
  'loads.scoopOf': 'scoop of {litres}',

  'loads.warning.smaller_scoop': 'With a larger scoop the recipe would not come out: take the smaller one.',
  'loads.warning.nearest':
    'Whole measures of this recipe would be too much for the tub or the need: these are the nearest half scoops.',
  'loads.warning.millilitres':
    'Half scoops would distort {names}: measure the millilitres beside the scoops, or take a smaller scoop.',
  'loads.warning.off': '{names}: off the recipe by more than it should be. Mix more at once, or take a finer measure.',
  'loads.warning.too_small': '{names}: too little to measure. Mix more at once, or leave it out.',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
