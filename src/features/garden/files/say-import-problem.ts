import { LARGEST } from '../../../core/facts'
import type { ImportProblem } from '../../../data/garden-import'
import { MOST_FAULTS as MOST_TOLD } from '../../../data/garden-file-schema'

const MOST_FAULTS = 8

/** What is wrong with a garden file, and what to do. */
export function sayImportProblem(problem: ImportProblem): { message: string; faults: string[] } {
  const unchanged = 'Nothing was changed.'
  switch (problem.kind) {
    case 'damaged-zip':
      return {
        message: `This zip file is damaged or cut off, or has no garden in it. ${unchanged} Export it again, or use an older copy.`,
        faults: [],
      }
    case 'too-large':
      return {
        message: `This file is too large for a garden. Unpacked it must be under ${LARGEST.document / 1024 / 1024} MB without its photos. ${unchanged} Export it again, or use an older copy.`,
        faults: [],
      }
    case 'too-deep':
      return {
        message: `This is not a garden that Prairie exported: its brackets nest too deep. ${unchanged}`,
        faults: [],
      }
    case 'not-json':
      return {
        message: `The file stops or is damaged at line ${problem.line}, column ${problem.column}. ${unchanged} Export it again, or use an older copy.`,
        faults: [],
      }
    case 'not-a-garden':
      return { message: `This is not a garden that Prairie exported. ${unchanged}`, faults: [] }
    case 'newer':
      return {
        message: `A newer Prairie exported this garden (version ${problem.version} of the file). ${unchanged} Update Prairie first.`,
        faults: [],
      }
    case 'here-already':
      return {
        message:
          problem.name === null
            ? `Another garden here already has parts of this one. ${unchanged} Remove that one first, or import the file in its place.`
            : `This garden is here already: ${problem.name}. ${unchanged} Open that one first and import the file in its place.`,
        faults: [],
      }
    case 'invalid': {
      const { faults } = problem
      const more = faults.length > MOST_FAULTS ? [`… and ${faults.length - MOST_FAULTS} more`] : []
      return {
        message: `The file has ${faults.length === 1 ? 'a fault' : faults.length >= MOST_TOLD ? `${MOST_TOLD} faults or more` : `${faults.length} faults`}. ${unchanged}`,
        faults: [...faults.slice(0, MOST_FAULTS), ...more],
      }
    }
  }
}
