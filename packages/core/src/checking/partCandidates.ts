/** Right numbers and candidates of one keyed part, each worked out when an answer first needs it. */

import type { NumberStyle } from '../money/numberStyle.ts';
import type { QuantityUnit } from '../case/quantity.ts';
import type { KeyedPart } from '../exercise/answerKey.ts';
import { roundAs } from '../exercise/format.ts';
import type { Question } from '../statement/question.ts';
import { endCandidates, pairCandidates, singleCandidates, type Candidate, type RightNumbers } from './candidates.ts';
import { ofChoice, ofDifference, ofExpression, type Side } from './composed.ts';
import { askedOf, type Answered, type Asked } from './slip.ts';

/** What the candidates of a part are made from. */
export interface CandidateSource {
  readonly keyed: KeyedPart;
  readonly style: NumberStyle;
  /** Questions of the same exercise that came before. */
  readonly before: readonly Question[];
  readonly right: () => RightNumbers;
  /** The question as somebody asks it who goes on from an own answer; the key's own where it is left out. */
  readonly asked?: Asked | undefined;
  /** For an expression: the earlier parts it uses, and what it comes to with a number in the place of one's answer. */
  readonly through?: () => readonly Through[];
}

export interface Through {
  readonly from: string;
  readonly candidates: PartCandidates;
  /** For each combination of right numbers of the other answers. */
  readonly evaluate: readonly ((answer: number) => number | undefined)[];
}

export class PartCandidates {
  readonly #source: CandidateSource;
  readonly #asked: Asked | undefined;
  #right: RightNumbers | undefined;
  #singles: readonly Candidate[] | undefined;
  #pairs: readonly Candidate[] | undefined;
  #toldSingles: readonly Candidate[] | undefined;
  #toldPairs: readonly Candidate[] | undefined;

  constructor(source: CandidateSource) {
    this.#source = source;
    const { keyed, style, before } = source;
    this.#asked =
      source.asked ??
      (keyed.question && !keyed.table && !keyed.relation
        ? askedOf(keyed.question, keyed.exact, keyed.expected, keyed.part.format, style, before)
        : undefined);
  }

  get asked(): Asked | undefined {
    return this.#asked;
  }

  /** Every number that is right by some convention, the key's own among them. */
  get right(): RightNumbers {
    return (this.#right ??= this.#source.right());
  }

  /** What one slip leads to; what was done is said by `told`. */
  get singles(): readonly Candidate[] {
    return (this.#singles ??= this.#asked ? singleCandidates(quiet(this.#asked), this.right) : this.#composed());
  }

  /** What two slips of different families lead to. */
  get pairs(): readonly Candidate[] {
    return (this.#pairs ??= this.#asked ? pairCandidates(quiet(this.#asked), this.singles, this.right) : []);
  }

  /** A candidate with what was done, in words: few of very many are ever told. */
  told(candidate: Candidate): Candidate {
    if (candidate.tell) return { ...candidate, did: candidate.tell() };
    if (!this.#asked || candidate.at === undefined) return candidate;
    const isPair = candidate.slips.length > 1;
    const all = isPair
      ? (this.#toldPairs ??= pairCandidates(this.#asked, this.singles, this.right))
      : (this.#toldSingles ??= singleCandidates(this.#asked, this.right));
    return { ...candidate, did: all[candidate.at]?.did ?? candidate.did };
  }

  #composed(): Candidate[] {
    const { keyed, style, through } = this.#source;
    const { part, exact, expected, questions, choice, table, relation } = keyed;
    if (table || relation) return [];
    const { ask, format } = part;
    const answered: Answered = { exact, expected, format, unit: unitOf[format.kind], style };
    return [
      ...this.#made(
        ask,
        questions.map((question) => this.#side(question)),
        choice,
      ),
      ...(through?.() ?? []).flatMap(({ from, candidates, evaluate }) =>
        ofExpression(candidates.singles, evaluate, (each) => `In part ${from}: ${candidates.told(each).did}`),
      ),
      ...endCandidates(answered, this.right),
    ];
  }

  #made(ask: KeyedPart['part']['ask'], sides: readonly Side[], choice: string | undefined): Candidate[] {
    const [one, other] = sides;
    if (ask.quantity === 'difference' && one && other) return ofDifference(one, other);
    return ask.quantity === 'choice' ? ofChoice(sides, ask.plans.indexOf(choice ?? ''), ask.prefer) : [];
  }

  /** One of the questions a composed answer is made of; what is done at the end is done to the whole. */
  #side(question: Question): Side {
    const { keyed, style, before } = this.#source;
    const { format } = keyed.part;
    const asked = askedOf(question, question.exact, roundAs(question.exact, format), format, style, before);
    return {
      exact: question.exact,
      candidates: singleCandidates(asked, []).filter(({ slips: [slip] }) => slip && !('wrongAnswer' in slip)),
    };
  }
}

const quiet = (asked: Asked): Asked => ({ ...asked, quiet: true });

const unitOf: Readonly<Record<KeyedPart['part']['format']['kind'], QuantityUnit>> = {
  money: 'money',
  percent: 'percent',
  count: 'count',
  'years-months': 'years',
  number: 'number',
};
