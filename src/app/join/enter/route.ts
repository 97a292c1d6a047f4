import { join } from '../../../data/access/people'
import { ADDRESS_HEADER } from '../../../guard'
import { isOwnRequest } from '../../../hosts'
import { foreignForm, goOn, letIn, sentForm } from '../../sign-in/letting-in'

export const dynamic = 'force-dynamic'

/** Takes the form of the page that someone joins by, and signs the device in; the code is used up. */
export async function POST(request: Request): Promise<Response> {
  if (!isOwnRequest(request)) return foreignForm()
  const form = await sentForm(request)
  const code = form?.get('code') ?? ''
  const address = request.headers.get(ADDRESS_HEADER) ?? ''
  const answer = await join(code, { name: form?.get('name') ?? '', address }, new Date())
  return 'cookie' in answer
    ? letIn(request, '/', answer.cookie)
    : goOn(request, `/join/${encodeURIComponent(code) || 'none'}`)
}
