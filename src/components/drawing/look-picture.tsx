import type { ReactNode } from 'react'
import type { Crop } from '../../core/crop'
import type { SignId } from '../../core/health'
import { INK } from './signs/colours'
import { Fruit } from './signs/fruit-base'
import { Flower } from './signs/plant-base'
import { SignDrawing } from './signs/sign-drawing'

/** What a look is for. */
export type LookedFor =
  | { of: 'flower' | 'fruit'; crop: Crop }
  | { of: 'signs'; crop: Crop; signs: readonly { id: SignId; name: string }[] }

/** What one looks for, in drawings side by side: what is not it yet, and what is. */
export function LookPicture(look: LookedFor) {
  if (look.of === 'signs')
    return (
      <Row label={`What was seen: ${look.signs.map(({ name }) => name).join(', ')}`}>
        {look.signs.map(({ id, name }) => (
          <Stage key={id} name={name}>
            <SignDrawing sign={id} crop={look.crop} className="h-full w-full" />
          </Stage>
        ))}
      </Row>
    )
  return look.of === 'flower' ? <FlowerStages crop={look.crop} /> : <FruitStages crop={look.crop} />
}

const Row = ({ label, children }: { label: string; children: ReactNode }) => (
  <div role="img" aria-label={label} className="flex max-w-xl gap-4">
    {children}
  </div>
)

const Stage = ({ name, children }: { name: string; children: ReactNode }) => (
  <div aria-hidden className="min-w-0 max-w-44 grow text-center">
    <div className="h-24 sm:h-32">{children}</div>
    <p className="leading-tight text-quiet">{name}</p>
  </div>
)

const STALK = 'M22 2V28M22 28C34 30 44 34 52 42'

function FlowerStages({ crop }: { crop: Crop }) {
  const stages = [
    { name: 'bud: not yet', flower: <Bud crop={crop} /> },
    { name: 'open: yes', flower: <Flower crop={crop} x={60} y={56} r={27} turn={12} /> },
  ]
  return (
    <Row label="A closed bud means not yet; a flower with its petals spread means yes">
      {stages.map(({ name, flower }) => (
        <Stage key={name} name={name}>
          <svg viewBox="0 0 110 90" className="h-full w-full">
            <path d={STALK} fill="none" stroke={INK.stem} strokeWidth="4" strokeLinecap="round" />
            {flower}
          </svg>
        </Stage>
      ))}
    </Row>
  )
}

/** Petals folded together, held by green sepals. */
const Bud = ({ crop }: { crop: Crop }) => (
  <g transform="translate(56 46) rotate(28)">
    <path
      d="M-9 0C-11 20-4 34 0 40C4 34 11 20 9 0Z"
      fill={crop === 'tomato' ? INK.petal : '#fdfcf6'}
      stroke={crop === 'tomato' ? '#a8861c' : '#8b907a'}
    />
    <path
      d="M-11-2C-9 12-8 20-5 26C-3 16-1 10 0 6C1 10 3 16 5 26C8 20 9 12 11-2C6-8-6-8-11-2Z"
      fill={INK.stem}
    />
  </g>
)

function FruitStages({ crop }: { crop: Crop }) {
  const stages = [
    { name: 'green: not yet', fill: INK.green },
    { name: 'turning: not yet', fill: INK.orange },
    { name: 'its full color, gives a little: yes', fill: INK.red },
  ]
  return (
    <Row label="Green or turning fruit means not yet; a fruit in its full color that gives a little means yes">
      {stages.map(({ name, fill }) => (
        <Stage key={name} name={name}>
          <svg viewBox="10 0 100 92" className="h-full w-full">
            <Fruit crop={crop} fill={fill} />
          </svg>
        </Stage>
      ))}
    </Row>
  )
}
