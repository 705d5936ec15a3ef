export const words = {
  'section.air': 'air',
  'section.wetFoot': 'wet foot {cm}',
  'section.wetFootAll': 'wet to the top',
  'section.layer': 'layer {cm}',

  'ledger.title': 'Where the pot’s volume goes',
  'ledger.solid': 'Solid',
  'ledger.sealed': 'Sealed',
  'ledger.locked': 'Locked',
  'ledger.slow': 'Slow',
  'ledger.buffer': 'Buffer',
  'ledger.easy': 'Easy water',
  'ledger.air': 'Air',
  'ledger.hint.solid': 'grains themselves',
  'ledger.hint.sealed': 'pores that water cannot reach',
  'ledger.hint.locked': 'water that roots cannot get',
  'ledger.hint.slow': 'water under great pull',
  'ledger.hint.buffer': 'reserve',
  'ledger.hint.easy': 'drunk first',
  'ledger.hint.air': 'after watering',

  'grading.axis': 'grain size, mm · {fines} finer than 0.5 mm',
  'grading.alt': 'Grain sizes of the mix: a tenth is below {d10} mm, half below {d50} mm, nine tenths below {d90} mm.',
  'grading.d': 'D{q} {size}',

  'canopy.alt': 'The pot, {pot} wide, under a crown of {cm}, to one scale.',

  'view.air': 'air',
  'view.waterShare': 'water',
  'view.share': 'share of the volume',
  'view.heightAxis': 'height above the floor, {cmUnit}',
  'view.oldBall': 'old ball',

  'fit.alt': 'The pot with everything that is to go in, to scale: {summary}',
  'fit.ball': 'Root ball',
  'fit.layer': 'Layer',
  'fit.bed': 'bed',
  'fit.collar': 'collar',
  'fit.rim': 'rim',

  'section.ball': 'old ball',
  'section.wall': '{kind, select, moss {moss} other {old soil}}',

  'planting.above':
    'From above: {left} free at the left, {right} at the right, {front} before the ball and {back} behind it.',
  'planting.front':
    'From the front: a bed of {bed}, the collar {collar} {where, select, below {below the rim} other {over the rim}}.',
  'planting.collar': 'collar {cm} {where, select, below {below the rim} other {over the rim}}',
  'planting.frontSide': 'front',
  'planting.turn': 'Turn the ball',

  'profile.alt': 'Water and air by height: at the floor {bottom} air, at the top {top}.',

  'climate.cool_rain_all_year': 'Cool, rain all year',
  'climate.cool_dry_summer': 'Cool winters, warm dry summers',
  'climate.cool_hills': 'Cool hills',
  'climate.cold_inland': 'Cold inland',
  'climate.cold_mountains': 'Cold mountains',
  'climate.harsh_inland': 'Harsh inland',
  'climate.far_north_coast': 'Far northern coast',
  'climate.far_north_inland': 'Far northern inland',
  'climate.mild_coast': 'Mild coast',
  'climate.mild_wet_coast': 'Mild wet coast',
  'climate.warm_inland': 'Warm inland',
  'climate.hot_summer_lowland': 'Lowland with hot summers',
  'climate.dry_summer_coast': 'Coast with dry summers',
  'climate.dry_summer_inland': 'Inland with dry hot summers',
  'climate.dry_summer_islands': 'Islands with dry summers',
  'climate.dry_highland': 'Dry highland',
  'climate.humid_warm_summer': 'Humid summers, frosty winters',
  'climate.humid_hot_summer': 'Humid hot summers, mild winters',
  'climate.frost_free_subtropics': 'Frost-free subtropics',
  'climate.hot_desert': 'Hot desert',
  'climate.cold_desert': 'Cold desert',
  'climate.wet_tropics': 'Wet tropics',
  'climate.tropics_dry_season': 'Tropics with a dry season',
  'climate.tropical_highlands': 'Tropical highlands',
  'climate.south_mild_rain_all_year': 'Southern, mild and rainy',
  'climate.south_dry_summer': 'Southern, dry summers',

  'strip.full': 'full',
  'strip.limit': 'begins to want',
  'strip.want': 'days of want',
  'strip.which': 'Day of the year',
  'strip.hint':
    'The line is the middle year, the band holds eight of ten. Strokes beneath: years in which it wants on that day.',
  'strip.day': '{date}: {middle} in the middle year, {low} to {high} in eight of ten; in want in {want} of them.',
  'share.bar': '{share}, between {low} and {high}',
} as const;

type Said = typeof words;

declare module '../i18n/words' {
  interface Catalogue extends Said {}
}
