import { MatrixPicture } from '../../../components/drawing/matrix-picture'
import { ROLE_WORDS } from '../../../wording/access'
import { GardenPage } from '../garden-tabs'
import { DeviceList } from './device-list'
import { PassphraseForm } from './passphrase-form'
import { PeoplePart } from './people-part'
import type { DevicesView } from './queries'

/** How a phone gets in, and which phones and computers may. */
export function DevicesScreen({ view, query }: { view: DevicesView; query: string }) {
  const { addresses, devices, people, hasPassphrase } = view
  return (
    <GardenPage
      at="/garden/devices"
      title={titleOf(view)}
      deciding={
        addresses.length > 0
          ? 'Point a phone’s camera at the code, open the page, and sign in with the passphrase.'
          : 'To use Prairie on a phone, let it answer in your home network.'
      }
      query={query}
    >
      <div className="mt-6 grid max-w-5xl gap-10 lg:grid-cols-2">
        <div className="space-y-8">
          <section aria-label="Open it on a phone">
            <h2 className="mb-2 text-xl font-semibold">Open it on a phone</h2>
            {addresses.length === 0 ? (
              <HowToLetIn />
            ) : (
              addresses.map((one) => <Address key={one.address} {...one} />)
            )}
          </section>
          {hasPassphrase && (
            <section aria-label="People">
              <h2 className="mb-2 text-xl font-semibold">People</h2>
              <PeoplePart people={people} />
            </section>
          )}
        </div>
        <div className="space-y-8">
          {hasPassphrase && (
            <section aria-label="Signed in">
              <h2 className="mb-2 text-xl font-semibold">Signed in</h2>
              <DeviceList devices={devices} people={people} />
            </section>
          )}
          <section>
            <h2 className="mb-2 text-xl font-semibold">Passphrase</h2>
            {!hasPassphrase && (
              <p className="mb-2 max-w-prose text-quiet">
                Nobody has to sign in on this computer. With a passphrase everyone signs in, on this computer
                too.
              </p>
            )}
            <PassphraseForm isSet={hasPassphrase} />
          </section>
        </div>
      </div>
    </GardenPage>
  )
}

/** What a helper sees in its place. */
export function ForKeepers({ name, query }: { name: string; query: string }) {
  return (
    <GardenPage
      at="/garden/devices"
      title={`You are signed in as ${name}`}
      deciding={`You can ${ROLE_WORDS.helper.does}. Ask a keeper for anything more.`}
      query={query}
    >
      <form method="post" action="/sign-in/leave" className="mt-6">
        <button className="btn min-h-11 bg-base-100">Sign out this device</button>
      </form>
    </GardenPage>
  )
}

const titleOf = ({ hasPassphrase, devices }: DevicesView) =>
  !hasPassphrase
    ? 'Only this computer is let in'
    : devices.length === 1
      ? 'One device is signed in'
      : `${devices.length} devices are signed in`

function HowToLetIn() {
  return (
    <ol className="max-w-prose list-decimal space-y-1 pl-5">
      <li>End Prairie on this computer with Ctrl+C.</li>
      <li>
        Start it again with <code>npm start -- --lan</code>. It asks for a passphrase the first time.
      </li>
      <li>Point your phone’s camera at the code that appears, and sign in.</li>
    </ol>
  )
}

function Address({ address, code, isSecure }: DevicesView['addresses'][number]) {
  return (
    <div className="mb-4 flex flex-wrap items-center gap-4">
      <MatrixPicture code={code} label={`Code for ${address}`} side="11rem" className="shrink-0" />
      <div className="min-w-0 flex-1 basis-48">
        <p className="text-lg font-semibold break-all">{address}</p>
        <p className="mt-1 text-quiet">
          {isSecure
            ? 'The connection is encrypted.'
            : 'This connection is not encrypted. Use it only in a network you trust, never over the internet. docs/serve.md shows how to encrypt it.'}
        </p>
      </div>
    </div>
  )
}
