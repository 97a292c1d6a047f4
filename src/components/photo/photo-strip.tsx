import Image from 'next/image'

/** A photo as it is shown. */
export interface PhotoView {
  id: string
  width: number
  height: number
  alt: string
}

/** One photo in a frame, as high as its class says. */
export const PhotoPicture = ({
  photo: { id, width, height, alt },
  className,
}: {
  photo: PhotoView
  className: string
}) => (
  <Image
    src={`/photos/${id}`}
    width={width}
    height={height}
    alt={alt}
    unoptimized
    className={`w-auto border border-base-300 ${className}`}
  />
)

/** Photos side by side, each opening large. */
export function PhotoStrip({ photos }: { photos: readonly PhotoView[] }) {
  if (photos.length === 0) return null
  return (
    <ul className="my-1 flex flex-wrap gap-2" aria-label="Photos">
      {photos.map((photo) => (
        <li key={photo.id}>
          <a href={`/photos/${photo.id}`} target="_blank" rel="noreferrer" className="block">
            <PhotoPicture photo={photo} className="h-24" />
          </a>
        </li>
      ))}
    </ul>
  )
}
