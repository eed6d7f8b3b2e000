/** Sentences of a flat text, and which of them ask. */

import type { Span } from './flatText.ts';

export interface Sentence extends Span {
  readonly text: string;
  /** It asks, or holds a part that is asked. */
  readonly asks: boolean;
}

const label =
  /(?<!(?:that|offer|plan|option|bank|under|of) )(?:^|[\s;:,.?])\(?(?:[a-h]|i{1,3}|iv|vi?)\)(?=\s)|⟨l\d+⟩(?:\.|\))|(?:^|(?<=[.?!;:]\s))[a-h]\.(?=\s)/g;
const imperative =
  /(?:^|[.;:,)]\s*|\s-\s|\band\s+|\bthen\s+|⟩[.)]\s*|[([]\s*)(?:please |kindly |only |just |then |now |also |first |hence |next |and |to |for (?:each|both) |for (?:each|both|the) [a-z ]{3,25}? |for an? [a-z -]{3,25}? of ⟨m\d+⟩,? )*(?:find|calculate|compute|determine|split|work out|state|give(?! (?:(?:him|her|them|it|me|us|you) )?back)|say(?! the (?:[a-z]+men|[a-z]+ers|couple|sisters|brothers|bank))(?! (?:⟨m|(?:an?|the) [a-z -]{2,30} (?:is|costs|worth)|it is|he |she |they |you |that (?:he|she|they|you|⟨m)))|show|write down|write(?= (?:the (?:nominal|effective|equivalent)|as|each|these|both|them|the following)(?![a-z]))|express|convert|obtain|evaluate|name|quote(?! (?:for|on|from) )|prepare(?= (?:what|the) [^.?!]*: )|deduce|derive|solve for|report|tell|decide|(?:change|turn|translate|restate)(?= (?:⟨p|the (?:flat|quoted|nominal|effective|monthly) (?:one|rate)))|discount(?= ⟨m\d+⟩ (?:for|over|at|from))|(?<!to )(?:begin|start) with|estimate|reckon|figure out|establish|solve|identify|provide(?! (?:it|this|that|him|her|them|for|a|an)(?![a-z]))|rewrite|compare|check|prove|required:|wanted:|sought:|asked:|to find:|deduce|construct|draw up|set up|set out|make (?:out|up(?= the (?:split|table|schedule)))|write out|fill in|list(?! (?:price|⟨m))|tabulate|(?<!remaining )(?<!whole )(?<!entire )sum(?: up)?(?= (?:the|all) )|add up(?! to)|count(?= the (?:payments|instal|deposits|withdrawals))|let us know|explain|complete|answer|price (?:it|this|them)|(?:support|justify) your (?:answer|choice|decision) (?:with|by))(?![a-z])|^(?:\. )?(?:by|using|assuming|treating|taking|given)(?![a-z])[^.?!⟨]{0,90} (?:find|calculate|compute|determine|work out)(?= (?:the|her|his|their|its|what|how|each))|(?:wants?|would like|wish(?:es)?|needs?|likes?) to know (?:the|her|his|their|its)(?![a-z])/;
const instruction =
  /^\W*(?:say(?= (?:⟨m|(?:an?|the) [a-z -]{2,30} (?:is|costs|worth)|it is|he |she |they |you |that (?:he|she|they|you|⟨m)))|give (?:it |the (?:time|answer) )?(?:in )?years and months|give the number exactly|give the exact (?: ?fractional | ?unrounded )?(?:number|time|term|value|answer|figure|count|result)[^?]{0,12}$|count (?:only )?(?!the (?:number|payments|instal|deposits|withdrawals))[^?]*$|round|answer|assume|ignore|note|take |(?:state|give) the exact (?:figure|number|value)\W*$|suppose|imagine|consider|let |remember|hint|use |show your|show all|give (?:your |the |all |both |every |money )?(?:answers?|money|rates?|amounts?|results?)(?: to| in| correct| rounded)|keep |leave |work (?:to|with|in)|carry |numbers are|in this sheet|express (?:your|all) answers?)/;
/** A bare list of what to find: "Payment; total interest; balance after ten payments." */
const quantityFirst =
  /^\W*(?:for (?:each|both)(?: [a-z]+){0,2}: |for (?:each|both),? (?=the )|(?:then|next|finally|also),? )?(?:the |both )?(?:(?:⟨e\d+⟩|first|initial|opening|earlier|later|old|original|regular|normal|usual|required|new|changed|revised|total|outstanding|effective|nominal|amount|final|finance|future|present) ){0,2}(?:(?:payment|instal?lment|interest|balance|rate|deposit|withdrawal|rental|charge|cost|financed|term|value|price)s?|number of (?:⟨e\d+⟩ )?(?:payments|instal?lments|deposits|withdrawals)(?= ?[;?.])|(?:amount|sum) (?:then )?(?:in|on) the (?:fund|account)|total to (?:re)?pay)(?![a-z])/;
const interrogative =
  /(?:^|[^a-z])(?:what|whose|which|how (?:much|many|long|large|big|high|soon|small|far|often)|who|where (?:is|does|do|will|would)|when (?:will|is|are|does|do|would|can|has|have)|by how)(?![a-z])/;

const headed =
  /^\W*(?:and |then |also |but )*(?:whose|who|whether|where (?:is|does|do|will|would)|what(?! remains| is left| was left| she| he| they)|which|how (?:much|many|long|large|big|high|soon|small|often)|by how|find|calculate|compute|determine|work out|state|give(?! the exact)|show|convert)(?![a-z])/;
/** It tells how to answer, or stands in what is told. */
const asksNothing = /^\W*(?:(?:an? )?[a-z]+ or (?:no|not) ?[a-z]*\?|provide|give the exact|draw up nothing)/;
const subordinate =
  /^\s*(?:if|when|where|given|assuming|provided|since|as(?! an? (?:nominal|effective))|because|while|who|although|though|with|at|under|on|for|from|until|by the time|so that|that (?:a|an|the|she|he|it|they))(?![a-z])/;

/** "For how many months?" – "Sixty." */
export function isAnswered(sentence: Sentence, sentences: readonly Sentence[]): boolean {
  const next = sentences
    .slice(sentences.indexOf(sentence) + 1)
    .find(({ text }) => !/^\W*(?:asks|asked|says|said|answers) [^⟨]*$/.test(text));
  return /\?/.test(sentence.text) && /^\W*(?:(?:for|about|over) )?⟨[tnmpe]\d+⟩[^\w?]*$/.test(next?.text ?? '');
}

/** "2. After five years she wants to be free in 12 more. What must she pay?": a part that tells before it asks. */
export function tellsInPart(sentence: Sentence, sentences: readonly Sentence[]): boolean {
  const next = sentences[sentences.indexOf(sentence) + 1];
  const isTold = !/\?/.test(sentence.text) && !interrogative.test(sentence.text) && !imperative.test(sentence.text);
  return (
    isTold &&
    /^\W*⟨l\d+⟩[.)] (?:after|before|when|if|once|then|at|in|with|suppose|he|she|they|it|the [a-z]+) .*⟨[mptno]/.test(
      sentence.text,
    ) &&
    /^(?!\W*(?:⟨l|\(?[a-h]\)))[^?]*\?/.test(next?.text ?? '')
  );
}

export function sentencesOf(flat: string): Sentence[] {
  const sentences: Sentence[] = [];
  const cut =
    /[.?!]+(?=[\s)\]']|$)|\n+|\)(?=\s+(?:what|how|which|find|calculate|give)(?![a-z]))|;(?=\s+(?:what (?:is|are|was|were|will|does|do|did|would|has|have|had|must)|how (?:much|many|long|large)|find|calculate)(?![a-z]))/g;
  let start = 0;
  const close = (end: number): void => {
    const from = start + (/^[\s;]*/.exec(flat.slice(start, end))?.[0].length ?? 0);
    const text = flat.slice(from, end);
    if (text.trim() !== '') sentences.push({ start: from, end, text, asks: doesAsk(text) });
    start = end;
  };
  for (const found of flat.matchAll(cut)) {
    // A remark in brackets of its own ends with them.
    const before = flat.slice(start, found.index).trimStart();
    const isRemark = found[0] !== ')' || /^\([^()]{12,}$/.test(before);
    // "…; what does he pay?" behind what is told.
    const tells =
      found[0] !== ';' ||
      !(interrogative.test(before) || imperative.test(before) || quantityFirst.test(before) || inPart.test(before));
    const goesOn = /^\n$/.test(found[0]) && listHead.test(before) && isItem.test(flat.slice(found.index + 1));
    if (isRemark && tells && !goesOn && !isLabelPoint(flat, found.index)) close(found.index + found[0].length);
  }
  close(flat.length);
  return sentences;
}

/** "(c) At renewal the rate is 6.3 %; find …" is one part. */
const inPart = /^(?:\(?[a-h]\)|⟨l\d+⟩[.)]?)\s/;

/** "Calculate:", and the lines below it that say what. */
const listHead =
  /^\W*(?:please |now )?(?:find|determine|calculate|compute|state|give|work out|required|wanted|sought|to find|questions?)(?: the following)?:\s*(?:\n|$)/;
const isItem = /^\s*(?:[;•*-]|\(?[a-h]\)|⟨l\d+⟩|the |her |his |their )/;

/** "1." or "a." before a part is no end of a sentence. */
const isLabelPoint = (flat: string, at: number): boolean =>
  /⟨l\d+⟩$|(?:^|[.?!;:\n]\s*)[a-h]$/.test(flat.slice(Math.max(0, at - 8), at));

/** "Payments at month end.", "payments in arrears". */
const isTold =
  /^\W*(?:⟨e\d+⟩ )?(?:payments|instal?lments|rentals|deposits|withdrawals)[^?]*(?:in (?:arrears|advance)|(?:at (?:the )?)?(?:end|beginning|start|close) of|at (?:the )?(?:end|beginning|start|close)|(?:month|quarter|year|week|⟨e\d+⟩)(?:'s)?[ -]ends?)[^?]*$/;

/** "The balance after nine years is wanted." */
const wanted =
  /^\W*the (?:⟨e\d+⟩(?:-end)? |[a-z-]+ ){0,3}(?:payment|balance|rate|interest|number|value|price|term|deposit|instal[a-z]+)(?![a-z])[^?]* (?:is|are) (?:wanted|required|needed|sought|to be found|asked for|to be determined)(?![a-z])[^?]*$|^\W*(?:the )?(?:principal|interest)(?: (?:part|portion|share))? and (?:the )?(?:principal|interest)(?![a-z])[^?]* are (?:wanted|required|sought|to be found|asked for|to be determined)(?![a-z])[^?]*$|^\W*(?:the )?(?:⟨e\d+⟩(?:-end)? |[a-z]+ ){0,3}(?:payment|balance|rate|interest|value|term|deposit|price|yield|instal[a-z]+)s?[^?.⟨]{0,30} (?:wanted|required|sought)(?:\W*$|: ?(?=⟨p))/;

/** A part with numbers of several kinds that asks nothing. */
function isOffer(part: string): boolean {
  const forms = new Set([...part.matchAll(/⟨([mpnt])\d+⟩/g)].map(([, form]) => form));
  return (
    (forms.has('m') && forms.has('p')) ||
    (forms.size > 1 && !interrogative.test(part) && !imperative.test(part) && !quantityFirst.test(part))
  );
}

/** "(a) … (b) …": parts that ask; not "two ways: (A) 150 a month at 3 %; (B) …". */
function asksInParts(text: string): boolean {
  const labels = labelsIn(text);
  return labels.some(({ end }, at) => {
    const part = text.slice(end, labels[at + 1]?.start ?? text.length);
    // "compounded (a) monthly, (b) daily"
    if (/^\s*⟨e\d+⟩(?:\W|and|or)*$/.test(part)) return false;
    return !isOffer(part);
  });
}

/** "Will it be repaid in ten years? How much is owed then?": yes or no is no number. */
const yesOrNo =
  /^\W*(?:will|is|are|does|do|can|would) (?![^?]*(?<![a-z])(?:or|what|which|how|better|cheaper|more|less)(?![a-z]))[^?]*\?\s*$/;

function doesAsk(text: string): boolean {
  if (instruction.test(text) || yesOrNo.test(text)) return false;
  const isNoun = text.trim().length < 90 && /\?\s*$/.test(text);
  const isList =
    quantityFirst.test(text) &&
    !/⟨[mp]|of ⟨n/.test(text) &&
    text.length < 140 &&
    !isTold.test(text) &&
    !/(?:^|\s)(?:is|are|was|were|have|has|fall|falls|be|stays?|remains?|does|do|will|changes|rises|applies|apply)(?![a-z])/.test(
      text,
    );
  const isWish =
    interrogative.test(text) &&
    /\bhow (?:much|many|long)\b|(?:wants?|would like|wish(?:es)?|likes?) to know (?:what|which|when|how)\b|\b(?:wonders?|asks?) (?:what|which|when|how)\b/.test(
      text,
    );
  const tail = /: ((?:[^⟨:?]|⟨e\d+⟩)*;(?:[^⟨:?]|⟨e\d+⟩)*)$/.exec(text)?.[1];
  if (tail !== undefined && quantityFirst.test(tail)) return true;
  const isAskedFor = /[:,] [^.?!⟨]{3,60},? please(?:,? (?:and|also) [^.?!⟨]{3,60})?\.\s*$/.test(text);
  return (
    isAskedFor ||
    /^\W*(?:the )?pmt (?:for|on) /.test(text) ||
    wanted.test(text) ||
    isNoun ||
    isWish ||
    isList ||
    /\?/.test(text) ||
    imperative.test(text) ||
    asksInParts(text)
  );
}

/** How many parts a text has: "(1) Lease it: … (2) Buy it: … (a) … (b) …" has the two that come last. */
export function partsIn(sentences: readonly Sentence[]): number {
  const styles = sentences.flatMap(({ text }) =>
    [...text.matchAll(label)].map(([found]) => (/⟨l/.test(found) ? 'number' : /[iv]/.test(found) ? 'roman' : 'letter')),
  );
  return styles.filter((each) => each === styles.at(-1)).length;
}

/** Where the labels of parts stand: `(a)`, `b)`, `2.` */
export function labelsIn(text: string): Span[] {
  const labels = [...text.matchAll(label)].map((found) => ({ start: found.index, end: found.index + found[0].length }));
  const [first] = labels;
  // "to what does it grow at (a) 6 % compounded annually and (b) 6 % compounded monthly?": ways, and no parts.
  const isWay =
    first &&
    /(?:at|over|for|in|of) $/.test(`${text.slice(0, first.start)} `) &&
    /^\s*⟨[pt]/.test(text.slice(first.end));
  return isWay ? [] : labels;
}

/** A piece of a sentence that asks: from where a question may begin to where the next may. */
export interface Piece extends Span {
  /** It begins a question of its own: what is asked before does not reach into it. */
  readonly asks: boolean;
  /** It goes on with a list of what to find. */
  readonly lists: boolean;
  /** Its first words ask. */
  readonly heads: boolean;
  /** It begins with a question word, a word that tells to do it, or a part's label: a bare noun is a question then. */
  readonly opens: boolean;
}

const boundary =
  /(?<!, in (?:pounds|dollars|euros|francs|money|payments))[,;:]\s+(?!in (?:pounds|dollars|euros|francs|money|payments)(?![a-z]))|\s(?:-|→|->|=>)\s|[()[\]]|\s(?:and|then(?! (?:in all|in total|altogether|interest|be |have |outstanding|due|left|owed|owing))|also(?! as an? )|plus|but|as well as)\s|⟨l\d+⟩[.)]?\s*|\?\s*/g;

/** It may go on with a list of what is asked, too. */
const whatIs =
  /^\s*(?:and )?what (?:is|are|was|were|will be|would be) the (?!difference)|^\W*what are (?:the )?(?:interest|principal)(?:,| and)/;

/** "…, counting the last smaller one": how it is to be answered. */
const gloss =
  /^(?:the )?⟨o\d+⟩ (?:payment|one)(?: being)? (?:included|not included|inclusive)|^(?:the |with the )?first (?:payment|instal[a-z]+|rental|deposit|withdrawal)(?: is| being| falls)? (?:due |made |paid )?(?:(?:today|now|at once|immediately|on|in|one|a|after|at)(?![a-z])|⟨t)|^(?:the|its|her|his|their) [a-z]+ (?:is|are|falls?|comes?) (?:then )?(?:due|payable|called in)(?![a-z])|^(?:taking|treating|regarding|interpreting|rounding|ignoring|neglecting)(?![a-z])|^(?:counting|including) the (?:last|smaller|final|balloon|residual|deposit|down|fees?)|^(?:the )?(?:deposit|down payment|lump|balloon)(?: being)? included|^(?:interest|fees?) included|^(?:the |its )(?:fees?|old one|option|discount)(?: being)? included|^(?:the |its )?(?:end(?: date)?|term|final date|number of payments) (?:being|is|was) (?:kept|unchanged|the same|left)/;

/** "(5.4 % compounded monthly, 120 payments)", in the middle of a question: it tells. */
const inBrackets = /\S\s*\([^()]*$/;

/** What stands behind a colon: a noun with its mark, or a list of what to find with a question in it. */
function isTailAt(text: string, at: number, until: number): boolean {
  if (!/:\s+$/.test(text.slice(0, at))) return false;
  const behind = text.slice(at);
  // "Repaying 8,200 with 190 a month: number of payments?"
  const isLast = /\?\s*$/.test(text.slice(at, until)) && text.slice(until).trim() === '';
  // "…: total to repay, and amount of each payment?", "…: effective rate, please."
  const isList =
    /(?:\?|please(?:,? [^?⟨]{0,60})?\.)\s*$/.test(text) && quantityFirst.test(behind) && !/⟨[mp]/.test(behind);
  // "Flat 6.2 % on 9,400: payment; total interest; effective rate."
  if (quantityFirst.test(behind) && /;/.test(behind) && !/⟨[mptn]|\?/.test(behind)) return true;
  // "…, monthly in arrears: payments, total interest, and which is cheaper."
  return isLast || isList || (interrogative.test(text) && quantityFirst.test(behind) && !/⟨[mpnt]/.test(behind));
}

/** "…, and the instalment stays what it was": it tells. */
const asBefore = /(?:stays?|remains?|is|are|be|kept) what (?:it|they) (?:was|were|is|are)(?![a-z])/;

/** "To what rate, …, is the flat one equal?": it goes on with what it asks. */
const verbFirst = /^\s*(?:is|are|was|were)(?![a-z])/;

/** "…, which amortise 27,300": it tells, and asks nothing. */
const doesRelate = (text: string, at: number, piece: string): boolean =>
  /^\s*which(?![a-z])/.test(piece) && !text.includes('?') && /[a-z⟩],\s+$/.test(text.slice(0, at));

/** "…, the total paid and …": one more of what to find. */
const listed =
  /^\s*(?:and )?(?:what (?:is|was|remains|will be|he|she|they|it)|the|its|his|her|their|(?:all|everything)(?= (?:that|he|she|they))) (?!⟨)[a-z]|^\s*and (?:interest|principal) (?:in|of|parts?|portions?|shares?)(?![a-z])/;

/** "(c) If the rate rises to 6.1 %, what …": the question comes behind. */
const supposes =
  /^\s*(?:if (?![^?]*\?)|(?:now )?(?:suppose|assume|imagine)(?: that)? [^?]*[;.]\s*$|(?:(?:at|from|after|in|then|now)[^?⟨]{0,30}(?:⟨[ton]\d+⟩)?[^?⟨]{0,20})?(?<![a-z])the (?:⟨e\d+⟩ )?(?:interest )?rate (?:then |now )?(?:rises|falls|goes|changes|becomes|drops|is (?:then )?(?:raised|lowered|cut))[^?]*[;.]\s*$)/;

/** "(b) with the payment kept, how many …", "(c) at renewal the rate is 6.3 %; find …": the part asks behind it. */
const tellsFirst =
  /^\s*(?:(?:with|under) (?:the |an? )?[^?⟨]{2,40} (?:kept|unchanged|the same|as before|as it was|instead)\W*$|(?:at|on|upon|after|from|with|when|once|in)(?![a-z])[^?]* (?:is|are|was|were|becomes?|rises?|falls?|goes|pays?|stays?|remains?|adds?|makes?)(?![a-z])[^?]*(?:[,;.]|(?<![a-z])and)\s*$)/;

/** It goes on behind a cut: "the rate then becomes 7.5 %". */
function doesSuppose(text: string, at: number, piece: string): boolean {
  if (supposes.test(piece) || supposes.test(text.slice(at))) return true;
  const behind = text.slice(at + piece.length);
  const rest = behind.slice(0, labelsIn(behind)[0]?.start);
  return (
    tellsFirst.test(piece) &&
    !interrogative.test(piece) &&
    (interrogative.test(rest) || imperative.test(`. ${rest.trimStart()}`))
  );
}

/** "What is the payment if 9,000 is borrowed, the rate is 6 % and it is repaid over 4 years?": behind "if" it tells. */
const isSupposedAt = (text: string, at: number, piece: string): boolean =>
  /^\W*(?:⟨l\d+⟩\W*)?(?:and )?(?:what|which|how (?:much|many|long|large|big)|(?:at|by|after|for|in) (?:what|which|how)|find|calculate|determine|compute)(?![a-z])[^?]* if (?!so )[^?]*$/.test(
    text.slice(0, at),
  ) &&
  !interrogative.test(piece) &&
  !imperative.test(`. ${piece.trimStart()}`) &&
  /⟨[mptn]\d+⟩|^\s*the first (?:today|now|at once|immediately|straight)|(?<![a-z])(?:is|are|was|were|has|have|earns?|pays?|costs?|lasts?|goes?|go)(?![a-z])/.test(
    piece,
  );

const isToldIn = (text: string, at: number, piece: string): boolean =>
  isAsideIn(piece) || isSupposedAt(text, at, piece);

const isAsideIn = (piece: string): boolean =>
  subordinate.test(piece) &&
  !/^\s*with (?:the|its|their) (?:difference|interest|total)/.test(piece) &&
  !interrogative.test(piece.slice(0, 60));

/** "payment 1, payment 60 and payment 120" is one list. */
const numbered =
  /(?<![a-z])(?:payment|instal?ment|month|year) ⟨n\d+⟩(?:,| and|, and)\s*(?:and )?(?:(?:in|of|after|for|with) )?$/;

/** "the total of the payments and the residual" is one sum. */
const summed = /(?:total|sum) of (?:all )?(?:the )?(?:⟨e\d+⟩ )?(?:payments|rentals|instal?ments|deposits) and $/;

/** "In total, how much is repaid?" is one question. */
const inTotal = /^\W*(?:and )?(?:in (?:all|total)|altogether|overall|all told),? $/;

/** The pieces of a sentence that may ask. */
export function piecesOf({ start, text }: Sentence): Piece[] {
  const cuts = new Set([0]);
  const labelled = new Set<number>();
  for (const found of text.matchAll(boundary)) cuts.add(found.index + found[0].length);
  for (const { end } of labelsIn(text)) {
    cuts.add(end);
    labelled.add(end + (/^\s*/.exec(text.slice(end))?.[0].length ?? 0)).add(end);
  }
  const isCut = (at: number): boolean =>
    !inTotal.test(text.slice(0, at)) &&
    !(summed.test(text.slice(0, at)) && /^(?:of )?the (?:residual|balloon)/.test(text.slice(at))) &&
    (!numbered.test(text.slice(0, at)) ||
      !/^\s*(?:and )?(?:(?:in|of|after|for|with) )?(?:payment|instal?ment|month|year) ⟨n/.test(text.slice(at)));
  const places = [...cuts].filter(isCut).sort((one, other) => one - other);
  const pieces: Piece[] = [];
  // "First find …; then what is owed, and the total of …": told to find, all of it.
  let toFind = / are (?:wanted|to be found|sought|to be determined)(?![a-z])/.test(text) && wanted.test(text);
  let follows = quantityFirst.test(text) && !/⟨[mp]/.test(text);
  const isShort = text.trim().length < 80 && /\?\s*$/.test(text);
  places.forEach((at, index) => {
    const until = places[index + 1] ?? text.length;
    const piece = text.slice(at, until);
    if (piece.replace(/[\W_]/g, '') === '') return;
    const head = piece.slice(0, 60);
    const relates = index > 0 && doesRelate(text, at, piece);
    const asks =
      !relates &&
      !asBefore.test(piece) &&
      (interrogative.test(head) || (index === 0 && wanted.test(text)) || imperative.test(`. ${piece.trimStart()}`));
    const tells = imperative.test(`. ${piece.trimStart()}`);
    const isLabelled = places.some(
      (cut) => cut <= at && labelled.has(cut) && /^\s*(?:(?:and|then|also)\s+)?$/.test(text.slice(cut, at)),
    );
    const isAside = isLabelled ? doesSuppose(text, at, piece) : !tells && isToldIn(text, at, piece);
    const isPart = isLabelled && !isAside;
    const isTail = isTailAt(text, at, until);
    const isListed = toFind && listed.test(piece);
    const isGloss = gloss.test(piece);
    const isRemark = !asks && !isLabelled && !tells && inBrackets.test(text.slice(0, at));
    const opens =
      !isAside &&
      !isGloss &&
      !isRemark &&
      (asks || isLabelled || follows || isListed || (isShort && !verbFirst.test(piece)) || isTail);
    pieces.push({
      start: start + at,
      end: start + until,
      opens,
      asks: asks || isPart,
      heads: isLabelled || (!relates && (headed.test(piece) || (tells && !asksNothing.test(piece)))),
      lists: follows || isListed,
    });
    toFind ||= tells;
    follows = tells || isPart || isTail || whatIs.test(piece) || (follows && (relates || !interrogative.test(head)));
  });
  return openedAtFirst(text, pieces);
}

/** "Quarterly payment and how much …, please." */
function openedAtFirst(text: string, pieces: readonly Piece[]): Piece[] {
  const [first, second, ...rest] = pieces;
  const isNoun =
    first !== undefined &&
    second?.asks === true &&
    first.end - first.start < 40 &&
    !/⟨[mp]|^(?:with|at|in|for|on|if|from|after|over|when|having|given|under) /.test(text);
  return isNoun ? [{ ...first, opens: true }, second, ...rest] : [...pieces];
}
