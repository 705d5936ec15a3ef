export const words = {
  'compare.pageTitle': 'Compare',
  'compare.now': 'The mix on the bench',
  'compare.addRecipe': 'Add a recipe',
  'compare.addVersion': 'Add a version',
  'compare.addPot': 'Add the same in another pot',
  'compare.addSite': 'Add the same at another site',
  'compare.inPot': '{mix}, in {pot}',
  'compare.atSite': '{mix}, at {site}',
  'compare.habitThere': 'There somebody comes by',
  'compare.remove': 'Take {name} out of the comparison',
  'compare.need': 'Add something to set beside it.',
  'compare.full': 'No more than {most} stand side by side.',
  'compare.first': 'What differs most, against {name}',
  'compare.same': 'Nothing that matters differs.',
  'compare.says.air': '{name}: {more, select, yes {more} other {less}} air, {to} instead of {from}.',
  'compare.says.water_l': '{name}: {more, select, yes {more} other {less}} water, {to} instead of {from}.',
  'compare.says.interval_h':
    '{name}: water lasts {more, select, yes {longer} other {shorter}}, {to} instead of {from} h.',
  'compare.says.drought':
    '{name}: {more, select, yes {shorter} other {less short}} of water in a hot spell, {to} instead of {from}.',
  'compare.says.later_ph':
    '{name}: {more, select, yes {less acid} other {more acid}} when repotted, pH {to} instead of {from}.',
  'compare.says.run_through_s':
    '{name}: water runs through {more, select, yes {slower} other {faster}}, {to} instead of {from} s.',
  'compare.says.ph': '{name}: {more, select, yes {less acid} other {more acid}}, pH {to} instead of {from}.',
  'compare.says.wet_kg': '{name}: {more, select, yes {heavier} other {lighter}}, {to} instead of {from}, wet.',
  'compare.says.cost': '{name}: {more, select, yes {dearer} other {cheaper}}, {to} instead of {from} a pot.',
  'compare.says.years': '{name}: lasts {more, select, yes {longer} other {less long}}, {to} instead of {from} years.',

  'uses.title': 'Used for',
  'uses.many': '{count} × {name}',
  'uses.planned': 'planned',
  'uses.choose': 'Judge it for one of {count, plural, one {# use} other {# uses}} …',
  'uses.chosen': 'For {name}, in {pot}',

  'version.title': 'Versions of {name}',
  'version.now': 'now',
  'version.noReason': 'the first',
  'version.changed': '{name}: {from} → {to}',
  'version.in': '{name} in, {to}',
  'version.out': '{name} out (was {from})',
  'version.prepared': '{name} prepared otherwise',
  'version.open': 'Open it',
  'version.compare': 'What did it do to the pot?',
  'version.none': 'This recipe has not changed yet.',

  'card.title': 'Recipe card',
  'card.inPot': 'in {pot}',
  'card.amount': 'Amount',
  'card.share': 'Share',
  'card.where': 'Where and how',
  'card.needMix': 'There is no mix on the bench to make a card of.',
  'compare.water_row': 'Somebody comes by',
  'compare.picture': 'Picture',
  'compare.best': 'best',
  'compare.worst': 'worst',
  'compare.costOf': '{pots, plural, one {cost of one pot} other {cost of # pots}}',
  'compare.pots': 'Pots to fill',
  'compare.allInPot': 'All of these in another pot',
  'compare.outdatedBench': 'The mix on the bench was changed since.',
  'compare.outdatedRecipe': 'This recipe has a newer version.',
  'compare.update': 'Take it as it is now',
  'blend.outcome': 'Who stands in it, and how it turned out',
} as const;

type Said = typeof words;

declare module '../../../i18n/words' {
  interface Catalogue extends Said {}
}
