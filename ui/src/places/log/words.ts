export const words = {
  'sheet.title': 'Mixing sheet',
  'sheet.print': 'Print',
  'sheet.back': 'Back to the log',
  'sheet.for': '{pots, plural, one {# pot} other {# pots}}: {pot}',
  'sheet.made': 'Worked out {date}',
  'sheet.load': '{loads, plural, one {# load} other {# loads}}, {litres} for {need}',
  'sheet.scoop': 'Scoop {scoop}, tub {tub}',
  'sheet.tick': 'Loads done',
  'sheet.layer': 'Drainage layer: {litres} of {name}, {cm} in each pot',
  'sheet.perPot': 'Fill {litres} settled into each pot, more than it looks: it sinks when worked in and watered.',
  'sheet.buy': 'To buy',
  'sheet.packs': '{packs, plural, one {# pack} other {# packs}} of {litres}',
  'sheet.nothing': 'All of it is in stock.',
  'sheet.steps': 'Mix dry parts with a little water so that dust lies; turn over until no streak is left.',
  'sheet.frozen': 'This sheet keeps the figures it was made with.',
  'sheet.dry': 'Dry weight {kg}',
  'sheet.prepare': 'Prepare first',
  'sheet.lot': 'delivery {name}',

  'log.title': 'Log',
  'log.empty': 'No batch yet. Work one out in Blend.',
  'log.emptySearch': 'No batch is called that.',
  'log.toBlend': 'Go to Blend',
  'log.name': 'Batch',
  'log.made': 'Worked out',
  'log.pots': 'Pots',
  'log.pot': 'Pot',
  'log.loose': 'Loose mix',

  'sheet.mixed': 'Mixed {date}{by, select, none {} other { by {by}}}',
  'sheet.who': 'Who mixed it',
  'sheet.markMixed': 'It is mixed: draw it from the bins',
  'sheet.isMixed': 'Mixed and drawn from the bins.',
  'sheet.unmix': 'Take that back',
  'sheet.unmixed': 'What was drawn lies in the bins again.',
  'sheet.notDrawn': 'Not mixed yet: nothing is drawn from the bins.',
  'sheet.drawn': 'Drawn {date}{by, select, none {} other { for {by}}}: {litres} from the bins.',
  'sheet.cost': 'Material {cost}.',
  'log.mixed': 'Drawn from the bins',
  'log.notMixed': 'not mixed',
  'sheet.version': 'Version {version} of the recipe',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
