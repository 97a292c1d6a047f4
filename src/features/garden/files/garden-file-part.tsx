import { TakeGarden } from '../../../components/garden-file/take-garden'

/** The whole garden out as one file, and one back in. */
export function GardenFilePart({ photos }: { photos: number }) {
  return (
    <div className="space-y-3">
      <p className="flex flex-wrap gap-2">
        <a className="btn min-h-11 bg-base-100" href="/export" download>
          Export the whole garden
        </a>
        {photos > 0 && (
          <a className="btn min-h-11 bg-base-100" href="/export.zip" download>
            Export it with {photos === 1 ? 'its photo' : `its ${photos} photos`}
          </a>
        )}
      </p>
      <TakeGarden />
    </div>
  )
}
