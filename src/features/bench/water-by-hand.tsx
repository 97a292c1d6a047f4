'use client'

import { useState } from 'react'
import { PartHeading } from '../../components/advice/why'
import { ChoiceField, TextField } from '../../components/forms/fields'
import type { Crop } from '../../core/crop'
import { SOILS, type Manner, type SoilTexture } from '../../core/facts'
import {
  irrigationMinutes,
  plainWater,
  USUAL_AGES,
  USUAL_DAYS,
  type PlainWater,
  type UsualAge,
  type UsualDay,
} from '../../core/watering'
import { capital, nameOf } from '../../wording/names'
import { errorOf, plain, readFlow, readMeasure, readNumber, readVolume, valueOf } from './numbers'
import { AGE_NAMES, DAY_NAMES, sayCans, sayDepth, sayLitres } from './water-words'

/** The water of any pot or bed, without a record of it: what it takes, how long it lasts, how long to run it. */
export function WaterByHand({ manner, alone }: { manner: Manner; alone: boolean }) {
  const Heading = alone ? 'h1' : 'h2'
  const us = manner.units === 'us'
  const [kind, setKind] = useState<'pot' | 'bed'>('pot')
  const [crop, setCrop] = useState<Crop>('tomato')
  const [volume, setVolume] = useState(us ? '5 gal' : '20 L')
  const [plants, setPlants] = useState('1')
  const [area, setArea] = useState(us ? '40 ft²' : '4 m²')
  const [soil, setSoil] = useState<SoilTexture>('loam')
  const [depth, setDepth] = useState(us ? '18 in' : '45 cm')
  const [age, setAge] = useState<UsualAge>('grown')
  const [day, setDay] = useState<UsualDay>('warm')
  const [emitters, setEmitters] = useState('8')
  const [flow, setFlow] = useState(us ? '0.5 gal' : '2 L')
  const [seconds, setSeconds] = useState('40')
  const litres = readVolume(volume, manner, 5000)
  const count = readNumber(plants, 1, 50)
  const ground = readMeasure(area, 'area', manner, 0.05, 100_000)
  const roots = readMeasure(depth, 'length', manner, 0.05, 2)
  const [drips, each, bucket] = [
    readNumber(emitters, 1, 100_000),
    readFlow(flow, manner),
    readNumber(seconds, 1, 3600),
  ]
  const { canopy, closed } = USUAL_AGES[age]
  const et0 = USUAL_DAYS[day]
  const water = ((): PlainWater | null => {
    if (kind === 'pot') {
      const [held, standing] = [valueOf(litres), valueOf(count)]
      return held !== null && held! >= 0.1 && standing !== null
        ? plainWater(crop, { litres: held!, plants: Math.round(standing!), canopy }, et0)
        : null
    }
    const [m2, deep] = [valueOf(ground), valueOf(roots)]
    return m2 !== null && deep !== null
      ? plainWater(crop, { area: m2!, soil, depth: deep!, canopy: closed }, et0)
      : null
  })()
  const [number, rate, fills] = [drips, each, bucket].map(valueOf)
  return (
    <section aria-label="Any pot or bed">
      <Heading className="text-2xl font-semibold">
        {water
          ? `${sayLitres(water.need, manner)} a day, ${sayLitres(water.readily, manner)} each ${sayDays(water.untilSlow)}`
          : 'How much water?'}
      </Heading>
      {water && (
        <p className="mt-1 text-lg text-quiet">
          {sayCans(water.readily, manner)} at a time. Watered through it holds{' '}
          {sayLitres(water.holds, manner)}; growth slows after {sayDays(water.untilSlow)}, leaves are limp
          after {sayDays(water.untilLimp)}
          {water.untilSlow < 1 && ': water it twice on such a day, early and in the afternoon'}.
        </p>
      )}
      <div className="mt-3 grid gap-3 sm:grid-cols-3 lg:grid-cols-7">
        <ChoiceField
          label="It is"
          value={kind}
          onChange={({ target }) => setKind(target.value as 'pot' | 'bed')}
        >
          <option value="pot">a pot</option>
          <option value="bed">a bed</option>
        </ChoiceField>
        <ChoiceField label="With" value={crop} onChange={({ target }) => setCrop(target.value as Crop)}>
          <option value="tomato">tomatoes</option>
          <option value="pepper">peppers</option>
        </ChoiceField>
        {kind === 'pot' ? (
          <>
            <TextField
              label="The pot holds"
              value={volume}
              error={errorOf(litres)}
              onChange={({ target }) => setVolume(target.value)}
            />
            <TextField
              label="Plants in it"
              inputMode="numeric"
              value={plants}
              error={errorOf(count)}
              onChange={({ target }) => setPlants(target.value)}
            />
          </>
        ) : (
          <>
            <TextField
              label="Its area"
              value={area}
              error={errorOf(ground)}
              onChange={({ target }) => setArea(target.value)}
            />
            <ChoiceField
              label="Soil"
              value={soil}
              onChange={({ target }) => setSoil(target.value as SoilTexture)}
            >
              {SOILS.map((one) => (
                <option key={one} value={one}>
                  {capital(nameOf(one))}
                </option>
              ))}
            </ChoiceField>
            <TextField
              label="Roots go down"
              value={depth}
              error={errorOf(roots)}
              onChange={({ target }) => setDepth(target.value)}
            />
          </>
        )}
        <ChoiceField
          label="The plants are"
          value={age}
          onChange={({ target }) => setAge(target.value as UsualAge)}
        >
          {keysOf(USUAL_AGES).map((one) => (
            <option key={one} value={one}>
              {AGE_NAMES[one]}
            </option>
          ))}
        </ChoiceField>
        <div className="lg:col-span-2">
          <ChoiceField
            label="The day is"
            value={day}
            onChange={({ target }) => setDay(target.value as UsualDay)}
          >
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
          <TextField
            label="Emitters"
            inputMode="numeric"
            value={emitters}
            error={errorOf(drips)}
            onChange={({ target }) => setEmitters(target.value)}
          />
          <TextField
            label="Each gives in an hour"
            value={flow}
            error={errorOf(each)}
            onChange={({ target }) => setFlow(target.value)}
          />
          <TextField
            label={`The hose fills ${us ? '2½ gal' : '10 L'} in, s`}
            inputMode="decimal"
            value={seconds}
            error={errorOf(bucket)}
            onChange={({ target }) => setSeconds(target.value)}
          />
        </div>
        {water && (
          <p className="mt-2" role="status">
            {number !== null && rate !== null && (
              <>
                Drip:{' '}
                <strong>
                  {plain(
                    irrigationMinutes({ litres: water.readily, emitters: Math.round(number!), flow: rate! }),
                    0,
                  )}{' '}
                  min
                </strong>{' '}
                ({sayLitres(water.readily, manner)} ÷ {Math.round(number!)} × {sayLitres(rate!, manner)}
                /h).{' '}
              </>
            )}
            {fills !== null && (
              <>
                Hose:{' '}
                <strong>{plain((water.readily / (us ? BUCKET.us : BUCKET.metric)) * fills!, 0)} s</strong> at
                that flow.
              </>
            )}
          </p>
        )}
      </div>
    </section>
  )
}

/** L. */
const BUCKET = { metric: 10, us: 9.46352946 }

const sayDays = (days: number) =>
  days < 1
    ? `${Math.max(1, Math.round(days * 24))} hours`
    : days < 1.95
      ? '1 day'
      : `${plain(days, days < 10 ? 1 : 0)} days`

const keysOf = <Key extends string>(table: Record<Key, unknown>) => Object.keys(table) as Key[]
