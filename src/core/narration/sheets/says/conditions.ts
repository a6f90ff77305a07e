import type { Says } from '../cue'

export const CONDITIONS_SAYS: Readonly<Record<string, Says>> = {
  'cause-advice': {
    cue: /\b(?:sister|twin|other|next) (?:house|unit|flat|balcony|side|one)s? (?:has|have|will have|must have) the same\b|\b(?:mend|fix|cure|stop|deal with) the cause\b|\bsame (?:fault|defect|problem|mistake) (?:in|at|on)\b/,
    tells: {
      sister: /\b((?:the )?(?:sister|twin|other|next) (?:house|unit|flat|balcony|side|one)s?)\b/,
      cause: /\bbecause (.+?)(?: ,|$)/,
    },
  },
  'sleeping-risk': {
    cue: /\b(?:can not|nobody can|no way to) (?:be )?(?:known?|tell|told|say|said|see|seen)\b.*\b(?:until|before|without)\b|\b(?:if|should) .*\b(?:is|are|turns? out|proves?) (?:bad|rotten|worse|gone|soft|wet|cracked)\b.*\b(?:talk|price|priced|again|extra|ring|call)\b/,
    tells: {
      assumed: /\b(?:assume|assuming|reckon|take it|count on|take) (?:that |it (?:is|to be) )?(.+?)(?: ,|$)/,
      what: /^(.+?) (?:can not|nobody can|no way to) (?:be )?(?:known?|tell|told|say|said|see|seen)\b/,
      test: /\b(?:until|before) (.+?)(?: ,|$)/,
      fallback: /\b((?:we )?(?:talk|ring|call|price) .+?)(?: ,|$)/,
    },
    means: {
      decides: [
        [/\bengineer\b/, 'the engineer'],
        [/\b(?:authority|inspector)\b/, 'the authority'],
        [/\bdesigner|architect\b/, 'the designer'],
        [/\btalk|clients?|owners?\b/, 'the client'],
      ],
      chance: [
        [/\bunlikely|hardly\b/, 'unlikely'],
        [/\bfifty fifty|as likely\b/, 'as likely as not'],
        [/\b(?:likely|probably)\b/, 'likely'],
      ],
    },
    instead: ['found', 'decide', 'work', 'progress'],
  },
  'hidden-damage': {
    cue: /\b(?:allowed|allowance|in the price|priced (?:for|in|at))\b|\b(?:seen|found) and priced\b|\b(?:rotten|rot|bad|gone|soft)\b.*\b(?:a (?:foot|metre|meter)|over (?:\d|one|two|three|four|five|six|seven|eight|nine|ten))/,
    near: {
      allowance: /allowed|allowance|in the price|priced|seen/,
      found: /found|bad|rotten|rotten (?:over|for)|rot|really|gone|over/,
      unitPrice: /a foot|a metre|a meter|each|a piece/,
    },
    means: { structural: [[/\b(?:structural|carr(?:ies|y)|bearing|beams?|joists?|plates?|posts?|rafters?)\b/, 'yes']] },
    tells: { judges: /\b(engineer|carpenter|mason|inspector)\b (?:has to|must|should|may|will) / },
    least: ['allowance', 'found'],
    instead: ['found'],
  },
  'open-up': {
    cue: /\b(?:open|cut) (?:it |this |that |the \w+ |a strip )?(?:up |open )?(?:and|to) (?:have a look|look|see|find out)\b|\bcut a strip\b/,
    near: { wall: /wall|long|along/, strip: /strip|high/, doors: /doors?/ },
    tells: { look: /\b(?:look|see|find out) (.+?)(?: ,|$)/ },
    instead: ['work'],
  },
  'bearing-clue': {
    cue: /\b(?:may|might|could|looks? like|seems? to|probably|whether|if) (?:it |that |this |the \w+ )?(?:wall )?(?:be |is |it |to )*(?:carr(?:y|ies)|bearing|load ?bearing|structural)\b/,
    not: /\bbeam\b/,
    tells: {
      for: /\b(?:because|since|as) (.+?)(?: ,| but |$)/,
      against: /\bbut (.+?)(?: ,|$)/,
    },
    instead: ['found', 'work'],
  },
  count: {
    tells: {
      what: /\b([a-z]{4,}s) (?:were |are |have been )?(?:ordered|listed|counted|delivered)\b|\bout of ([a-z][a-z ]+?)(?: ,|$)/,
    },
    cue: /\b(?:ordered|delivered|saved|listed|counted|stacked|on the (?:plan|drawing|list)|in the (?:pile|yard|drawing|plan)|are missing|short|more (?:are |is )?needed)\b|^(?:[a-z]+|\d+) [a-z ]+ (?:are|is) being [a-z]+ed ,? (?:and )?(?:[a-z]+|\d+) (?:are|is) done\b/,
    not: /\b(?:delivered|came) but\b|\bnever needed\b|\bdid not need\b|\ba (?:foot|metre|meter)\b|\b(?:weeks?|days?|each)\b/,
    near: {
      said: /said|counted|being/,
      listed: /listed|list/,
      drawn: /plan|drawing|drawn|fronts/,
      ordered: /ordered/,
      delivered: /delivered|arrived|came|in the pile|in the yard|here/,
      done: /done|are on|are in|fitted|hung/,
      needed: /needed|needs?/,
      used: /used/,
      saved: /saved|reused|stacked|kept/,
    },
    shares: true,
    single: true,
    least: ['said', 'listed', 'drawn', 'ordered', 'delivered', 'needed', 'used', 'saved'],
    instead: ['keep', 'found', 'work', 'selection'],
    // 'Seven more are needed' beside what is there.
    then(typed, norm) {
      if (!/\bmore (?:are |is |to be )?(?:needed|need|wanted)|\bneeds? \w+ more\b/.test(norm) || !typed.needed) return
      const there = Math.max(...['ordered', 'delivered', 'used', 'drawn'].map((key) => Number(typed[key] ?? 0)))
      typed.needed = String(Number(typed.needed) + there)
    },
  },
}
