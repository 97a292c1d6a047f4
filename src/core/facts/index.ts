export { GARDEN_VERSION } from './garden-version'
export { IMPORT_WAYS } from './import-way'
export type { ImportWay } from './import-way'
export { LARGEST, MOST_PIXELS, PASSPHRASE_LENGTH } from './limits'
export { REMINDED, type Reminded, type Reminders } from './reminders'
export { INVITE_DAYS, NAMELESS_KEEPER, PERSON_NAME, ROLES, type Actor, type Role } from './people'
export { PHOTO_TYPES } from './photo'
export type { PhotoType } from './photo'
export { editedGround } from './ground'
export type { GroundEdit, GroundRows } from './ground'
export { OBSTACLE_DENSITY, OBSTACLE_KINDS } from './obstacle'
export type { Obstacle, ObstacleKind } from './obstacle'
export {
  emittersAlong,
  holdsOn,
  inGarden,
  inPlace,
  plainPlace,
  PLACE_KINDS,
  potOf,
  SIDES,
  surroundingsOf,
} from './place'
export type { Place, PlaceKind, Side } from './place'
export { placeFault } from './place-fault'
export { RAISING_WAYS, SPACING_SCHOOLS, SUPPORTS, USUAL_SEED } from './planting'
export type { GardenCultivar, Planting, PlantPosition, RaisingWay, SpacingSchool, Support } from './planting'
export { SHELTERS, SOILS } from './site'
export type { Clock, Manner, Shelter, Site, SoilTexture } from './site'
export { typicalCultivar, TYPICAL_CULTIVARS } from './typical-cultivars'
export type { TypicalCultivar } from './typical-cultivars'
export { wantedIn } from './wanted'
export type { Wanted, WantedLine } from './wanted'
export { HAS_LENGTH, IS_DRIVEN, POST_MATERIALS, SUPPLY_KINDS, SUPPLY_UNIT } from './supply'
export type { Cost, PostMaterial, Supply, SupplyKind } from './supply'
