import { spoken } from '@bright-sprout/words/spoken';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { measuresOf } from '@bright-sprout/core/measures/registry';
import { type PaperSheet } from '@bright-sprout/core/paper/paperSheets';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { labelLines } from '@bright-sprout/core/plan/lists/labelLines';
import { recipesOf } from '@bright-sprout/core/plan/recipes/recipe';
import { paperOf } from '../../../print/paper';
import { labelPages, type LabelledContainer } from './Labels';
import { cautionPages, notebookPages, predictionPages, runSheetPages, shoppingPages, wateringPages } from './OtherSheets';
import { type Choices, type Planned, type Printable, type PrintableId } from './printable';
import { recordSheetPages } from './RecordSheets';
import { rulerPages } from './RulerStrips';
import { trayPages } from './TrayMap';

export const NAMES: Record<PrintableId, { name: string; detail: string }> = {
  'stick-labels': spoken({
    name: 'printRoom.stickLabels',
    detail: 'printRoom.codeMarkTeamSquare',
  }),
  'pot-labels': spoken({
    name: 'printRoom.potLabels',
    detail: 'printRoom.sameCodeLarger',
  }),
  'record-sheets': spoken({
    name: 'printRoom.recordSheets',
    detail: 'printRoom.writeComeBackCode',
  }),
  'tray-map': spoken({
    name: 'printRoom.trayMap',
    detail: 'printRoom.whereEverythingStands',
  }),
  'run-sheet': spoken({
    name: 'printRoom.runSheet',
    detail: 'printRoom.sowingDayStepStep',
  }),
  watering: spoken({
    name: 'printRoom.wateringChart',
    detail: 'printRoom.fillDueWhen',
  }),
  shopping: spoken({
    name: 'printRoom.shoppingMixing',
    detail: 'printRoom.amountsWorked',
  }),
  cautions: spoken({
    name: 'printRoom.cautions',
    detail: 'printRoom.planUses',
  }),
  predictions: spoken({
    name: 'printRoom.predictions',
    detail: 'printRoom.pageTeamBeforeSowing',
  }),
  notebook: spoken({
    name: 'printRoom.notebookPages',
    detail: 'printRoom.containerDraw',
  }),
  ruler: spoken({
    name: 'printRoom.rulerStripsTitle',
    detail: 'printRoom.trueSizeClasssUnit',
  }),
};

interface Facts {
  records: InvestigationRecords;
  group: ClassView;
  planned: Planned | null;
  sheets: readonly PaperSheet[];
  days: readonly string[];
  choices: Choices;
  address: string | null;
}

/** What is printed, with its pages. */
export function printableOf(what: PrintableId, facts: Facts): Printable {
  return { id: what, ...NAMES[what], pages: pagesOf(what, facts) };
}

function pagesOf(what: PrintableId, { records, group, planned, sheets, days, choices, address }: Facts): Printable['pages'] {
  const { investigation } = records;
  const paper = paperOf(choices.paper);
  switch (what) {
    case 'stick-labels':
    case 'pot-labels':
      return labelPages(what === 'pot-labels' ? 'pot' : 'stick', labelled(records, group, planned?.plan ?? null), paper, {
        grid: choices.grid,
        blind: choices.blind,
        address,
        joinCode: group.joinCode,
        investigationId: investigation.id,
      });
    case 'record-sheets':
      return recordSheetPages(
        {
          records,
          sheets: sheets.filter(
            (s) =>
              s.period === choices.period &&
              (choices.from === 'all' || s.from === choices.from) &&
              (choices.team === '' || s.teamId === choices.team),
          ),
          measures: measuresOf(investigation.bench),
          size: choices.size,
        },
        paper,
      );
    case 'tray-map':
      return trayPages(investigation, paper);
    case 'run-sheet':
      return runSheetPages(investigation, paper);
    case 'watering':
      return wateringPages(investigation, paper);
    case 'shopping':
      return shoppingPages(planned, group.teams.length, choices.kitchen, paper);
    case 'cautions':
      return cautionPages(planned?.plan ?? null, paper);
    case 'predictions':
      return predictionPages(investigation, paper);
    case 'notebook':
      return notebookPages(investigation, days, paper);
    case 'ruler':
      return rulerPages(investigation.resolution, paper);
  }
}

function labelled({ investigation }: InvestigationRecords, group: ClassView, plan: PlanDocument | null): LabelledContainer[] {
  const recipes = plan ? recipesOf(plan) : [];
  const lines = new Map(
    investigation.treatments.map((t) => {
      const recipe = recipes.find((r) => r.treatment.code === t.code);
      return [t.code, plan && recipe ? labelLines(plan, recipe, recipes) : [t.label]] as const;
    }),
  );
  return [...investigation.containers, ...investigation.reserve].map((c) => ({
    code: c.code,
    treatment: c.treatment,
    lines: lines.get(c.treatment) ?? [],
    team: group.teams.find((t) => t.id === c.teamId) ?? null,
    child: c.childNumber,
    inReserve: investigation.reserve.includes(c),
  }));
}
