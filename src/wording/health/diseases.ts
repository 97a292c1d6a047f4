import type { CauseWords } from './cause-words'

export const DISEASE_WORDS = {
  'early-blight': {
    name: 'Early blight',
    is: 'A fungus that survives winter in the soil and on old stems, and splashes up onto leaves.',
    first: 'On a dry day remove the spotted leaves, up to a third of the plant.',
    then: [
      'Remove leaves up to {length 0.3} and mulch, so that soil no longer splashes up.',
      'Water the soil, not the leaf, in the morning.',
      'If it keeps climbing, use a copper or biological spray allowed for tomatoes, by its label.',
    ],
    not: 'Do not work among wet leaves: hands and snips spread it.',
  },
  septoria: {
    name: 'Septoria leaf spot',
    is: 'A fungus of wet leaves. It hardly touches fruit, but can strip a plant from below.',
    first: 'Remove the spotted leaves on a dry day.',
    then: [
      'Mulch, and prune to let air in.',
      'Water the soil, not the leaf.',
      'If it keeps climbing, use a spray allowed for it, by its label.',
    ],
    not: 'Do not leave the picked leaves on the ground: they bring it back next year.',
  },
  'late-blight': {
    name: 'Late blight',
    is: 'The same blight that kills potatoes. In cool, wet weather it kills a plant in days, and its spores fly far.',
    first: 'Bag the sick plants and take them out today.',
    then: [
      'Show a leaf to your local plant clinic. In many places you must report it.',
      'Tell neighbors who grow tomatoes or potatoes.',
      'Pick full-grown, healthy fruit, and watch them indoors.',
    ],
    not: 'Do not compost it, and do not wait for the next dry day.',
  },
  'powdery-mildew': {
    name: 'Powdery mildew',
    is: 'A fungus that grows on dry leaves in damp, still air, mostly under cover.',
    first: 'Remove the whitest leaves and let air through.',
    then: [
      'Give it more sun, and water evenly.',
      'Use soap, oil or a sulfur product allowed for it, by its label, in the cool of the evening.',
    ],
    not: 'Do not spray oil or sulfur in heat: leaves burn above {temperature 32}.',
  },
  'grey-mould': {
    name: 'Gray mold',
    is: 'A fungus that enters wounds and old petals in still, damp air.',
    first: 'On a dry morning cut it out, well into healthy stem.',
    then: ['Vent, and thin crowded leaves.', 'Remove old petals and soft fruit.'],
    not: 'Do not break off leaves in damp weather, and leave no stubs.',
  },
  'leaf-mould': {
    name: 'Leaf mold',
    is: 'A fungus of tunnels and greenhouses where humidity stays above 85 %.',
    first: 'Remove the patched leaves from the bottom up, and vent from early morning.',
    then: ['Space plants wider, and water the soil in the morning.', 'Next year grow a resistant cultivar.'],
    not: 'Do not close the tunnel in the evening while leaves are wet.',
  },
  'bacterial-spot': {
    name: 'Bacterial spot or speck',
    is: 'Bacteria that come with seed or splashing rain and enter through wounds.',
    first: 'Remove the worst plants or leaves on a dry day.',
    then: [
      'Keep water off the leaves.',
      'A copper product slows it; follow its label.',
      'Next year use clean seed and another bed.',
    ],
    not: 'Do not touch wet plants, and save no seed from them.',
  },
  wilt: {
    name: 'Fusarium or verticillium wilt',
    is: 'A soil fungus that blocks the plant’s veins from the root up, often on one side first.',
    first: 'Remove the plant with its roots.',
    then: [
      'Ask the plant clinic which one it is: cultivars resist one or the other.',
      'Grow no tomatoes, peppers, potatoes or eggplants in that bed for some years, or use grafted plants.',
    ],
    not: 'Do not feed or water more: the plant cannot take it up.',
  },
  'mosaic-virus': {
    name: 'A mosaic virus',
    is: 'A virus carried by seed, hands, tobacco or sucking insects. There is no cure.',
    first: 'Remove the plant before you touch another.',
    then: [
      'Wash hands and snips with soap.',
      'Ask the plant clinic which virus it is: some must be reported.',
    ],
    not: 'Do not smoke among the plants, and save no seed from them.',
  },
  'curl-virus': {
    name: 'A leaf-curl virus',
    is: 'A virus that whiteflies carry. Young plants that catch it give almost no fruit.',
    first: 'Bag the plant and remove it.',
    then: ['Treat the others for whitefly.', 'Ask the plant clinic to confirm it.'],
    not: 'Do not shake the plant: the flies would carry it to the next one.',
  },
  'damping-off': {
    name: 'Damping off',
    is: 'Fungi in cold, wet mix that topple seedlings at the soil line.',
    first: 'Remove the fallen ones with the mix around them.',
    then: [
      'Let the surface dry between waterings, and water from below.',
      'Give more light and moving air, and sow more thinly in clean trays.',
    ],
    not: 'Do not move seedlings from that tray into clean ones.',
  },
  'root-knot': {
    name: 'Root-knot nematodes',
    is: 'Worms too small to see, in warm, sandy soil. Roots swell into knots and take up little water.',
    first: 'Water and feed evenly to save the crop.',
    then: [
      'At the end of the season remove all roots.',
      'Then grow a resistant or grafted cultivar, or other crops for three years.',
    ],
    not: 'Do not carry that soil on tools or boots to other beds.',
  },
  phytophthora: {
    name: 'Phytophthora blight of peppers',
    is: 'A water mold that rots the stem at the soil in warm, wet ground and spreads along a row.',
    first: 'Remove the wilted plants and the next one on each side.',
    then: ['Let it drain: raise the bed, and stop the drip there.', 'Ask the plant clinic to confirm it.'],
    not: 'Do not let water run from there to other plants.',
  },
  'bacterial-canker': {
    name: 'Bacterial canker',
    is: 'Bacteria that come with seed or plants and live in the stem. Hands and snips spread them along the row.',
    first: 'On a dry day remove sick plants whole, in a bag.',
    then: [
      'Wipe tools and stakes with alcohol or bleach, by the label.',
      'Show one to the local plant clinic, and keep tomatoes off that ground for three years.',
    ],
    not: 'Do not prune the row with the same blade, and save no seed from it.',
  },
  'spotted-wilt': {
    name: 'Spotted wilt virus',
    is: 'A virus that thrips bring from weeds and flowers. There is no cure.',
    first: 'Remove the sick plant, and check its neighbors.',
    then: [
      'Weed around the bed.',
      'Next year grow a resistant cultivar.',
      'Your local plant clinic can make sure.',
    ],
    not: 'Do not spray for the virus: no spray cures it.',
  },
  'curly-top': {
    name: 'Curly top virus',
    is: 'A virus that leafhoppers bring from dry country in early summer.',
    first: 'Remove the sick plant.',
    then: [
      'Next year plant closer, and net young plants for the first weeks.',
      'Keep weeds down around the bed.',
    ],
    not: 'Do not give more feed: it does not help.',
  },
  'southern-blight': {
    name: 'Southern blight',
    is: 'A fungus of hot, wet soil that rots the stem all around at the soil line.',
    first: 'Remove the plant with a spadeful of soil around it.',
    then: [
      'Keep mulch and leaves away from the other stems.',
      'Grow corn or another grass there for two years.',
    ],
    not: 'Do not compost it: its grains survive in soil for years.',
  },
  anthracnose: {
    name: 'Anthracnose',
    is: 'A fungus that enters green fruit unseen and shows when they ripen.',
    first: 'Pick ripe fruit at once, and take away the spotted ones.',
    then: [
      'Mulch, stake, and keep water off the fruit.',
      'Use a spray allowed for it, by its label, while fruit are green.',
    ],
    not: 'Do not leave fruit on the ground.',
  },
} as const satisfies Record<string, CauseWords>
