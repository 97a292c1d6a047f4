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
    return { fields: Object.fromEntries(faultsOf(error)) }
  }
}

/** What a form's text says, field by field. */
export interface Sound<Values> {
  /** Each sound field; null for the others. */
  values: { [Name in keyof Values]: Values[Name] | null }
  /** Null: a field is not sound. */
  all: Values | null
  /** What is wrong, by field as `name` or `rows.0.name`. */
  faults: Record<string, string>
}

/** A form's text read while it is typed: what is sound already, and what is wrong with the rest. */
export function soundOf<S extends AnyObjectSchema>(schema: S, typed: unknown): Sound<InferType<S>> {
  type Values = InferType<S>
  try {
    const all = schema.validateSync(typed, { abortEarly: false, stripUnknown: true }) as Values
    return { values: all, all, faults: {} }
  } catch (error) {
    const faults = Object.fromEntries(faultsOf(error))
    const broken = new Set(Object.keys(faults).map((path) => path.split('.')[0]))
    const read = schema.cast(typed, { assert: false, stripUnknown: true }) as Values
    const values = Object.fromEntries(
      Object.keys(schema.fields).map((name) => [
        name,
        broken.has(name) ? null : (read[name as keyof Values] ?? null),
      ]),
    ) as Sound<Values>['values']
    return { values, all: null, faults }
  }
}

/** What is wrong, by field as `name` or `rows.0.name`, the first fault of each. @throws what is no fault of the form's */
function faultsOf(error: unknown): [path: string, message: string][] {
  if (!(error instanceof ValidationError)) throw error
  const faults = error.inner.length > 0 ? error.inner : [error]
  return faults
    .map(({ path, message }): [string, string] => [(path ?? '').replace(/\[(\d+)\]/g, '.$1'), message])
    .reverse()
}
