import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'

export interface ShownText {
  /** `src/features/shed/needs-list.tsx:67` */
  where: string
  /** As it is shown, with … for each value that is filled in. */
  text: string
}

/** What holds no words for a reader. */
const WORDLESS = new Set([
  'className',
  'id',
  'key',
  'href',
  'd',
  'type',
  'viewBox',
  'htmlFor',
  'style',
  'name',
])
/** A class of a stylesheet, not a word. */
const CLASS =
  /^(?=.*-)[a-z0-9!@[\]:_/.%(){}*&>~,'=#-]+$|^(flex|grid|btn|card|badge|hidden|relative|absolute|table|block|inline|input|select|join|tab)$/

/** Every text of the sources under a folder that a screen, a paper or a file can show: sentences and labels. */
export function shownTexts(folder: string): ShownText[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file))
    .sort()
    .flatMap((file) => textsOfFile(join(folder, file)))
}

function textsOfFile(file: string): ShownText[] {
  const kind = file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true, kind)
  const found: ShownText[] = []
  const add = (node: ts.Node, raw: string) => {
    const text = raw.replace(/\s+/g, ' ').trim()
    const tokens = text.split(' ')
    if (tokens.length < 2 || !/[a-z]{2}/i.test(text)) return
    if (tokens.filter((token) => CLASS.test(token)).length > tokens.length / 3) return
    const line = source.getLineAndCharacterOfPosition(node.getStart()).line + 1
    found.push({ where: `${file}:${line}`, text })
  }
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return
    if (ts.isJsxAttribute(node) && WORDLESS.has(node.name.getText())) return
    if (ts.isJsxElement(node) || ts.isJsxFragment(node)) {
      if (node.children.some((child) => ts.isJsxText(child) && child.text.trim() !== ''))
        add(node, node.children.map(textOfChild).join(''))
    } else if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) add(node, node.text)
    else if (ts.isTemplateExpression(node))
      add(node, node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join(''))
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

const textOfChild = (child: ts.JsxChild): string =>
  ts.isJsxText(child)
    ? child.text
    : ts.isJsxExpression(child) && child.expression
      ? ts.isStringLiteral(child.expression)
        ? child.expression.text
        : '…'
      : ts.isJsxExpression(child)
        ? ''
        : '…'
