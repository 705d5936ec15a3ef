export const words = {
  'common.actions': 'Actions',

  'problem.fields': 'Please look at the marked fields.',

  'caution.dust':
    'Dusty when dry: may hold crystalline silica. Wet it first, work outdoors, wear a fitted respirator and goggles.',
  'caution.compost':
    'Compost and soil: gloves and a mask, do not breathe the dust, wash your hands (legionella, tetanus).',
  'caution.sphagnum': 'Sphagnum: wear gloves and cover cuts (sporotrichosis).',
  'caution.vermiculite': 'Vermiculite of unknown age may hold asbestos: do not use it.',
  'caution.lift':
    'A finished pot weighs {kg} wet: {kg2, select, two {two people or a trolley} other {lift with a straight back}}.',
  'caution.defer': 'Product labels and local rules come first.',

  'blend.remove': 'Take {name} out of the mix',
  'blend.total': '{parts, plural, =1 {one part} other {# parts}}',

  'batch.gaps': 'How the ball is treated',
  'batch.gaps.untouched': 'untouched',
  'batch.gaps.teased': 'edges teased',
  'batch.gaps.combed': 'combed',
  'batch.gaps.washed': 'washed bare',
  'batch.component': 'Component',
  'batch.packsUnknown': '{litres} short',

  'sheet.total': 'Together',
  'sheet.cautions': 'Take care',
  'sheet.dusty': 'dusty',

  'bins.emptyArchive': 'The archive is empty.',
  'bins.name': 'Component',
  'bins.basis': 'Basis',
  'bins.note': 'Note',
  'bins.pan': 'Pan',

  'field.kind': 'Kind',
  'field.basis': 'Figures are',
  'field.colour': 'Colour',
  'field.hazards': 'Cautions',
  'field.stock_l': 'In stock',
  'field.pack_l': 'A pack holds',
  'field.pack_price': 'Price per pack',
  'field.low_l': 'Low mark',
  'field.bulk_density': 'Loose, dry',
  'field.particle_density': 'Grain with its pores',
  'field.solid_density': 'Solid matter',
  'field.internal_water': 'Soaked grains hold',
  'field.unavailable_water': 'of that never given up',
  'field.internal_median_cm': 'Half is gone at a suction of',
  'field.internal_spread': 'Spread of that suction (ln)',
  'field.sphericity': 'Roundness, 0 to 1',
  'field.finest_mm': 'Finest dust',
  'field.hydraulic_size_mm': 'Pores like grains of',
  'field.hydraulic_spread': 'Spread of those (ln)',
  'field.fines_weight': 'How its fines count, -0.5 to 0.5',
  'field.settled_index': 'Settles to index, 4.1 to 9',
  'field.ph': 'pH',
  'field.buffer': 'Buffer',
  'field.cec': 'Exchange capacity',
  'field.crumble_rate': 'Crumbles',
  'field.decay_rate': 'Rots',
  'field.structure_loss': 'Crumbs give way',
  'field.sieve': 'Sieves',
  'field.shape': 'Shape',
  'field.depth': 'Inner depth',
  'field.top': 'Width at the rim',
  'field.base': 'Width at the floor',
  'field.top_length': 'Length at the rim',
  'field.top_width': 'Width at the rim',
  'field.base_length': 'Length at the floor',
  'field.base_width': 'Width at the floor',
  'field.sides': 'Number of sides',
  'field.volume_l': 'Water that fills it',
  'field.drying_sides': 'Basket or fabric: dries from the sides',
  'field.hole_count': 'Holes',
  'field.hole_diameter_cm': 'Hole diameter',
  'field.hole_open_share': 'Mesh open',
  'field.mesh_mm': 'Mesh opening',
  'field.weight_kg': 'Empty weight',
  'field.price': 'Price of one',
  'field.owned': 'Owned',
  'field.place': 'Where',

  'unit.cm': 'cm',
  'unit.mm': 'mm',
  'unit.L': 'L',
  'unit.kg': 'kg',
  'unit.percent': '%',
  'unit.years': 'years',

  'truth.link': 'How true is this?',

  'caution.acid':
    'Acid: goggles and gloves; only vinegar or what its label allows, outdoors, never mixed with anything.',

  'lots.use': 'Delivery',
  'lots.useAny': 'any',

  'prep.done': 'Done',
  'prep.sheet': 'Take {gross} of {name} from the bin, {steps}: {net} are left.',
  'prep.sheetLime':
    'Lime {name}: {grams} of ground lime for {litres} is a starting dose. Try it in a test tub, measure after some weeks, never in a planted pot. Label, gloves, goggles.',
  'prep.sheetWet': '{name}: {steps} before mixing.',

  'blend.versionN': 'version {n}',

  'extras.title': 'Base and extras',
  'extras.text':
    'One load of this mix for the day, and a handful of something for this plant or that. The base is worked out so that every pot is filled.',
  'extras.plain': 'Pots with the base alone',
  'extras.for': 'For',
  'extras.forDefault': 'some of them',
  'extras.pots': 'Pots',
  'extras.component': 'Extra',
  'extras.handfuls': 'Handfuls',
  'extras.handfulHint': 'of {litres}',
  'extras.add': 'Add an extra',
  'extras.remove': 'Remove this extra',
  'extras.base': '{litres} loose of the base, {each} for a pot without extra',
  'extras.line':
    '{label}: {base} of base and {extra} of {name} each, {share} of the mix. Air {air} instead of {airBase}.',
  'extras.need': '{litres} of {name}; {stock} in stock',
  'extras.hint': 'A handful is 0.15 L. 8 % spare is counted in.',

  'purpose.grow_on': 'Grow on',
  'purpose.recover': 'Recover',
  'purpose.newly_collected': 'Newly collected',
  'purpose.layer': 'Layer or cutting',
  'purpose.stop_gap': 'Stop-gap',
  'purpose.refine': 'Refine',
  'purpose.display': 'Display',

  'stage.rest': 'Rest',
  'stage.buds_moving': 'Buds moving',
  'stage.leaf_break': 'Leaf break',
  'stage.growing': 'Growing',
  'stage.hardened': 'Hardened off',
  'stage.leaf_fall': 'Leaf fall',

  'situation.canopyHint': 'left empty: what a plant of this pot usually carries',
  'situation.leaf': 'Leaf',

  'leaf.needle': 'Needles',
  'leaf.small': 'Small leaves',
  'leaf.middling': 'Middling leaves',
  'leaf.large': 'Large leaves',
  'leaf.fleshy': 'Fleshy leaves',
  'leaf.none': 'No leaves',

  'situation.vigour': 'Roots fill a pot',

  'vigour.slow': 'slowly',
  'vigour.middling': 'middling',
  'vigour.vigorous': 'fast',

  'situation.winterShelter': 'The pot is kept from frost in winter',

  'season.spring': 'Spring',
  'season.summer': 'Summer',
  'season.autumn': 'Autumn',
  'season.winter': 'Winter',

  'ball.wetter':
    'The ball holds {ball} water where the new mix holds {around}: it stays wetter. Water sparingly, or open it more.',
  'ball.drier':
    'The ball holds {ball} water where the new mix holds {around}: it dries first while the new mix looks wet. Water onto the ball.',
  'ball.alike': 'Ball and new mix hold about the same: {ball} and {around}.',

  'compare.back': 'Back to Blend',

  'stage.after_flower': 'After flower',

  'health.well': 'Well',
  'health.weak': 'Weak',
  'health.sick': 'Sick',

  'due.on': 'due {date}',

  'season.title': 'Season',
  'season.open': 'Season is right',
  'season.with_shelter': 'Right, with shelter',
  'season.early': 'Too early',
  'season.late': 'Late',
  'season.unknown': 'Season not known',
  'season.observed': 'as seen',
  'season.estimated': 'estimated from the site',
  'season.reason.stage_open': 'Seen: {stage}. That is when it is repotted.',
  'season.reason.stage_early': 'Seen: {stage}. Too early.',
  'season.reason.stage_late': 'Seen: {stage}. Late for it: the work costs growth.',
  'season.reason.estimate_open': 'By the site the warming has come.',
  'season.reason.estimate_early': 'By the site it opens in about {days} days.',
  'season.reason.estimate_late': 'By the site the next window opens in about {days} days.',
  'season.reason.no_climate': 'No stage was seen, and no site is set.',
  'season.reason.under_glass': 'Buds under glass are no call to repot: outside it warms in {days} days.',
  'season.reason.cold_to_come':
    'About {nights} frost nights in the next four weeks: only with a frost-free place for after.',
  'season.reason.cold_sheltered': 'About {nights} frost nights to come; a frost-free place is at hand.',

  'plant.front': 'Front: {front}',
  'plant.rule.length_of_height': 'Pot length by the height of the tree',
  'plant.rule.depth_of_trunk': 'Pot depth by the trunk',
  'plant.rule.breadth_of_canopy': 'Pot breadth by the canopy',
  'plant.ruleOf': '{is}; by the rule {should}',

  'field.feet_cm': 'Feet',
  'field.tie_holes': 'Holes for wire',
  'field.wall': 'Wall',
  'field.light_passes': 'Light passes through the wall',
  'field.home_made': 'Drilled, cast or built here',

  'tools.wire': '{gauge} mm wire: {length}',
  'tools.mesh': '{pieces, plural, one {one piece} other {# pieces}} of mesh, {side} × {side}',
  'tools.fertiliser': '{name}: {grams} in all',
  'tools.moss': 'Living moss for {cm2} cm²',
  'tools.label': 'By the label rate and never above it. Wire under tension: goggles.',
} as const;

type Said = typeof words;

declare module './words' {
  interface Catalogue extends Said {}
}
