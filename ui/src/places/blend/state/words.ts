export const words = {
  'mend.more':
    '{unit, select, percent {{by} %} litres {{by}} scoops {{by, plural, =1 {one scoop} other {# scoops}}} other {{by, plural, =1 {one part} other {# parts}}}} more {component}',
  'mend.less':
    '{unit, select, percent {{by} %} litres {{by}} scoops {{by, plural, =1 {one scoop} other {# scoops}}} other {{by, plural, =1 {one part} other {# parts}}}} less {component}',
  'mend.out': 'no {component}',
  'mend.add':
    'add {unit, select, percent {{by} %} litres {{by}} scoops {{by, plural, =1 {one scoop} other {# scoops}}} other {{by, plural, =1 {one part} other {# parts}}}} of {component}',
  'mend.deeper': 'a pot {depth} deep',
  'mend.shallower': 'a pot {depth} deep',
  'mend.holes': '{count, plural, one {# hole} other {# holes}} of {diameter}',
  'mend.no_layer': 'no drainage layer',
  'mend.layer': 'a drainage layer of {component}, {by}',
  'mend.rinse': 'rinse what is finer than {by} mm out of {component}',
  'mend.sieve_out': 'sieve what is coarser than {by} mm out of {component}',
  'mend.stone': 'cover it with stone ({by})',
  'mend.moss': 'cover it with moss',
  'mend.tip': 'tip the pot by {by}° in long rain',
  'mend.shade': '{to, select, half_shade {half shade} other {shade}} in the hot months',
  'mend.windbreak': 'a windbreak',
  'mend.habit': 'come by {habit} in {season}',
  'mend.repot': 'repot after {by, plural, =1 {one year} other {# years}}',
  'mend.rain': '{by, select, 100 {rain as its only water} other {{by}% rain in the water}}',
  'mend.feed': '{to, select, acid {an acid feed (ammonium, no lime)} usual {the usual feed} other {no feed for now}}',
  'mend.lime': 'lime the {component} to pH {by} before mixing (a test tub first)',
  'mend.swap': '{component} in place of {replaced}, the same size and lighter',
  'mend.together': 'stand it pot to pot among others',
  'mend.winter_shelter': 'keep the pot from frost in winter',
  'mend.other_pot': 'the pot {pot}',
} as const;

type Said = typeof words;

declare module '../../../i18n/words' {
  interface Catalogue extends Said {}
}
