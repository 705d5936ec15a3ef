export const words = {
  'common.cancel': 'Cancel',
  'common.saved': '{name} is saved.',
  'common.loading': 'Loading …',

  'common.countedIn': '{error} Counted in {unit}.',
  'problem.offline': 'Zolbek does not answer. Is it still running? What you typed is kept.',

  'group.desert': 'Desert and swollen stem',
  'group.airy_conifers': 'Airy conifers (pines, junipers)',
  'group.thirsty_conifers': 'Thirsty conifers (larch, swamp and redwood types, yew)',
  'group.broadleaf_deciduous': 'Broadleaf, deciduous',
  'group.broadleaf_evergreen': 'Broadleaf, hardy evergreen',
  'group.fruiting_flowering': 'Fruiting and flowering',
  'group.acid_lovers': 'Acid lovers',
  'group.mediterranean': 'Mediterranean evergreens',
  'group.tropical_evergreen': 'Tropical evergreens',
  'group.tropical_dry_season': 'Tropical, dry-season deciduous',
  'group.seedlings': 'Seedlings, cuttings, liners',

  'field.name': 'Name',

  'bench.result': 'Result',

  'finding.lime.none': 'No lime.',
  'finding.lime.weak': 'Some lime: it raises the pH slowly.',
  'finding.lime.strong': 'Much lime: keep it away from acid lovers.',
  'finding.salts.low': 'Few salts.',
  'finding.salts.usual': 'Salts as is usual.',
  'finding.salts.high': 'Salty: leach it, feed less.',
  'finding.salts.harmful': 'Very salty: leach it well, stop feeding, repot what stands in it.',
  'finding.slakes.yes': 'Turns to sludge in water.',
  'finding.slakes.no': 'Stays whole in water.',
  'finding.floats.yes': 'Floats: wet it first and cover the surface.',
  'finding.floats.no': 'Does not float.',

  'exchange.reading': 'Looking through it …',

  'plants.place': 'Place',
  'plants.allPlaces': 'All places',
  'plants.allGroups': 'All groups',
  'plants.onlyDue': 'Due only',
  'plants.toDay': '{count, plural, one {Put it on a potting day} other {Put # on a potting day}}',
  'plants.field.usual': 'as usual',
  'plants.remove': 'Remove',

  'finding.white_tips': 'White tips',
  'finding.threads': 'White fungal threads',
  'finding.black_soft': 'Black and soft',
  'finding.circling': 'Circling',
  'finding.one_sided': 'One-sided',
  'finding.tap_root': 'Tap root',
  'finding.high_crossing': 'Too high or crossing',
  'finding.sludge': 'Sludge at the bottom',
  'finding.fine_layer': 'Fine layer at the bottom',
  'finding.ants': 'Ants',
  'finding.grubs': 'Grubs',
  'finding.moss_liverwort': 'Moss or liverwort on the stem',
  'finding.repellent': 'Core repels water',
  'finding.wounds': 'Wounds',
  'finding.root_bound': 'Root-bound',
  'finding.matted_bottom': 'Matted at the bottom',
  'finding.crumbly': 'Crumbly, falls off',
  'side.left': 'the left',
  'side.right': 'the right',
  'side.front': 'the front',
  'side.back': 'the back',
  'degree.slight': 'a little',
  'degree.clear': 'clearly',
  'degree.strong': 'strongly',
  'finding.degreeOf': '{finding}: how much',
  'finding.sideOf': '{finding}: on which side',
  'finding.anySide': 'no side',
  'leave.title': 'What you typed is not saved.',
  'leave.stay': 'Go on typing',
  'leave.throw': 'Throw it away',
} as const;

type Said = typeof words;

declare module '../i18n/words' {
  interface Catalogue extends Said {}
}
