export const words = {
  'measured.title': 'Measured and computed',
  'measured.none': 'Nothing of this mix was tested yet.',
  'measured.index': 'Its shrink was measured: it settles to a compaction index of {index}.',
  'measured.test': 'Test this mix',

  'prep.title': 'Prepare {name}',
  'prep.button': 'Prepare {name} before mixing',
  'prep.cut': 'Cut down what is coarser than',
  'prep.lo': 'Sieve off what is finer than',
  'prep.hi': 'Sieve or pick out what is coarser than',
  'prep.rinse': 'Rinse out what is finer than',
  'prep.lime': 'Lime it to',
  'prep.limeHint':
    'with ground lime, weeks before; try the dose in a test tub and measure again. Label, gloves and goggles first.',
  'prep.wet': 'Wet it',
  'prep.wet.none': 'no',
  'prep.wet.damp': 'damp, an hour before',
  'prep.wet.soak': 'soak over night',
  'prep.clear': 'No preparation',
  'prep.sievesHint': 'Your sieves: {apertures} mm',
  'prep.worth': 'Is preparing worth it?',
  'prep.with': 'With',
  'prep.without': 'Without',
  'prep.lost': '{name}: {kept} kept, {lost} thrown away{cost, select, none {} other {, worth {cost} a litre of mix}}.',
  'prep.price': 'Price per litre',

  'write.notation': 'Written in',
  'write.parts': 'Parts',
  'write.percent': 'Per cent',
  'write.litres': 'Litres',
  'write.scoops': 'Scoops',
  'write.scoopHolds': 'A scoop holds',
  'write.equal': 'Equal',
  'write.equalLabel': 'Equal amounts of everything',
  'write.little': 'A little',
  'write.littleLabel': 'Only a little of {name}',
  'write.short': 'Together {sum} %: {rest} % short.',
  'write.over': 'Together {sum} %: {rest} % too much.',
  'write.fillUp': 'Fill up with {name}',
  'write.scale': 'Scale to 100 %',
  'write.downLabel': 'The recipe in your own words',
  'write.downHint':
    'Such as: 5:3:2 pumice, lava, bark · equal parts pumice and bark · half bark, the rest pumice · 9 pumice, a little charcoal',
  'write.take': 'Take it',
  'write.apart': 'Take apart',
  'write.apartLabel': 'Take {name} apart into what it is made of',

  'tub.text':
    'Say what lies in the tub already. Zolbek says what to add, so that the recipe is right again at the smallest total, or at the one you want.',
  'tub.there': 'Litres of {name} in the tub',
  'tub.removed': 'Picked out by hand',
  'tub.other': 'Something else in the tub',
  'tub.wanted': 'Recipe wanted in all',
  'tub.wantedHint': 'left empty: the smallest total',
  'tub.add': 'Add',
  'tub.nothing': 'nothing',
  'tub.total': 'Then there are {total} L, {recipe} L of them the recipe. At least {least} L it has to be.',
  'tub.foreign': '{name} does not belong and stays in with {share}.',
} as const;

type Said = typeof words;

declare module '../../../i18n/words' {
  interface Catalogue extends Said {}
}
