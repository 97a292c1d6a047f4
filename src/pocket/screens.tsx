import { lazy, type ComponentType } from 'react'
import { CAUSE_IDS } from '../core/health'
import { BasketTabs } from '../features/basket/basket-tabs'
import { ClinicTabs } from '../features/clinic/clinic-tabs'
import type { ScreenHere } from './addresses'
import type { ViewOf } from './views'

type Shown = Exclude<ScreenHere, 'quick-entry' | 'frame'>

/** A screen with what it shows and what its address asks for. */
type Screen<Name extends ScreenHere> = ComponentType<{
  view: ViewOf<Name>
  asked: Record<string, string>
}>

const RoundScreen = lazy(() =>
  import('../features/walk/round-screen').then((m) => ({ default: m.RoundScreen })),
)
const PlantScreen = lazy(() =>
  import('../features/plant/plant-screen').then((m) => ({ default: m.PlantScreen })),
)
const PlantingScreen = lazy(() =>
  import('../features/plantings/planting/screen').then((m) => ({ default: m.PlantingScreen })),
)
const PlantingDayScreen = lazy(() =>
  import('../features/plantings/planting-day/screen').then((m) => ({ default: m.PlantingDayScreen })),
)
const DayPlanScreen = lazy(() =>
  import('../features/plantings/day-plan/screen').then((m) => ({ default: m.DayPlanScreen })),
)
const WaterScreen = lazy(() =>
  import('../features/bench/water/screen').then((m) => ({ default: m.WaterScreen })),
)
const BasketScreen = lazy(() =>
  import('../features/basket/basket-screen').then((m) => ({ default: m.BasketScreen })),
)
const ClinicScreen = lazy(() =>
  import('../features/clinic/clinic-screen').then((m) => ({ default: m.ClinicScreen })),
)
const WatchScreen = lazy(() =>
  import('../features/clinic/watch-screen').then((m) => ({ default: m.WatchScreen })),
)
const CasesScreen = lazy(() =>
  import('../features/clinic/cases-screen').then((m) => ({ default: m.CasesScreen })),
)
const CausesScreen = lazy(() =>
  import('../features/clinic/causes-screen').then((m) => ({ default: m.CausesScreen })),
)
const LogbookScreen = lazy(() =>
  import('../features/logbook/logbook-screen').then((m) => ({ default: m.LogbookScreen })),
)

const query = ({ on }: Record<string, string>) => (on === undefined ? '' : `?on=${on}`)

/** How each screen is shown that is worked out on the device. */
export const SCREENS: { [Name in Shown]: Screen<Name> } = {
  walk: ({ view }) => <RoundScreen round={view} />,
  plant: ({ view }) => <PlantScreen key={view.id} view={view} />,
  planting: ({ view }) => <PlantingScreen view={view} made={0} />,
  'set-out': ({ view }) => <PlantingDayScreen day={view} />,
  'planting-day': ({ view }) => <DayPlanScreen plan={view} />,
  water: ({ view }) => <WaterScreen view={view} />,
  basket: ({ view, asked }) => (
    <>
      <BasketTabs at="/basket" query={query(asked)} />
      <BasketScreen view={view} />
    </>
  ),
  clinic: ({ view, asked }) => (
    <>
      <ClinicTabs at="/clinic" query={query(asked)} />
      <ClinicScreen key={asked.case ?? ''} view={view} />
    </>
  ),
  watch: ({ view, asked }) => (
    <>
      <ClinicTabs at="/clinic/watch" query={query(asked)} />
      <WatchScreen view={view} />
    </>
  ),
  cases: ({ view, asked }) => (
    <>
      <ClinicTabs at="/clinic/cases" query={query(asked)} />
      <CasesScreen view={view} />
    </>
  ),
  causes: ({ view, asked }) => (
    <>
      <ClinicTabs at="/clinic/causes" query={view.query} />
      <CausesScreen
        key={`${asked.crop} ${asked.cause}`}
        crop={asked.crop === 'pepper' ? 'pepper' : 'tomato'}
        query={view.query}
        manner={view.manner}
        first={CAUSE_IDS.find((cause) => cause === asked.cause) ?? null}
      />
    </>
  ),
  logbook: ({ view: { view, misread } }) => <LogbookScreen view={view} misread={misread} />,
}
