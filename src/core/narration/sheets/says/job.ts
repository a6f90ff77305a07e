import { STAGES } from '../../../scope/vocabulary'
import { readLead } from '../../dates'
import type { Says } from '../cue'

const KITCHEN = /\bwithout .*\bkitchen\b/
const BATH = /\bwithout .*\b(?:bath(?:room)?|shower|toilet|wc|loo)\b/

export const JOB_SAYS: Readonly<Record<string, Says>> = {
  goal: {
    cue: /\b(?:wants?|need) .*\b(?:above all|most of all|more than anything|before anything else)\b|\bthe (?:main )?goal (?:is|of)\b|\bwhat (?:they|she|he) really wants?\b/,
    means: { weight: [[/\bmust|above all|most of all|more than anything\b/, 'a must']] },
    instead: ['selection', 'work', 'decide'],
  },
  occupancy: {
    cue: /\b(?:they|family|tenants?|clients?|owners?|kids|children|parents|lodger|grandmother|grandfather) (?:still |will |keep |all )*(?:lives?|sleeps?|cooks?|eats?|works?|stay(?:s|ing)?) (?:in )?(?:here|this room|there|upstairs|downstairs)\b/,
    then(typed) {
      // Who 'they' are that live in a house, everybody knows there.
      if (typed.who && /^they$/i.test(typed.who)) typed.who = 'The owners'
    },
    tells: { who: /\b(they|family|tenants?|clients?|owners?|kids|children|parents|lodger|grandmother|grandfather)\b/ },
    means: {
      use: [
        [/\bshared? (?:it )?with us|share\b/, 'shared with us'],
        [/\bwe (?:stay|keep) out\b/, 'theirs alone, we stay out'],
        [/\bpass(?:es)? through|walk through\b/, 'they pass through'],
      ],
    },
  },
  without: {
    cue: /\b(?:(?:no|not) (?:more|longer) than|at (?:the )?most|at a time|max(?:imum)?|up to|(?:more|longer) than)\b.*\bwithout\b|\bwithout\b.*\b(?:(?:more|longer) than|at (?:the )?most|at a time|max(?:imum)?|up to)\b/,
    ofRoom: 'what',
    near: { most: /days?|weeks?/ },
    means: {
      what: [
        [KITCHEN, 'Kitchen'],
        [BATH, 'Bathroom'],
        [/\bwithout .*\bwater\b/, 'Water'],
        [/\bwithout .*\bheat(?:ing)?\b/, 'Heating'],
        [/\bwithout .*\b(?:power|electric\w*)\b/, 'Power'],
      ],
      takes: [
        [KITCHEN, STAGES['strip-out']],
        [BATH, STAGES['strip-out']],
        [/\bwithout .*\b(?:water|heat(?:ing)?)\b/, STAGES.pipes],
        [/\bwithout .*\b(?:power|electric\w*)\b/, STAGES.wires],
      ],
      brings: [
        [KITCHEN, STAGES.fixtures],
        [BATH, STAGES.fixtures],
        [/\bwithout .*\bwater\b/, STAGES.pipes],
        [/\bwithout .*\bheat(?:ing)?\b/, STAGES.fixtures],
        [/\bwithout .*\b(?:power|electric\w*)\b/, STAGES.wires],
      ],
    },
    then(typed, norm) {
      // 'For more than two weeks', 'than a day': so many days.
      const days = readLead(norm)
      if (days) typed.most = String(days)
    },
    least: ['most', 'takes'],
    instead: ['work', 'exclude', 'decide'],
  },
  phase: {
    cue: /\bphase (?:one|two|three|four|\d)\b.*\b(?:covers|is (?:the )?|takes in|has to|promised|starts|done by|finished by|closes)\b/,
    tells: {
      number: /\bphase (one|two|three|four|\d)\b/,
      scope: /\b(?:covers|takes in) (.+?)(?: ,| by | on |$)/,
      closeOut: /\bcloses (?:with|when) (.+?)(?: ,|$)/,
    },
    day: 'promised',
  },
}
