import { TextField } from '../../components/forms/fields'

/** Asks for a name of the device that comes in. */
export const DeviceName = ({ device }: { device: string }) => (
  <TextField
    label="Name of this device"
    name="name"
    defaultValue={device}
    maxLength={40}
    required
    hint="So that you can tell your devices apart and sign one out."
  />
)
