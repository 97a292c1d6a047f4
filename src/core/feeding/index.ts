export { adviseFeed, feedWarnings, strengthFor } from './advise-feed'
export type { FeedAnswer, FeedStrength, FeedWarning } from './advise-feed'
export { COMMON_PRODUCTS, knownFeeds } from './common-products'
export { blendAnalysis, solveBlend } from './blend'
export type { Analysis, BlendProduct } from './blend'
export { NUTRIENTS, totalDemand, uptakeBy } from './demand'
export type { Nutrient } from './demand'
export {
  doseFor,
  ecOfFeed,
  injectorStock,
  K_OF_K2O,
  milligramsPerLitre,
  P_OF_P2O5,
  PPM_SCALES,
  saltThreshold,
  SOLUTION,
  SOLUTION_PH,
  yieldInSalt,
} from './dilution'
export type { Dose } from './dilution'
export { glutIn, ledger } from './ledger'
export type { Application, LedgerWeek } from './ledger'
export {
  FIRST_ORDER,
  ORGANIC_MATTER_N,
  releasedBy,
  releasePace,
  RELEASES,
  shareInSeason,
  TOO_COLD,
} from './release'
export type { Release } from './release'
export { rotReasons } from './rot-reasons'
export type { RotRule } from './rot-reasons'
export { readSoilTest } from './soil-test'
export type { SoilRule, SoilTest } from './soil-test'
export { gapAhead, gramsOf, LEDGER_NUTRIENTS, nutrientLedger, ledgerOf, placeLedger } from './place-ledger'
export { feedEntries } from './entries'
export type { FeedEntries } from './entries'
export type { FedProduct } from './fed-product'
export type { Bears, LedgerNutrient, PlaceLedger } from './place-ledger'
export { feedingProgramme, schoolFeeds } from './programme'
export type { Programme, ProgrammeFeed } from './programme'
export { feedCost, gramsIn, LAYINGS, NITROGEN_FORMS, plantDose, pricePerKilogram } from './product'
export type { Laying, NitrogenForm, PlantDose, Product } from './product'
