/** How many plans a text tells, and how they hang together: each way is tried in turn, one plan is the last. */

import type { DraftReading } from '../draftReading.ts';
import { readOnePlan } from '../onePlan.ts';
import type { Page } from '../page.ts';
import { readAddedLater } from './addedLater.ts';
import { readAgedStages } from './agedStages.ts';
import { readBalanceTold } from './balanceTold.ts';
import { readCashOrPayments } from './cashOrPayments.ts';
import { readClearedInstead } from './clearedInstead.ts';
import { readGoalMissed } from './goalMissed.ts';
import { readGoalPassed } from './goalPassed.ts';
import { readGoalToo } from './goalToo.ts';
import { readOffers } from './offers.ts';
import { readDearerThen } from './dearerThen.ts';
import { readDrawnOut } from './drawnOut.ts';
import { readEndSooner } from './endSooner.ts';
import { readFeeKept } from './feeKept.ts';
import { readAtFoundRate, readCalledIn, readHalved } from './followers.ts';
import { readDeferred } from './deferred.ts';
import { readOtherOften } from './otherOften.ts';
import { readOtherPayment } from './otherPayment.ts';
import { readOtherRate } from './otherRate.ts';
import { readOtherSum } from './otherSum.ts';
import { readPhases } from './phases.ts';
import { readAmountThenChanged } from './amountThenChanged.ts';
import { readPaidAndToGo } from './paidAndToGo.ts';
import { readPaidAtOnce } from './paidAtOnce.ts';
import { readPaidDownTo } from './paidDownTo.ts';
import { readPaidFirst } from './paidFirst.ts';
import { readRaisedToFit } from './raisedToFit.ts';
import { readRaisedByShare } from './raisedByShare.ts';
import { readRates } from './rates.ts';
import { readRaisedFromStart } from './raisedFromStart.ts';
import { readRateAtSum } from './rateAtSum.ts';
import { readRefinanced } from './refinanced.ts';
import { readKeptDeposits } from './keptDeposits.ts';
import { readKeptEither } from './keptEither.ts';
import { readInterestFirst } from './interestFirst.ts';
import { readStoppedSaving } from './stoppedSaving.ts';
import { readSavedLaidDrawn } from './savedLaidDrawn.ts';
import { readSavedTwice } from './savedTwice.ts';
import { readSavedForLater } from './savedForLater.ts';
import { readSoldOn } from './soldOn.ts';
import { readSumsInAndOut } from './sumsInAndOut.ts';
import { readSumsInOne } from './sumsInOne.ts';
import { readSpreadAgain } from './spreadAgain.ts';
import { readStages } from './stages.ts';
import { readStillToMake } from './stillToMake.ts';
import { readToldPayment } from './toldPayment.ts';
import { readSeveralSupposed, readSupposedOtherwise } from './supposedOtherwise.ts';
import { readSeveralTerms } from './severalTerms.ts';
import { readSavedThenBought } from './savedThenBought.ts';
import { readTwoSavers } from './twoSavers.ts';
import { readTwoTerms } from './terms.ts';
import { readWorthTwice } from './worthTwice.ts';
import { readYearlyRates } from './yearlyRates.ts';
import { readSameWorth, readTwoTimings } from './twoTimings.ts';
import { readSeveralSizes } from './severalSizes.ts';
import { readTwoSizes } from './twoSizes.ts';
import { readWithoutChange } from './withoutChange.ts';

const structures: readonly ((page: Page) => DraftReading | undefined)[] = [
  readAddedLater,
  readWithoutChange,
  readDearerThen,
  readSavedThenBought,
  readSeveralTerms,
  readSumsInOne,
  readRates,
  readHalved,
  readPaidAndToGo,
  readBalanceTold,
  readEndSooner,
  readPaidDownTo,
  readFeeKept,
  readPaidAtOnce,
  readKeptEither,
  readKeptDeposits,
  readDrawnOut,
  readGoalMissed,
  readGoalPassed,
  readRaisedToFit,
  readStillToMake,
  readRefinanced,
  readAtFoundRate,
  readSoldOn,
  readSpreadAgain,
  readRaisedByShare,
  readPaidFirst,
  readSeveralSizes,
  readSavedTwice,
  readTwoSizes,
  readCashOrPayments,
  readAmountThenChanged,
  readClearedInstead,
  readCalledIn,
  readOtherOften,
  readSeveralSupposed,
  readRateAtSum,
  readRaisedFromStart,
  readOtherPayment,
  readOtherRate,
  readToldPayment,
  readOtherSum,
  readGoalToo,
  readSumsInAndOut,
  readInterestFirst,
  readSavedForLater,
  readSavedLaidDrawn,
  readDeferred,
  readPhases,
  readTwoSavers,
  readSameWorth,
  readTwoTimings,
  readWorthTwice,
  readYearlyRates,
  readStoppedSaving,
  readStages,
  readAgedStages,
  readSupposedOtherwise,
  readTwoTerms,
  readOffers,
];

export function readPlans(page: Page): DraftReading {
  for (const read of structures) {
    const found = read(page);
    if (found) return found;
  }
  return readOnePlan(page);
}
