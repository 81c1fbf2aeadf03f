import { METHODS, sayRawVerdict } from '@dagboek/core/cook';
import { AGEING_AUTHORITY, AGEING_SIGNS } from '@dagboek/core/larder';
import { GUT_PIERCED, KILL_SIGNS } from '@dagboek/core/handling';
import { HISTAMINE_LIMITS, warmSide } from '@dagboek/core/fresh';
import {
  AID_CARDS,
  AT_RISK,
  byproductCaution,
  CORE_LINES,
  CALL_SIGNS,
  SPEAR_RULES,
  FREEZING_FOR_RAW,
  packCautions,
  deepSentences,
  RELEASE_ALWAYS,
  releaseSentences,
  SOAK_TEST,
  severityOf,
} from '@dagboek/core/harm';
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
    ...RELEASE_ALWAYS.map((s) => ['let go', s, 'usual teaching of catch and release; domain.md section 4', HANDLER]),
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
    ['handling', KILL_SIGNS, 'domain.md section 4', HANDLER],
    ['handling', `The gut was pierced: ${GUT_PIERCED}.`, 'product.md (Deck)', FOOD],
    ['first aid', SOAK_TEST, 'Atkinson et al. 2006, Emergency Medicine Journal 23', CLINICIAN],
    ...SPEAR_RULES.map((s) => ['spear', s, 'freediving schools’ common rules; product.md', HANDLER]),
    ...CALL_SIGNS.map((s) => ['first aid', `Call at once: ${s}`, 'domain.md section 4', CLINICIAN]),
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
    ...[{ hazards: [], ciguatera: true }].map((s) => [
      'by-products',
      byproductCaution('liver', s) ?? '',
      'UK NHS advice on vitamin A; EU and Nordic advice on dioxins in fish liver',
      FOOD,
    ]),
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
