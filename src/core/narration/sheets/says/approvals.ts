import { STAGES } from '../../../scope/vocabulary'
import { stagesNamed } from '../../mentions'
import { capital } from '../../../lists/capital'
import { leadIn } from '../../spokenGoods'
import type { Says } from '../cue'

export const APPROVALS_SAYS: Readonly<Record<string, Says>> = {
  permit: {
    cue: /\b(?:permits?|planning (?:permission|consent)|engineer(?:s|'s| is)? letter|letter (?:from|by) the engineer|association(?:s|'s| has| is)?|conservation (?:officer|consent)|street licen[cs]e|building notice)\b/,
    not: /\bbefore the permit\b|\b(?:your|my|his|her|their|our|the) other (?:house|site|job|place|project)\b/,
    means: {
      sort: [
        [/\bassociation\b/, 'association'],
        [/\bengineer\b/, 'engineer’s letter'],
        [/\bconservation\b/, 'conservation'],
        [/\blicen[cs]e\b/, 'licence'],
        [/\bnotice\b/, 'notice'],
        [/\b(?:permits?|planning)\b/, 'permit'],
      ],
      state: [
        [/\b(?:refused|turned down|rejected|said no)\b/, 'refused'],
        [
          /\b(?:granted|approved|said yes|has come|is (?:here|in hand|through)|came through|we have (?:it|the permit))\b/,
          'granted',
        ],
        [/\b(?:asked for|applied|waiting|pending|still out|sent in|went in|requested)\b/, 'asked for'],
        [
          /\b(?:not (?:yet )?asked|have to (?:ask|apply)|need to (?:ask|apply)|to be (?:asked|applied))\b/,
          'not asked for',
        ],
      ],
    },
    tells: { before: /\b(?:needed )?before (.+?)(?: ,|$)/ },
    day: 'expected',
    least: ['state', 'expected'],
    instead: ['progress', 'decide', 'found', 'keep'],
    then(typed, norm) {
      const about =
        /\b(?:permit|letter|permission|consent|notice|licen[cs]e) (?:for|about|on) (?:the )?(.+?)(?: (?:is|was|were|has|had|still|went|came)\b| ,|$)/.exec(
          norm,
        )?.[1]
      const sort = typed.sort === 'association' ? 'The association’s yes' : capital(typed.sort ?? 'permit')
      typed.what = about ? `${sort} for the ${about}` : sort
      // The day that is told is the one on which it was asked for, or on which it should come.
      if (/\b(?:asked for|applied|sent in|went in|requested)\b/.test(norm) && typed.expected) {
        typed.asked = typed.expected
        delete typed.expected
      }
      // Of 'three to fifteen days' the most counts.
      const lead = leadIn(norm)
      if (lead) typed.takes = String(lead[2])
      // What the engineer has to say of a wall holds what would hide it.
      if (typed.sort === 'engineer’s letter' && about && !typed.before) typed.before = 'insulation and board'
    },
    onlyTapped: { field: 'state', value: 'granted', until: 'asked for', words: 'It is granted' },
  },
  'licensed-task': {
    cue: /\b(?:only|has to be|have to be|must be|needs?|by) .*\b(?:licensed|registered|certified|certificated|ticketed)\b/,
    means: {
      sort: [
        [/\bgas\b/, 'gas'],
        [/\b(?:electric(?:al|ian)?|wir(?:e|ing))\b/, 'electrical'],
        [/\basbestos\b/, 'asbestos'],
        [/\blift\b/, 'lift'],
        [/\b(?:engineer|structur)/, 'structural sign-off'],
      ],
    },
    least: ['sort'],
  },
  escape: {
    cue: /\b(?:escape|egress)\b|\bwindow\b.*\bsash stop\b/,
    near: { sill: /sill/, wellDeep: /deep/, width: /wide|width/, height: /high|height|tall/ },
    sides: [{ near: /\bwell\b/, fields: ['wellWide', 'wellOut'] }, ['width', 'height']],
    least: ['width', 'height', 'sill'],
    instead: ['found'],
  },
  'fire-sound': {
    cue: /\b(?:is|are|as|be|needs?|counts? as) (?:a |the )?(?:fire|sound|party|acoustic)(?: and (?:fire|sound))? (?:walls?|separation|rated|rating)\b|\b(?:fire|sound) (?:rated|rating|separation)\b/,
    means: {
      against: [
        [/\bfire and sound|sound and fire\b/, 'both'],
        [/\bparty\b/, 'a party wall'],
        [/\bfire\b/, 'fire'],
        [/\bsound|acoustic\b/, 'sound'],
      ],
    },
    tells: {
      wall: /\b((?:the )?(?:wall|floor|ceiling) (?:between|to|towards|over|under) .+?)(?: is | needs | has |,|$)/,
    },
  },
  fireplace: {
    cue: /\b(?:fireplace|stove|chimney|flue|burner)\b.*\b(?:clearance|vented|vent free|burns|fuel)\b/,
    near: { clearance: /clearance|clear/ },
    means: {
      fuel: [
        [/\bvent free\b/, 'gas, vent-free'],
        [/\bgas\b/, 'gas, vented'],
        [/\bwood|logs?\b/, 'wood'],
        [/\belectric\b/, 'electric'],
      ],
    },
  },
  inspection: {
    cue: /\binspect(?:or|ion)\b.*\b(?:comes?|coming|booked|on|due)\b|\b(?:booked|book) (?:the |an )?(?:inspector|inspection)\b/,
    not: /\b(?:passed|failed|passes|wants?|until|before|moved|said|says)\b/,
    tells: {
      what: /\binspection (?:of|for) (.+?)(?: on | ,| is |$)|\binspector .*\b(?:for|to see) (.+?)(?: on | ,|$)/,
    },
    day: 'on',
    least: ['on'],
    then: (typed, norm) => {
      // What was said before is done, not what is looked at: 'sockets are boxed, wires pulled, inspector comes Thursday'.
      if (!typed.what || /^inspect|^the inspect/i.test(typed.what)) return
      const stages = stagesNamed(norm)
      if (!/\binspection (?:of|for)\b|\b(?:for|to see)\b/.test(norm))
        typed.what =
          stages.length > 0 ? stages.map((stage) => STAGES[stage].toLowerCase()).join(' and ') : 'what is done so far'
    },
  },
}
