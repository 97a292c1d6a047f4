export {
  dateInSeason,
  recordedSeasons,
  SEASON_DAYS,
  seasonNumber,
  seasonOf,
  seasonStart,
  simulateSeasons,
  simulating,
  startOfSeason,
} from './ensemble'
export type { Ensemble } from './ensemble'
export { bendTemperatures, bendTo, hottestHigh, MOST_BENT, UNBENT } from './bend'
export type { Bend, KnownClimate } from './bend'
export { FROST, frostDays, frostPercentiles, frostRisk, LIGHT_FROST } from './frost'
export { generateWeather } from './generator'
export { dailyNormals, NORMAL_BOUNDS, requireNormals, shiftTemperatures, turningDays } from './normals'
export type { MonthNormal, Normals } from './normals'
export { dayPercentiles } from './percentiles'
export type { DayPercentiles } from './percentiles'
export { weatherAt, emptySeries, expectedSeries, indexOf, WEATHER_FIELDS } from './series'
export type { DailySeries, DayWeather, WeatherField } from './series'
export { MULCHES, OPEN_GROUND, soilTemperatures, surroundingsKey } from './soil-temperature'
export type { Mulch, SoilReading, SoilSurroundings } from './soil-temperature'
export { FORECAST_DAYS, FORECAST_REACH, stationForecast, stationRecord } from './station'
export type { Station } from './station'
export { daylightHours, extraterrestrialRadiation, solarDeclination, sunTimes } from './sun'
export { CLIMATE_TEMPLATE_IDS, normalsFor } from './templates'
export type { ClimateTemplateId } from './templates'
export { degreeDays, hourlyTemperatures } from './thermal-time'
export { usualClimate } from './usual-climate'
export { weatherLine } from './weather-line'
export type { RecordedDay, WeatherLine, WeatherSource } from './weather-line'
export {
  hargreavesEvapotranspiration,
  penmanMonteith,
  referenceEvapotranspiration,
  windAtTwoMetres,
} from './evapotranspiration'
export type { EvapotranspirationDay } from './evapotranspiration'
export { fruitSet } from './fruit-set'
export { wetnessSeverity } from './wetness-severity'
export type { Severity } from './wetness-severity'
export { heatGap, heatGapIn, HEAT_GAP_NIGHT } from './heat-gap'
export type { HeatGap } from './heat-gap'
export { heatWaveDay } from './heat-wave'
export { aridMonths, dewPointFromHumidity, dewPointOf, hourlyHumidity } from './humidity'
export type { HumidDay } from './humidity'
export { earlyBlightSeverity, isBlightDay, lateBlightWarnings, leafWetness, rainHours } from './leaf-wetness'
export type { LeafWetness, WettingDay } from './leaf-wetness'
export { coverDay, insideSeries, OPEN_BEFORE, SHUT_BEFORE, SHADE_FROM } from './under-cover'
export type { CoverDay } from './under-cover'
export { wetnessPressure } from './wetness-pressure'
export type { WetnessPressure } from './wetness-pressure'
export { climateDifference, climateKind, GROWING_NIGHT, turningMonths, yearRain } from './kind'
export type { ClimateDifference, ClimateKind, RainKind, SummerKind, WinterKind } from './kind'
export { saturationPressure, saturationTemperature } from './vapour'
