'use client'

import { useState, useSyncExternalStore } from 'react'
import { useChange } from '../../../components/act/use-change'
import { PartHeading } from '../../../components/advice/why'
import { connectSensor, disconnectSensor } from '../actions'
import type { PlaceWaterView } from './queries'

const subscribe = () => () => undefined

/** Sensors that post how wet a place is, and the tap timer's runs to take along. */
export function SensorPart({ place }: { place: PlaceWaterView }) {
  const [token, setToken] = useState<string | null>(null)
  const { busy, change } = useChange()
  const origin = useSyncExternalStore(
    subscribe,
    () => window.location.origin,
    () => '',
  )
  const connect = async () => {
    const answer = await change({ send: () => connectSensor(place.id) })
    if (answer.ok) setToken(answer.token)
  }
  return (
    <section aria-label="Sensor and timer">
      <PartHeading>Sensor and tap timer</PartHeading>
      {place.sensors.length === 0 ? (
        <p>No sensor sends readings for {place.name}. Any device that can send JSON works.</p>
      ) : (
        <ul>
          {place.sensors.map((id, index) => (
            <li
              key={id}
              className="flex flex-wrap items-center justify-between gap-2 border-t border-base-300 py-1"
            >
              Sensor {index + 1} may send readings for {place.name}.
              <button
                className="btn min-h-11 btn-ghost"
                disabled={busy}
                onClick={() => void change({ send: () => disconnectSensor(id) })}
              >
                Disconnect it
              </button>
            </li>
          ))}
        </ul>
      )}
      {token && (
        <div role="status" className="my-2 border-l-4 border-water bg-base-200 px-3 py-2">
          <p>Its secret, shown only now:</p>
          <p className="font-mono break-all select-all">{token}</p>
          <p className="mt-1 text-sm break-all text-quiet">
            POST {origin}/devices/readings with “Authorization: Bearer …” and{' '}
            {'{"readings":[{"at":"2026-06-18T07:05:00Z","content":0.27}]}'}, content in m³ of water in a m³ of
            soil.
          </p>
        </div>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <button className="btn min-h-11 bg-base-100" disabled={busy} onClick={() => void connect()}>
          Connect a sensor
        </button>
        {place.drip && (
          <>
            <a className="btn min-h-11 bg-base-100" href="/timer.json" download>
              Timer runs as JSON
            </a>
            <a className="btn min-h-11 bg-base-100" href="/timer.ics" download>
              as a calendar
            </a>
          </>
        )}
      </div>
    </section>
  )
}
