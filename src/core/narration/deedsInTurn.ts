/** What is done in turn to one thing, by two trades: 'the trim is replaced and painted' is replaced, then painted. */
export function deedsInTurn(words: string): readonly string[] {
  const [, gone, way, comes] = GOES_AND_COMES.exec(words.trim()) ?? []
  if (gone && way && comes) return [`${gone} ${way}`, comes]
  const goneAndNew = goesAndIsNew(words)
  if (goneAndNew) return goneAndNew
  const [, one, other] = TWO_DEEDS.exec(words.trim()) ?? []
  if (one && other) return [one, other]
  const [, said = '', is, first, last] = IN_TURN.exec(words.trim()) ?? []
  // 'The ceiling is six by fourteen, gets reconditioned and painted': the thing, without its size.
  const thing = said.split(/,| (?:is|are|measures) /)[0]
  return thing ? [`${thing} ${is} ${first}`, `${thing} ${is} ${last}`] : [words]
}
/** 'The back roof is stripped and slated again, 48 square metres', 'the kitchen comes out and a new one goes in': what is taken
 * away, and what is made instead; how much it is counts for both. */
function goesAndIsNew(words: string): readonly string[] | null {
  const [, thing, gone, rest] = GONE_AND.exec(words.trim()) ?? []
  if (!thing || !gone || !rest || /^(?:back|again|put back|comes? back|goes? back)\b/i.test(rest)) return null
  const is = /[^s]s$/.test(thing) ? 'are' : 'is'
  const next = /^(?:an? )?new ones?\b/i.test(rest)
    ? rest.replace(
        /^(?:an? )?new ones?/i,
        `new ${thing.replace(/^(?:the|our|all|old) /gi, '').replace(/ in (?:the|here|this).*$/i, '')}`,
      )
    : /^(?:gets?|takes?|is|are|has|have)\b/i.test(rest)
      ? `${thing} ${rest}`
      : /^(?:(?:re-?)?[a-z]+ed|rebuilt|relaid|rehung|put in)\b/i.test(rest)
        ? `${thing} ${is} ${rest}`
        : /^(?:an?|the|new|two|three|four|five|six) /i.test(rest)
          ? rest
          : null
  if (!next) return null
  const area = AREA.exec(rest)?.[0]
  const away = /^(?:comes?|goes?)\b/i.test(gone) ? gone : `${is} ${gone}`
  return [`${thing} ${away}${area ? `, ${area}` : ''}`, next]
}
const GONE_AND =
  /^((?:the |our |all (?:the )?)?[^,]{2,50}?) (?:(?:is|are|gets?|has to be|have to be|will be|must be) )?(?:all |completely |first )*((?:stripped|gutted|torn|ripped|taken|removed|demolished|knocked|dug|cleared|comes?|goes?)(?: (?:off|out|down|up|bare|back to \w+))?(?: completely)?),? and (?:then )?(.+)$/i
const AREA = /\b\d[\d.,]* (?:square (?:met(?:re|er)s?|f(?:ee|oo)t)|m2|m²|ft2|sq(?:uare)? ?ft)\b/i

/** 'The tub goes and a shower comes in'. */
const GOES_AND_COMES =
  /^(.{3,40}?) (goes|go|comes? out|come out)(?: out)? and (?:then )?((?:an?|the|new|two|three|four) .+? (?:comes? in|goes? in|come|comes|is put in)\b.*)$/i
/** 'Carpet is ripped out, boards underneath get sanded and oiled': two things, each with its deed. */
const TWO_DEEDS =
  /^((?:the |all |old )?[\w' -]{3,40}? (?:is|are|gets?|comes?|goes) (?:ripped|torn|stripped|taken|pulled|out|off|up|down|removed|replaced|filled|repaired|patched)[^,]{0,30}), (?:and |then )*((?!(?:it|they|that|which|then)\b)(?:the |all )?[a-z][\w' -]{3,40}? (?:is|are|gets?|get) [a-z]+ed\b.*)$/i
const IN_TURN =
  /^(.+?) (is|are|gets?) (?:both )?(replaced|renewed|rebuilt|repaired|reconditioned|mended|boarded|plastered) (?:and|then|and then) ((?:re-?)?(?:painted|stained|varnished|tiled).*)$/i
