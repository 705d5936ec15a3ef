export const words = {
  'library.sites': 'Sites',
  'library.plants': 'Plants',
  'library.addSite': 'Add a site',
  'library.addPlant': 'Add a plant',
  'library.emptySites': 'No site yet. With one, Zolbek works out water use, frost and seasons.',
  'library.emptyPlants': 'No plant of that name.',

  'site.name': 'Name of the site',
  'site.latitude': 'Latitude',
  'site.latitudeHint': 'degrees, south below 0',
  'site.altitude': 'Altitude',
  'site.alkalinity': 'Lime in its water',
  'site.lastFrost': 'Last frost',
  'site.firstFrost': 'First frost',
  'site.frostHint': 'MM-DD; left empty: none',
  'site.month': 'Month',
  'site.tmin': 'Coldest, {degCUnit}',
  'site.tmax': 'Warmest, {degCUnit}',
  'site.rain_mm': 'Rain, {rainUnit}',
  'site.humidity': 'Humidity, %',
  'site.wind_ms': 'Wind, m/s',
  'site.sun_hours': 'Sun, h/day',
  'site.begin': 'Begin with a typical year',
  'site.beginHint': 'choose one that is like it',
  'site.year': 'The year as it stands in the fields: from the coldest to the warmest of each month, over its rain',
  'site.csv': 'Fill from a CSV file',
  'site.csvHint': 'columns tmin, tmax, rain_mm, and perhaps humidity, wind_ms, sun_hours; twelve rows',
  'site.rainShare': 'Rain in the water given',
  'site.rainShareHint': 'from a butt or tank',
  'site.ec': 'Salts in its water (EC)',
  'site.thawDays': 'Days of frost and thaw a year',
  'site.hottest': 'Month of most use',
  'site.note': 'Note',

  'species.name': 'Name of the plant',
  'species.reason': 'Why it differs, in a line',
  'species.unidentified': 'stands for plants that cannot be named',
  'species.evergreen': 'Evergreen',
  'species.air_low': 'Air from, share',
  'species.air_high': 'Air to, share',
  'species.ph_low': 'pH from',
  'species.ph_high': 'pH to',
  'species.tension_limit_cm': 'Suffers from, cm',
  'species.years_young': 'Repot young, years',
  'species.years_old': 'Repot old, years',
  'species.asGroup': 'as its group',
} as const;

type Said = typeof words;

declare module '../../i18n/words' {
  interface Catalogue extends Said {}
}
