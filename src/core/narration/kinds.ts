import { CONDITION_PATTERNS } from './lexicon'

const any =
  (...patterns: readonly RegExp[]) =>
  (norm: string): boolean =>
    patterns.some((pattern) => pattern.test(norm))

const PRIVATE =
  /\b(?:between (?:us|you and me|ourselves|you me)|off the record|tell (?:nobody|no one)|not a word (?:to|about)|do not show (?:the )?(?:client|owner|homeowner|them|her|him|customer)|do not tell(?: (?:the )?(?:client|owner|homeowner|customer|them|her|him|anybody|anyone)\b)?|do not put (?:this|that|it) in writing|keep (?:that|this|it) (?:out of|from) the (?:client|owner|customer|homeowner)|not for the client|keep (?:that|this|it) (?:between us|quiet|to yourself|private)|do not (?:write|let) (?:that|this|the client|the owner|them)|(?:client|owner) (?:does not|need not|should not|must not) (?:know(?! (?:yet )?(?:if|whether|what|which|how|where|when|who)\b)|see|hear)|confidential|strictly between)\b/
/** A clause without the words that say that it is private, so that the rest is read as what it is. */
export const withoutSaying = (norm: string): string =>
  norm
    .replace(PRIVATE, ' ')
    .replace(
      /^(?:private(?:ly)?|off the record|in confidence|confidentially|internal(?:ly)?)\b|\bprivate(?:ly)?$/g,
      ' ',
    )
    .replace(/\s+/g, ' ')
    .trim()

export const isHeld = any(
  /\b(?:no|nobody|no one|no body|(?:is|are) not going (?:up|in|on|down|over|anywhere)|nothing (?:starts|goes|happens|gets|moves|can|is to)|do not|does not|must not|can not|not to|never|is not to|are not to)\b.* (?:until|before)\b.*/,
  /\b(?:cut|touch|cover|close|board|pour|start|load|paint|do) nothing\b.*\b(?:until|before)\b/,
  /\b(?:stay|keep) off\b.*\b(?:until|before)\b/,
  /\b(?:pour|concrete|painting|plastering|tiling|skim|boarding|work|job|install|delivery|inspection) (?:is|are) off until\b/,
  /^keep (?:\w+ ){0,2}(?:boots|feet|people|everyone|everybody|weight|traffic|kids|lads|dogs?|water) off\b.* until\b/,
  /\btoo (?:wet|soft|green|fresh|cold|damp) to\b.* until\b/,
  /\bhold (?:off|the|that)\b.*\buntil\b/,
  /\b(?:is|are) (?:on hold|held(?! on))\b/,
  /\bnothing (?:\w+ ){0,3}(?:in|on|over|near) (?:here|there|it|them|that) (?:until|before)\b/,
  /\b(?:can not|will not) (?:come|get in|be here)\b.* until\b/,
  /\b(?:can not|could not) (?:start|begin|go (?:on|ahead|in)|close|cover|pour|board|proceed|carry on|get (?:in|going|started))\b/,
  /\b(?:waits?|waiting|wait) (?:for|on|until)\b.* before\b/,
)
export const isUnchanged = any(
  /\b(?:no change|unchanged|nothing (?:has |is )?(?:happened|changed|new|done (?:in|on|at|here|since)|moved|been done|doing|different)|same as (?:last (?:time|week|visit)|before|it was)|no (?:progress|movement)|as (?:it|we) (?:was|left it)|has not (?:moved|changed)|have not (?:moved|changed)|^nobody (?:is|has) been (?:in|near|up|here|back)\b|^(?:still )?nothing since\b|\bnot (?:been )?touched (?:this week|since)|\bno work (?:in |on |at )?(?:here|there|this week|today|done)\b|exactly as|just as (?:it was|we left))\b/,
)
const DECIDERS =
  '(?:client|owner|homeowner|designer|architect|engineer|inspector|supplier|mason|she|he|they|customer|guy|plumber|electrician|committee|city|council|association|board)'
export const isDecide = any(
  /\b(?:has|have|needs?|got|still has) to (?:pick|choose|decide|say|confirm|approve|okay|ok|sign off|sign|agree|tell|let us know|make up|price|quote|rule|give us|come back (?:to us|with|on)|specify|settle|select|make (?:a|the|her|his|their) (?:call|mind|choice))\b/,
  /\b(?:has|have) (?:still )?not (?:decided|chosen|picked|made up|said|confirmed|answered|come back|settled|signed off|approved|specified)\b/,
  /\b(?:can|will) not (?:make up|decide|choose|settle|say (?:which|what|if|whether)|tell us|commit)\b/,
  new RegExp(`\\b${DECIDERS} (?:does|do) not (?:yet )?know (?:yet )?(?:if|whether|what|which|how|where)\\b`),
  new RegExp(
    `\\bneed (?:the |an? )?${DECIDERS}(?: is)? (?:letter|drawing|ok|okay|answer|approval|word|report|detail|details|sketch|stamp|signature|sign off|calcs?|calculations|numbers)\\b`,
  ),
  new RegExp(`\\b${DECIDERS} (?:is|are) (?:still )?not (?:sure|certain) (?:about|on|of|if|whether|which|what)\\b`),
  /\bowes?\b/,
  /\b(?:is|are) (?:still )?owed\b/,
  /\b(?:is|are) (?:up to|for) the (?:client|owner|designer|engineer|architect|terrace|committee|city|council|homeowner|association|board|inspector)\b/,
  /\b(?:is|are) (?:still )?(?:with|before|in front of) the (?:client|owner|designer|engineer|architect|committee|city|council|homeowner|association|board)\b/,
  /\b(?:is|are|it is) (?:\w+ )?(?:call|decision|choice)\b/,
  /\bwaiting (?:on|for) (?!.*\b(?:deliver|parts|stock)).*\b(?:to (?:choose|pick|decide|say|confirm|approve|price|send|tell|sign|answer|come back|specify)|answer|decision|drawing|price|quote|approval|word|ok|yes|opinion|details?|spec|colour|color|sign off|go ahead|letter|permit|permission|consent|paperwork)\b/,
  /\bneed (?:the |an? |some )?(?:\w+ )?(?:client|owner|designer|engineer|architect|homeowner|inspector|supplier|city|council|her|him|them) to (?:say|decide|choose|pick|confirm|tell|approve|price|sign|look at|specify|answer)\b/,
  /\b(?:need|needs|want|wants) (?:a|an) (?:answer|decision|price|yes or no|yes|drawing|quote|opinion|ruling|sign off)\b/,
  /\b(?:is|are|will be) (?:telling us|letting us know|coming back to us|getting back to us)\b/,
  /\bhave (?:the |our )?(?:\w+ ){1,3}(?:quote|price)\b/,
  /\b(?:colou?r|choice|finish|shade|style|question|design)\b.* (?:is|are) still open\b|^let us know\b/,
  /\bget (?:us |me )?(?:an?|the) (?:number|price|quote|figure)\b/,
  /\b(?:undecided|to be decided|still (?:deciding|choosing|thinking)|(?:still )?up in the air|(?:is|are) (?:stuck|torn|dithering|hesitating|choosing|deciding) between|not (?:been )?(?:chosen|decided|picked|settled|confirmed|agreed|approved)(?: yet)?|no decision|yet to (?:choose|decide|pick|confirm|approve|say))\b/,
  new RegExp(
    `\\b${DECIDERS} (?:(?:is|are|still) )?to (?:send|give|tell|say|decide|choose|pick|confirm|price|draw|answer|come back|specify|approve)\\b`,
  ),
  /\b(?:engineer|designer|architect) (?:is|are) (?:still )?(?:sizing|resizing|checking|(?:re)?drawing(?= (?:it|that|them|this|up|the|a)\b)|designing|specifying|calculating|working out)\b/,
  /\b(?:is|are) (?:still )?(?:pricing|quoting|pricing up|working out a price for) (?:it|that|them|this|the)\b/,
  /\b(?:is|are) (?:still )?(?:pricing|quoting)$/,
  /\b(?:wants?|needs?) to (?:think|sleep on|ask (?:his|her|their))\b/,
  /\b(?:client|owner|homeowner|she|he|they) (?:is|are) (?:still )?stuck (?:on|for|between)\b/,
  /(?<!\b(?:lads|guys|crew|kids?|boys|somebody) )\b(?:wants?|needs?) to know(?! about)\b/,
  new RegExp(`\\bneeds? (?:the|an?|his|her|their) (?:\\w+ ){1,3}from (?:the )?${DECIDERS}`),
  /\bno (?:price|quote|answer|decision|drawings?|approval|word|details?)(?: \w+){0,3} yet\b/,
  /\b(?:engineer|designer|architect) (?:still )?(?:has|needs) to (?:size|resize|calculate|design|draw|redraw|specify|detail)\b/,
  /\b(?:price|quote|drawing|answer|letter|decision) (?:is )?(?:due |owed )?(?:by|before) /,
  new RegExp(`^ask (?:the )?${DECIDERS}$`),
  /^(?:the )?(?:client|owner|homeowner|designer|architect|engineer) by (?:the )?\w/,
  /^(?:so |and |but )?who (?:is|will be) (?:eating|covering|picking up|choosing|picking|deciding|buying|paying|supplying|specifying)\b/,
  new RegExp(`\\bask(?:ing)? (?:the )?${DECIDERS} (?:to|if|whether|about|for|which|what)\\b`),
  new RegExp(
    `\\b${DECIDERS} (?:will|should|must|is going to|is to|can) (?:decide|choose|pick|confirm|let us know|tell us|say|price|approve|come back)\\b`,
  ),
)
export const isExclude = any(
  /\bnot (?:be )?(?:touching|painting|doing|replacing|pricing|supplying|fitting|moving|tiling|(?:(?<=\b(?:we|they|i|he|she) (?:are|am|is) not )\w+ing|(?!running|working|draining|closing|latching|holding|drying|getting|firing|flushing|coming|heating|showing|leaking|going|opening|turning|happening|looking)\w+ing\b)|in (?:the |our )?(?:contract|price|scope|job|quote|budget|list)|ours\b|our (?!cost|fault|problem|mistake|doing)(?:\w+)|part of|included|within|down to us|for us|to be touched)(?! (?:yet|started|until|before))/,
  /\b(?:out of|outside|not in) (?:the |our )?(?:scope|contract|price|quote)\b/,
  /\bby others\b|\b(?:is|are) by (?:the )?(?:client|owner|homeowner|tenant|landlord|neighbour)\b|\b(?:is|are) (?:all )?the (?:client|owner|homeowner|customer|tenant|landlord|neighbour) is$/,
  /^(?:and )?not us$/,
  /(?<!^(?:please |just |and |but |so |then )*)\b(?:do|does|did|will) not touch\b/,
  /\bwe (?:are leaving|leave|left) (?:that|it|those|them|the \w+) out\b/,
  /\bexcluded\b/,
  /\b(?:is|are|been|was|were) (?:now )?(?:cancelled|canceled|scrapped|dropped from the (?:job|scope|list))\b/,
  /\b(?:owner|client|homeowner|they|he|she|brother|sister|husband|wife|son|landlord|neighbour|someone else|somebody else|another firm|own (?:contractor|man|guy))\b.* (?:is|are|am|will be) (?:doing|fitting|supplying|painting|handling|taking care of|laying|hanging|sorting|putting|building|tiling|installing|ordering|buying|bringing|providing) (?:that|it|those|this|them|the|his|her|their)\b/,
  /\b(?:is|are) (?:somebody|someone) else/,
  /\bno part of (?:this|our|the)\b/,
  /\bnothing to do with us\b/,
  /\b(?:she|he|they|client|owner|homeowner|tenant) (?:is|are|will be) [a-z]+ing (?:that|it|those|this|them|the \w+) (?:herself|himself|themselves)\b/,
  /^no (?:painting|tiling|plastering|papering|boarding|work(?!.*\b(?:yet|today|here|there|week|since|done)\b)) (?:in|on|over|here|to)\b/,
  /\bwe do not do (?:the|that|those|these|any)\b/,
  /\bis the (?:client|owner|homeowner|customer|tenant|neighbour)(?: is)? own\b/,
)
export const isKeep = any(
  /^(?:please |just |and |but |so |then )*do not (?:touch|move|disturb|cut|take (?:out|down|off)) (?!it\b|until\b|before\b)|\b(?:stays?|staying|to stay|stayed|remains?|remaining|put by|set aside|put aside|put to one side|kept back|keep|keeps|keeping|kept|reuse|reuses|reusing|reused|re using|re use|re used|salvage(?! yard)|salvaging|protect|protecting|hang on to|hold on to|gets? saved|to be saved|use (?:it|them|that|those) again|save (?:the|that|those|it|them|this)|leave|leaving|being saved|live with|do not (?:lose|bin|chuck|throw))\b(?! (?:it |that |this )?(?:out of the|from the) (?:client|owner))/,
)
/** 'If it stays dry' keeps nothing. */
export const withoutCondition = (norm: string): string =>
  norm.replace(/ (?:if|provided|providing|assuming|as long as) .*$/, '')

const HEDGE =
  /\b(?:could be|might be|may be|maybe|might|may|probably|perhaps|i would guess|i guess|i would say|i suspect|suspect|reckons?|looks like|seems|possibly|i think|thinks|if you ask me|i bet|i would bet|likely|could have|might have|could well|not sure|by the look|wonder if|smells like|sounds like)\b/
export const isHedged = (norm: string): boolean => HEDGE.test(norm)

const FINE =
  /\b(?:fine|good|sound|solid|ok|okay|all right|alright|dry|perfect|in good nick|in good shape|straight|clean|clear|decent|plumb|intact|no problem|no problems|no issues|no sign)\b/
export const isFine = (norm: string): boolean => FINE.test(norm)

/** The condition that a clause tells, or null where it tells none or denies it. */
export function conditionIn(norm: string): string | null {
  for (const [condition, pattern] of CONDITION_PATTERNS) {
    const match = pattern.exec(norm)
    if (!match) continue
    const before = norm.slice(0, match.index)
    if (
      /\b(?:no|not|no sign of|without|never|nor|free of|is not|are not|no more|nothing)(?: (?:any|a|much|more|been|really|visible|obvious|even|sign of|signs of|that))*\s$/.test(
        before,
      )
    )
      continue
    if (
      /^(?: \w+){0,5} (?:is|has|have|are|was|were|been) (?:all |been )?(?:gone|dried|cleared|stopped|disappeared|abated|removed|taken out)\b/.test(
        norm.slice(match.index + match[0].length),
      )
    )
      continue
    if (/\b(?:nothing|none|neither) (?:is|are|was|looks?|seems?)(?: \w+)? $/.test(before)) continue
    // 'Find the leak' asks for it to be found.
    if (/\b(?:find|trace|locate|look for) (?:the|that|where the) $/.test(before)) continue
    if (/\b(?:will|going to|would)(?: (?:just|only|soon|all|never))? $/.test(before)) continue
    if (condition === 'live' && /\b(?:they|we|people|who|family|client|owners?|to|i|you)\s$/.test(before)) continue
    if (condition === 'wrong' && /\b(?:went|nothing)\s$/.test(before)) continue
    return condition
  }
  return null
}

export const denies = (norm: string): boolean =>
  CONDITION_PATTERNS.some(([, pattern]) => pattern.test(norm)) && conditionIn(norm) === null

export const isMissing = (norm: string): boolean =>
  /^no (?!(?:problems?|issues?|changes?|news|rush|hurry|need|signs?|trace|damage|worries|idea|answer|price|access|parking|power|water|charge|cost|extras?|luck|one|more|way|show|work|progress|movement|boots|shoes|dogs|radio|leaks?|cracks?|rot|damp|mou?ld|entry|body|chance|room|space|[a-z]+ing|[a-z]+ (?:yet|here|today|either|though))\b)[a-z]+ [a-z]+$|\bthere (?:is|are) (?:no|not any|not a|no sign of any)\b|^no (?:\w+ ){1,3}?(?:in here|in there|at all|anywhere|whatsoever|fitted|to speak of)\b|\b(?:has|have|got) no\b|\bnever (?:had|got) (?:a|any)\b|^(?:still )?no (?!(?:sign|trace|need|room|space|chance|problems?|issues?|damage|rush|hurry|access|\w+ing)\b)(?:\w+ ){1,3}?(?:in|on|at|over|under|behind|around|round|above|below|beneath|between|inside) (?:the|that|this|those|these|it)\b|\b(?:has|have|they|he|she|lads|\w+er|\w+ian) (?:missed|forgot|forgotten|left out|skipped) (?:an?|the|one|two|three|some|his|her|to)\b/.test(
    norm,
  )

/** A test or an inspection: passed, failed, not done yet, or coming. */
export function testIn(
  norm: string,
): { result: 'passed' | 'failed' | 'open' | null; action: 'test' | 'inspect' } | null {
  // 'She signed off on it': agreed, not inspected.
  if (
    /\b(?:client|owner|homeowner|customer|designer|architect|she|they) (?:has |have |just |already )*signed off on\b/.test(
      norm,
    )
  )
    return null
  const inspects =
    /\b(?:inspection|inspected|inspect|inspector|inspections|signed (?:it |them |that |this )?off|building control)\b/.test(
      norm,
    )
  const tests = /\b(?:blower door|test|tested|tests|testing|pressure test|flood test|air test|drain test|bar)\b/.test(
    norm,
  )
  const failed =
    /\b(?:(?:did|does|do) not hold(?! (?:up|water|still))|failed(?! to (?:show|turn|come|arrive))|fails(?! to)|did not pass|has not passed|flunked|knocked back|turned down|rejected|not pass)\b/.test(
      norm,
    )
  const passed =
    !failed &&
    /\b(?:passed|passes|held(?! (?:up|until|by))|signed (?:it |them |that |this )?off|got a pass|approved|got the ok|(?:is|are|was|been) (?:all |now )?(?:pressure |flood |smoke )?tested|through inspection|cleared(?= (?:by|inspection)|$))\b/.test(
      norm,
    )
  const open =
    /\b(?:has|have|was|is|are) not (?:yet )?been (?:tested|inspected|signed off|checked)|\bnot (?:yet )?(?:tested|inspected|signed off)\b|\buntested\b|\bnobody (?:is|has) (?:yet )?(?:\w+ )?(?:tested|inspected|checked)\b|\binspector (?:has|is|have) not (?:yet )?(?:seen|been|looked|come|passed)\b|\b(?:still )?to be (?:tested|inspected)\b|\bno (?:test|inspection) yet\b/.test(
      norm,
    )
  if (open) return { result: 'open', action: /inspect|signed/.test(norm) && !/test/.test(norm) ? 'inspect' : 'test' }
  const byInspector = inspects && !/\binspect(?:ion|ed|ions)?\b|\bsigned\b/.test(norm)
  if (failed) return { result: 'failed', action: tests && (!inspects || byInspector) ? 'test' : 'inspect' }
  if (passed) return { result: 'passed', action: tests || /\bheld\b/.test(norm) ? 'test' : 'inspect' }
  if (/\b(?:flood|pressure|air|drain|smoke|water|load) test\b/.test(norm)) return { result: null, action: 'test' }
  return inspects && /\b(?:inspection|(?:gets?|getting|be|being) inspected)\b/.test(norm)
    ? { result: null, action: 'inspect' }
    : null
}

export const isExtra = (norm: string): boolean =>
  /(?<!\b(?:not|no|is not|never) (?:as |an |a |any )?)\b(?:an? extra|extra|extras|change order|variation|add on|additional cost|(?:\d+|hundred|fifty|thousand) on top$|on top of the (?:price|contract))\b/.test(
    norm,
  )
/** Work just told that the contract does not hold. */
export const BESIDE = /^(?:and |but )?(?:that|it|which|this) is not in the (?:price|contract|quote|budget)\b/

export const NEED =
  /\b(?:needs?|has|have|got|wants?|want|is going|are going|is|are)(?: still| yet)? to (?!(?:come back|ask|tell|let|watch|remember|talk|speak|call|ring|phone|email|text|think|wait|know|hope)\b|be\b(?! (?:\w+ed|moved|cut|hung|put|taken|done|built|dug|fixed)\b)|stay|the|go on|us|a\b)[a-z]+/
export const onReturnList = (norm: string): boolean => /\breturn list\b/.test(norm)
