export const words = {
  'batch.title': 'Work out a batch',
  'batch.name': 'Name of the batch',
  'batch.defaultName': '{recipe}, {pot}',
  'batch.pots': 'Number of pots',
  'batch.ball': 'Root ball kept',
  'batch.ballHint': 'share of the root zone that the old ball takes',
  'batch.objects': 'Objects, each',
  'batch.spare': 'Spare',
  'batch.tub': 'Tub holds',
  'batch.scoop': 'Scoop holds',
  'batch.note': 'Note',
  'batch.loose': '{litres} loose',
  'batch.looseHint':
    'to fill {net} in {pots, plural, one {# pot} other {# pots}}: mixing and settling take {shrink}, {spare} spare',
  'batch.layerLine': 'and {litres} for the drainage layers',
  'batch.loads': '{loads, plural, one {# load} other {# loads}}, {litres} scooped',
  'batch.weight': '{kg} dry',
  'batch.wetPot': '{kg} per wet pot',
  'batch.cost': 'Material {cost}',
  'batch.costUnknown': 'Material cost not known: a price is missing',
  'batch.buy': 'To buy {cost}',
  'batch.buyUnknown': 'Some packs have no size or price',
  'batch.buyNothing': 'Nothing to buy',
  'batch.litres': 'Takes, {LUnit}',
  'batch.stock': 'In stock, {LUnit}',
  'batch.packs': 'Packs to buy',
  'batch.save': 'Save batch',
  'batch.saveAndPrint': 'Save and open the mixing sheet',
  'batch.fromShelf': 'From the bins, before screening',
  'batch.loading': 'Working it out …',
  'batch.stale': 'Figures from before: mend the marked field.',
  'batch.filled': 'Root ball, zones and objects are those set in Blend.',
} as const;

type Said = typeof words;

declare module '../../../i18n/words' {
  interface Catalogue extends Said {}
}
