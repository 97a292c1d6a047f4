import { object, string } from 'yup'
import { PASSPHRASE_LENGTH, PERSON_NAME, ROLES, type Role } from '../../../core/facts'

const [LEAST, MOST] = PASSPHRASE_LENGTH

export interface PassphraseValues {
  before: string
  passphrase: string
}

/** Someone who is asked to join. */
export const personSchema = object({
  name: string()
    .trim()
    .required('Type a name.')
    .max(PERSON_NAME, `Use at most ${PERSON_NAME} letters.`)
    .matches(/^[^\p{Cc}]*$/u, 'Use letters, digits and spaces.'),
  role: string<Role>().required().oneOf(ROLES),
})

export interface PersonValues {
  name: string
  role: string
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
