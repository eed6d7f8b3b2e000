/** Words of the trade and of this book, each with its meaning in one or two plain sentences. */

export const tradeWords = {
  case: 'One loan, lease, savings plan, fund or single sum: a statement with everything that follows from it.',
  statement: 'The sentence that states a case. Its slots hold the numbers; the slot with ? is solved for.',
  nominal: 'A rate a year that is shared out over the compoundings: 6 % compounded monthly is 0.5 % each month.',
  effective: 'The rate a year that money really grows by, with interest on interest.',
  'flat charge': 'Interest reckoned on the whole amount for the whole time, however much is repaid on the way.',
  balloon: 'A sum that is still owed at the end and falls due with the last payment.',
  residual: 'What goods on lease are worth at the end.',
  'in advance': 'Payments at the beginning of each period; in arrears is at the end.',
  'sinking fund': 'Equal deposits that grow to a sum needed later.',
  principal: 'The part of a payment that brings down what is owed; the rest is interest.',
  'finance charge': 'All that credit costs: everything paid less what was received.',
  'trade-in': 'Old goods given in payment for new ones.',
  given: 'A number in an exercise’s story that may vary from student to student.',
  plan: 'A case behind an exercise. An exercise may rest on several.',
  part: 'One question of an exercise, with its marks and its key.',
  key: 'The right answer of a part, with every number that a usual way of rounding gives.',
  slip: 'A named mistake and the numbers it leads to. A wrong answer that fits one is explained by it.',
  verdict:
    'What was found about an answer: right, rounded, carried on from an earlier answer, a slip, or without a cause.',
  carried: 'A wrong answer that is right with the student’s own earlier answer.',
  reading: 'Another meaning of a question whose answer counts, too.',
  convention: 'What is rounded on the way. Tools and books differ, and all their numbers are right.',
  'entering style': 'How a calculator or a worksheet wants its entries: signs, order, what it rounds.',
  'house rules': 'How a class writes and rounds numbers, and how strictly answers are judged.',
  set: 'Exercises for one class in order, with marks and a due day.',
  assigned: 'A set that students have: its exercises as they were, each student with their numbers.',
  submission: 'What one student answered to a set.',
  release: 'Makes marks and feedback seen by students.',
  doubt: 'Something in a text that can be read two ways, or that is missing. It waits for a choice.',
} as const;

export type TradeWord = keyof typeof tradeWords;

export const isTradeWord = (word: string): word is TradeWord => Object.hasOwn(tradeWords, word);
