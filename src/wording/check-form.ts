import { ValidationError, type AnyObjectSchema, type InferType } from 'yup'

/** A form's values checked where they are kept: the values, or what is wrong by field. */
export async function checkForm<S extends AnyObjectSchema>(
  schema: S,
  values: unknown,
): Promise<{ values: InferType<S> } | { fields: Record<string, string> }> {
  try {
    return {
      values: (await schema.validate(values, { abortEarly: false, stripUnknown: true })) as InferType<S>,
    }
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error
    const faults = error.inner.length > 0 ? error.inner : [error]
    return { fields: Object.fromEntries(faults.map(({ path, message }) => [path ?? '', message]).reverse()) }
  }
}
