export const words = {
  'shape.round': 'Round',
  'shape.rectangular': 'Rectangular',
  'shape.oval': 'Oval',
  'shape.polygon': 'Polygon',
  'shape.bowl': 'Bowl',
  'shape.measured': 'Measured by water fill',

  'pots.title': 'Pots',
  'pots.add': 'Add a pot',
  'pots.empty': 'No pot here. Add the first one: shape, depth and holes are enough.',
  'pots.emptySearch': 'No pot is called that.',
  'pots.name': 'Pot',
  'pots.shape': 'Shape',
  'pots.depth': 'Depth',
  'pots.volume': 'Full',
  'pots.holes': 'Holes',
  'pots.holesOf': '{count, plural, =0 {no outlet} other {# × {diameter}}}',
  'pots.openShare': '{share} of the floor open',
  'pots.weight': 'Empty',
  'pots.owned': 'Owned',
  'pots.place': 'Where',
  'pots.newTitle': 'New pot',
  'pots.section.inside': 'Inside',
  'pots.section.outlet': 'Outlet',
  'pots.section.keep': 'In the yard',
  'pots.outline': 'Outline of the pot, {litres} when full',
  'pots.outlineEmpty': 'The outline is drawn as soon as the measures are complete.',
  'pots.blendWith': 'Blend for it',

  'potcheck.title': 'Checks',
  'potcheck.mix': 'With the mix',
  'potcheck.plant': 'For the plant',
  'potcheck.anyPlant': 'any plant of the mix’s group',
  'potcheck.chooseMix': 'Choose a mix to check the pot with it.',
  'potcheck.holes': 'Open holes: {cm2} cm², {share} of the floor; 2 cm of water run through in {seconds} s.',
  'potcheck.noHoles': 'No outlet: water stays. Drill it before it is planted.',
  'potcheck.raised': 'The floor stands free: {cm} feet.',
  'potcheck.raisedBasket': 'Drains through its walls.',
  'potcheck.notRaised': 'The floor does not stand free: feet or wedges, or the holes close on the bench.',
  'potcheck.mesh':
    '{holds, select, yes {The {aperture} mm mesh holds this mix.} other {The {aperture} mm mesh does not hold this mix: take a finer one.}} {clogs, select, yes {It may clog.} other {}}',
  'potcheck.noMesh': 'No mesh is set: coarse bits or a mesh over the holes.',
  'potcheck.oversize': 'Against the next smaller pot, {name}',
  'potcheck.noSmaller': 'It is the smallest pot of the yard.',
  'potcheck.volume': 'Mix',
  'potcheck.air': 'Air after watering',
  'potcheck.dry': 'Days to dry, hottest month',
  'potcheck.this': 'This pot',
  'potcheck.caution.home_made':
    'Drilling or sanding makes silica dust: wet it, outdoors, fitted respirator and goggles.',
  'potcheck.caution.cement':
    'Fresh cement is alkaline: soak it for some weeks and change the water before anything is planted.',
  'potcheck.caution.light': 'Light passes through the wall: shade it, roots and algae grow there.',
  'potcheck.caution.no_holes': 'It has no holes.',

  'wall.fired_clay': 'Fired clay',
  'wall.glazed': 'Glazed',
  'wall.plastic': 'Plastic',
  'wall.wood': 'Wood',
  'wall.cement': 'Cement',
  'wall.stone': 'Stone',
  'wall.net': 'Net',
  'wall.fabric': 'Fabric',
  'wall.metal': 'Metal',

  'pots.planned': '{count} planned',
  'pots.overbooked': 'too few',
  'pots.inUse': '{count} in use',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
