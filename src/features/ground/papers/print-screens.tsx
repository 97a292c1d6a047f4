import { PaperPlan, scaleFor } from './paper-plan'
import { PAPERS, piecesOf, type Paper, type PlanPaper, type PlantLabel } from './paper-queries'
import { MatrixPicture } from '../../../components/drawing/matrix-picture'
import { PrintFrame } from '../../../components/print-frame'

const SHEET = {
  back: { href: '/ground/papers', label: 'Print and files' },
  hint: 'Print at 100 %, without “fit to page”: then the scale is true.',
}
/** mm: around the sheet; of heading over the plan; of labels. */
const MARGIN = 12
const HEADING = 18
const LABEL = { width: 62, height: 34 }

/** The plan on one sheet, to the largest scale that fits, and what stands where on the next. */
export function PlanSheet({ sheet, paper }: { sheet: PlanPaper; paper: Paper }) {
  const { width, height } = PAPERS[paper]
  const pieces = piecesOf(sheet.view)
  const scale = scaleFor(pieces, { width: height - 2 * MARGIN, height: width - 2 * MARGIN - HEADING })
  return (
    <PrintFrame title="The plan, to scale" {...SHEET} paper={paper} landscape margin={MARGIN}>
      {pieces.length === 0 ? (
        <p>The plan has no places yet.</p>
      ) : (
        <>
          <p style={{ fontSize: '14pt' }}>
            <strong>{sheet.name}</strong>, {sheet.date}, scale 1 : {scale} on{' '}
            {paper === 'a4' ? 'A4' : 'Letter'}
          </p>
          <PaperPlan
            pieces={pieces}
            canopies={sheet.view.canopies}
            scale={scale}
            manner={sheet.view.manner}
          />
          <table className="mt-4 w-full break-before-page border-collapse" style={{ fontSize: '10pt' }}>
            <thead className="text-left">
              <tr>
                <th scope="col">Place</th>
                <th scope="col">Size</th>
                <th scope="col">What grows there</th>
              </tr>
            </thead>
            <tbody>
              {sheet.lines.map(({ name, size, held }) => (
                <tr key={name} className="border-t border-black">
                  <th scope="row" className="py-0.5 text-left font-normal">
                    {name}
                  </th>
                  <td>{size}</td>
                  <td>{held}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </PrintFrame>
  )
}

/** Labels of all plants, cut along their lines; the code opens the plant's page. */
export function LabelSheets({ labels, paper }: { labels: readonly PlantLabel[]; paper: Paper }) {
  return (
    <PrintFrame
      title={`${labels.length} plant labels`}
      {...SHEET}
      paper={paper}
      landscape={false}
      margin={10}
    >
      {labels.length === 0 && <p>No plant has a place yet.</p>}
      <ul className="flex flex-wrap" aria-label="Labels">
        {labels.map(({ id, cultivar, where, date, code }) => (
          <li
            key={id}
            className="flex break-inside-avoid items-center justify-between gap-2 overflow-hidden border border-dashed border-black p-[2mm]"
            style={{ width: `${LABEL.width}mm`, height: `${LABEL.height}mm` }}
          >
            <span className="min-w-0 leading-tight">
              <strong className="block break-words" style={{ fontSize: '13pt' }}>
                {cultivar}
              </strong>
              <span style={{ fontSize: '10pt' }}>{where}</span>
              <span className="block" style={{ fontSize: '9pt' }}>
                {date}
              </span>
            </span>
            <MatrixPicture
              code={code}
              label={`Code for ${cultivar}, ${where}`}
              side="24mm"
              className="shrink-0"
            />
          </li>
        ))}
      </ul>
    </PrintFrame>
  )
}
