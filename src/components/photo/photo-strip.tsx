import Image from 'next/image'

/** A photo as it is shown. */
export interface PhotoView {
  id: string
  width: number
  height: number
  alt: string
}

/** Photos side by side, each opening large. */
export function PhotoStrip({ photos }: { photos: readonly PhotoView[] }) {
  if (photos.length === 0) return null
  return (
    <ul className="my-1 flex flex-wrap gap-2" aria-label="Photos">
      {photos.map(({ id, width, height, alt }) => (
        <li key={id}>
          <a href={`/photos/${id}`} target="_blank" rel="noreferrer" className="block">
            <Image
              src={`/photos/${id}`}
              width={width}
              height={height}
              alt={alt}
              unoptimized
              className="h-24 w-auto border border-base-300"
            />
          </a>
        </li>
      ))}
    </ul>
  )
}
