import { object, string } from 'yup'
import { PASSPHRASE_LENGTH } from '../../../core/facts/limits'

const [LEAST, MOST] = PASSPHRASE_LENGTH

export interface PassphraseValues {
  before: string
  passphrase: string
}

const passphrase = string()
  .trim()
  .required(`Choose a passphrase of at least ${LEAST} characters, such as four words.`)
  .min(LEAST, `Use at least ${LEAST} characters, such as four words.`)
  .max(MOST, `Use at most ${MOST} characters.`)

/** @param isSet there is one already, which is asked for */
export const passphraseSchema = (isSet: boolean) =>
  object({
    before: isSet ? string().required('Type the passphrase you use now.') : string().defined(),
    passphrase,
  })
