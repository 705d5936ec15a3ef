/** What the first questions say. */
export const words = {
  'start.title': 'From nothing to a mixing sheet',
  'start.step': 'Question {n} of {of}',
  'start.back': 'Back',
  'start.skip': 'Skip',
  'start.next': 'Next',
  'start.find': 'Find mixes',
  'start.leave': 'Leave the questions',
  'start.progress': 'Questions',

  'start.plant': 'What do you want to pot?',
  'start.plant.search': 'Its name',
  'start.plant.habit': 'Or what it looks like',
  'start.plant.none': 'No plant of that name. Choose what it looks like.',

  'start.pot': 'What pot?',
  'start.pot.own': 'One of the yard',
  'start.pot.new': 'Or its shape',
  'start.shape.round': 'Round',
  'start.shape.oval': 'Oval',
  'start.shape.rectangular': 'Square or rectangle',
  'start.shape.polygon': 'With six corners',
  'start.shape.bowl': 'Bowl',
  'start.shape.measured': 'By the water that fills it',
  'start.measure.length': 'Length inside',
  'start.measure.across': 'Across inside',
  'start.measure.width': 'Width inside',
  'start.measure.depth': 'Depth inside',
  'start.measure.litres': 'Water that fills it',
  'start.walls': 'Walls',
  'start.walls.sloping': 'sloping',
  'start.walls.straight': 'straight',
  'start.holes': 'Holes of about {cm}',
  'start.pot.name':
    '{shape, select, round {Round {length}} oval {Oval {length} × {width}} rectangular {Rectangle {length} × {width}} polygon {Six corners {length}} bowl {Bowl {length}} other {Pot of {litres} L}}, {depth} deep',

  'start.place': 'Where does it stand?',
  'start.place.own': 'A site of yours',
  'start.place.lead': 'Choose the year that is most like yours. Own figures can be written down later.',
  'start.place.year': '{name}: from {low} to {high} °C, {rain} mm of rain a year',
  'start.winters': 'Winters',
  'start.summers': 'Summers',
  'start.rain': 'Rain',
  'start.any': 'any',
  'start.winters.hard_frost': 'hard frost',
  'start.winters.frost': 'frost',
  'start.winters.light_frost': 'hardly any frost',
  'start.winters.frost_free': 'no frost',
  'start.summers.cool': 'cool',
  'start.summers.warm': 'warm',
  'start.summers.hot': 'hot',
  'start.rain.all_year': 'all year',
  'start.rain.summer': 'in summer',
  'start.rain.winter': 'in winter',
  'start.rain.little': 'hardly any',
  'start.place.note': 'A typical climate. The lime of its water is a guess: measure it.',

  'start.water': 'How often does somebody water in summer?',
  'start.hours':
    '{hours, select, 12 {Twice a day} 24 {Every day} 48 {Every other day} 72 {Every third day} 168 {Once a week} other {Every {hours} hours}}',

  'start.have': 'What do you have?',
  'start.have.lead': 'Tick the sacks that lie there. Nothing ticked: whatever can be bought.',
  'start.have.search': 'Search the sacks',
  'start.have.count': '{count, plural, =0 {none ticked} one {one ticked} other {# ticked}}',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
