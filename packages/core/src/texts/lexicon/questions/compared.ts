/** Words that ask for which is better, and by how much. */

import { cue, type Cue } from '../record.ts';
import type { Asked } from './asked.ts';

export const comparedAsked: readonly Cue<Asked>[] = [
  cue(
    'difference',
    11,
    'how much (?:sooner|earlier)',
    'by (?:what|which) (?:amount|sum|margin)',
    'by how many (?:payments|months|years|instal?lments)',
    'how much (?:it|this|that|she|he|they|the [a-z]+) (?:would |will |then )?saves?',
    'by how much',
    'how many (?:fewer|less|sooner)',
    'how much (?:more|less|cheaper|dearer|higher|lower|better|greater|extra|further)',
    '(?<!no )difference',
    'how much (?:is|does|would|will|are|do) ~(?:sav(?:e|ed|es))',
    'how much (?:interest )?(?:is|would be) saved',
    'what (?!must|should|shall)~ saves?',
    'what (?:is|was|would be|will be) (?:then |thus |thereby )?saved',
    'how much does ~~(?:save|cost extra)',
    '(?<!stops? )(?<!starts? )(?<!of )(?:the )?(?<!stops? )(?<!starts? )(?:saving|amount saved|interest saved)',
    'saved? over',
    'how many (?:payments|months|years|<e> payments) (?:sooner|earlier|fewer|does (?!it take)~save|are saved|less)',
    'how (?:much|many) ~~ (?:sooner|earlier|fewer)',
    'time saved',
    'total saved',
    'saving over',
    'how much (?:interest )?does (?:it|this|that|the [a-z]+) save',
    'how many (?:[a-z]+ )?payments does ~~save',
    'advantage',
  ),
  cue('difference', 13, 'how much interest (?:does|do|would|will|is|has|are|did) ~sav(?:e|ed|es)'),
  cue(
    'choice',
    11,
    'the [a-z]+ (?:that|which) costs (?:less|more|least)',
    'the (?:cheaper|cheapest|better|best|dearer|dearest)(?: (?:one|offer|loan|plan|option|deal|bank|way))',
    'which (?:of [a-z ]+? )?(?:(?:[a-z-]+|⟨[a-z]\\d+⟩) ){0,3}?(?:is|costs?|takes?|would|should|gives?|offers?|comes?|has|pays?|leaves?|yields?|earns?|works?|grows?|ends?|finishes|brings?|produces?|amounts?|makes?|will)(?: [a-z]+){0,4} ?(?:cheaper|less|more|better|dearer|higher|lower|best|largest|greatest|least|most|cheapest|dearest|smaller|larger|preferable|choose|prefer|ahead|out)',
    'which (?:offer|loan|bank|plan|option|account|lender|one|way|deal|rate|quote|of (?:the two|them|these))',
    'whose (?:[a-z]+ )?(?:is|has|comes|will|grows|costs)',
    'who (?:has|ends|gets|is|comes|pays|will|should|does)',
    'the (?:cheaper|dearer|better|cheapest|best)(?: (?:one|offer|loan|plan|option|of [a-z ]+))?(?: is)?\\?',
    '(?:say|state|decide|tell) (?:which|who)',
    'which [a-z]+ (?:is|has)',
    '(?:^|and |, )(?:the )?(?:cheaper|better|dearer)(?: [a-z]+)?\\??$',
  ),
];
