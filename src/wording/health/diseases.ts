import type { CauseWords } from './cause-words'

export const DISEASE_WORDS = {
  'early-blight': {
    name: 'Early blight',
    is: 'A fungus that lives over in the soil and on old stems, and splashes up on wet leaves.',
    first: 'Take the spotted leaves off, up to a third of the plant, on a dry day.',
    then: [
      'Clear the stem to {length 0.3} and mulch, so that soil no longer splashes.',
      'Water the soil, not the leaf, in the morning.',
      'If it climbs on, a copper or biological spray allowed for tomatoes, by its label.',
    ],
    not: 'Do not work among wet leaves: hands and snips carry it on.',
  },
  septoria: {
    name: 'Septoria leaf spot',
    is: 'A fungus of wet leaves. It hardly touches fruit, but can strip a plant from below.',
    first: 'Take the spotted leaves off on a dry day.',
    then: [
      'Mulch, and open the plant to the air.',
      'Water the soil, not the leaf.',
      'If it climbs on, a spray allowed for it, by its label.',
    ],
    not: 'Do not leave the picked leaves lying: they start it again next year.',
  },
  'late-blight': {
    name: 'Late blight',
    is: 'The blight of potatoes. It kills a plant in days in cool, wet weather, and its spores fly far.',
    first: 'Bag the sick plants and take them out today.',
    then: [
      'Show a leaf to the local plant clinic: in many places it has to be reported.',
      'Tell the neighbours who grow tomatoes or potatoes.',
      'Pick what is full-grown and sound, and watch it indoors.',
    ],
    not: 'Do not compost it, and do not wait for the next dry day.',
  },
  'powdery-mildew': {
    name: 'Powdery mildew',
    is: 'A fungus that grows on dry leaves in damp, still air, most of all under cover.',
    first: 'Take the whitest leaves off and let air through.',
    then: [
      'Shade less, water evenly.',
      'Soap, oil or a sulphur product allowed for it, by its label, in the cool of the evening.',
    ],
    not: 'Do not spray oil or sulphur in heat: leaves burn above {temperature 32}.',
  },
  'grey-mould': {
    name: 'Grey mould',
    is: 'A fungus of wounds, old petals and still, damp air.',
    first: 'Cut it out well into sound wood, on a dry morning.',
    then: ['Vent, and take leaves off where they crowd.', 'Take old petals and soft fruit away.'],
    not: 'Do not break leaves off in the damp, nor leave stubs.',
  },
  'leaf-mould': {
    name: 'Leaf mould',
    is: 'A fungus of tunnels and greenhouses whose air stays over 85 % damp.',
    first: 'Take the patched leaves off from below, and vent from early morning.',
    then: ['Space plants wider, water in the morning at the foot.', 'Next year a cultivar that resists it.'],
    not: 'Do not shut the tunnel on wet leaves in the evening.',
  },
  'bacterial-spot': {
    name: 'Bacterial spot or speck',
    is: 'Bacteria that come with seed or splashing rain, and enter through wounds.',
    first: 'Take the worst plants or leaves away on a dry day.',
    then: [
      'Keep water off the leaves.',
      'A copper product slows it, by its label.',
      'Next year clean seed, and another bed.',
    ],
    not: 'Do not touch wet plants, and keep no seed of these.',
  },
  wilt: {
    name: 'Fusarium or verticillium wilt',
    is: 'A fungus of the soil that blocks the vessels from the root up, often on one side first.',
    first: 'Take the plant out with its roots.',
    then: [
      'Have the plant clinic say which it is: resistance goes by name.',
      'Rest the bed from tomatoes, peppers, potatoes and aubergines, or plant grafted.',
    ],
    not: 'Do not feed or water more: it cannot drink.',
  },
  'mosaic-virus': {
    name: 'A mosaic virus',
    is: 'A virus that comes with seed, hands, tobacco or sucking insects. Nothing cures it.',
    first: 'Take the plant out before you touch another.',
    then: ['Wash hands and snips with soap.', 'Have the plant clinic name it: some have to be reported.'],
    not: 'Do not smoke among the plants, nor keep seed of these.',
  },
  'curl-virus': {
    name: 'A leaf-curl virus',
    is: 'A virus that whiteflies carry. Young plants that get it bear almost nothing.',
    first: 'Bag the plant and take it out.',
    then: ['Fight the whitefly on the others.', 'Have the plant clinic name it.'],
    not: 'Do not shake the plant: the flies carry it to the next.',
  },
  'damping-off': {
    name: 'Damping off',
    is: 'Fungi of cold, wet mix that fell seedlings at the soil line.',
    first: 'Take out the fallen ones with the mix around them.',
    then: [
      'Let the surface dry between waterings, water from below.',
      'More light and moving air; sow thinner in clean trays.',
    ],
    not: 'Do not prick out from that tray into clean ones.',
  },
  'root-knot': {
    name: 'Root-knot nematodes',
    is: 'Worms too small to see, in warm, sandy soil. Roots swell into knots and cannot drink.',
    first: 'Water and feed evenly to bring the crop through.',
    then: [
      'Take the roots out at the end, all of them.',
      'Next a resistant or grafted cultivar, or three years of other crops.',
    ],
    not: 'Do not carry that soil on tools or boots to other beds.',
  },
  phytophthora: {
    name: 'Phytophthora blight of peppers',
    is: 'A water mould that rots the stem at the soil in warm, wet ground, and runs along a row.',
    first: 'Take out the wilted plants and the next one on each side.',
    then: ['Drain: raise the bed, stop the drip there.', 'Have the plant clinic name it.'],
    not: 'Do not let water run from that spot to the rest.',
  },
  'bacterial-canker': {
    name: 'Bacterial canker',
    is: 'Bacteria that come with seed or plants and live in the stem. Hands and snips carry them down the row.',
    first: 'Take sick plants out whole, in a bag, on a dry day.',
    then: [
      'Wipe tools and stakes with alcohol or bleach, by the label.',
      'Show one to the local plant clinic, and keep tomatoes off that ground for three years.',
    ],
    not: 'Do not prune the row with the same blade, nor save its seed.',
  },
  'spotted-wilt': {
    name: 'Spotted wilt virus',
    is: 'A virus that thrips bring from weeds and flowers. A plant that has it keeps it.',
    first: 'Take the sick plant out, and look at its neighbours.',
    then: ['Weed around the bed.', 'Next year a resistant cultivar.', 'The local plant clinic can be sure.'],
    not: 'Do not spray for the virus: nothing cures it.',
  },
  'curly-top': {
    name: 'Curly top virus',
    is: 'A virus that leafhoppers carry in from dry country in early summer.',
    first: 'Take the sick plant out.',
    then: [
      'Next year plant closer and net young plants for their first weeks.',
      'Keep the weeds down around.',
    ],
    not: 'Do not blame the feed: no feed helps it.',
  },
  'southern-blight': {
    name: 'Southern blight',
    is: 'A fungus of hot, wet soil that girdles the stem at the soil line.',
    first: 'Take the plant out with a spade of soil around it.',
    then: [
      'Keep mulch and leaves off the stems of the others.',
      'Grow corn or another grass there for two years.',
    ],
    not: 'Do not compost it: its grains live in soil for years.',
  },
  anthracnose: {
    name: 'Anthracnose',
    is: 'A fungus that enters green fruit unseen, and shows when they ripen.',
    first: 'Pick ripe fruit at once, take the spotted ones away.',
    then: [
      'Mulch, stake, keep water off the fruit.',
      'A spray allowed for it, by its label, while fruit are green.',
    ],
    not: 'Do not leave fruit on the ground.',
  },
} as const satisfies Record<string, CauseWords>
