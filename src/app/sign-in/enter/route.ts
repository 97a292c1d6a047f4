import { signIn } from '../../../data/access/signed-in'
import { ADDRESS_HEADER } from '../../../guard'
import { isOwnRequest } from '../../../hosts'
import { foreignForm, goOn, letIn, sentForm } from '../letting-in'
import { wayOnward } from '../onward'

export const dynamic = 'force-dynamic'

/** Takes the form of the sign-in page, and signs its device in. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return foreignForm()
  const form = await sentForm(request)
  if (!form) return goOn(request, '/sign-in?why=wrong')
  const next = wayOnward(form.get('next'))
  const answer = await signIn(
    form.get('passphrase') ?? '',
    { name: form.get('name') ?? '', address: request.headers.get(ADDRESS_HEADER) ?? '' },
    new Date(),
  )
  return 'cookie' in answer
    ? letIn(request, next, answer.cookie)
    : goOn(request, `/sign-in?${new URLSearchParams({ why: answer.problem, next })}`)
}
