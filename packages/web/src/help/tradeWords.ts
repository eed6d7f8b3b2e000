/** Words of the trade and of this book, each with its meaning in one or two plain sentences. */
import { say } from '../words/say.ts';

export const tradeWords = {
  case: say('One loan, lease, savings plan, fund or single sum: a statement with everything that follows from it.'),
  statement: say('The sentence that states a case. Its slots hold the numbers; the slot with ? is solved for.'),
  nominal: say('A rate a year that is shared out over the compoundings: 6 % compounded monthly is 0.5 % each month.'),
  effective: say('The rate a year that money really grows by, with interest on interest.'),
  'flat charge': say('Interest reckoned on the whole amount for the whole time, however much is repaid on the way.'),
  balloon: say('A sum that is still owed at the end and falls due with the last payment.'),
  residual: say('What goods on lease are worth at the end.'),
  'in advance': say('Payments at the beginning of each period; in arrears is at the end.'),
  'sinking fund': say('Equal deposits that grow to a sum needed later.'),
  principal: say('The part of a payment that brings down what is owed; the rest is interest.'),
  'finance charge': say('All that credit costs: everything paid less what was received.'),
  'trade-in': say('Old goods given in payment for new ones.'),
  given: say('A number in an exercise’s story that may vary from student to student.'),
  plan: say('A case behind an exercise. An exercise may rest on several.'),
  part: say('One question of an exercise, with its marks and its key.'),
  key: 'The right answer of a part, with every number that a usual way of rounding gives.',
  slip: say('A named mistake and the numbers it leads to. A wrong answer that fits one is explained by it.'),
  verdict: say(
    'What was found about an answer: right, rounded, carried on from an earlier answer, a slip, or without a cause.',
  ),
  carried: say('A wrong answer that is right with the student’s own earlier answer.'),
  reading: say('Another meaning of a question whose answer counts, too.'),
  convention: say('What is rounded on the way. Tools and books differ, and all their numbers are right.'),
  'entering style': say('How a calculator or a worksheet wants its entries: signs, order, what it rounds.'),
  'house rules': say('How a class writes and rounds numbers, and how strictly answers are judged.'),
  set: say('Exercises for one class in order, with marks and a due day.'),
  assigned: say('A set that students have: its exercises as they were, each student with their numbers.'),
  submission: say('What one student answered to a set.'),
  release: say('Makes marks and feedback seen by students.'),
  doubt: say('Something in a text that can be read two ways, or that is missing. It waits for a choice.'),
} as const;

export type TradeWord = keyof typeof tradeWords;

export const isTradeWord = (word: string): word is TradeWord => Object.hasOwn(tradeWords, word);
