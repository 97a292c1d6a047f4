/** What a device is called at first. */
export const deviceKind = (sent: Pick<Headers, 'get'>): string =>
  /Mobi/.test(sent.get('user-agent') ?? '') ? 'Phone' : 'Computer'
