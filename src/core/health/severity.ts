import type { CauseId } from './causes'

/** What a cause takes where nothing is done: looks or a few fruit, part of the crop, the plant. */
const SEVERITIES = ['little', 'crop', 'plant'] as const
export type Severity = (typeof SEVERITIES)[number]

/** What each takes in a usual case. */
const TAKES: Record<Severity, readonly CauseId[]> = {
  plant: [
    'late-blight',
    'wilt',
    'damping-off',
    'phytophthora',
    'bacterial-canker',
    'spotted-wilt',
    'curly-top',
    'southern-blight',
    'curl-virus',
    'cutworm',
    'thirst',
    'waterlogging',
    'herbicide',
    'cold-injury',
    'russet-mite',
    'rodents',
  ],
  crop: [
    'early-blight',
    'septoria',
    'grey-mould',
    'leaf-mould',
    'powdery-mildew',
    'bacterial-spot',
    'anthracnose',
    'mosaic-virus',
    'root-knot',
    'blossom-end-rot',
    'blossom-drop',
    'nitrogen-excess',
    'nitrogen-shortage',
    'potassium-shortage',
    'phosphorus-shortage',
    'calcium-shortage',
    'salt-burn',
    'transplant-shock',
    'spider-mite',
    'whitefly',
    'thrips',
    'psyllid',
    'hornworm',
    'potato-beetle',
    'fruitworm',
    'weevil',
    'stink-bug',
    'birds',
    'sunscald',
    'cracking',
  ],
  little: [],
}

/** What a cause takes where nothing is done. */
export const severityOf = (cause: CauseId): Severity =>
  SEVERITIES.findLast((severity) => TAKES[severity].includes(cause)) ?? 'little'
