export const words = {
  'common.redo': 'Redo',

  'blend.recipePick': 'Open a recipe',
  'blend.recipeChanged': 'changed',
  'blend.newMix': 'New mix',
  'blend.saveRecipe': 'Save recipe',
  'blend.saveAs': 'Save as new',
  'blend.recipeName': 'Name of the recipe',
  'blend.recipeNote': 'Note',
  'blend.archiveRecipe': 'Archive this recipe',
  'blend.parts': 'Parts',
  'blend.partsOf': 'Parts of {name}',
  'blend.more': 'One part more of {name}',
  'blend.less': 'One part less of {name}',
  'blend.add': 'Add a component',
  'blend.emptyTitle': 'What goes into the tub?',
  'blend.emptyText': 'Add a component, or begin with a recipe of the yard:',
  'blend.emptyTextAlone': 'Add a component to begin.',
  'blend.setup': 'How the pot is set up',
  'blend.toBatch': 'Work out a batch',
  'blend.updating': 'Working it out …',
  'blend.stale': 'Picture of the mix before: mend the marked field.',
  'blend.offline': 'Picture of the mix before: no answer.',
  'blend.verdicts': 'Verdicts',
  'blend.wind': 'Wind',
  'blend.mendFirst': 'Mend the marked field to see what the mix does.',
  'blend.chooseTwo': 'Choose at least one component with parts, and a pot.',

  'section.title': 'Pot section',

  'mend.lead': 'Would mend it:',
  'mend.none': 'No single change mends this; try another pot or other components.',
  'mend.gives': 'then {value}',
  'mend.worsens': 'at the cost of {criteria}',
  'mend.try': 'Try it',
  'mend.tryLabel': 'Try it: {change}',

  'more.fines_below_1_mm': 'Finer than 1 mm',
  'more.water_l': 'Water after watering',
  'more.easy_l': 'Easy water (0 to 50 cm)',

  'blend.noSite': 'no site: no water use',
  'blend.library.edit': 'Sites and plants',
  'blend.asIf': 'As if: {what}',
  'blend.asIf.depth': '{cm} deep',
  'blend.asIf.holes': '{count, plural, one {# hole} other {# holes}}',
  'blend.asIfBack': 'Back to the pot as it is',
  'blend.moreTools': 'More to do with this mix',
  'blend.link': 'Copy a link to this',
  'blend.linkCopied': 'The link is copied: it opens this very mix, pot and situation.',
  'blend.linkShown': 'Link to this mix',
  'blend.linkBad': 'This link could not be read. The mix from before is kept.',
  'blend.card': 'Recipe card',
  'blend.compare': 'Compare',
  'blend.versions': 'Versions',
  'blend.reason': 'Why does it change?',
  'blend.reasonHint': 'kept with the version',
  'blend.tags': 'Tags',
  'blend.duplicate': 'Save a copy',
  'blend.copyOf': '{name}, copy',
  'blend.file': 'Save as a file (JSON)',
  'blend.takeFile': 'Take in a recipe file',
  'blend.fileTaken': '{name} is taken in.',

  'write.total.parts': '{sum, plural, =1 {one part} other {# parts}}',
  'write.total.percent': '{sum} %',
  'write.total.litres': '{sum} loose',
  'write.total.scoops': '{sum, plural, one {# scoop} other {# scoops}}',
  'write.down': 'Write it down',

  'tub.title': 'In the tub',

  'exposure.full_sun': 'Full sun',
  'exposure.half_shade': 'Half shade',
  'exposure.shade': 'Shade',
  'exposure.glass': 'Under glass',
  'exposure.indoors': 'Indoors',

  'stand.bed': 'Pot to pot in a bed',
  'stand.bench': 'On a bench',
  'stand.wall': 'Alone on a wall or roof',

  'situation.feed': 'Fed',

  'feed.none': 'Not at all',
  'feed.usual': 'As usual',
  'feed.acid': 'Acid (ammonium)',

  'surface.bare': 'Bare',
  'surface.stone': 'Stone',
  'surface.moss': 'Moss',

  'method.can': 'Can with a rose',
  'method.hose': 'Hose',
  'method.drip': 'Drip',
  'method.dunk': 'Dunking',

  'mend.searching': 'Looking for what would mend it …',
  'mend.leadNearest': 'No single change brings it there. Nearest:',

  'view.print': 'Print',

  'amount.air': 'air',
  'amount.water_l': 'water',
  'amount.easy_l': 'easy water',
  'amount.interval_h': 'water lasts, h',
  'amount.drought': 'short in a hot spell',
  'amount.run_through_s': 'run-through, s',
  'amount.ph': 'pH',
  'amount.later_ph': 'pH when repotted',
  'amount.rating': 'on the whole',
  'amount.level_drop_cm': 'level sinks',
  'amount.use_l_day': 'use on a hot day',
  'amount.given_l_year': 'water a year',
  'amount.float_share': 'washed off',
  'amount.wet_kg': 'wet weight',
  'amount.cost': 'cost of a pot',
  'amount.years': 'years',
  'amount.fit': 'fit',
  'amount.yield_share': 'yield',

  'surface.washed':
    '{share} of the surface floats off under this way of watering, about {litres}. Under stone {stone}, under moss {moss}.',
  'surface.heat': 'Dry, the surface gets about {kelvin} °C warmer than the air in full summer sun (a rough figure).',
  'surface.repels':
    '{share} of it repels water once it is dry: wet it before mixing, and dunk a pot that has dried out.',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
