import type { Call } from '../../core/calls'
import type { GardenDay } from '../../core/garden-day'
import { allPlantings } from '../../core/season'
import { sayCautions } from '../../wording/cautions'
import {
  lookWords,
  sayBooking,
  sayCall,
  sayChange,
  sayDone,
  sayMinutes,
  sayTools,
  sayWeatherNeed,
  sayWhen,
  sayWindow,
} from '../../wording/calls'
import { sayReason, sayReasons } from '../../wording/say-reason'
import { actOf } from './act-of'
import { pictureOf } from './picture-of'
import type { Stop } from './types'

/** A call put into words, with its picture and what doing it enters. */
export function stopOf(call: Call, day: GardenDay): Stop {
  const { outlook, plants, manner } = day
  const planting = allPlantings(outlook).find((other) => other.planting.id === call.plantingId)!
  const inPlace = allPlantings(outlook).filter(({ place }) => place.id === call.placeId)
  const reasons = sayReasons(call.advice.reasons, manner)
  const { answer } = call.advice
  const { subject } = call
  const act = actOf(answer, planting, plants, manner)
  return {
    call: call.id,
    kind: call.kind,
    subject,
    entrySubject: answer.kind === 'read-soil' ? { type: 'place', id: call.placeId } : subject,
    place: subject.type === 'garden' ? 'The whole garden' : planting.place.name,
    cultivar:
      subject.type === 'planting' || subject.type === 'plant'
        ? planting.cultivar.name
        : subject.type === 'place'
          ? [...new Set(inPlace.map(({ cultivar }) => cultivar.name))].join(', ')
          : 'every place',
    title: sayCall(answer, manner),
    deciding: reasons.find(({ weight }) => weight === 'decides')?.text ?? reasons[0]?.text ?? '',
    when: sayWhen(call, outlook.today, manner),
    urgency: call.urgency,
    minutes: sayMinutes(call.minutes),
    usualMinutes: call.usualMinutes,
    window: sayWindow(call.window, outlook.today, manner),
    tools: sayTools(call.needs.tools),
    weather: call.needs.weather && {
      text: sayWeatherNeed(call.needs.weather, call.needs.suits),
      suits: call.needs.suits !== false,
    },
    reasons,
    ifItWaits: call.ifItWaits && sayReason(call.ifItWaits, manner),
    cautions: sayCautions(call.advice.cautions, manner),
    picture: pictureOf(answer, planting, day),
    doneLabel: sayDone(answer, manner),
    books:
      answer.kind === 'tend' && act.type === 'tend' && answer.plants > 1
        ? sayBooking(
            answer,
            act.plants.map(({ label }) => label),
          )
        : null,
    look: lookWords(answer),
    change: sayChange(answer),
    act,
  }
}
