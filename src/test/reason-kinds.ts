import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import type { Measure } from '../core/quantity'

type Kind = Measure['kind']

/** What makes each kind of value in the core. */
const MAKERS: Record<string, Kind> = {
  length: 'length',
  thickness: 'thickness',
  temperature: 'temperature',
  volume: 'volume',
  mass: 'mass',
  area: 'area',
  speed: 'speed',
  degreeDaySum: 'degree-days',
  share: 'share',
  waterDepth: 'water-depth',
  days: 'days',
  weeks: 'weeks',
  duration: 'duration',
  count: 'count',
  onDate: 'date',
  name: 'name',
}

/** What any reason holds, for rules whose values are made in another place than the rule is chosen. */
export const ANY_RULE = '*'

/** For each key that a rule's reason may hold, the kinds of its values: read from where the core gives them. */
export function reasonKinds(folder: string, rules: ReadonlySet<string>): Map<string, Map<string, Set<Kind>>> {
  const found = new Map<string, Map<string, Set<Kind>>>()
  for (const file of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    if (!file.endsWith('.ts') || file.endsWith('.test.ts')) continue
    const source = ts.createSourceFile(
      file,
      readFileSync(join(folder, file), 'utf8'),
      ts.ScriptTarget.Latest,
      true,
    )
    const add = (rule: string, values: [string, Kind][]) => {
      const kinds = found.get(rule) ?? new Map<string, Set<Kind>>()
      found.set(rule, kinds)
      for (const [key, kind] of values) kinds.set(key, (kinds.get(key) ?? new Set()).add(kind))
    }
    const visit = (node: ts.Node): void => {
      if (ts.isStringLiteral(node) && rules.has(node.text)) add(node.text, valuesNear(node))
      ts.forEachChild(node, visit)
    }
    visit(source)
    add(ANY_RULE, valuesIn(source))
  }
  return found
}

/** The values of the smallest function or statement around a rule that gives any. */
function valuesNear(rule: ts.Node): [string, Kind][] {
  for (let around = rule.parent; around && !ts.isSourceFile(around); around = around.parent) {
    const values = valuesIn(around)
    if (values.length > 0) return values
  }
  return []
}

function valuesIn(node: ts.Node): [string, Kind][] {
  const own: [string, Kind][] = []
  const visit = (one: ts.Node): void => {
    if (ts.isPropertyAssignment(one) && ts.isCallExpression(one.initializer)) {
      const kind = MAKERS[one.initializer.expression.getText()]
      if (kind) own.push([one.name.getText(), kind])
    } else if (ts.isPropertyAssignment(one) && ts.isObjectLiteralExpression(one.initializer)) {
      const kind = one.initializer.properties.find((part) => part.name?.getText() === 'kind')
      if (kind && ts.isPropertyAssignment(kind) && ts.isStringLiteral(kind.initializer))
        own.push([one.name.getText(), kind.initializer.text as Kind])
    }
    ts.forEachChild(one, visit)
  }
  visit(node)
  return own
}
