import type { Says } from '../cue'

export const ACCESS_SAYS: Readonly<Record<string, Says>> = {
  access: {
    cue: /\b(?:keeps?|has|have|there is|there are|mind|shut|loose|penned|bites?|let) .*\b(?:hens?|chickens?|dogs?|cats?|horses?|goats?|rabbits?)\b|\b(?:hens?|chickens?|dogs?|cats?|horses?|goats?|rabbits?) (?:has|have|must|bites?|stays?|runs?|gets?|can|are|is) (?!called)|\b(?:keys?|gate code|lock ?box|alarm)(?: code)? (?:is|are|under|with|hangs?|has)\b|\bgate (?:has to|must|stays|to be)\b|\bpark(?:ing)? (?:only|on|in|behind|is|for)\b|\b(?:no (?:noise|work|hammering|drilling)|work(?:ing hours)?|quiet) (?:only )?(?:before|after|from|until|between)\b|\bleave to (?:pass|cross)\b/,
    not: /\b(?:dog ?leg|cat ?flap|gate valve|park(?:ed)? (?:car|van)s?)\b/,
    means: {
      sort: [
        [/\b(?:hens?|chickens?|dogs?|cats?|horses?|goats?|rabbits?)\b/, 'pets'],
        [/\b(?:keys?|gate|lock ?box|alarm)\b/, 'gate or key'],
        [/\bpark/, 'parking'],
        [/\bleave to\b/, 'leave to pass'],
        [/\bnoise|work|hammering|drilling|quiet\b/, 'working hours'],
      ],
    },
    tells: { who: /\b(?:ask|from|by) (?:the )?((?:neighbou?r|owner|caretaker|tenant|porter)s?)\b/ },
    day: 'until',
    instead: ['work', 'keep'],
  },
  cleanliness: {
    cue: /\b(?:broom ?clean|barefoot|swept|dust (?:stays?|kept|has to stay|must stay))\b/,
    means: {
      standard: [
        [/\bbarefoot\b/, 'safe to walk barefoot'],
        [/\bdust\b/, 'dust kept behind a sheet'],
        [/\bbroom|swept\b/, 'broom-clean every day'],
      ],
    },
    tells: { because: /\b(?:because|since) (.+?)(?: ,|$)/ },
    least: ['standard'],
    instead: ['keep', 'work'],
  },
  'close-up': {
    cue: /\b(?:clos(?:e|ed) (?:it |that |this )?(?:up|off)|board(?:ed)? (?:it )?(?:up|over)|fenc(?:e|ed) (?:it )?(?:off)?|cover(?:ed)? (?:it )?(?:up|over)?|sheet(?:ed)? (?:it )?(?:up|over))\b.*\b(?:tonight|every (?:night|evening)|before (?:we|you) (?:go|leave)|this evening|overnight)\b/,
    means: {
      how: [
        [/\bsheet/, 'sheet, fixed all round'],
        [/\bboard/, 'board, screwed'],
        [/\block/, 'lock'],
        [/\bfenc/, 'fence and light'],
        [/\bcover/, 'cover, fixed and marked'],
        [/\brail/, 'rail'],
      ],
    },
    day: 'until',
    instead: ['work', 'keep'],
  },
}
