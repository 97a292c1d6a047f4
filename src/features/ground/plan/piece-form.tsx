'use client'

import { useMemo } from 'react'
import { useWatch } from 'react-hook-form'
import { ChoiceField, FormError, TextField } from '../../../components/forms/fields'
import { useCheckedForm } from '../../../components/forms/use-checked-form'
import { MULCHES } from '../../../core/climate'
import { POT_SHAPES } from '../../../core/containers'
import { SIDES, type GroundEdit, type Manner } from '../../../core/facts'
import { capital, nameOf } from '../../../wording/names'
import type { Piece } from './piece'
import { obstacleFrom, pieceSchema, placeFrom, typedPiece, unrounded, type PieceValues } from '../schema'
import { USUAL_FLOW } from '../../../core/watering'
import { sayVolume } from '../../../wording/say'

/** All that is known of a piece, to type: for those who would rather not draw. */
export function PieceForm({
  piece,
  manner,
  onEdit,
}: {
  piece: Piece
  manner: Manner
  onEdit: (edits: GroundEdit[], words: string) => Promise<string | null>
}) {
  const schema = useMemo(() => pieceSchema(manner), [manner])
  const shown = useMemo(() => typedPiece(piece.row, manner), [piece.row, manner])
  const { form, submit, field, busy, problem } = useCheckedForm<PieceValues>({
    schema,
    defaults: shown,
    send: async (values) => {
      const typed = unrounded(schema.validateSync(values), values, shown, piece.row)
      const fault = await onEdit(
        [
          piece.of === 'place'
            ? { of: 'place', id: piece.row.id, row: placeFrom(piece.row, typed) }
            : { of: 'obstacle', id: piece.row.id, row: obstacleFrom(piece.row, typed) },
        ],
        `${typed.name} is saved.`,
      )
      return fault === null ? undefined : { form: fault }
    },
  })
  const shape = useWatch({ control: form.control, name: 'potShape' })
  const isPlace = piece.of === 'place'
  const isPot = isPlace && piece.row.kind === 'container'
  const isGround = isPlace && !isPot
  const hasHeight = !isPlace || isPot || piece.row.kind === 'tunnel'
  const isTree = piece.row.kind === 'tree'
  return (
    <form onSubmit={submit} noValidate aria-label={piece.row.name} className="space-y-3">
      <TextField label="Name" {...field('name')} />
      <div className="grid grid-cols-2 gap-3">
        <TextField label="Distance east" {...field('x')} />
        <TextField label="Distance north" {...field('y')} />
        <TextField
          label={isTree ? 'Width of its crown' : isPot ? 'Across the top' : 'Length'}
          {...field('length')}
        />
        {!isTree && <TextField label={isPot ? 'Width' : 'Width'} {...field('width')} />}
        {!isTree && <TextField label="Turned, °" {...field('turn')} />}
        {hasHeight && <TextField label={isPot ? 'Height inside' : 'Height'} {...field('height')} />}
        {isPot && (
          <ChoiceField label="Shape" {...field('potShape')}>
            {POT_SHAPES.map((other) => (
              <option key={other} value={other}>
                {capital(nameOf(other))}
              </option>
            ))}
          </ChoiceField>
        )}
        {isPot && shape === 'tapered' && <TextField label="Across the bottom" {...field('potBottom')} />}
      </div>
      {isPot && (
        <label className="flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" {...form.register('selfWatering')} /> self-watering box
        </label>
      )}
      {isGround && (
        <>
          <fieldset>
            <legend className="text-sm text-quiet">Sides you can reach from</legend>
            <div className="flex flex-wrap gap-x-4">
              {SIDES.map((side) => (
                <label key={side} className="flex min-h-11 items-center gap-2">
                  <input type="checkbox" className="checkbox" value={side} {...form.register('openSides')} />
                  {side}
                </label>
              ))}
            </div>
          </fieldset>
          <TextField
            label="Drip lines, from the south side"
            hint="Separate with commas. Leave blank for none"
            {...field('dripLines')}
          />
          <div className="grid grid-cols-2 gap-3">
            <TextField label="Distance between emitters" {...field('emitterSpacing')} />
            <TextField label="First emitter" hint="From the west end" {...field('emitterFirst')} />
            <TextField
              label="Flow per emitter and hour"
              hint={`Leave blank for ${sayVolume(USUAL_FLOW, manner)}, a typical value`}
              {...field('emitterFlow')}
            />
            <ChoiceField label="Mulch" {...field('mulch')}>
              {MULCHES.map((mulch) => (
                <option key={mulch} value={mulch}>
                  {capital(nameOf(mulch))}
                </option>
              ))}
            </ChoiceField>
            <label className="flex items-center gap-2 self-end pb-3">
              <input type="checkbox" className="checkbox" {...form.register('raised')} /> raised
            </label>
          </div>
        </>
      )}
      <FormError message={problem} />
      <button className="btn btn-primary min-h-11" disabled={busy}>
        Save
      </button>
    </form>
  )
}
