export const words = {
  'level.close': 'close',
  'level.closeHint': 'What is not known could put it on another level.',

  'note.title': 'How sure is this?',
  'note.typical': 'Figures are typical ones where nothing was measured; water is that after a thorough soak.',
  'note.compressible':
    '{share} of the mix is compressible or crumbly (peat, fibre, compost, loam): water and air are rougher estimates. A drained-pot test settles it.',
  'note.pan':
    'How fine the dust in {components} is, is assumed, and it rules the pores. Sieving with a 0.5 mm sieve as well would settle it.',
  'note.measured': 'Measured, at least in part: {components}.',
  'note.doSieve': 'Do a sieve analysis',
  'note.doDrain': 'Do a drained pot',
  'note.segregation':
    'The coarsest component is {ratio} times the size of the finest: they part on shaking. Mix damp and fill by hand.',
  'note.segregates_dry': 'So little of it is fine ({share}) that nothing holds the sizes together: mix it damp.',
  'note.salts_high': '{component} was measured salty: leach it before use, or feed less.',
  'note.salts_harmful': '{component} was measured very salty: leach it well, or leave it out; repot what stands in it.',
  'note.water_salts_high':
    'The water has salts ({ec} mS/cm): water through and through so that some runs out, feed less, repot sooner.',
  'note.water_salts_harmful': 'The water is salty ({ec} mS/cm): most plants suffer. Take rain or another water.',
  'note.orifice': 'Trapped air about halves the run-through speed.',

  'supply.title': 'Beside it',
  'supply.cost': 'The mix in one pot costs {cost}.',
  'supply.costOver': 'The mix in one pot costs {cost}; it may cost {budget}.',
  'supply.stock': 'The stock fills {pots, plural, one {# pot} other {# pots}} of {wanted} wanted.',
  'supply.stockAll': 'The stock fills {pots, plural, one {# pot} other {# pots}}.',

  'sure.title': 'How sure: ± one standard uncertainty',
  'sure.line': '{figure} {value} ± {u}',
  'sure.lineWide': '{figure} {value}, perhaps {u}',
  'sure.most': 'most of it from {property} of {component}',
  'sure.mostModel': 'most of it from {property}',
  'ranges.title': 'From where to where, in two of three cases',
  'ranges.text':
    'All that is not known, of components, crown, weather and the model, moved at once. Some figures reach further to one side.',
  'ranges.line': '{figure} {from} to {to}',
  'ranges.years': 'Years until it fails',
  'ranges.interval_h': 'Hours between waterings on a hot day',
  'ranges.drought': 'Short of water in a hot spell',
  'ranges.run_through_s': 'Run-through, s',
  'ranges.yield_share': 'Litres settled from a loose litre',
  'ranges.later_ph': 'pH when repotted',
  'ranges.float_share': 'Washed off the surface',
  'ranges.air': 'Air',
  'ranges.water_l': 'Water',
  'ranges.use_l_day': 'Use on a hot day',
  'ranges.given_l_year': 'Given in a year',
  'ranges.level_drop_cm': 'Level drop',
  'ranges.scooped_l': 'To scoop for one pot',
  'ranges.cost': 'Mix of one pot',
  'sure.more': 'What contributes, and what would narrow it',
  'sure.part': '{share} from {property} of {component}.',
  'sure.partModel': '{share} from {property}.',
  'sure.narrow': '{test} ({minutes} min: {tools}) would bring it to ± {u}',
  'sure.settle': 'A {test} would narrow it',

  'property.bulk_density': 'the loose weight',
  'property.particle_density': 'the weight of the grains',
  'property.internal_water': 'the water inside grains',
  'property.unavailable_water': 'the water that stays locked',
  'property.internal_median_cm': 'how tightly grains hold water',
  'property.sphericity': 'the roundness',
  'property.hydraulic_size_mm': 'the pores of the fibre',
  'property.ph': 'the pH',
  'property.split': 'how much of each is in it',
  'property.fines_weight': 'how its fines stick',
  'property.model_head': 'how high water stands in such pores',
  'property.model_run_through': 'how fast water runs through',
  'property.model_compaction': 'how far this mix settles',
  'property.model_canopy': 'the width of the crown',
  'property.model_hot_day': 'how hot a hot day is',
  'property.model_refill': 'how well a watering fills it',
  'property.model_leaching': 'how much runs out again',
  'property.model_pco2': 'the breath of the roots',
  'property.model_ageing': 'how fast it ages',
  'property.model_wash_out': 'how fast dust is washed out',
  'property.sieve': 'the dust in the pan',

  'reaction.title': 'Reaction, surface, long rain',
  'reaction.text':
    '{buffered, select, yes {pH {ph} as mixed; it buffers {buffer} mmol per L and pH unit, holds {cec} cmol/L of food.} other {Nothing in it buffers: it follows its water, begins at {ph}, and is mended by water and feed. It holds {cec} cmol/L of food.}}',
  'reaction.later':
    'Under {alkalinity} mg/L of lime{rain, select, none {} other { with {rain} rain}}, a feed of {feed} mmol of acid per L and year, and {drained} per L that run out: {month} after a month, {later} after {years} years.',
  'reaction.dose':
    '{agent, select, sulphur {Elemental sulphur} other {Ground lime}}, {grams} g/L, moves it to {ph}: a starting dose for a test tub, measured again after some weeks, never in a planted pot. Label, gloves and goggles come first.',

  'tipped.text': 'Tipped by {degrees}° it lets out another {litres}: air {air}.',

  'quarrel.title': 'Where growers differ',
  'quarrel.organic_share': 'Organic share',
  'quarrel.organic_share.text':
    'None, because it rots down and clogs; or some, for water, food, acid and price. Here with {share}: {years} years and {interval} h between waterings. {has, select, yes {Without} other {With a quarter}}: {otherYears} years and {otherInterval} h.',
  'quarrel.loam_base': 'Soil or loam',
  'quarrel.loam_base.text':
    'Cheap, forgiving and local; or grit alone. For this pot and habit it fits to {fit}; {has, select, yes {without soil} other {with a quarter of loam}} to {otherFit}, water lasting {otherInterval} h instead of {interval} h.',
  'quarrel.soft_clay': 'Soft clay granule',
  'quarrel.soft_clay.text':
    'The classic base; or sludge after hard winters. Freezing through {frost} times a year, air goes from {air} to {laterAir} in {planned} years.',
  'quarrel.light_filler': 'Light filler',
  'quarrel.light_filler.text':
    'Light and cheap; or it floats off. Of this surface {bare} would go bare, {stone} under stone, {moss} under moss.',
  'quarrel.pumice': 'Pumice',
  'quarrel.pumice.text':
    'Light, moist and lasting; or dear and scarce. This pot weighs {kg} wet, with lava in its place {otherKg}, and lasts {interval} against {otherInterval} h.',
  'quarrel.all_lava': 'All lava',
  'quarrel.all_lava.text':
    'It never breaks down; or it is heavy, thirsty and warm. Water lasts {interval} h in this climate, {otherInterval} h with half of it pumice.',
  'quarrel.drainage_layer': 'Drainage layer',
  'quarrel.drainage_layer.text':
    'It keeps the holes open; or it takes root space and lifts the wet zone. With {cm}: air {air} in {litres}. Without: air {otherAir} in {otherLitres}.',
  'quarrel.sieve_all': 'Sieve it all',
  'quarrel.sieve_all.text':
    'Dust is the enemy; or fines hold water. As it is: air {air}, {interval} h. All sieved at 1 mm: air {otherAir}, {otherInterval} h, and {lost} of what you buy is thrown away.',
  'quarrel.pack_it': 'Pack it',
  'quarrel.pack_it.text':
    'Firmly, so that nothing moves; or never tight. Pressed: air {air}, water {water}. Worked in loosely: air {otherAir}, water {otherWater}.',
  'quarrel.mix_wet': 'Mix wet or dry',
  'quarrel.mix_wet.text':
    'Pre-wetted, so that dust lies; or dry, so that it runs between roots. {share} of this mix repels water when dry: wet that part first either way.',
  'quarrel.watering_in': 'Watering in',
  'quarrel.watering_in.text':
    '{waits, select, yes {At once; or after 5 to 10 days, when cut fleshy roots have sealed: usual for this group.} other {At once and thoroughly, usual for this group; or wait where fleshy roots were cut.}}',
  'quarrel.how_wet': 'How wet to keep it',
  'quarrel.how_wet.text':
    'Never let it want; or let it dry between. Waiting until the plant just begins to suffer ({limit}) uses {litres} of the pot; keeping to a quarter of that pull uses {otherLitres}.',
  'quarrel.roots_off': 'Roots off',
  'quarrel.roots_off.text':
    'Half of them every time; or only what the pot demands. With {cut} cut it drinks {recovery} of its usual at first, with half cut {otherRecovery}, and all of it again after six weeks.',
  'quarrel.wash_roots': 'Wash the roots',
  'quarrel.wash_roots.text':
    'Bare, to see everything; or picked dry, to keep the fungi. Washed, {litres} of new mix go into the ball, teased {otherLitres}.',
  'quarrel.old_soil': 'Old soil',
  'quarrel.old_soil.text':
    'All off; or some kept for its life. The ball holds {ball} water, the new mix beside it {around}; {litres} of new mix are needed instead of {otherLitres}.',
  'quarrel.crown_and_root': 'Crown and root on one day',
  'quarrel.crown_and_root.text':
    'Cutting both balances what was lost and saves a year; or one at a time. With {cut} of the roots gone, a weak plant bears one of the two.',
  'quarrel.fit_mix_or_watering': 'Fit the mix or the watering',
  'quarrel.fit_mix_or_watering.text':
    'Choose the mix for how you water; or water as the mix needs. It lasts {interval} h on a hot day, somebody comes by after {habit} h, and {drought} of what it wants is not met. Both stand among the mends.',
  'quarrel.watering_rule': 'Watering rule',
  'quarrel.watering_rule.text':
    'Every day; or by need, or by a stick. Expect {interval} h in the hottest month and {spring} h three months before; the stick decides.',
  'quarrel.feeding_rhythm': 'Feeding rhythm',
  'quarrel.feeding_rhythm.text':
    'Little and often; or granules for half a year. This mix holds {cec} cmol/L: {holds, select, little {little, so liquid feed washes out within days} other {enough to keep some of a liquid feed}}. Never above the label.',
  'quarrel.feed_where': 'Where to put the feed',
  'quarrel.feed_where.text': 'On top, to be seen and taken off; or in the upper mix, where roots find it.',
  'quarrel.ball_lifted': 'The ball when it is lifted',
  'quarrel.ball_lifted.text':
    'Dry, so that old soil falls off; or moist, so that hair roots live. This ball holds {ball} water after watering.',
  'quarrel.planting_depth': 'Planting depth',
  'quarrel.planting_depth.text':
    'Deep while it trains, for health; or raised, to show the roots. The collar is set {collar} above the ball.',
  'quarrel.fixing': 'Fixing',
  'quarrel.fixing.text':
    'Wire through the holes; or stones for some weeks; or nothing. The pot weighs {kg} wet and will be moved.',
  'quarrel.fertiliser': 'Fertiliser at potting',
  'quarrel.fertiliser.text':
    'At once, as slow release; or later, mild and liquid. {litres} of mix hold {cec} cmol/L. Go by the label and these litres, not by feel.',
  'quarrel.seal_cuts': 'Seal cuts',
  'quarrel.seal_cuts.text': 'Paste on large cuts; or clean cuts left to the air. No figure settles this one.',
  'quarrel.cover_collected': 'Cover collected plants',
  'quarrel.cover_collected.text':
    'A tent; or open shade. It drinks {recovery} of its usual: the fewer roots and the more leaves, the more a tent helps; stems that store water rot in one.',
  'quarrel.when': 'When to repot',
  'quarrel.when.text':
    '{stage, select, none {} rest {It is at rest: wait for its buds, unless it must be. } buds_moving {Buds are moving: most schools would begin. } leaf_break {Leaves break: the last weeks for most. } growing {It is growing: only what must be. } hardened {Growth has hardened: early autumn is a school of its own. } other {Leaves fall: wait. }}{day, select, none {Without a site there is no estimate; the buds decide.} other {The site would say around {day}; the buds decide, with the frost still to come.}}',
  'quarrel.new_or_reused': 'New or reused mix',
  'quarrel.new_or_reused.text':
    'Always fresh; or a year-old mix still serves. This one has {air} air now and {otherAir} after a year, sunk by {drop}.',
  'quarrel.oversize_pot': 'An oversize pot',
  'quarrel.oversize_pot.text':
    'Slower to dry, a risk; or faster growth and less stress. Here water lasts {interval} h at {air} air; half as large again, {otherInterval} h at {otherAir}.',
  'verdict.goodOnes': 'Good: {criteria}',
  'note.fitted': 'The model is fitted to this yard’s own tests.',
  'note.toRight': 'How right we were',
} as const;

type Said = typeof words;

declare module '../../../i18n/words' {
  interface Catalogue extends Said {}
}
