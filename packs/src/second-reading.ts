import { takeApart } from '@dagboek/core/carve';
import { FINDINGS } from '@dagboek/core/cut';
import {
  cureTroubles,
  DONE,
  FROZEN_IN_OIL,
  MARINADES,
  mayEatRaw,
  METHODS,
  type RawPack,
  saltCure,
  sayRawVerdict,
  STAGES,
  whyOnlyTheLine,
} from '@dagboek/core/cook';
import {
  AGEING_AUTHORITY,
  AGEING_SIGNS,
  FREEZING_LINES,
  RAW_CLOCK_NOTE,
  RAW_CLOCK_WHY,
  REFREEZE,
  REFROZEN,
  sayWithoutCurrent,
  STORE_ABOUT,
  sayIfCurrentWent,
  type CurrentGone,
  thawedByItself,
  warmthWords,
  type WithoutCurrent,
} from '@dagboek/core/larder';
import { RECIPES } from '@dagboek/core/recipes';
import { GUT_PIERCED, KILL_SIGNS } from '@dagboek/core/handling';
import { HISTAMINE_LIMITS, warmSide } from '@dagboek/core/fresh';
import {
  AID_CARDS,
  AT_RISK,
  BEFORE_YOU_GO,
  byproductCaution,
  byproductPoison,
  EMERGENCY_LINES,
  FOR_ANIMALS,
  LABEL_DOES,
  LABEL_MINDS,
  MAYDAY,
  sayCore,
  WATCH_S,
  CORE_LINES,
  CALL_SIGNS,
  SPEAR_RULES,
  FREEZING_FOR_RAW,
  packCautions,
  deepSentences,
  RELEASE_ALWAYS,
  releaseSentences,
  tableCautions,
  type Eaten,
  sayReturn,
  saySoak,
  SOAK_TEST,
  soakState,
  severityOf,
} from '@dagboek/core/harm';
import type { Hazard, RawRule } from '@dagboek/core/species';
import type { Species } from './load.ts';

/** Who should read a sentence with the documents open. */
const CLINICIAN = 'C';
const FOOD = 'F';
const HANDLER = 'H';
const FISHERIES = 'A';
const READERS =
  '**C** a clinician (emergency medicine or toxicology) · **F** a food authority · **H** someone who handles this fish for a living · **A** a fisheries or conservation authority';

const cell = (s: string): string => s.replace(/\|/g, '\\|').replace(/\s+/g, ' ').trim();
const row = (cells: readonly string[]): string => `| ${cells.map(cell).join(' | ')} |`;

/** Words by which a sentence of a recipe speaks of harm. */
const HARM =
  /poison|worm|raw|fridge|3°|15°|63°|pregnant|weak|bones?\b|smok|hot oil|spits|outdoors|fire|embers|water at hand|bucket|scald|knife|kidney|leaf|cold/i;
export const tellsHarm = (s: string): boolean => HARM.test(s);

/** Every reason that the verdict on raw fish can give, each once. */
function rawReasons(): { say: string; source: string }[] {
  const lines = (met: readonly string[], hours = 0) =>
    FREEZING_LINES.map((line) => ({ line, hours, met: met.includes(line.by), readyMs: null }));
  const usual: RawPack = {
    of: 'A pack',
    kinds: [],
    unknownKind: false,
    water: 'sea',
    origin: null,
    lines: lines(['US', 'EU']),
    thawed: false,
    found: [],
    gutPierced: false,
    histamine: null,
    daysPast: 0,
    warmH: 1,
  };
  const some: readonly Partial<RawPack>[] = [
    {},
    { lines: lines(['EU']) },
    { lines: lines(['EU']), water: 'fresh' },
    { lines: lines(['EU']), water: 'not known' },
    { lines: lines([]) },
    { lines: lines([], 30) },
    { lines: null },
    { thawed: true },
    { origin: 'farmed' },
    { unknownKind: true },
    { gutPierced: true },
    { histamine: 2 },
    { daysPast: 1 },
    { warmH: 6 },
    { warmH: null },
  ];
  const all = [
    ...some.flatMap((x) => mayEatRaw([{ ...usual, ...x }], []).reasons),
    ...mayEatRaw([{ ...usual, lines: lines(['EU']) }], [], 0, 'EU').reasons,
    ...mayEatRaw([usual], ['Somebody'], 1).reasons,
    ...mayEatRaw([], []).reasons,
  ];
  return [...new Map(all.map((r) => [r.say, r])).values()];
}

/** What is said of a store without current: a fridge, a freezer that still holds, one that thaws. */
const withoutCurrent = (): string[] => [
  ...new Set(
    [
      { place: 'fridge', thawsMs: null },
      { place: 'freezer', thawsMs: 5 },
      { place: 'freezer', thawsMs: 1 },
    ].flatMap((x) => sayWithoutCurrent({ packs: 1, nowMs: 2, ...x } as WithoutCurrent, () => 'then')),
  ),
];

/** What is said while a limb soaks, at its beginning, its end, and by how warm the water is. */
const soaks = (): string[] => {
  const MIN = 60_000;
  const states = [
    soakState(0, 0, 1 * MIN, null),
    soakState(0, 0, 11 * MIN, null),
    soakState(0, 0, 1 * MIN, 47),
    soakState(0, 0, 1 * MIN, 43),
    soakState(0, 0, 1 * MIN, 39),
    soakState(0, 0, 95 * MIN, null),
  ];
  return [...new Set(states.flatMap((s) => [saySoak(s).line, saySoak(s).key]))];
};

const WARMTH_SOURCES = warmthWords('fridge').source + '; ' + warmthWords('freezer').source;
/** What is told of stores by how warm they are, and of a drill of the current. */
const warmth = (): string[] => {
  const says = (['fridge', 'freezer'] as const).flatMap((place) => [...warmthWords(place).says]);
  const drill = [
    { packs: 0, nowC: -18, thenC: -18, thawsAfterH: null },
    { packs: 3, nowC: -18, thenC: -10, thawsAfterH: 30 },
    { packs: 3, nowC: -18, thenC: 2, thawsAfterH: 6 },
  ].flatMap((x) =>
    (['fridge', 'freezer'] as const).flatMap((place) =>
      [2, 12].flatMap((hours) => sayIfCurrentWent({ place, hours, ...x } as CurrentGone)),
    ),
  );
  return [...new Set([...says, ...drill])];
};

/** Every caution of the table, for each way that leaves fish raw or does not. */
const cautions = (): string[] => {
  const of = (verdict: RawRule): Eaten => ({ id: verdict, name: 'It', eating: [], raw: { verdict, why: '' } });
  const all = (['never', 'cook', 'frozen first'] as const).flatMap((v) =>
    ['raw', 'smoked', 'roasted'].flatMap((way) => tableCautions([of(v)], way).map((c) => c.say)),
  );
  return [...new Set(all)];
};

function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  return [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');
}

/**
 * Every sentence about harm that the application says, with its source and who should check it, as Markdown to be printed
 * and reviewed: the general ones first, then species by species. Pure: the same species give the same text.
 */
export function secondReading(species: readonly Species[]): string {
  const general: string[][] = [
    ...AID_CARDS.flatMap((c) =>
      [
        ...c.call.map((s) => `call at once: ${s}`),
        ...c.steps,
        ...c.never,
        ...c.later.map((s) => `in the days after: ${s}`),
      ].map((s) => ['first aid', `${c.title}: ${s}`, c.sources.join('; '), CLINICIAN]),
    ),
    ...RELEASE_ALWAYS.map((s) => [
      'let go',
      s,
      'usual teaching of catch and release; docs/domain.md, section 4',
      HANDLER,
    ]),
    ...(['closed', 'open', undefined] as const).flatMap((bladder) =>
      [null, 24].flatMap((depthM) =>
        deepSentences([{ name: '', hazards: [], ...(bladder ? { bladder } : {}) }], depthM).map((s) => [
          'let go',
          `Swim bladder ${bladder ?? 'not known'}, ${depthM === null ? 'depth not noted' : `${depthM} m`}: ${s}`,
          'usual guidance of fisheries offices on barotrauma and descending devices',
          HANDLER,
        ]),
      ),
    ),
    ['handling', KILL_SIGNS, 'docs/domain.md, section 4', HANDLER],
    ['handling', `The gut was pierced: ${GUT_PIERCED}.`, 'product.md (Deck)', FOOD],
    ['first aid', SOAK_TEST, 'Atkinson et al. 2006, Emergency Medicine Journal 23', CLINICIAN],
    ...SPEAR_RULES.map((s) => ['spear', s, 'freediving schools’ common rules; product.md', HANDLER]),
    ...CALL_SIGNS.map((s) => ['first aid', `Call at once: ${s}`, 'docs/domain.md, section 4', CLINICIAN]),
    [
      'histamine',
      `On ice within ${HISTAMINE_LIMITS.toIceH} h of death, ${HISTAMINE_LIMITS.toIceHotH} h when air or water is above ${HISTAMINE_LIMITS.hotC}° or for a tuna above ${HISTAMINE_LIMITS.largeG / 1000} kg not gutted; afterwards at most ${HISTAMINE_LIMITS.laterH} h above ${HISTAMINE_LIMITS.aboveC}°, ${HISTAMINE_LIMITS.laterHotH} h when any of it was above ${HISTAMINE_LIMITS.laterHotC}°. Over it: do not eat.`,
      HISTAMINE_LIMITS.source,
      FOOD,
    ],
    ['freshness', warmSide(), 'our own assumption until temperatures are read', FOOD],
    ['raw', FREEZING_FOR_RAW, 'US FDA hazards guide, chapter 5; Regulation (EC) 853/2004 Annex III', FOOD],
    [
      'cooking',
      `Worms die at ${CORE_LINES.parasitesC}° held for ${CORE_LINES.parasitesMin} minute in the middle; the authorities’ lines are ${CORE_LINES.usC}° (US) and ${CORE_LINES.ukC}° for ${CORE_LINES.ukMin} minutes (UK).`,
      'US FDA Food Code; UK FSA cooking advice; Regulation (EC) 853/2004',
      FOOD,
    ],
    ['cooking', AT_RISK, 'US FDA and UK FSA advice for eaters at risk', FOOD],
    ...METHODS.flatMap((m) =>
      m.mind.map((s) => [
        `cooking: ${m.name.toLowerCase()}`,
        s,
        'usual kitchen and fire safety; US FDA Food Code',
        FOOD,
      ]),
    ),
    ['cooking: hot oil', FROZEN_IN_OIL, 'NFPA and fire brigades on hot oil', FOOD],
    ...MARINADES.flatMap((m) =>
      [m.say, m.after, m.notLonger, ...('mind' in m ? [m.mind] : [])].map((s) => [
        `cooking: ${m.name}`,
        s,
        'US FDA on marinades and raw fish; FDA cold storage chart; CDC on botulism from oil',
        FOOD,
      ]),
    ),
    ...whyOnlyTheLine({ cookThrough: [], seen: [], inside: ['liver'], atRisk: [], guests: false }).map((s) => [
      'cooking',
      s,
      'US FDA hazards guide, chapter 5',
      FOOD,
    ]),
    ...(
      takeApart({
        ...{ plan: 'round', family: '', yieldClass: 'cod', fat: 'lean' },
        hazards: [{ kind: 'venomous', part: 'first dorsal' }],
      })?.mind ?? []
    ).map((s) => ['at the table', s, 'usual kitchen safety', FOOD]),
    ...STAGES.map((s) => [`cooking: ${s.name}`, s.say, 'usual kitchen and fire safety', FOOD]),
    ...(['not raw', 'not known', 'conditions met'] as const).map((v) => [
      'raw',
      sayRawVerdict(v),
      'US FDA Food Code 3-402.11; Regulation (EC) 853/2004 Annex III',
      FOOD,
    ]),
    ...packCautions({ wrapping: 'vacuum', form: 'whole', venomous: true }).map((s) => [
      'packs',
      s,
      'US FDA hazards guide, chapter 13 (Clostridium botulinum); UK FSA on vacuum packing',
      FOOD,
    ]),
    ...(['cured', 'smoked'] as const)
      .flatMap((form) => packCautions({ wrapping: 'box', form, venomous: false }))
      .map((s) => ['packs', s, 'US FDA Food Code 3-402.11; PNW 238, Smoking fish at home', FOOD]),
    ...[...AGEING_SIGNS, AGEING_AUTHORITY].map((s) => ['ageing', s, 'our own, from what keepers say; typical', FOOD]),
    ...[
      [byproductCaution('liver', { hazards: [] }), 'UK NHS advice on vitamin A; EU and Nordic advice on dioxins'],
      [byproductPoison('liver', { hazards: [], ciguatera: true }), 'US FDA hazards guide, chapter 6'],
      [FOR_ANIMALS, 'CDC and veterinary handbooks'],
    ].map(([says, source]) => ['by-products', says ?? '', source ?? '', FOOD]),
    ...FINDINGS.flatMap((k) =>
      k.finds.flatMap((f) =>
        (['keeping', 'cooking', 'raw', 'bin'] as const).flatMap((of) => {
          const says = (f as { readonly [K in typeof of]?: string })[of];
          return says
            ? [[`found: ${k.of}, ${f.is}`, says, 'Codex CXC 52; Regulation (EC) 853/2004; FAO 348', FOOD]]
            : [];
        }),
      ),
    ),
    ...rawReasons().map((r) => ['raw', r.say, r.source, FOOD]),
    ...[...Object.values(RAW_CLOCK_WHY), RAW_CLOCK_NOTE].map((s) => ['raw', s, 'US FDA Food Code 3-402.11', FOOD]),
    ...[50, null].map((c) => ['cooking', sayCore(c), 'US FDA Food Code; UK FSA', FOOD]),
    ...Object.values(DONE).map((d) => [
      'cooking',
      `Done at ${d.coreC}°: ${d.says}.`,
      'docs/domain.md, section 5',
      FOOD,
    ]),
    ...[cureTroubles(saltCure(500, 60, 3), 60).stop, cureTroubles(saltCure(500, 20, 2), 20).mind]
      .flat()
      .map((s) => ['cooking: salt', s, 'US FDA hazards guide, chapter 13; FDA cold storage chart', FOOD]),
    ...[REFREEZE, REFROZEN, thawedByItself(), ...Object.values(STORE_ABOUT)].map((s) => [
      'stores',
      s,
      'USDA FSIS on thawing, refreezing and power cuts',
      FOOD,
    ]),
    ...cautions().map((s) => ['at the table', s, 'US FDA Food Code; Regulation (EC) 853/2004', FOOD]),
    ...withoutCurrent().map((s) => ['stores', s, 'USDA FSIS on power cuts', FOOD]),
    ...RECIPES.flatMap((r) =>
      [r.says, ...r.steps.map((s) => s.say)]
        .filter(tellsHarm)
        .map((s) => [`recipe: ${r.name}`, s, 'usual kitchen and fire safety', FOOD]),
    ),
    ...[...Object.values(LABEL_DOES), ...Object.values(LABEL_MINDS)].map((s) => ['labels', s, 'as for the pack', FOOD]),
    ...warmth().map((s) => ['stores', s, WARMTH_SOURCES, FOOD]),
    ...soaks().map((s) => ['first aid: hot water', s, 'Atkinson et al. 2006', CLINICIAN]),
    ...[[], [{ name: '', hazards: [] }], [{ name: '', hazards: [{ kind: 'sharp' } as Hazard] }]].flatMap((list) =>
      releaseSentences(list).map((s) => ['let go', s, 'usual teaching of catch and release', HANDLER]),
    ),
    [
      'before you go',
      sayReturn({ boat: '(boat)', where: '(place)', who: ['(names)'], back: '(time)', call: '(later)', number: '112' }),
      'RNLI on passage plans',
      HANDLER,
    ],
    ...BEFORE_YOU_GO.map((b) => ['before you go', b.say, 'RNLI; US Coast Guard; US NWS', HANDLER]),
    ['whom to call', MAYDAY, 'IMO GMDSS', CLINICIAN],
    ...EMERGENCY_LINES.map((l) => ['whom to call', `${l.name}: ${l.when}.`, 'IMO GMDSS; ERC 2021', CLINICIAN]),
    ['spear', `Watch your partner for ${WATCH_S} s after each dive.`, 'Divers Alert Network, 2006', HANDLER],
  ];
  const parts = species.map((s) => {
    const rows: string[][] = [
      ...s.hazards.map((h) => [
        `${h.kind}: ${h.part}`,
        `(${severityOf(h)}) ${h.where} ${h.does} **${h.grip}**`,
        h.kind === 'poison' ? FOOD : h.kind === 'sharp' || h.kind === 'bite' ? HANDLER : `${CLINICIAN}, ${HANDLER}`,
      ]),
      ['hold', s.grip, HANDLER],
      ['let go', [...releaseSentences([s]), ...deepSentences([s], null)].join(' '), HANDLER],
      ...(s.aid ? [['first aid', s.aid, CLINICIAN]] : []),
      ['raw', `${s.raw.verdict}. ${s.raw.why}`, FOOD],
      ...s.eating.map((e) => ['eating', e, FOOD]),
      [
        'toxins',
        `histamine ${s.histamine ? 'yes' : 'no'}, ciguatera ${s.ciguatera ? 'yes' : 'no'}, mercury ${s.mercury}`,
        FOOD,
      ],
      ...(s.conservation ? [['how it fares', `${s.conservation.note} (${s.conservation.asOf})`, FISHERIES]] : []),
    ];
    return `### ${s.name} (${s.latin})\n\nFigures ${s.confidence}. Sources: ${s.sources.join('; ')}.\n\n${table(['of', 'says', 'check'], rows)}`;
  });
  return `# Second reading: every sentence about harm, to be checked

Written by \`npm run second-reading\` out of the species files and the core; do not edit it by hand. The sources name the documents that the writer knew of; **they were not at hand when this was written**, so each line wants a reader who has them open. In the last column, who that should be: ${READERS}. Mark what is wrong, and mend it in \`packs/species\` or \`core/src/harm\`.

## General sentences

${table(['of', 'says', 'source', 'check'], general)}

## Species by species

${parts.join('\n\n')}
`;
}
