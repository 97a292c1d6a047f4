'use client'

import { PartHeading } from '../../../components/advice/why'
import { ChoiceField, TextField } from '../../../components/forms/fields'
import { useCalculator } from '../../../components/forms/use-calculator'
import { SOILS, type Manner } from '../../../core/facts'
import { USUAL_AGES, USUAL_DAYS } from '../../../core/watering'
import { capital, nameOf } from '../../../wording/names'
import { sayVolume } from '../../../wording/say'
import { AGE_NAMES, DAY_NAMES, sayDepth } from '../../../wording/watering'
import { BUCKET, byHandSchema, keysOf, usualByHand, waterByHand } from './by-hand.model'

/** The water of any pot or bed, without a record of it: what it takes, how long it lasts, how long to run it. */
export function WaterByHand({ manner, alone }: { manner: Manner; alone: boolean }) {
  const Heading = alone ? 'h1' : 'h2'
  const { field, typed, values } = useCalculator({
    schema: byHandSchema(manner),
    defaults: usualByHand(manner),
  })
  const water = waterByHand(values, manner)
  return (
    <section aria-label="Any pot or bed">
      <Heading className="text-2xl font-semibold">{water?.answer ?? 'How much water?'}</Heading>
      {water && <p className="mt-1 text-lg text-quiet">{water.more}</p>}
      <div className="mt-3 grid gap-3 sm:grid-cols-3 lg:grid-cols-7">
        <ChoiceField label="It is" {...field('kind')}>
          <option value="pot">a pot</option>
          <option value="bed">a bed</option>
        </ChoiceField>
        <ChoiceField label="With" {...field('crop')}>
          <option value="tomato">tomatoes</option>
          <option value="pepper">peppers</option>
        </ChoiceField>
        {typed.kind === 'pot' ? (
          <>
            <TextField key="volume" label="The pot holds" {...field('volume')} />
            <TextField key="plants" label="Plants in it" inputMode="numeric" {...field('plants')} />
          </>
        ) : (
          <>
            <TextField key="area" label="Area" {...field('area')} />
            <ChoiceField label="Soil" {...field('soil')}>
              {SOILS.map((one) => (
                <option key={one} value={one}>
                  {capital(nameOf(one))}
                </option>
              ))}
            </ChoiceField>
            <TextField key="depth" label="Root depth" {...field('depth')} />
          </>
        )}
        <ChoiceField label="Age of the plants" {...field('age')}>
          {keysOf(USUAL_AGES).map((one) => (
            <option key={one} value={one}>
              {AGE_NAMES[one]}
            </option>
          ))}
        </ChoiceField>
        <div className="lg:col-span-2">
          <ChoiceField label="Weather" {...field('day')}>
            {keysOf(USUAL_DAYS).map((one) => (
              <option key={one} value={one}>
                {DAY_NAMES[one]}, {sayDepth(USUAL_DAYS[one], manner)}
              </option>
            ))}
          </ChoiceField>
        </div>
      </div>
      <div className="mt-4">
        <PartHeading>How long to run it</PartHeading>
        <div className="grid gap-3 sm:grid-cols-3">
          <TextField label="Emitters" inputMode="numeric" {...field('emitters')} />
          <TextField label="Flow per emitter and hour" {...field('flow')} />
          <TextField
            label={`Time to fill ${sayVolume(BUCKET[manner.units], manner)} in, s`}
            inputMode="decimal"
            {...field('seconds')}
          />
        </div>
        {water && (
          <p className="mt-2" role="status">
            {water.drip && (
              <>
                Drip: <strong>{water.drip.minutes}</strong> ({water.drip.how})
                {water.drip.turns && <>, {water.drip.turns}: the soil takes it in slowly</>}.{' '}
              </>
            )}
            {water.hose && (
              <>
                Hose: <strong>{water.hose}</strong> at that flow.
              </>
            )}
          </p>
        )}
      </div>
    </section>
  )
}
