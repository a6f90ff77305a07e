import type { Says } from '../cue'

export const SET_UP_SAYS: Readonly<Record<string, Says>> = {
  'set-up': {
    cue: /\b(?:skip|dumpster|site toilet|toilet cabin|site store|canteen|spoil heap|hoist|mixer|bulk bags?|barrow (?:run|route)) (?:is|stands|goes|sits|stays|lives|comes|in|on|behind|by)\b|\bthere is a (?:hoist|skip|dumpster|mixer|site toilet|spoil heap)\b/,
    not: /\b(?:booked|full|coming|comes|tomorrow|collected)\b/,
    means: {
      sort: [
        [/\btoilet\b/, 'toilet'],
        [/\bskip|dumpster\b/, 'skip'],
        [/\bspoil\b/, 'spoil heap'],
        [/\bcanteen\b/, 'canteen'],
        [/\bbulk bags?\b/, 'bulk bags'],
        [/\bbarrow\b/, 'barrow route'],
        [/\bhoist|mixer\b/, 'plant'],
        [/\bsite store\b/, 'store'],
      ],
    },
    tells: { where: /\b((?:in|on|behind|by|under|beside|at) (?:the |our |their )?[a-z ]+?)(?: ,|$)/ },
    instead: ['keep', 'found'],
  },
  hire: {
    cue: /\b(?:scaffold(?:ing)?|crane|hoist|fence|fencing|concrete pump|dehumidifiers?|dryers?|heaters?|digger|excavator|cherry picker|lift)\b.*\b(?:hired|on hire|(?:a|per) week|weekly|booked for)\b|\b(?:hire|rent|book) (?:the |a |an )?(?:scaffold|crane|hoist|fence|pump|dehumidifier|dryer|digger)\b|^(?:the |a )?(?:scaffold(?:ing)?|crane|hoist|fence|digger)\b.* for (?:about )?(?:a|\d+|one|two|three|four|five|six|eight|ten|twelve) (?:weeks?|days?|months?)\b|^(?:the )?(?:scaffold(?:ing)?|crane|hoist) (?:(?:all )?round|up|comes?|arrives?|goes up)\b.*\b(?:[a-z]+day|\d{1,2}(?:st|nd|rd|th)?(?: of)? [a-z]+|tomorrow)\b/,
    not: /\b(?:not|until|once|when|goes when|came|was)\b/,
    means: {
      sort: [
        [/\bscaffold/, 'scaffold'],
        [/\bfenc/, 'fence'],
        [/\bcrane|hoist\b/, 'crane or hoist'],
        [/\blift|picker\b/, 'lift'],
        [/\bpump\b/, 'pump'],
        [/\bdehumidifier|dryer|heater/, 'dryer or heater'],
        [/\bdigger|excavator\b/, 'other plant'],
      ],
      from: [
        [/\bscaffold/, 'Scaffold'],
        [/\bfor the (?:beam|steel|ridge|lift)/, 'Structure'],
        [/\bfor the (?:dig|trench|footings?)/, 'Dig'],
        [/\bfor the (?:pour|slab|pads)/, 'Concrete'],
        [/\bcrane|hoist\b/, 'Structure'],
        [/\bdigger|excavator\b/, 'Dig'],
        [/\bpump\b/, 'Concrete'],
      ],
      until: [
        [/\b(?:until|till|to|after) .*\bpaint/, 'Paint'],
        [/\b(?:until|till|to|after) .*\b(?:siding|cladding|gable|boards)\b/, 'Cladding'],
        [/\b(?:until|till|to|after) .*\b(?:roof|covering|tiles|slates)\b/, 'Roof'],
        [/\b(?:until|till|to|after) .*\b(?:render|stucco|plaster)/, 'Plaster'],
        [/\b(?:until|till|to|after) .*\b(?:joints|pointing|bricks?|brickwork|chimney)\b/, 'Masonry'],
        [/\b(?:until|till|to|after) .*\bwindows?\b/, 'Windows, doors'],
        [/\bcrane|hoist|for the (?:beam|steel|ridge|lift)/, 'Structure'],
        [/\bdigger|excavator\b/, 'Dig'],
        [/\bpump\b/, 'Concrete'],
      ],
    },
    near: { week: /(?:a|per) week|weekly/, notice: /notice|ahead/ },
    tells: {
      what: /\b(scaffold(?:ing)?|crane|hoist|fenc(?:e|ing)|concrete pump|dehumidifiers?|dryers?|heaters?|digger|excavator|cherry picker|lift)\b/,
      firm: /\bfrom ([a-z][a-z ]+? (?:hire|scaffolds?|scaffolding|plant|cranes))\b/,
    },
    day: 'comes',
    instead: ['expect', 'keep', 'work'],
  },
  'delivery-path': {
    cue: /\b(?:way in|way through|narrowest|tightest|comes? in (?:by|through) the)\b/,
    not: /\bbeam|steel\b/,
    near: {
      narrowest: /narrow(?:est)?|tight(?:est)?|wide/,
      lowest: /lowest|low|high/,
      straight: /straight/,
      piece: /piece|rigid/,
    },
    least: ['narrowest', 'lowest', 'straight', 'piece'],
  },
  protection: {
    cue: /\bprotect(?:ed|s)? .*\b(?:with|by|behind|under)\b/,
    means: {
      level: [
        [/\bzip\b/, 'zip door'],
        [/\bboards?\b/, 'floor boards'],
        [/\bplastic|sheeting|film\b/, 'plastic'],
        [/\bcloths?|blankets?|dust sheets?\b/, 'cloth'],
      ],
    },
    tells: { what: /\bprotect(?:ed|s)? (?:the )?(.+?) (?:with|by|behind|under)\b/ },
    day: 'until',
    least: ['level'],
    instead: ['work', 'keep'],
  },
}
