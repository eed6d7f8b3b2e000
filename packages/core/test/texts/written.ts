/** Problems in many hands, with what they say: a line a plan, a phrase a question. Made up; `texts.test.ts` tells the short forms. */

export interface Written {
  readonly text: string;
  readonly plans: readonly string[];
  readonly asks: readonly string[];
  /** Read right, and doubted all the same. */
  readonly isDoubted?: true;
}

export const written: readonly Written[] = [
  {
    text: 'The cost of a delivery van is $28,900. The buyer makes a down payment of 20% and finances the balance over 5 years with equal end-of-month payments at 8.4% compounded monthly. Calculate the monthly payment.',
    plans: ['borrowing price=28900 down=5780 amount=23120 rate=0.084/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A car is advertised at $24,600. With a $2,000 trade-in and $1,500 cash, the rest is financed at 6.3% compounded monthly for 54 months, payments at month-end. Find the amount financed, the monthly payment and the total interest.',
    plans: ['borrowing price=24600 down=1500 trade=2000 amount=21100 rate=0.063/nominal/12 n=54 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'totalInterest'],
  },
  {
    text: 'The list price of a copier is $6,800; a 25% deposit is required and the balance is paid in 18 monthly installments of $305 starting one month after delivery. Find the finance charge and the effective annual rate.',
    isDoubted: true,
    plans: ['borrowing price=6800 down=1700 amount=5100 n=18 p=12 payment=305 final=0 ?rate'],
    asks: ['financeCharge', 'effectiveRate'],
  },
  {
    text: 'A loan of £20,000 with interest at 6% compounded monthly has a payment of £386.66 at the end of each month. How much of the 13th payment is interest?',
    plans: ['borrowing amount=20000 rate=0.06/nominal/12 p=12 payment=386.66 final=0 ?payments'],
    asks: ['interestIn from:13 to:13'],
  },
  {
    text: 'Over the last 8 years, Uncle Bram put £60 into a savings account at the end of each month. The account paid 3% compounded monthly. How much of the final balance is interest?',
    plans: ['saving amount=0 rate=0.03/nominal/12 n=96 p=12 payment=60 ?finalAmount'],
    asks: ['totalInterest'],
  },
  {
    text: 'A loan of €40,000 at 5.7 % compounded monthly is repaid in 10 years with equal payments at the end of each month. With the 36th payment an extra €5,000 is paid, and the borrower keeps paying the same instalment. (a) Find the monthly instalment. (b) How many payments are saved? (c) How much interest is saved?',
    plans: ['borrowing amount=40000 rate=0.057/nominal/12 n=120 p=12 final=0 extra@36:5000/payment ?payment'],
    asks: [
      'payment',
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'What quarterly rate of interest makes £10,000 grow to £12,500 in five years, when interest is compounded quarterly?',
    plans: ['lump-sum amount=10000 n=20 p=4 final=12500 ?rate'],
    asks: ['ratePerPayment'],
  },
  {
    text: 'Cash price of a pottery wheel: $1,890. Terms: one tenth down, then 15 monthly payments of $125 beginning one month after purchase. How much is financed, how much is the finance charge, and what nominal rate, compounded monthly, is charged?',
    plans: ['borrowing price=1890 down=189 amount=1701 n=15 p=12 payment=125 final=0 ?rate'],
    asks: ['amount', 'financeCharge', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Which nominal rate compounded monthly lets £220 a month, paid in at the end of each month, grow to £17,500 in six years? What effective rate is it?',
    plans: ['saving amount=0 n=72 p=12 payment=220 final=17500 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: "Rory's loan: £9,999, 36 months, 8.88% compounded monthly, payments at the end of each month, £1,999 final balloon. Find his payment and everything he pays.",
    plans: ['borrowing amount=9999 rate=0.0888/nominal/12 n=36 p=12 final=1999 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'A $16,000 loan is to be repaid over 5 years, monthly, at the end of each month, at 7.5% compounded monthly. After the 24th payment the borrower makes a lump-sum payment of $3,000 and the remaining payments are recalculated over the rest of the original term. Find the first payment, the balance right after the lump sum, and the new payment.',
    plans: ['borrowing amount=16000 rate=0.075/nominal/12 n=60 p=12 final=0 extra@24:3000/payments ?payment'],
    asks: ['payment', 'balanceAfter k:24 moment:afterExtra', 'payment after:24'],
  },
  {
    text: 'Compare 6.2% compounded daily with 6.3% compounded annually. Which is the higher rate, and by how much as effective rates?',
    plans: ['convert rate=0.062/nominal/365 p=365 ?rate', 'convert rate=0.063/nominal/1 p=1 ?rate'],
    asks: ['choice by:effectiveRate want:most', 'difference of:effectiveRate between:[0,1]'],
  },
  {
    text: 'How long must £200 at the end of each month be paid on a debt of £12,000 at 1.2% a month so that half remains?',
    plans: ['borrowing amount=12000 rate=0.012/per-period/12 p=12 payment=200 final=6000 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'The $250,000 mortgage has monthly payments at the end of the month, calculated as for 25 years at 5.1% compounded monthly, but the whole balance must be repaid after 5 years. What are the payments and how much is due then besides the last one?',
    plans: [
      'borrowing amount=250000 rate=0.051/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=250000 rate=0.051/nominal/12 n=60 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1'],
  },
  {
    text: 'Elin Strand, a boat builder, pays off a £16,900 loan at 6.9 % a year, compounded monthly, in thirty-six equal payments, each made when the month is over. How much is each of them?',
    plans: ['borrowing amount=16900 rate=0.069/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Given PV = 18,000, PMT = 420 (end of month), j12 = 8.1 %, find N.',
    plans: ['borrowing amount=18000 rate=0.081/nominal/12 p=12 payment=420 final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'The state lottery offers $50,000 a year at the start of every year for 20 years. What is that worth today at 4 % effective?',
    plans: ['drawing-down rate=0.04/effective/1 n=20 p=1 payment=50000 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A grain silo, value $84,000, is leased for six years at 6.3 % compounded monthly with monthly payments at the end of each month and no residual. Monthly payment?',
    plans: ['leasing price=84000 amount=84000 rate=0.063/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "The miller's widow lives off a fund of 66 000 €. It earns 3,6 % a year, compounded monthly, and she takes 500 € at the start of every month. How many payments will it make, counting the last part payment?",
    plans: ['drawing-down amount=66000 rate=0.036/nominal/12 p=12 payment=500 beginning final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: "Ragnhild's mortgage: 1 850 000 kr, 25 years, 4,08 % compounded monthly, payments at the end of every month.\n1) What is the payment?\n2) What is the debt after 8 years?\n3) What part of payment 97 is interest, and what part is principal?",
    plans: ['borrowing amount=1850000 rate=0.0408/nominal/12 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:96', 'interestIn from:97 to:97', 'principalIn from:97 to:97'],
  },
  {
    text: 'Lars saves 2,000 kr at the end of every month for 6 years at 3.3 % compounded monthly. How much does he have then, and how much of it did he put in himself?',
    plans: ['saving amount=0 rate=0.033/nominal/12 n=72 p=12 payment=2000 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid'],
  },
  {
    text: 'At 6.6% compounded monthly Jens can pay $700 at the end of each month for eight years. The cottage he wants costs $72,000. How much can he borrow, and how much of the price must he find himself?',
    plans: ['borrowing price=72000 rate=0.066/nominal/12 n=96 p=12 payment=700 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: 'What rate per month is charged when a £3,000 loan is cleared by 24 month-end payments of £143? What effective rate per year does that make?',
    plans: ['borrowing amount=3000 n=24 p=12 payment=143 final=0 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate'],
  },
  {
    text: 'A loan at 8.4% compounded monthly is repaid by 48 monthly payments of £365 in arrears. (a) How large was it? (b) How much interest is in the first payment? (c) What is owed after the 12th payment?',
    plans: ['borrowing rate=0.084/nominal/12 n=48 p=12 payment=365 final=0 ?amount'],
    asks: ['amount', 'interestIn from:1 to:1', 'balanceAfter k:12'],
  },
  {
    text: "A balloon loan of £45,000 over 7 years at 5.94% compounded monthly: payments at each month's end, £12,000 falls due with the last. Payment? Balance after 36 payments?",
    plans: ['borrowing amount=45000 rate=0.0594/nominal/12 n=84 p=12 final=12000 ?payment'],
    asks: ['payment', 'balanceAfter k:36'],
  },
  {
    text: 'A £120,000 loan over 20 years, month-end payments, 4.8% compounded monthly. After six years the rate goes up to 5.7 % compounded monthly and the payment is worked out anew for the rest of the term. What is the first payment, what is the balance then, what is the new payment and by how much does it rise?',
    plans: ['borrowing amount=120000 rate=0.048/nominal/12 n=240 p=12 final=0 rate@72:0.057/payments ?payment'],
    asks: [
      'payment',
      'balanceAfter k:72',
      'payment after:72',
      'difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:72}}]',
    ],
  },
  {
    text: 'Offer one: £14,000 over 4 years at 5.9% compounded monthly. Offer two: £14,000 over 4 years at 3.1% flat. Monthly payments at the end of each month. Find both payments and the cheaper offer, and how much it saves in all.',
    plans: [
      'borrowing amount=14000 rate=0.059/nominal/12 n=48 p=12 final=0 ?payment',
      'flat amount=14000 rate=0.031/flat n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'A $200,000 loan at 6 % compounded monthly over 30 years has monthly payments at the end of the month. Instead, half the monthly payment is paid every two weeks. How many years does it take then?',
    plans: [
      'borrowing amount=200000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=200000 rate=0.06/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['years@1'],
  },
  {
    text: "Compare a lease and a loan for a $36,000 van. Lease: 48 payments of $610 in advance each month and a residual of $12,000. Loan: 48 month-end payments at 7.2% compounded monthly. What nominal rate compounded monthly does the lease charge? What is the loan's payment?",
    plans: [
      'leasing price=36000 amount=36000 n=48 p=12 payment=610 beginning final=12000 ?rate',
      'borrowing price=36000 amount=36000 rate=0.072/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'payment@1'],
  },
  {
    text: 'A credit card adds 1.6 % each month. What yearly rate, effective, does this amount to?',
    plans: ['convert rate=0.016/per-period/12 p=12 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: "Mrs Tallow borrows $64,000 at 6.24% compounded monthly over 10 years, paying at month's end. (a) Find her payment. (b) Split payment number 50 into interest and principal. (c) Find the balance after payment 50.",
    plans: ['borrowing amount=64000 rate=0.0624/nominal/12 n=120 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:50 to:50', 'principalIn from:50 to:50', 'balanceAfter k:50'],
  },
  {
    text: 'A boat at £32,000: the dealer takes £4,500 for the old one, the buyer pays £2,500 down, and finances the rest over six years at 7.32% compounded monthly with month-end payments. What is financed? What is the payment? What is paid for the boat in all, counting the deposit and the old boat?',
    plans: [
      'borrowing price=32000 down=2500 trade=4500 amount=25000 rate=0.0732/nominal/12 n=72 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'A workshop borrows £36,000 and repays £1,250 at the end of every quarter for ten years. Find the rate per quarter, the nominal rate per year compounded quarterly and the effective rate per year.',
    plans: ['borrowing amount=36000 n=40 p=4 payment=1250 final=0 ?rate'],
    asks: ['ratePerPayment', 'nominalRate compoundingsPerYear:4', 'effectiveRate'],
  },
  {
    text: 'A retirement pot of $320,000 earns 4.5% compounded monthly. (a) What can be withdrawn at the start of each month for 25 years? (b) How much is left after 10 years of withdrawals? (c) How much is withdrawn altogether?',
    plans: ['drawing-down amount=320000 rate=0.045/nominal/12 n=300 p=12 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:120', 'totalPaid'],
  },
  {
    text: 'Sixteen thousand pounds, borrowed at 9% compounded monthly, is paid back with £340 at the end of each month. After how many payments is the loan cleared? What is the final payment? How much is paid altogether?',
    plans: ['borrowing amount=16000 rate=0.09/nominal/12 p=12 payment=340 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'totalPaid'],
  },
  {
    text: 'Loan: £150,000; term: 15 years; rate: 5.4% compounded semi-annually; payments: monthly, end of month. Find a) the payment b) the sum of all payments c) the interest in the 5th year.',
    plans: ['borrowing amount=150000 rate=0.054/nominal/2 n=180 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'interestIn from:49 to:60'],
  },
  {
    text: 'The piano was priced at $11,400. After a down payment of 30 percent, Tove paid the rest with 30 monthly payments of $298.50, starting a month after the purchase. Find the nominal rate, compounded monthly, and the finance charge.',
    plans: ['borrowing price=11400 down=3420 amount=7980 n=30 p=12 payment=298.5 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'financeCharge'],
  },
  {
    text: "A machine lease of 60 months asks £415 at the end of each month. At 9.3% compounded monthly and with a residual of £5,000, what is the machine's price? What does the lessee pay in all if the machine is then bought?",
    plans: ['leasing rate=0.093/nominal/12 n=60 p=12 payment=415 final=5000 ?amount'],
    asks: ['amount', 'totalPaid'],
  },
  {
    text: 'Lend me £20,000! says Finn. Bank Red asks 6.9% compounded monthly over 5 years, bank Blue 7.4 % effective over 5 years; both want month-end payments. Which is cheaper and what are the two payments?',
    plans: [
      'borrowing amount=20000 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=20000 rate=0.074/effective/1 n=60 p=12 final=0 ?payment',
    ],
    asks: ['choice by:totalPaid want:least', 'payment', 'payment@1'],
  },
  {
    text: '£48,000 is borrowed for 10 years at 5.7% compounded monthly, month-end payments. How much interest is saved in all, and how many payments, if £60 more is paid each month from the 25th payment on?',
    plans: ['borrowing amount=48000 rate=0.057/nominal/12 n=120 p=12 final=0 payment@24:60 ?payment'],
    asks: [
      'difference of:totalInterest between:[asStated,withChanges]',
      'difference of:payments between:[asStated,withChanges]',
    ],
  },
  {
    text: 'After retiring, Malin draws on savings of $145,000, invested at 5.1% compounded quarterly, taking a fixed sum at the beginning of each quarter for 18 years. Determine the sum.',
    plans: ['drawing-down amount=145000 rate=0.051/nominal/4 n=72 p=4 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: '€640 is charged as interest on €4,000 and both are repaid together in 20 equal monthly payments. How large is a payment?',
    plans: ['flat charge=640 amount=4000 n=20 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A grain dealer wants the effective yearly rate of a credit line that costs 2.1% a quarter.',
    isDoubted: true,
    plans: ['convert rate=0.021/per-period/4 p=4 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'Compute, for a loan of £46,000 at 6.84% compounded monthly repaid by 108 month-end payments: the payment; the balance after 45 payments; the total interest; the interest paid in the first year.',
    plans: ['borrowing amount=46000 rate=0.0684/nominal/12 n=108 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:45', 'totalInterest', 'interestIn from:1 to:12'],
  },
  {
    text: 'Borrow €33,500; pay it back in 7 years by quarterly payments in arrears; 5.2 % compounded quarterly. Payment; interest in all; balance after 10 payments.',
    plans: ['borrowing amount=33500 rate=0.052/nominal/4 n=28 p=4 final=0 ?payment'],
    asks: ['payment', 'totalInterest', 'balanceAfter k:10'],
  },
  {
    text: 'For how many months can $1,500 be taken at the end of each month from $100,000 at 4.2% compounded monthly, counting whole months only? What remains to be taken one month after the last whole one?',
    plans: ['drawing-down amount=100000 rate=0.042/nominal/12 p=12 payment=1500 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'A caravan is sold for £15,200. A third is paid at once, the rest in 36 month-end payments at 7.5% compounded monthly. Find the deposit, the payment, and the total paid for the caravan including the deposit.',
    plans: ['borrowing price=15200 down=5066.67 amount=10133.33 rate=0.075/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['downPayment', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'At an effective rate of 3.6%, deposits of €1,000 are made at the beginning of each quarter for 6 years. What is the final value? How much has been deposited in total?',
    plans: ['saving amount=0 rate=0.036/effective/1 n=24 p=4 payment=1000 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalPaid'],
  },
  {
    text: 'A loan of £9,000 is repaid by 36 end-of-month payments of £284. Find the monthly rate, the nominal annual rate and the total interest.',
    plans: ['borrowing amount=9000 n=36 p=12 payment=284 final=0 ?rate'],
    asks: ['ratePerPayment', 'nominalRate compoundingsPerYear:12', 'totalInterest'],
  },
  {
    text: 'Kaia has paid 24 of the 60 month-end payments on a $22,000 loan at 8.4% compounded monthly when she inherits $5,000 and pays it in at once. Her payment is unchanged. How many payments does she still make, the last one smaller? How much interest does she save?',
    plans: [
      'borrowing amount=22000 rate=0.084/nominal/12 n=60 p=12 final=0 extra@24:5000/payment ?payment',
      'borrowing rate=0.084/nominal/12 p=12 final=0 ?payments',
    ],
    asks: ['payments@1', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'A 25-year mortgage of £210,000 at 4.68% compounded monthly, month-end payments. At the end of year 5 the rate is changed to 5.88% compounded monthly. (a) Find the original payment. (b) Find the balance at the change. (c) Find the new payment if the mortgage is still to end after 25 years. (d) By how much does the payment go up?',
    plans: ['borrowing amount=210000 rate=0.0468/nominal/12 n=300 p=12 final=0 rate@60:0.0588/payments ?payment'],
    asks: [
      'payment',
      'balanceAfter k:60',
      'payment after:60',
      'difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:60}}]',
    ],
  },
  {
    text: 'The orchestra can buy a harpsichord for $18,000 on either of two terms. Dealer: no interest rebate, 3.6% flat for 3 years, monthly payments. Bank: 6.9% compounded monthly for 3 years, month-end payments. Find each monthly payment, and say which is cheaper and by how much altogether.',
    plans: [
      'flat price=18000 amount=18000 rate=0.036/flat n=36 p=12 final=0 ?payment',
      'borrowing price=18000 amount=18000 rate=0.069/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'What must be saved at the end of each month during 30 working years, at 4.8% compounded monthly, if one wishes to draw $2,000 at the end of each month during the 20 years after them, at the same rate? How large must the savings have grown by then?',
    plans: [
      'drawing-down rate=0.048/nominal/12 n=240 p=12 payment=2000 final=0 ?amount',
      'saving amount=0 rate=0.048/nominal/12 n=360 p=12 ?payment',
    ],
    asks: ['payment@1', 'amount'],
  },
  {
    text: 'Lender X: $16,000, 48 months, 7.1% compounded monthly. Lender Y: $16,000, 60 months, 6.8% compounded monthly. Month-end payments. Find the payments. Which loan costs more interest, and how much more?',
    plans: [
      'borrowing amount=16000 rate=0.071/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=16000 rate=0.068/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalInterest want:most', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A ferryman buys a launch for £41,600. He pays one fifth of the price straight away and the rest in level monthly sums over four and a half years, always at the start of the month; 7.2 % a year compounded monthly is charged. How much is each monthly sum?',
    plans: ['borrowing price=41600 down=8320 amount=33280 rate=0.072/nominal/12 n=54 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Nils takes up 27 500 € for six years. Interest: 6,3 %, compounded yearly. He repays at the end of every second month. Find what he repays each time, and all he repays together.',
    plans: ['borrowing amount=27500 rate=0.063/nominal/1 n=36 p=6 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Pia starts with 4.200 € on her account and pays in 180 € at the end of every month. The account, which her aunt opened in 1998, carries 3,6 % interest, added daily. What stands on it after 5½ years, and how much of that is interest?',
    plans: ['saving amount=4200 rate=0.036/nominal/365 n=66 p=12 payment=180 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A dredger is paid for by a loan of £88,000 for seven years with payments at the end of each quarter; £30,000 remains to be paid as a balloon with the last payment. The rate is 6.4 % a year, with quarterly rests. (i) Find each payment. (ii) Find the whole interest. [7 marks]',
    plans: ['borrowing amount=88000 rate=0.064/nominal/4 n=28 p=4 final=30000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Bought on instalments: a loom for £2,900. Deposit 15 %. To the remainder 7 % a year is added for the whole time, and the sum is paid in 24 equal monthly parts. How much interest? How much a month? How much in all with the deposit?',
    plans: ['flat price=2900 down=435 amount=2465 rate=0.07/flat n=24 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: '€12,000 is the goal. The class already has €2,300 and puts €210 aside at the end of each month; the bank credits 2.7% monthly. After how many months is the goal reached or passed?',
    isDoubted: true,
    plans: ['saving amount=2300 rate=0.027/nominal/12 p=12 payment=210 final=12000 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'You advise a buyer who can spare $340 at the end of each month for five years. Loans cost 8.4% a year compounded monthly. The car of his dreams is $21,900. What can he borrow, and what must he pay down?',
    plans: ['borrowing price=21900 rate=0.084/nominal/12 n=60 p=12 payment=340 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: '«You get 9 400 € and pay back fifty times at the end of the month; interest is 0,6 % a month on what is still owed.» What is one payment? What do the payments still to come amount to after the twentieth?',
    plans: ['borrowing amount=9400 rate=0.006/per-period/12 n=50 p=12 final=0 ?payment'],
    asks: ['payment', 'leftToPay k:20'],
  },
  {
    text: 'A foundation with seven members owns €480,000. For 15 years it gives away the same sum at the end of each half-year and then still wants to own €200,000. The money earns 3.9 % convertible half-yearly. What does it give away each time?',
    plans: ['drawing-down amount=480000 rate=0.039/nominal/2 n=30 p=2 final=200000 ?payment'],
    asks: ['payment'],
  },
  {
    text: '"No money down! Only £21.40 a week for 104 weeks, first payment next week," says the label on a £1,950 bicycle. The shop finances all of it. What is the nominal annual rate compounded weekly? What is the finance charge?',
    plans: ['borrowing price=1950 amount=1950 n=104 p=52 payment=21.4 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:52', 'financeCharge'],
  },
  {
    text: "The weaver's loan of $28,500 bears 6¼ per cent a year, charged monthly. It is repaid at the end of each month over 5 years. What does she owe after 18 months, and what do the remaining payments come to? (First find the payment.)",
    plans: ['borrowing amount=28500 rate=0.0625/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:18', 'leftToPay k:18'],
  },
  {
    text: 'Leased: a grand piano, list price £31,000; £2,500 paid up front and £1,200 allowed for an old piano; 48 payments of £540 at the end of each month; 7.5% compounded monthly. What residual has to be paid with the last payment?',
    plans: [
      'leasing price=31000 down=2500 trade=1200 amount=27300 rate=0.075/nominal/12 n=48 p=12 payment=540 ?finalAmount',
    ],
    asks: ['finalAmount'],
  },
  {
    text: 'PLAN 1: the works lend the full £26,000 for 60 months at 4.2% compounded monthly. PLAN 2: the works take £1,800 off the price and a bank lends the rest for 60 months at 6.6% compounded monthly. In both the payments fall at the end of each month. Find both payments and the plan that costs less in all, with the difference.',
    plans: [
      'borrowing amount=26000 rate=0.042/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing price=26000 rebate=1800 amount=24200 rate=0.066/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'Silje pays 280 € into a fund at the end of each month for 22 years. Then for 18 years the fund pays her the same sum at the end of every month until it is empty. The interest is 4,5 % compounded monthly the whole time. (a) Find what the fund holds after 22 years. (b) Find her monthly sum. (c) Find the interest earned in the second stage.',
    plans: [
      'saving amount=0 rate=0.045/nominal/12 n=264 p=12 payment=280 ?finalAmount',
      'drawing-down rate=0.045/nominal/12 n=216 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1', 'totalInterest@1'],
  },
  {
    text: 'Gerda has 40 payments left on a loan of £30,000 at 9.9 % compounded monthly, 72 monthly payments in arrears. Another bank offers to pay off what is owed, adds £300 for its trouble, and asks 6.9 % compounded monthly over the 40 payments. Find (a) her present payment, (b) what is owed, (c) the new payment, (d) what she saves altogether.',
    plans: [
      'borrowing amount=30000 rate=0.099/nominal/12 n=72 p=12 final=0 ?payment',
      'borrowing fees=300 rate=0.069/nominal/12 n=40 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:32',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:32}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'With the 48th payment of a 15-year loan of €120,000 (effective 4.2 % a year, paid monthly at the end of the month) €15,000 is repaid besides; the loan is to end on its old date. What is the payment from the 49th on? How much interest is paid in the fifteen years?',
    plans: ['borrowing amount=120000 rate=0.042/effective/1 n=180 p=12 final=0 extra@48:15000/payments ?payment'],
    asks: ['payment after:48', 'totalInterest'],
  },
  {
    text: '$15k at 7.2 % compounded monthly, over four years or over six? Find the monthly payment and the total interest of each, and how much more interest the longer loan costs.',
    plans: [
      'borrowing amount=15000 rate=0.072/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=15000 rate=0.072/nominal/12 n=72 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest', 'payment@1', 'totalInterest@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: "A loan of £140,000 is reckoned as if it ran 25 years at 5.4% compounded monthly with payments at the month's end, but what is then still owed has to be paid after six years, with the 72nd payment. Find the payment, the sum still owed then, and the last payment with it.",
    plans: [
      'borrowing amount=140000 rate=0.054/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=140000 rate=0.054/nominal/12 n=72 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'At which yearly rate, compounded monthly, did the bank lend £24,000 against 60 payments of £478.30 in arrears, one a month? At the same rate, how much could one get for £600 a month over the same time? What is owed on the first loan after two years?',
    plans: [
      'borrowing amount=24000 n=60 p=12 payment=478.3 final=0 ?rate',
      'borrowing n=60 p=12 payment=600 final=0 ?amount',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'amount@1', 'balanceAfter k:24'],
  },
  {
    text: 'Sister Odile is to receive £750 at the beginning of each month for 6 years. What is the value of this today at 5.4 % compounded monthly?',
    plans: ['drawing-down rate=0.054/nominal/12 n=72 p=12 payment=750 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Rate wanted: PV 9,000, FV 11,400, 5 years, compounded monthly, no payments. Nominal?',
    isDoubted: true,
    plans: ['lump-sum amount=9000 n=60 p=12 final=11400 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "Edda's nest-egg of £66,000, at 3.96% compounded monthly, is to be used up in eleven years by equal withdrawals at each month's end. How large are the withdrawals?",
    plans: ['drawing-down amount=66000 rate=0.0396/nominal/12 n=132 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "A £64,000 loan with quarterly payments at quarter's end over 11 years at 5.6 % compounded quarterly. Find the balance after 20 payments, the interest contained in payment 21 and the total of the payments.",
    plans: ['borrowing amount=64000 rate=0.056/nominal/4 n=44 p=4 final=0 ?payment'],
    asks: ['balanceAfter k:20', 'interestIn from:21 to:21', 'totalPaid'],
  },
  {
    text: 'Gro wants a pension of €1,100 at the end of each month for 22 years. The fund earns 3.72% compounded monthly. What must the fund hold when the pension starts? How much interest will it have earned by the end?',
    plans: ['drawing-down rate=0.0372/nominal/12 n=264 p=12 payment=1100 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'How many weekly deposits of £35, each at the end of its week, bring an account from £400 to at least £4,000 at 2.86% compounded weekly?',
    plans: ['saving amount=400 rate=0.0286/nominal/52 p=52 payment=35 final=4000 ?payments'],
    asks: ['payments'],
  },
  {
    text: "The bakery's van lease: price £23,400, 42 monthly rents of £460 payable in advance, 8.16% compounded monthly. What is the value at the end that the lessor counts on?",
    plans: ['leasing price=23400 amount=23400 rate=0.0816/nominal/12 n=42 p=12 payment=460 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Mr Pell pays back a loan of £3,700 with 30 month-end payments of £141. (a) What is the rate per month? (b) What is the effective annual rate? (c) How much does he pay in all?',
    plans: ['borrowing amount=3700 n=30 p=12 payment=141 final=0 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate', 'totalPaid'],
  },
  {
    text: 'A credit of 8 800 € at 4,9 % flat per annum is repaid over 4 years in monthly instalments. (a) Interest charged? (b) Instalment? (c) What nominal rate, compounded monthly, does a reducing-balance credit with this instalment have?',
    plans: ['flat amount=8800 rate=0.049/flat n=48 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: "Sunna's loan of £58,000 runs over 10 years at 6.48% compounded monthly, with payments at the end of each month. From the 43rd payment on the rate is 7.32% compounded monthly; the number of payments stays 120. Find the payment at the start, the balance after 42 payments, the payment from the 43rd on.",
    plans: ['borrowing amount=58000 rate=0.0648/nominal/12 n=120 p=12 final=0 rate@42:0.0732/payments ?payment'],
    asks: ['payment', 'balanceAfter k:42', 'payment after:42'],
  },
  {
    text: 'Jens owes £21,000, to be repaid in 84 month-end payments at 7.8% compounded monthly. Together with payment 24 he pays a bonus of £2,500 into the loan and goes on paying as before. How much earlier is he free of debt, counted in payments, and what interest does he save?',
    plans: ['borrowing amount=21000 rate=0.078/nominal/12 n=84 p=12 final=0 extra@24:2500/payment ?payment'],
    asks: [
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'For 10 years, at the end of each quarter, Mattis will put away as much as he needs to take out £1,500 at the end of each quarter for the 5 years that follow. All money earns 4.4% compounded quarterly. What must he have after the 10 years? What must he put away each quarter?',
    plans: [
      'drawing-down rate=0.044/nominal/4 n=20 p=4 payment=1500 final=0 ?amount',
      'saving amount=0 rate=0.044/nominal/4 n=40 p=4 ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'A savings plan: £75 at the end of each month at 2.64% compounded monthly for 15 years. From the 61st deposit on it is £25 more. How much is there at the end? How much of it was paid in? How much is interest?',
    plans: ['saving amount=0 rate=0.0264/nominal/12 n=180 p=12 payment=75 payment@60:25 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid', 'totalInterest'],
  },
  {
    text: "A widow's trust must hand her €950 on the first day of every month for eleven years. How big must the trust be at the outset if it earns 3.48 % compounded monthly?",
    plans: ['drawing-down rate=0.0348/nominal/12 n=132 p=12 payment=950 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A boat hire firm buys four canoes for £3,120 on flat-rate credit: 6.5% p.a. flat for 2 years, repaid in equal monthly instalments. What is the instalment?',
    plans: ['flat price=3120 amount=3120 rate=0.065/flat n=24 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A crane is let for five years at €1,150 a quarter, due at the start of each quarter. Its residual value is €6,500 and the lessor earns 7.6 % compounded quarterly. What was it worth at the start?',
    plans: ['leasing rate=0.076/nominal/4 n=20 p=4 payment=1150 beginning final=6500 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A motorbike sells at $7,450. Buyer A puts down $1,450 and makes 36 payments of $189 at the end of each month. Find the finance charge and the effective rate of the credit.',
    plans: ['borrowing price=7450 down=1450 amount=6000 n=36 p=12 payment=189 final=0 ?rate'],
    asks: ['financeCharge', 'effectiveRate'],
  },
  {
    text: 'From $500,000 the academy awards the same grant at the start of each year for 25 years and wants $100,000 to be left at the end of the 25th year. It earns 4.9% effective. How large is the grant? What do all the grants come to?',
    plans: ['drawing-down amount=500000 rate=0.049/effective/1 n=25 p=1 beginning final=100000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: "Fred's flat-rate loan of £2,750 costs £495 in interest over three years; he pays it back monthly. (a) Monthly payment? (b) Flat rate per annum? (c) Effective rate?",
    plans: ['flat charge=495 amount=2750 n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate as:flat', 'effectiveRate'],
  },
  {
    text: '$80 a week, in arrears, at 3.64% compounded weekly: how much in four years, and what effective rate does the account pay?',
    plans: ['saving amount=0 rate=0.0364/nominal/52 n=208 p=52 payment=80 ?finalAmount'],
    asks: ['finalAmount', 'effectiveRate'],
  },
  {
    text: 'What is left of £95,000 after a man has drawn £700 at the end of each month for eight years, if it earns 3.6 % compounded monthly, and how much interest has it earned meanwhile?',
    plans: ['drawing-down amount=95000 rate=0.036/nominal/12 n=96 p=12 payment=700 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: '£64,000 at 6% compounded monthly over 8 years, end-of-month payments; after two and a half years the bank raises its rate to 7.2% compounded monthly but the payment stays as it was. How many payments are there altogether? How big is the last?',
    plans: ['borrowing amount=64000 rate=0.06/nominal/12 n=96 p=12 final=0 rate@30:0.072/payment ?payment'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'Ebba pays £420 at the end of each month on £28,000 at 7.02% compounded monthly. After a year she can pay £480 a month. How many payments are there in all, and how much sooner, in payments, is she done?',
    plans: ['borrowing amount=28000 rate=0.0702/nominal/12 p=12 payment=420 final=0 payment@12:60 ?payments'],
    asks: ['payments', 'difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'Which saver does better in 16 years: one who pays in $2,400 at the end of each year at 4% effective, or one who pays in $200 at the end of each month at 3.9% compounded monthly? By how much?',
    isDoubted: true,
    plans: [
      'saving amount=0 rate=0.04/effective/1 n=16 p=1 payment=2400 ?finalAmount',
      'saving amount=0 rate=0.039/nominal/12 n=192 p=12 payment=200 ?finalAmount',
    ],
    asks: ['choice by:finalAmount want:most', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: 'A 20-year loan of €110,000 at 5.16% compounded monthly is paid monthly in arrears. At the end of year 6 another bank takes it over at 4.2% compounded monthly for the rest of the time, without a fee. What was paid each month, what is taken over, and what is paid each month then?',
    plans: [
      'borrowing amount=110000 rate=0.0516/nominal/12 n=240 p=12 final=0 ?payment',
      'borrowing rate=0.042/nominal/12 n=168 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'balanceAfter k:72', 'payment@1'],
  },
  {
    text: 'How much money must be placed in a fund now in order to pay out £2,500 at the end of each quarter for 10 years, if the fund earns 5.2% compounded quarterly?',
    plans: ['drawing-down rate=0.052/nominal/4 n=40 p=4 payment=2500 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'How many end-of-month withdrawals of $900 can be made from a fund of $60,000 that earns 4.5% compounded monthly? Do not round.',
    plans: ['drawing-down amount=60000 rate=0.045/nominal/12 p=12 payment=900 final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'A $24,500 loan is repaid in 60 monthly payments at the end of each month. The interest rate is 7.32% compounded monthly. Find a) the monthly payment, b) the total amount paid, c) the total interest paid, d) the outstanding balance after 3 years.',
    plans: ['borrowing amount=24500 rate=0.0732/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'totalInterest', 'balanceAfter k:36'],
  },
  {
    text: 'Ragna buys a horse float priced at $13,600. The dealer allows $2,600 on her old float and she pays $1,000 in cash. The remainder is financed over 4 years with payments at the end of each month at 9% compounded monthly. How much does she finance? How much is her payment? How much interest does she pay?',
    plans: ['borrowing price=13600 down=1000 trade=2600 amount=10000 rate=0.09/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'totalInterest'],
  },
  {
    text: 'A piano dealer offers a piano for £7,900 cash or for 24 monthly payments of £365, the first payment being made one month after the purchase. Find the finance charge, the nominal rate compounded monthly, and the effective rate.',
    plans: ['borrowing price=7900 amount=7900 n=24 p=12 payment=365 final=0 ?rate'],
    asks: ['financeCharge', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'A sum of €50,000 is to be accumulated in a sinking fund over 6 years by deposits at the end of each quarter at 4% compounded quarterly. Find the quarterly deposit, the total of the deposits and the interest earned.',
    plans: ['saving amount=0 rate=0.04/nominal/4 n=24 p=4 final=50000 ?payment'],
    asks: ['payment', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'A 20-year mortgage of £142,000 has an interest rate of 5.04% compounded monthly. Monthly payments are made at the end of each month. (a) What is the payment? (b) How much of the first payment is principal? (c) What will be owed after 12 years? (d) How much will be paid in the remaining 8 years?',
    plans: ['borrowing amount=142000 rate=0.0504/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:1', 'balanceAfter k:144', 'leftToPay k:144'],
  },
  {
    text: 'A loan of $90,000 is amortized over 15 years by monthly payments at the end of each month at 6.6% compounded monthly. After 7 years the interest rate drops to 5.7% compounded monthly, and the payments are changed so that the loan is still paid off after 15 years. Find (a) the original monthly payment, (b) the balance after 7 years, (c) the new monthly payment, (d) the total interest.',
    plans: ['borrowing amount=90000 rate=0.066/nominal/12 n=180 p=12 final=0 rate@84:0.057/payments ?payment'],
    asks: ['payment', 'balanceAfter k:84', 'payment after:84', 'totalInterest'],
  },
  {
    text: 'A loan of £33,000 at 7.2% compounded monthly is repaid over 7 years with month-end payments. After 3 years the borrower loses his job and makes no payments for 6 months. He then resumes with larger payments that repay the loan within the original 7 years. Find the original payment, the balance when payments resume, and the larger payment.',
    plans: ['borrowing amount=33000 rate=0.072/nominal/12 n=84 p=12 final=0 skip@36:6/payments ?payment'],
    asks: ['payment', 'balanceAfter k:42', 'payment after:42'],
  },
  {
    text: 'Compare the monthly payments and the total interest of a £25,000 loan at 6.48% compounded monthly over 5 years and over 8 years, payments at the end of each month.',
    plans: [
      'borrowing amount=25000 rate=0.0648/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=25000 rate=0.0648/nominal/12 n=96 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest', 'payment@1', 'totalInterest@1'],
  },
  {
    text: 'What size of loan can be repaid by payments of €480 at the end of each month for six years if the loan carries interest at 8.04% compounded monthly?',
    plans: ['borrowing rate=0.0804/nominal/12 n=72 p=12 payment=480 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Einar finances a £48,000 barn over 9 years at 6.96% compounded monthly with end-of-month payments. Calculate the payment, the principal contained in the 50th payment, and the balance owing immediately after the 50th payment.',
    plans: ['borrowing price=48000 amount=48000 rate=0.0696/nominal/12 n=108 p=12 final=0 ?payment'],
    asks: ['payment', 'principalIn from:50 to:50', 'balanceAfter k:50'],
  },
  {
    text: 'A washing machine costs £640, or £64 down and 12 monthly payments of £52. The first payment is due one month after the purchase. (a) How much is borrowed? (b) What is the total interest? (c) What nominal rate compounded monthly is charged?',
    plans: ['borrowing price=640 down=64 amount=576 n=12 p=12 payment=52 final=0 ?rate'],
    asks: ['amount', 'totalInterest', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'An investor deposits £5,000 now and £300 at the end of each quarter at 4.4% compounded quarterly. Find the value after 12 years and the total interest earned.',
    plans: ['saving amount=5000 rate=0.044/nominal/4 n=48 p=4 payment=300 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A 5-year loan of £30,000 has quarterly payments in advance at 8.8% compounded quarterly. Find the payment and the total of the payments.',
    plans: ['borrowing amount=30000 rate=0.088/nominal/4 n=20 p=4 beginning final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'The Strands borrow £220,000 at 5.1% compounded monthly for 25 years, paying at the end of each month. After 60 payments their rate is renewed at 6.3% compounded monthly for the remaining 20 years. Find the first payment, the balance at renewal and the second payment.',
    plans: ['borrowing amount=220000 rate=0.051/nominal/12 n=300 p=12 final=0 rate@60:0.063/payments ?payment'],
    asks: ['payment', 'balanceAfter k:60', 'payment after:60'],
  },
  {
    text: 'Store A sells a sofa for £2,400 with 24 monthly payments at 9.6% compounded monthly. Store B adds 6% flat per year for 2 years. Payments are at the end of each month in both stores. Find the payment in each store. Which store is cheaper, and by how much in all?',
    plans: [
      'borrowing price=2400 amount=2400 rate=0.096/nominal/12 n=24 p=12 final=0 ?payment',
      'flat price=2400 amount=2400 rate=0.06/flat n=24 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'If £175 is put by at the end of each quarter for nine years, and the account credits 4.8 % a year with quarterly rests, what will the account hold on the day of the last deposit?',
    plans: ['saving amount=0 rate=0.048/nominal/4 n=36 p=4 payment=175 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'An effective annual rate of 6.25% is the same as what nominal rate compounded quarterly?',
    plans: ['convert rate=0.0625/effective/1 p=4 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: "i = 0.9% per month, n = 48, R = $310 at each month's end. A = ?",
    plans: ['borrowing rate=0.009/per-period/12 n=48 p=12 payment=310 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'How long, in years, will it be before $9,000 has tripled at 6.6% compounded monthly?',
    plans: ['lump-sum amount=9000 rate=0.066/nominal/12 p=12 final=27000 ?payments'],
    asks: ['years'],
  },
  {
    text: 'Sigrid owes $16,300 on a kiln at 9.9% compounded monthly. Paying $415 at the end of each month, (a) how many payments will she make, counting the last smaller one, and (b) how large will that last one be?',
    plans: ['borrowing amount=16300 rate=0.099/nominal/12 p=12 payment=415 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'A tractor priced at £64,000 is got with £9,000 for the old one in part exchange, and the rest on credit for four years, month-end payments, 6.9% compounded monthly, with £15,000 left as a final lump payable with the last payment. What is the monthly payment, and what is the total interest?',
    plans: ['borrowing price=64000 trade=9000 amount=55000 rate=0.069/nominal/12 n=48 p=12 final=15000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'The lessor values a forklift at $31,000. The lease is for 48 months, rent at the start of each month, and the forklift is worth $8,000 at its end. The lessor wants 8.4% compounded monthly. Find the rent.',
    plans: ['leasing price=31000 amount=31000 rate=0.084/nominal/12 n=48 p=12 beginning final=8000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A store offers a sofa for $1,980 cash or 12 payments of $180, first one at purchase. What is the yearly rate compounded monthly of the instalment plan?',
    plans: ['borrowing price=1980 amount=1980 n=12 p=12 payment=180 beginning final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Marguerite borrowed £38,000 for ten years at 6% compounded monthly with monthly payments in arrears. Just after the 36th payment the rate goes up to 7.2%; the end date stays. What is the new payment?',
    plans: ['borrowing amount=38000 rate=0.06/nominal/12 n=120 p=12 final=0 rate@36:0.072/payments ?payment'],
    asks: ['payment after:36'],
  },
  {
    text: 'Loan of $150,000 over 20 years at 5.76% compounded monthly, paid monthly at the end. With the 60th payment the borrower also pays $20,000 and keeps the payment as before. (a) What is the regular payment? (b) How many payments does it take in all? (c) How much interest does the extra sum save?',
    plans: ['borrowing amount=150000 rate=0.0576/nominal/12 n=240 p=12 final=0 extra@60:20000/payment ?payment'],
    asks: ['payment', 'payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Two lenders will finance a £14,000 van over 48 months, payments at month end. Harbour Trust asks 8.4% compounded monthly and no fee; Fenwick Loans asks 7.8% compounded monthly and a fee of £300 that is added to the loan. Which has the lower payment, and what is the difference a month?',
    plans: [
      'borrowing price=14000 amount=14000 rate=0.084/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=14000 fees=300 amount=14300 rate=0.078/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'Perpetua bought a workshop for $240,000, paid 25% down, and financed the balance at 6.5% compounded semiannually over 20 years with equal payments at the end of each quarter. a) What is the payment? b) What portion of the 30th payment is principal? c) What does she still owe after 10 years?',
    plans: ['borrowing price=240000 down=60000 amount=180000 rate=0.065/nominal/2 n=80 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:30 to:30', 'balanceAfter k:40'],
  },
  {
    text: 'Wenna has $26,000 saved already and adds $300 at the end of each month. At 4.5% compounded monthly, what will she have in 9 years, and how much of it is interest?',
    plans: ['saving amount=26000 rate=0.045/nominal/12 n=108 p=12 payment=300 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: "The credit union's 10-year loan of $94,000 costs 6.12% a year compounded monthly; payments fall due at month end. After four years, how much has been paid off of the principal?",
    plans: ['borrowing amount=94000 rate=0.0612/nominal/12 n=120 p=12 final=0 ?payment'],
    asks: ['principalIn from:1 to:48'],
  },
  {
    text: 'Bought: a caravan at £18,750. Deposit £3,750. Terms: 60 monthly payments at 9.3% p.a. (monthly compounding), first payment one month after purchase. Administration fee £195, added to what is borrowed. (i) amount financed; (ii) monthly payment; (iii) sum of all payments; (iv) cost of credit including the fee.',
    plans: ['borrowing price=18750 down=3750 fees=195 amount=15195 rate=0.093/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'totalPaid', 'financeCharge'],
  },
  {
    text: 'How long will £40,000 last if £650 is withdrawn at the beginning of each month and the account earns 3.9% compounded monthly? Count only full withdrawals.',
    plans: ['drawing-down amount=40000 rate=0.039/nominal/12 p=12 payment=650 beginning final=0 ?payments'],
    asks: ['payments count:full'],
  },
  {
    text: 'Ruard can pay at most $725 each month-end. The bank lends for 25 years at 4.9% compounded monthly. What is the most he can borrow?',
    plans: ['borrowing rate=0.049/nominal/12 n=300 p=12 payment=725 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'If the most he can borrow is $125,000 at 4.9% compounded monthly over 25 years, what will Ruard pay at each month-end and what in all?',
    plans: ['borrowing amount=125000 rate=0.049/nominal/12 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: "The school buys a minibus costing €42.300,00, gets a grant of €12.000,00, and borrows the rest for 5 years at 4,8 % with monthly compounding, paying at each month's end. Payment? Interest in the third year?",
    plans: ['borrowing price=42300 down=12000 amount=30300 rate=0.048/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:25 to:36'],
  },
  {
    text: '$18,000 is borrowed at 8.76% compounded monthly to be repaid over six years, end of month. After payment 30 the borrower pays $3,000 extra and the payment is worked out again for the same end date. What is it now?',
    plans: ['borrowing amount=18000 rate=0.0876/nominal/12 n=72 p=12 final=0 extra@30:3000/payments ?payment'],
    asks: ['payment after:30'],
  },
  {
    text: 'A pensioner aged sixty-six wants 25 yearly sums of $30,000, the first a year from now. The insurer credits 4.25% a year. What must be paid for this today?',
    plans: ['borrowing rate=0.0425/nominal/1 n=25 p=1 payment=30000 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: "A furniture maker's credit: cash price £1,560, deposit of one quarter, then 24 monthly payments, with £187.20 of interest charged on the balance. Find the monthly payment and the flat rate.",
    plans: ['flat price=1560 down=390 charge=187.2 amount=1170 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate as:flat'],
  },
  {
    text: 'After how many years will €6.000 have grown to €9.500 at 4,25 % compounded annually?',
    plans: ['lump-sum amount=6000 rate=0.0425/nominal/1 p=1 final=9500 ?payments'],
    asks: ['years'],
  },
  {
    text: 'A merchant adds 9% a year flat to the unpaid price of a kitchen. Price £7,200; £1,200 is paid at once; the rest in 24 monthly instalments. What is each instalment and what nominal rate, compounded monthly, does the customer really pay?',
    plans: ['flat price=7200 down=1200 amount=6000 rate=0.09/flat n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: "A consumer loan of 5,000 dollars carries interest of 1.5% per month on the unpaid balance. Thirty equal payments are made at month's end. Determine the payment, the total amount paid and the cost of the credit.",
    plans: ['borrowing amount=5000 rate=0.015/per-period/12 n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'financeCharge'],
  },
  {
    text: 'A bakery oven costs $16,900; 20% is paid down and the dealer finances the balance at 8.25% compounded monthly over four years, month-end. Determine (a) the monthly payment; (b) the amount still owing after 18 months; (c) the interest paid in those 18 months.',
    plans: ['borrowing price=16900 down=3380 amount=13520 rate=0.0825/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:18', 'interestIn from:1 to:18'],
  },
  {
    text: 'To buy a violin at £5,600, Ansa pays £600 and borrows the balance for 30 months, first payment after one month, 9.6% nominal, monthly. After the 10th payment she inherits and repays £1,500; she goes on with the same payment. How many months earlier is she free of the debt?',
    plans: [
      'borrowing price=5600 down=600 amount=5000 rate=0.096/nominal/12 n=30 p=12 final=0 extra@10:1500/payment ?payment',
    ],
    asks: ['difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'Two accounts: the first pays 4.44% compounded daily, the second 4.5% compounded annually. Find each effective rate. Which should a saver choose?',
    plans: ['convert rate=0.0444/nominal/365 p=365 ?rate', 'convert rate=0.045/nominal/1 p=1 ?rate'],
    asks: ['effectiveRate', 'effectiveRate@1', 'choice by:effectiveRate want:most'],
  },
  {
    text: "Uncle Benedikt can pay no more than $480 at the end of each month. For a car at $26,500 he has $3,000 to put down. The dealer's rate is 7.2% compounded monthly. How many months will he be paying?",
    plans: ['borrowing price=26500 down=3000 amount=23500 rate=0.072/nominal/12 p=12 payment=480 final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'A business may pay $84,000 today for a machine or $19,500 at the end of each year for five years. What rate of interest, compounded annually, is implied?',
    plans: ['borrowing price=84000 amount=84000 n=5 p=1 payment=19500 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:1'],
  },
  {
    text: "An ironmonger's account charges 2% per month. What is the yearly effective rate, and what is the nominal one?",
    plans: ['convert rate=0.02/per-period/12 p=12 ?rate'],
    asks: ['effectiveRate', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'An heir draws £1,500 at the start of each month from a fund of £205,000 earning 4.2% convertible monthly. How many payments can be drawn?',
    plans: ['drawing-down amount=205000 rate=0.042/nominal/12 p=12 payment=1500 beginning final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'The cost of a drying shed, $13,750, is met by 20 quarter-end payments of $850. What nominal annual rate compounded quarterly is being paid?',
    plans: ['borrowing price=13750 amount=13750 n=20 p=4 payment=850 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'Two ways to pay for tuition. Plan A: £2,900 at the start of each half-year for three years. Plan B: £480 at the end of each month for three years. Money is worth 5.2% compounded monthly. Which plan has the lower present value, and by how much?',
    plans: [
      'borrowing rate=0.052/nominal/12 n=6 p=2 payment=2900 beginning final=0 ?amount',
      'borrowing rate=0.052/nominal/12 n=36 p=12 payment=480 final=0 ?amount',
    ],
    asks: ['choice by:amount want:least', 'difference of:amount between:[0,1]'],
  },
  {
    text: '"We can let you have £13,000," says the bank manager, "at 7.8 % convertible monthly, over five years." The payments, at month\'s end, are rounded to the penny. What does Hesper pay each month, what in all, and how much of it is interest?',
    plans: ['borrowing amount=13000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'The Tollan ferry is priced at $86,000. The buyers trade in their old one for $14,000, pay $12,000 in cash, and finance what is left over 7 years at 6.3% compounded monthly with payments at the end of each month. A document fee of $450 is added to the loan. Payment?',
    plans: [
      'borrowing price=86000 down=12000 trade=14000 fees=450 amount=60450 rate=0.063/nominal/12 n=84 p=12 final=0 ?payment',
    ],
    asks: ['payment'],
  },
  {
    text: 'Convert: (a) 9% compounded monthly to an effective annual rate; (b) 9% effective to a nominal rate compounded monthly.',
    plans: ['convert rate=0.09/nominal/12 p=12 ?rate', 'convert rate=0.09/effective/1 p=12 ?rate'],
    asks: ['effectiveRate', 'nominalRate@1 compoundingsPerYear:12'],
  },
  {
    text: 'A furniture store sells a bed for £1,840: a deposit of £240 and 20 monthly payments of £92. (a) How much credit is given? (b) What is the charge for credit? (c) What flat rate a year is this? (d) What nominal rate compounded monthly?',
    plans: ['borrowing price=1840 down=240 amount=1600 n=20 p=12 payment=92 final=0 ?rate'],
    asks: ['amount', 'financeCharge', 'nominalRate as:flat', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Loan: 42 000; 6,9 %; quarterly compounding; 7 years; quarterly payments in arrears. Find the payment, the principal repaid in the third year, and the balance at the end of it.',
    plans: ['borrowing amount=42000 rate=0.069/nominal/4 n=28 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:9 to:12', 'balanceAfter k:12'],
  },
  {
    text: 'The Dunmore dairy borrows £64,000 at 7.5% compounded monthly over six years with month-end payments. After payment 24 it takes a break of 6 months in which nothing is paid but interest is added; the debt must still be cleared by the original date. What is the payment before and after the break?',
    plans: ['borrowing amount=64000 rate=0.075/nominal/12 n=72 p=12 final=0 skip@24:6/payments ?payment'],
    asks: ['payment', 'payment after:30'],
  },
  {
    text: 'Mirela can choose between $1,500 off the price of $24,500 with a bank loan at 7.32% compounded monthly, or the full price financed by the dealer at 3.9% compounded monthly. Both run for 48 month-end payments. Which payment is smaller and by how much?',
    plans: [
      'borrowing price=24500 rebate=1500 amount=23000 rate=0.0732/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=24500 amount=24500 rate=0.039/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'At the beginning of each year for 30 years, £1,200 is paid into a fund earning an effective 5.5%. What is the accumulated amount, and how much of this did the saver contribute?',
    plans: ['saving amount=0 rate=0.055/effective/1 n=30 p=1 payment=1200 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalPaid'],
  },
  {
    text: 'A savings plan paid 264 monthly deposits of $125 at the end of each month and then stood at $51,300. Find the nominal rate compounded monthly, and the interest earned.',
    plans: ['saving amount=0 n=264 p=12 payment=125 final=51300 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'totalInterest'],
  },
  {
    text: 'A £9,800 loan calls for 42 payments of £276.50, the first one month after the loan. What effective annual rate is charged?',
    plans: ['borrowing amount=9800 n=42 p=12 payment=276.5 final=0 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: "The vicar's car: €13.900,00 cash or €2.900,00 down and 36 monthly payments of €339,00 in arrears. Find the APR (monthly compounding) and the total extra cost of buying on credit.",
    plans: ['borrowing price=13900 down=2900 amount=11000 n=36 p=12 payment=339 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'financeCharge'],
  },
  {
    text: 'Principal 8,750 dollars. Add-on rate 6.5%. Three years. Monthly payments. Compute the payment and the APR compounded monthly.',
    plans: ['flat amount=8750 rate=0.065/flat n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A debt of €19.500,00 is repaid at €450,00 per month-end; interest 8,7 % compounded monthly. How many full payments, how large is the last one, and what is the total interest?',
    plans: ['borrowing amount=19500 rate=0.087/nominal/12 p=12 payment=450 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment', 'totalInterest'],
  },
  {
    text: 'A lorry costing $118,000 is financed over 5 years at 6.75% compounded monthly, month-end payments, leaving a balloon of 20% of the price. Find the payment and the total interest.',
    plans: ['borrowing price=118000 amount=118000 rate=0.0675/nominal/12 n=60 p=12 final=23600 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Two friends save. Ada: £100 at the start of each month for 10 years. Bea: £1,200 at the end of each year for 10 years. Both get 4% effective. What does each have, and what is the difference?',
    plans: [
      'saving amount=0 rate=0.04/effective/1 n=120 p=12 payment=100 beginning ?finalAmount',
      'saving amount=0 rate=0.04/effective/1 n=10 p=1 payment=1200 ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: 'Simple flat interest of 5.5% a year on a £6,600 loan over 48 months. What is paid monthly?',
    plans: ['flat amount=6600 rate=0.055/flat n=48 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The Oakshott mill needs £150,000 for a turbine. A bank lends it at 5.94% compounded quarterly over eight years against equal payments at the end of every quarter. Required: the payment; the total of all payments; the interest in the last year.',
    plans: ['borrowing amount=150000 rate=0.0594/nominal/4 n=32 p=4 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'interestIn from:29 to:32'],
  },
  {
    text: "A dealer asks $27,900 for a camper. He takes the customer's old camper for $6,400, gives a rebate of $1,000, and finances the rest at 5.88% compounded monthly for 60 months, end-of-month payments. What is the monthly payment and what will the customer pay in interest?",
    plans: [
      'borrowing price=27900 trade=6400 rebate=1000 amount=20500 rate=0.0588/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "The interest on a mortgage of $280,000 is 5.64% compounded half-yearly; monthly payments at month end for 25 years. How much of the first year's payments is interest, and how much principal?",
    plans: ['borrowing amount=280000 rate=0.0564/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['interestIn from:1 to:12', 'principalIn from:1 to:12'],
  },
  {
    text: 'A loan of $46,000 at 6.6% compounded monthly has 84 end-of-month payments. A rise to 7.5% happens after payment 30 while the payment stays as it was. How many payments are then made in all, and what is the last?',
    isDoubted: true,
    plans: ['borrowing amount=46000 rate=0.066/nominal/12 n=84 p=12 final=0 rate@30:0.075/payment ?payment'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'Four years into a ten-year loan of £70,000 at 7.02 % compounded monthly (month-end payments), the borrower refinances the balance over the remaining six years at 5.7 % compounded monthly. Find the old payment, the balance, and the new payment. What is saved over the six years?',
    plans: [
      'borrowing amount=70000 rate=0.0702/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing rate=0.057/nominal/12 n=72 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:48',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:48}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'An education fund of $64,000 pays a student $1,300 at the start of each month during 48 months, and what is left is given to the library. At 4.02% compounded monthly, what does the library get at the end of the four years?',
    plans: ['drawing-down amount=64000 rate=0.0402/nominal/12 n=48 p=12 payment=1300 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "A sofa on hire purchase: price £1,150; deposit £150; 24 payments of £49 at each month's end. What is the interest charged? What flat rate is it? What APR, compounded monthly?",
    plans: ['borrowing price=1150 down=150 amount=1000 n=24 p=12 payment=49 final=0 ?rate'],
    asks: ['totalInterest', 'nominalRate as:flat', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'The old rate was 9% flat over two years on £3,000; a rival offers the same £3,000 over two years at 15.5% compounded monthly, month-end payments. Which has the lower instalment and what is the difference over the whole time?',
    plans: [
      'flat amount=3000 rate=0.09/flat n=24 p=12 final=0 ?payment',
      'borrowing amount=3000 rate=0.155/nominal/12 n=24 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'What would be owed on a $9,900 loan at 12.6% compounded monthly after 20 of its 36 month-end payments, and what would the payments still due add up to?',
    plans: ['borrowing amount=9900 rate=0.126/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:20', 'leftToPay k:20'],
  },
  {
    text: 'A loan is paid off with 120 monthly payments of $845.20 at the end of each month. Rate 6.24% compounded monthly. What was borrowed, what is still owed after the 75th payment, and how much principal does the 76th payment contain?',
    plans: ['borrowing rate=0.0624/nominal/12 n=120 p=12 payment=845.2 final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:75', 'principalIn from:76 to:76'],
  },
  {
    text: "The farm's loan, €110.000,00 at 5,28 % compounded monthly over 12 years, is paid at month-end. With the fifth year's last payment €10.000,00 extra is repaid. The loan must still end on the planned day. New payment?",
    plans: ['borrowing amount=110000 rate=0.0528/nominal/12 n=144 p=12 final=0 extra@60:10000/payments ?payment'],
    asks: ['payment after:60'],
  },
  {
    text: 'Flat 6.9% on a bike worth £2,300, deposit £300, 20 monthly payments. Work out the charge, the instalment, and the effective annual rate that the buyer truly pays.',
    plans: ['flat price=2300 down=300 amount=2000 rate=0.069/flat n=20 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'effectiveRate'],
  },
  {
    text: 'Give the size of an annuity-immediate of 18 yearly payments which has the present value 100,000 at an effective rate of 4.4%.',
    plans: ['drawing-down amount=100000 rate=0.044/effective/1 n=18 p=1 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'If a loan of £1,000 costs £88.85 a month, in arrears, for 12 months, what is the rate per month and what nominal rate is this?',
    plans: ['borrowing amount=1000 n=12 p=12 payment=88.85 final=0 ?rate'],
    asks: ['ratePerPayment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A scooter for €2.640,00 is paid in 24 parts of €123,20, beginning one month after purchase. (i) Rate per month? (ii) Nominal yearly rate? (iii) Effective yearly rate?',
    plans: ['borrowing price=2640 amount=2640 n=24 p=12 payment=123.2 final=0 ?rate'],
    asks: ['ratePerPayment', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'The fund for the new bells stands at £3,150. Every month, at its end, £85 is put to it. With 3.6% a year convertible monthly, when will there be £10,000? Answer in years.',
    plans: ['saving amount=3150 rate=0.036/nominal/12 p=12 payment=85 final=10000 ?payments'],
    asks: ['years'],
  },
  {
    text: 'A lease of a milling machine worth €57.000,00 asks for 48 payments of €1.190,00 at the beginning of each month. At the end the machine is returned; it is then worth €9.000,00. Which effective rate does the lessor earn?',
    plans: ['leasing price=57000 amount=57000 n=48 p=12 payment=1190 beginning final=9000 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'A house is bought for £265,000 with 15% down. The mortgage is over 30 years at 4.86% compounded monthly with month-end payments. (a) Amount of the mortgage. (b) Payment. (c) Balance after 8 years. (d) Interest in those 8 years.',
    plans: ['borrowing price=265000 down=39750 amount=225250 rate=0.0486/nominal/12 n=360 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'balanceAfter k:96', 'interestIn from:1 to:96'],
  },
  {
    text: 'Until her daughter starts university in 11 years, Mireille wants to save so that from then on €3.000,00 can be drawn at the start of each half-year for four years. The account pays 3,2 % compounded half-yearly; she saves at the end of each half-year. How much each time?',
    plans: [
      'drawing-down rate=0.032/nominal/2 n=8 p=2 payment=3000 beginning final=0 ?amount',
      'saving amount=0 rate=0.032/nominal/2 n=22 p=2 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: "Interest is charged at 0.85% a month. A loan of 14.200 € is repaid in 54 months by payments at each month's end. What is the payment; what is the effective annual rate; what does the loan cost?",
    plans: ['borrowing amount=14200 rate=0.0085/per-period/12 n=54 p=12 final=0 ?payment'],
    asks: ['payment', 'effectiveRate', 'totalInterest'],
  },
  {
    text: 'Cash price €8.400,00. On credit: a fifth down, the rest plus add-on interest of 7 % a year in 36 monthly parts. What is the part, and what is the total price on credit?',
    plans: ['flat price=8400 down=1680 amount=6720 rate=0.07/flat n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: "The repayments on a £64,000 loan, made at each month's end, are £735. Interest is at 6.72% compounded monthly. (i) How long, in years, does it take? (ii) What is owed after five years? (iii) How much of payment 61 is principal?",
    plans: ['borrowing amount=64000 rate=0.0672/nominal/12 p=12 payment=735 final=0 ?payments'],
    asks: ['years', 'balanceAfter k:60', 'principalIn from:61 to:61'],
  },
  {
    text: 'A ferry operator pays $28,500 on signing and then 23 quarterly rents of $6,200 for a boat worth $150,000... no residual; the first of the 23 rents falls due a quarter after signing. What nominal rate compounded quarterly does he pay?',
    plans: ['leasing price=150000 down=28500 amount=121500 n=23 p=4 payment=6200 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'The co-op lends $15,500 for 5 years at 8.1% compounded monthly. It deducts nothing, but adds a 2% fee to the loan. Month-end payments. What is the payment?',
    plans: ['borrowing fees=310 amount=15810 rate=0.081/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A warehouse loan of £410,000: 5.82% compounded quarterly, 15 years, quarterly payments in arrears rounded up to the penny. Payment? Total interest? Balance after 20 payments?',
    plans: ['borrowing amount=410000 rate=0.0582/nominal/4 n=60 p=4 final=0 ?payment'],
    asks: ['payment', 'totalInterest', 'balanceAfter k:20'],
  },
  {
    text: 'The grain dryer can be paid for with $25,000 now, or with $4,000 now and $2,060 at the end of each quarter for three years. At which nominal rate compounded quarterly are the two the same?',
    plans: ['borrowing price=25000 down=4000 amount=21000 n=12 p=4 payment=2060 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: "Payments of $265.00 at month's end for five years on a $13,200 loan: find the nominal rate (monthly), the effective rate and the finance charge.",
    plans: ['borrowing amount=13200 n=60 p=12 payment=265 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'financeCharge'],
  },
  {
    text: "A consolidation loan of $24,900 carries 10.44% compounded monthly. Equal payments are made at each month's end for four and a half years. What is the amount of each?",
    plans: ['borrowing amount=24900 rate=0.1044/nominal/12 n=54 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A flat loan: €5.500,00; 7,2 %; 36 months. What is the interest, and what is each of the 36 payments?',
    plans: ['flat amount=5500 rate=0.072/flat n=36 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment'],
  },
  {
    text: 'What amount invested today at 5% compounded daily (365 days) grows to $10,000 in 6 years?',
    plans: ['lump-sum rate=0.05/nominal/365 n=2190 p=365 final=10000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "Leonie's mortgage of €198.000,00 (3,96 % nominal, monthly compounding, 27 years, month-end) has been running for 10 years. What does she owe now, and how much has she paid off?",
    plans: ['borrowing amount=198000 rate=0.0396/nominal/12 n=324 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:120', 'principalIn from:1 to:120'],
  },
  {
    text: 'The price of a grand piano is $38,600. The conservatory trades in an upright for $3,600, gets $5,000 from a donor, and pays the rest over 5 years by end-of-month payments at 6.9% compounded monthly. Payment? Total interest?',
    plans: ['borrowing price=38600 down=5000 trade=3600 amount=30000 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "Samir's bank will lend him at most 80% of the price of a €175.000,00 flat. He takes that, at 4,32 % compounded monthly over 20 years. What does he pay at each month's end and what must he have himself?",
    plans: ['borrowing price=175000 down=35000 amount=140000 rate=0.0432/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['payment', 'downPayment'],
  },
  {
    text: 'Which offer is better for a borrower of $20,000 over 48 months: 8.1% compounded monthly with a $250 fee added to the loan, or 8.6% compounded monthly without a fee? Payments fall at month end. By how much per month?',
    plans: [
      'borrowing fees=250 amount=20250 rate=0.081/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=20000 rate=0.086/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: "A loan at 6.75% compounded monthly was repaid by payments of €364,80 at each month's end for 6 years. Original amount? Balance after 4 years? Interest in the last 2 years?",
    plans: ['borrowing rate=0.0675/nominal/12 n=72 p=12 payment=364.8 final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:48', 'interestIn from:49 to:72'],
  },
  {
    text: 'Isaac leases a copier: 36 rents of $142 in advance; it is worth $4,700 new and may be bought for $600 at the end. Nominal rate compounded monthly?',
    plans: ['leasing price=4700 amount=4700 n=36 p=12 payment=142 beginning final=600 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Adeyemi deposits €300,00 a month in arrears. After five years at 3,9 % compounded monthly, he raises the deposit by €100,00 and goes on for another five years. What is the final balance?',
    plans: ['saving amount=0 rate=0.039/nominal/12 n=120 p=12 payment=300 payment@60:100 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'How big a balloon remains with the last of 60 month-end payments of $640 on a truck loan of $42,000 at 7.26% compounded monthly?',
    plans: ['borrowing amount=42000 rate=0.0726/nominal/12 n=60 p=12 payment=640 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'What does a 2-year loan of €8.000,00 at 9,6 % compounded monthly cost altogether in interest, if it is paid monthly in advance?',
    plans: ['borrowing amount=8000 rate=0.096/nominal/12 n=24 p=12 beginning final=0 ?payment'],
    asks: ['totalInterest'],
  },
  {
    text: "Interest on Hob's account is 3.12% compounded weekly. He pays in £25 at the end of each week for 10 years and had £500 there to begin with. How much does he end up with?",
    plans: ['saving amount=500 rate=0.0312/nominal/52 n=520 p=52 payment=25 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A £70,000 loan over 10 years, 6% compounded monthly. The lender allows paying £100 more with each payment, starting with payment 25. How many payments are made in all? How much is the interest then?',
    plans: ['borrowing amount=70000 rate=0.06/nominal/12 n=120 p=12 final=0 payment@24:100 ?payment'],
    asks: ['payments', 'totalInterest'],
  },
  {
    text: 'A car park costs £1.2 million, of which a third is paid from savings. The rest is borrowed over 20 years at 5.1% compounded half-yearly, repaid half-yearly in arrears. Payment? Balance after 10 years?',
    plans: ['borrowing price=1200000 down=400000 amount=800000 rate=0.051/nominal/2 n=40 p=2 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'A debt of $3,600 is cleared in two years by month-end payments at a flat charge of $468. What is each payment? Which nominal rate compounded monthly is hidden in it?',
    plans: ['flat charge=468 amount=3600 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A lender makes loans at 1.5% per month. What is the nominal annual rate and the effective annual rate? What would be the monthly payment on $2,000 for one year?',
    plans: ['borrowing amount=2000 rate=0.015/per-period/12 n=12 p=12 final=0 ?payment'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'payment'],
  },
  {
    text: 'A truck bought for $72,500 is depreciated over 8 years; that is of no matter here. The bank finances 85% of its price at 7.8% compounded monthly over 60 month-end payments. What is the payment?',
    plans: ['borrowing price=72500 down=10875 amount=61625 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The monthly payment on a $17,800 loan was found to be $402.17 over 4 years, in arrears. Determine the nominal rate compounded monthly; next, the rate compounded semi-annually that is equivalent to it.',
    plans: ['borrowing amount=17800 n=48 p=12 payment=402.17 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'nominalRate compoundingsPerYear:2'],
  },
  {
    text: 'Suppose you borrow €25.000,00 at 6 % effective for 5 years, paying at the end of each quarter. Your payment? The nominal rate compounded quarterly?',
    plans: ['borrowing amount=25000 rate=0.06/effective/1 n=20 p=4 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'After the rate on her $130,000, 20-year loan went from 5.4% to 6.6% compounded monthly at the end of year 5, Ida kept the same end date. All payments are at month-end. Old payment? New payment? How much more is she paying in all because of the rise?',
    plans: ['borrowing amount=130000 rate=0.054/nominal/12 n=240 p=12 final=0 rate@60:0.066/payments ?payment'],
    asks: ['payment', 'payment after:60', 'difference of:totalPaid between:[asStated,withChanges]'],
  },
  {
    text: 'A flat charge of 6% a year for 3 years on £5,000 is repaid in 36 equal instalments. Find the instalment and the effective annual rate.',
    plans: ['flat amount=5000 rate=0.06/flat n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'effectiveRate'],
  },
  {
    text: 'The rate on a 15-year loan of $180,000 is 5.7% compounded monthly. Find the month-end payment, the total of all payments, and how much of the first payment is principal.',
    plans: ['borrowing amount=180000 rate=0.057/nominal/12 n=180 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'principalIn from:1 to:1'],
  },
  {
    text: 'The bakery borrowed €36.000,00 at 6,9 % compounded monthly over 6 years, month-end payments. It pays €4.000,00 extra with payment 18, and the payments are recalculated for the remaining time. Find the payments before and after.',
    plans: ['borrowing amount=36000 rate=0.069/nominal/12 n=72 p=12 final=0 extra@18:4000/payments ?payment'],
    asks: ['payment', 'payment after:18'],
  },
  {
    text: 'On a $14,600 purchase a shop wants 10% down and 24 month-end payments at 1.1% a month on the balance. Payment? Total price? Effective annual rate?',
    plans: ['borrowing price=14600 down=1460 amount=13140 rate=0.011/per-period/12 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]', 'effectiveRate'],
  },
  {
    text: 'Convert 5.5% effective into (a) a rate per month and (b) a nominal rate compounded quarterly.',
    plans: ['convert rate=0.055/effective/1 p=4 ?rate'],
    asks: ['ratePerPayment', 'nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'A retired couple withdraws $2,200 at the start of every month from $330,000 at 4.8% compounded monthly. What remains after 12 years? What have they withdrawn in all?',
    plans: ['drawing-down amount=330000 rate=0.048/nominal/12 n=144 p=12 payment=2200 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalPaid'],
  },
  {
    text: 'A truck: price €48.000,00; trade-in €8.500,00; the difference financed over 54 months at 6,6 % compounded monthly, in arrears. What is the monthly payment and what does the financing cost?',
    plans: ['borrowing price=48000 trade=8500 amount=39500 rate=0.066/nominal/12 n=54 p=12 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "The first home loan of $210,000 runs at 4.8% compounded monthly over 25 years; after 6 years the owner sells. What must he then pay back to the bank out of the sale? Payments have been made at each month's end.",
    plans: ['borrowing amount=210000 rate=0.048/nominal/12 n=300 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:72'],
  },
  {
    text: 'Twelve equal quarterly payments, the first in three months, pay for a $17,400 loom at 8.4% compounded quarterly. Find the payment and draw up the interest of the fourth.',
    plans: ['borrowing price=17400 amount=17400 rate=0.084/nominal/4 n=12 p=4 final=0 ?payment'],
    asks: ['payment', 'interestIn from:4 to:4'],
  },
  {
    text: 'A yearly rate of 15.6% is charged on a card, daily compounding. What is the effective yearly rate? How much interest is owed on £2,000 after one year?',
    plans: ['lump-sum amount=2000 rate=0.156/nominal/365 n=365 p=365 ?finalAmount'],
    asks: ['effectiveRate', 'totalInterest'],
  },
  {
    text: 'A grandmother gives each of two grandchildren money: Abel £5,000 at 4.6% compounded quarterly, Cora £4,800 at 5% compounded quarterly, both for 14 years. Who ends up with more, and by how much?',
    plans: [
      'lump-sum amount=5000 rate=0.046/nominal/4 n=56 p=4 ?finalAmount',
      'lump-sum amount=4800 rate=0.05/nominal/4 n=56 p=4 ?finalAmount',
    ],
    asks: ['choice by:finalAmount want:most', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: 'Instead of $9,400 cash, a dealer takes $1,400 down and 20 payments of $440, monthly in arrears. What nominal rate compounded monthly does he charge?',
    plans: ['borrowing price=9400 down=1400 amount=8000 n=20 p=12 payment=440 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "A fund of £50,000 gives out £3,000 at each half-year's end. It is credited 4.6% convertible half-yearly. How many full payments can be made and what is left for a final smaller one half a year later?",
    plans: ['drawing-down amount=50000 rate=0.046/nominal/2 p=2 payment=3000 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'The price of a press is £28,500. It may be had for 30 payments of £1,055 each, the first on delivery and the rest monthly. Which nominal rate, compounded monthly, does this imply?',
    plans: ['borrowing price=28500 amount=28500 n=30 p=12 payment=1055 beginning final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Over the 96 months of a loan of $52,000 at 5.88% compounded monthly, how much interest falls in the last two years, and how much in all? Equal month-end payments.',
    plans: ['borrowing amount=52000 rate=0.0588/nominal/12 n=96 p=12 final=0 ?payment'],
    asks: ['interestIn from:73 to:96', 'totalInterest'],
  },
  {
    text: 'A nest-egg of 140 000 francs earns 3,9 % compounded monthly and pays out equal sums at the end of each month for 16 years. How large is each?',
    plans: ['drawing-down amount=140000 rate=0.039/nominal/12 n=192 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A flat-rate agreement on a $6,300 piano: deposit $900, charge 8% a year on the balance, 36 monthly payments. Find the total charge, the payment, and the nominal rate compounded monthly.',
    plans: ['flat price=6300 down=900 amount=5400 rate=0.08/flat n=36 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A loan of £22,000 is repaid by 60 month-end payments of £445. What nominal rate compounded monthly is charged, what effective rate is that, and what is the finance charge?',
    plans: ['borrowing amount=22000 n=60 p=12 payment=445 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'financeCharge'],
  },
  {
    text: "Juniper borrows €48.000,00 for 8 years at 6,24 % compounded monthly and pays at each month's end. With payment 36 she also pays back €6.000,00. The payment does not change. How many payments does she make in all, and what does she save in interest?",
    plans: ['borrowing amount=48000 rate=0.0624/nominal/12 n=96 p=12 final=0 extra@36:6000/payment ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'The lessee pays €620,00 at the beginning of each month for four years for a machine that costs €31.000,00 and is returned with a value of €6.500,00. What nominal rate, compounded monthly, is the lease charging, and what is the effective rate?',
    plans: ['leasing price=31000 amount=31000 n=48 p=12 payment=620 beginning final=6500 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'A lender offers $14,000 over four years, either at 8.4% compounded monthly or at 4.6% flat, monthly payments at the end of the month in both cases. What are the payments, and which costs less in all?',
    plans: [
      'borrowing amount=14000 rate=0.084/nominal/12 n=48 p=12 final=0 ?payment',
      'flat amount=14000 rate=0.046/flat n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: 'Find the monthly payment in arrears on a $240,000 loan over 30 years at 5.4% compounded monthly. If half of it is paid every two weeks instead, in how many years is the loan gone?',
    plans: [
      'borrowing amount=240000 rate=0.054/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=240000 rate=0.054/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['payment', 'years@1'],
  },
  {
    text: 'What is paid monthly, at the end, on a loan of £60,000 that is worked out over 20 years at 6.12% compounded monthly but falls due in full after five years? What is then due together with the last payment?',
    plans: [
      'borrowing amount=60000 rate=0.0612/nominal/12 n=240 p=12 final=0 ?payment',
      'borrowing amount=60000 rate=0.0612/nominal/12 n=60 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1'],
  },
  {
    text: 'What does it cost to borrow £9,500 for 42 months at 8.88% compounded monthly, payments at the end of the month?',
    plans: ['borrowing amount=9500 rate=0.0888/nominal/12 n=42 p=12 final=0 ?payment'],
    asks: ['financeCharge'],
  },
  {
    text: 'How long does it take, in years, for a fund at 4.5% compounded half-yearly to grow from £8,000 to £12,500?',
    plans: ['lump-sum amount=8000 rate=0.045/nominal/2 p=2 final=12500 ?payments'],
    asks: ['years'],
  },
  {
    text: 'Which is the better offer for a borrower, 7.9% effective or 7.7% compounded weekly?',
    plans: ['convert rate=0.079/effective/1 p=1 ?rate', 'convert rate=0.077/nominal/52 p=52 ?rate'],
    asks: ['choice by:effectiveRate want:least'],
  },
  {
    text: 'An engine costs €52.000,00. 15 % are paid at once, €4.000,00 are allowed for the old engine, and €350,00 of delivery are added to what is financed. At 6,3 % compounded monthly over 48 months, in arrears, what is the payment?',
    plans: [
      'borrowing price=52000 down=7800 trade=4000 fees=350 amount=40550 rate=0.063/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment'],
  },
  {
    text: 'Old loan: $31,000, 72 month-end payments, 9% compounded monthly. After 20 payments a new bank takes over the balance for the remaining time at 7.2% compounded monthly, adding $180 for costs. Old payment, balance, new payment, and saving over the remaining time?',
    plans: [
      'borrowing amount=31000 rate=0.09/nominal/12 n=72 p=12 final=0 ?payment',
      'borrowing fees=180 rate=0.072/nominal/12 n=52 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:20',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:20}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'The balance of a loan after 24 payments is to be refinanced. Loan: $42,000, 84 month-end payments, 8.4% compounded monthly. New rate: 6.6% compounded monthly, with the end date unchanged. Find the present payment, the balance, and the new payment.',
    plans: [
      'borrowing amount=42000 rate=0.084/nominal/12 n=84 p=12 final=0 ?payment',
      'borrowing rate=0.066/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'balanceAfter k:24', 'payment@1'],
  },
  {
    text: 'A €60.000,00 loan at 7,2 % compounded monthly runs 10 years with month-end payments. After 4 years it is replaced by a loan at 5,4 % compounded monthly for the balance and €300,00 of costs, with 72 payments. What is the new payment, and how much lower than the old one is it?',
    plans: [
      'borrowing amount=60000 rate=0.072/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing fees=300 rate=0.054/nominal/12 n=72 p=12 final=0 ?payment',
    ],
    asks: ['payment@1', 'difference of:payment between:[0,1]'],
  },
  {
    text: "The rate on Petra's first loan, £18,000 repaid by 60 month-end payments of £352.40, is not known. Her second loan has the same rate and term but payments of £420. What nominal rate compounded monthly does she pay, and how much was the second loan?",
    plans: [
      'borrowing amount=18000 n=60 p=12 payment=352.4 final=0 ?rate',
      'borrowing n=60 p=12 payment=420 final=0 ?amount',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'amount@1'],
  },
  {
    text: 'A loan of $9,000 is repaid by 36 month-end payments of $288. What nominal rate, compounded monthly, is charged? At the same rate, what payment would repay $12,500 over 48 months?',
    plans: [
      'borrowing amount=9000 n=36 p=12 payment=288 final=0 ?rate',
      'borrowing amount=12500 n=48 p=12 final=0 ?payment',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'payment@1'],
  },
  {
    text: "Dora's loan of €11.000,00 takes 48 payments of €265,00 at month-end. Another loan at the same rate is to be repaid with €310,00 a month over 60 months. Find the nominal rate, compounded monthly, and the amount of the other loan.",
    plans: [
      'borrowing amount=11000 n=48 p=12 payment=265 final=0 ?rate',
      'borrowing n=60 p=12 payment=310 final=0 ?amount',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'amount@1'],
  },
  {
    text: 'A loan of $160,000 is spread over 25 years at 5.64% compounded monthly, payments at month-end, but the contract ends after seven years, when the balance is due. Find the payment and the balance due. What has been paid in interest by then?',
    plans: [
      'borrowing amount=160000 rate=0.0564/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=160000 rate=0.0564/nominal/12 n=84 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'totalInterest@1'],
  },
  {
    text: "Yusuf's mortgage is $230,000 over 30 years at 5.88% compounded monthly, paid at the end of each month. He is offered to pay half the monthly amount every two weeks. How many two-weekly payments would he make, how many years is that, and how much interest would it save?",
    plans: [
      'borrowing amount=230000 rate=0.0588/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=230000 rate=0.0588/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['payments@1', 'years@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A €300.000,00 mortgage at 4,8 % compounded monthly over 25 years, paid at month-end. After five years the rate becomes 5,7 %; the borrower keeps paying as before. How many payments are made altogether, and what is the last?',
    plans: ['borrowing amount=300000 rate=0.048/nominal/12 n=300 p=12 final=0 rate@60:0.057/payment ?payment'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'A debt of £30,000 at 7.2% compounded monthly is to be repaid by 84 month-end payments. In the third year no payments are made (payments 25 to 36 are left out) and interest is added. The end date is kept. What is the payment before, and what after the gap?',
    plans: ['borrowing amount=30000 rate=0.072/nominal/12 n=84 p=12 final=0 skip@24:12/payments ?payment'],
    asks: ['payment', 'payment after:36'],
  },
  {
    text: "Rolf's loan of $19,500 at 9.6% compounded monthly, 60 month-end payments: at payment 20 the rate falls to 8.4% and the payment is recalculated for the remaining term. How much lower is the new payment than the old?",
    plans: ['borrowing amount=19500 rate=0.096/nominal/12 n=60 p=12 final=0 rate@20:0.084/payments ?payment'],
    asks: ['difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:20}}]'],
  },
  {
    text: 'An investment of $12,000 had grown to $15,870 when it was cashed in after seven years. Interest was compounded half-yearly. Find the nominal rate.',
    plans: ['lump-sum amount=12000 n=14 p=2 final=15870 ?rate'],
    asks: ['nominalRate compoundingsPerYear:2'],
  },
  {
    text: 'The loan for a dovecote, £5,640, has 24 month-end payments of £262.30. What is the effective annual rate?',
    plans: ['borrowing amount=5640 n=24 p=12 payment=262.3 final=0 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'An annuity pays $900 at the beginning of each month for 15 years. What is its price if the insurer reckons 4.08% compounded monthly?',
    plans: ['drawing-down rate=0.0408/nominal/12 n=180 p=12 payment=900 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Find the payment on a flat-rate loan of €7.800,00 at 6,9 % a year over 4 years, paid monthly, and the effective annual rate.',
    plans: ['flat amount=7800 rate=0.069/flat n=48 p=12 final=0 ?payment'],
    asks: ['payment', 'effectiveRate'],
  },
  {
    text: 'A retired teacher has £150,000 in a pension pot earning 3.6% p.a. compounded monthly. She withdraws £1,100 at the end of each month. How many full withdrawals can she make? How much is left in the pot after 5 years?',
    plans: ['drawing-down amount=150000 rate=0.036/nominal/12 p=12 payment=1100 final=0 ?payments'],
    asks: ['payments count:full', 'balanceAfter k:60'],
  },
  {
    text: 'A loan of R 40 000 is to be repaid with equal quarterly payments over four years. Interest is 11% per annum, compounded quarterly. After two years the rate drops to 9% per annum compounded quarterly. Find the original payment and the new payment.',
    plans: ['borrowing amount=40000 rate=0.11/nominal/4 n=16 p=4 final=0 rate@8:0.09/payments ?payment'],
    asks: ['payment', 'payment after:8'],
  },
  {
    text: 'Deposits of $100 are made monthly for ten years at 6% compounded quarterly. What amount is in the account immediately after the last deposit?',
    plans: ['saving amount=0 rate=0.06/nominal/4 n=120 p=12 payment=100 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'An investor deposits $50,000, and wants to withdraw $2,000 at the end of each quarter. The account pays 5% compounded quarterly. How long will the money last, in quarters?',
    plans: ['drawing-down amount=50000 rate=0.05/nominal/4 p=4 payment=2000 final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'Sven needs $9,500 for a boat motor. The dealer lends at 8.7% compounded monthly for 30 months; his credit union lends at 7.9% compounded monthly for 36 months. Compare the payments and the total interest.',
    plans: [
      'borrowing amount=9500 rate=0.087/nominal/12 n=30 p=12 final=0 ?payment',
      'borrowing amount=9500 rate=0.079/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest', 'payment@1', 'totalInterest@1'],
  },
  {
    text: 'A trust fund of $400,000 is to make equal payments at the beginning of each year for 25 years. At 4% compounded annually, how much is each payment?',
    plans: ['drawing-down amount=400000 rate=0.04/nominal/1 n=25 p=1 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Calculate the time, in years, required for $4,200 to accumulate to $6,000 at 5.4% compounded monthly.',
    plans: ['lump-sum amount=4200 rate=0.054/nominal/12 p=12 final=6000 ?payments'],
    asks: ['years'],
  },
  {
    text: 'A credit card charges 1.65% per month on the unpaid balance. What are the nominal and the effective annual rates?',
    plans: ['convert rate=0.0165/per-period/12 p=12 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Which costs less in total: borrowing $9,000 for 2 years at 9% compounded monthly, or for 4 years at 7% compounded monthly? Payments are made at the end of each month.',
    plans: [
      'borrowing amount=9000 rate=0.09/nominal/12 n=24 p=12 final=0 ?payment',
      'borrowing amount=9000 rate=0.07/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:totalPaid want:least'],
  },
  {
    text: 'The owner of a kiosk pays €330 at the start of each month for 5 years under a lease. At 6% compounded monthly, what is the lease worth on the day it begins?',
    plans: ['leasing rate=0.06/nominal/12 n=60 p=12 payment=330 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: '(a) Find the amount to which $6,500 grows in 8 years at 3.9% compounded quarterly. (b) How much of this is interest?',
    plans: ['lump-sum amount=6500 rate=0.039/nominal/4 n=32 p=4 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'Flat loan: £3,300 at 8.5% flat over 30 months, repaid monthly. Instalment, total charge and effective rate, please.',
    plans: ['flat amount=3300 rate=0.085/flat n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge', 'effectiveRate'],
  },
  {
    text: 'Convert 5.4% effective into a nominal rate compounded monthly, and into one compounded quarterly.',
    plans: ['convert rate=0.054/effective/1 p=4 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'A loan is repaid in 10 years by annual payments of £4,600 at the end of each year. The interest rate is 6.2% per year. Find the interest and the principal in the 4th payment, and the balance after it.',
    plans: ['borrowing rate=0.062/nominal/1 n=10 p=1 payment=4600 final=0 ?amount'],
    asks: ['interestIn from:4 to:4', 'principalIn from:4 to:4', 'balanceAfter k:4'],
  },
  {
    text: "The Brandts' mortgage: €240,000, 3.48% compounded monthly, 25 years, monthly payments. On top of their payment they pay €150 each month from the first payment on. When is the mortgage paid off? How much interest do they save?",
    plans: ['borrowing amount=240000 rate=0.0348/nominal/12 n=300 p=12 final=0 payment@0:150 ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Joanna wants to buy a flat in 6 years and needs a deposit of £40,000. She saves each month, starting now, at 3.24% compounded monthly. Her monthly saving? Interest earned?',
    plans: ['saving amount=0 rate=0.0324/nominal/12 n=72 p=12 beginning final=40000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Nora has two offers for a €11,000 loan. Bank Nord: 48 monthly payments at 6.3% compounded monthly. Bank Süd: 48 monthly payments of €262. Which has the lower payment, and what nominal rate does Bank Süd charge?',
    plans: [
      'borrowing amount=11000 rate=0.063/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=11000 n=48 p=12 payment=262 final=0 ?rate',
    ],
    asks: ['choice by:payment want:least', 'nominalRate@1 compoundingsPerYear:12'],
  },
  {
    text: 'The finance charge on a $2,800 loan repaid in 20 monthly payments is $365. Find the monthly payment and the true annual rate compounded monthly.',
    plans: ['flat charge=365 amount=2800 n=20 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'The payments on a 4-year lease of a loader costing £28,000 are £610, in advance, monthly. At the end the loader goes back. What effective rate of interest is charged if the residual value is £5,000?',
    plans: ['leasing price=28000 amount=28000 n=48 p=12 payment=610 beginning final=5000 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'A house is bought for $310,000 with 20% down. The mortgage runs for 25 years at 4.95% compounded semi-annually with payments every month. (a) How large is the mortgage? (b) What is the payment? (c) What is owed after 10 years?',
    plans: ['borrowing price=310000 down=62000 amount=248000 rate=0.0495/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'balanceAfter k:120'],
  },
  {
    text: 'A library borrows £68,000 over 9 years with annual payments at 5.35% effective. Set out the payment, the interest in the first payment, and the debt after the first payment.',
    plans: ['borrowing amount=68000 rate=0.0535/effective/1 n=9 p=1 final=0 ?payment'],
    asks: ['payment', 'interestIn from:1 to:1', 'balanceAfter k:1'],
  },
  {
    text: 'Two loans of $20,000 over 4 years: one at 7.2% compounded monthly, one at 7.3% compounded semi-annually; both are repaid monthly. Which has the smaller payment, and by how much?',
    plans: [
      'borrowing amount=20000 rate=0.072/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=20000 rate=0.073/nominal/2 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'Payments of 1,250 each at the end of every quarter settle a loan of 30,000. At 6.8% compounded quarterly, how long does that take in years?',
    plans: ['borrowing amount=30000 rate=0.068/nominal/4 p=4 payment=1250 final=0 ?payments'],
    asks: ['years'],
  },
  {
    text: 'The interest on a flat-rate loan of $5,000 for 2 years is $900. What is the flat rate, and what is each of 24 monthly payments?',
    plans: ['flat charge=900 amount=5000 n=24 p=12 final=0 ?payment'],
    asks: ['nominalRate as:flat', 'payment'],
  },
  {
    text: 'Deposits at the beginning of each month: $130. Goal: $9,000. Rate: 3.9% compounded monthly. Find the number of deposits needed.',
    plans: ['saving amount=0 rate=0.039/nominal/12 p=12 payment=130 beginning final=9000 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'The 5-year lease of a digger has rents of €1,420 at the beginning of each month; at 6.6% compounded monthly, what price is equivalent, if the digger is returned worthless?',
    plans: ['leasing rate=0.066/nominal/12 n=60 p=12 payment=1420 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'My bank gives 3% compounded daily on savings. If I put in $40 at the end of each week for 3 years, how much do I get?',
    plans: ['saving amount=0 rate=0.03/nominal/365 n=156 p=52 payment=40 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Hire purchase: cash price £1,460; deposit £200; 20 monthly instalments; flat rate 9% p.a. Find the instalment.',
    plans: ['flat price=1460 down=200 amount=1260 rate=0.09/flat n=20 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'What must be paid at the beginning of each quarter in order to have $50,000 after eight years at 4.4% compounded quarterly?',
    plans: ['saving amount=0 rate=0.044/nominal/4 n=32 p=4 beginning final=50000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'To how much will £4,800 amount in five and a quarter years at 4.8% compounded quarterly?',
    plans: ['lump-sum amount=4800 rate=0.048/nominal/4 n=21 p=4 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Find the total of the payments and the interest on a loan of £3,750 with 18 payments of £226.40.',
    plans: ['borrowing amount=3750 n=18 p=12 payment=226.4 final=0 ?rate'],
    asks: ['totalPaid', 'totalInterest'],
  },
  {
    text: 'A company wants to replace its server in 3 years at a cost of €27,000. It puts an equal amount into a fund at the end of every month. The fund earns 2.1% compounded monthly and already contains €4,000. How large is the monthly amount?',
    plans: ['saving amount=4000 rate=0.021/nominal/12 n=36 p=12 final=27000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The monthly lease payment on a lathe is £365, payable in advance for 4 years. If the interest rate is 7.2% compounded monthly and the residual value £3,000, what was the value of the lathe at the beginning?',
    plans: ['leasing rate=0.072/nominal/12 n=48 p=12 payment=365 beginning final=3000 ?amount'],
    asks: ['amount'],
  },
  {
    text: '€9,000 is borrowed and repaid after 5 years in one sum, interest 4.5% compounded annually. How much must be repaid?',
    plans: ['lump-sum amount=9000 rate=0.045/nominal/1 n=5 p=1 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "A widow's fund of £220,000 earns 3.3% compounded quarterly. She takes £4,500 at the end of each quarter. After how many quarters is it exhausted, and what remains after 10 years?",
    plans: ['drawing-down amount=220000 rate=0.033/nominal/4 p=4 payment=4500 final=0 ?payments'],
    asks: ['payments', 'balanceAfter k:40'],
  },
  {
    text: 'Hakim takes a credit of $1,900 for 12 months: monthly payments, 17.9% compounded monthly. How much is each payment and how much more than $1,900 does he pay back?',
    plans: ['borrowing amount=1900 rate=0.179/nominal/12 n=12 p=12 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "Ada Birk's loan of €24,000 has an annual percentage rate of 5.75% effective. She repays in 60 equal monthly payments. How much is one of them?",
    plans: ['borrowing amount=24000 rate=0.0575/effective/1 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A photographer buys cameras for $7,300 on an instalment plan: 10% down, then 20 equal monthly payments, interest 9.9% compounded monthly. Find the down payment, the amount financed and the payment.',
    plans: ['borrowing price=7300 down=730 amount=6570 rate=0.099/nominal/12 n=20 p=12 final=0 ?payment'],
    asks: ['downPayment', 'amount', 'payment'],
  },
  {
    text: 'Kurt buys a caravan for £23,600. He puts down 15% and pays off the rest in 54 monthly instalments at 6.3% compounded monthly. What is the down payment, and what is the instalment?',
    plans: ['borrowing price=23600 down=3540 amount=20060 rate=0.063/nominal/12 n=54 p=12 final=0 ?payment'],
    asks: ['downPayment', 'payment'],
  },
  {
    text: 'Two banks offer a loan of £25,000 repaid over 6 years with monthly payments. Bank One charges 6.6% compounded monthly; Bank Two charges 6.7% effective. Which is cheaper and by how much a month?',
    plans: [
      'borrowing amount=25000 rate=0.066/nominal/12 n=72 p=12 final=0 ?payment',
      'borrowing amount=25000 rate=0.067/effective/1 n=72 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'A man of 45 pays £3,600 into a pension fund at the end of each year until he is 65. The fund earns 5.5% effective. How large is the fund then? What pension, paid at the beginning of each month for 20 years, can it pay at the same rate?',
    plans: [
      'saving amount=0 rate=0.055/effective/1 n=20 p=1 payment=3600 ?finalAmount',
      'drawing-down rate=0.055/effective/1 n=240 p=12 beginning final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'An orchestra tour costs $84,000. A donor pays $30,000, and the orchestra borrows the rest at 6.9% compounded monthly, to be repaid by payments of $1,400 at the end of each month. How many payments are needed? What is the size of the last payment?',
    plans: ['borrowing price=84000 down=30000 amount=54000 rate=0.069/nominal/12 p=12 payment=1400 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'A saver wants a fund of £30,000 after 8 years and can get 3.9% compounded quarterly. What does he have to deposit at the end of each quarter if he starts with £5,000?',
    plans: ['saving amount=5000 rate=0.039/nominal/4 n=32 p=4 final=30000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A family pays $1,310 at the end of each month on its mortgage. The balance is now $122,400 and the rate is 5.7% compounded monthly. How many years does it take to pay it off?',
    plans: ['borrowing amount=122400 rate=0.057/nominal/12 p=12 payment=1310 final=0 ?payments'],
    asks: ['years'],
  },
  {
    text: 'Lotte pays 5 quarterly payments of €900 for a course that costs €4,300, the first payment on enrolment. What effective annual interest does she pay?',
    plans: ['borrowing price=4300 amount=4300 n=5 p=4 payment=900 beginning final=0 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'What amount must be deposited on the first day of each month to provide €12,000 after 3 years at 2.16% compounded monthly? What is the total of the deposits?',
    plans: ['saving amount=0 rate=0.0216/nominal/12 n=36 p=12 beginning final=12000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'A lease runs for 36 months. The first of 36 rents of $420 is due on signing, and the asset, worth $16,000 today, can be purchased for $3,500 at the end. Find the nominal rate compounded monthly implied by the lease.',
    plans: ['leasing price=16000 amount=16000 n=36 p=12 payment=420 beginning final=3500 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A company pays a lease of 20 quarterly rents of €3,300 in advance at 6% compounded quarterly. What is the cash equivalent of the lease?',
    plans: ['leasing rate=0.06/nominal/4 n=20 p=4 payment=3300 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A car was bought on these terms: list price $19,900, discount $1,400, trade-in $4,500, 48 monthly payments at 5.76% compounded monthly. What is each payment?',
    plans: [
      'borrowing price=19900 trade=4500 rebate=1400 amount=14000 rate=0.0576/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment'],
  },
  {
    text: 'A debt of $15,000 at 8.4% compounded monthly is paid by $300 a month for 3 years, and then the rest in one sum. How much is the rest?',
    plans: ['borrowing amount=15000 rate=0.084/nominal/12 n=36 p=12 payment=300 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A widow sells her shop for $140,000 and puts the money into a fund at 4.05% compounded monthly. She wants it to last 18 years. What monthly income, paid at the end of each month, does it give her, and how much does she receive altogether?',
    plans: ['drawing-down amount=140000 rate=0.0405/nominal/12 n=216 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'A loan of $8,900 at 11.4% compounded monthly is repaid with monthly payments over 30 months. If the borrower misses no payment, what does he owe after 12 payments, and what part of the 13th payment is principal?',
    plans: ['borrowing amount=8900 rate=0.114/nominal/12 n=30 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:12', 'principalIn from:13 to:13'],
  },
  {
    text: 'A credit line of 20,000 at 7.8% compounded monthly is drawn in full. Payments of 350 are made at the end of every month. Find the balance after 2 years and the interest paid in these two years.',
    plans: ['borrowing amount=20000 rate=0.078/nominal/12 n=24 p=12 payment=350 ?finalAmount'],
    asks: ['balanceAfter k:24', 'interestIn from:1 to:24'],
  },
  {
    text: 'Anja takes over a shop for €58,000. She has €18,000 and borrows the remainder at 6.4% compounded half-yearly, repaying it in 12 equal half-yearly payments. What is the payment? What is the total interest?',
    plans: ['borrowing price=58000 down=18000 amount=40000 rate=0.064/nominal/2 n=12 p=2 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'The effective rate is 10.25%. What is the equivalent nominal rate (a) compounded half-yearly? (b) compounded monthly?',
    plans: ['convert rate=0.1025/effective/1 p=2 ?rate'],
    asks: ['nominalRate compoundingsPerYear:2', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: "Kofi's lease on a tractor, worth $38,000, has 60 monthly payments of $640 in advance. What must he pay to own the tractor at the end if the lease rate is 7.8% compounded monthly?",
    plans: ['leasing price=38000 amount=38000 rate=0.078/nominal/12 n=60 p=12 payment=640 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A student saves $60 at the beginning of every fortnight. The credit union pays 3.9% compounded fortnightly. How much is saved after 5 years?',
    plans: ['saving amount=0 rate=0.039/nominal/26 n=130 p=26 payment=60 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'If €10,000 is put into an account at 3% compounded quarterly and €200 is withdrawn at the end of each quarter, how much is left after 6 years?',
    plans: ['drawing-down amount=10000 rate=0.03/nominal/4 n=24 p=4 payment=200 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A mortgage of £175,000 at 4.25% compounded monthly is to be paid off in 30 years by monthly payments. After ten years the borrower decides to pay £150 a month more. How many payments does he make altogether?',
    plans: ['borrowing amount=175000 rate=0.0425/nominal/12 n=360 p=12 final=0 payment@120:150 ?payment'],
    asks: ['payments'],
  },
  {
    text: 'A flat with a price of $185,000 is bought with a mortgage for 80% of it. The mortgage has monthly payments over 25 years at 4.44% compounded semi-annually. What is the monthly payment?',
    plans: ['borrowing price=185000 down=37000 amount=148000 rate=0.0444/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A legacy of $70,000 is invested at 5% effective. Beginning one year from today, $6,000 is spent each year. For how many years can $6,000 be spent, and what is left for the last, smaller payment?',
    plans: ['drawing-down amount=70000 rate=0.05/effective/1 p=1 payment=6000 final=0 ?payments'],
    asks: ['years', 'lastPayment'],
  },
  {
    text: 'The price of a roof is £14,700. Pay £1,700 on completion and the remainder by 10 quarterly payments of £1,480. What effective rate is charged?',
    plans: ['borrowing price=14700 down=1700 amount=13000 n=10 p=4 payment=1480 final=0 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'What amount can be drawn from a fund of 85,000 pounds at the beginning of every quarter for 16 years, if interest at 3.4% is compounded quarterly?',
    plans: ['drawing-down amount=85000 rate=0.034/nominal/4 n=64 p=4 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'What is the interest part of the 50th payment of a 96-payment loan of £29,000 at 6.6% compounded monthly?',
    plans: ['borrowing amount=29000 rate=0.066/nominal/12 n=96 p=12 final=0 ?payment'],
    asks: ['interestIn from:50 to:50'],
  },
  {
    text: 'Deposits of $1,000 are made at the beginning of each year for ten years, at 6% compounded monthly. What is accumulated after ten years?',
    plans: ['saving amount=0 rate=0.06/nominal/12 n=10 p=1 payment=1000 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'If €300 is invested monthly, at the end of the month, at 4.8% compounded monthly, after how many months does the account exceed €25,000?',
    plans: ['saving amount=0 rate=0.048/nominal/12 p=12 payment=300 final=25000 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'What effective annual rate corresponds to a discount offered as follows: pay £980 now instead of £1,000 in one month?',
    plans: ['lump-sum amount=980 n=0.08333333333333333 p=1 final=1000 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'A sum of $20,000 is to be divided: at 5% compounded annually it pays equal amounts at the end of each year for 6 years. How large are they?',
    plans: ['drawing-down amount=20000 rate=0.05/nominal/1 n=6 p=1 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The Quarry Road garage borrows £30,000 at 6.9% compounded monthly for 5 years. After the 24th payment it pays £4,000 extra and keeps its monthly payment. (a) What is the monthly payment? (b) How many payments are made in all? (c) How much interest does the extra payment save?',
    plans: ['borrowing amount=30000 rate=0.069/nominal/12 n=60 p=12 final=0 extra@24:4000/payment ?payment'],
    asks: ['payment', 'payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Because of illness, Igor leaves out payments 13 to 18 of his loan of £12,600 (48 monthly payments at 7.8% compounded monthly); interest goes on. Afterwards the payment is recalculated over the remaining payments. What was his payment, and what is the new one?',
    plans: ['borrowing amount=12600 rate=0.078/nominal/12 n=48 p=12 final=0 skip@12:6/payments ?payment'],
    asks: ['payment', 'payment after:18'],
  },
  {
    text: 'For 18 years a couple saves $450 at the end of each month. Then they draw equal amounts at the beginning of each month for 20 years until the fund is used up. The fund earns 5.4% compounded monthly all the time. How large is the fund when they stop saving, and how much do they draw each month?',
    plans: [
      'saving amount=0 rate=0.054/nominal/12 n=216 p=12 payment=450 ?finalAmount',
      'drawing-down rate=0.054/nominal/12 n=240 p=12 beginning final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'The club buys a minibus for €38,500: it trades in the old one for €4,500 and pays 10% of the price down. The rest is repaid over 5 years by end-of-month payments at 6.24% compounded monthly. Find the amount financed, the payment, and the total cost including the down payment.',
    plans: [
      'borrowing price=38500 down=3850 trade=4500 amount=30150 rate=0.0624/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'A fund of $150,000 pays $3,600 at the end of each quarter at 5.2% compounded quarterly. (a) For how many quarters can the full amount be paid? (b) What is left after 10 years? (c) How much interest does the fund earn in those 10 years?',
    plans: ['drawing-down amount=150000 rate=0.052/nominal/4 p=4 payment=3600 final=0 ?payments'],
    asks: ['payments count:full', 'balanceAfter k:40', 'interestIn from:1 to:40'],
  },
  {
    text: 'A car is leased for 3 years: price €27,900, payment on signing €2,900, 36 monthly payments in advance, residual value €12,000, 5.4% compounded monthly. What is the monthly payment? What is paid in all, the first €2,900 included?',
    plans: [
      'leasing price=27900 down=2900 amount=25000 rate=0.054/nominal/12 n=36 p=12 beginning final=12000 ?payment',
    ],
    asks: ['payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'Sum lent: 21 600. Repaid: 54 monthly payments of 482,40, in arrears. Nominal rate (monthly)? Effective rate?',
    plans: ['borrowing amount=21600 n=54 p=12 payment=482.4 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Barnaby Stoke is offered a 5-year bond at 4.2% effective. He will need £12,000 when it falls due. How much should he buy today?',
    plans: ['lump-sum rate=0.042/effective/1 n=5 p=1 final=12000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Fortnightly payments of £96, the first in two weeks, for three years; rate 8.32% compounded fortnightly. What debt do they pay off, and how much of it is interest?',
    plans: ['borrowing rate=0.0832/nominal/26 n=78 p=26 payment=96 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'Two ways to pay for a £3,600 course: £3,600 on the first day, or twelve payments of £315, the first of them on the first day and then monthly. What yearly effective rate does the second way cost?',
    plans: ['borrowing price=3600 amount=3600 n=12 p=12 payment=315 beginning final=0 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'The parish of Little Oxley borrowed £54,000 for nine years at 6.36% compounded monthly, with month-end payments. Its first 40 payments are made. What has it still to pay in all, and what would settle the loan now?',
    plans: ['borrowing amount=54000 rate=0.0636/nominal/12 n=108 p=12 final=0 ?payment'],
    asks: ['leftToPay k:40', 'balanceAfter k:40'],
  },
  {
    text: 'A loan of $11,900 at 10.2% (monthly) runs for 40 months. Because payments are made at the beginning of each month instead of at the end, they are smaller. What are they?',
    plans: ['borrowing amount=11900 rate=0.102/nominal/12 n=40 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'With payments of 275 at the end of every month, rate 1.05% a month, how many months until 7,800 is paid off? And the last payment?',
    plans: ['borrowing amount=7800 rate=0.0105/per-period/12 p=12 payment=275 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'Give the sum that will buy an income of £4,000 at the end of every half-year for seventeen years, money being worth 4.9% convertible half-yearly.',
    plans: ['drawing-down rate=0.049/nominal/2 n=34 p=2 payment=4000 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A sinking fund at 3.6% (monthly) is to hold £48,000 after eight years. What goes in at the start of each month? How much has been paid in altogether by then?',
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 beginning final=48000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Norah Vance, 48, has £64,000 saved and adds £500 at the end of each month until she is 60. The account pays 4.08% compounded monthly. What does she then have?',
    plans: ['saving amount=64000 rate=0.0408/nominal/12 n=144 p=12 payment=500 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'What is the present value of £10,000 to be received in eight years if money is worth 4.5% compounded half-yearly?',
    plans: ['lump-sum rate=0.045/nominal/2 n=16 p=2 final=10000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "A tractor is leased at £560 a month in advance for 48 months with an option to buy at £8,000. At 6.6% compounded monthly, what is the tractor's value at the start?",
    plans: ['leasing rate=0.066/nominal/12 n=48 p=12 payment=560 beginning final=8000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A car is priced at $24,000. The buyer trades in a car worth $5,500 and finances the rest over 60 months at 6.9% compounded monthly. What is the monthly payment?',
    plans: ['borrowing price=24000 trade=5500 amount=18500 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A farmer rents a baler worth €42,000 for 36 months: rent in advance, buy-out €15,000, 6.9% compounded monthly. Compute the monthly rent.',
    plans: ['leasing price=42000 amount=42000 rate=0.069/nominal/12 n=36 p=12 beginning final=15000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'An apartment building is financed with $2.4 million over 25 years, monthly payments, 5.52% compounded semi-annually. Find the monthly payment, the balance after 10 years, and the total interest over the first ten years.',
    plans: ['borrowing amount=2400000 rate=0.0552/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:120', 'interestIn from:1 to:120'],
  },
  {
    text: 'What lump sum on his retirement gives Mr Pettit £18,000 at the beginning of each year for 20 years at 4.25% effective?',
    plans: ['drawing-down rate=0.0425/effective/1 n=20 p=1 payment=18000 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'After a year and a half of paying $280 at the end of each month, how much remains of a $6,500 loan at 9.6% compounded monthly?',
    plans: ['borrowing amount=6500 rate=0.096/nominal/12 n=18 p=12 payment=280 ?finalAmount'],
    asks: ['balanceAfter k:18'],
  },
  {
    text: 'Starting on her 22nd birthday, Lea deposits $2,000 a year at 6% effective until and including her 60th birthday. What is the value on her 60th birthday?',
    plans: ['saving amount=0 rate=0.06/effective/1 n=39 p=1 payment=2000 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'The dog school repays £12,000 at 6% compounded monthly by monthly payments over 4 years. Payments 3 and 9 are missed. What is the balance after 2 years?',
    plans: [
      'borrowing amount=12000 rate=0.06/nominal/12 n=48 p=12 final=0 skip@2:1/payments skip@8:1/payments ?payment',
    ],
    asks: ['balanceAfter k:24'],
  },
  {
    text: 'Ilse repays £12,000 at 6% compounded monthly by monthly payments over 4 years. She skips payments 7, 8 and 9. What is the balance after 2 years?',
    plans: ['borrowing amount=12000 rate=0.06/nominal/12 n=48 p=12 final=0 skip@6:3/payments ?payment'],
    asks: ['balanceAfter k:24'],
  },
  {
    text: 'A $28,000 car loan over 5 years at 6.6% compounded monthly is paid at the end of each month. If an extra $50 is paid every month, how many months sooner will it be repaid and how much interest will be saved?',
    plans: ['borrowing amount=28000 rate=0.066/nominal/12 n=60 p=12 final=0 payment@0:50 ?payment'],
    asks: [
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: "Hamid's furniture costs $3,480. He pays 15% down and the store charges $412 for credit. He pays in 18 equal monthly payments. (a) What is the payment? (b) What nominal rate compounded monthly is he paying? (c) What is the effective rate?",
    plans: ['flat price=3480 down=522 charge=412 amount=2958 n=18 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'A fishing co-op repays €95,000 at 6.48% compounded monthly over nine years. Just after the 48th payment (payments at the end of each month) it pays an additional €15,000 and keeps the payment the same. When is the loan paid off?',
    plans: ['borrowing amount=95000 rate=0.0648/nominal/12 n=108 p=12 final=0 extra@48:15000/payment ?payment'],
    asks: ['payments'],
  },
  {
    text: 'Freya pays into a fund £2,000 at the end of each half-year for 7 years at 4.4% compounded half-yearly, and then leaves it untouched for another 5 years at the same rate. How much does she have at the end?',
    plans: [
      'saving amount=0 rate=0.044/nominal/2 n=14 p=2 payment=2000 ?finalAmount',
      'lump-sum rate=0.044/nominal/2 n=10 p=2 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'Ms. Oduya buys a $1,150 laptop on a plan with 24 monthly payments of $54.10, beginning one month after purchase. What is the finance charge? What effective annual rate does she pay?',
    plans: ['borrowing price=1150 amount=1150 n=24 p=12 payment=54.1 final=0 ?rate'],
    asks: ['financeCharge', 'effectiveRate'],
  },
  {
    text: 'Kasimir saves 400 at the beginning of each quarter for 6 years, earning 3.2% compounded quarterly. How much has he saved, and what portion is interest?',
    plans: ['saving amount=0 rate=0.032/nominal/4 n=24 p=4 payment=400 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'How much more will $15,000 earn in 5 years at 5% compounded daily than at 5% compounded annually?',
    plans: [
      'lump-sum amount=15000 rate=0.05/nominal/365 n=1825 p=365 ?finalAmount',
      'lump-sum amount=15000 rate=0.05/nominal/1 n=5 p=1 ?finalAmount',
    ],
    asks: ['difference of:finalAmount between:[0,1]'],
  },
  {
    text: 'A business takes a $90,000 loan with a 3% origination fee, which is added to the loan, at 8.4% compounded monthly over 5 years, payments at the end of the month. What is the payment?',
    plans: ['borrowing fees=2700 amount=92700 rate=0.084/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "The last payment on Ivo's loan ($10,000 at 9.9% compounded monthly, $230 at each month-end) is smaller than the others. How large is it?",
    plans: ['borrowing amount=10000 rate=0.099/nominal/12 p=12 payment=230 final=0 ?payments'],
    asks: ['lastPayment'],
  },
  {
    text: "Rasheed's bank lowers the rate on his loan from 7.8% to 6.6% (both compounded monthly) after 24 of 72 payments. The loan was $36,000, paid at month end, and the number of payments stays. What was the payment and what is it now?",
    plans: ['borrowing amount=36000 rate=0.078/nominal/12 n=72 p=12 final=0 rate@24:0.066/payments ?payment'],
    asks: ['payment', 'payment after:24'],
  },
  {
    text: "The harbour master's office is buying a patrol boat for $146,000. It pays $26,000 from reserves and borrows the rest for 8 years at 5.7% compounded monthly. Payments are made at the end of each month.\na) How much is each payment?\nb) What will still be owed after 5 years?\nc) What is the total of all the payments?\nd) How much of that total is interest?",
    plans: ['borrowing price=146000 down=26000 amount=120000 rate=0.057/nominal/12 n=96 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:60', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'A small brewery leases a bottling line valued at €48,500 for five years. Lease payments are due on the first day of every quarter, and the lessor wants to earn 7.6% compounded quarterly. At the end the brewery can buy the line for €9,000. Calculate (i) the quarterly payment and (ii) the effective rate the lessor earns.',
    plans: ['leasing price=48500 amount=48500 rate=0.076/nominal/4 n=20 p=4 beginning final=9000 ?payment'],
    asks: ['payment', 'effectiveRate'],
  },
  {
    text: 'A charity borrows €28,000 and agrees to repay it with payments of €1,650 at the end of each quarter for five years. (a) Find the nominal rate compounded quarterly. (b) Find the effective annual rate. (c) What is the total interest?',
    plans: ['borrowing amount=28000 n=20 p=4 payment=1650 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4', 'effectiveRate', 'totalInterest'],
  },
  {
    text: 'Danilo buys a dining set for $3,860, trading in an old one for $360. He pays 10% of the remaining price down and finances the rest at a flat rate of 8.5% over 24 months. Find his monthly payment and the effective rate of interest.',
    plans: ['flat price=3860 down=350 trade=360 amount=3150 rate=0.085/flat n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'effectiveRate'],
  },
  {
    text: 'What equal deposits at the start of each month are needed for 5 years so that Anouk can buy a €22,000 car, if the account pays 2.88% compounded monthly? What will she have earned in interest?',
    plans: ['saving amount=0 rate=0.0288/nominal/12 n=60 p=12 beginning final=22000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Quinn needs £7,500 for a course. Lender A charges 9.9% compounded monthly over three years with no fee; Lender B charges 8.7% compounded monthly over three years plus a fee of £180 which is added to the loan. Both are repaid at month end. Which has the lower payment, and what is the difference over the whole term?',
    plans: [
      'borrowing amount=7500 rate=0.099/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing fees=180 amount=7680 rate=0.087/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'A loan of $150,000 at 6% compounded monthly is amortized over 20 years with month-end payments. After five years the rate goes up to 7.2% compounded monthly. (a) What was the payment? (b) What is it after the increase, if the loan is still to end after 20 years? (c) How much more does the borrower pay in total because of the increase?',
    plans: ['borrowing amount=150000 rate=0.06/nominal/12 n=240 p=12 final=0 rate@60:0.072/payments ?payment'],
    asks: ['payment', 'payment after:60', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'A credit union charges 0.95% per month. (a) State the nominal annual rate. (b) State the effective annual rate. (c) What month-end payment repays $6,400 in 30 months?',
    plans: ['borrowing amount=6400 rate=0.0095/per-period/12 n=30 p=12 final=0 ?payment'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'payment'],
  },
  {
    text: "Lorcan's grandparents leave €85,000 in trust at 4.08% compounded monthly. It is to provide a monthly allowance, paid at the beginning of the month, for 6 years, leaving €15,000 for a house deposit. How large is the allowance?",
    plans: ['drawing-down amount=85000 rate=0.0408/nominal/12 n=72 p=12 beginning final=15000 ?payment'],
    asks: ['payment'],
  },
  {
    text: "Using 365-day compounding, Anjali's account yields 4.2% nominal. What is the effective rate? To what will £6,000 grow in 4 years? How much interest is that?",
    plans: ['lump-sum amount=6000 rate=0.042/nominal/365 n=1460 p=365 ?finalAmount'],
    asks: ['effectiveRate', 'finalAmount', 'totalInterest'],
  },
  {
    text: 'A dentist owes $58,000 on a loan at 7.5% compounded monthly with 54 month-end payments left. She refinances at 6% compounded monthly over the same 54 months; the new lender adds a fee of $600 to the loan. What was her old payment, what is the new one, and how much does she save over the 54 months?',
    plans: [
      'borrowing amount=58000 rate=0.075/nominal/12 n=54 p=12 final=0 ?payment',
      'borrowing fees=600 rate=0.06/nominal/12 n=54 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:0}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'Margit buys a greenhouse priced at €12,400. After a deposit of 25% she finances the balance over 4 years at 6.12% compounded monthly, paying at the end of every month. Determine (a) the amount financed, (b) the monthly payment, (c) the total amount she pays for the greenhouse including the deposit.',
    plans: ['borrowing price=12400 down=3100 amount=9300 rate=0.0612/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'How long does it take to pay off $17,500 at 8.88% compounded monthly if $420 is paid at the end of each month? Give the number of full payments and the amount of the concluding payment.',
    plans: ['borrowing amount=17500 rate=0.0888/nominal/12 p=12 payment=420 final=0 ?payments'],
    asks: ['payments', 'payments count:full', 'lastPayment'],
  },
  {
    text: 'Hugo borrows $5,000 from his aunt at 4% effective and promises to return the whole amount with interest after 3½ years. How much must he return? How much of it is interest?',
    plans: ['lump-sum amount=5000 rate=0.04/effective/1 n=3.5 p=1 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A $65,000 loan is repaid by payments of $1,300 at the end of each month at 7.2% compounded monthly. After 18 payments the borrower pays $10,000 extra and continues with $1,300. How many payments are made in all, and how many fewer is that than without the extra payment?',
    plans: ['borrowing amount=65000 rate=0.072/nominal/12 p=12 payment=1300 final=0 extra@18:10000/payment ?payments'],
    asks: ['payments', 'difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'A trust fund of $410,000 will pay $28,000 at the end of every year at 5.1% effective. How many full payments can it make? How much is left for the final payment a year after the last full one?',
    plans: ['drawing-down amount=410000 rate=0.051/effective/1 p=1 payment=28000 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'A farm takes a loan of $120,000 at 6.6% compounded monthly over 15 years, month-end payments. Each payment from the 61st on is $200 larger. By how many months is the loan shortened? How much interest is saved?',
    plans: ['borrowing amount=120000 rate=0.066/nominal/12 n=180 p=12 final=0 payment@60:200 ?payment'],
    asks: [
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'Tilda has a €7,200 loan with 24 payments at the start of each month at 9.6% compounded monthly. What are her payments? What is the balance just before the 13th payment?',
    plans: ['borrowing amount=7200 rate=0.096/nominal/12 n=24 p=12 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:13 moment:beforePayment'],
  },
  {
    text: 'A £15,500 car: £2,000 down, 54 month-end payments, finance charge £2,457. What is the payment, and what is the effective rate of interest?',
    plans: ['flat price=15500 down=2000 charge=2457 amount=13500 n=54 p=12 final=0 ?payment'],
    asks: ['payment', 'effectiveRate'],
  },
  {
    text: 'In 1998 a lighthouse was sold for £82,000. Adaeze, 34, now pays £385,000 for it: 30% in cash and the rest by a 20-year loan at 5.04% compounded monthly with month-end payments. How much does she borrow, what does she pay a month, and what does the loan cost her in interest?',
    plans: ['borrowing price=385000 down=115500 amount=269500 rate=0.0504/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'totalInterest'],
  },
  {
    text: 'A $100,000 loan at 6.3% compounded monthly is paid with $900 at the end of each month. What is owed after 4 years? How much of the $43,200 paid has gone to interest?',
    plans: ['borrowing amount=100000 rate=0.063/nominal/12 n=48 p=12 payment=900 ?finalAmount'],
    asks: ['balanceAfter k:48', 'totalInterest'],
  },
  {
    text: 'What should an investor pay for the right to receive $640 at the end of each month for the next seven years if she wants to earn 7.5% compounded monthly?',
    plans: ['drawing-down rate=0.075/nominal/12 n=84 p=12 payment=640 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Your aunt lends you £6,500 at 5% a year compounded monthly. You will pay her back in equal amounts at the end of each month over three years. How much will you hand over every month, and how much more than £6,500 will you have paid by the end?',
    plans: ['borrowing amount=6500 rate=0.05/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'A $220,000 mortgage, 30 years, 6.12% compounded monthly, month-end payments. Sixty payments have been made. Interest rates fall and the owner renegotiates to 4.92% compounded monthly for the remaining 25 years. What is the new payment and by how much is it lower?',
    plans: ['borrowing amount=220000 rate=0.0612/nominal/12 n=360 p=12 final=0 rate@60:0.0492/payments ?payment'],
    asks: [
      'payment after:60',
      'difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:60}}]',
    ],
  },
  {
    text: 'Tom owes $3,000 due in 9 months. What would he have to pay today at 6% compounded monthly to settle the debt?',
    plans: ['lump-sum rate=0.06/nominal/12 n=9 p=12 final=3000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Loan A: £10,000 for 4 years at 8.9% compounded monthly. Loan B: £10,000 for 5 years at 8.1% compounded monthly. Payments at month end. Which loan has the lower monthly payment? Which has the lower total interest? By how much do the totals of interest differ?',
    plans: [
      'borrowing amount=10000 rate=0.089/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=10000 rate=0.081/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'choice by:payment want:least',
      'choice by:totalInterest want:least',
      'difference of:totalInterest between:[0,1]',
    ],
  },
  {
    text: 'A restaurant owes a supplier £18,400. They agree on £950 at the end of every month at 7.5% compounded monthly. What will the last payment be and when does it fall?',
    plans: ['borrowing amount=18400 rate=0.075/nominal/12 p=12 payment=950 final=0 ?payments'],
    asks: ['lastPayment', 'payments'],
  },
  {
    text: 'A loan of $14,400 at 9.6% compounded monthly is repaid by month-end payments over 4 years. After the tenth payment, five payments are missed while interest is added. The remaining payments are raised so that the loan ends when planned. Find the new payment.',
    plans: ['borrowing amount=14400 rate=0.096/nominal/12 n=48 p=12 final=0 skip@10:5/payments ?payment'],
    asks: ['payment after:15'],
  },
  {
    text: 'A small loan of €800 is repaid with 10 monthly payments of €88, beginning at once. What rate per month is charged?',
    plans: ['borrowing amount=800 n=10 p=12 payment=88 beginning final=0 ?rate'],
    asks: ['ratePerPayment'],
  },
  {
    text: 'A florist signs a note for €6,200 due in 16 months with interest at 7.5% compounded monthly. What is the amount due at maturity?',
    plans: ['lump-sum amount=6200 rate=0.075/nominal/12 n=16 p=12 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Ida lends her brother 30 000 kr at 3% effective. He pays it back in five equal yearly payments, the first a year after the loan. Draw up what he pays each year and what he owes after the second payment.',
    plans: ['borrowing amount=30000 rate=0.03/effective/1 n=5 p=1 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:2'],
  },
  {
    text: 'After his 30th of 72 month-end payments on a £21,000 loan at 8.04% compounded monthly, Ed puts in a further £3,000 and asks for lower payments over the rest of the term. Calculate his first payment, the balance after the extra £3,000, and his new payment.',
    plans: ['borrowing amount=21000 rate=0.0804/nominal/12 n=72 p=12 final=0 extra@30:3000/payments ?payment'],
    asks: ['payment', 'balanceAfter k:30 moment:afterExtra', 'payment after:30'],
  },
  {
    text: 'A ten-year loan of $88,000 at 5.76% compounded monthly has month-end payments. At the end of year 4 the borrower switches to 7-year repayment of the remaining balance at 6.12%. What is the new payment?',
    plans: [
      'borrowing amount=88000 rate=0.0576/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing rate=0.0612/nominal/12 n=84 p=12 final=0 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'How much less interest is paid on a $30,000 five-year loan at 6% compounded monthly (month-end payments) than on the same loan at 8.4% compounded monthly?',
    plans: [
      'borrowing amount=30000 rate=0.06/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=30000 rate=0.084/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A £5,500 loan at 10.2% compounded monthly is repaid over two years; payments at the end of the month. Nora misses the payments due in months 7 and 8; interest accrues. She then pays larger equal payments so as to finish on time. What were her payments before and what are they after?',
    plans: ['borrowing amount=5500 rate=0.102/nominal/12 n=24 p=12 final=0 skip@6:2/payments ?payment'],
    asks: ['payment', 'payment after:8'],
  },
  {
    text: 'Annual payments of $9,200, at the end of each year, pay off a loan in 8 years at 6.75% effective. How much was the loan, and how much of the fourth payment reduces it?',
    plans: ['borrowing rate=0.0675/effective/1 n=8 p=1 payment=9200 final=0 ?amount'],
    asks: ['amount', 'principalIn from:4 to:4'],
  },
  {
    text: "Sabine's annuity contract provides her with €820 at the end of every month for 15 years. What is it worth at 4.02% compounded monthly? What is the total she will be paid?",
    plans: ['drawing-down rate=0.0402/nominal/12 n=180 p=12 payment=820 final=0 ?amount'],
    asks: ['amount', 'totalPaid'],
  },
  {
    text: 'A lift costs £36,000. It is bought with £9,000 cash and a loan repaid by month-end payments of £610. Interest is 8.1% compounded monthly. (a) Number of payments? (b) Final payment? (c) Total interest?',
    plans: ['borrowing price=36000 down=9000 amount=27000 rate=0.081/nominal/12 p=12 payment=610 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'totalInterest'],
  },
  {
    text: 'At 7.92% compounded monthly, what single payment at the end of 5 years will settle a loan of $13,000?',
    plans: ['lump-sum amount=13000 rate=0.0792/nominal/12 n=60 p=12 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Simon buys a hot tub for €6,450 less a €450 discount. He pays the rest in 20 month-end payments at 9.9% compounded monthly. How large is each payment?',
    plans: ['borrowing price=6450 rebate=450 amount=6000 rate=0.099/nominal/12 n=20 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The price of a bus is $94,000. A charter company makes a down payment of $14,000 and repays $80,000 over six years with payments at the end of each month at 6.84% compounded monthly. After three years it pays an additional $12,000 and keeps up the same payments. When is the bus paid off? How much interest does the extra payment save?',
    plans: [
      'borrowing price=94000 down=14000 amount=80000 rate=0.0684/nominal/12 n=72 p=12 final=0 extra@36:12000/payment ?payment',
    ],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Oskar wants to retire with an income of $3,000 a month for 25 years, paid at the beginning of each month. How much does he need at 5.4% compounded monthly? To reach that sum in 30 years, what must he save at the end of each month at the same rate?',
    plans: [
      'drawing-down rate=0.054/nominal/12 n=300 p=12 payment=3000 beginning final=0 ?amount',
      'saving amount=0 rate=0.054/nominal/12 n=360 p=12 ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'A $16,400 boat can be bought with 60 month-end payments at 8.76% compounded monthly. What does the boat cost in all? By how much does this exceed its price?',
    plans: ['borrowing price=16400 amount=16400 rate=0.0876/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['totalPaid', 'totalInterest'],
  },
  {
    text: 'A delivery van loses nothing in the story; its lease does: €29,000 value, 48 months, €560 a month in advance, residual €8,000. Find the nominal rate compounded monthly and the effective rate.',
    plans: ['leasing amount=29000 n=48 p=12 payment=560 beginning final=8000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Edwina Marsh keeps bees on nine acres. For a new honey house she took a loan of $36,400, charged at 6.12% compounded monthly and cleared by level payments falling due on the final day of every month for a span of seven years. What is the size of each?',
    plans: ['borrowing amount=36400 rate=0.0612/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Dear Ms Quill, on 3 March we advanced you £7,450. You agreed to return it in 30 equal monthly amounts, the first a month after the advance, with interest at 11.4% a year reckoned monthly. Kindly work out what each amount is, and the total of them.',
    plans: ['borrowing amount=7450 rate=0.114/nominal/12 n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Rate wanted. A sum of £2,400 placed with the harbour savings bank grew, nothing being added or taken away, to £3,012.66 in five years; interest went in every quarter.',
    plans: ['lump-sum amount=2400 n=20 p=4 final=3012.66 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'PMT? PV = 18,600; I = 7.2% comp. monthly; 5 yrs of monthly pmts, beginning; FV = 0.',
    plans: ['borrowing amount=18600 rate=0.072/nominal/12 n=60 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "A weaver reckons she could spare €275 a month, at month's end. A lender will have her at 8.4 % a year with monthly rests for three and a half years. What is the dearest loom (no deposit) she can buy on these terms?",
    plans: ['borrowing rate=0.084/nominal/12 n=42 p=12 payment=275 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Nine years ago a grandmother left $5,200 with a bank at 4.4% compounded semi-annually, and nobody has touched it. What stands in the account now?',
    plans: ['lump-sum amount=5200 rate=0.044/nominal/2 n=18 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: '(12 marks) The treasurer of the regatta needs $14,000 in exactly three years. Deposits go in at the start of every month, and the account is credited monthly at the nominal rate of 2.64% a year. (a) Find the deposit. (b) What interest will the account have earned when the three years are up? (c) How much will be in the account after 20 months?',
    plans: ['saving amount=0 rate=0.0264/nominal/12 n=36 p=12 beginning final=14000 ?payment'],
    asks: ['payment', 'totalInterest', 'balanceAfter k:20'],
  },
  {
    text: "Odile Farrant took over a tea room. Price: €96,000. She paid a quarter of it from her own pocket and the rest runs at 5.7 % compounded monthly for twelve years, payments at month's end. Her payment? The interest part of the 40th? What will she still owe when five years have gone?",
    plans: ['borrowing price=96000 down=24000 amount=72000 rate=0.057/nominal/12 n=144 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:40 to:40', 'balanceAfter k:60'],
  },
  {
    text: 'For the skiff, either $9,400 in cash, or $1,400 now and $245 at the end of each of the next 36 months. Which nominal rate, compounded monthly, do the instalments carry, and what is it effectively?',
    plans: ['borrowing price=9400 down=1400 amount=8000 n=36 p=12 payment=245 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'The mill race loan: 20 years, half-yearly payments in arrears of £6,150, rate 6.4% convertible half-yearly. (i) How much was lent? (ii) What interest is paid over the 20 years? (iii) How much is outstanding with 12 payments to go?',
    plans: ['borrowing rate=0.064/nominal/2 n=40 p=2 payment=6150 final=0 ?amount'],
    asks: ['amount', 'totalInterest', 'balanceAfter k:28'],
  },
  {
    text: "The lighthouse society's appeal raised £58,000. Invested at 3.96% a year compounded monthly, it is to pay the keeper £1,000 at the start of every month. For how long, in years, will it do so?",
    plans: ['drawing-down amount=58000 rate=0.0396/nominal/12 p=12 payment=1000 beginning final=0 ?payments'],
    asks: ['years'],
  },
  {
    text: 'Two lenders court the cooperage. Lender 1: £48,000 for 8 years at 6.3% compounded monthly. Lender 2: same sum, same time, 6.5% compounded half-yearly. Both take monthly payments in arrears. What would each payment be, whose offer is the cheaper, and by what amount over the eight years?',
    plans: [
      'borrowing amount=48000 rate=0.063/nominal/12 n=96 p=12 final=0 ?payment',
      'borrowing amount=48000 rate=0.065/nominal/2 n=96 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'How much must be laid by at the close of each month, for 18 years, if a child, now newborn, is to draw $1,500 at the start of every month for four years from her 18th birthday? Money earns 4.8% compounded monthly all the while.',
    plans: [
      'drawing-down rate=0.048/nominal/12 n=48 p=12 payment=1500 beginning final=0 ?amount',
      'saving amount=0 rate=0.048/nominal/12 n=216 p=12 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'A moneylender charges 2% per month. What effective annual rate is that? What would £300 grow to in a year and a half?',
    plans: ['lump-sum amount=300 rate=0.02/per-period/12 n=18 p=12 ?finalAmount'],
    asks: ['effectiveRate', 'finalAmount'],
  },
  {
    text: "The cheese dairy's vat: list price $22,750, of which $2,750 is waived for prompt order. The remainder is borrowed over 54 months at 7.02% compounded monthly, end-of-month payments. Find the payment and the cost of the credit.",
    plans: ['borrowing price=22750 rebate=2750 amount=20000 rate=0.0702/nominal/12 n=54 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'Flat rate credit! Sofa £1,280, nothing down, 9% flat per year over 18 months, equal payments each month, first in a month. (1) What do you pay monthly? (2) What does the credit cost you? (3) Which true nominal rate, compounded monthly, is that?',
    plans: ['flat amount=1280 rate=0.09/flat n=18 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A plumber wonders: which monthly payment, begun today and made at the start of each month for 40 months, buys a van of $21,900 when the credit union wants 6.24% a year, compounded monthly? (He has driven for 17 years.)',
    plans: ['borrowing amount=21900 rate=0.0624/nominal/12 n=40 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Monthly instalments of $388 pay back $15,000 at 9.6% compounded monthly. (a) How many are there in all? (b) What does the final one come to? (c) Total interest? Payments are at the end of the month.',
    plans: ['borrowing amount=15000 rate=0.096/nominal/12 p=12 payment=388 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'totalInterest'],
  },
  {
    text: 'The boatbuilder owes $18,000 on a note at 7.5% compounded quarterly. He wants to be rid of it within 3 years, paying at quarter-end. How much each quarter? If he pays $2,000 a quarter instead, how many quarters does it take?',
    plans: [
      'borrowing amount=18000 rate=0.075/nominal/4 n=12 p=4 final=0 ?payment',
      'borrowing amount=18000 rate=0.075/nominal/4 p=4 payment=2000 final=0 ?payments',
    ],
    asks: ['payment', 'payments@1'],
  },
  {
    text: 'An inn is bought for $480,000: a fifth is paid at once, the rest is a 25-year mortgage at 5.64% compounded semi-annually with month-end payments. (a) How much is each payment? (b) What portion of the tenth payment goes to interest? (c) How much principal is retired in the first five years?',
    plans: ['borrowing price=480000 down=96000 amount=384000 rate=0.0564/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:10 to:10', 'principalIn from:1 to:60'],
  },
  {
    text: 'The drama club wants to know what single deposit, made today into an account at 3.75% compounded daily, turns into £6,000 in thirty months.',
    plans: ['lump-sum rate=0.0375/nominal/365 n=5 p=2 final=6000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Rasmus can have his plough for 14 200 kr now, or for 24 month-end instalments of 649 kr. What yearly rate, capitalised monthly, is hidden in the instalments? How much dearer is the plough that way?',
    plans: ['borrowing amount=14200 n=24 p=12 payment=649 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'financeCharge'],
  },
  {
    text: 'Loan of £33,000 repaid by 20 quarterly payments in advance, rate 8% compounded quarterly. Find the payment, and the balance just before and just after the 9th payment.',
    plans: ['borrowing amount=33000 rate=0.08/nominal/4 n=20 p=4 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:9 moment:beforePayment', 'balanceAfter k:9 moment:justAfterPayment'],
  },
  {
    text: "Mrs Penhallow's annuity: £84,000 buys her an income payable at the end of each month during sixteen years. The insurer reckons with 3.9% effective. How much does she get, and how much in all?",
    plans: ['drawing-down amount=84000 rate=0.039/effective/1 n=192 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Rent-to-own pump, $4,800: an initial payment of $480, then 24 monthly rentals of $195, the first a month later, and a closing payment of $300 along with the last rental. What nominal rate (monthly) is implied, and which effective one?',
    plans: ['borrowing price=4800 down=480 amount=4320 n=24 p=12 payment=195 final=300 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'The bank quotes j12 = 6.9%. What is the equivalent j4? the equivalent j1?',
    plans: ['convert rate=0.069/nominal/12 p=4 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4', 'effectiveRate'],
  },
  {
    text: "A parish borrows $95,000 at 5.1% compounded monthly. Payments of $1,050 are made at each month's end. Give the balance after eight years, the interest paid during the eighth year, and the time (in years, unrounded) that the loan lasts.",
    plans: ['borrowing amount=95000 rate=0.051/nominal/12 p=12 payment=1050 final=0 ?payments'],
    asks: ['balanceAfter k:96', 'interestIn from:85 to:96', 'years'],
  },
  {
    text: "The choir's tour fund: nothing in it yet; £160 goes in at the start of every month; 2.4% p.a. convertible monthly. How much after four and a half years, and how much of that has the bank added?",
    plans: ['saving amount=0 rate=0.024/nominal/12 n=54 p=12 payment=160 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A ropewalk costs £128,000 to fit out. Its owner has £38,000; the county bank lends the rest for fifteen years, 5.22% compounded monthly, month-end instalments. (a) State the instalment. (b) How much of the first instalment is interest? (c) How much is still owed when a third of the term is over?',
    plans: ['borrowing price=128000 down=38000 amount=90000 rate=0.0522/nominal/12 n=180 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:1 to:1', 'balanceAfter k:60'],
  },
  {
    text: 'Which loan can be served by £415 a month (end of month) over six years, the bank wanting 7.5% compounded monthly? And by the same £415 over eight years?',
    plans: [
      'borrowing rate=0.075/nominal/12 n=72 p=12 payment=415 final=0 ?amount',
      'borrowing rate=0.075/nominal/12 n=96 p=12 payment=415 final=0 ?amount',
    ],
    asks: ['amount', 'amount@1'],
  },
  {
    text: "The dyers' guild sells its hall for £215,000 and puts the money out at 4.08% compounded quarterly, to draw a level amount at the close of each quarter for 25 years till all is gone. What amount? What do the drawings come to altogether? What part of that is interest?",
    plans: ['drawing-down amount=215000 rate=0.0408/nominal/4 n=100 p=4 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'To replace its stage the theatre must have 75,000 euros when six years are over. It deposits equal sums at the end of every half-year with a bank that pays 3.5% compounded half-yearly. What is the deposit? After four years, how much is in the fund? How much interest in all?',
    plans: ['saving amount=0 rate=0.035/nominal/2 n=12 p=2 final=75000 ?payment'],
    asks: ['payment', 'balanceAfter k:8', 'totalInterest'],
  },
  {
    text: "A printer bought on hire purchase: deposit £240, then 18 instalments of £68 each month's end; cash price £1,320. Annual nominal rate (monthly)? Effective? What does buying in this way cost more than cash?",
    plans: ['borrowing price=1320 down=240 amount=1080 n=18 p=12 payment=68 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'financeCharge'],
  },
  {
    text: 'Kestrel Bay sailing school pays its landlord rent of $1,450 at the beginning of each month. What single payment at the start of the year would replace the twelve rents, money being worth 6.6% compounded monthly?',
    plans: ['borrowing rate=0.066/nominal/12 n=12 p=12 payment=1450 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'The rate on a floating mortgage of $210,000 (25 years, monthly payments in arrears) was 4.5% compounded monthly for the first three years and is 5.7% from then on. What are the payments in the first three years, the balance at their end, and the payments afterwards, if the term is unchanged?',
    plans: ['borrowing amount=210000 rate=0.045/nominal/12 n=300 p=12 final=0 rate@36:0.057/payments ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'payment after:36'],
  },
  {
    text: 'A trust of £340,000 is to send a pupil abroad each year, for ever so long as it lasts: £28,000 at the start of every year, 4.5% effective. How many full years does it last, and what is left for the last, smaller grant?',
    plans: ['drawing-down amount=340000 rate=0.045/effective/1 p=1 payment=28000 beginning final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'Two ways to save: (A) £150 at the end of every month at 3.12% compounded monthly; (B) £1,800 at the end of every year at 3.4% effective. Ten years. Which has more, and by how much?',
    plans: [
      'saving amount=0 rate=0.0312/nominal/12 n=120 p=12 payment=150 ?finalAmount',
      'saving amount=0 rate=0.034/effective/1 n=10 p=1 payment=1800 ?finalAmount',
    ],
    asks: ['choice by:finalAmount want:most', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: 'Roof of the corn exchange, £96,000, payable in six years. A sinking fund earning 3.84% compounded monthly receives level month-end payments. (i) Find them. (ii) Show what has been collected after 40 payments. (iii) What interest has the fund earned by then?',
    plans: ['saving amount=0 rate=0.0384/nominal/12 n=72 p=12 final=96000 ?payment'],
    asks: ['payment', 'balanceAfter k:40', 'interestIn from:1 to:40'],
  },
  {
    text: 'Suppose £1 grows to £1.42 in seven years with interest added twice a year. Nominal rate? Rate per half-year?',
    plans: ['lump-sum amount=1 n=14 p=2 final=1.42 ?rate'],
    asks: ['nominalRate compoundingsPerYear:2', 'ratePerPayment'],
  },
  {
    text: "$8,500 borrowed, $190 paid at each month's end, 10.2% compounded monthly. How many payments, and in years, unrounded?",
    plans: ['borrowing amount=8500 rate=0.102/nominal/12 p=12 payment=190 final=0 ?payments'],
    asks: ['payments', 'years'],
  },
  {
    text: 'A student has $14,300 of loans at 6.9% compounded daily. What end-of-month payment clears them in five years? What would it be in eight? How much more interest would the eight years bring?',
    plans: [
      'borrowing amount=14300 rate=0.069/nominal/365 n=60 p=12 final=0 ?payment',
      'borrowing amount=14300 rate=0.069/nominal/365 n=96 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: "With 5.04% compounded monthly and $1,380 at each month's end, how long (years and months) does a $190,000 mortgage take? What is the final payment?",
    plans: ['borrowing amount=190000 rate=0.0504/nominal/12 p=12 payment=1380 final=0 ?payments'],
    asks: ['years', 'lastPayment'],
  },
  {
    text: 'Ulrike lets 15.000 € lie for 6 years at 3,9 % compounded quarterly and then for 4 years at 4,5 % compounded monthly. What does it come to?',
    plans: [
      'lump-sum amount=15000 rate=0.039/nominal/4 n=24 p=4 ?finalAmount',
      'lump-sum rate=0.045/nominal/12 n=48 p=12 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'The Marram bank offers 3.95% compounded daily (365), the Tern Island bank 4.0% compounded semi-annually. Which should a saver take? By how much do the effective rates differ, in hundredths of a per cent?',
    plans: ['convert rate=0.0395/nominal/365 p=365 ?rate', 'convert rate=0.04/nominal/2 p=2 ?rate'],
    asks: ['choice by:effectiveRate want:most', 'difference of:effectiveRate between:[0,1]'],
  },
  {
    text: "A bicycle at €1,890 is sold on a flat charge of 6.5% a year for two years: no deposit, 24 payments, each month's end. Determine (1) the charge, (2) the payment, (3) the effective rate.",
    plans: ['flat amount=1890 rate=0.065/flat n=24 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'effectiveRate'],
  },
  {
    text: 'Old Hesper left her niece $52,000. Invested at 4.62% compounded monthly, it should give her a monthly sum, first paid a month from now, for 8 years and still leave $10,000. What sum?',
    plans: ['drawing-down amount=52000 rate=0.0462/nominal/12 n=96 p=12 final=10000 ?payment'],
    asks: ['payment'],
  },
  {
    text: '"We\'ll lend you the price of the boat, £27,500, less your £5,000, at 7.2% compounded monthly; sixty payments, first one in a month." Payment? Total of payments?',
    plans: ['borrowing price=27500 down=5000 amount=22500 rate=0.072/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'A loan is repaid with 10 yearly payments of $4,800 in arrears at 7% effective. Interest in the 4th payment? Principal in the 7th? Loan?',
    plans: ['borrowing rate=0.07/effective/1 n=10 p=1 payment=4800 final=0 ?amount'],
    asks: ['interestIn from:4 to:4', 'principalIn from:7 to:7', 'amount'],
  },
  {
    text: "The brewery's bond: it pays £30,000 ten years from now. What would one pay for it today to earn 5.5% compounded semi-annually?",
    plans: ['lump-sum rate=0.055/nominal/2 n=20 p=2 final=30000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "Corwen Ash, a thatcher with two apprentices, needs $17,900 for reed and a cart. A lender gives it to him for 42 months at 8.7% compounded monthly; the instalments are level and come at the month's end. What will each cost him?",
    plans: ['borrowing amount=17900 rate=0.087/nominal/12 n=42 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'To buy out her brother in six years, Tamsin will need £44,000. How much at the start of each quarter, if the building society gives 3.8%, compounded quarterly? What will the society have added in all?',
    plans: ['saving amount=0 rate=0.038/nominal/4 n=24 p=4 beginning final=44000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "A lender asks for £6,750 back in 18 months' time for £6,000 handed over today. What rate is that, compounded monthly? And effectively?",
    plans: ['lump-sum amount=6000 n=18 p=12 final=6750 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: "You may have the forge for $75,000: one third in cash, the balance over nine years at 6.9% compounded semi-annually, paid off by equal sums at every half-year's end. What sums? What do they add up to? What interest is in them?",
    plans: ['borrowing price=75000 down=25000 amount=50000 rate=0.069/nominal/2 n=18 p=2 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'totalInterest'],
  },
  {
    text: "An almshouse has a legacy of 96,000 pounds at 3.9% compounded monthly. If it spends £820 at each month's end, for how many months is there a full £820, and what is left to spend in the month after?",
    plans: ['drawing-down amount=96000 rate=0.039/nominal/12 p=12 payment=820 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'The garage prices a van at $34,200. Terms: 15% down, 5 years, 6.36% compounded monthly, end of month. Name the down payment, the amount of the loan, the monthly payment and the total interest.',
    plans: ['borrowing price=34200 down=5130 amount=29070 rate=0.0636/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['downPayment', 'amount', 'payment', 'totalInterest'],
  },
  {
    text: 'What yearly rate (compounded monthly) turns 90 month-end deposits of $120 into $13,000?',
    plans: ['saving amount=0 n=90 p=12 payment=120 final=13000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'I borrow 3 200 € from my cousin and give her back 150 € at the end of each month; she wants 3 % compounded monthly. How often do I pay 150 €, and what do I pay the last time?',
    plans: ['borrowing amount=3200 rate=0.03/nominal/12 p=12 payment=150 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'The fishery buys nets for $12,600 at 0% down. The seller adds 7% flat a year for 30 months. What is the monthly payment, the first due one month after the sale? What annual rate, compounded monthly, does the seller really get?',
    plans: ['flat price=12600 down=0 amount=12600 rate=0.07/flat n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'By what time has a deposit doubled that earns 5.4% compounded daily?',
    plans: ['lump-sum amount=1 rate=0.054/nominal/365 p=365 final=2 ?payments'],
    asks: ['years'],
  },
  {
    text: 'The trustees want £5,000 paid out each year end for 20 years, and after that £40,000 must remain. What must they start with, at 4.6% effective?',
    plans: ['drawing-down rate=0.046/effective/1 n=20 p=1 payment=5000 final=40000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Fill in: A = £9,000, n = 36, i = 0.65% a month, payments at the end. R = ? Interest in payment 20 = ?',
    isDoubted: true,
    plans: ['borrowing amount=9000 rate=0.0065/per-period/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:20 to:20'],
  },
  {
    text: 'Compare for €20,000: 4 years at 6.2% compounded monthly, with month-end payments, and 6 years at 6.6% compounded monthly, likewise. Payment of each; total interest of each; by how much is the longer loan dearer?',
    plans: [
      'borrowing amount=20000 rate=0.062/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=20000 rate=0.066/nominal/12 n=72 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest', 'payment@1', 'totalInterest@1', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: "The instrument maker asks $5,250 for a harp, either at once or in this manner: $750 now and 20 equal payments at each month's end at 9.9% compounded monthly. What is one payment, and what does the buyer on time pay in all, the $750 counted in?",
    plans: ['borrowing price=5250 down=750 amount=4500 rate=0.099/nominal/12 n=20 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'The rate is 6.5 % effective. What is it compounded monthly? What per month?',
    plans: ['convert rate=0.065/effective/1 p=12 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'ratePerPayment'],
  },
  {
    text: '"At 5.7% compounded monthly your £1,100 a month will clear the mortgage in 21 years," said the clerk. How large is the mortgage, payments falling at month\'s end? How much of it is left after 7 years?',
    isDoubted: true,
    plans: ['borrowing rate=0.057/nominal/12 n=252 p=12 payment=1100 final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:84'],
  },
  {
    text: "The last payment on Anselm's loan is smaller than the rest. Loan €10,750, 8.04% compounded monthly, €245 at each month's end. How small is it, and how many come before it?",
    plans: ['borrowing amount=10750 rate=0.0804/nominal/12 p=12 payment=245 final=0 ?payments'],
    asks: ['lastPayment', 'payments count:full'],
  },
  {
    text: 'Piet has 60,000 kr to live on while he writes. His bank gives 2.4% compounded monthly. He draws 3,500 kr on the first of every month. How many full drawings are there?',
    plans: ['drawing-down amount=60000 rate=0.024/nominal/12 p=12 payment=3500 beginning final=0 ?payments'],
    asks: ['payments count:full'],
  },
  {
    text: 'Fergus had £12,000 in the bank at 3.3% compounded monthly and took out £200 at the end of each month for three years. What is left?',
    plans: ['drawing-down amount=12000 rate=0.033/nominal/12 n=36 p=12 payment=200 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "A co-op shop's oven: price $6,480; old oven allowed at $480; rest by 24 payments, month-end, 11.4% compounded monthly. What is owed after a year, and what share of the 13th payment is interest (in money)?",
    plans: ['borrowing price=6480 trade=480 amount=6000 rate=0.114/nominal/12 n=24 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:12', 'interestIn from:13 to:13'],
  },
  {
    text: 'Which is the better buy for a borrower of $30,000 over 6 years, monthly payments in arrears: 7.1% compounded daily, or 7.2% compounded half-yearly? Give the payments.',
    plans: [
      'borrowing amount=30000 rate=0.071/nominal/365 n=72 p=12 final=0 ?payment',
      'borrowing amount=30000 rate=0.072/nominal/2 n=72 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'payment', 'payment@1'],
  },
  {
    text: "For her daughter's studies, Renske puts by €1,200 at the end of each half-year, 14 years long; 3.6% compounded half-yearly. The daughter then draws level amounts at the beginning of each month for 5 years, at the same rate compounded half-yearly. How much a month?",
    plans: [
      'saving amount=0 rate=0.036/nominal/2 n=28 p=2 payment=1200 ?finalAmount',
      'drawing-down rate=0.036/nominal/2 n=60 p=12 beginning final=0 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'A town issues bonds for €900,000. It sets aside €70,000 at the end of each year at 4% effective to redeem them. After how many full years is the sum together, and how much must be added in the last year?',
    plans: ['saving amount=0 rate=0.04/effective/1 p=1 payment=70000 final=900000 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'For a loan of 33 500 € over seven years, payable at the end of every quarter, the savings bank asks 5,8 %, compounded quarterly. How much is due each quarter, and how much interest will have been paid when all is over?',
    plans: ['borrowing amount=33500 rate=0.058/nominal/4 n=28 p=4 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "I'm offered 7.9% compounded quarterly or 7.85% compounded monthly on my savings; which pays better?",
    plans: ['convert rate=0.079/nominal/4 p=4 ?rate', 'convert rate=0.0785/nominal/12 p=12 ?rate'],
    asks: ['choice by:effectiveRate want:most'],
  },
  {
    text: 'An inheritance of €64,000 is paid out to Solveig in equal quarterly sums over ten years, the first at once, at 4.4% compounded quarterly. How large is a sum? What is still there right after the 20th?',
    plans: ['drawing-down amount=64000 rate=0.044/nominal/4 n=40 p=4 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'Mortgage of £164,000, j12 = 5.28%, 240 month-end payments. a) payment b) principal in payment 100 c) balance after 100 payments d) interest over the last 140 payments',
    plans: ['borrowing amount=164000 rate=0.0528/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['payment', 'principalIn from:100 to:100', 'balanceAfter k:100', 'interestIn from:101 to:240'],
  },
  {
    text: 'Two cousins save. Marit: £95 at the beginning of each month. Runa: £1,150 at the end of each year. Both: 3.5% effective, nine years. Who has more at the end, and how much more?',
    plans: [
      'saving amount=0 rate=0.035/effective/1 n=108 p=12 payment=95 beginning ?finalAmount',
      'saving amount=0 rate=0.035/effective/1 n=9 p=1 payment=1150 ?finalAmount',
    ],
    asks: ['choice by:finalAmount want:most', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: "At what price, deposit nil, can a boat be sold if the buyer is to pay $365 at each month's end for 72 months and the seller wants 9% compounded monthly?",
    plans: ['borrowing rate=0.09/nominal/12 n=72 p=12 payment=365 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'The Saltmarsh choir has £9,400 and spends £150 of it at the end of each month; the account yields 2.76% compounded monthly. How long (years) before it is all gone?',
    plans: ['drawing-down amount=9400 rate=0.0276/nominal/12 p=12 payment=150 final=0 ?payments'],
    asks: ['years'],
  },
  {
    text: 'Tuition loan: $27,800; 5.52% compounded monthly; ten years; month-end. Right after the 36th payment the graduate pays in a bonus of $4,500 and keeps to her payment. How many payments are there then in all? By how many are there fewer?',
    plans: ['borrowing amount=27800 rate=0.0552/nominal/12 n=120 p=12 final=0 extra@36:4500/payment ?payment'],
    asks: ['payments', 'difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'Given: loan €88,000; 12 years; 6.24% compounded semi-annually; payments each month-end. Find the payment, then the interest in year 2 and in year 10.',
    plans: ['borrowing amount=88000 rate=0.0624/nominal/2 n=144 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:13 to:24', 'interestIn from:109 to:120'],
  },
  {
    text: 'The equipment costs $48,000. A bank would finance 80% of it over 5 years at 7.32% compounded monthly, end-of-month payments. Find the monthly payment. How much interest does the bank receive?',
    plans: ['borrowing price=48000 down=9600 amount=38400 rate=0.0732/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Borrower: Elspeth. Sum: £12,600. Term: 3 years. Payments: weekly, in arrears (52 a year). Rate: 7.8% compounded weekly. Wanted: the weekly payment, the total repaid, the interest.',
    plans: ['borrowing amount=12600 rate=0.078/nominal/52 n=156 p=52 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'A bank lends on a house two thirds of its price of £276,000, over 25 years, 4.86% compounded monthly, month-end. Loan? Payment? Balance when 10 years have been paid?',
    plans: ['borrowing price=276000 down=92000 amount=184000 rate=0.0486/nominal/12 n=300 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'balanceAfter k:120'],
  },
  {
    text: "The cooper's van: price £18,600, discount of 5%, the rest over 48 months at 6.9% compounded monthly, month-end payments. What does he finance? What does he pay each month?",
    plans: ['borrowing price=18600 rebate=930 amount=17670 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['amount', 'payment'],
  },
  {
    text: 'Over what time do 5,000 pounds earn 1,000 pounds of interest at 3.9% compounded monthly?',
    plans: ['lump-sum amount=5000 rate=0.039/nominal/12 p=12 final=6000 ?payments'],
    asks: ['years'],
  },
  {
    text: 'Ten deposits of $3,000 were made at the start of each year. At the end of the tenth year there was $38,500. What effective rate did the bank give?',
    plans: ['saving amount=0 n=10 p=1 payment=3000 beginning final=38500 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'A tenant farmer takes up £75,000 for 15 years at 5.94% compounded semi-annually and repays at the end of each half-year. After the 12th payment the rate becomes 5.1%; the term stays. Old payment; balance then; new payment; interest saved in all by the change.',
    plans: ['borrowing amount=75000 rate=0.0594/nominal/2 n=30 p=2 final=0 rate@12:0.051/payments ?payment'],
    asks: [
      'payment',
      'balanceAfter k:12',
      'payment after:12',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'How much larger is the sum after 10 years if £4,000 earn 5% compounded daily rather than 5% compounded yearly?',
    plans: [
      'lump-sum amount=4000 rate=0.05/nominal/365 n=3650 p=365 ?finalAmount',
      'lump-sum amount=4000 rate=0.05/nominal/1 n=10 p=1 ?finalAmount',
    ],
    asks: ['difference of:finalAmount between:[0,1]'],
  },
  {
    text: "Nils has a choice for his $20,000 loan over 5 years: 6.9% compounded monthly with a fee of $300 deducted nowhere but added to the loan, or 7.5% compounded monthly without a fee. Payments at month's end. Both payments? Cheaper? By how much in all?",
    plans: [
      'borrowing fees=300 amount=20300 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=20000 rate=0.075/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: "Hilde's savings plan asks for €75 at the start of every month. 3% compounded monthly. Value after 10 years? If she instead pays at the end of every month?",
    plans: [
      'saving amount=0 rate=0.03/nominal/12 n=120 p=12 payment=75 beginning ?finalAmount',
      'saving amount=0 rate=0.03/nominal/12 n=120 p=12 payment=75 ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1'],
  },
  {
    text: '"Buy now, pay from next month: £55 a month for 20 months, or £980 today." What nominal rate, compounded monthly, am I offered? How much do I save by paying today?',
    plans: ['borrowing amount=980 n=20 p=12 payment=55 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'financeCharge'],
  },
  {
    text: 'A bus company charters a coach for 54 months. Charter payments fall on the first of each month. The coach is priced at €164,000 and will still be worth €59,000 at the end. The owner looks for 7.8% compounded monthly. Required: charter payment; sum of all of them.',
    plans: ['leasing price=164000 amount=164000 rate=0.078/nominal/12 n=54 p=12 beginning final=59000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Two instalment plans for a €7,400 boiler: 24 months at 5.9% compounded monthly or 40 months at 6.9% compounded monthly, payments at the end of the month. State the payment of each plan, and how much more in all the longer plan costs.',
    plans: [
      'borrowing price=7400 amount=7400 rate=0.059/nominal/12 n=24 p=12 final=0 ?payment',
      'borrowing price=7400 amount=7400 rate=0.069/nominal/12 n=40 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'At 3.6% compounded monthly, how many years must one leave €20,000 alone for it to become €27,500?',
    plans: ['lump-sum amount=20000 rate=0.036/nominal/12 p=12 final=27500 ?payments'],
    asks: ['years'],
  },
  {
    text: 'In a debt of 30 equal half-yearly payments of £2,640 in arrears at 5% effective, how much is still owed right after the 12th? What was borrowed in the first place?',
    plans: ['borrowing rate=0.05/effective/1 n=30 p=2 payment=2640 final=0 ?amount'],
    asks: ['balanceAfter k:12', 'amount'],
  },
  {
    text: "Joost's mother will give him €300 at the end of each month while he studies, four and a half years. She puts a sum in the bank today for it, at 2.7% compounded monthly. Which sum? How much interest does the bank contribute?",
    plans: ['drawing-down rate=0.027/nominal/12 n=54 p=12 payment=300 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: "The £90,000 endowment of the Tern Island school yields 4.3% effective. It is to pay £7,500 at each year's end. For how many years can it pay in full, and what is left in the fund after ten years?",
    plans: ['drawing-down amount=90000 rate=0.043/effective/1 p=1 payment=7500 final=0 ?payments'],
    asks: ['payments count:full', 'balanceAfter k:10'],
  },
  {
    text: 'By depositing $150 at the start of each month Zelda has gathered $10,262.93 in five years. At what nominal rate compounded monthly?',
    plans: ['saving amount=0 n=60 p=12 payment=150 beginning final=10262.93 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Bank X will lend £22,000 over 60 months at 6.75% compounded monthly; Bank Y charges 6.5% compounded monthly but takes a fee of £250, added to the loan. Month-end payments. Which bank is cheaper per month, and how much?',
    plans: [
      'borrowing amount=22000 rate=0.0675/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=250 amount=22250 rate=0.065/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'How much does £1 a day, paid at the end of each day, come to in 3 years at 3.65% compounded daily (365 days)?',
    plans: ['saving amount=0 rate=0.0365/nominal/365 n=1095 p=365 payment=1 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Loan 1: $9,000, 3 years, 8%. Loan 2: $9,000, 5 years, 8%. Both compounded monthly, month-end payments. Total interest of each? Difference?',
    plans: [
      'borrowing amount=9000 rate=0.08/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=9000 rate=0.08/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['totalInterest', 'totalInterest@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: "A club's loan of £5,800 is to be cleared in 24 month-end payments. The rate: 0.72% a month. Payment? Of the first payment, how much is interest? Of the last?",
    plans: ['borrowing amount=5800 rate=0.0072/per-period/12 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:1 to:1', 'interestIn from:24 to:24'],
  },
  {
    text: 'A new bridge: the county must repay $1,800,000 in 15 years. Into a sinking fund it puts a level sum at the end of each half-year; the fund bears 4.1% compounded semi-annually. Level sum? What is in the fund half-way?',
    plans: ['saving amount=0 rate=0.041/nominal/2 n=30 p=2 final=1800000 ?payment'],
    asks: ['payment', 'balanceAfter k:15'],
  },
  {
    text: 'The weaver buys a loom on the never-never: no money down, 36 payments of €149.50, month-end, cash price €4,400. Work out j12 and j1.',
    plans: ['borrowing price=4400 amount=4400 n=36 p=12 payment=149.5 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Uncle and niece. He gives her $400 at the end of each month for five years; she puts it all in a fund at 3.9% compounded monthly, then leaves it there three more years. What has she after the eight years?',
    plans: [
      'saving amount=0 rate=0.039/nominal/12 n=60 p=12 payment=400 ?finalAmount',
      'lump-sum rate=0.039/nominal/12 n=36 p=12 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'How many payments of £520 at the start of each month does a fund of £60,000 allow, at 3.12% compounded monthly? What is the last, smaller one?',
    plans: ['drawing-down amount=60000 rate=0.0312/nominal/12 p=12 payment=520 beginning final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: '€12,500 for five years: 4.1% compounded annually in the first bank; 4.0% compounded monthly in the second. Which interest is larger and by how much?',
    plans: [
      'lump-sum amount=12500 rate=0.041/nominal/1 n=5 p=1 ?finalAmount',
      'lump-sum amount=12500 rate=0.04/nominal/12 n=60 p=12 ?finalAmount',
    ],
    asks: ['choice by:totalInterest want:most', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: "Rate found by the ruler: which effective rate makes 12 yearly deposits of €800, at each year's end, grow to €12,000?",
    plans: ['saving amount=0 n=12 p=1 payment=800 final=12000 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: "Yrsa's bank lends her 90% of the cost of a shed, £13,500, for six years at 8.28% compounded monthly, month-end payments. What does she borrow, what does she pay each month, and what will the shed have cost her in all, with her own tenth?",
    plans: ['borrowing price=13500 down=1350 amount=12150 rate=0.0828/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: "Teodor's student loan stood at $21,750 when he began to pay $260 at each month's end (5.4% compounded monthly). What is it after 3 years? How much interest has he paid until then?",
    plans: ['borrowing amount=21750 rate=0.054/nominal/12 n=36 p=12 payment=260 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A loan of €8,000, 5% compounded monthly, is paid off by €200 a month, first payment a month hence. Number of payments? Date matters not. Total paid?',
    plans: ['borrowing amount=8000 rate=0.05/nominal/12 p=12 payment=200 final=0 ?payments'],
    asks: ['payments', 'totalPaid'],
  },
  {
    text: 'For £37,000 over 7 years, monthly in arrears, one lender offers 6.2% effective. What is the payment? What nominal rate, compounded monthly, should he print on the form?',
    plans: ['borrowing amount=37000 rate=0.062/effective/1 n=84 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: '£260 at the end of each quarter at 4% compounded quarterly: what is it worth after 6 years? after 12 years?',
    plans: ['saving amount=0 rate=0.04/nominal/4 n=48 p=4 payment=260 ?finalAmount'],
    asks: ['balanceAfter k:24', 'finalAmount'],
  },
  {
    text: "Dorte pays off 18.500 kr at 9,6 % compounded monthly in 30 months (month's end). In the 10th month she gets 3.000 kr and pays it in with her 10th payment; she keeps the payment. How many payments less does she make?",
    plans: ['borrowing amount=18500 rate=0.096/nominal/12 n=30 p=12 final=0 extra@10:3000/payment ?payment'],
    asks: ['difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'Nuria, a cellist, puts €130 into her account on the first of each month. It bears 2.7% a year, credited monthly. In eight years she hopes to buy a bow. What will she then be able to spend?',
    plans: ['saving amount=0 rate=0.027/nominal/12 n=96 p=12 payment=130 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'How much has Tobias got to hand over today in place of £640 every half-year for seven and a half years (first one in six months), if 5.6% compounded semi-annually is the fair rate?',
    plans: ['borrowing rate=0.056/nominal/2 n=15 p=2 payment=640 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: "For her bakery's new oven Oona signed for $16,750. She gave $2,750 of it in coin. The rest is at 9.36% compounded monthly, in 36 month-end instalments. What does an instalment come to? And what, all told, has the oven cost her when it's paid for?",
    plans: ['borrowing price=16750 down=2750 amount=14000 rate=0.0936/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'On a 4-year, €26,000 loan at 8.28% compounded monthly with month-end payments, a borrower is let off payments 13 to 18 (interest runs on). To finish on time, what must the later payments be? The earlier ones?',
    plans: ['borrowing amount=26000 rate=0.0828/nominal/12 n=48 p=12 final=0 skip@12:6/payments ?payment'],
    asks: ['payment after:18', 'payment'],
  },
  {
    text: 'How much dearer per month is £200,000 over 25 years at 5.5% than at 4.5%? (both compounded monthly, month-end payments)',
    plans: [
      'borrowing amount=200000 rate=0.055/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=200000 rate=0.045/nominal/12 n=300 p=12 final=0 ?payment',
    ],
    asks: ['difference of:payment between:[0,1]'],
  },
  {
    text: 'A charity puts aside £25,000 today and £2,000 at the end of each half-year. At 3.7% compounded semi-annually, what will it have in ten years, and how much did it put in itself?',
    plans: ['saving amount=25000 rate=0.037/nominal/2 n=20 p=2 payment=2000 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid'],
  },
  {
    text: 'Loan £7,000; 18 monthly payments in arrears of £426.15. Charge for the credit? Nominal rate (monthly)? Effective?',
    plans: ['borrowing amount=7000 n=18 p=12 payment=426.15 final=0 ?rate'],
    asks: ['financeCharge', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: "Dagny invests 120 000 kr at 4.9% effective and takes out 12 000 kr at each year's end. How long does her money hold (years, exact)? What if she takes it at the beginning of the year?",
    plans: [
      'drawing-down amount=120000 rate=0.049/effective/1 p=1 payment=12000 final=0 ?payments',
      'drawing-down amount=120000 rate=0.049/effective/1 p=1 payment=12000 beginning final=0 ?payments',
    ],
    asks: ['years', 'years@1'],
  },
  {
    text: "Rupert's bank adds 4.02% compounded monthly to his £18,250. What is that after 39 months, and how much of it is new?",
    plans: ['lump-sum amount=18250 rate=0.0402/nominal/12 n=39 p=12 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A flat 7.5% per annum is put on a credit of £6,400 for 42 months. Find: a) the interest added, b) the monthly instalment, c) the APR as a nominal monthly rate, d) the effective rate.',
    plans: ['flat amount=6400 rate=0.075/flat n=42 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'One at the beginning of each quarter, thirty-two deposits of €500. 3.2% compounded quarterly. How much at the end of the eighth year?',
    plans: ['saving amount=0 rate=0.032/nominal/4 n=32 p=4 payment=500 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "The loan of the weavers' hall (£145,000, 4.98% compounded monthly, 18 years, month-end) comes up for a new rate after 5 years: 6.12%. Their payment so far? What do they owe then? What do they pay from then on, if the 18 years stand?",
    plans: ['borrowing amount=145000 rate=0.0498/nominal/12 n=216 p=12 final=0 rate@60:0.0612/payments ?payment'],
    asks: ['payment', 'balanceAfter k:60', 'payment after:60'],
  },
  {
    text: 'An aunt leaves Signe €30,000 provided she lets it lie until she is 30; she is 22. The lawyer gets 3.45% compounded annually on it. What does Signe get?',
    plans: ['lump-sum amount=30000 rate=0.0345/nominal/1 n=8 p=1 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'What must be deposited at the end of each week to have $5,000 in three years at 2.6% compounded weekly, when $600 is there already?',
    plans: ['saving amount=600 rate=0.026/nominal/52 n=156 p=52 final=5000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A business buys goods for £40,000, pays a quarter down, and gives a note for the balance, to be paid with interest at 7% compounded quarterly in one sum after 15 months. How much is that sum?',
    plans: ['lump-sum price=40000 down=10000 amount=30000 rate=0.07/nominal/4 n=5 p=4 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'How soon does $9,000 reach $10,000 at 4.38% compounded daily?',
    plans: ['lump-sum amount=9000 rate=0.0438/nominal/365 p=365 final=10000 ?payments'],
    asks: ['years'],
  },
  {
    text: "An actor's fee of $250,000 is paid as $25,000 at the start of each half-year for five years. What is it worth to him at signing, at 5% compounded semi-annually?",
    plans: ['borrowing rate=0.05/nominal/2 n=10 p=2 payment=25000 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: "A dealer offers 0.9% compounded monthly on a $27,000 car over 48 months, or a $2,500 rebate with a bank loan at 6.3% compounded monthly over the same time. Payments at month's end. Which gives the lower payment, and by how much?",
    plans: [
      'borrowing price=27000 amount=27000 rate=0.009/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=27000 rebate=2500 amount=24500 rate=0.063/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: "Which sum paid at each quarter's end for 6 years does the same as £10,000 now, money at 6% effective?",
    plans: ['borrowing amount=10000 rate=0.06/effective/1 n=24 p=4 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "Harriet's uncle put £4,200 in a bank for her when she was born; it has earned 3.9%, compounded half-yearly, ever since. Today she turns 21. What will the cashier hand her?",
    plans: ['lump-sum amount=4200 rate=0.039/nominal/2 n=42 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Each month, on its last day, a dairyman lays $375 by for a new herd. The dairy bank allows 4.44%, added monthly. He started with nothing. How large is his reserve after three and a quarter years?',
    plans: ['saving amount=0 rate=0.0444/nominal/12 n=39 p=12 payment=375 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A mortgage of $265,000 is amortised over 25 years at a rate of 5.35% compounded semi-annually. Determine the month-end payment, the principal portion of payment 60, and the balance following it.',
    plans: ['borrowing amount=265000 rate=0.0535/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'principalIn from:60 to:60', 'balanceAfter k:60'],
  },
  {
    text: '"Interest at 9% compounded monthly, 20 payments, month\'s end, and it\'s yours for $189 apiece." What is the cash price, and the interest in the tenth payment?',
    plans: ['borrowing rate=0.09/nominal/12 n=20 p=12 payment=189 final=0 ?amount'],
    asks: ['amount', 'interestIn from:10 to:10'],
  },
  {
    text: 'For her flat Ragna has saved 250 000 kr. It costs 1 150 000 kr. The bank lends what is missing over 25 years at 4.32% compounded monthly (month-end). Monthly payment? Total interest? If she could pay 6 000 kr a month, how many years would it take?',
    plans: [
      'borrowing price=1150000 down=250000 amount=900000 rate=0.0432/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing price=1150000 down=250000 amount=900000 rate=0.0432/nominal/12 p=12 payment=6000 final=0 ?payments',
    ],
    asks: ['payment', 'totalInterest', 'years@1'],
  },
  {
    text: "To how much does £100 at every month's start add up in 18 years at 3.9% compounded monthly, and how much of that was not paid in?",
    plans: ['saving amount=0 rate=0.039/nominal/12 n=216 p=12 payment=100 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A perpetually late payer borrows €5,000 for two years at 12% compounded monthly but makes no payments at all. What does he owe at the end? What is the effective rate?',
    plans: ['lump-sum amount=5000 rate=0.12/nominal/12 n=24 p=12 ?finalAmount'],
    asks: ['finalAmount', 'effectiveRate'],
  },
  {
    text: 'The lighthouse trust needs £3,000 at the end of each year for repairs, for 30 years. What must the founder give, if the trust can earn 4.15% effective?',
    plans: ['drawing-down rate=0.0415/effective/1 n=30 p=1 payment=3000 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'When a debt of £7,650 at 10.5% compounded monthly has been paid on for 14 months at £300 a month-end, what has the debt sunk to? How much of the £4,200 paid was interest?',
    plans: ['borrowing amount=7650 rate=0.105/nominal/12 n=14 p=12 payment=300 ?finalAmount'],
    asks: ['balanceAfter k:14', 'totalInterest'],
  },
  {
    text: 'A man lends his neighbour $2,000 for eight months and wants $2,100 back. What is that a year, compounded monthly? Effectively?',
    plans: ['lump-sum amount=2000 n=8 p=12 final=2100 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'The shipping office lends Captain Orme $30,000 at 8% compounded quarterly. He is to pay $1,500 at the end of each quarter. Set out how much he owes after the 8th payment and how many payments there are in all.',
    plans: ['borrowing amount=30000 rate=0.08/nominal/4 p=4 payment=1500 final=0 ?payments'],
    asks: ['balanceAfter k:8', 'payments'],
  },
  {
    text: "I paid in €90 at each month's end for 7 years and took out €9,000 at the end of them; nothing is left. What did the bank pay, nominal, compounded monthly?",
    plans: ['saving amount=0 n=84 p=12 payment=90 final=9000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Over how many weeks will weekly payments (in arrears) of $45 clear $1,900 at 13% compounded weekly, and what is the interest?',
    plans: ['borrowing amount=1900 rate=0.13/nominal/52 p=52 payment=45 final=0 ?payments'],
    asks: ['payments', 'totalInterest'],
  },
  {
    text: 'Convert 7.75% compounded daily (365) to (a) an effective rate (b) a nominal rate compounded quarterly.',
    plans: ['convert rate=0.0775/nominal/365 p=4 ?rate'],
    asks: ['effectiveRate', 'nominalRate compoundingsPerYear:4'],
  },
  {
    text: "If payments of $600 at each month's end pay off a 9-year loan at 6.9% compounded monthly, how much goes to principal in the sixth year?",
    plans: ['borrowing rate=0.069/nominal/12 n=108 p=12 payment=600 final=0 ?amount'],
    asks: ['principalIn from:61 to:72'],
  },
  {
    text: "For two years now Zita has paid €410 at each month's end on her €17,500 loan at 7.26% compounded monthly. What would close it today?",
    plans: ['borrowing amount=17500 rate=0.0726/nominal/12 n=24 p=12 payment=410 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Lease: 24 rentals of £145 in advance, £300 down payment besides, cash price £3,600, nothing at the end. Nominal rate compounded monthly?',
    plans: ['leasing price=3600 down=300 amount=3300 n=24 p=12 payment=145 beginning final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A pawnbroker lends $80 and asks $88 after two months. Monthly rate? Nominal yearly rate compounded monthly? Effective?',
    plans: ['lump-sum amount=80 n=2 p=12 final=88 ?rate'],
    asks: ['ratePerPayment', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Equal deposits at the beginning of each month for 11 years grow to £40,000 at 3.36% compounded monthly. Deposit? If they were made at the end?',
    plans: [
      'saving amount=0 rate=0.0336/nominal/12 n=132 p=12 beginning final=40000 ?payment',
      'saving amount=0 rate=0.0336/nominal/12 n=132 p=12 final=40000 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: "Starting with £2,000, how much must be added at each quarter's end to have £15,000 in eight years at 3.6% compounded quarterly?",
    plans: ['saving amount=2000 rate=0.036/nominal/4 n=32 p=4 final=15000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Debt €2,950. Rate 1.3% a month. The debtor pays €150 at every month-end. Payments? Last payment? Total?',
    plans: ['borrowing amount=2950 rate=0.013/per-period/12 p=12 payment=150 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'totalPaid'],
  },
  {
    text: 'A house worth £310,000 is bought with a loan of 85% of its value over 30 years at 4.68% compounded monthly, month-end payments. Deposit? Payment? After 30 payments, how much of the debt has been repaid?',
    plans: ['borrowing price=310000 down=46500 amount=263500 rate=0.0468/nominal/12 n=360 p=12 final=0 ?payment'],
    asks: ['downPayment', 'payment', 'principalIn from:1 to:30'],
  },
  {
    text: "The cook's loan: £6,300, 30 payments of £238 at each month's end. Total paid? Interest? Rate (nominal, monthly)?",
    plans: ['borrowing amount=6300 n=30 p=12 payment=238 final=0 ?rate'],
    asks: ['totalPaid', 'totalInterest', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'How long does £15,000 last at 3% compounded monthly when £250 is taken at the beginning of each month? How long if £300?',
    plans: [
      'drawing-down amount=15000 rate=0.03/nominal/12 p=12 payment=250 beginning final=0 ?payments',
      'drawing-down amount=15000 rate=0.03/nominal/12 p=12 payment=300 beginning final=0 ?payments',
    ],
    asks: ['payments', 'payments@1'],
  },
  {
    text: 'A teacher takes £20,000 over 6 years at 6.6% compounded monthly; month-end payments. In the third year she wants to know: what have I paid in interest so far, after 30 payments? What do I still owe?',
    plans: ['borrowing amount=20000 rate=0.066/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['interestIn from:1 to:30', 'balanceAfter k:30'],
  },
  {
    text: "How many years must £350 a month be paid, at month's end, to pay back £30,000 at 6% compounded monthly? How many if it is £450?",
    plans: [
      'borrowing amount=30000 rate=0.06/nominal/12 p=12 payment=350 final=0 ?payments',
      'borrowing amount=30000 rate=0.06/nominal/12 p=12 payment=450 final=0 ?payments',
    ],
    asks: ['years', 'years@1'],
  },
  {
    text: 'The wool merchants of Skerry Sound took £57,000 at 6.24 % compounded quarterly. They have nine years to return it, paying a like amount when each quarter closes. How large a cheque do they write each quarter?',
    plans: ['borrowing amount=57000 rate=0.0624/nominal/4 n=36 p=4 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "Gwen's bank statement: opening balance €8,350, closing balance €10,000, 57 months, no movements besides monthly interest. Interest rate?",
    plans: ['lump-sum amount=8350 n=57 p=12 final=10000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "A smith pays £196 at each month's end on a five-year hire-purchase of a forge whose cash price is £9,800, after a first payment of £1,000. True rate, nominal, monthly?",
    plans: ['borrowing price=9800 down=1000 amount=8800 n=60 p=12 payment=196 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'With interest at 4.6% effective, a school wants to award €1,500 at the end of each year for 25 years. What endowment is required? What if it should be awarded at the start of each year?',
    plans: [
      'drawing-down rate=0.046/effective/1 n=25 p=1 payment=1500 final=0 ?amount',
      'drawing-down rate=0.046/effective/1 n=25 p=1 payment=1500 beginning final=0 ?amount',
    ],
    asks: ['amount', 'amount@1'],
  },
  {
    text: "Of a twenty-year loan (£130,000 at 5.04% compounded monthly, paid at month's end) how much is owed after exactly twelve years, and what part of payment 145 is interest?",
    plans: ['borrowing amount=130000 rate=0.0504/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:144', 'interestIn from:145 to:145'],
  },
  {
    text: "Margery's mortgage: $158,000; 5.22% compounded monthly; $1,100 paid at the end of each month. (i) How many months? (ii) final payment (iii) balance after 10 years (iv) interest paid in those 10 years.",
    plans: ['borrowing amount=158000 rate=0.0522/nominal/12 p=12 payment=1100 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'balanceAfter k:120', 'interestIn from:1 to:120'],
  },
  {
    text: 'Which single sum in five years equals £600 paid at the end of each half-year for five years, money at 4.4% compounded semi-annually?',
    plans: ['saving amount=0 rate=0.044/nominal/2 n=10 p=2 payment=600 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A loan of £19,000 is to be repaid by 50 month-end payments at 7.5% compounded monthly; the lender takes 2% of the loan as a fee and adds it on. What is the payment? The finance charge?',
    plans: ['borrowing fees=380 amount=19380 rate=0.075/nominal/12 n=50 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'The boiler costs £3,480, or 24 payments of £162, first in a month. Simple question: how much interest? Harder: what nominal rate, compounded monthly? Hardest: and effectively?',
    plans: ['borrowing price=3480 amount=3480 n=24 p=12 payment=162 final=0 ?rate'],
    asks: ['totalInterest', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'A student needs £7,000 at the start of each year for three years. What must be in the bank when he begins, at 3.75% effective? What must his parents have put in at the end of each month for ten years before that, same rate?',
    plans: [
      'drawing-down rate=0.0375/effective/1 n=3 p=1 payment=7000 beginning final=0 ?amount',
      'saving amount=0 rate=0.0375/effective/1 n=120 p=12 ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: "What's better for a saver: 4.02% compounded monthly, 4.05% compounded half-yearly?",
    plans: ['convert rate=0.0402/nominal/12 p=12 ?rate', 'convert rate=0.0405/nominal/2 p=2 ?rate'],
    asks: ['choice by:effectiveRate want:most'],
  },
  {
    text: '$72,000 at 6% compounded monthly over 15 years, month-end. Interest share of the 1st, the 90th and the 180th payment?',
    plans: ['borrowing amount=72000 rate=0.06/nominal/12 n=180 p=12 final=0 ?payment'],
    asks: ['interestIn from:1 to:1', 'interestIn from:90 to:90', 'interestIn from:180 to:180'],
  },
  {
    text: "An insurance company turns Ottilie's £120,000 into an income at the start of each quarter for 20 years, reckoning 3.6% compounded quarterly. How much is it? How much would she get if the income were paid at the end of each quarter?",
    plans: [
      'drawing-down amount=120000 rate=0.036/nominal/4 n=80 p=4 beginning final=0 ?payment',
      'drawing-down amount=120000 rate=0.036/nominal/4 n=80 p=4 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: "A trader's overdraft of £9,000 costs 0.95% a month. If he pays £500 at the end of each month, what is the debt after half a year and after a year?",
    plans: ['borrowing amount=9000 rate=0.0095/per-period/12 n=12 p=12 payment=500 ?finalAmount'],
    asks: ['balanceAfter k:6', 'balanceAfter k:12'],
  },
  {
    text: 'Compare two loans of €30,000, 60 month-end payments each: A at 6.2% compounded monthly; B at 6.2% compounded half-yearly. Which is dearer, and by how much a payment?',
    plans: [
      'borrowing amount=30000 rate=0.062/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=30000 rate=0.062/nominal/2 n=60 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:most', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'The quarry owners buy an excavator for €112,000. They pay 15% in cash and finance the balance over six years by quarterly payments in arrears at 6.8% compounded quarterly. What is (a) the amount financed, (b) the quarterly payment?',
    plans: ['borrowing price=112000 down=16800 amount=95200 rate=0.068/nominal/4 n=24 p=4 final=0 ?payment'],
    asks: ['amount', 'payment'],
  },
  {
    text: 'How long will it take for £3,600 to grow to £5,000 if interest is 4.8% compounded quarterly? State the time in years.',
    plans: ['lump-sum amount=3600 rate=0.048/nominal/4 p=4 final=5000 ?payments'],
    asks: ['years'],
  },
  {
    text: 'Which nominal rate compounded semi-annually is equivalent to 5.88% compounded monthly?',
    plans: ['convert rate=0.0588/nominal/12 p=2 ?rate'],
    asks: ['nominalRate compoundingsPerYear:2'],
  },
  {
    text: 'Compare the following: Loan P, £18,000 for 4 years at 6.9% compounded monthly; Loan Q, £18,000 for 5 years at 6.3% compounded monthly. Payments are at month-end. Find each payment and each total interest. Which loan costs less interest, and how much less?',
    plans: [
      'borrowing amount=18000 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=18000 rate=0.063/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'payment@1',
      'totalInterest',
      'totalInterest@1',
      'choice by:totalInterest want:least',
      'difference of:totalInterest between:[0,1]',
    ],
  },
  {
    text: 'A municipality must redeem bonds of €4,000,000 in 12 years. It establishes a sinking fund with equal deposits at the end of each half-year, earning 3.8% compounded semi-annually. Find the deposit and the balance of the fund after 7 years.',
    plans: ['saving amount=0 rate=0.038/nominal/2 n=24 p=2 final=4000000 ?payment'],
    asks: ['payment', 'balanceAfter k:14'],
  },
  {
    text: 'The payment on a 30-year mortgage of $280,000 at 6.6% compounded monthly is to be found (month-end payments). If the borrower adds $150 to each payment, in how many years is the mortgage repaid, and what is the interest saved?',
    plans: ['borrowing amount=280000 rate=0.066/nominal/12 n=360 p=12 final=0 payment@0:150 ?payment'],
    asks: ['payment', 'years', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Payments of $640 at the end of each quarter for ten years. Money earns 5.2% compounded quarterly. Find the present value and the accumulated value.',
    plans: [
      'borrowing rate=0.052/nominal/4 n=40 p=4 payment=640 final=0 ?amount',
      'saving amount=0 rate=0.052/nominal/4 n=40 p=4 payment=640 ?finalAmount',
    ],
    asks: ['amount', 'finalAmount@1'],
  },
  {
    text: 'A furniture store sells a bed for $1,980: nothing down, 24 payments of $96.50 at month-end. Compute the finance charge, the APR (nominal, compounded monthly) and the effective rate.',
    plans: ['borrowing price=1980 amount=1980 n=24 p=12 payment=96.5 final=0 ?rate'],
    asks: ['financeCharge', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Loan 5512-B: €37,500; 6.9% nominal, monthly; 84 payments, end of month. The borrower has just made payment 50. Compute the outstanding balance, the interest paid to date, and the total still to be paid.',
    plans: ['borrowing amount=37500 rate=0.069/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:50', 'interestIn from:1 to:50', 'leftToPay k:50'],
  },
  {
    text: 'Saving £1,100 every half-year, at its end, at 3.96% compounded semi-annually, how many deposits does Una need for £20,000, and how many years is that?',
    plans: ['saving amount=0 rate=0.0396/nominal/2 p=2 payment=1100 final=20000 ?payments'],
    asks: ['payments', 'years'],
  },
  {
    text: 'A 10-year loan of $85,000 at 7.2% compounded monthly was refinanced after 4 years at 5.7% compounded monthly over the remaining 6 years; there is a charge of $900, added to the new loan. Calculate the old payment, the balance refinanced, the new payment and the total saved over the 6 years. Payments at month-end.',
    plans: [
      'borrowing amount=85000 rate=0.072/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing fees=900 rate=0.057/nominal/12 n=72 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:48',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:48}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'A trust fund of $450,000 provides $2,900 at the end of each month. It earns 5.04% compounded monthly. How much will be left after 12 years, and how much interest will the fund have earned by then?',
    plans: ['drawing-down amount=450000 rate=0.0504/nominal/12 n=144 p=12 payment=2900 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'Sixteen half-yearly payments of €3,250 in arrears repay a loan on which 6.2% compounded semi-annually is charged. What was the loan? What is the interest portion of the first payment? What is the outstanding balance after the tenth?',
    plans: ['borrowing rate=0.062/nominal/2 n=16 p=2 payment=3250 final=0 ?amount'],
    asks: ['amount', 'interestIn from:1 to:1', 'balanceAfter k:10'],
  },
  {
    text: 'The loan for the village hall, £120,000 at 4.5% compounded monthly for 15 years, is paid at month-end. Because of a flood, no payments are made for 6 months after the 40th payment; interest continues to be added. What are the balance at the end of this pause and the payment afterwards, if the loan is still to be repaid on time?',
    plans: ['borrowing amount=120000 rate=0.045/nominal/12 n=180 p=12 final=0 skip@40:6/payments ?payment'],
    asks: ['balanceAfter k:46', 'payment after:46'],
  },
  {
    text: 'Bank: "Your deposit of €10,000 will be €12,209 in five years." What effective annual rate is that? And what nominal rate compounded monthly?',
    plans: ['lump-sum amount=10000 n=60 p=12 final=12209 ?rate'],
    asks: ['effectiveRate', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'The add-on charge on a €2,600 cooker is €312. It is paid in 20 equal month-end payments. Find the payment and the nominal rate, compounded monthly.',
    plans: ['flat price=2600 charge=312 amount=2600 n=20 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'The heirs of Captain Moor receive £140,000, which they invest at 4.32% compounded quarterly. From this they take £3,600 at the beginning of each quarter. How many full withdrawals can be made, and how much is the final partial one?',
    plans: ['drawing-down amount=140000 rate=0.0432/nominal/4 p=4 payment=3600 beginning final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'At what effective annual rate does €3,800 grow to €4,655 in five years?',
    plans: ['lump-sum amount=3800 n=5 p=1 final=4655 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: "Solvej's bank compounds 4.92% daily. Express this as an effective rate and as a nominal rate compounded monthly.",
    plans: ['convert rate=0.0492/nominal/365 p=12 ?rate'],
    asks: ['effectiveRate', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A yacht priced at €84,000 is bought with a trade-in worth €21,000 and €8,000 in cash; the rest is financed over seven years by month-end payments at 6.54% compounded monthly. What is the monthly payment? What is the finance charge?',
    plans: [
      'borrowing price=84000 down=8000 trade=21000 amount=55000 rate=0.0654/nominal/12 n=84 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'For a hire-purchase contract with flat interest of 8.5% a year on £3,150 over two and a half years, payments monthly, find the payment, the total interest and the true nominal rate (compounded monthly).',
    plans: ['flat amount=3150 rate=0.085/flat n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'How many years does a loan of £26,400 at 5.76% compounded monthly take to repay with £325 at the end of each month? Give the exact number, then the number of payments including a smaller last one.',
    plans: ['borrowing amount=26400 rate=0.0576/nominal/12 p=12 payment=325 final=0 ?payments'],
    asks: ['years', 'payments'],
  },
  {
    text: "Carsten's loan of 18 600 € over five years at 7.2 % compounded monthly, payments at month-end: directly after payment 24 he receives a bonus and repays 4 000 € extra; the term is to stay the same. What was his payment, what is it afterwards, and how much interest does the extra payment save?",
    plans: ['borrowing amount=18600 rate=0.072/nominal/12 n=60 p=12 final=0 extra@24:4000/payments ?payment'],
    asks: ['payment', 'payment after:24', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Ruth deposits £5,000 now and £125 at the end of each month. If the account pays 3.48% compounded monthly, what will be its value after nine years, and how much of that will be interest?',
    plans: ['saving amount=5000 rate=0.0348/nominal/12 n=108 p=12 payment=125 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'Lender Alder offers a 4-year loan of €12,800 at 7.5% compounded monthly. Lender Birch offers the same amount at 7.2% compounded monthly but charges €220 in fees, which are added to the loan. Month-end payments. Whose payment is lower, and by how much do the total payments differ?',
    plans: [
      'borrowing amount=12800 rate=0.075/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing fees=220 amount=13020 rate=0.072/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'In the sixth year of a €95,000 loan (12 years, 5.04% compounded monthly, month-end payments), how much of the loan is repaid? How much interest is paid in that year? What is owed at the end of it?',
    plans: ['borrowing amount=95000 rate=0.0504/nominal/12 n=144 p=12 final=0 ?payment'],
    asks: ['principalIn from:61 to:72', 'interestIn from:61 to:72', 'balanceAfter k:72'],
  },
  {
    text: "The printer's lease runs 36 months at £265 a month, the first payment on signing. The machine costs £9,900 new, and it reverts to the lessor with a value of £2,300. Find the nominal rate compounded monthly and the effective rate of the lease.",
    plans: ['leasing price=9900 amount=9900 n=36 p=12 payment=265 beginning final=2300 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: '$68,000 is to be repaid over 9 years by quarterly payments in arrears at 6.1% effective. Find the payment and the principal contained in the 12th payment.',
    plans: ['borrowing amount=68000 rate=0.061/effective/1 n=36 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:12 to:12'],
  },
  {
    text: "If £250 is withdrawn from an account of £18,400 at each month's end, and the account is empty after exactly seven years, what nominal rate compounded monthly does it pay?",
    plans: ['drawing-down amount=18400 n=84 p=12 payment=250 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Petrus buys a harp for $8,400 with 25% down. He finances the rest at 9.24% compounded monthly over 30 months (payments at month-end). Find the down payment, the monthly payment, and the cost of financing.',
    plans: ['borrowing price=8400 down=2100 amount=6300 rate=0.0924/nominal/12 n=30 p=12 final=0 ?payment'],
    asks: ['downPayment', 'payment', 'financeCharge'],
  },
  {
    text: 'How much must be paid at the beginning of each quarter to discharge a debt of £23,500 in five years at 7.6% compounded quarterly? What is the balance just after the 8th payment?',
    plans: ['borrowing amount=23500 rate=0.076/nominal/4 n=20 p=4 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:8'],
  },
  {
    text: 'Which option costs less over the term: a $19,000 loan over 5 years at 6.4% compounded monthly or over 4 years at 6.9% compounded monthly? State both payments (month-end) and the difference in total cost.',
    plans: [
      'borrowing amount=19000 rate=0.064/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=19000 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['choice by:totalPaid want:least', 'payment', 'payment@1', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'The Fenmark cooperative borrowed €240,000 for 15 years at 5.64% compounded semi-annually (half-yearly payments in arrears). After 6 years it refinances the balance over the remaining time at 4.5% compounded semi-annually. Old and new payment? Saving over the remaining time?',
    plans: [
      'borrowing amount=240000 rate=0.0564/nominal/2 n=30 p=2 final=0 ?payment',
      'borrowing rate=0.045/nominal/2 n=18 p=2 final=0 ?payment',
    ],
    asks: [
      'payment',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:12}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'A loan with a balloon: £33,000 at 7.08% compounded monthly, 60 payments of £520 at month-end. How large is the balloon due with the 60th payment? How much interest is paid in all?',
    plans: ['borrowing amount=33000 rate=0.0708/nominal/12 n=60 p=12 payment=520 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A tractor is sold for €46,000: €10,000 down, the balance in 10 equal half-yearly instalments (in arrears). The dealer charges €7,560 for the credit in all (flat). What is each instalment and what nominal rate, compounded half-yearly, is paid?',
    plans: ['flat price=46000 down=10000 charge=7560 amount=36000 n=10 p=2 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:2'],
  },
  {
    text: 'Twelve years ago, Magnus placed $15,000 in a bond fund that has earned 4.1% compounded semi-annually. What is the investment worth now? What effective rate did he earn?',
    plans: ['lump-sum amount=15000 rate=0.041/nominal/2 n=24 p=2 ?finalAmount'],
    asks: ['finalAmount', 'effectiveRate'],
  },
  {
    text: 'A medical practice finances equipment costing $132,000 over six years: payments at the end of each month, 6.9% compounded monthly, and a final payment of $30,000 together with the last one. Find the payment and the balance after three years.',
    plans: ['borrowing price=132000 amount=132000 rate=0.069/nominal/12 n=72 p=12 final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:36'],
  },
  {
    text: 'After paying £320 at the end of each month for 3 years, Darragh still owes £6,214.35 on his loan at 8.4% compounded monthly. How much did he borrow?',
    plans: ['borrowing rate=0.084/nominal/12 n=36 p=12 payment=320 final=6214.35 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'The $14,900 price of a caravan includes nothing but the caravan; registration of $340 is added. Myra pays $3,240 at once. The remainder is financed at 8.1% compounded monthly over 48 months, in arrears. What is financed, and what is the payment?',
    plans: ['borrowing price=14900 down=3240 fees=340 amount=12000 rate=0.081/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['amount', 'payment'],
  },
  {
    text: 'Loan at 6.3% compounded monthly: €54,000 over ten years (month-end). At the end of the third year the rate is raised to 7.5% compounded monthly. The borrower keeps the same payment. How many payments will there be altogether?',
    plans: ['borrowing amount=54000 rate=0.063/nominal/12 n=120 p=12 final=0 rate@36:0.075/payment ?payment'],
    asks: ['payments'],
  },
  {
    text: 'Oskar can lay aside 3 500 kr at the end of each month. He needs 250 000 kr for a workshop. At 4.2% compounded monthly, after how many deposits will he have enough?',
    plans: ['saving amount=0 rate=0.042/nominal/12 p=12 payment=3500 final=250000 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'A leasehold costs £1,800 a quarter, payable in advance, for 12 years. What is the value of the lease today at 6.4% effective?',
    plans: ['leasing rate=0.064/effective/1 n=48 p=4 payment=1800 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Ines repays $22,000 by 60 month-end payments of $445.60. Determine the nominal rate, compounded monthly, and the portion of the 30th payment that is interest.',
    plans: ['borrowing amount=22000 n=60 p=12 payment=445.6 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'interestIn from:30 to:30'],
  },
  {
    text: 'Hollis & Daughter, boilermakers since 1911, finance a press costing $73,500 by a six-year loan at 7.32% compounded monthly, repaid by level month-end payments. What is the level payment?',
    plans: ['borrowing price=73500 amount=73500 rate=0.0732/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'What must be invested at 5.1% compounded quarterly so that £18,000 will be on hand in six and a quarter years?',
    plans: ['lump-sum rate=0.051/nominal/4 n=25 p=4 final=18000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'The Brandt family lends 24 000 kr to a nephew at 5% effective. He repays 450 kr at the end of each month. How many payments are there, and what is the size of the last?',
    plans: ['borrowing amount=24000 rate=0.05/effective/1 p=12 payment=450 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'An electric organ is priced at £4,380. Mr Pascoe pays a deposit of 15% and agrees to 30 equal monthly payments, the first one month after purchase. Flat interest at 6.5% per annum is charged on the balance. Calculate the amount of each payment, the total interest and the nominal annual rate of interest, compounded monthly, that this amounts to.',
    plans: ['flat price=4380 down=657 amount=3723 rate=0.065/flat n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'How much of the 18th payment on a £9,600 loan goes to principal, if the loan is at 8.88% compounded monthly and has 48 month-end payments? What is the outstanding principal afterwards?',
    plans: ['borrowing amount=9600 rate=0.0888/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['principalIn from:18 to:18', 'balanceAfter k:18'],
  },
  {
    text: 'By the terms of a will, £275,000 is to pay for the upkeep of a garden for 30 years, in equal sums at the start of each year. The trustees earn 4.25% effective. Calculate the yearly sum. How much interest will the trust have earned when the money is gone?',
    plans: ['drawing-down amount=275000 rate=0.0425/effective/1 n=30 p=1 beginning final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'The loan for the ferry slip, $640,000 at 5.46% compounded semi-annually, is repaid over 20 years by half-yearly payments in arrears. After ten years a grant of $100,000 is paid in, on top of the 20th payment, and the remaining payments are recalculated so that the loan still ends after 20 years. Determine the original payment, the new payment and the interest saved.',
    plans: ['borrowing amount=640000 rate=0.0546/nominal/2 n=40 p=2 final=0 extra@20:100000/payments ?payment'],
    asks: ['payment', 'payment after:20', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'A photographer can lease a camera for 24 months at €132, payable in advance each month, and keep it for a final €650. The camera costs €3,490. What nominal rate compounded monthly does the lease cost him, and what is the total of all he pays?',
    plans: ['leasing price=3490 amount=3490 n=24 p=12 payment=132 beginning final=650 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'totalPaid'],
  },
  {
    text: '"Ten years at 5.4%, monthly compounding, month-end payments of £1,295.97", runs the offer. How large is the loan, and how much interest will be paid in the first five years?',
    plans: ['borrowing rate=0.054/nominal/12 n=120 p=12 payment=1295.97 final=0 ?amount'],
    asks: ['amount', 'interestIn from:1 to:60'],
  },
  {
    text: 'A savings certificate for $7,500 earns 3.65% compounded daily. What is it worth after 4 years? After 8 years?',
    plans: ['lump-sum amount=7500 rate=0.0365/nominal/365 n=2920 p=365 ?finalAmount'],
    asks: ['balanceAfter k:1460', 'finalAmount'],
  },
  {
    text: 'The Lindgrens owe 1 450 000 kr on their house. The rate is 4.68% compounded monthly, 22 years remain, payments at month-end. What is their payment? By how much would it rise if the rate were 5.28%?',
    plans: [
      'borrowing amount=1450000 rate=0.0468/nominal/12 n=264 p=12 final=0 ?payment',
      'borrowing amount=1450000 rate=0.0528/nominal/12 n=264 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'For a debt of €31,500 due in five years, a sinking fund is set up. Deposits are made at the end of each month; the fund earns 2.88% compounded monthly. How large is each deposit? How much is in the fund after 42 deposits? What is the interest earned over five years?',
    plans: ['saving amount=0 rate=0.0288/nominal/12 n=60 p=12 final=31500 ?payment'],
    asks: ['payment', 'balanceAfter k:42', 'totalInterest'],
  },
  {
    text: 'Express 11.4% compounded semi-annually as an equivalent rate per month.',
    plans: ['convert rate=0.114/nominal/2 p=12 ?rate'],
    asks: ['ratePerPayment'],
  },
  {
    text: 'The consumer society sells a stove on credit: price £1,140, deposit £150, then £47.50 a month (in arrears) for two years. What is charged for credit? What nominal rate, compounded monthly, and which effective rate does the customer pay?',
    plans: ['borrowing price=1140 down=150 amount=990 n=24 p=12 payment=47.5 final=0 ?rate'],
    asks: ['financeCharge', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Hannelore draws €1,150 at the end of each month from €210,000 at 4.02% compounded monthly. How much is left after 15 years? For how many years in all (exactly) will the money last?',
    plans: ['drawing-down amount=210000 rate=0.0402/nominal/12 p=12 payment=1150 final=0 ?payments'],
    asks: ['balanceAfter k:180', 'years'],
  },
  {
    text: 'Calculate what must be paid down on a car worth $33,900 if the buyer can pay $480 at the end of each month for five years and the rate is 6.9% compounded monthly.',
    plans: ['borrowing price=33900 rate=0.069/nominal/12 n=60 p=12 payment=480 final=0 ?amount'],
    asks: ['downPayment'],
  },
  {
    text: 'From the month after her 25th birthday until her 60th, Ilse deposits €150 at the end of each month at 4.44% compounded monthly. How much has she at 60?',
    plans: ['saving amount=0 rate=0.0444/nominal/12 n=420 p=12 payment=150 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A 25-year mortgage of $345,000 at 5.58% compounded semi-annually calls for month-end payments. Find the payment. Show the interest and the principal in the first payment and the balance after it.',
    plans: ['borrowing amount=345000 rate=0.0558/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:1 to:1', 'principalIn from:1 to:1', 'balanceAfter k:1'],
  },
  {
    text: 'Cecil borrows £15,750 for five years at 7.5% compounded monthly, payments at month-end. He misses none until the 30th; then he is allowed to skip four payments, during which interest is added. To be free on the original date, what must he pay afterwards? What was the payment before?',
    plans: ['borrowing amount=15750 rate=0.075/nominal/12 n=60 p=12 final=0 skip@30:4/payments ?payment'],
    asks: ['payment after:34', 'payment'],
  },
  {
    text: "A dealer's two offers for a $28,500 car: 1.9% compounded monthly over 60 months on the full price, or $2,750 cash back and a credit union loan at 6.2% compounded monthly over 60 months. Month-end payments. Which has the lower payment, and by how much per month?",
    plans: [
      'borrowing price=28500 amount=28500 rate=0.019/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing price=28500 rebate=2750 amount=25750 rate=0.062/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'Annuity problem: S = £50,000, n = 40 quarterly deposits at the end of the quarter, j4 = 4.2%. Find R and the total interest.',
    plans: ['saving amount=0 rate=0.042/nominal/4 n=40 p=4 final=50000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "Lena's loan: €13,400, 5 years, 6.72% comp. monthly, month-end. She would like to know (1) her payment, (2) the sum of the payments still due after two years, (3) the interest included in these.",
    plans: ['borrowing amount=13400 rate=0.0672/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'leftToPay k:24', 'interestIn from:25 to:60'],
  },
  {
    text: 'A sum deposited nine years ago at 4.5% compounded semi-annually has become $11,930.42. How much was deposited?',
    plans: ['lump-sum rate=0.045/nominal/2 n=18 p=2 final=11930.42 ?amount'],
    asks: ['amount'],
  },
  {
    text: "The Quarrymen's Bank adds 1.45% to its members' overdrafts each month. Ewan's overdraft is £1,980. He repays £95 at the end of each month. What does he owe after 6 payments? How many payments does he make in all?",
    plans: ['borrowing amount=1980 rate=0.0145/per-period/12 p=12 payment=95 final=0 ?payments'],
    asks: ['balanceAfter k:6', 'payments'],
  },
  {
    text: 'The interest on a 20-year mortgage of €155,000 at 5.16% compounded monthly (month-end) in its tenth year: how much is it? And in its last?',
    plans: ['borrowing amount=155000 rate=0.0516/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['interestIn from:109 to:120', 'interestIn from:229 to:240'],
  },
  {
    text: "Nadia's account: opening sum £3,100, deposits of £260 at the beginning of each quarter, 3.16% compounded quarterly, 7 years. Closing balance? Of it, how much is interest?",
    plans: ['saving amount=3100 rate=0.0316/nominal/4 n=28 p=4 payment=260 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'The nominal rate is 9% compounded monthly. What is the equivalent nominal rate compounded quarterly? What is the rate per quarter?',
    plans: ['convert rate=0.09/nominal/12 p=4 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4', 'ratePerPayment'],
  },
  {
    text: '$26,750 is repaid over six years at 7.98% compounded monthly, in arrears, monthly. Determine the principal repaid in the first year and in the last year.',
    plans: ['borrowing amount=26750 rate=0.0798/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['principalIn from:1 to:12', 'principalIn from:61 to:72'],
  },
  {
    text: 'A used lorry costs £41,000. The dealer allows £6,500 for an old one and takes £4,500 in cash; the balance is to be paid off by 54 month-end payments at 8.52% compounded monthly. Find the payment and the interest paid over the term.',
    plans: [
      'borrowing price=41000 down=4500 trade=6500 amount=30000 rate=0.0852/nominal/12 n=54 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'A scholarship fund of €300,000 earns 4.05% effective. Scholarships totalling €17,000 are awarded at the start of each year. For how many full years can they be paid? What is the balance after 10 years, just after the payment?',
    plans: ['drawing-down amount=300000 rate=0.0405/effective/1 p=1 payment=17000 beginning final=0 ?payments'],
    asks: ['payments count:full', 'balanceAfter k:10'],
  },
  {
    text: 'A saver deposits £75 at the beginning of each month for eight years at 3.12% compounded monthly. For the following five years nothing is deposited, and the balance earns 3.6% compounded quarterly. What is the final balance?',
    plans: [
      'saving amount=0 rate=0.0312/nominal/12 n=96 p=12 payment=75 beginning ?finalAmount',
      'lump-sum rate=0.036/nominal/4 n=20 p=4 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: "Fred's Garage: car at $22,900, $3,900 down, 60 payments of $389.50 at month-end. Find the finance charge and the APR (nominal, monthly).",
    plans: ['borrowing price=22900 down=3900 amount=19000 n=60 p=12 payment=389.5 final=0 ?rate'],
    asks: ['financeCharge', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Which loan is cheaper for €9,500 over 36 months, payments at month-end: Loan 1 at 8.4% compounded monthly or Loan 2 at 8.5% compounded semi-annually? By how much in total?',
    plans: [
      'borrowing amount=9500 rate=0.084/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=9500 rate=0.085/nominal/2 n=36 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'The payments on a 15-year loan at 5.88% compounded monthly are €960 at month-end. Find the original loan, the balance after 100 payments, and the interest in the 101st payment.',
    plans: ['borrowing rate=0.0588/nominal/12 n=180 p=12 payment=960 final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:100', 'interestIn from:101 to:101'],
  },
  {
    text: 'A family borrows €16,200 for 48 months at 6.84% compounded monthly (month-end). With the 12th payment they pay an additional €2,400 and the payment is lowered so that the loan still runs 48 months. Original payment? New payment?',
    plans: ['borrowing amount=16200 rate=0.0684/nominal/12 n=48 p=12 final=0 extra@12:2400/payments ?payment'],
    asks: ['payment', 'payment after:12'],
  },
  {
    text: 'A debt of £5,850 at 1.3% per month is repaid by £260 at the end of each month. How much of the 10th payment is interest, how much is principal, and what is the balance after it?',
    plans: ['borrowing amount=5850 rate=0.013/per-period/12 p=12 payment=260 final=0 ?payments'],
    asks: ['interestIn from:10 to:10', 'principalIn from:10 to:10', 'balanceAfter k:10'],
  },
  {
    text: 'Interest rate cut: a €175,000 mortgage over 25 years at 5.7% compounded monthly (month-end payments) is cut to 4.5% after 8 years. The term is unchanged. What was the payment, what does it become, and how much interest does the borrower save in all?',
    plans: ['borrowing amount=175000 rate=0.057/nominal/12 n=300 p=12 final=0 rate@96:0.045/payments ?payment'],
    asks: ['payment', 'payment after:96', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Evelina deposited $1,000 at the end of each quarter for 6 years. With the last deposit she had $27,350. What was the effective annual rate?',
    plans: ['saving amount=0 n=24 p=4 payment=1000 final=27350 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'A ten-year annuity-due of €2,000 per half-year is valued at 5.4% compounded semi-annually. Find its present value. Find its accumulated value at the end of the ten years.',
    plans: [
      'borrowing rate=0.054/nominal/2 n=20 p=2 payment=2000 beginning final=0 ?amount',
      'saving amount=0 rate=0.054/nominal/2 n=20 p=2 payment=2000 beginning ?finalAmount',
    ],
    asks: ['amount', 'finalAmount@1'],
  },
  {
    text: "A bakery's oven is leased: £21,500 value, 48 monthly payments in advance, 8.16% compounded monthly, buy-out of £3,000 one month after the last payment. Find the lease payment and the total cost if the option is taken.",
    plans: ['leasing amount=21500 rate=0.0816/nominal/12 n=48 p=12 beginning final=3000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Gerrit saves €180 per month (end) from now on. After 4 years he raises the amount to €250 per month. The account earns 3.72% compounded monthly. How much has he saved after ten years, and how much of this is interest?',
    plans: ['saving amount=0 rate=0.0372/nominal/12 n=120 p=12 payment=180 payment@48:70 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A loan of $30,000 is to be repaid in 10 years with monthly payments at the end of the month, 7.2% compounded monthly. The borrower decides to pay $100 more each month, right from the start. How many payments will she make? How much interest will she save?',
    plans: ['borrowing amount=30000 rate=0.072/nominal/12 n=120 p=12 final=0 payment@0:100 ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'The last payment of a loan of 9.800 € at 7,2 % compounded monthly, repaid with 315 € at month-end, is smaller. How large is it? How many payments precede it?',
    plans: ['borrowing amount=9800 rate=0.072/nominal/12 p=12 payment=315 final=0 ?payments'],
    asks: ['lastPayment', 'payments count:full'],
  },
  {
    text: 'A company purchases land for $540,000: one third down, the balance in 20 half-yearly payments in arrears at 6% compounded semi-annually. Find the payment and the interest part of the first payment.',
    plans: ['borrowing price=540000 down=180000 amount=360000 rate=0.06/nominal/2 n=20 p=2 final=0 ?payment'],
    asks: ['payment', 'interestIn from:1 to:1'],
  },
  {
    text: "Halvard's savings: NOK 1 500 at each month-end at 3.3% compounded monthly until there are NOK 100 000. How many deposits? How much interest does the account then include?",
    plans: ['saving amount=0 rate=0.033/nominal/12 p=12 payment=1500 final=100000 ?payments'],
    asks: ['payments', 'totalInterest'],
  },
  {
    text: "A credit union's offers: (1) £10,000 for 3 years at 6.8% flat; (2) £10,000 for 3 years at 12.4% compounded monthly. Monthly payments in arrears. Which is cheaper and by how much per month?",
    plans: [
      'flat amount=10000 rate=0.068/flat n=36 p=12 final=0 ?payment',
      'borrowing amount=10000 rate=0.124/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'Find the payment in advance, each quarter, that will exhaust €85,000 in 15 years at 4.2% compounded quarterly. What interest is earned in total?',
    plans: ['drawing-down amount=85000 rate=0.042/nominal/4 n=60 p=4 beginning final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'From a balance of $63,000 at 4.8% compounded monthly, $500 is withdrawn at the beginning of each month. How much is left after 8 years? After how many withdrawals in all is the account exhausted?',
    plans: ['drawing-down amount=63000 rate=0.048/nominal/12 p=12 payment=500 beginning final=0 ?payments'],
    asks: ['balanceAfter k:96', 'payments'],
  },
  {
    text: 'A debtor who owes £12,400 at 8.04% compounded monthly is to pay it off in 40 months (end-of-month). After the 16th payment she suspends payments for 5 months; the interest is added. The loan is to end on the original date. Find the debt after the suspension and the new payment.',
    plans: ['borrowing amount=12400 rate=0.0804/nominal/12 n=40 p=12 final=0 skip@16:5/payments ?payment'],
    asks: ['balanceAfter k:21', 'payment after:21'],
  },
  {
    text: 'At 6% effective, what level payment at the end of each month for 4 years is equivalent to a single payment of £10,000 today?',
    plans: ['borrowing amount=10000 rate=0.06/effective/1 n=48 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The Kettlewell silver band buys instruments for $12,650, financed over 3½ years at 7.68% compounded monthly with payments at the end of each month. What is the payment, and what is the balance after two years?',
    plans: ['borrowing price=12650 amount=12650 rate=0.0768/nominal/12 n=42 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:24'],
  },
  {
    text: 'A loan bears interest at 7.5% compounded monthly and is repaid with €525 at the end of each month over 7 years. Find the principal of the loan and the total interest.',
    plans: ['borrowing rate=0.075/nominal/12 n=84 p=12 payment=525 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'A refrigeration unit costing £37,400 is leased over 60 months. Payments are made at the end of each month; the implicit rate is 8.88% compounded monthly; the lessee may buy the unit for £5,000 at the end. Find the monthly payment.',
    plans: ['leasing price=37400 amount=37400 rate=0.0888/nominal/12 n=60 p=12 final=5000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'What rate of interest, compounded semi-annually, will double an investment in nine years?',
    plans: ['lump-sum amount=1 n=18 p=2 final=2 ?rate'],
    asks: ['nominalRate compoundingsPerYear:2'],
  },
  {
    text: 'The Oldroyd partnership borrows $420,000 for fifteen years at 5.94% compounded quarterly, with quarterly payments in arrears. Find the payment, the balance at the end of year 5, and the interest and principal in the 21st payment.',
    plans: ['borrowing amount=420000 rate=0.0594/nominal/4 n=60 p=4 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:20', 'interestIn from:21 to:21', 'principalIn from:21 to:21'],
  },
  {
    text: 'A shop charges 10% flat per year on a guitar costing £640, with £100 paid down and the rest over 18 monthly payments (first due in one month). Find the payment and the effective rate.',
    plans: ['flat price=640 down=100 amount=540 rate=0.1/flat n=18 p=12 final=0 ?payment'],
    asks: ['payment', 'effectiveRate'],
  },
  {
    text: 'A sinking fund of £120,000 is needed in nine years. The first six-monthly deposit is made six months from now. The fund earns 3.7% compounded semi-annually. Find the deposits, and the interest they earn in all.',
    plans: ['saving amount=0 rate=0.037/nominal/2 n=18 p=2 final=120000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'A loan of €13,250 is paid off by 36 payments, the first on the day of the loan and the others monthly after it, at 8.1% compounded monthly. Find the payment, and the balance just after the 12th.',
    plans: ['borrowing amount=13250 rate=0.081/nominal/12 n=36 p=12 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:12'],
  },
  {
    text: 'What lump sum in four years settles a debt of £9,600 if interest at 6.9% compounded quarterly accrues until then? How much of it is interest?',
    plans: ['lump-sum amount=9600 rate=0.069/nominal/4 n=16 p=4 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'Dr Lenz buys X-ray equipment for €94,000, trading in the old for €11,500. The rest is financed over 5 years by payments at the end of each quarter, 7.4% compounded quarterly, with a documentation fee of €600 added. What is each payment? What is the total finance charge?',
    plans: ['borrowing price=94000 trade=11500 fees=600 amount=83100 rate=0.074/nominal/4 n=20 p=4 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'A borrower is quoted 6.6% compounded monthly on £15,000 over four years, payments in arrears. After one year she wins £2,000 and puts it all into the loan, together with the 12th payment. The payment is unchanged. When will the loan be repaid, and what is the last payment?',
    plans: ['borrowing amount=15000 rate=0.066/nominal/12 n=48 p=12 final=0 extra@12:2000/payment ?payment'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'A €62,000 loan requires month-end payments of €720 at 6.3% compounded monthly. Find the number of payments, the balance after 60 of them, and the total amount of interest.',
    plans: ['borrowing amount=62000 rate=0.063/nominal/12 p=12 payment=720 final=0 ?payments'],
    asks: ['payments', 'balanceAfter k:60', 'totalInterest'],
  },
  {
    text: 'On a $27,500 car, a dealer gives the buyer two choices: financing at 2.4% compounded monthly for 48 months, or a rebate of $2,200 and a bank loan at 6.9% compounded monthly for 48 months. Payments are at month-end. What are the two payments? Which choice is cheaper in total, and by how much?',
    plans: [
      'borrowing price=27500 amount=27500 rate=0.024/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=27500 rebate=2200 amount=25300 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'Nine equal annual payments, the first due in one year, will settle a debt of 58 000 € at 6.25% effective. Find the payment, and split the fifth payment into interest and principal.',
    plans: ['borrowing amount=58000 rate=0.0625/effective/1 n=9 p=1 final=0 ?payment'],
    asks: ['payment', 'interestIn from:5 to:5', 'principalIn from:5 to:5'],
  },
  {
    text: "A vintner's loan of €150,000 at 5.7% compounded semi-annually runs over 12 years with half-yearly payments in arrears. After 5 years he sells a vineyard and pays €40,000 in addition to the tenth payment. How large are his payments afterwards if the term is kept, and how much interest does he save?",
    plans: ['borrowing amount=150000 rate=0.057/nominal/2 n=24 p=2 final=0 extra@10:40000/payments ?payment'],
    asks: ['payment after:10', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Tamsin pays £68.75 a week, at the end of each week, on a three-year loan at 9.36% compounded weekly. What was the loan? How much will she have paid in interest?',
    plans: ['borrowing rate=0.0936/nominal/52 n=156 p=52 payment=68.75 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'The Hallgrim family owes 2 150 000 kr at 4.8% compounded monthly, to be repaid over 25 years at month-end. After 5 years the rate becomes 5.4% and the payment is adjusted. By how much does the payment rise?',
    plans: ['borrowing amount=2150000 rate=0.048/nominal/12 n=300 p=12 final=0 rate@60:0.054/payments ?payment'],
    asks: ['difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:60}}]'],
  },
  {
    text: 'Loan: €9,900, 30 months, 9.12% comp. monthly, payments at the end. Show payment, total paid, interest, and effective rate.',
    plans: ['borrowing amount=9900 rate=0.0912/nominal/12 n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid', 'totalInterest', 'effectiveRate'],
  },
  {
    text: 'What is the nominal rate, compounded quarterly, if €6,400 becomes €8,500 in seven years?',
    plans: ['lump-sum amount=6400 n=28 p=4 final=8500 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'At the end of every quarter Thora pays £310 into a fund earning 3.72% compounded quarterly. After six years she stops paying in and leaves the fund for four years more. What does it amount to then?',
    plans: [
      'saving amount=0 rate=0.0372/nominal/4 n=24 p=4 payment=310 ?finalAmount',
      'lump-sum rate=0.0372/nominal/4 n=16 p=4 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'A bus is bought for €185,000: 20% down, then quarterly payments in arrears for 8 years at 6.6% compounded quarterly, and a residual payment of €25,000 at the end. Find the quarterly payment.',
    plans: ['leasing price=185000 down=37000 amount=148000 rate=0.066/nominal/4 n=32 p=4 final=25000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A retired printer wants an income of €900 at the end of each month. His savings of €118,000 earn 3.48% compounded monthly. How long, in years, will they last? How much will be left after ten years?',
    plans: ['drawing-down amount=118000 rate=0.0348/nominal/12 p=12 payment=900 final=0 ?payments'],
    asks: ['years', 'balanceAfter k:120'],
  },
  {
    text: 'A deposit of £1,200 is made at the start of each year for 20 years. What nominal annual rate compounded yearly gives a final value of £36,500 at the end of the 20th year?',
    plans: ['saving amount=0 n=20 p=1 payment=1200 beginning final=36500 ?rate'],
    asks: ['nominalRate compoundingsPerYear:1'],
  },
  {
    text: 'To replace a boiler in eight years an hotel needs $48,000. It makes equal deposits at the beginning of each quarter at 3.4% compounded quarterly. Find the deposit; the balance after 20 deposits; the interest earned.',
    plans: ['saving amount=0 rate=0.034/nominal/4 n=32 p=4 beginning final=48000 ?payment'],
    asks: ['payment', 'balanceAfter k:20', 'totalInterest'],
  },
  {
    text: 'A loan of £9,000 is to be repaid by 24 monthly payments in arrears at 8.64% compounded monthly. After 9 payments the borrower wishes to pay off the loan. How much must she pay with the ninth payment made, and what is the sum of the payments she thereby avoids?',
    plans: ['borrowing amount=9000 rate=0.0864/nominal/12 n=24 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:9', 'leftToPay k:9'],
  },
  {
    text: 'A store sells a television for £1,049 cash, or for no deposit and 18 monthly payments of £64.90 (the first one month after delivery). Find the finance charge and the effective annual rate.',
    plans: ['borrowing price=1049 amount=1049 n=18 p=12 payment=64.9 final=0 ?rate'],
    asks: ['financeCharge', 'effectiveRate'],
  },
  {
    text: 'Jonna saves 2 200 kr a month at month-end for 9 years at 3.3% compounded monthly. From the 61st deposit on she raises her deposit by 500 kr. What does she have in the end? What did she have when she raised it?',
    plans: ['saving amount=0 rate=0.033/nominal/12 n=108 p=12 payment=2200 payment@60:500 ?finalAmount'],
    asks: ['finalAmount', 'balanceAfter k:60'],
  },
  {
    text: 'A boat loan: £22,400, 6 years, 8.4% compounded monthly, in arrears. Right after the 20th payment the owner repays £3,000 more and continues with the same payments. By how many payments is the loan shortened? What is the last payment?',
    plans: ['borrowing amount=22400 rate=0.084/nominal/12 n=72 p=12 final=0 extra@20:3000/payment ?payment'],
    asks: ['difference of:payments between:[asStated,withChanges]', 'lastPayment'],
  },
  {
    text: 'Two investments of £8,000: Fund P pays 4.6% compounded quarterly; Fund Q pays 4.65% effective. What does each amount to after 9 years? Which is larger?',
    plans: [
      'lump-sum amount=8000 rate=0.046/nominal/4 n=36 p=4 ?finalAmount',
      'lump-sum amount=8000 rate=0.0465/effective/1 n=9 p=1 ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1', 'choice by:finalAmount want:most'],
  },
  {
    text: 'What was the original amount of a loan on which 60 month-end payments of £289.90 were made at 7.44% compounded monthly?',
    plans: ['borrowing rate=0.0744/nominal/12 n=60 p=12 payment=289.9 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A charity receives £4,000 at the end of each half-year from a trust for 15 years. The trust earns 4.8% effective. What is the capital of the trust at the start, and what interest is earned over the 15 years?',
    plans: ['drawing-down rate=0.048/effective/1 n=30 p=2 payment=4000 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'On a 20-year mortgage of $250,000 at 5.4% compounded semi-annually (month-end payments), how much interest is paid in the first year, and how much in the last?',
    plans: ['borrowing amount=250000 rate=0.054/nominal/2 n=240 p=12 final=0 ?payment'],
    asks: ['interestIn from:1 to:12', 'interestIn from:229 to:240'],
  },
  {
    text: '$540 at the end of each month for 4 years repays $22,000. What nominal rate compounded monthly is charged, what is the effective rate, and how much interest is paid?',
    plans: ['borrowing amount=22000 n=48 p=12 payment=540 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'totalInterest'],
  },
  {
    text: 'From a fund of €75,000 a foundation awards a prize of €3,600 at the end of each year. The fund earns 3.9% effective. For how many years can the full prize be paid?',
    plans: ['drawing-down amount=75000 rate=0.039/effective/1 p=1 payment=3600 final=0 ?payments'],
    asks: ['payments count:full'],
  },
  {
    text: 'Zdenka pays in €55 each Monday morning, starting this Monday, for four years. The co-operative credits 3.12 % a year weekly. How large is her balance at the end of the four years?',
    plans: ['saving amount=0 rate=0.0312/nominal/52 n=208 p=52 payment=55 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Oda Farthing bought a boat shed for £48,500. She put down a fifth and borrowed the rest from the county bank for eight years at 6.3 % a year convertible monthly. (a) What did she borrow? (b) Her monthly payment, at the end of each month? (c) The interest over the eight years?',
    plans: ['borrowing price=48500 down=9700 amount=38800 rate=0.063/nominal/12 n=96 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'totalInterest'],
  },
  {
    text: "The ropewalk's debt stands at 27,000 €; 650 € leaves its account at the end of every month; the bank reckons 5.4 % a year, monthly. 1) In how many payments is it clear, the last being smaller? 2) How big is that last one? 3) Interest altogether?",
    plans: ['borrowing amount=27000 rate=0.054/nominal/12 p=12 payment=650 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'totalInterest'],
  },
  {
    text: "Lene's gran gave her $1,200 at birth. Her parents added $60 at the end of each month. With 3.3% compounded monthly, what was there on her 18th birthday and how much of that had the bank contributed?",
    plans: ['saving amount=1200 rate=0.033/nominal/12 n=216 p=12 payment=60 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: "A loan of 120.000 € (20 years, 3,9 % nominal p.a., monthly interest, payments at month's end) is taken up by the cheesemakers. What is left to pay off after the tenth year, and what share of the payments in year 11 is interest, in euros?",
    plans: ['borrowing amount=120000 rate=0.039/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:120', 'interestIn from:121 to:132'],
  },
  {
    text: "The mill's loan of $75,000: 5.7% compounded monthly, 10 years, end of month. With payment number 36 the miller brings an additional $10,000; payments go on unchanged. By how many payments is the loan shortened? How much interest does that spare him?",
    plans: ['borrowing amount=75000 rate=0.057/nominal/12 n=120 p=12 final=0 extra@36:10000/payment ?payment'],
    asks: [
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'A bond fund pays out a pension of $1,800 at the end of each month for 20 years from a capital that bears 4.8% compounded monthly. How much capital is needed? How much interest will it have borne in all?',
    plans: ['drawing-down rate=0.048/nominal/12 n=240 p=12 payment=1800 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'For 6 years the theatre sets aside $450 at the end of each quarter at 4.4% compounded quarterly. Then it stops and lets the money lie another 4 years at the same rate. What does it have (a) after 6 years (b) after 10 years?',
    plans: [
      'saving amount=0 rate=0.044/nominal/4 n=24 p=4 payment=450 ?finalAmount',
      'lump-sum rate=0.044/nominal/4 n=16 p=4 ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1'],
  },
  {
    text: 'Solenne owes $8,000. She pays $200 at the end of the month at 9.6% compounded monthly; from the 13th payment on she pays $260. How many payments altogether and how many does she save?',
    plans: ['borrowing amount=8000 rate=0.096/nominal/12 p=12 payment=200 final=0 payment@12:60 ?payments'],
    asks: ['payments', 'difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'Mortgage $315,000, j2 = 4.74 %, 25 years, monthly payments in arrears. Payment? Balance at the end of the 5-year term? Principal repaid in the term?',
    plans: ['borrowing amount=315000 rate=0.0474/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:60', 'principalIn from:1 to:60'],
  },
  {
    text: 'Bank A quotes 6.6% compounded monthly, bank B 6.75% compounded half-yearly on a loan of $40,000 over 5 years with monthly payments. Which bank asks the smaller payment and what are both?',
    plans: [
      'borrowing amount=40000 rate=0.066/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=40000 rate=0.0675/nominal/2 n=60 p=12 final=0 ?payment',
    ],
    asks: ['choice by:payment want:least', 'payment', 'payment@1'],
  },
  {
    text: 'Perran refinances: his loan of £20,000 at 9.6% compounded monthly for 60 months has had 24 payments. The new lender takes over what is owed at 6.6% compounded monthly for the rest of the term. New payment? Saving per month?',
    plans: [
      'borrowing amount=20000 rate=0.096/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing rate=0.066/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['payment@1', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'Interest of 1.1% is added every month. What nominal and what effective annual rates are these?',
    plans: ['convert rate=0.011/per-period/12 p=12 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'An annuity of £8,000 at the end of each year for 15 years is on offer. What is it worth now at an effective 5.5%? And at 6.5%?',
    plans: [
      'drawing-down rate=0.055/effective/1 n=15 p=1 payment=8000 final=0 ?amount',
      'drawing-down rate=0.065/effective/1 n=15 p=1 payment=8000 final=0 ?amount',
    ],
    asks: ['amount', 'amount@1'],
  },
  {
    text: 'A loan of £30,000 runs for 10 years at 6% compounded monthly, paid monthly in arrears. What is the payment? And what about 6.5%?',
    plans: [
      'borrowing amount=30000 rate=0.06/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing amount=30000 rate=0.065/nominal/12 n=120 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: 'How much will $200 a month, paid in at the end of each month, grow to in 8 years at 3.6% compounded monthly? And if the account paid 4.2%?',
    plans: [
      'saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=200 ?finalAmount',
      'saving amount=0 rate=0.042/nominal/12 n=96 p=12 payment=200 ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1'],
  },
  {
    text: 'Sinking fund. Target: $85,000 after 12 years. Deposits: end of each six months. Rate: 4.25% compounded semi-annually. a. Deposit. b. Amount in the fund right after the tenth deposit. c. Interest earned in the 11th half-year.',
    plans: ['saving amount=0 rate=0.0425/nominal/2 n=24 p=2 final=85000 ?payment'],
    asks: ['payment', 'balanceAfter k:10', 'interestIn from:11 to:11'],
  },
  {
    text: "How long does £14,000 provide £300 a month, taken at the month's end, at 5.4% converted monthly? How much comes out the last time?",
    plans: ['drawing-down amount=14000 rate=0.054/nominal/12 p=12 payment=300 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'A mortgage of two hundred and ten thousand dollars at 4.8 % compounded semi-annually is amortised over thirty years by monthly payments at month-end. What are the payments, and what part of the first one reduces the debt?',
    plans: ['borrowing amount=210000 rate=0.048/nominal/2 n=360 p=12 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:1'],
  },
  {
    text: 'In exchange for lending Dorrit £6,500, her cousin wants £150 at the end of every month until the debt and interest at 9 % a year (monthly) are paid. How many full payments, and how large the last?',
    plans: ['borrowing amount=6500 rate=0.09/nominal/12 p=12 payment=150 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'Lady Ingram buys a horsebox, list price £32,500. Discount of 6 %. Old horsebox in part exchange: £7,200. Rest over 48 months at 8.2% APR (monthly compounding), end of month. Amount financed, payment, total interest?',
    plans: [
      'borrowing price=32500 trade=7200 rebate=1950 amount=23350 rate=0.082/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment', 'totalInterest'],
  },
  {
    text: "A 7-year lease for a wind pump worth $64,000 calls for payments at the beginning of every quarter; at the end the pump is worth $9,500. The lessor's rate is 7.6 % compounded quarterly. What is the quarterly payment, and how much would it be if payments fell at the end of the quarter?",
    plans: [
      'leasing price=64000 amount=64000 rate=0.076/nominal/4 n=28 p=4 beginning final=9500 ?payment',
      'leasing price=64000 amount=64000 rate=0.076/nominal/4 n=28 p=4 final=9500 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: 'Nils borrows 25.000 € at 5,4 % a year compounded monthly and pays 480 € at the end of each month. After exactly 24 payments he adds a lump of 5.000 €. How many payments does the loan take in all, and how much interest does the lump save?',
    plans: ['borrowing amount=25000 rate=0.054/nominal/12 p=12 payment=480 final=0 extra@24:5000/payment ?payments'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'A £15,000 car loan at 8.4 % compounded monthly over 48 months; the borrower pays £50 more than the regular payment from the first month on. How many months earlier is he done?',
    plans: ['borrowing amount=15000 rate=0.084/nominal/12 n=48 p=12 final=0 payment@0:50 ?payment'],
    asks: ['difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'Margit pays £90 a month into a plan, at the beginning of each month, for 25 years. £61,000 is what she gets. What effective yearly return is that?',
    plans: ['saving amount=0 n=300 p=12 payment=90 beginning final=61000 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'The net price of a tractor is 42.800 € . Paid: 12.800 € at once, the remainder in 16 equal quarterly payments, first in three months, 5,8 % compounded quarterly. How large is a payment? How much dearer than the cash price is the tractor in the end?',
    plans: ['borrowing price=42800 down=12800 amount=30000 rate=0.058/nominal/4 n=16 p=4 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'Determine the number of monthly payments of $310 at the beginning of each month that it takes to clear a balance of $9,600 at 14.4% compounded monthly; determine the size of the last.',
    plans: ['borrowing amount=9600 rate=0.144/nominal/12 p=12 payment=310 beginning final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'After three of five years of monthly payments on a $28,000 loan at 7.9% compounded monthly, what would pay the loan off?',
    plans: ['borrowing amount=28000 rate=0.079/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:36'],
  },
  {
    text: 'Hugo leaves a legacy of $80,000 untouched for six years at 4.2% compounded quarterly. Then he withdraws equal sums at the end of each quarter for eight years. How much is there when the withdrawals start, and how large is each withdrawal?',
    plans: [
      'lump-sum amount=80000 rate=0.042/nominal/4 n=24 p=4 ?finalAmount',
      'drawing-down rate=0.042/nominal/4 n=32 p=4 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'What effective annual rates correspond to 9 % compounded quarterly and weekly?',
    plans: ['convert rate=0.09/nominal/4 p=4 ?rate', 'convert rate=0.09/nominal/52 p=52 ?rate'],
    asks: ['effectiveRate', 'effectiveRate@1'],
  },
  {
    text: 'A nominal rate of 7.2 % is compounded i) half-yearly, ii) monthly. Find the effective rates.',
    plans: ['convert rate=0.072/nominal/2 p=2 ?rate', 'convert rate=0.072/nominal/12 p=12 ?rate'],
    asks: ['effectiveRate', 'effectiveRate@1'],
  },
  {
    text: 'Loan £64,000, 12 yrs, j12 = 5.85%, monthly pmts in arrears: pmt? o/s after 5 yrs? total int?',
    plans: ['borrowing amount=64000 rate=0.0585/nominal/12 n=144 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:60', 'totalInterest'],
  },
  {
    text: 'A shop sells a fridge at $1,440. On its "easy terms" you pay $90 down and $65 at the end of each of the next 24 months. What do the easy terms cost in excess of the price, and what rate (nominal, monthly) do they come to?',
    plans: ['borrowing price=1440 down=90 amount=1350 n=24 p=12 payment=65 final=0 ?rate'],
    asks: ['financeCharge', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A farmer borrowed £85,000 to be repaid half-yearly in arrears over ten years at 7% compounded half-yearly. After the 8th payment he agrees with the bank on a rate of 6% for what is left of the time. Find his payments before and after.',
    plans: ['borrowing amount=85000 rate=0.07/nominal/2 n=20 p=2 final=0 rate@8:0.06/payments ?payment'],
    asks: ['payment', 'payment after:8'],
  },
  {
    text: 'You hold a contract for 30 more monthly payments of £240, next one due in a month. The other side offers you £6,500 for it today. What yearly rate compounded monthly does that offer imply?',
    plans: ['borrowing amount=6500 n=30 p=12 payment=240 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Quarterly rentals of $1,725 in advance for 4 years; buy-out at the end $6,000; interest 9.2% compounded quarterly. Price of the machine?',
    plans: ['leasing rate=0.092/nominal/4 n=16 p=4 payment=1725 beginning final=6000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Interest at 0.5 % per month on a loan of £21,000, paid off in 72 months, instalments at month-end. Find (1) instalment, (2) debt after 3 years, (3) sum of the instalments still to be paid then, (4) interest still to be paid then.',
    plans: ['borrowing amount=21000 rate=0.005/per-period/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'leftToPay k:36', 'interestIn from:37 to:72'],
  },
  {
    text: "Rolf's loan: 14 400 € at 7,2 % for 4 years, flat. Monthly payment? Equivalent nominal rate compounded monthly?",
    plans: ['flat amount=14400 rate=0.072/flat n=48 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'The sum of £18,000 was borrowed on terms of equal payments at the end of each month for 4 years; the interest over the whole time was £2,870. What was the payment?',
    plans: ['flat charge=2870 amount=18000 n=48 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Marit Oksanen puts 2 400 € into a savings certificate for four and a half years. Interest: 2.8 % a year, credited every half-year. What is it worth when it falls due?',
    plans: ['lump-sum amount=2400 rate=0.028/nominal/2 n=9 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "An account holds $88,000 and pays 4.32% a year compounded monthly. What sum at each month's beginning exhausts it in fifteen years?",
    plans: ['drawing-down amount=88000 rate=0.0432/nominal/12 n=180 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A car priced at £16,990 is paid for with £1,990 cash, £3,000 for the old one and the rest on credit: APR 8.4 %, monthly compounding, 48 monthly payments in arrears. There is a documentation fee of £150 added to the amount financed. State the amount financed, the payment, the total interest.',
    plans: [
      'borrowing price=16990 down=1990 trade=3000 fees=150 amount=12150 rate=0.084/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment', 'totalInterest'],
  },
  {
    text: 'A bank lends $235,000 on a house at 5.35% compounded semi-annually, amortized over 25 years by monthly payments in arrears. Find the payment, the balance at the end of the third year, and the principal repaid in the fourth.',
    plans: ['borrowing amount=235000 rate=0.0535/nominal/2 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'principalIn from:37 to:48'],
  },
  {
    text: 'Some land was bought for £90,000 in 2008. Today it is mortgaged for £60,000 over fifteen years at 6% compounded monthly, month-end payments. What is the monthly payment, and what total will have been paid?',
    plans: ['borrowing amount=60000 rate=0.06/nominal/12 n=180 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Find the monthly payments on each of two loans of €14,000 at 7.5% compounded monthly, one over 30 months, the other over 54, month-end. How much interest does each cost?',
    plans: [
      'borrowing amount=14000 rate=0.075/nominal/12 n=30 p=12 final=0 ?payment',
      'borrowing amount=14000 rate=0.075/nominal/12 n=54 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'totalInterest', 'totalInterest@1'],
  },
  {
    text: 'A loan of $150,000 at j2 = 6% with monthly payments for 15 years. The borrower decides to pay $1,500 instead of the required payment. Required payment? How many payments of $1,500 are needed?',
    plans: [
      'borrowing amount=150000 rate=0.06/nominal/2 n=180 p=12 final=0 ?payment',
      'borrowing amount=150000 rate=0.06/nominal/2 p=12 payment=1500 final=0 ?payments',
    ],
    asks: ['payment', 'payments@1'],
  },
  {
    text: 'How many half-yearly withdrawals of €2 500, the first in six months, can be financed from €30 000 at 4,6 % compounded half-yearly? How big is the final, smaller one?',
    plans: ['drawing-down amount=30000 rate=0.046/nominal/2 p=2 payment=2500 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'The parish organ fund: £7,200 now, £260 more at the close of each month. The account adds 0.3 % per month. How much in 3 years, and how much of that is interest?',
    plans: ['saving amount=7200 rate=0.003/per-period/12 n=36 p=12 payment=260 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'How much is left to be paid, interest included, on a loan of $23,600 at 7.5% compounded monthly over 72 months (payments in arrears) once 30 payments have been made?',
    plans: ['borrowing amount=23600 rate=0.075/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['leftToPay k:30'],
  },
  {
    text: 'An uncle promises his nephew $400 at the end of each month during his four years of study. What must he set aside now at 3.6% compounded monthly, and how much interest does his money earn?',
    plans: ['drawing-down rate=0.036/nominal/12 n=48 p=12 payment=400 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'For a debt of £5,000 two plans are offered: A, 36 payments of £158 at month-end; B, 24 payments of £228 at month-end. Which plan has the lower nominal rate compounded monthly? Give both rates.',
    plans: [
      'borrowing amount=5000 n=36 p=12 payment=158 final=0 ?rate',
      'borrowing amount=5000 n=24 p=12 payment=228 final=0 ?rate',
    ],
    asks: [
      'choice by:effectiveRate want:least',
      'nominalRate compoundingsPerYear:12',
      'nominalRate@1 compoundingsPerYear:12',
    ],
  },
  {
    text: 'A mortgage of $189,000 was taken out at 5.04% compounded monthly for 25 years with monthly payments in arrears. (a) the payment; (b) principal repaid by the end of year 6; (c) interest paid by the end of year 6.',
    plans: ['borrowing amount=189000 rate=0.0504/nominal/12 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:72', 'interestIn from:1 to:72'],
  },
  {
    text: 'Two friends borrow £10,000 each at 6% compounded monthly. One repays over 4 years, the other over 6, both monthly in arrears. How much more interest does the second pay?',
    plans: [
      'borrowing amount=10000 rate=0.06/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=10000 rate=0.06/nominal/12 n=72 p=12 final=0 ?payment',
    ],
    asks: ['difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A house loan at 4.5 % compounded monthly over 30 years costs $1,266.71 at each month-end. How much was lent? How much is still owed after twenty years?',
    plans: ['borrowing rate=0.045/nominal/12 n=360 p=12 payment=1266.71 final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:240'],
  },
  {
    text: 'What is the price of a leased truck if 48 rentals of $1,150 are paid at the beginning of each month, its residual is $22,000 and money costs 7.5% compounded monthly?',
    plans: ['leasing rate=0.075/nominal/12 n=48 p=12 payment=1150 beginning final=22000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'How much interest does a man save if he pays a 5-year, $18,000 loan (8.4% compounded monthly, month-end payments) off right after the 36th payment?',
    plans: ['borrowing amount=18000 rate=0.084/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['interestIn from:37 to:60'],
  },
  {
    text: 'What is the term, in years, of a loan of €52 000 at 5 % effective if €6 000 is paid at the end of every year? What is the last payment?',
    plans: ['borrowing amount=52000 rate=0.05/effective/1 p=1 payment=6000 final=0 ?payments'],
    asks: ['years', 'lastPayment'],
  },
  {
    text: "The monthly payment on a loan of $62,000 is $719.88; it runs ten years, payments at the month's end. Find the rate compounded monthly and the effective rate.",
    plans: ['borrowing amount=62000 n=120 p=12 payment=719.88 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: "The Corrigans' mortgage of $268,000 carries j2 = 5.5% and is amortised over 25 years with monthly payments, in arrears. They renew after 5 years at j2 = 6.5%, amortisation unchanged. Find the first payment, the balance at renewal and the new payment.",
    plans: ['borrowing amount=268000 rate=0.055/nominal/2 n=300 p=12 final=0 rate@60:0.065/payments ?payment'],
    asks: ['payment', 'balanceAfter k:60', 'payment after:60'],
  },
  {
    text: "For seven years a trust has paid out £2,000 at each half-year's end from a fund that stood at £40,000 at the beginning and earns 5% compounded semi-annually. What does the fund hold now?",
    plans: ['drawing-down amount=40000 rate=0.05/nominal/2 n=14 p=2 payment=2000 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'I want my savings of £18,500 to grow to £25,000 over 6 years by adding the same sum at the end of each half-year. The account gives 3.4% compounded half-yearly. What sum?',
    plans: ['saving amount=18500 rate=0.034/nominal/2 n=12 p=2 final=25000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A £30,000 loan is repaid by payments in arrears of £600 a month; the lender adds 7.08% a year, monthly. Find the balance after 40 payments and the interest contained in the 41st.',
    plans: ['borrowing amount=30000 rate=0.0708/nominal/12 p=12 payment=600 final=0 ?payments'],
    asks: ['balanceAfter k:40', 'interestIn from:41 to:41'],
  },
  {
    text: "An auctioneer's loan, $54,000 over 8 years at 7.5% compounded monthly (end-of-month payments), is paid off in full after 5 years. What has he paid in interest up to then, and what must he pay to settle it?",
    plans: ['borrowing amount=54000 rate=0.075/nominal/12 n=96 p=12 final=0 ?payment'],
    asks: ['interestIn from:1 to:60', 'balanceAfter k:60'],
  },
  {
    text: 'By what amount does the debt go down with the first 12 payments on a loan of €27 000 over seven years at 6,3 % monthly, payments in arrears?',
    plans: ['borrowing amount=27000 rate=0.063/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['principalIn from:1 to:12'],
  },
  {
    text: 'A payment plan for a $1,980 laptop: 10 % on the spot, the remainder in 18 equal amounts at the end of each month with interest at 14.4% compounded monthly. How large is each amount, and how much does the laptop cost altogether?',
    plans: ['borrowing price=1980 down=198 amount=1782 rate=0.144/nominal/12 n=18 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'If you want the monthly payment on a 20-year $160,000 mortgage not to exceed $1,000, what is the highest nominal rate, compounded monthly, you can accept? (End-of-month payments.)',
    plans: ['borrowing amount=160000 n=240 p=12 payment=1000 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'How long must I wait for £2,000 to become £3,000 at 5.1% compounded monthly? Answer in months.',
    plans: ['lump-sum amount=2000 rate=0.051/nominal/12 p=12 final=3000 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'Mortgage 180 000, 30 years, j12 = 6 %, PMT at end of month. After 10 years the rate falls to 4.8 %, same end date. Give both payments. What is the total interest over the 30 years?',
    plans: ['borrowing amount=180000 rate=0.06/nominal/12 n=360 p=12 final=0 rate@120:0.048/payments ?payment'],
    asks: ['payment', 'payment after:120', 'totalInterest'],
  },
  {
    text: 'After 60 payments of £295 in arrears a loan was still £7,140 short of being repaid. It had begun at £20,000. What nominal rate, compounded monthly, was charged?',
    plans: ['borrowing amount=20000 n=60 p=12 payment=295 final=7140 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "Jost's mortgage: 240.000 €; 1,95 % nominal, monthly; he pays 1.100 € monthly in arrears. What is left after ten years? How much has he paid off by then?",
    plans: ['borrowing amount=240000 rate=0.0195/nominal/12 n=120 p=12 payment=1100 ?finalAmount'],
    asks: ['balanceAfter k:120', 'principalIn from:1 to:120'],
  },
  {
    text: 'After 15 of her 48 month-end payments on a £10,400 loan at 9.9% compounded monthly, Ida is let off four payments. The interest is added meanwhile and the last date stays the same. Find her payment before, the debt when she starts again, and the payment after that.',
    plans: ['borrowing amount=10400 rate=0.099/nominal/12 n=48 p=12 final=0 skip@15:4/payments ?payment'],
    asks: ['payment', 'balanceAfter k:19', 'payment after:19'],
  },
  {
    text: "A lease: 60 monthly payments of €585, each in advance; at the end the machine can be bought for €4.800. A loan for the price, €32.000, would cost 6,6 % compounded monthly, 60 payments in arrears. What is the loan's payment? What nominal rate compounded monthly does the lease carry? In total, which is less, and by how much?",
    plans: [
      'leasing price=32000 amount=32000 n=60 p=12 payment=585 beginning final=4800 ?rate',
      'borrowing price=32000 amount=32000 rate=0.066/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'payment@1',
      'nominalRate compoundingsPerYear:12',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'A man of 45 wants, from his 65th birthday on, to draw $3,000 at the beginning of each month for 20 years. What must he save at the end of each month until then, at 4.8% compounded monthly? What sum must be there on the 65th birthday?',
    plans: [
      'drawing-down rate=0.048/nominal/12 n=240 p=12 payment=3000 beginning final=0 ?amount',
      'saving amount=0 rate=0.048/nominal/12 n=240 p=12 ?payment',
    ],
    asks: ['payment@1', 'amount'],
  },
  {
    text: "Two sisters, one aim: £15,000 in five years. Vera pays in at each month's end at 3.6% compounded monthly; Olga pays in at each quarter's beginning at 3.7% compounded quarterly. What does each pay, and who pays more in all?",
    plans: [
      'saving amount=0 rate=0.036/nominal/12 n=60 p=12 final=15000 ?payment',
      'saving amount=0 rate=0.037/nominal/4 n=20 p=4 beginning final=15000 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:most'],
  },
  {
    text: 'A workshop buys a lathe for $19,400: $3,400 down, the balance in 36 monthly payments in arrears at 8.1% compounded monthly, plus a set-up fee of $220 which goes onto the loan. Find the amount financed, the payment, the finance charge (fee included), and the total outlay with the down payment.',
    plans: ['borrowing price=19400 down=3400 fees=220 amount=16220 rate=0.081/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['amount', 'payment', 'financeCharge', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'A lender advanced £16,200 and got back 54 month-end payments of £371. At the nominal rate this implies, how much could be lent against 54 payments of £450, and what was still owed on the first loan after 30 payments?',
    plans: [
      'borrowing amount=16200 n=54 p=12 payment=371 final=0 ?rate',
      'borrowing n=54 p=12 payment=450 final=0 ?amount',
    ],
    asks: ['amount@1', 'balanceAfter k:30'],
  },
  {
    text: 'Compare three years with five for a £9,600 loan at 9% compounded monthly with month-end payments: (a) both payments (b) both totals of interest (c) how much less interest the shorter takes.',
    plans: [
      'borrowing amount=9600 rate=0.09/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=9600 rate=0.09/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'totalInterest', 'totalInterest@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'Terms: €58.000, 15 years, monthly in arrears, 4,92 % nominal with monthly interest. After exactly six years the bank goes to 6,12 %; the last payment date is not moved. a) payment in the first six years b) what is owed at the switch c) payment afterwards d) how much more is paid in all because of the change',
    plans: ['borrowing amount=58000 rate=0.0492/nominal/12 n=180 p=12 final=0 rate@72:0.0612/payments ?payment'],
    asks: [
      'payment',
      'balanceAfter k:72',
      'payment after:72',
      'difference of:totalPaid between:[asStated,withChanges]',
    ],
  },
  {
    text: 'Which costs less? Dealer: 1.9% compounded monthly on £19,750 for 42 months. Credit union: £1,350 off the price, the rest at 5.9% compounded monthly for 42 months. All payments at month-end. Payments of both, totals of both, difference of the totals.',
    plans: [
      'borrowing amount=19750 rate=0.019/nominal/12 n=42 p=12 final=0 ?payment',
      'borrowing price=19750 rebate=1350 amount=18400 rate=0.059/nominal/12 n=42 p=12 final=0 ?payment',
    ],
    asks: [
      'choice by:totalPaid want:least',
      'payment',
      'payment@1',
      'totalPaid',
      'totalPaid@1',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: "Anouk's flat-rate loan: £5,200, 7.2% a year flat, 30 months. Work out in turn: the interest; each instalment; the nominal rate, compounded monthly, it comes to on the reducing balance; the effective rate.",
    plans: ['flat amount=5200 rate=0.072/flat n=30 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: "Lease with option: 36 payments of $412, each at the month's start; value of the car $21,600; option price $10,800 at the end. Loan: $21,600 for 36 months at 7.2% compounded monthly, in arrears. (a) implicit nominal rate of the lease, compounded monthly (b) payment of the loan (c) total outlay of each (d) which is lower and by how much.",
    plans: [
      'leasing amount=21600 n=36 p=12 payment=412 beginning final=10800 ?rate',
      'borrowing amount=21600 rate=0.072/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'totalPaid',
      'totalPaid@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'With the 30th of 72 month-end payments on a £29,400 loan at 7.2% compounded monthly Sion pays £4,000 besides, and has the payment recalculated for the 42 that remain. What was it, and what is it now? By how much do his total payments fall?',
    plans: ['borrowing amount=29400 rate=0.072/nominal/12 n=72 p=12 final=0 extra@30:4000/payments ?payment'],
    asks: ['payment', 'payment after:30', 'difference of:totalPaid between:[asStated,withChanges]'],
  },
  {
    text: "Emil took over his aunt's loan when 28 of 84 payments had been made. The loan: $31,000 at 6.6% compounded monthly, month-end. What did he take over? Which sum will he still pay altogether? How much of that is interest?",
    plans: ['borrowing amount=31000 rate=0.066/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:28', 'leftToPay k:28', 'interestIn from:29 to:84'],
  },
  {
    text: 'In the lease of a bus (value €186.000, residual €60.000, 72 monthly payments in advance, 5,64 % compounded monthly) the lessee asks for payments in arrears instead. Give the payment in advance and the payment in arrears.',
    plans: [
      'leasing price=186000 amount=186000 rate=0.0564/nominal/12 n=72 p=12 beginning final=60000 ?payment',
      'leasing price=186000 amount=186000 rate=0.0564/nominal/12 n=72 p=12 final=60000 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: "Joint account: Ana puts in £3,000 now, Ben £100 at the end of each month for six years. The bank pays 3% compounded monthly. What is there after the six years? How much of it is Ben's deposits, how much interest?",
    plans: ['saving amount=3000 rate=0.03/nominal/12 n=72 p=12 payment=100 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'A loan of £16,000 is repaid by 16 equal quarterly payments in arrears, 8.4% compounded quarterly. Make out: the payment, what is owed after 6, 7 and 8 payments.',
    plans: ['borrowing amount=16000 rate=0.084/nominal/4 n=16 p=4 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:6', 'balanceAfter k:7', 'balanceAfter k:8'],
  },
  {
    text: 'Otto compares 5.9% compounded monthly over 10 years with 5.4% compounded monthly over 15 years for a mortgage of $150,000. Payments at month-end. (a) Each payment. (b) Each total interest. (c) Which takes more interest and by how much?',
    plans: [
      'borrowing amount=150000 rate=0.059/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing amount=150000 rate=0.054/nominal/12 n=180 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'payment@1',
      'totalInterest',
      'totalInterest@1',
      'choice by:totalInterest want:most',
      'difference of:totalInterest between:[0,1]',
    ],
  },
  {
    text: "An estate of €300 000 earns 4 % effective. The heirs take 18 000 € at each year's end. What is left after ten years, how much have they taken, and how much interest was earned?",
    plans: ['drawing-down amount=300000 rate=0.04/effective/1 n=10 p=1 payment=18000 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'A payment of £530 a month (in arrears) on a mortgage of £84,000 at 5.1% compounded monthly is raised by £70 after 5 years. How many payments will there be in all, and how many fewer than without the rise? How much interest does it save?',
    plans: ['borrowing amount=84000 rate=0.051/nominal/12 p=12 payment=530 final=0 payment@60:70 ?payments'],
    asks: [
      'payments',
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'What is the present value, at 5.25% effective, of £4,000 at the end of each year for 12 years? Of the same payments at the beginning of each year?',
    plans: [
      'borrowing rate=0.0525/effective/1 n=12 p=1 payment=4000 final=0 ?amount',
      'borrowing rate=0.0525/effective/1 n=12 p=1 payment=4000 beginning final=0 ?amount',
    ],
    asks: ['amount', 'amount@1'],
  },
  {
    text: 'Find n: PV = 14,000, PMT = 325 (end), i = 0.65 % per month, FV = 0.',
    plans: ['borrowing amount=14000 rate=0.0065/per-period/12 p=12 payment=325 final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'Payment of $1,520 a month, in arrears, 25 years, j2 = 5.25%: what mortgage does it carry? And with payments of $1,650?',
    plans: [
      'borrowing rate=0.0525/nominal/2 n=300 p=12 payment=1520 final=0 ?amount',
      'borrowing rate=0.0525/nominal/2 n=300 p=12 payment=1650 final=0 ?amount',
    ],
    asks: ['amount', 'amount@1'],
  },
  {
    text: "A harbour crane is leased for six years with half-yearly payments of £18,400 in advance; the lessor's rate is 7% compounded half-yearly, and the crane's value at the end will be £40,000. What is its value today?",
    plans: ['leasing rate=0.07/nominal/2 n=12 p=2 payment=18400 beginning final=40000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Three years ago the Tarn mill borrowed £64,000 at 6.72% compounded monthly over ten years, month-end payments. Now the lender offers 5.4% compounded monthly for the rest of the term without any fee. (a) Old payment. (b) Debt now. (c) New payment. (d) What the mill saves over the remaining seven years.',
    plans: [
      'borrowing amount=64000 rate=0.0672/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing rate=0.054/nominal/12 n=84 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:36',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:36}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'Take a £12,600 loan: 4 years, 9.6% compounded monthly, arrears. (a) What is the payment? (b) What would it be in advance? (c) How much less interest is paid in advance?',
    plans: [
      'borrowing amount=12600 rate=0.096/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=12600 rate=0.096/nominal/12 n=48 p=12 beginning final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'When the bank lowers the rate from 7.2% to 6% after the 36th of 120 monthly payments on a $75,000 loan (compounded monthly, month-end), Dario keeps up his old payment. (a) Old payment (b) balance at that time (c) how many payments the loan takes altogether (d) the last payment.',
    plans: ['borrowing amount=75000 rate=0.072/nominal/12 n=120 p=12 final=0 rate@36:0.06/payment ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'payments', 'lastPayment'],
  },
  {
    text: 'Mortgage €220.000, 30 years, 4,2 % compounded monthly, in arrears. If €200 more than required is paid each month, (a) how many payments are there, (b) how much is the last, (c) how much interest is saved?',
    plans: ['borrowing amount=220000 rate=0.042/nominal/12 n=360 p=12 final=0 payment@0:200 ?payment'],
    asks: ['payments', 'lastPayment', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'A car of $28,900 is bought for 15% down and $480 a month in arrears at 6.9% compounded monthly. How many full payments? What is the last one? What has the car cost in all, down payment included?',
    plans: ['borrowing price=28900 down=4335 amount=24565 rate=0.069/nominal/12 p=12 payment=480 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'A widow draws on €220.000 at the beginning of each month for 20 years so that €40.000 remain for her nephew. The fund earns 3,84 % compounded monthly. What is a monthly drawing? What has she drawn in all?',
    plans: ['drawing-down amount=220000 rate=0.0384/nominal/12 n=240 p=12 beginning final=40000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: "Bruna's credit is €12.000 at 7,92 % compounded monthly. She pays €240 at the end of each month for two years and €320 from then on. How much does she owe after the two years? How many payments are there altogether? How large is the last?",
    plans: ['borrowing amount=12000 rate=0.0792/nominal/12 p=12 payment=240 final=0 payment@24:80 ?payments'],
    asks: ['balanceAfter k:24', 'payments', 'lastPayment'],
  },
  {
    text: 'Flat 9.5% or 17.4% compounded monthly? On £5,000 over two years, monthly in arrears: payments, total interest, and which is cheaper by how much.',
    plans: [
      'flat amount=5000 rate=0.095/flat n=24 p=12 final=0 ?payment',
      'borrowing amount=5000 rate=0.174/nominal/12 n=24 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'financeCharge',
      'payment@1',
      'totalInterest@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'With 36 payments left on her €15.600, 60-month loan at 9,3 % compounded monthly, Selma moves the debt to another bank: 6,9 %, 36 months, no costs. How large is the debt that is moved? Old payment, new payment? Total saving?',
    plans: [
      'borrowing amount=15600 rate=0.093/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing rate=0.069/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: [
      'balanceAfter k:24',
      'payment',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:24}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'A fund is fed with $400 at the end of each month for 12 years and then with $600 for another 8. It earns 4.5% compounded monthly. What is it worth at the end of the 20 years, and what part is interest?',
    plans: ['saving amount=0 rate=0.045/nominal/12 n=240 p=12 payment=400 payment@144:200 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'A scholarship of $2,200 is awarded at the end of each year for ever? No, for 40 years. What does the fund need today at an effective 4.6 %?',
    plans: ['drawing-down rate=0.046/effective/1 n=40 p=1 payment=2200 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: "How many years of saving €1 800 at each year's end at 4.25 % effective give €40 000? Round up to whole deposits.",
    plans: ['saving amount=0 rate=0.0425/effective/1 p=1 payment=1800 final=40000 ?payments'],
    asks: ['years'],
  },
  {
    text: 'A ten-year loan of €88 000 at an effective 4.9 %, yearly payments in arrears. What is the annuity? What is paid in interest over the ten years?',
    plans: ['borrowing amount=88000 rate=0.049/effective/1 n=10 p=1 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Price £13,950; old car £2,450 in part payment; £1,500 cash; the remaining sum over 36 months at 9.36% compounded monthly in arrears. Sum financed and payment?',
    plans: [
      'borrowing price=13950 down=1500 trade=2450 amount=10000 rate=0.0936/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment'],
  },
  {
    text: 'Ten thousand euros are to be withdrawn in equal parts at the end of each month over two years from an account with 2,7 % (monthly). What is one part and what is earned in interest?',
    plans: ['drawing-down amount=10000 rate=0.027/nominal/12 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'The interest on a 7-year loan of £30,000 with month-end payments of £445 — how much in all, and at what nominal rate compounded monthly?',
    plans: ['borrowing amount=30000 n=84 p=12 payment=445 final=0 ?rate'],
    asks: ['totalInterest', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Over 5 years the cost of borrowing £10,500 was £1,960, paid off monthly at month-end. What was the monthly payment and the nominal rate compounded monthly?',
    plans: ['flat price=10500 charge=1960 amount=10500 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'The dealer wants £5,900 for a boat, a quarter down and the rest in 20 monthly payments at 10.8% compounded monthly, in arrears. How much is put down? How much each month?',
    plans: ['borrowing price=5900 down=1475 amount=4425 rate=0.108/nominal/12 n=20 p=12 final=0 ?payment'],
    asks: ['downPayment', 'payment'],
  },
  {
    text: 'What would you have to save each week, at the end of the week, to have $5,000 in two years at 3.12% compounded weekly if you already have $750?',
    plans: ['saving amount=750 rate=0.0312/nominal/52 n=104 p=52 final=5000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Nine years ago Dame Ottoly put $14,000 into an account at 3.6% compounded quarterly. What is there now, and how much of it is interest?',
    plans: ['lump-sum amount=14000 rate=0.036/nominal/4 n=36 p=4 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'Three payments are left on a loan: £455 at the end of each of the next three months. The rate is 9% compounded monthly. What single payment today would clear the loan?',
    plans: ['borrowing rate=0.09/nominal/12 n=3 p=12 payment=455 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Tuition of $3,400 is due at the start of each quarter for three years, the first today. At 3.2% compounded quarterly, how much should be in the account today? How much interest will the account earn?',
    plans: ['drawing-down rate=0.032/nominal/4 n=12 p=4 payment=3400 beginning final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'A capital of £27,000 is to be used up in ten years by equal withdrawals at the beginning of each half-year. Interest 3.9% effective. Size of a withdrawal? Left after four years?',
    plans: ['drawing-down amount=27000 rate=0.039/effective/1 n=20 p=2 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:8'],
  },
  {
    text: 'At the end of each half-year Matilda invests €1.250,00 in a fund that yields 4,1 % compounded half-yearly. How much does the fund hold after nine and a half years?',
    plans: ['saving amount=0 rate=0.041/nominal/2 n=19 p=2 payment=1250 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'How large was a debt that 28 monthly payments of $226.75 in arrears paid off at 11.1% compounded monthly?',
    plans: ['borrowing rate=0.111/nominal/12 n=28 p=12 payment=226.75 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A trust of £410,000 at 3.9% effective is to make 18 equal yearly payments, the first a year from now, and to end with £100,000. How large are the payments?',
    plans: ['drawing-down amount=410000 rate=0.039/effective/1 n=18 p=1 final=100000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A student buys a laptop for $1,749: $249 down and the rest in 12 month-end payments at 17.4% compounded monthly. What does each payment amount to? What is the finance charge?',
    plans: ['borrowing price=1749 down=249 amount=1500 rate=0.174/nominal/12 n=12 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'What is the value today of €9.000 due in 30 months if money earns 3,6 % compounded monthly?',
    plans: ['lump-sum rate=0.036/nominal/12 n=30 p=12 final=9000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Jan owes €26.400. The bank asks 7,2 %, compounded monthly. He begins with 500 € a month in arrears and from the 25th payment pays 650 €. How many payments in all? How much is the last?',
    plans: ['borrowing amount=26400 rate=0.072/nominal/12 p=12 payment=500 final=0 payment@24:150 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'The museum borrows £225,000 at 4.92% compounded half-yearly for 15 years, half-yearly payments in arrears. With the 10th payment it repays £30,000 extra, the payments being recalculated so that the term stays. Payment before, payment after, interest saved?',
    plans: ['borrowing amount=225000 rate=0.0492/nominal/2 n=30 p=2 final=0 extra@10:30000/payments ?payment'],
    asks: ['payment', 'payment after:10', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'For an 18,500 € loan at 6,9 % (monthly), 60 payments in arrears, compute the payment; the balance after 2 years; the total still to be paid after 2 years; the interest still to be paid after 2 years.',
    plans: ['borrowing amount=18500 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:24', 'leftToPay k:24', 'interestIn from:25 to:60'],
  },
  {
    text: 'Two plans for saving €25.000: A, monthly in arrears for 6 years at 3 % compounded monthly; B, yearly in arrears for 6 years at 3,2 % effective. What is paid in each time, and in which plan is less paid in altogether?',
    plans: [
      'saving amount=0 rate=0.03/nominal/12 n=72 p=12 final=25000 ?payment',
      'saving amount=0 rate=0.032/effective/1 n=6 p=1 final=25000 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: 'A debt of £11,400 at 9.3% compounded monthly is paid at £260 a month-end. How much is owed after three years, what part of the money paid was interest, and how many payments does the whole debt need?',
    plans: ['borrowing amount=11400 rate=0.093/nominal/12 p=12 payment=260 final=0 ?payments'],
    asks: ['balanceAfter k:36', 'interestIn from:1 to:36', 'payments'],
  },
  {
    text: 'An 84-month loan of $42,000 at 6.48% compounded monthly: by how many payments is it shortened, and what interest is saved, if $75 more than the usual payment is paid from the start?',
    plans: ['borrowing amount=42000 rate=0.0648/nominal/12 n=84 p=12 final=0 payment@0:75 ?payment'],
    asks: [
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'If a person wants €1.500 at the start of each month for 18 years, how much must she pay in today at 3,72 % compounded monthly?',
    plans: ['drawing-down rate=0.0372/nominal/12 n=216 p=12 payment=1500 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: "The Fairholm dairy leases a chiller worth £31,200 for five years, paying monthly in advance. Its residual is put at 18% of its worth, and interest at 7.38% compounded monthly. Rental, and the lessor's total interest?",
    plans: ['leasing price=31200 amount=31200 rate=0.0738/nominal/12 n=60 p=12 beginning final=5616 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'At 5.94% compounded monthly, which monthly payment in arrears for 20 years corresponds to a house loan of £215,000? How much is paid in the second ten years in interest?',
    plans: ['borrowing amount=215000 rate=0.0594/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:121 to:240'],
  },
  {
    text: 'Quarterly compounding at 5.8 %: what do 40 quarterly payments in advance of $815 come to when the 40th quarter is over?',
    plans: ['saving amount=0 rate=0.058/nominal/4 n=40 p=4 payment=815 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'PV = 0; PMT = 175 at end of each month; i = 4.2% comp. monthly; n = 90. FV?',
    plans: ['saving amount=0 rate=0.042/nominal/12 n=90 p=12 payment=175 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Simple question: at what flat rate per year does a charge of £525 on £3,500 over 30 months work out?',
    plans: ['flat charge=525 amount=3500 n=30 p=12 final=0 ?payment'],
    asks: ['nominalRate as:flat'],
  },
  {
    text: 'The cooperative needs a new press costing 62 000 € in 7 years. It has 15 000 € now and will add the same sum every quarter, starting in three months. The bank gives 3.2 % effective a year. What sum?',
    plans: ['saving amount=15000 rate=0.032/effective/1 n=28 p=4 final=62000 ?payment'],
    asks: ['payment'],
  },
  {
    text: "The price of a second-hand loom is 3.450,00 €. The seller takes 450,00 € at once and the remainder in 24 monthly instalments at 8,4 % a year compounded monthly. What's an instalment, and how much more than the price is paid altogether?",
    plans: ['borrowing price=3450 down=450 amount=3000 rate=0.084/nominal/12 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'In exchange for £100,000 now, an insurer pays £690 at the end of each month for 20 years. What nominal annual rate compounded monthly does this correspond to?',
    plans: ['drawing-down amount=100000 n=240 p=12 payment=690 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'An endowment is to pay $12,000 at the start of every year for 25 years, beginning right away. Money earns 4.75% effective. How large must it be? What would be left in it after the 10th payment?',
    plans: ['drawing-down rate=0.0475/effective/1 n=25 p=1 payment=12000 beginning final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:10'],
  },
  {
    text: 'Jessamy pays a £7,800 loan off over 4 years by equal monthly payments at a flat 7%. What would the same payments amount to as a nominal rate compounded monthly?',
    plans: ['flat amount=7800 rate=0.07/flat n=48 p=12 final=0 ?payment'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "The village hall fund stands at £22,400 and loses £550 at the end of each month to pay the caretaker. It earns 3% compounded monthly. What's in it after two years?",
    plans: ['drawing-down amount=22400 rate=0.03/nominal/12 n=24 p=12 payment=550 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A car loan of $17,500 over five years at 6.9% compounded monthly is paid off after 2 years with the 24th payment. How much is paid then, over and above the regular payment, and how much interest does the borrower avoid?',
    plans: ['borrowing amount=17500 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:24', 'interestIn from:25 to:60'],
  },
  {
    text: 'A machine for 24 000 € is financed to 80 %; the loan runs four years with monthly payments at 6,6 % compounded monthly. Work out the down payment, the loan and the monthly payment.',
    plans: ['borrowing price=24000 down=4800 amount=19200 rate=0.066/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['downPayment', 'amount', 'payment'],
  },
  {
    text: 'Hedda Rook contributed £90 monthly (month-end) for ten years; her plan paid 4.2% compounded monthly for the first six years and 3% compounded monthly for the last four. What had she then?',
    plans: ['saving amount=0 rate=0.042/nominal/12 n=120 p=12 payment=90 rate@72:0.03/payment ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'What amount put by at the end of each quarter will pay off a balloon of $18,000 due in four years, if savings earn 4% compounded quarterly?',
    plans: ['saving amount=0 rate=0.04/nominal/4 n=16 p=4 final=18000 ?payment'],
    asks: ['payment'],
  },
  {
    text: '£11,000 at 8.4% compounded monthly, £350 a month in arrears. After one year the borrower starts to pay £450. When is the loan repaid (in payments), and how large is the last payment?',
    plans: ['borrowing amount=11000 rate=0.084/nominal/12 p=12 payment=350 final=0 payment@12:100 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'The Moss Street bakery took over a 7-year, $64,000 loan at 6.3% compounded monthly after 30 payments had been made. What did it take over, and how much will it still pay in all?',
    plans: ['borrowing amount=64000 rate=0.063/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:30', 'leftToPay k:30'],
  },
  {
    text: 'The town borrows 1,2 Mio. € for 25 years at 3,75 % effective with yearly payments at year end. Yearly payment? Debt after 10 years? Interest in year 11?',
    plans: ['borrowing amount=1200000 rate=0.0375/effective/1 n=25 p=1 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:10', 'interestIn from:11 to:11'],
  },
  {
    text: 'Fergus has $12,000 and lets it grow at 4.4% compounded quarterly for 5 years; he then turns it into 40 equal quarterly withdrawals (first one a quarter later) at the same rate. How big is each?',
    plans: [
      'lump-sum amount=12000 rate=0.044/nominal/4 n=20 p=4 ?finalAmount',
      'drawing-down rate=0.044/nominal/4 n=40 p=4 final=0 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'For a flat-rate loan of $3,600 repayable in 18 monthly payments of $224, find the flat annual rate and the true nominal rate compounded monthly.',
    plans: ['borrowing amount=3600 n=18 p=12 payment=224 final=0 ?rate'],
    asks: ['nominalRate as:flat', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Oswin pays £640 a quarter for seven years into a fund earning 4.6% compounded quarterly. (i) How much has he at the end if he pays at the end of each quarter? (ii) And if he pays at the beginning?',
    plans: [
      'saving amount=0 rate=0.046/nominal/4 n=28 p=4 payment=640 ?finalAmount',
      'saving amount=0 rate=0.046/nominal/4 n=28 p=4 payment=640 beginning ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1'],
  },
  {
    text: 'In the contract: "Amount 8 400; charge 5.5 % flat p.a.; term 2½ years; equal monthly parts." One part? Total charge?',
    plans: ['flat amount=8400 rate=0.055/flat n=30 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'At age 30 Lucan Weir begins to pay £2,400 a year into a pension, at the end of each year, at 5% effective, up to age 65. What is the pension pot at 65?',
    plans: ['saving amount=0 rate=0.05/effective/1 n=35 p=1 payment=2400 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'After taking 36 withdrawals of £700 at month-end from an account which earned 4.2% compounded monthly, a sculptor finds £5,000 left. What did the account hold at the start?',
    plans: ['drawing-down rate=0.042/nominal/12 n=36 p=12 payment=700 final=5000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "Amortize $4,500 over six half-yearly payments at 8% compounded half-yearly. What's the payment, the interest in the third payment and the balance after the fourth?",
    plans: ['borrowing amount=4500 rate=0.08/nominal/2 n=6 p=2 final=0 ?payment'],
    asks: ['payment', 'interestIn from:3 to:3', 'balanceAfter k:4'],
  },
  {
    text: 'How much does a saver who begins with $900 and adds $45 each week (at its end) have after 3 years at 4.16% compounded weekly? What part of this is interest?',
    plans: ['saving amount=900 rate=0.0416/nominal/52 n=156 p=52 payment=45 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'For a loan of £30,000 at 5.88% compounded monthly the bank asks monthly payments of £400. How many payments are full, and what is the odd last one? How much interest does the bank get in all?',
    plans: ['borrowing amount=30000 rate=0.0588/nominal/12 p=12 payment=400 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment', 'totalInterest'],
  },
  {
    text: 'For sixteen years Mildred saves $260 at each month-end. In the twenty years after that she wants equal withdrawals, at the end of each month, until nothing is left. All at 5.1% convertible monthly. a) sum saved b) monthly withdrawal c) interest credited during the twenty years',
    plans: [
      'saving amount=0 rate=0.051/nominal/12 n=192 p=12 payment=260 ?finalAmount',
      'drawing-down rate=0.051/nominal/12 n=240 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1', 'totalInterest@1'],
  },
  {
    text: 'A boat engine costs £5,900. Deposit 15%, then add-on interest at 7.5% a year on the balance, over two and a half years, monthly payments. 1) deposit 2) amount of interest 3) monthly payment 4) equivalent nominal rate, compounded monthly, on the reducing balance',
    plans: ['flat price=5900 down=885 amount=5015 rate=0.075/flat n=30 p=12 final=0 ?payment'],
    asks: ['downPayment', 'financeCharge', 'payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'The loan: $150,000, 25 years, j12 = 5.7%. Payments monthly, at the end. After ten years the payments are suspended for a year, while interest goes on; the debt must be gone at the original date. What is the payment at first, what is owed after the pause, and what is the payment then?',
    plans: ['borrowing amount=150000 rate=0.057/nominal/12 n=300 p=12 final=0 skip@120:12/payments ?payment'],
    asks: ['payment', 'balanceAfter k:132', 'payment after:132'],
  },
  {
    text: 'LEASE: 36 rentals of $410 in advance, buy-out $6,500 at the end. LOAN: $18,900 price, 36 payments in arrears at 8.1% compounded monthly. (a) Rate built into the lease (nominal, monthly). (b) Loan payment. (c) Which costs less in total, and by how much?',
    plans: [
      'leasing amount=18900 n=36 p=12 payment=410 beginning final=6500 ?rate',
      'borrowing amount=18900 rate=0.081/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'Elspeth pays half of her monthly mortgage payment every fortnight instead. Mortgage £120,000, 20 years, 4.8% compounded monthly. (a) Monthly payment, to the penny. (b) Number of fortnightly payments. (c) Years saved.',
    plans: [
      'borrowing amount=120000 rate=0.048/nominal/12 n=240 p=12 final=0 ?payment',
      'borrowing amount=120000 rate=0.048/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['payment', 'payments@1', 'difference of:years between:[0,1]'],
  },
  {
    text: 'At which nominal rate compounded monthly does $13,500 need 54 payments of $302 (month-end)? At that rate, how much would be owed after two years, and how large a loan could be had for $350 a month over the same 54 months?',
    plans: [
      'borrowing amount=13500 n=54 p=12 payment=302 final=0 ?rate',
      'borrowing n=54 p=12 payment=350 final=0 ?amount',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'balanceAfter k:24', 'amount@1'],
  },
  {
    text: 'A scholarship fund. Savings: €400 at the end of each quarter for ten years at 4 % compounded quarterly. After that no more is paid in, the rate goes up to 5 % compounded quarterly and the fund stays for three years. What is in it (a) after ten years, (b) after thirteen?',
    plans: [
      'saving amount=0 rate=0.04/nominal/4 n=40 p=4 payment=400 ?finalAmount',
      'lump-sum rate=0.05/nominal/4 n=12 p=4 ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1'],
  },
  {
    text: 'A loan of £28,000 at 6.9% compounded monthly runs for 60 months. In year 3, how much interest and how much principal are paid? And what remains to be paid in instalments after year 3?',
    plans: ['borrowing amount=28000 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['interestIn from:25 to:36', 'principalIn from:25 to:36', 'leftToPay k:36'],
  },
  {
    text: 'How much interest is saved if a £16,000 loan at 8.7% compounded monthly is repaid in 36 rather than 60 monthly payments? And how much larger are the payments?',
    plans: [
      'borrowing amount=16000 rate=0.087/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=16000 rate=0.087/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['difference of:totalInterest between:[0,1]', 'difference of:payment between:[0,1]'],
  },
  {
    text: "The lodge's loan was $88,000 over 12 years at 6.9% compounded monthly. Today, straight after the 60th payment, it wants to know (a) its debt, (b) the sum of all payments to come, (c) the interest in that sum.",
    plans: ['borrowing amount=88000 rate=0.069/nominal/12 n=144 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:60', 'leftToPay k:60', 'interestIn from:61 to:144'],
  },
  {
    text: 'j12 = 7.2%; R = 350 at the end of each month; 5 years. A = ?',
    plans: ['borrowing rate=0.072/nominal/12 n=60 p=12 payment=350 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A workshop has €4 500 and puts €150 more aside at the end of each month. In how many months is €12 000 reached, at 3 % compounded monthly?',
    plans: ['saving amount=4500 rate=0.03/nominal/12 p=12 payment=150 final=12000 ?payments'],
    asks: ['payments'],
  },
  {
    text: '"Flat 9% a year for 18 months on £2,000" – find the interest charged, the monthly payment, and the nominal rate compounded monthly that it hides.',
    plans: ['flat amount=2000 rate=0.09/flat n=18 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: "The choir school is left $500,000 at 5% effective. Each year, at year's end, it gives out the same amount so that the money lasts 30 years. How much is handed out? How much is left after 20 years?",
    plans: ['drawing-down amount=500000 rate=0.05/effective/1 n=30 p=1 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: "A $14,000 car is bought with $2,000 down and the balance in 48 monthly payments. The dealer charges 7.9% compounded monthly; the credit union 6.4% compounded monthly. How much is saved each month, and in all, by taking the credit union's loan?",
    plans: [
      'borrowing price=14000 down=2000 amount=12000 rate=0.079/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=14000 down=2000 amount=12000 rate=0.064/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['difference of:payment between:[0,1]', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: "For twelve years £1,000 is deposited at the end of each year at 4% effective; for the next eight years £1,500. What's the final sum?",
    plans: ['saving amount=0 rate=0.04/effective/1 n=20 p=1 payment=1000 payment@12:500 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "A mill (built 1871) is bought for €310 000; 35 % is the buyers' own money. They borrow the rest over 18 years at 4,5 % compounded monthly, paying monthly in arrears. After 6 years, how much is still owed? What share of the first payment is interest, in euros?",
    plans: ['borrowing price=310000 down=108500 amount=201500 rate=0.045/nominal/12 n=216 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:72', 'interestIn from:1 to:1'],
  },
  {
    text: "For the first six years Orla pays in $90 at each month's end, for the last four years $140. The account earns 3.6% compounded monthly. How much is there at the end?",
    plans: ['saving amount=0 rate=0.036/nominal/12 n=120 p=12 payment=90 payment@72:50 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Deposits of $200 a month (end) for three years and of $300 a month for the two years after that earn 3% compounded monthly. Find the balance after the five years.',
    plans: ['saving amount=0 rate=0.03/nominal/12 n=60 p=12 payment=200 payment@36:100 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Kerensa Blythe buys a small kiln on credit for €3,950. She pays it off in 20 equal monthly payments, at the end of each month, at 11.4 % a year compounded monthly. What does she pay each time?',
    plans: ['borrowing price=3950 amount=3950 rate=0.114/nominal/12 n=20 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'What equal amounts at the beginning of each six months, for 9 years, at 4.4% compounded half-yearly, add up to £25,000?',
    plans: ['saving amount=0 rate=0.044/nominal/2 n=18 p=2 beginning final=25000 ?payment'],
    asks: ['payment'],
  },
  {
    text: "The Reedmace Trust gives £3,600 at the end of each half-year out of £70,000 invested at 5.2% compounded half-yearly. How many full gifts can it make, and what's the remainder paid half a year later?",
    plans: ['drawing-down amount=70000 rate=0.052/nominal/2 p=2 payment=3600 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'A debt of £25,000 is paid by yearly payments of £4,000 at 7% effective. Find the number of full payments and the smaller final one.',
    plans: ['borrowing amount=25000 rate=0.07/effective/1 p=1 payment=4000 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'Half-yearly deposits of 750, twelve of them, beginning of period, j2 = 3.6%. S?',
    plans: ['saving amount=0 rate=0.036/nominal/2 n=12 p=2 payment=750 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A rate of 5.85% a year compounded weekly is equivalent to which rate compounded monthly?',
    plans: ['convert rate=0.0585/nominal/52 p=12 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A mason borrows £14,000 for 5 years. For the first two years the rate is 6% compounded monthly, after that 7.5%. The payment is fixed anew so that the loan still ends on time. Both payments, please, and the balance at the change.',
    plans: ['borrowing amount=14000 rate=0.06/nominal/12 n=60 p=12 final=0 rate@24:0.075/payments ?payment'],
    asks: ['payment', 'payment after:24', 'balanceAfter k:24'],
  },
  {
    text: "Twelve hundred pounds a year, at the end of each year, for 20 years; effective 4.5%. What's it worth at the end of the 20 years, and today?",
    plans: [
      'borrowing rate=0.045/effective/1 n=20 p=1 payment=1200 final=0 ?amount',
      'saving amount=0 rate=0.045/effective/1 n=20 p=1 payment=1200 ?finalAmount',
    ],
    asks: ['finalAmount@1', 'amount'],
  },
  {
    text: "She saves $200 a month at month-end for 15 years at 4.8% compounded monthly. Then she takes out $900 at each month's end. How long does it last?",
    plans: [
      'saving amount=0 rate=0.048/nominal/12 n=180 p=12 payment=200 ?finalAmount',
      'drawing-down rate=0.048/nominal/12 p=12 payment=900 final=0 ?payments',
    ],
    asks: ['payments@1'],
  },
  {
    text: 'What will be on deposit after ten years if £75 is paid in on the first of each month and interest at 3.72% a year is credited monthly?',
    plans: ['saving amount=0 rate=0.0372/nominal/12 n=120 p=12 payment=75 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Twenty half-yearly deposits were made into a fund at 4.6% compounded half-yearly, each at the end of its half-year. The fund then held €50.000. How big were the deposits?',
    plans: ['saving amount=0 rate=0.046/nominal/2 n=20 p=2 final=50000 ?payment'],
    asks: ['payment'],
  },
  {
    text: "The sailmaker's loan: $19,400, 8.7% compounded monthly, 60 payments at month's end. By how much do the first 12 payments lower the debt? What fraction... no, what amount of the 13th payment is interest?",
    plans: ['borrowing amount=19400 rate=0.087/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['principalIn from:1 to:12', 'interestIn from:13 to:13'],
  },
  {
    text: 'What is the amount of an annuity due of €500 a quarter for 6 years at 5 % compounded quarterly?',
    plans: ['saving amount=0 rate=0.05/nominal/4 n=24 p=4 payment=500 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "What's the equal payment on each of the next 36 month-ends that has the same value as £8,000 today at 6.3% compounded monthly?",
    plans: ['borrowing amount=8000 rate=0.063/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Interest: 4% the first three years, 5% afterwards, both compounded yearly. What does £10,000 become in eight years?',
    plans: ['lump-sum amount=10000 rate=0.04/nominal/1 n=8 p=1 rate@3:0.05/payment ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Old Ferris owes £3,800 at 2% a month. He pays £150 at the end of each month. How much is left after a year? By how much has the debt gone down?',
    plans: ['borrowing amount=3800 rate=0.02/per-period/12 n=12 p=12 payment=150 ?finalAmount'],
    asks: ['balanceAfter k:12', 'principalIn from:1 to:12'],
  },
  {
    text: 'Equal payments of $1,275 at the end of each quarter were made for 6 years, then the rest of a $32,000 loan at 8% compounded quarterly was paid off with the last of them. How much was that rest?',
    plans: ['borrowing amount=32000 rate=0.08/nominal/4 n=24 p=4 payment=1275 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Five years after a 20-year mortgage of $190,000 at 5.88% compounded monthly was taken, the rate is renegotiated to 4.92% compounded monthly. The term stays the same. How much lower is the new monthly payment?',
    plans: ['borrowing amount=190000 rate=0.0588/nominal/12 n=240 p=12 final=0 rate@60:0.0492/payments ?payment'],
    asks: ['difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:60}}]'],
  },
  {
    text: "Helga's credit card debt of $4,700 grows at 21.6% compounded monthly. She pays $200 at the end of each month. When will it be paid off? What does it cost her in interest?",
    plans: ['borrowing amount=4700 rate=0.216/nominal/12 p=12 payment=200 final=0 ?payments'],
    asks: ['payments', 'totalInterest'],
  },
  {
    text: 'How much larger is the final value if £300 a month is saved for 15 years at the beginning rather than the end of each month, at 4.2% compounded monthly?',
    plans: [
      'saving amount=0 rate=0.042/nominal/12 n=180 p=12 payment=300 beginning ?finalAmount',
      'saving amount=0 rate=0.042/nominal/12 n=180 p=12 payment=300 ?finalAmount',
    ],
    asks: ['difference of:finalAmount between:[0,1]'],
  },
  {
    text: 'Deposits: $500 at the end of each month, 3 years. Withdrawals: begin one month after the last deposit, equal, monthly, 2 years. Rate 4.8% compounded monthly throughout. Find the withdrawal.',
    plans: [
      'saving amount=0 rate=0.048/nominal/12 n=36 p=12 payment=500 ?finalAmount',
      'drawing-down rate=0.048/nominal/12 n=24 p=12 final=0 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'What is the total of the payments on a loan of £5,400 at 9.6% compounded monthly over 24 months, and what would be saved by paying it over 18 months instead?',
    plans: [
      'borrowing amount=5400 rate=0.096/nominal/12 n=24 p=12 final=0 ?payment',
      'borrowing amount=5400 rate=0.096/nominal/12 n=18 p=12 final=0 ?payment',
    ],
    asks: ['totalPaid', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'For how long must £200 a month (in advance) be saved at 3% compounded monthly in order to buy a £10,000 organ? Answer in months.',
    plans: ['saving amount=0 rate=0.03/nominal/12 p=12 payment=200 beginning final=10000 ?payments'],
    asks: ['payments'],
  },
  {
    text: "At 5% effective a fund of £220,000 is to be used up by 12 equal yearly grants, the first in a year's time. After the 5th grant the rate falls to 4%. What are the grants at first, and what are they after the change?",
    plans: ['drawing-down amount=220000 rate=0.05/effective/1 n=12 p=1 final=0 rate@5:0.04/payments ?payment'],
    asks: ['payment', 'payment after:5'],
  },
  {
    text: 'Josefa has €75.000 at 3,72 % compounded monthly and withdraws €650 at the end of each month. How much is left after 6 years and for how many months in all can she go on withdrawing the full amount?',
    plans: ['drawing-down amount=75000 rate=0.0372/nominal/12 p=12 payment=650 final=0 ?payments'],
    asks: ['balanceAfter k:72', 'payments count:full'],
  },
  {
    text: "Interest rates rise. Ebba's €96 000 loan (18 years, 3.9% compounded monthly, monthly arrears) goes to 5.1% after 84 payments. If she keeps paying the same, how many payments are there in all?",
    plans: ['borrowing amount=96000 rate=0.039/nominal/12 n=216 p=12 final=0 rate@84:0.051/payment ?payment'],
    asks: ['payments'],
  },
  {
    text: 'How much does £150 a month, put in at the end of every month for 30 years, come to at 6% compounded monthly? How much at 7%?',
    plans: [
      'saving amount=0 rate=0.06/nominal/12 n=360 p=12 payment=150 ?finalAmount',
      'saving amount=0 rate=0.07/nominal/12 n=360 p=12 payment=150 ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1'],
  },
  {
    text: "A payment of $5,000 in 3 years' time is worth how much today at 7% compounded quarterly?",
    plans: ['lump-sum rate=0.07/nominal/4 n=12 p=4 final=5000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Grandfather Tobit gives his grandson £10,000, invested at 4.08% compounded monthly, with £100 to be taken at the end of each month. For how many months will that go on? Is there a smaller last sum, and how large is it?',
    plans: ['drawing-down amount=10000 rate=0.0408/nominal/12 p=12 payment=100 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'By depositing $2,000 at the end of every half-year for 15 years, one gets $85,000. What nominal rate, compounded half-yearly, is that? How much interest is earned?',
    plans: ['saving amount=0 n=30 p=2 payment=2000 final=85000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:2', 'totalInterest'],
  },
  {
    text: "Six years long the brass band can put £1 150 towards a loan at each quarter's end. Interest is 7.2 % a year, compounded quarterly. What is the biggest loan that it can take?",
    plans: ['borrowing rate=0.072/nominal/4 n=24 p=4 payment=1150 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A sum is to be laid aside now so that $60,000 is there in ten years for new organ pipes. It earns 3.9% a year effective. How large must the sum be?',
    plans: ['lump-sum rate=0.039/effective/1 n=10 p=1 final=60000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "Widow Hanne Sund puts the 48,000 dollars from her late husband's cutter into an account at 4.2% a year, convertible monthly, and means to use it up in seven years by taking out the same amount at each month's end. What amount is that?",
    plans: ['drawing-down amount=48000 rate=0.042/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Twenty deposits of 640, each at the end of a quarter, at j4 = 5%. Find S.',
    plans: ['saving amount=0 rate=0.05/nominal/4 n=20 p=4 payment=640 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'For four years a smith has twenty-two thousand pounds on loan at seven per cent per annum with monthly interest. Her repayments are equal and come at the end of every month. What is one of them?',
    plans: ['borrowing amount=22000 rate=0.07/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "Bettina Crane saves $150 a month for her boy's studies, the first time today, altogether 96 times, at 3.6% a year compounded monthly. What is the sum worth one month after the last payment?",
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=150 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'For the next 12 years old Mr. Dunnock would like to take £600 from his savings at the end of each month until nothing is left. Money earns 3.3% p.a., payable monthly. How much must his savings be today?',
    plans: ['drawing-down rate=0.033/nominal/12 n=144 p=12 payment=600 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'At 1.75% per month on the unpaid balance, what does a shop card charge per year, effectively?',
    plans: ['convert rate=0.0175/per-period/12 p=1 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: "Sixteen payments of two hundred and seventy-five pounds are still due, one at each quarter's end. Money being worth 6.4% with quarterly rests, what would they be worth in cash now?",
    plans: ['borrowing rate=0.064/nominal/4 n=16 p=4 payment=275 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: '(Spaces part the thousands, comma for decimals.) A loan of 48 000 runs for 7 years at 5,6 % a year compounded half-yearly. A payment falls due at the end of every second month. How much is each, and how much are all of them together?',
    plans: ['borrowing amount=48000 rate=0.056/nominal/2 n=42 p=6 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Someone can pay £260 at the end of each month over 4 years; a lender asks 10.2 % a year. The motor costs £14,250. What can be borrowed, and how much must the deposit be?',
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: 'A trust of $200,000 pays out an equal sum at the end of every half-year for ten years at 4.6% convertible half-yearly, and is to have $50,000 left when they are over. (Two parishes, five trustees.) What sum does it pay out?',
    plans: ['drawing-down amount=200000 rate=0.046/nominal/2 n=20 p=2 final=50000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'For eight years Ottilie wants to take out £2,500 at the beginning of each quarter, and to that end she saves for 12 years before, at the start of each month. The effective rate is 4% a year throughout, and in the end nothing is left. What must she save each month, and what must there be when the withdrawals begin?',
    plans: [
      'drawing-down rate=0.04/effective/1 n=32 p=4 payment=2500 beginning final=0 ?amount',
      'saving amount=0 rate=0.04/effective/1 n=144 p=12 beginning ?payment',
    ],
    asks: ['payment@1', 'amount'],
  },
  {
    text: 'On a $6,600 oven 20% is paid as a deposit; for the balance the flat rate is 8% per annum over three years, with monthly payments, the first after one month. Find 1. the monthly payment, 2. the interest charged, 3. the nominal annual rate compounded monthly of a reducing-balance loan with these payments, 4. the effective rate.',
    plans: ['flat price=6600 down=1320 amount=5280 rate=0.08/flat n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'A club saves $200 at the end of each month at 3.6% p.a. convertible monthly, and from the 37th deposit on $75 more. (a) What has it after eight years? (b) What had it when the deposit was raised? (c) What interest did it earn over the eight years?',
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=200 payment@36:75 ?finalAmount'],
    asks: ['finalAmount', 'balanceAfter k:36', 'totalInterest'],
  },
  {
    text: '18.900,00 € at 5,28 % compounding monthly is repaid monthly over six years, in arrears. After payment 20 nothing is paid for six months, but interest goes on; the loan still ends on the day first agreed. (a) What was the payment at first? (b) What is owed when the pause is over? (c) What is the payment afterwards?',
    plans: ['borrowing amount=18900 rate=0.0528/nominal/12 n=72 p=12 final=0 skip@20:6/payments ?payment'],
    asks: ['payment', 'balanceAfter k:26', 'payment after:26'],
  },
  {
    text: 'A slipway worth $125,000 is hired out against 40 quarterly payments in advance. Afterwards it will be worth $30,000. Its owner wants 8% a year effective. (a) How much must each payment be? (b) How much of his money is still tied up just after the 20th payment?',
    plans: ['leasing price=125000 amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: '"Fourteen thousand five hundred dollars," says the banker, "at 6.6% a year compounded monthly." The joiner signs; for five years he\'ll pay the bank the same amount each month, at its end. Which amount?',
    plans: ['borrowing amount=14500 rate=0.066/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'You owe $9,000 and pay back $725 each quarter, three months from now for the first time; the rate is 8% compounding quarterly. In how many payments is the debt cleared?',
    plans: ['borrowing amount=9000 rate=0.08/nominal/4 p=4 payment=725 final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: "What must one have today in order to take out £600 at each month's end during the next 12 years, at 3.3% p.a. payable monthly?",
    plans: ['drawing-down rate=0.033/nominal/12 n=144 p=12 payment=600 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: "How often must $325 be paid in full, at each month's end, on a debt of $10,400 at 11.4 % a year compounded monthly? And what is left to be paid a month after the last full payment?",
    plans: ['borrowing amount=10400 rate=0.114/nominal/12 p=12 payment=325 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'For an $18,000 dome a society saves during three years, each month on the first day, at an effective annual rate of 5.2 percent. Find the monthly saving.',
    plans: ['saving amount=0 rate=0.052/effective/1 n=36 p=12 beginning final=18000 ?payment'],
    asks: ['payment'],
  },
  {
    text: '£1,100 is saved already; £95 more is put in at the end of each fortnight, and the account pays 3.9 % a year compounded fortnightly. How many deposits will it take until there is £9,000 or more?',
    plans: ['saving amount=1100 rate=0.039/nominal/26 p=26 payment=95 final=9000 ?payments'],
    asks: ['payments'],
  },
  {
    text: "She can afford £260 a month, at month's end, for 4 years. How much will a bank lend her at 10.2 % a year, and how much must she put down on a motor that costs £14,250?",
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: 'At the end of each quarter € 500,00 was paid in, 28 times; then there were € 17.250,00. Find the quarterly rate of interest and the effective annual rate.',
    plans: ['saving amount=0 n=28 p=4 payment=500 final=17250 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate'],
  },
  {
    text: "Forty equal payments at month's end repay 12 600 € at 0,65 % a month. What is one payment? After sixteen of them, how much do the rest add up to?",
    plans: ['borrowing amount=12600 rate=0.0065/per-period/12 n=40 p=12 final=0 ?payment'],
    asks: ['payment', 'leftToPay k:16'],
  },
  {
    text: "First find the monthly payment, at month's end, on $37,250 over 6 years at 5¾ percent a year charged monthly; then what is owed after two years, and the total of the payments that remain.",
    plans: ['borrowing amount=37250 rate=0.0575/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:24', 'leftToPay k:24'],
  },
  {
    text: 'Of the $410,000 for a ramp, $125,000 comes from the county. The rest is a twelve-year loan at 4.74% compounded monthly with payments at the end of each quarter. Find the payment, and by how much the debt is reduced by the first four payments.',
    plans: ['borrowing price=410000 down=125000 amount=285000 rate=0.0474/nominal/12 n=48 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:4'],
  },
  {
    text: "A ten-year loan of $68,000 at 5.4 % compounded monthly is repaid at each month's end. Three years later (after 36 payments) the bank raises the rate to 6.6 %; the loan must still be gone after ten years. Find (a) the payment before, (b) the balance at the rise, (c) the payment after it, (d) the total interest.",
    plans: ['borrowing amount=68000 rate=0.054/nominal/12 n=120 p=12 final=0 rate@36:0.066/payments ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'payment after:36', 'totalInterest'],
  },
  {
    text: "Maker's offer: $22,000 over 48 months at 3.9% compounded monthly. Credit union's offer: the price falls by $1,500, and the loan costs 6.9% compounded monthly over 48 months. (Month-end payments.) Find both payments. Which offer is cheaper in total, and by how much?",
    plans: [
      'borrowing amount=22000 rate=0.039/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=22000 rebate=1500 amount=20500 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: "A loan of $24,000 at 10.8 % compounded monthly is paid by 60 payments at month's end. After 28 of them a second lender pays it off, puts a fee of $250 on top, and charges 7.5 % compounded monthly over the 32 payments left. (a) First loan's payment? (b) Balance paid off? (c) Second loan's payment? (d) How much is saved over the remaining term?",
    plans: [
      'borrowing amount=24000 rate=0.108/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=250 rate=0.075/nominal/12 n=32 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:28',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:28}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'On signing a lease for a roller worth £9,850 one pays £850 and the first of 47 monthly rentals of £178; one month after the last rental one may buy it for £2,400. What nominal annual rate compounded monthly is charged? What effective rate? If one buys, what is the finance charge?',
    plans: ['leasing price=9850 down=850 amount=9000 n=47 p=12 payment=178 beginning final=2400 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'financeCharge'],
  },
  {
    text: "A 20-year loan of €150,000 at effective 3.6 % a year is repaid monthly at month's end. In addition to the 60th payment €20,000 is repaid, with the term unchanged. Find the payment from payment 61 on and the interest over the whole twenty years.",
    plans: ['borrowing amount=150000 rate=0.036/effective/1 n=240 p=12 final=0 extra@60:20000/payments ?payment'],
    asks: ['payment after:60', 'totalInterest'],
  },
  {
    text: 'Decimal comma. A loan of 85.000 € at 5,25 % a year compounded quarterly, quarterly payments in arrears for eight years, leaves 25.000 € to be paid with the last payment. Find a) the payment, b) the balance after 12 payments, c) the total of everything paid, d) the interest.',
    plans: ['borrowing amount=85000 rate=0.0525/nominal/4 n=32 p=4 final=25000 ?payment'],
    asks: ['payment', 'balanceAfter k:12', 'totalPaid', 'totalInterest'],
  },
  {
    text: "Somebody owes $13,200 at 8.7 % compounded monthly and pays $275 at month's end; after 18 payments he pays $335. (a) Number of payments in all? (b) Last payment? (c) Payments saved by the increase? (d) Interest saved?",
    plans: ['borrowing amount=13200 rate=0.087/nominal/12 p=12 payment=275 final=0 payment@18:60 ?payments'],
    asks: [
      'payments',
      'lastPayment',
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: "A mortgage of $90,000 at 6 % compounded monthly has payments reckoned over 30 years, at month's end, but falls due in full after seven years, with payment 84. (a) Payment? (b) What is outstanding after payment 84? (c) What does the last payment come to, including it?",
    plans: [
      'borrowing amount=90000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=90000 rate=0.06/nominal/12 n=84 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'A farmer reckons that he can put by £1 150 at the end of every quarter to serve a loan. The loan is to run six years at 7.2 % a year, compounded quarterly. How large may it be?',
    plans: ['borrowing rate=0.072/nominal/4 n=24 p=4 payment=1150 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Eight years ago a legacy of £3 200 was put into an account paying a nominal 4.5 % a year, credited half-yearly. It has not been touched. What is it worth now?',
    plans: ['lump-sum amount=3200 rate=0.045/nominal/2 n=16 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: '$60,000 will be wanted in ten years. At an effective annual 3.9%, what is the sum to be put away now?',
    plans: ['lump-sum rate=0.039/effective/1 n=10 p=1 final=60000 ?amount'],
    asks: ['amount'],
  },
  {
    text: '(Continental style.) A monthly saver: 125,00 €, month-end, 6 years, 2,4 % a year compounded monthly. What balance results?',
    plans: ['saving amount=0 rate=0.024/nominal/12 n=72 p=12 payment=125 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Calculate the amount of 20 deposits of 640 at the end of each quarter, interest 5% payable quarterly.',
    plans: ['saving amount=0 rate=0.05/nominal/4 n=20 p=4 payment=640 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Find the capital that provides £600 at the end of every month for 12 years at 3.3% p.a. payable monthly and is then exhausted.',
    plans: ['drawing-down rate=0.033/nominal/12 n=144 p=12 payment=600 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Find j12 if $5,000 accumulates to $6,341.21 in six years.',
    plans: ['lump-sum amount=5000 n=72 p=12 final=6341.21 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: '$30,000 is financed after $6,000 has been paid on a price of $36,000. If the rate is 6 % compounded monthly, what is each of the 120 monthly payments?',
    plans: ['borrowing price=36000 down=6000 amount=30000 rate=0.06/nominal/12 n=120 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'How much cash now is equivalent to sixteen payments of two hundred and seventy-five pounds, due at the ends of the next sixteen quarters, at 6.4% with quarterly rests?',
    plans: ['borrowing rate=0.064/nominal/4 n=16 p=4 payment=275 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Amount borrowed: $31,000. APR: 6.9%, monthly rests. Installments: 72, monthly, in arrears. Compute (a) the installment, (b) what is owed after the 30th, (c) the interest over the whole term.',
    plans: ['borrowing amount=31000 rate=0.069/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:30', 'totalInterest'],
  },
  {
    text: 'A bank lends at 10.2 % a year. What can it lend to somebody who pays £260 at the end of each month for 4 years? The motor that he would like costs £14,250: what deposit does he need?',
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: '$17,300 is lent at 6.3% a year, interest monthly, and $450 a month is paid in advance. Find the exact number of payments, and how many there are if the last may be smaller.',
    plans: ['borrowing amount=17300 rate=0.063/nominal/12 p=12 payment=450 beginning final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'A $410,000 ramp is paid for with $125,000 from the county and a loan for the rest, over twelve years at 4.74% compounded monthly with equal payments at the end of each quarter. What is the quarterly payment, and what do the first four payments take off the debt?',
    plans: ['borrowing price=410000 down=125000 amount=285000 rate=0.0474/nominal/12 n=48 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:4'],
  },
  {
    text: 'Ferdinand borrowed $24,000 at 10.8 % compounded monthly for 60 months, payments in arrears. He now has 32 payments left. Another lender offers to take over the balance plus a $250 fee at 7.5 % compounded monthly over the 32 payments. (a) What does he pay now? (b) What is the balance? (c) What would he pay the new lender? (d) What would he save in all?',
    plans: [
      'borrowing amount=24000 rate=0.108/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=250 rate=0.075/nominal/12 n=32 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:28',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:28}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: "Ringers save $200 at each month's end, at 3.6% p.a. convertible monthly. After three years they save $75 more each month. Find (a) what they have after eight years, (b) what they had after three years, (c) the interest in eight years.",
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=200 payment@36:75 ?finalAmount'],
    asks: ['finalAmount', 'balanceAfter k:36', 'totalInterest'],
  },
  {
    text: 'Mireille pays $275 at the end of each month on $13,200 at 8.7 % a year compounded monthly. With the 19th payment she begins to pay $60 more. What is the number of payments? What is the last payment? By how many payments is the loan shortened, and how much interest is saved?',
    plans: ['borrowing amount=13200 rate=0.087/nominal/12 p=12 payment=275 final=0 payment@18:60 ?payments'],
    asks: [
      'payments',
      'lastPayment',
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: "A pump costing $54,000 can be leased for $930 at the start of each month for 60 months and then bought for $9,000, or it can be bought now with a loan at 7.8 percent compounded monthly, repaid in 60 payments at month's end. (a) At what nominal rate compounded monthly is the lease? (b) What does the loan cost a month? (c) Which takes less money in all? (d) How much less?",
    plans: [
      'leasing price=54000 amount=54000 n=60 p=12 payment=930 beginning final=9000 ?rate',
      'borrowing price=54000 amount=54000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'The owner of a slipway worth $125,000 hires it out for 40 quarterly payments in advance. He wants 8% effective and reckons with $30,000 for the slipway in the end. (a) What is the payment? (b) What is still tied up straight after the 20th?',
    plans: ['leasing price=125000 amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'For $12k at 6.5 % compounded monthly, find the monthly payment and the total interest over three years, and the same over five. How much more interest does the longer loan cost?',
    plans: [
      'borrowing amount=12000 rate=0.065/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=12000 rate=0.065/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest', 'payment@1', 'totalInterest@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'How large does £3 200 become in eight years at 4.5 % nominal, compounded twice a year?',
    plans: ['lump-sum amount=3200 rate=0.045/nominal/2 n=16 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "How much put aside today becomes $60,000 in ten years' time at 3.9% effective?",
    plans: ['lump-sum rate=0.039/effective/1 n=10 p=1 final=60000 ?amount'],
    asks: ['amount'],
  },
  {
    text: '£2,400 is taken on hire at a flat rate, 5% per annum, over two years. Equal payments are made monthly. What is each?',
    plans: ['flat amount=2400 rate=0.05/flat n=24 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'How much will weekly savings of $18 (end of week) at 2.6 % a year, compounded weekly, have grown to after 2 years?',
    plans: ['saving amount=0 rate=0.026/nominal/52 n=104 p=52 payment=18 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A borrower clears $11,700 in 3 years by paying the same amount once a fortnight, in a fortnight for the first time, at 7.8 percent a year. What amount?',
    plans: ['borrowing amount=11700 rate=0.078/nominal/26 n=78 p=26 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Someone has the right to sixteen payments of two hundred and seventy-five pounds, one at the end of every quarter. At 6.4% with quarterly rests, for how much may he sell it today?',
    plans: ['drawing-down rate=0.064/nominal/4 n=16 p=4 payment=275 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Drawing £1,450 at the start of every month, beginning today, how much of £160,000 at 3.84% a year (compounded monthly) will a pilot still have in six years, just before he draws again?',
    plans: ['drawing-down amount=160000 rate=0.0384/nominal/12 n=72 p=12 payment=1450 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "The van's price is $27,400. Deduct $4,150 for the old van and $2,250 paid in cash; add a paperwork fee of $180. The amount is repaid at an APR of 7.25 % compounded monthly in 60 monthly payments in arrears. What is the amount? What is the payment?",
    plans: [
      'borrowing price=27400 down=2250 trade=4150 fees=180 amount=21180 rate=0.0725/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment'],
  },
  {
    text: 'Each quarter, at its end, € 500,00 is deposited; after 28 deposits the account holds € 17.250,00. What is the rate per quarter? And the effective annual rate?',
    plans: ['saving amount=0 n=28 p=4 payment=500 final=17250 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate'],
  },
  {
    text: 'To have $32,500 in eight years, equal amounts go into a sinking fund at the end of every half-year at 5.5 % compounded monthly. What amount each time? How much interest in total?',
    plans: ['saving amount=0 rate=0.055/nominal/12 n=16 p=2 final=32500 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'With $700 up front and $350 for the old one, a piano listed at $8,200 is leased against 36 payments of $199 (end of month) at 6.6% compounded monthly. What must be paid with the last payment to become its owner?',
    plans: [
      'leasing price=8200 down=700 trade=350 amount=7150 rate=0.066/nominal/12 n=36 p=12 payment=199 ?finalAmount',
    ],
    asks: ['finalAmount'],
  },
  {
    text: "Into a fund at 4,8 % capitalised monthly 310 € is paid at the end of each month for twenty years. Then the fund pays out an equal sum at each month's end for fifteen years and is exhausted. a) What does it contain after the twenty years? b) What is the monthly sum? c) What interest is earned in the fifteen years?",
    plans: [
      'saving amount=0 rate=0.048/nominal/12 n=240 p=12 payment=310 ?finalAmount',
      'drawing-down rate=0.048/nominal/12 n=180 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1', 'totalInterest@1'],
  },
  {
    text: 'Pump: $54,000. Lease: 60 payments of $930 at the start of each month, then $9,000 to buy. Loan: 7.8 percent compounded monthly, 60 payments at the end of each month. (a) Nominal rate, compounded monthly, of the lease? (b) Payment of the loan? (c) Which is less in all? (d) By how much?',
    plans: [
      'leasing amount=54000 n=60 p=12 payment=930 beginning final=9000 ?rate',
      'borrowing amount=54000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'A slipway is let for 40 quarters against quarterly payments in advance. It is worth $125,000 now and $30,000 when the lease ends; the lessor earns 8% effective. (a) Find the payment. (b) Find what is still tied up right after the 20th payment.',
    plans: ['leasing price=125000 amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'A workshop grants £5,400 for 30 months, payments monthly in arrears, either at 6.5% flat per annum or at 11.4% a year compounded monthly. Find each payment. Which is the cheaper, and by how much in total? What rate, compounded monthly, is the flat offer?',
    plans: [
      'flat amount=5400 rate=0.065/flat n=30 p=12 final=0 ?payment',
      'borrowing amount=5400 rate=0.114/nominal/12 n=30 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
      'nominalRate compoundingsPerYear:12',
    ],
  },
  {
    text: "$90,000 is lent at 6 % compounded monthly. The monthly payment, at month's end, is computed over 30 years, but the balance falls due after seven years together with payment 84. Find the payment, the balance then due and the whole of the last payment.",
    plans: [
      'borrowing amount=90000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=90000 rate=0.06/nominal/12 n=84 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'Find j4 equivalent to an effective 6.17 % a year.',
    plans: ['convert rate=0.0617/effective/1 p=1 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'A lessee pays $389 on the first of each month, 48 times; afterwards the forklift is worth $4,000. At 9% per annum compounding monthly what is it worth at the beginning?',
    plans: ['leasing rate=0.09/nominal/12 n=48 p=12 payment=389 beginning final=4000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "The buyer of a £14,250 motor can pay at most £260 a month (month-end) over 4 years; the bank's rate is 10.2 %. What is the largest loan, and what deposit is then needed?",
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: '$410,000 less a grant of $125,000 is borrowed for twelve years at 4.74% compounded monthly; the loan is repaid quarterly in arrears. Find the payment and the principal repaid by the first four payments.',
    plans: ['borrowing price=410000 down=125000 amount=285000 rate=0.0474/nominal/12 n=48 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:4'],
  },
  {
    text: 'What fund is needed to take out £2,500 at the start of each quarter for eight years? What must be saved at the start of each month for 12 years before that to build it up? The account pays 4% effective.',
    plans: [
      'drawing-down rate=0.04/effective/1 n=32 p=4 payment=2500 beginning final=0 ?amount',
      'saving amount=0 rate=0.04/effective/1 n=144 p=12 beginning ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'For a slipway on which he spent $125,000 a builder asks 40 quarterly payments in advance. It will be worth $30,000 afterwards. He wants 8% a year effective. (a) What is the payment? (b) What has he still invested right after the 20th payment?',
    plans: ['borrowing price=125000 amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'A loan of $12k at 6.5 % compounded monthly can be paid off over three years or over five. State each monthly payment, each total of interest and the extra interest of the longer loan.',
    plans: [
      'borrowing amount=12000 rate=0.065/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=12000 rate=0.065/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'totalInterest', 'totalInterest@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A $60,000 loan at 5.7% compounded monthly is repaid monthly over 15 years, in arrears. After 5 years the borrower repays an extra $8,000 and leaves the payment as it was. When is the loan repaid (which payment), and what is saved in interest?',
    plans: ['borrowing amount=60000 rate=0.057/nominal/12 n=180 p=12 final=0 extra@60:8000/payment ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: "Saving $350 a month in advance for 18 years at 5.4% compounded monthly, a couple then draws equal monthly sums at each month's end for 20 years at the same rate. How much is saved? How much can be drawn each month?",
    plans: [
      'saving amount=0 rate=0.054/nominal/12 n=216 p=12 payment=350 beginning ?finalAmount',
      'drawing-down rate=0.054/nominal/12 n=240 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'At 5.1% compounded monthly, the present value of 84 month-end payments is £20,000. What is the payment?',
    plans: ['borrowing amount=20000 rate=0.051/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A loan is repaid by 16 quarterly payments of £980 in arrears at 7.6% compounded quarterly. After the ninth payment, what is still owed, and how much of the tenth is interest?',
    plans: ['borrowing rate=0.076/nominal/4 n=16 p=4 payment=980 final=0 ?amount'],
    asks: ['balanceAfter k:9', 'interestIn from:10 to:10'],
  },
  {
    text: "Corbin Ashe needs £8,250 for a forge. He can have it for 42 months at 8.94% a year compounded monthly and pays at each month's end. Find his payment. What will he have paid in all?",
    plans: ['borrowing amount=8250 rate=0.0894/nominal/12 n=42 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Deposits of £85 are made at the end of each fortnight for four years at 3.9% compounded fortnightly. How much interest is there in the final balance?',
    plans: ['saving amount=0 rate=0.039/nominal/26 n=104 p=26 payment=85 ?finalAmount'],
    asks: ['totalInterest'],
  },
  {
    text: 'A lessor buys a digger for $92,000 and leases it for 48 months, in advance, residual $25,000. He wants 9% compounded monthly. (a) Rental? (b) What is still tied up after the 24th rental? (c) Total of the rentals?',
    plans: ['leasing price=92000 amount=92000 rate=0.09/nominal/12 n=48 p=12 beginning final=25000 ?payment'],
    asks: ['payment', 'balanceAfter k:24', 'totalPaid only:payments'],
  },
  {
    text: 'Alma owes £14,000 at 8.4% compounded monthly, repaid over 5 years. She misses payments 13 to 15. What is her debt after the 15th due date and what must she pay from the 16th on to finish on time?',
    plans: ['borrowing amount=14000 rate=0.084/nominal/12 n=60 p=12 final=0 skip@12:3/payments ?payment'],
    asks: ['balanceAfter k:15', 'payment after:15'],
  },
  {
    text: '34 children play in a band that pays $85 into an account every month-end. How much money will there be after three years, given interest of 3 % a year compounded monthly?',
    plans: ['saving amount=0 rate=0.03/nominal/12 n=36 p=12 payment=85 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Six years ago somebody bought a certificate for $5,000; today it is worth $6,341.21. What nominal rate, compounded monthly, has it paid?',
    plans: ['lump-sum amount=5000 n=72 p=12 final=6341.21 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'An $11,700 loan at 7.8 percent p.a. compounded fortnightly is to be repaid by fortnightly payments over 3 years. How much is due each fortnight, starting a fortnight from today?',
    plans: ['borrowing amount=11700 rate=0.078/nominal/26 n=78 p=26 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A scholarship is to be awarded every year for 18 years, starting right now, from an endowment of $130,000 which earns 5 % effective a year. How big can it be if the endowment may be spent completely?',
    plans: ['drawing-down amount=130000 rate=0.05/effective/1 n=18 p=1 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'If 1.75% a month is charged on an outstanding balance, what is the annual percentage yield (effective annual rate)?',
    plans: ['convert rate=0.0175/per-period/12 p=12 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'A loft sells for $36,000. A buyer who has $6,000 in hand takes a loan for the remainder, at 6 % compounded monthly over 120 months. What are his monthly payments?',
    plans: ['borrowing price=36000 down=6000 amount=30000 rate=0.06/nominal/12 n=120 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A lessor buys a glaze mixer worth £18,600, counts on selling it for 30 % of that after 36 months, and wants 7.5 % nominal, compounded monthly. What rental must he charge at the start of each month?',
    plans: ['leasing price=18600 amount=18600 rate=0.075/nominal/12 n=36 p=12 beginning final=5580 ?payment'],
    asks: ['payment'],
  },
  {
    text: "The rate on the choir's loan of 48 000 is 5,6 % a year compounded half-yearly. It is repaid every two months, in arrears, over 7 years. How much is a payment and how much are all the payments together?",
    plans: ['borrowing amount=48000 rate=0.056/nominal/2 n=42 p=6 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: "An account with $3,500 in it earns 4.05 % a year compounded daily. At every month's end another $240 goes in. Find what the account holds after 4½ years, and the interest it has earned.",
    plans: ['saving amount=3500 rate=0.0405/nominal/365 n=54 p=12 payment=240 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: '£160,000 is invested at 3.84% a year, compounded monthly. Immediately, and then at the start of every month, £1,450 is withdrawn. Determine what remains at the end of six years.',
    plans: ['drawing-down amount=160000 rate=0.0384/nominal/12 n=72 p=12 payment=1450 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "A customer can pay £260 at the end of each month for 4 years. The lender's rate is 10.2 % a year, compounded monthly. (a) How much will he lend her? (b) How large a deposit does she need for a motor costing £14,250?",
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: 'Five trustees have $200,000 to look after. Equal sums are to go out at the end of each half-year for ten years, and $50,000 is to be left after the last. At 4.6% convertible half-yearly, what is each sum?',
    plans: ['drawing-down amount=200000 rate=0.046/nominal/2 n=20 p=2 final=50000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Ferdinand borrowed $24,000 for 60 months at 10.8 % compounded monthly, payable in arrears. With 32 payments left, another lender offers to take over the loan at 7.5 % compounded monthly for the same 32 payments and adds a fee of $250 to the balance. What was he paying? What balance is taken over? What will he pay? How much does he save in all?',
    plans: [
      'borrowing amount=24000 rate=0.108/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=250 rate=0.075/nominal/12 n=32 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:28',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:28}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'The payment on a £41,300 loan (6.24% nominal, monthly rests, 96 month-end payments) is computed by formula and rounded to the nearest penny. Find that payment. How much interest and how much principal do payments 37 to 48 contain? What is the sum of the payments due after number 48?',
    plans: ['borrowing amount=41300 rate=0.0624/nominal/12 n=96 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:37 to:48', 'principalIn from:37 to:48', 'leftToPay k:48'],
  },
  {
    text: "The ringers save $200 a month, at month's end, at 3.6% p.a. compounded monthly. After three years they increase the monthly deposit by $75. What was in the account at the time of the increase? What will be in it after eight years? How much interest is that?",
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=200 payment@36:75 ?finalAmount'],
    asks: ['balanceAfter k:36', 'finalAmount', 'totalInterest'],
  },
  {
    text: 'A graduate repays 18.900,00 € over six years at the end of each month, at 5,28 % compounding monthly. After 20 payments he pays nothing for six months, during which interest is added. He then pays a new amount so as to finish within the six years. What did he pay at first? What did he owe after the six months? What does he pay then?',
    plans: ['borrowing amount=18900 rate=0.0528/nominal/12 n=72 p=12 final=0 skip@20:6/payments ?payment'],
    asks: ['payment', 'balanceAfter k:26', 'payment after:26'],
  },
  {
    text: '£33 000 is repaid by 84 payments of £490.20 at the end of each month. (i) Which annual rate compounded monthly is this? (ii) What loan would payments of £550 repay at this rate and over this time? (iii) How much of the first loan is outstanding after three years?',
    plans: [
      'borrowing amount=33000 n=84 p=12 payment=490.2 final=0 ?rate',
      'borrowing n=84 p=12 payment=550 final=0 ?amount',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'amount@1', 'balanceAfter k:36'],
  },
  {
    text: 'A $54,000 pump may be leased, for 60 payments of $930 at the beginning of each month and a purchase price of $9,000 at the end, or bought with a loan for the full price at 7.8 percent compounded monthly, repaid by 60 payments at the end of each month. Find the nominal rate, compounded monthly, implied by the lease; the loan payment; the option with the smaller total outlay; and the difference.',
    plans: [
      'leasing price=54000 amount=54000 n=60 p=12 payment=930 beginning final=9000 ?rate',
      'borrowing price=54000 amount=54000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'Eight years ago a savings bond was bought for £3 200. It carries a nominal 4.5 % a year, credited every half-year and left to accumulate. Give its value now.',
    plans: ['lump-sum amount=3200 rate=0.045/nominal/2 n=16 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'For a roof costing $60,000, due for replacement ten years hence, a museum sets a sum aside at once. It earns 3.9% a year (effective). How large is the sum?',
    plans: ['lump-sum rate=0.039/effective/1 n=10 p=1 final=60000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'What will the mast fund of a radio club hold in 2 years if the members (there are 41 of them) pay in $18 at the end of each week and 2.6 % a year is added weekly?',
    plans: ['saving amount=0 rate=0.026/nominal/52 n=104 p=52 payment=18 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: '36 rentals, monthly and in advance; a mixer worth £18,600; at the end 30 % of this as residual; 7.5 % nominal, compounded monthly. How large is a rental?',
    plans: ['leasing price=18600 amount=18600 rate=0.075/nominal/12 n=36 p=12 beginning final=5580 ?payment'],
    asks: ['payment'],
  },
  {
    text: '$450 in hand, then $209 a month for 24 months (the first in one month), buys a loom marked $4,950; a $60 set-up fee is put on top of the loan. What is the nominal rate, compounded monthly?',
    plans: ['borrowing price=4950 down=450 fees=60 amount=4560 n=24 p=12 payment=209 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'At the end of each month $325 is paid on a debt of $10,400 that is charged 11.4 % a year, monthly. Find how many payments of $325 there are and what is paid a month after them to clear the debt.',
    plans: ['borrowing amount=10400 rate=0.114/nominal/12 p=12 payment=325 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'If Bram, 66, takes $2,000 from his $75,000 at the end of each quarter, and the remainder earns 4.4% p.a. capitalised quarterly, how long, in years, will he have money?',
    plans: ['drawing-down amount=75000 rate=0.044/nominal/4 p=4 payment=2000 final=0 ?payments'],
    asks: ['years'],
  },
  {
    text: '48 payments of $389 at the start of each month and a residual value of $4,000 at the end: to what value on delivery do these correspond at 9% per annum compounding monthly?',
    plans: ['leasing rate=0.09/nominal/12 n=48 p=12 payment=389 beginning final=4000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'What can be borrowed at 10.2 % a year by someone able to repay £260 at the end of each month for 4 years? How much has this person to put down on a motor at £14,250?',
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: '€ 500,00 has been deposited at each of 28 quarter-ends. The account has € 17.250,00 in it. At what rate of interest per quarter, and at what effective annual rate?',
    plans: ['saving amount=0 n=28 p=4 payment=500 final=17250 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate'],
  },
  {
    text: "A lender lets you have 12 600 € at 0,65 % a month on what is outstanding and you give back forty equal payments at each month's end. How much is one? When sixteen are paid, what is the sum of those to come?",
    plans: ['borrowing amount=12600 rate=0.0065/per-period/12 n=40 p=12 final=0 ?payment'],
    asks: ['payment', 'leftToPay k:16'],
  },
  {
    text: 'Somebody saves £40 every two weeks, beginning today, for five years. The effective annual rate is 3.25 %. Find what he has after five years, what he paid in and what interest he earned.',
    plans: ['saving amount=0 rate=0.0325/effective/1 n=130 p=26 payment=40 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalPaid', 'totalInterest'],
  },
  {
    text: "$125,000 of the $410,000 that a ramp costs comes from the county. The rest is a loan over twelve years at 4.74% compounded monthly with equal payments at each quarter's end. What is a payment? By how much do the first four reduce the debt?",
    plans: ['borrowing price=410000 down=125000 amount=285000 rate=0.0474/nominal/12 n=48 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:4'],
  },
  {
    text: '$68,000, ten years, monthly payments in arrears, 5.4 % a year compounded monthly. Right after payment 36 the rate goes up to 6.6 %; the loan still ends on schedule. What was the payment? What was then owed? What does the payment become? What interest is paid altogether?',
    plans: ['borrowing amount=68000 rate=0.054/nominal/12 n=120 p=12 final=0 rate@36:0.066/payments ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'payment after:36', 'totalInterest'],
  },
  {
    text: '£26,500 is repaid in 72 equal month-end instalments at 7.2 percent compounded monthly. If £4,000 more is paid with instalment 24, and the instalment is kept the same, how many instalments are spared and how much interest?',
    plans: ['borrowing amount=26500 rate=0.072/nominal/12 n=72 p=12 final=0 extra@24:4000/payment ?payment'],
    asks: [
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'A roller valued at £9,850 is leased: £850 and the first rental on signing, 47 rentals of £178 a month altogether, and £2,400 to buy it one month after the last. What is the nominal annual rate, compounded monthly? And the effective one? How much is the finance charge if it is bought?',
    plans: ['leasing price=9850 down=850 amount=9000 n=47 p=12 payment=178 beginning final=2400 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'financeCharge'],
  },
  {
    text: '85.000 € at 5,25 % a year compounded quarterly is repaid by quarterly payments in arrears during eight years, except for 25.000 €, which is paid with the last of them. a) What is a payment? b) What is owed after the 12th? c) What is paid in all, the 25.000 € included? d) What is the interest?',
    plans: ['borrowing amount=85000 rate=0.0525/nominal/4 n=32 p=4 final=25000 ?payment'],
    asks: ['payment', 'balanceAfter k:12', 'totalPaid', 'totalInterest'],
  },
  {
    text: "The aquarium can lease a pump priced at $54,000 by paying $930 at the beginning of each of 60 months and $9,000 at the end to own it; or it can borrow the price at 7.8 percent compounded monthly and repay it by 60 payments at month's end. (a) The lease's nominal rate, compounded monthly? (b) The loan's payment? (c) Which of the two takes less money altogether? (d) By how much?",
    plans: [
      'leasing price=54000 amount=54000 n=60 p=12 payment=930 beginning final=9000 ?rate',
      'borrowing price=54000 amount=54000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'An owner puts $125,000 into a slipway. It is hired out for 40 quarterly payments in advance, after which it is worth $30,000. If he wants 8% a year effective, how much must each payment be, and what does he still have in it just after the 20th payment?',
    plans: ['leasing amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'The beekeeper owes $4,300 at 13.2% compounded daily and pays $96 at the end of each month. Find the exact number of payments, the debt after one year, the last (smaller) payment, and the total interest.',
    plans: ['borrowing amount=4300 rate=0.132/nominal/365 p=12 payment=96 final=0 ?payments'],
    asks: ['payments', 'balanceAfter k:12', 'lastPayment', 'totalInterest'],
  },
  {
    text: "£5,400 is to be repaid in 30 monthly payments, the first after a month. The workshop's flat rate is 6.5% per annum. Its other rate is 11.4% a year, compounded monthly, on what is owed. What is the payment at each? Which is cheaper? How much cheaper in total? To what rate, compounded monthly, is the flat rate equal?",
    plans: [
      'flat amount=5400 rate=0.065/flat n=30 p=12 final=0 ?payment',
      'borrowing amount=5400 rate=0.114/nominal/12 n=30 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
      'nominalRate compoundingsPerYear:12',
    ],
  },
  {
    text: 'A loan of $90,000 at 6 % compounded monthly has month-end payments worked out for 30 years, but all that is outstanding is due with payment 84, after seven years. What is the payment? What is outstanding after payment 84? What is paid on that day in all?',
    plans: [
      'borrowing amount=90000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=90000 rate=0.06/nominal/12 n=84 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'A loan with a principal of 12,800 is amortized with monthly payments over 4 years at 5.4% compounded monthly. Calculate the size of the payments if they are made at the end of each month.',
    plans: ['borrowing amount=12800 rate=0.054/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A 48 000 loan at 5,6 % compounded semi-annually is amortized over 7 years with payments at the end of every two months. What is the size of the payments and what is the total amount paid?',
    plans: ['borrowing amount=48000 rate=0.056/nominal/2 n=42 p=6 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Juniper, who has $3,500 in the bank, deposits another $240 at the end of every month. If the bank pays 4.05 % compounded daily, how much will she have after 4½ years? How much of that will be interest?',
    plans: ['saving amount=3500 rate=0.0405/nominal/365 n=54 p=12 payment=240 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'Corin borrowed $10,400 at 11.4 % compounded monthly. He makes payments of $325 at the end of each month for as long as necessary and a smaller concluding payment one month later. How many full payments are there? How much is the concluding payment?',
    plans: ['borrowing amount=10400 rate=0.114/nominal/12 p=12 payment=325 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'What beginning-of-month deposit will accumulate to $18,000 in three years at an effective rate of 5.2 percent?',
    plans: ['saving amount=0 rate=0.052/effective/1 n=36 p=12 beginning final=18000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Upon retirement a pilot put £160,000 into a fund which credits 3.84% compounded monthly. From it he takes £1,450 at the beginning of every month, starting immediately. What is the balance in the fund after six years?',
    plans: ['drawing-down amount=160000 rate=0.0384/nominal/12 n=72 p=12 payment=1450 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A bakery trades its old van, valued at $4,150, for a new one with a price of $27,400, and makes a down payment of $2,250. A $180 paperwork fee is included in the amount financed. The financing is at 7.25 % compounded monthly with end-of-month payments for 60 months. Find the amount financed and the monthly payment.',
    plans: [
      'borrowing price=27400 down=2250 trade=4150 fees=180 amount=21180 rate=0.0725/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment'],
  },
  {
    text: 'A loan of 12 600 € is to be repaid with forty monthly payments, in arrears, at 0,65 % per month. What is the payment? After sixteen payments, what is the total of the remaining ones?',
    plans: ['borrowing amount=12600 rate=0.0065/per-period/12 n=40 p=12 final=0 ?payment'],
    asks: ['payment', 'leftToPay k:16'],
  },
  {
    text: 'A $37,250 loan at 5¾ percent compounded monthly is repaid over 6 years by equal payments at the end of each month. Calculate the monthly payment, the balance outstanding at the end of two years, and the total of the payments remaining at that time.',
    plans: ['borrowing amount=37250 rate=0.0575/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:24', 'leftToPay k:24'],
  },
  {
    text: '£40 is deposited at the beginning of every two-week period for five years in a society that pays an effective annual rate of 3.25 %. How much is in the account at the end? How much was deposited? How much interest was earned?',
    plans: ['saving amount=0 rate=0.0325/effective/1 n=130 p=26 payment=40 beginning ?finalAmount'],
    asks: ['finalAmount', 'totalPaid', 'totalInterest'],
  },
  {
    text: "Ferdinand's 60-month, $24,000 loan at 10.8 % compounded monthly has month-end payments. When 32 payments are left he refinances the balance, plus a $250 fee, at 7.5 % compounded monthly, keeping the remaining number of payments. Find his original payment, the balance refinanced, his new payment and the total amount he saves.",
    plans: [
      'borrowing amount=24000 rate=0.108/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=250 rate=0.075/nominal/12 n=32 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:28',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:28}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'An aquarium can lease a $54,000 pump for 60 months at $930 per month, payable in advance, with an option to buy it for $9,000 at the end. Alternatively, it can borrow $54,000 at 7.8 percent compounded monthly and make 60 end-of-month payments. (a) Calculate the nominal rate compounded monthly of the lease. (b) Calculate the loan payment. (c) Which alternative requires less money in total? (d) By how much?',
    plans: [
      'leasing price=54000 amount=54000 n=60 p=12 payment=930 beginning final=9000 ?rate',
      'borrowing amount=54000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'A £5,400 loan can be repaid over 30 months by end-of-month payments either at a flat rate of 6.5% per annum or at 11.4% compounded monthly on the reducing balance. Calculate the payment for each option. Which is cheaper and by what total amount? What nominal rate compounded monthly corresponds to the flat rate?',
    plans: [
      'flat amount=5400 rate=0.065/flat n=30 p=12 final=0 ?payment',
      'borrowing amount=5400 rate=0.114/nominal/12 n=30 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
      'nominalRate compoundingsPerYear:12',
    ],
  },
  {
    text: 'For eight years nobody touched £3 200 that had been put on deposit at a nominal 4.5 % a year, interest twice a year. To what sum had it grown by then?',
    plans: ['lump-sum amount=3200 rate=0.045/nominal/2 n=16 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A card at 1.75% per month costs how much per year, effectively?',
    plans: ['convert rate=0.0175/per-period/12 p=12 ?rate'],
    asks: ['effectiveRate'],
  },
  {
    text: 'Of the $36,000 for their loft the sail makers have $6,000. A bank lends them what they lack, at 6 % compounded monthly, and they repay it over 120 months. What do they pay each month?',
    plans: ['borrowing price=36000 down=6000 amount=30000 rate=0.06/nominal/12 n=120 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The mixer: £18,600. The lease: 36 months, rent due at the start of the month, 7.5 % nominal, comp. monthly. The residual at the end: 30 % of the value. The rent: ?',
    plans: ['leasing amount=18600 rate=0.075/nominal/12 n=36 p=12 beginning final=5580 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A shop charges $4,950 for a loom. Whoever pays $450 now may pay the rest, to which a set-up fee of $60 is added, in 24 monthly sums of $209, the first after one month. Which nominal rate, compounded monthly, is the shop taking?',
    plans: ['borrowing price=4950 down=450 fees=60 amount=4560 n=24 p=12 payment=209 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A fund of £160,000 pays 3.84% a year, monthly. At the start of each month, from today on, £1,450 is drawn from it. How big is it six years from now?',
    plans: ['drawing-down amount=160000 rate=0.0384/nominal/12 n=72 p=12 payment=1450 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Deposit 10%, then 30 equal monthly payments, with a flat 6% per annum on the balance: those are the terms for a trike at £3,480. How much is the interest, how much is a payment, and how much does the trike cost with the deposit?',
    plans: ['flat price=3480 down=348 amount=3132 rate=0.06/flat n=30 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'How much of her 64.500,00 € loan will Alma still owe in five years if she pays 820,00 € at the end of each month and 4,95 % a year is charged monthly?',
    plans: ['borrowing amount=64500 rate=0.0495/nominal/12 n=60 p=12 payment=820 ?finalAmount'],
    asks: ['balanceAfter k:60'],
  },
  {
    text: "With £260 at each month's end for 4 years to spend on a loan at 10.2 % a year, how large a loan can one get? And if the motor is £14,250, how much has to be paid down?",
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: 'Twenty-four equal monthly payments repay £2,880 and the £432 that is charged on it. Payment? Flat rate per annum?',
    plans: ['flat charge=432 amount=2880 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate as:flat'],
  },
  {
    text: "Twenty years of saving 310 € at each month's end at 4,8 % capitalised monthly, then fifteen years of drawing an equal sum at each month's end at the same rate until nothing is left. How much has been saved up when the drawing starts? How much is drawn each time? How much interest is earned while drawing?",
    plans: [
      'saving amount=0 rate=0.048/nominal/12 n=240 p=12 payment=310 ?finalAmount',
      'drawing-down rate=0.048/nominal/12 n=180 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1', 'totalInterest@1'],
  },
  {
    text: 'Wilhelmina wants £2,500 at the beginning of each quarter for eight years, the first 12 years from now. Her account yields an effective 4% a year. How much must be in it by then, and how much must she pay in at the start of every month until then?',
    plans: [
      'drawing-down rate=0.04/effective/1 n=32 p=4 payment=2500 beginning final=0 ?amount',
      'saving amount=0 rate=0.04/effective/1 n=144 p=12 beginning ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: "Barnaby's bank asks for month-end payments over 25 years on $182,000 at 5.4% compounded monthly. What is the payment, to the cent? Paying half as much every two weeks, how many such payments would he make, and how many years would he need?",
    plans: [
      'borrowing amount=182000 rate=0.054/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=182000 rate=0.054/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['payment', 'payments@1', 'years@1'],
  },
  {
    text: '€150,000 over twenty years at an effective 3.6 % a year, with payments at the end of each month. When the 60th is paid, €20,000 more is paid. The end date stays. How large are the payments after that? And how much interest is there in the twenty years?',
    plans: ['borrowing amount=150000 rate=0.036/effective/1 n=240 p=12 final=0 extra@60:20000/payments ?payment'],
    asks: ['payment after:60', 'totalInterest'],
  },
  {
    text: 'At 3.6% p.a. convertible monthly, ringers pay in $200 at the end of each month for three years and $275 at the end of each month for five years more. What is in the fund after three years? What after eight? How much interest has been earned in the eight years?',
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=200 payment@36:75 ?finalAmount'],
    asks: ['balanceAfter k:36', 'finalAmount', 'totalInterest'],
  },
  {
    text: "Interest 6 % compounded monthly, $90,000, payments at month's end as for a 30-year loan; but after seven years, with the 84th payment, the whole balance is called. Payment? Balance called? Total of that last payment?",
    plans: [
      'borrowing amount=90000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=90000 rate=0.06/nominal/12 n=84 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'A museum must find $60,000 in ten years. To what present sum does this correspond at 3.9% effective?',
    plans: ['lump-sum rate=0.039/effective/1 n=10 p=1 final=60000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Three years long a band of 34 players has paid $85 into an account at the end of every month. The bank has credited 3 % annually, each month a twelfth of it. How much can be withdrawn now?',
    plans: ['saving amount=0 rate=0.03/nominal/12 n=36 p=12 payment=85 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Comma as decimal mark: if 125,00 € is put into savings at the end of every month, and 2,4 % a year credited each month, how much will have been saved up after 6 years?',
    plans: ['saving amount=0 rate=0.024/nominal/12 n=72 p=12 payment=125 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'An annuity has 20 payments of 640, made at the end of each quarter; j4 = 5%. What is its amount?',
    plans: ['saving amount=0 rate=0.05/nominal/4 n=20 p=4 payment=640 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A potter leases a glaze mixer for 36 months and pays at the start of each. Its value is £18,600, of which 30 % will be left at the end (the residual). The lease is reckoned at 7.5 % nominal, comp. monthly. What is the monthly rental?',
    plans: ['leasing price=18600 amount=18600 rate=0.075/nominal/12 n=36 p=12 beginning final=5580 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'For a rate of 7.3%, compounded 365 times a year, calculate the effective annual rate and the monthly rate.',
    plans: ['convert rate=0.073/nominal/365 p=12 ?rate'],
    asks: ['effectiveRate', 'ratePerPayment'],
  },
  {
    text: 'How many deposits of £95, made at the end of each fortnight, bring £1,100 to £9,000 or more, with 3.9 % a year compounded fortnightly?',
    plans: ['saving amount=1100 rate=0.039/nominal/26 p=26 payment=95 final=9000 ?payments'],
    asks: ['payments'],
  },
  {
    text: "A clerk lends at 10.2 % a year. A customer can repay £260 at each month's end for 4 years. How much can the clerk let her have? What must she pay down on a motor for £14,250?",
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: '28 quarterly deposits of € 500,00 in arrears amounted to € 17.250,00. Work out the rate per quarter and the effective annual rate.',
    plans: ['saving amount=0 n=28 p=4 payment=500 final=17250 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate'],
  },
  {
    text: "12 600 € is repaid in forty equal sums at month's end, at 0,65 % a month. How large is such a sum, and what do the sums still to come add up to after sixteen?",
    plans: ['borrowing amount=12600 rate=0.0065/per-period/12 n=40 p=12 final=0 ?payment'],
    asks: ['payment', 'leftToPay k:16'],
  },
  {
    text: '£432 is charged on a loan of £2,880 and both are paid back in 24 equal monthly payments. How large is each? What flat rate does the lender use?',
    plans: ['flat charge=432 amount=2880 n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate as:flat'],
  },
  {
    text: 'The dryers have to repay $37,250 in 6 years at 5¾ percent a year, interest monthly, paying at the end of the month. What is the payment? How much do they owe after two years? How much in payments have they still before them then?',
    plans: ['borrowing amount=37250 rate=0.0575/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:24', 'leftToPay k:24'],
  },
  {
    text: '36 months, $199 at the end of each, $700 at the start, $350 for an old upright: on these terms a piano listed at $8,200 is leased, at 6.6% compounded monthly. What must be paid as a residual together with the last payment?',
    plans: [
      'leasing price=8200 down=700 trade=350 amount=7150 rate=0.066/nominal/12 n=36 p=12 payment=199 ?finalAmount',
    ],
    asks: ['finalAmount'],
  },
  {
    text: 'A ramp costing $410,000 is paid for by the county ($125,000) and by a loan at 4.74% compounded monthly, repaid at the end of every quarter for twelve years. How much is each payment and by how much do the first four of them lower the debt?',
    plans: ['borrowing price=410000 down=125000 amount=285000 rate=0.0474/nominal/12 n=48 p=4 final=0 ?payment'],
    asks: ['payment', 'principalIn from:1 to:4'],
  },
  {
    text: 'Of 85.000 € borrowed at 5,25 % a year compounded quarterly, 25.000 € is to be repaid with the last of the quarterly payments, which are made in arrears for eight years. Work out a) the payment, b) the debt after 12 payments, c) the sum of all that is paid, with the 25.000 €, d) the interest.',
    plans: ['borrowing amount=85000 rate=0.0525/nominal/4 n=32 p=4 final=25000 ?payment'],
    asks: ['payment', 'balanceAfter k:12', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'For eight years ringers save at the end of each month at 3.6% p.a. convertible monthly: $200 for the first three years, then $75 more. What do they have at the end? What did they have after three years? How much interest did they earn?',
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=200 payment@36:75 ?finalAmount'],
    asks: ['finalAmount', 'balanceAfter k:36', 'totalInterest'],
  },
  {
    text: "For a pump priced at $54,000 there are two possibilities. Leasing: 60 rents of $930 in advance each month, and $9,000 at the end to buy. Borrowing the price: 7.8 percent compounded monthly, 60 month-end payments. Find the lease's nominal rate (compounded monthly), the loan payment, the possibility that takes less money, and the difference.",
    plans: [
      'leasing price=54000 amount=54000 n=60 p=12 payment=930 beginning final=9000 ?rate',
      'borrowing price=54000 amount=54000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'A slipway, in which its owner has put $125,000, will be worth $30,000 after a hire of 40 quarters, paid quarterly in advance. At what payment does he make 8% a year effective? After the 20th payment, how much of his money has he not yet got back?',
    plans: ['leasing amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'A lender sets month-end payments on $90,000 at 6 % compounded monthly as if it ran for 30 years, but wants all that is outstanding after seven years, along with payment 84. Find the payment, what is outstanding then, and the whole of what is paid on that day.',
    plans: [
      'borrowing amount=90000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=90000 rate=0.06/nominal/12 n=84 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'Twelve neighbours share a well pump that must be replaced one day. At the end of every month they put $85 together into an account paying 3 % a year, compounded monthly. How much do they have after three years?',
    plans: ['saving amount=0 rate=0.03/nominal/12 n=36 p=12 payment=85 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: '(Decimal comma.) A moped is financed with 7.200,00 € over 3 years. The dealer charges a flat 4,5 % per annum on the full amount. How much does he charge in total?',
    plans: ['flat amount=7200 rate=0.045/flat n=36 p=12 final=0 ?payment'],
    asks: ['financeCharge'],
  },
  {
    text: 'A florist buys a delivery van for $27,400. The dealer takes her old one for $4,150, and she pays $2,250 in cash. A fee of $180 is added to the loan, which runs for 60 months at 7.25 % a year compounded monthly, with payments at the end of each month. What amount does she finance, and what is her monthly payment?',
    plans: [
      'borrowing price=27400 down=2250 trade=4150 fees=180 amount=21180 rate=0.0725/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment'],
  },
  {
    text: 'Tuva repays a loan of $17,300 with payments of $450 at the beginning of each month. The rate is 6.3% a year, compounded monthly. How many payments does she have to make? Give the exact (fractional) number.',
    plans: ['borrowing amount=17300 rate=0.063/nominal/12 p=12 payment=450 beginning final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'In 12 years Birgit wants to begin withdrawing £2,500 at the beginning of each quarter, for eight years. Her account pays an effective 4% a year. How much does she need at the time of the first withdrawal? How much does she have to save at the beginning of each month for the next 12 years?',
    plans: [
      'drawing-down rate=0.04/effective/1 n=32 p=4 payment=2500 beginning final=0 ?amount',
      'saving amount=0 rate=0.04/effective/1 n=144 p=12 beginning ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'A nurse repays a study loan of 18.900,00 € over six years at 5,28 % compounded monthly, with payments at the end of each month. After the twentieth payment she is allowed to pay nothing for six months; interest continues to be added. The loan must still be repaid within the original six years. What is her original payment? How much does she owe at the end of the pause? What does she have to pay from then on?',
    plans: ['borrowing amount=18900 rate=0.0528/nominal/12 n=72 p=12 final=0 skip@20:6/payments ?payment'],
    asks: ['payment', 'balanceAfter k:26', 'payment after:26'],
  },
  {
    text: 'A mortgage of $90,000 at 6 % compounded monthly is amortized over 30 years with payments at the end of each month, but it falls due after seven years, together with the 84th payment. Find the monthly payment, the outstanding balance that falls due, and the total amount paid on that day.',
    plans: [
      'borrowing amount=90000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing amount=90000 rate=0.06/nominal/12 n=84 p=12 ?finalAmount',
    ],
    asks: ['payment', 'finalAmount@1', 'lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'Sum needed: $60,000, in ten years. Rate: 3.9% effective. Required: the sum to be invested today.',
    plans: ['lump-sum rate=0.039/effective/1 n=10 p=1 final=60000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "Pension: £600 at each month's end, 12 years. Interest: 3.3% p.a. payable monthly. Nothing is to be left. Capital needed today: ?",
    plans: ['drawing-down rate=0.033/nominal/12 n=144 p=12 payment=600 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Weekly saving: $18, end of week. Interest: 2.6 % a year, added weekly. After 2 years: ?',
    plans: ['saving amount=0 rate=0.026/nominal/52 n=104 p=52 payment=18 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Van: $27,400\nTrade-in: $4,150\nCash down: $2,250\nFee (financed): $180\n60 monthly payments, end of month\n7.25 % compounded monthly\na) Amount financed b) Monthly payment',
    plans: [
      'borrowing price=27400 down=2250 trade=4150 fees=180 amount=21180 rate=0.0725/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment'],
  },
  {
    text: 'Lease of a forklift: 48 monthly payments of $389 in advance; residual $4,000; 9% per annum compounding monthly. Value at the start = ?',
    plans: ['leasing rate=0.09/nominal/12 n=48 p=12 payment=389 beginning final=4000 ?amount'],
    asks: ['amount'],
  },
  {
    text: '28 deposits of € 500,00 at quarter-end; balance then € 17.250,00. Rate per quarter? Effective annual rate?',
    plans: ['saving amount=0 n=28 p=4 payment=500 final=17250 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate'],
  },
  {
    text: 'Loan $68,000, ten years, month-end payments, 5.4 % compounded monthly. After payment 36: rate 6.6 % (monthly), end date unchanged.\n(a) Payment before the change\n(b) Balance at the change\n(c) Payment after the change\n(d) Total interest',
    plans: ['borrowing amount=68000 rate=0.054/nominal/12 n=120 p=12 final=0 rate@36:0.066/payments ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'payment after:36', 'totalInterest'],
  },
  {
    text: 'Loan $182,000, 25 years, 5.4% compounded monthly, month-end payments.\n(a) Payment, to the cent.\n(b) Half of it is paid every two weeks instead: number of payments?\n(c) Years?',
    plans: [
      'borrowing amount=182000 rate=0.054/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=182000 rate=0.054/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['payment', 'payments@1', 'years@1'],
  },
  {
    text: 'Debt $13,200; 8.7 % a year, monthly; $275 at the end of each month; from payment 19 on $60 more. Find the number of payments (last one smaller), the last payment, the payments saved and the interest saved.',
    plans: ['borrowing amount=13200 rate=0.087/nominal/12 p=12 payment=275 final=0 payment@18:60 ?payments'],
    asks: [
      'payments',
      'lastPayment',
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'Pump $54,000.\nLease: 60 payments of $930 in advance, then buy for $9,000.\nLoan: 7.8 percent compounded monthly, 60 month-end payments.\n(a) Nominal rate of the lease, compounded monthly (b) Loan payment (c) Which takes less money? (d) How much less?',
    plans: [
      'leasing amount=54000 n=60 p=12 payment=930 beginning final=9000 ?rate',
      'borrowing amount=54000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least',
      'difference of:totalPaid between:[0,1]',
    ],
  },
  {
    text: 'Lease: 40 quarterly payments in advance; value now $125,000, at the end $30,000; yield 8% effective. Payment? Outstanding right after the 20th payment?',
    plans: ['leasing price=125000 amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: '(Spaces part the thousands; decimal comma.) For its 48 000 the theatre pays 5,6 % a year, compounded half-yearly, and clears the debt in 7 years with a payment at the end of every other month. What is it? What do all the payments come to?',
    plans: ['borrowing amount=48000 rate=0.056/nominal/2 n=42 p=6 final=0 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'A $4,950 spinning wheel can be had for $450 now and $209 at the end of each of the next 24 months; $60 for setting up the credit is added to what is lent. Which nominal yearly rate, compounded monthly, does the seller earn?',
    plans: ['borrowing price=4950 down=450 fees=60 amount=4560 n=24 p=12 payment=209 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Nominal 7.3%, compounded daily (a year has 365 days): which effective annual rate and which rate per month belong to it?',
    plans: ['convert rate=0.073/nominal/365 p=12 ?rate'],
    asks: ['effectiveRate', 'ratePerPayment'],
  },
  {
    text: 'Corin Vale pays $325 at the end of every month on what he owes, $10,400 at 11.4 % a year, charged to his account monthly. How many payments of this size are there, and what is the smaller one that closes the account a month after them?',
    plans: ['borrowing amount=10400 rate=0.114/nominal/12 p=12 payment=325 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'A hearse for the undertaker of Tern Island\n• price $27,400\n• the old one taken in part exchange for $4,150\n• $2,250 in cash\n• $180 for the papers, put on the loan\n• the rest over 60 months, first payment in one month, at an APR of 7.25 % compounded monthly\nHow much is financed? What is the payment?',
    plans: [
      'borrowing price=27400 down=2250 trade=4150 fees=180 amount=21180 rate=0.0725/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment'],
  },
  {
    text: '$21k over 5 yr, 8.4% p.a. comp. monthly, monthly in arrears. Payment? Interest during the 2nd year? Principal repaid during it?',
    plans: ['borrowing amount=21000 rate=0.084/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:13 to:24', 'principalIn from:13 to:24'],
  },
  {
    text: 'You lend at 10.2 % a year. Somebody can pay you £260 at the end of each month for 4 years and wants a motor costing £14,250. What can you lend, and what must that somebody therefore have in hand as a deposit?',
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: 'Two parishes argued about a legacy of $200,000 for 18 months. It is now a trust earning 4.6% convertible half-yearly; at the end of every half-year, for ten years, it pays out equal sums, and $50,000 is to be in hand when the last is paid. How large is such a sum?',
    plans: ['drawing-down amount=200000 rate=0.046/nominal/2 n=20 p=2 final=50000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Kelp dryers borrowed $37,250 on which a yearly 5¾ percent is charged monthly; they pay at the end of each month, 6 years in all. What do they owe at the end of two years, and what is the sum of the payments that then remain? (The payment is to be found first.)',
    plans: ['borrowing amount=37250 rate=0.0575/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:24', 'leftToPay k:24', 'payment'],
  },
  {
    text: 'If £4,000 from a legacy goes in on top of the 24th of 72 equal instalments, paid in arrears each month on £26,500 at 7.2 percent compounded monthly, and the instalment stays what it was, by how many payments is the loan shortened and how much interest is spared?',
    plans: ['borrowing amount=26500 rate=0.072/nominal/12 n=72 p=12 final=0 extra@24:4000/payment ?payment'],
    asks: [
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'A coach with 17 seats costs $22,000. OFFER A: its maker finances all of it over 48 months at 3.9% compounded monthly. OFFER B: the maker takes off $1,500 and a credit union lends the rest over 48 months at 6.9% compounded monthly. Payments fall at the end of the month. What are both payments? Which offer costs less in all, and how much less?',
    plans: [
      'borrowing price=22000 amount=22000 rate=0.039/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=22000 rebate=1500 amount=20500 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: '20% of the $6,600 for a smokehouse oven is paid as a deposit; for the balance there are flat-rate terms: 8% per annum, three years, monthly payments, the first a month after the purchase.\n1. What is the payment?\n2. What is the interest?\n3. With the same payments, what would the nominal annual rate, compounded monthly, of a reducing-balance loan be?\n4. And the effective rate?',
    plans: ['flat price=6600 down=1320 amount=5280 rate=0.08/flat n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge', 'nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Having 32 of his 60 monthly payments still to make (in arrears, on $24,000 at 10.8 % compounded monthly), Ferdinand Crake goes to a second lender, who takes over the balance, puts a fee of $250 on it and charges 7.5 % compounded monthly over the remaining payments. (a) What was he paying? (b) What balance was taken over? (c) What does he pay now? (d) How much does he save over the rest of the term?',
    plans: [
      'borrowing amount=24000 rate=0.108/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=250 rate=0.075/nominal/12 n=32 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:28',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:28}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: "(Comma for decimals, point for thousands.) A shipyard borrows 85.000 € at 5,25 % a year, compounded quarterly, pays at each quarter's end for eight years, and then, with the last payment, a final lump of 25.000 €. a) How much is a payment? b) How much is owed after 12 of them? c) How much is paid in all, the lump included? d) How much interest is that?",
    plans: ['borrowing amount=85000 rate=0.0525/nominal/4 n=32 p=4 final=25000 ?payment'],
    asks: ['payment', 'balanceAfter k:12', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'Eleven ringers save $200 at the end of each month at 3.6% p.a. convertible monthly. From the 37th deposit on, that is once three years are over, each deposit is $75 larger. (a) What have they got after eight years? (b) What had they got when the deposit went up? (c) What interest have they earned by the end?',
    plans: ['saving amount=0 rate=0.036/nominal/12 n=96 p=12 payment=200 payment@36:75 ?finalAmount'],
    asks: ['finalAmount', 'balanceAfter k:36', 'totalInterest'],
  },
  {
    text: "Piers Gullane's student loan is 18.900,00 €; he repays it monthly, in arrears, over six years, at 5,28 % compounding monthly. When twenty payments are made he is granted a pause: for six months he pays nothing, but interest keeps being added. The six years first agreed are kept. (a) What was the payment before the pause? (b) What is the debt at its end? (c) What must he pay from then on?",
    plans: ['borrowing amount=18900 rate=0.0528/nominal/12 n=72 p=12 final=0 skip@20:6/payments ?payment'],
    asks: ['payment', 'balanceAfter k:26', 'payment after:26'],
  },
  {
    text: '$4,300 was lent to a beekeeper at 13.2% compounded daily. "I can spare $96 at the end of every month," she says. (a) How many payments is that, exactly? (b) How much does she owe when a year is over? (c) How large is the smaller payment at the end? (d) How much has the credit cost her?',
    plans: ['borrowing amount=4300 rate=0.132/nominal/365 p=12 payment=96 final=0 ?payments'],
    asks: ['payments', 'balanceAfter k:12', 'lastPayment', 'totalInterest'],
  },
  {
    text: 'A £250,000 mortgage at 5.2% compounded monthly is amortized over 30 years with month-end payments. (a) What is the payment? (b) How much is owed after 10 years? (c) If the rate rises to 6.1% at that point, what is the new payment for the remaining 20 years?',
    plans: ['borrowing amount=250000 rate=0.052/nominal/12 n=360 p=12 final=0 rate@120:0.061/payments ?payment'],
    asks: ['payment', 'balanceAfter k:120', 'payment after:120'],
  },
  {
    text: 'Which is the better investment: a certificate paying 4.85% compounded quarterly, or one paying 4.82% compounded monthly? Compare their effective annual rates.',
    plans: ['convert rate=0.0485/nominal/4 p=4 ?rate', 'convert rate=0.0482/nominal/12 p=12 ?rate'],
    asks: ['choice by:effectiveRate want:most', 'effectiveRate', 'effectiveRate@1'],
  },
  {
    text: 'An investor deposits $15,000 and withdraws $1,000 at the end of each half-year. The account pays 5% compounded semi-annually. How many full withdrawals can be made, and what is the final smaller withdrawal?',
    plans: ['drawing-down amount=15000 rate=0.05/nominal/2 p=2 payment=1000 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'A dentist leases a chair with a list price of $8,200. She pays $700 on signing, is allowed $350 for her old chair, and makes 36 payments of $199 at the end of each month. If the lease rate is 6.6% compounded monthly, what residual value is left to pay at the end?',
    plans: [
      'leasing price=8200 down=700 trade=350 amount=7150 rate=0.066/nominal/12 n=36 p=12 payment=199 ?finalAmount',
    ],
    asks: ['finalAmount'],
  },
  {
    text: 'A £41,300 loan at 6.24% compounded monthly has 96 month-end payments, which are calculated by formula and rounded to the nearest penny. (a) How large is the payment? (b) How much interest do payments 37 to 48 contain? (c) How much principal do they contain? (d) What is the sum of all the payments due after the 48th?',
    plans: ['borrowing amount=41300 rate=0.0624/nominal/12 n=96 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:37 to:48', 'principalIn from:37 to:48', 'leftToPay k:48'],
  },
  {
    text: 'A lessee pays £850 plus the first rental when the lease for a £9,850 machine is signed. In all there are 47 monthly rentals of £178. One month after the last rental the lessee can buy the machine for £2,400. Find the nominal annual rate compounded monthly, the effective rate, and the finance charge if the machine is bought.',
    plans: ['leasing price=9850 down=850 amount=9000 n=47 p=12 payment=178 beginning final=2400 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate', 'financeCharge'],
  },
  {
    text: 'A lessor buys an excavator for $125,000 and leases it out for 40 quarterly payments in advance. He expects it to be worth $30,000 at the end of the lease and wants an effective return of 8% a year. What quarterly payment should he ask? How much of his investment has not been recovered right after the 20th payment?',
    plans: ['leasing price=125000 amount=125000 rate=0.08/effective/1 n=40 p=4 beginning final=30000 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: "48,000 dollars are to last seven years, with an equal sum drawn at each month's end, while 4.2% a year (convertible monthly) is earned on the rest. What is the sum?",
    plans: ['drawing-down amount=48000 rate=0.042/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Quarter after quarter, $725 is sent in payment of $9,000, on which 8% is charged, compounding quarterly. The first payment falls three months after the loan. With how many is it repaid?',
    plans: ['borrowing amount=9000 rate=0.08/nominal/4 p=4 payment=725 final=0 ?payments'],
    asks: ['payments'],
  },
  {
    text: '6.17 % effective: which rate, nominal and compounded quarterly, comes to the same?',
    plans: ['convert rate=0.0617/effective/1 p=4 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: "The orchard's press will cost 40.000 € five years from now. What must be put by at each half-year's end, if the fund pays 4,8 % compounded semi-annually?",
    plans: ['saving amount=0 rate=0.048/nominal/2 n=10 p=2 final=40000 ?payment'],
    asks: ['payment'],
  },
  {
    text: '15 percent of £23,900 is paid when the boat is handed over; what is left is lent for 3½ years at 8.1 percent a year convertible monthly, and paid back in advance each month. How much does that take a month?',
    plans: ['borrowing price=23900 down=3585 amount=20315 rate=0.081/nominal/12 n=42 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'What does a lessee pay at the start of each of 36 months for a mixer of £18,600 that is reckoned to keep 30 % of its value, at 7.5 % nominal, compounded monthly?',
    plans: ['leasing amount=18600 rate=0.075/nominal/12 n=36 p=12 beginning final=5580 ?payment'],
    asks: ['payment'],
  },
  {
    text: '£1,450 leaves a fund of £160,000 on the first of every month, today included; the fund earns 3.84% a year, monthly. In six years what will be left of it?',
    plans: ['drawing-down amount=160000 rate=0.0384/nominal/12 n=72 p=12 payment=1450 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A trike: £3,480. A tenth of it down, and for the balance, with a flat 6% per annum added on, 30 equal monthly payments. What is added? What is one payment? What does the trike cost altogether?',
    plans: ['flat price=3480 down=348 amount=3132 rate=0.06/flat n=30 p=12 final=0 ?payment'],
    asks: ['financeCharge', 'payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'For 48 months, on the first of each, $389 is paid for a forklift that will then be worth $4,000. By a lease rate of 9% per annum compounding monthly, what is it worth now?',
    plans: ['leasing rate=0.09/nominal/12 n=48 p=12 payment=389 beginning final=4000 ?amount'],
    asks: ['amount'],
  },
  {
    text: '£260 a month, at its end, for 4 years at 10.2 % a year: what loan is that? And if the motor is to cost £14,250, with what deposit?',
    plans: ['borrowing price=14250 rate=0.102/nominal/12 n=48 p=12 payment=260 final=0 ?amount'],
    asks: ['amount', 'downPayment'],
  },
  {
    text: "To leave $50,000 of a trust's $200,000 after ten years of equal payments at each half-year's end, how much can be paid each time at 4.6% convertible half-yearly?",
    plans: ['borrowing amount=200000 rate=0.046/nominal/2 n=20 p=2 final=50000 ?payment'],
    asks: ['payment'],
  },
  {
    text: '28 000 €, 7,6 % yearly, charged by the quarter; 1 250 € paid as each quarter ends. Where does the debt stand after three years, and what interest has been paid by then?',
    plans: ['borrowing amount=28000 rate=0.076/nominal/4 n=12 p=4 payment=1250 ?finalAmount'],
    asks: ['balanceAfter k:12', 'interestIn from:1 to:12'],
  },
  {
    text: 'A fund of $80,000 at 5% compounded monthly pays $900 at the end of each month. How much is in it when she dies after nine years?',
    plans: ['drawing-down amount=80000 rate=0.05/nominal/12 n=108 p=12 payment=900 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A fund is to pay €800 at the end of each month for 25 years, the first payment one month from now. How much must be in the fund now at 4% effective?',
    plans: ['drawing-down rate=0.04/effective/1 n=300 p=12 payment=800 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Kristoffer won €200,000 in the lottery. He puts it into an account paying 3.5% compounded annually and withdraws €20,000 at the end of every year. For how many years can he make full withdrawals, and what is the last, smaller withdrawal?',
    plans: ['drawing-down amount=200000 rate=0.035/nominal/1 p=1 payment=20000 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'Jonna Pekkel, 29, starts a pension with $200 at the beginning of every month. She expects 6% a year, compounded monthly. What does she have at 65?',
    plans: ['saving amount=0 rate=0.06/nominal/12 n=432 p=12 payment=200 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A borrower is quoted 18% compounded monthly on a balance of $2,400. If he wants to be free of debt in one year, what must he pay at the end of each month? How much would he pay each month if he took two years instead?',
    plans: [
      'borrowing amount=2400 rate=0.18/nominal/12 n=12 p=12 final=0 ?payment',
      'borrowing amount=2400 rate=0.18/nominal/12 n=24 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: 'Old loan: $18,000, 9.6% compounded monthly, 60 payments at month end. After 24 payments it is refinanced at 6.9% compounded monthly over the remaining 36 months; the new lender adds $300 to the balance. (a) old payment (b) balance refinanced (c) new payment (d) saving over the remaining term',
    plans: [
      'borrowing amount=18000 rate=0.096/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=300 rate=0.069/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:24',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:24}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'Payments on a $75,000 loan at 7.5% compounded monthly over ten years are missed for months 25 to 27. Interest goes on. What must the payment be from month 28 on so that the loan still ends on time?',
    plans: ['borrowing amount=75000 rate=0.075/nominal/12 n=120 p=12 final=0 skip@24:3/payments ?payment'],
    asks: ['payment after:27'],
  },
  {
    text: "Two ways to pay for a heat pump costing £8,000: (A) £8,000 borrowed over 60 months at 6.8% compounded monthly; (B) a supplier's plan with 60 payments of £149 and a £500 deposit. Payments are at month end. What is the payment under A, what is the rate (compounded monthly) under B, and which plan costs less in total?",
    plans: [
      'borrowing price=8000 amount=8000 rate=0.068/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing price=8000 down=500 amount=7500 n=60 p=12 payment=149 final=0 ?rate',
    ],
    asks: ['payment', 'nominalRate@1 compoundingsPerYear:12', 'choice by:totalPaid want:least include:[downPayment]'],
  },
  {
    text: 'A bus firm takes a loan of £85,000 at 7% effective. It pays £1,900 at the end of every month. After how many payments is the debt below £40,000?',
    plans: ['borrowing amount=85000 rate=0.07/effective/1 p=12 payment=1900 final=40000 ?payments'],
    asks: ['payments'],
  },
  {
    text: "Birger saves for his daughter's studies. From her birth he pays €60 at the end of each month until she turns 18; the account earns 2.7% compounded monthly. From her 18th birthday she draws equal amounts at the start of each month for four years. How much can she draw?",
    plans: [
      'saving amount=0 rate=0.027/nominal/12 n=216 p=12 payment=60 ?finalAmount',
      'drawing-down rate=0.027/nominal/12 n=48 p=12 beginning final=0 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'Rent for a stage, worth €26,000 new, is paid at the start of each of 36 months; its value afterwards is put at €9,500 and the lessor earns 7.5% compounded monthly. Monthly rent?',
    plans: ['leasing price=26000 amount=26000 rate=0.075/nominal/12 n=36 p=12 beginning final=9500 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'The loan: €52,000. The rate: 7.2% compounded monthly. The payment: €1,000, end of month. How many payments in all, the odd one included? How big is the odd one? How much interest?',
    plans: ['borrowing amount=52000 rate=0.072/nominal/12 p=12 payment=1000 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'totalInterest'],
  },
  {
    text: 'An heir leaves $64,000 in trust at 4.6% compounded quarterly for six years and then has it paid out in 40 equal quarterly amounts, the first three months later. How large is each?',
    plans: [
      'lump-sum amount=64000 rate=0.046/nominal/4 n=24 p=4 ?finalAmount',
      'drawing-down rate=0.046/nominal/4 n=40 p=4 final=0 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'Every second Friday Juno puts $80 into an account at 2.6% compounded every two weeks. How much has she after four years, and how much of that is interest?',
    plans: ['saving amount=0 rate=0.026/nominal/26 n=104 p=26 payment=80 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'What does a 60-month lease on a €58,000 excavator cost each month in advance at 6.6% compounded monthly if the residual is 25% of the value? What is the total of the rentals?',
    plans: ['leasing price=58000 amount=58000 rate=0.066/nominal/12 n=60 p=12 beginning final=14500 ?payment'],
    asks: ['payment', 'totalPaid only:payments'],
  },
  {
    text: 'A tent maker can discount a bill: £9,000 due in eight months, money at 9% compounded monthly. What does she get today?',
    plans: ['lump-sum rate=0.09/nominal/12 n=8 p=12 final=9000 ?amount'],
    asks: ['amount'],
  },
  {
    text: "Fernanda's savings plan: €100 at the end of each month for 10 years, 3% compounded monthly; the rate is then 2.4% compounded monthly for 10 more years with the same deposits. Final value?",
    plans: ['saving amount=0 rate=0.03/nominal/12 n=240 p=12 payment=100 rate@120:0.024/payment ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A club can borrow €15,000 for five years at 6.9% compounded monthly, or for seven years at 6.5% compounded monthly. Find each month-end payment and the difference in total interest.',
    plans: [
      'borrowing amount=15000 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=15000 rate=0.065/nominal/12 n=84 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'Lorcan owes €19,200 on a loan at 9.6% compounded monthly with 45 month-end payments still to make. A second bank would lend him that balance at 6.6% compounded monthly over the same 45 months for a fee of €150, added to the loan. What does he pay now each month, what would he pay at the second bank, and how much would he save in total?',
    plans: [
      'borrowing amount=19200 rate=0.096/nominal/12 n=45 p=12 final=0 ?payment',
      'borrowing fees=150 amount=19350 rate=0.066/nominal/12 n=45 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'Daria buys a flat for $310,000 with $62,000 down. She takes a mortgage for the rest: 25 years, 4.68% compounded monthly, month-end payments. Five years on she pays in $20,000 together with the sixtieth payment. (a) What is her payment? (b) What does she owe just before the $20,000? (c) If she keeps her payment, how many payments does she make in all? (d) How much interest does that save?',
    plans: [
      'borrowing price=310000 down=62000 amount=248000 rate=0.0468/nominal/12 n=300 p=12 final=0 extra@60:20000/payment ?payment',
    ],
    asks: ['payment', 'balanceAfter k:60', 'payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Offer 1: £11,900 for a motorbike, payable over 48 months at 0.9% a month. Offer 2: the same motorbike, £1,900 down and 48 payments of £259.50. All payments at month end. Find the payment of offer 1, the nominal rate compounded monthly of offer 2, and which has the smaller total.',
    plans: [
      'borrowing price=11900 amount=11900 rate=0.009/per-period/12 n=48 p=12 final=0 ?payment',
      'borrowing price=11900 down=1900 amount=10000 n=48 p=12 payment=259.5 final=0 ?rate',
    ],
    asks: ['payment', 'nominalRate@1 compoundingsPerYear:12', 'choice by:totalPaid want:least include:[downPayment]'],
  },
  {
    text: 'Mads saves €320 at the end of each month at 3.9% compounded monthly. After 20 years he stops, and from then on takes €2,000 at the end of each month. What has he saved by then, and how many full withdrawals can he make?',
    plans: [
      'saving amount=0 rate=0.039/nominal/12 n=240 p=12 payment=320 ?finalAmount',
      'drawing-down rate=0.039/nominal/12 p=12 payment=2000 final=0 ?payments',
    ],
    asks: ['finalAmount', 'payments@1 count:full'],
  },
  {
    text: 'Aurora wants $25,000 a year for 20 years, the first a year after she retires, 18 years from now. How much must she save at the end of each year until then if the money earns 5% effective throughout?',
    plans: [
      'drawing-down rate=0.05/effective/1 n=20 p=1 payment=25000 final=0 ?amount',
      'saving amount=0 rate=0.05/effective/1 n=18 p=1 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'The Pellworm Rowing Club pays £412 each month in advance for a boat worth £23,000, for five years. Then it may buy the boat for £4,000. What rate, compounded monthly, is in this lease? What do the payments and the purchase add up to?',
    plans: ['leasing price=23000 amount=23000 n=60 p=12 payment=412 beginning final=4000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'totalPaid'],
  },
  {
    text: 'How much can you borrow if you can pay $640 at the end of each month for 25 years at 5.52% compounded monthly? How much more if the rate is 4.52%?',
    plans: [
      'borrowing rate=0.0552/nominal/12 n=300 p=12 payment=640 final=0 ?amount',
      'borrowing rate=0.0452/nominal/12 n=300 p=12 payment=640 final=0 ?amount',
    ],
    asks: ['amount', 'difference of:amount between:[0,1]'],
  },
  {
    text: "What's the payment on $20,000 over 5 years at 7.2% compounded monthly if payments are made (a) at the end, (b) at the beginning of the month?",
    plans: [
      'borrowing amount=20000 rate=0.072/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=20000 rate=0.072/nominal/12 n=60 p=12 beginning final=0 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: 'Each month-end for 8 years, $475. The rate 9.9%, compounded monthly. (a) The loan that this repays? (b) All interest? (c) The debt when half the payments are made?',
    plans: ['borrowing rate=0.099/nominal/12 n=96 p=12 payment=475 final=0 ?amount'],
    asks: ['amount', 'totalInterest', 'balanceAfter k:48'],
  },
  {
    text: 'Six years ago Petra bought a certificate for €4,000. It has earned 2.9% compounded half-yearly. Its value today?',
    plans: ['lump-sum amount=4000 rate=0.029/nominal/2 n=12 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "Lease or buy? A tractor worth €75,000 is leased for 60 months at €1,050 in advance and can be bought for €22,000 at the end. Or the farmer borrows €75,000 at 6.3% compounded monthly for 60 months, payments in arrears. What is the lease's rate compounded monthly? What is the loan's payment? Which costs less in all?",
    plans: [
      'leasing price=75000 amount=75000 n=60 p=12 payment=1050 beginning final=22000 ?rate',
      'borrowing amount=75000 rate=0.063/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: "Today is Tove's 30th birthday. She will pay in €250 at the end of each month until her 65th birthday, at 4.2% compounded monthly. From then on she wants equal withdrawals at the end of each month for 20 years at the same rate. How large can they be?",
    plans: [
      'saving amount=0 rate=0.042/nominal/12 n=420 p=12 payment=250 ?finalAmount',
      'drawing-down rate=0.042/nominal/12 n=240 p=12 final=0 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'Bent owes €12,750 at 11.4% compounded monthly, 36 month-end payments left. He can refinance at 7.9% compounded monthly with a fee of €200 added to the debt, again 36 payments. Old payment? New payment? Saved in all?',
    plans: [
      'borrowing amount=12750 rate=0.114/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing fees=200 amount=12950 rate=0.079/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'How much must a grandfather deposit today at 3.9% compounded annually so that his grandson gets €5,000 a year for four years, the first exactly ten years from today?',
    plans: [
      'drawing-down rate=0.039/nominal/1 n=4 p=1 payment=5000 beginning final=0 ?amount',
      'lump-sum rate=0.039/nominal/1 n=10 p=1 ?amount',
    ],
    asks: ['amount@1'],
  },
  {
    text: 'With £350 at each month end, how long until £20,000 at 3.3% compounded monthly? How long with £450?',
    plans: [
      'saving amount=0 rate=0.033/nominal/12 p=12 payment=350 final=20000 ?payments',
      'saving amount=0 rate=0.033/nominal/12 p=12 payment=450 final=20000 ?payments',
    ],
    asks: ['payments', 'payments@1'],
  },
  {
    text: 'Mortgage: price $380,000, 20% down, 30 years, 5.76% compounded monthly, month-end payments. Payment; interest of the first month; balance after 5 years; interest paid in those 5 years.',
    plans: ['borrowing price=380000 down=76000 amount=304000 rate=0.0576/nominal/12 n=360 p=12 final=0 ?payment'],
    asks: ['payment', 'interestIn from:1 to:1', 'balanceAfter k:60', 'interestIn from:1 to:60'],
  },
  {
    text: 'A house owner may repay £80,000 over 15 years with £640.06 monthly or 20 years with £535.69 monthly, both at month end. What rate compounded monthly is charged in each case?',
    plans: [
      'borrowing amount=80000 n=180 p=12 payment=640.06 final=0 ?rate',
      'borrowing amount=80000 n=240 p=12 payment=535.69 final=0 ?rate',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'nominalRate@1 compoundingsPerYear:12'],
  },
  {
    text: 'Compare for a loan of $8,000: 24 payments of $365 or 36 payments of $255, at month end. Which has the higher rate, and which costs more interest?',
    plans: [
      'borrowing amount=8000 n=24 p=12 payment=365 final=0 ?rate',
      'borrowing amount=8000 n=36 p=12 payment=255 final=0 ?rate',
    ],
    asks: ['choice by:effectiveRate want:most', 'choice by:totalInterest want:most'],
  },
  {
    text: 'Find the payment on €60,000 over 12 years at 5.1% compounded monthly, month-end. The rate is cut to 4.2% after the 48th payment: give the balance then and the new payment, the end date being kept.',
    plans: ['borrowing amount=60000 rate=0.051/nominal/12 n=144 p=12 final=0 rate@48:0.042/payments ?payment'],
    asks: ['payment', 'balanceAfter k:48', 'payment after:48'],
  },
  {
    text: "In a sinking fund for the roof of St Aldhelm's, £1,450 is laid up at the end of each half-year. How large is the fund after 9 years if it earns 5% compounded semi-annually?",
    plans: ['saving amount=0 rate=0.05/nominal/2 n=18 p=2 payment=1450 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'On signing, a printer pays €900 of the €7,500 that a binding machine costs. She then pays €310 at the end of each month for two years. What is the nominal rate compounded monthly? And the flat rate?',
    plans: ['borrowing price=7500 down=900 amount=6600 n=24 p=12 payment=310 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'nominalRate as:flat'],
  },
  {
    text: 'Rate history of a €150,000 loan over 20 years (monthly payments in arrears): first six years 3.9% compounded monthly, then 5.1% compounded monthly, term unchanged. Give the two payments.',
    plans: ['borrowing amount=150000 rate=0.039/nominal/12 n=240 p=12 final=0 rate@72:0.051/payments ?payment'],
    asks: ['payment', 'payment after:72'],
  },
  {
    text: "Lene's loan: £17,500, 72 months, 8.4% compounded monthly, in arrears. Payments 25–27 are suspended (interest is charged). The term is kept. Find the payment before and after.",
    plans: ['borrowing amount=17500 rate=0.084/nominal/12 n=72 p=12 final=0 skip@24:3/payments ?payment'],
    asks: ['payment', 'payment after:27'],
  },
  {
    text: 'Old kiln loan: 30 payments left of $412.50 (month end), rate 9.9% compounded monthly. Payoff amount today?',
    plans: ['borrowing rate=0.099/nominal/12 n=30 p=12 payment=412.5 final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Of £12,000 borrowed at 9.24% compounded monthly over 4 years with month-end payments, how much interest is paid (a) in year 1, (b) in year 4, (c) altogether?',
    plans: ['borrowing amount=12000 rate=0.0924/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['interestIn from:1 to:12', 'interestIn from:37 to:48', 'totalInterest'],
  },
  {
    text: 'REFINANCING. Loan 1: €22,000 at 10.2% compounded monthly for 5 years. After 20 payments the balance is moved to loan 2 at 7.4% compounded monthly with 40 payments; loan 2 costs a fee of €180, which is added. All payments at month end. Payment 1? Balance moved? Payment 2? Total saved?',
    plans: [
      'borrowing amount=22000 rate=0.102/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=180 rate=0.074/nominal/12 n=40 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:20',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:20}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'College. Ines will draw €700 at the start of each month for 4 years, beginning 10 years from now. Her parents pay in equal sums at the end of each month until then. Rate 3.6% compounded monthly throughout. What must be in the account when she starts? What must the parents pay in?',
    plans: [
      'drawing-down rate=0.036/nominal/12 n=48 p=12 payment=700 beginning final=0 ?amount',
      'saving amount=0 rate=0.036/nominal/12 n=120 p=12 ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'Two thirds of the price of a €27,000 van are borrowed over four years at 6.9% compounded monthly, payments at month end. Find the amount borrowed and the payment.',
    plans: ['borrowing price=27000 down=9000 amount=18000 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['amount', 'payment'],
  },
  {
    text: '$600 at the end of each quarter, $20,000 after seven years: what nominal rate, compounded quarterly, is needed?',
    plans: ['saving amount=0 n=28 p=4 payment=600 final=20000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:4'],
  },
  {
    text: 'Edla owes £4,300. She pays £95 each month in arrears. At 17.4% compounded monthly, how long does it take her? How long if she pays £120?',
    plans: [
      'borrowing amount=4300 rate=0.174/nominal/12 p=12 payment=95 final=0 ?payments',
      'borrowing amount=4300 rate=0.174/nominal/12 p=12 payment=120 final=0 ?payments',
    ],
    asks: ['payments', 'payments@1'],
  },
  {
    text: 'Compare, for an investor: Account P with 4.35% compounded daily, account Q with 4.42% compounded half-yearly. State both effective rates and the better account.',
    plans: ['convert rate=0.0435/nominal/365 p=365 ?rate', 'convert rate=0.0442/nominal/2 p=2 ?rate'],
    asks: ['effectiveRate', 'effectiveRate@1', 'choice by:effectiveRate want:most'],
  },
  {
    text: 'Convert an effective rate of 6% into the equivalent rate per quarter.',
    plans: ['convert rate=0.06/effective/1 p=4 ?rate'],
    asks: ['ratePerPayment'],
  },
  {
    text: 'Loan of €9,000, 24 months, 11.4% compounded monthly, month-end payments. Set out the figures of the second payment: interest, principal, balance after it.',
    plans: ['borrowing amount=9000 rate=0.114/nominal/12 n=24 p=12 final=0 ?payment'],
    asks: ['interestIn from:2 to:2', 'principalIn from:2 to:2', 'balanceAfter k:2'],
  },
  {
    text: 'Bente buys a $23,500 camper: $3,500 down, 72 monthly payments in arrears at 8.88% compounded monthly. What is the payment? What does she still owe when half of the payments are made? What sum of payments is then still to come?',
    plans: ['borrowing price=23500 down=3500 amount=20000 rate=0.0888/nominal/12 n=72 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:36', 'leftToPay k:36'],
  },
  {
    text: 'Grit must pay back £14,400 at 9% compounded monthly. With payments of £300 at month end she needs how long? With £400? How much interest does she save with the higher payment?',
    plans: [
      'borrowing amount=14400 rate=0.09/nominal/12 p=12 payment=300 final=0 ?payments',
      'borrowing amount=14400 rate=0.09/nominal/12 p=12 payment=400 final=0 ?payments',
    ],
    asks: ['payments', 'payments@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'Which is more after ten years: €20,000 at 3.9% compounded monthly or €22,000 at 2.9% effective? What is the difference?',
    plans: [
      'lump-sum amount=20000 rate=0.039/nominal/12 n=120 p=12 ?finalAmount',
      'lump-sum amount=22000 rate=0.029/effective/1 n=10 p=1 ?finalAmount',
    ],
    asks: ['choice by:finalAmount want:most', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: '(a) What monthly payment in arrears repays €75,000 in 15 years at 4.92% compounded monthly? (b) If instead €700 is paid each month, how many payments are there? (c) How much interest is saved in that case?',
    plans: [
      'borrowing amount=75000 rate=0.0492/nominal/12 n=180 p=12 final=0 ?payment',
      'borrowing amount=75000 rate=0.0492/nominal/12 p=12 payment=700 final=0 ?payments',
    ],
    asks: ['payment', 'payments@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'An endowment is to pay a prize of €2,500 at the end of each year for 25 years, the first prize five years from now. At 4% effective, what must be donated today?',
    plans: [
      'drawing-down rate=0.04/effective/1 n=25 p=1 payment=2500 final=0 ?amount',
      'lump-sum rate=0.04/effective/1 n=4 p=1 ?amount',
    ],
    asks: ['amount@1'],
  },
  {
    text: 'Two stages: £400 at the end of each month for six years, then £250 at the end of each month for four years; 3.84% compounded monthly all the time. Final sum?',
    plans: ['saving amount=0 rate=0.0384/nominal/12 n=120 p=12 payment=400 payment@72:-150 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A loan shop adds £540 in charges to a loan of £1,800 and collects the whole in 18 equal monthly instalments. What is one instalment? What flat rate is that a year?',
    plans: ['flat charge=540 amount=1800 n=18 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate as:flat'],
  },
  {
    text: 'The interest on €40,000 left for four years at 3.15% compounded monthly is how much?',
    plans: ['lump-sum amount=40000 rate=0.0315/nominal/12 n=48 p=12 ?finalAmount'],
    asks: ['totalInterest'],
  },
  {
    text: 'The yearly premium, due in advance, is £640 for 20 years. What single premium today is equivalent at 3.5% effective?',
    plans: ['borrowing rate=0.035/effective/1 n=20 p=1 payment=640 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'For 20 years the Lunds have paid a mortgage of $150,000 at 6% compounded monthly over 30 years, month-end payments. What is their payment, what do they still owe, and how much interest have they paid so far?',
    plans: ['borrowing amount=150000 rate=0.06/nominal/12 n=360 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:240', 'interestIn from:1 to:240'],
  },
  {
    text: "To have €30,000 in seven years, Knut adds to the €8,000 he already has. At 3.24% compounded monthly, what must he save at each month's end? How much will he have paid in himself, the €8,000 not counted?",
    plans: ['saving amount=8000 rate=0.0324/nominal/12 n=84 p=12 final=30000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'The 30th payment on a loan of $25,000 (60 month-end payments, 7.05% compounded monthly) has just been paid. How much of it was principal? What is the balance now?',
    plans: ['borrowing amount=25000 rate=0.0705/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['principalIn from:30 to:30', 'balanceAfter k:30'],
  },
  {
    text: 'Same loan of $40,000, 6 years, 6.6% compounded monthly: what is the payment at month end, and what would it be at the start of each month?',
    plans: [
      'borrowing amount=40000 rate=0.066/nominal/12 n=72 p=12 final=0 ?payment',
      'borrowing amount=40000 rate=0.066/nominal/12 n=72 p=12 beginning final=0 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: 'An engineer pays $380 at month end into a fund at 4.2% compounded monthly for 25 years. On retiring she draws $2,100 at the end of each month. What had she at retirement? How long does the fund last?',
    plans: [
      'saving amount=0 rate=0.042/nominal/12 n=300 p=12 payment=380 ?finalAmount',
      'drawing-down rate=0.042/nominal/12 p=12 payment=2100 final=0 ?payments',
    ],
    asks: ['finalAmount', 'payments@1'],
  },
  {
    text: 'A loan over €30,000 carries 7.2% compounded monthly. Month-end payments of €450 start the loan; from the 31st on they are €600. After how many payments in all is it gone, and how large is the last?',
    plans: ['borrowing amount=30000 rate=0.072/nominal/12 p=12 payment=450 final=0 payment@30:150 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: "Ottar's mortgage: £165,000, 25 years, 5.04% compounded monthly, month-end payments. After 8 years a new bank takes it over at 4.2% compounded monthly for the rest of the time, with £500 costs added. What was the payment; what is owed then; what is the new payment; how much is saved in total until the end?",
    plans: [
      'borrowing amount=165000 rate=0.0504/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing fees=500 rate=0.042/nominal/12 n=204 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:96',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:96}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: "Arne's rate is 5.7% compounded monthly on $92,000 over 12 years; payments at month end. In year 3 he skips payments 27, 28 and 29, interest running on, and the end date stays. Payment before? After?",
    plans: ['borrowing amount=92000 rate=0.057/nominal/12 n=144 p=12 final=0 skip@26:3/payments ?payment'],
    asks: ['payment', 'payment after:29'],
  },
  {
    text: "After 22 monthly deposits of £135, each at a month's end, £3,100 is in the account. Nominal rate compounded monthly?",
    plans: ['saving amount=0 n=22 p=12 payment=135 final=3100 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'From savings of $175,000 at 3.6% compounded monthly Ola takes $1,500 at the end of each month. For how many years does the money last, exactly? How much does he take in all?',
    plans: ['drawing-down amount=175000 rate=0.036/nominal/12 p=12 payment=1500 final=0 ?payments'],
    asks: ['years', 'totalPaid'],
  },
  {
    text: "Kjell leases for 36 months in advance at £310; the car's value is £21,000 and its residual £13,200. What rate compounded monthly? How much does he pay if he buys it at the end?",
    plans: ['leasing price=21000 amount=21000 n=36 p=12 payment=310 beginning final=13200 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'totalPaid'],
  },
  {
    text: 'A balloon of £8,000 falls due with the 48th and last month-end payment on a £22,000 loan at 6.72% compounded monthly. What is the regular payment? What is paid in all?',
    plans: ['borrowing amount=22000 rate=0.0672/nominal/12 n=48 p=12 final=8000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Payments of $1,100 at month end on $150,000 at 4.8% compounded monthly; from the 61st payment on, $1,300. How many payments altogether? How much interest is saved by the rise?',
    plans: ['borrowing amount=150000 rate=0.048/nominal/12 p=12 payment=1100 final=0 payment@60:200 ?payments'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: "Vilde's loan: €28,000, 7 years, 6.36% compounded monthly, month-end payments. She is allowed to miss payments 37 to 40, interest being charged. The loan must end as planned. What is the payment before the gap? And after it?",
    plans: ['borrowing amount=28000 rate=0.0636/nominal/12 n=84 p=12 final=0 skip@36:4/payments ?payment'],
    asks: ['payment', 'payment after:40'],
  },
  {
    text: 'A £14,500 loan is quoted at 7.9% effective, monthly in arrears for four years. Find the payment, the nominal rate compounded monthly, and the interest paid in all.',
    plans: ['borrowing amount=14500 rate=0.079/effective/1 n=48 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12', 'totalInterest'],
  },
  {
    text: 'A credit of €4,400 costs €506 in flat interest over 23 months. Monthly payment? Flat rate a year? Rate compounded monthly?',
    plans: ['flat charge=506 amount=4400 n=23 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate as:flat', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'For her retirement in 28 years, Oda pays €2,400 at the end of each year at 5% effective for the first 10 years and 4% effective after that. What will she have?',
    plans: ['saving amount=0 rate=0.05/effective/1 n=28 p=1 payment=2400 rate@10:0.04/payment ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'How many months must £4,000 lie at 4.2% compounded monthly before £5,000 is there?',
    plans: ['lump-sum amount=4000 rate=0.042/nominal/12 p=12 final=5000 ?payments'],
    asks: ['payments'],
  },
  {
    text: 'A quarterly saver (start of each quarter, €350) stops after seven years. The rate was 3.2% compounded quarterly. How much has she?',
    plans: ['saving amount=0 rate=0.032/nominal/4 n=28 p=4 payment=350 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'To collect 500,000 kr in 15 years, how much is put in at the end of each year at 3.5% effective?',
    plans: ['saving amount=0 rate=0.035/effective/1 n=15 p=1 final=500000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'In order to have $2,400 at the start of each month for 20 years, how much must a pensioner have at 4.2% compounded monthly? What would be needed if the payments came at the end of each month?',
    plans: [
      'borrowing rate=0.042/nominal/12 n=240 p=12 payment=2400 beginning final=0 ?amount',
      'borrowing rate=0.042/nominal/12 n=240 p=12 payment=2400 final=0 ?amount',
    ],
    asks: ['amount', 'amount@1'],
  },
  {
    text: "The rate on Evald's loan of €145,000 (20 years, monthly in arrears) is 4.2% compounded monthly for 84 payments and 5.4% compounded monthly afterwards; the term does not change. What does he pay first and what later? How much does he owe when the rate changes?",
    plans: ['borrowing amount=145000 rate=0.042/nominal/12 n=240 p=12 final=0 rate@84:0.054/payments ?payment'],
    asks: ['payment', 'payment after:84', 'balanceAfter k:84'],
  },
  {
    text: 'Skips: £12,600 over 48 months at 8.1% compounded monthly, in arrears. The 20th to the 23rd payment are left out; interest is added; the final date is unchanged. What does he pay before and what afterwards?',
    plans: ['borrowing amount=12600 rate=0.081/nominal/12 n=48 p=12 final=0 skip@19:4/payments ?payment'],
    asks: ['payment', 'payment after:23'],
  },
  {
    text: "Seven-year loan, £22,500, 7.44% compounded monthly, month-end payments. How much of the third year's payments is principal? How much is interest?",
    plans: ['borrowing amount=22500 rate=0.0744/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['principalIn from:25 to:36', 'interestIn from:25 to:36'],
  },
  {
    text: "A retailer's plan: £399 now and £67 at the end of each month for 21 months on furniture priced at £1,650. Charge for credit, flat rate, effective rate.",
    plans: ['borrowing price=1650 down=399 amount=1251 n=21 p=12 payment=67 final=0 ?rate'],
    asks: ['financeCharge', 'nominalRate as:flat', 'effectiveRate'],
  },
  {
    text: 'Henny pays 26 fortnightly payments a year of €310 on a loan of €75,000 at 5.2% compounded fortnightly. How many payments, and how many years?',
    plans: ['borrowing amount=75000 rate=0.052/nominal/26 p=26 payment=310 final=0 ?payments'],
    asks: ['payments', 'years'],
  },
  {
    text: 'Rent-to-own: €520 at the beginning of each month for 40 months; the piano costs €17,900 cash. Nominal rate compounded monthly? How much dearer is it than cash?',
    plans: ['borrowing price=17900 amount=17900 n=40 p=12 payment=520 beginning final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'financeCharge'],
  },
  {
    text: 'How much does Bjarne have to pay into an account at the end of each quarter so that it holds €25,000 after eight years? The account earns 3.6% compounded quarterly.',
    plans: ['saving amount=0 rate=0.036/nominal/4 n=32 p=4 final=25000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'How much can be withdrawn at the end of each quarter for 12 years from $150,000 invested at 4% compounded quarterly?',
    plans: ['drawing-down amount=150000 rate=0.04/nominal/4 n=48 p=4 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A mortgage of €180,000 at 4.2% compounded monthly is to be repaid over 20 years. What is the monthly payment at the end of each month? How much is still owed after seven years, and what sum of payments is still to be made then?',
    plans: ['borrowing amount=180000 rate=0.042/nominal/12 n=240 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:84', 'leftToPay k:84'],
  },
  {
    text: 'A sinking fund of €200,000 is to be built up in ten years by payments at the end of each half-year at 4.4% compounded half-yearly. Find the payment and the amount in the fund after the 12th payment.',
    plans: ['saving amount=0 rate=0.044/nominal/2 n=20 p=2 final=200000 ?payment'],
    asks: ['payment', 'balanceAfter k:12'],
  },
  {
    text: 'What must be paid at the end of each month into an account with 4.5% compounded monthly so that after 20 years €1,500 can be withdrawn at the end of each month for 25 years?',
    plans: [
      'drawing-down rate=0.045/nominal/12 n=300 p=12 payment=1500 final=0 ?amount',
      'saving amount=0 rate=0.045/nominal/12 n=240 p=12 ?payment',
    ],
    asks: ['payment@1'],
  },
  {
    text: 'An annuity pays €1,000 at the end of each quarter for 20 years. What is its present value at 5% compounded quarterly, and what is it at 6% compounded quarterly?',
    plans: [
      'drawing-down rate=0.05/nominal/4 n=80 p=4 payment=1000 final=0 ?amount',
      'drawing-down rate=0.06/nominal/4 n=80 p=4 payment=1000 final=0 ?amount',
    ],
    asks: ['amount', 'amount@1'],
  },
  {
    text: 'A loan of $95,000 is to be repaid over 15 years at 6.6% compounded monthly, payments at the end of each month. How much principal is repaid in the first year, in the fifth year and in the last year?',
    plans: ['borrowing amount=95000 rate=0.066/nominal/12 n=180 p=12 final=0 ?payment'],
    asks: ['principalIn from:1 to:12', 'principalIn from:49 to:60', 'principalIn from:169 to:180'],
  },
  {
    text: 'A fund pays €15,000 at the beginning of each year for 12 years, beginning in six years. How much must be paid into the fund now at 4% effective?',
    plans: [
      'drawing-down rate=0.04/effective/1 n=12 p=1 payment=15000 beginning final=0 ?amount',
      'lump-sum rate=0.04/effective/1 n=6 p=1 ?amount',
    ],
    asks: ['amount@1'],
  },
  {
    text: 'You save €100 at the beginning of every month for 30 years and earn 5% compounded monthly. What amount will you have?',
    plans: ['saving amount=0 rate=0.05/nominal/12 n=360 p=12 payment=100 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A loan of £14,000 has a balloon payment of £4,000 due with the last of 48 payments at the end of each month. The rate is 7.8% compounded monthly. What are the monthly payments and what is the total interest?',
    plans: ['borrowing amount=14000 rate=0.078/nominal/12 n=48 p=12 final=4000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Ms Lindqvist is paying off $52,000 over ten years at 6.72% compounded monthly, at the end of each month. Together with the 40th payment she pays $8,000 that she has inherited. Her monthly payment remains the same. How many payments will she make in total? How much interest does she save?',
    plans: ['borrowing amount=52000 rate=0.0672/nominal/12 n=120 p=12 final=0 extra@40:8000/payment ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Jens borrowed £18,000 over six years at 8.28% compounded monthly with payments at the end of each month. He misses payments 31, 32 and 33, and interest is added. He wants to be finished on time. What must he pay from payment 34 on?',
    plans: ['borrowing amount=18000 rate=0.0828/nominal/12 n=72 p=12 final=0 skip@30:3/payments ?payment'],
    asks: ['payment after:33'],
  },
  {
    text: 'From his 60th birthday, Piet wants to receive €1,600 at the end of each month for 25 years. He is 32 today and can earn 4.8% compounded monthly all the time. How much must he have at 60, and how much must he save at the end of each month until then?',
    plans: [
      'drawing-down rate=0.048/nominal/12 n=300 p=12 payment=1600 final=0 ?amount',
      'saving amount=0 rate=0.048/nominal/12 n=336 p=12 ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'A fund of £500,000 earns 4.8% compounded quarterly. Each quarter, at the end, the same amount is paid out so that the fund lasts 20 years. How much is paid out, and what is in the fund after eight years?',
    plans: ['drawing-down amount=500000 rate=0.048/nominal/4 n=80 p=4 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:32'],
  },
  {
    text: 'The Petrov company wants to replace its server in four years at a cost of $64,000. What amount should it deposit at the end of each quarter in an account paying 4.4% compounded quarterly?',
    plans: ['saving amount=0 rate=0.044/nominal/4 n=16 p=4 final=64000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'What is the amount of a deposit which, with 2.64% compounded monthly, is worth $8,000 at the end of 45 months?',
    plans: ['lump-sum rate=0.0264/nominal/12 n=45 p=12 final=8000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Viggo wants to buy a sailing boat for €38,000. He sells his old boat to the dealer for €9,500 and has saved €6,500. The rest is financed at 6.6% compounded monthly for five years with payments at the end of each month. How much does he have to finance? What is his monthly payment?',
    plans: ['borrowing price=38000 down=6500 trade=9500 amount=22000 rate=0.066/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['amount', 'payment'],
  },
  {
    text: 'A washing machine can be bought for €760 in cash or for 12 monthly payments of €68, the first due today. What is the interest rate, compounded monthly? What is the effective annual rate?',
    plans: ['borrowing price=760 amount=760 n=12 p=12 payment=68 beginning final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: 'Joakim deposits €5,000 in an account and then adds €125 at the end of each month. The account earns 2.76% compounded monthly. What is the balance after seven years, and how much of it is interest?',
    plans: ['saving amount=5000 rate=0.0276/nominal/12 n=84 p=12 payment=125 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'The interest portion of the 12th payment and the principal portion of the 40th payment are to be found for a loan of $30,000 at 6.96% compounded monthly that is repaid over five years with payments at the end of each month.',
    plans: ['borrowing amount=30000 rate=0.0696/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['interestIn from:12 to:12', 'principalIn from:40 to:40'],
  },
  {
    text: 'By how much does the monthly payment on a mortgage of €210,000 over 25 years rise if the rate is 5.4% instead of 4.8%, compounded monthly? Payments are made at the end of each month.',
    plans: [
      'borrowing amount=210000 rate=0.054/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=210000 rate=0.048/nominal/12 n=300 p=12 final=0 ?payment',
    ],
    asks: ['difference of:payment between:[0,1]'],
  },
  {
    text: 'Mila has €120,000 and wants to withdraw €8,000 at the end of each half-year. Her account earns 4% compounded half-yearly. How many full withdrawals can she make and how much can she withdraw half a year after the last of them?',
    plans: ['drawing-down amount=120000 rate=0.04/nominal/2 p=2 payment=8000 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: 'Ms Iversen would like €2,000 at the beginning of each month for 22 years, starting the day she retires, 26 years from now. Her savings earn 4.56% compounded monthly before and after she retires. How much must she have when she retires? How much must she save at the end of each month until then?',
    plans: [
      'drawing-down rate=0.0456/nominal/12 n=264 p=12 payment=2000 beginning final=0 ?amount',
      'saving amount=0 rate=0.0456/nominal/12 n=312 p=12 ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'Because of an illness Mr Falk stops paying his loan for five months: payments 20 to 24 are left out, and interest is charged. The loan is €26,000 over six years at 7.5% compounded monthly, with payments at the end of each month. It still has to be repaid within the six years. What was his payment and what is it after the pause?',
    plans: ['borrowing amount=26000 rate=0.075/nominal/12 n=72 p=12 final=0 skip@19:5/payments ?payment'],
    asks: ['payment', 'payment after:24'],
  },
  {
    text: 'Samuel saves £280 at the end of each month for 24 years at 4.32% compounded monthly. He then takes equal amounts at the end of each month for 18 years at the same rate. What does he have after 24 years? What is the amount he can take?',
    plans: [
      'saving amount=0 rate=0.0432/nominal/12 n=288 p=12 payment=280 ?finalAmount',
      'drawing-down rate=0.0432/nominal/12 n=216 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'A scholarship fund should pay $3,500 at the end of each half-year for 20 years. The first payment is to be made in four and a half years. What must be given today at 4.6% compounded half-yearly?',
    plans: [
      'drawing-down rate=0.046/nominal/2 n=40 p=2 payment=3500 final=0 ?amount',
      'lump-sum rate=0.046/nominal/2 n=8 p=2 ?amount',
    ],
    asks: ['amount@1'],
  },
  {
    text: 'Bank Larch pays 4.08% compounded monthly, Bank Alder 4.16% compounded half-yearly. If £22,000 is invested for five years, what is the value at each bank? Which bank pays more and how much more?',
    plans: [
      'lump-sum amount=22000 rate=0.0408/nominal/12 n=60 p=12 ?finalAmount',
      'lump-sum amount=22000 rate=0.0416/nominal/2 n=10 p=2 ?finalAmount',
    ],
    asks: [
      'finalAmount',
      'finalAmount@1',
      'choice by:finalAmount want:most',
      'difference of:finalAmount between:[0,1]',
    ],
  },
  {
    text: 'An actor earns a fee of £90,000 and invests it at 4.35% compounded monthly. At the end of each month he takes out £1,250. How many full payments will he get?',
    plans: ['drawing-down amount=90000 rate=0.0435/nominal/12 p=12 payment=1250 final=0 ?payments'],
    asks: ['payments count:full'],
  },
  {
    text: 'The Hollins rent a caravan for five years. It is worth £31,000 and will be worth £12,000 afterwards. The rent is payable at the start of each month and allows for 6.3% compounded monthly. How much is it?',
    plans: ['borrowing price=31000 amount=31000 rate=0.063/nominal/12 n=60 p=12 beginning final=12000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A pension fund promises $1,750 at the beginning of each month for 20 years. Money is worth 4.26% compounded monthly. What is the value of this promise when the first payment is made?',
    plans: ['drawing-down rate=0.0426/nominal/12 n=240 p=12 payment=1750 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'What deposit at the end of each fortnight for two years, at 2.6% compounded fortnightly, leads to £4,000?',
    plans: ['saving amount=0 rate=0.026/nominal/26 n=52 p=26 final=4000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A debt of $9,000 due in four years is settled today. If money earns 5.4% compounded monthly, how much is paid?',
    plans: ['lump-sum rate=0.054/nominal/12 n=48 p=12 final=9000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A dentist leases equipment worth $85,000. She pays $1,420 at the beginning of each month for 54 months. The equipment can then be bought for $20,000. What rate compounded monthly does this amount to, and what does she pay altogether if she buys it?',
    plans: ['leasing price=85000 amount=85000 n=54 p=12 payment=1420 beginning final=20000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'totalPaid'],
  },
  {
    text: 'How much does the monthly payment on a loan of €30,000 fall if its term is 84 months instead of 60, the rate being 7.2% compounded monthly and the payments at the end of each month? How much more interest is paid?',
    plans: [
      'borrowing amount=30000 rate=0.072/nominal/12 n=84 p=12 final=0 ?payment',
      'borrowing amount=30000 rate=0.072/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['difference of:payment between:[0,1]', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A loan of €55,000 is taken at 6.24% compounded monthly over ten years, with payments at the end of each month. At the end of the third year the borrower pays an additional €9,000. The payment is then lowered so that the term remains the same. Find the two payments and the saving per month.',
    plans: ['borrowing amount=55000 rate=0.0624/nominal/12 n=120 p=12 final=0 extra@36:9000/payments ?payment'],
    asks: [
      'payment',
      'payment after:36',
      'difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:36}}]',
    ],
  },
  {
    text: 'Jorge pays £385 at the end of each month on a loan of £21,000 at 8.4% compounded monthly. When he has made 24 payments, he begins to pay £500. How many payments does he make altogether and how much interest does he save?',
    plans: ['borrowing amount=21000 rate=0.084/nominal/12 p=12 payment=385 final=0 payment@24:115 ?payments'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'During a strike, payments 10 to 13 of a 48-payment loan of €15,000 at 8.1% compounded monthly are not made. Interest is charged, and the loan is to be paid off at the agreed time. Payments are due at the end of each month. Find the payment before the strike and the payment after it.',
    plans: ['borrowing amount=15000 rate=0.081/nominal/12 n=48 p=12 final=0 skip@9:4/payments ?payment'],
    asks: ['payment', 'payment after:13'],
  },
  {
    text: 'A mortgage of €182,000 has a rate of 4.56% compounded monthly and a term of 20 years, with payments at the end of each month. The owner pays half of the payment every fortnight. When is the mortgage repaid, in payments and in years?',
    plans: [
      'borrowing amount=182000 rate=0.0456/nominal/12 n=240 p=12 final=0 ?payment',
      'borrowing amount=182000 rate=0.0456/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['payments@1', 'years@1'],
  },
  {
    text: 'A borrower is offered €10,000 for three years at 7.8% compounded monthly by one bank and at 7.95% compounded half-yearly by another; both want payments at the end of each month. Find the payments and say which bank is cheaper and by how much in total.',
    plans: [
      'borrowing amount=10000 rate=0.078/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=10000 rate=0.0795/nominal/2 n=36 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'For a fund that pays £2,400 at the beginning of each quarter for 15 years at 4.2% compounded quarterly, find (a) the amount that has to be in it at the start, (b) the balance after six years.',
    plans: ['drawing-down rate=0.042/nominal/4 n=60 p=4 payment=2400 beginning final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:24'],
  },
  {
    text: 'Anja pays €650 at the end of each month on her mortgage of €110,000 at 4.08% compounded monthly. After ten years she pays €900. How many payments does she make altogether, and how many fewer are they than at €650?',
    plans: ['borrowing amount=110000 rate=0.0408/nominal/12 p=12 payment=650 final=0 payment@120:250 ?payments'],
    asks: ['payments', 'difference of:payments between:[asStated,withChanges]'],
  },
  {
    text: 'An old loan of £40,000 at 9.6% compounded monthly over eight years has 50 payments left. It can be refinanced at 6.9% compounded monthly over the same 50 months at a cost of £350, which is added to the new loan. All payments are at the end of the month. Find the old payment, the balance of the old loan, the new payment, and the total saving.',
    plans: [
      'borrowing amount=40000 rate=0.096/nominal/12 n=96 p=12 final=0 ?payment',
      'borrowing fees=350 rate=0.069/nominal/12 n=50 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:46',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:46}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: "A café considers leasing a coffee bar worth €28,000 for four years at €575 at the beginning of each month, after which it may keep it for €5,000, or a loan of €28,000 for four years at 7.8% compounded monthly with payments at the end of each month. Compare the two: find the lease's rate compounded monthly, the loan's payment, and the option with the lower total.",
    plans: [
      'leasing price=28000 amount=28000 n=48 p=12 payment=575 beginning final=5000 ?rate',
      'borrowing amount=28000 rate=0.078/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: '$20,000 is left for three years at 3.9% compounded monthly and then for four years at 4.5% compounded quarterly. Find the value at the end of the seven years.',
    plans: [
      'lump-sum amount=20000 rate=0.039/nominal/12 n=36 p=12 ?finalAmount',
      'lump-sum rate=0.045/nominal/4 n=16 p=4 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'A trust of $750,000 earning 4.14% compounded monthly provides equal payments at the end of each month for 30 years. Find the payment. Find the amount in the trust after ten years.',
    plans: ['drawing-down amount=750000 rate=0.0414/nominal/12 n=360 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:120'],
  },
  {
    text: 'On a debt of €22,400 at 8.04% compounded monthly, to be paid over six years at the end of each month, no payments are made in months 25 through 30. Interest accrues. The debt must be discharged on the original date. Find the payment before and after.',
    plans: ['borrowing amount=22400 rate=0.0804/nominal/12 n=72 p=12 final=0 skip@24:6/payments ?payment'],
    asks: ['payment', 'payment after:30'],
  },
  {
    text: 'Ida puts €310 into a pension plan at the end of each month for 28 years; the plan earns 4.68% compounded monthly. Thereafter it pays her a constant amount at the end of each month for 20 years, still at 4.68% compounded monthly. Find the accumulated sum and the monthly pension.',
    plans: [
      'saving amount=0 rate=0.0468/nominal/12 n=336 p=12 payment=310 ?finalAmount',
      'drawing-down rate=0.0468/nominal/12 n=240 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'A father wants to provide €900 at the beginning of each month for five years, starting 15 years from now. He saves an equal amount at the end of each month until then. The rate is 3.72% compounded monthly throughout. How much must be there in 15 years? How much must he save monthly?',
    plans: [
      'drawing-down rate=0.0372/nominal/12 n=60 p=12 payment=900 beginning final=0 ?amount',
      'saving amount=0 rate=0.0372/nominal/12 n=180 p=12 ?payment',
    ],
    asks: ['amount', 'payment@1'],
  },
  {
    text: 'Deposits of $220 are made at the end of each month for nine years at 3.3% compounded monthly, and the sum is then left for six more years at 3.9% compounded monthly. To what does it amount?',
    plans: [
      'saving amount=0 rate=0.033/nominal/12 n=108 p=12 payment=220 ?finalAmount',
      'lump-sum rate=0.039/nominal/12 n=72 p=12 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'The Berglunds can save €700 at the end of each month at 2.88% compounded monthly. In how many months will they have €40,000? How many months would it take with €900?',
    plans: [
      'saving amount=0 rate=0.0288/nominal/12 p=12 payment=700 final=40000 ?payments',
      'saving amount=0 rate=0.0288/nominal/12 p=12 payment=900 final=40000 ?payments',
    ],
    asks: ['payments', 'payments@1'],
  },
  {
    text: 'A trader needs £60,000. Bank A lends it at 6.9% compounded monthly over seven years, Bank B at 6.6% compounded monthly over eight years. Find each end-of-month payment. At which bank is less interest paid, and how much less?',
    plans: [
      'borrowing amount=60000 rate=0.069/nominal/12 n=84 p=12 final=0 ?payment',
      'borrowing amount=60000 rate=0.066/nominal/12 n=96 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalInterest want:least', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A piece of land priced at £48,000 is bought for £12,000 cash and equal payments at the end of each half-year for nine years. If interest is 6.2% compounded half-yearly, find the payment and the total interest.',
    plans: ['borrowing price=48000 down=12000 amount=36000 rate=0.062/nominal/2 n=18 p=2 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: "Rune's bakery needs a new oven at €23,600. He pays €3,600 from his savings; the rest he borrows for five years at 7.08% compounded monthly, paying at the end of each month. What does he pay?",
    plans: ['borrowing price=23600 down=3600 amount=20000 rate=0.0708/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'How much will a deposit of $4,400 have become after seven years and six months at 3.9% compounded quarterly?',
    plans: ['lump-sum amount=4400 rate=0.039/nominal/4 n=30 p=4 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'An insurer pays out £80,000, which Mrs Orr has turned into a monthly income for 16 years, the first payment at once. The rate is 3.84% compounded monthly. What is the income?',
    plans: ['drawing-down amount=80000 rate=0.0384/nominal/12 n=192 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A lender charges 7.8% a year on the full amount of a £3,300 loan for 20 months. What are the equal monthly instalments?',
    plans: ['flat amount=3300 rate=0.078/flat n=20 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Joost swaps his old barge, taken at €9,400, for one costing €41,000. He adds €3,600 in cash and finances the difference over eight years at 6.48% compounded monthly, month-end. What does he finance, what does he pay a month, and what is his total interest?',
    plans: [
      'borrowing price=41000 down=3600 trade=9400 amount=28000 rate=0.0648/nominal/12 n=96 p=12 final=0 ?payment',
    ],
    asks: ['amount', 'payment', 'totalInterest'],
  },
  {
    text: 'To clear $13,900 at 10.8% compounded monthly, Wren sends $320 at the end of each month. How many payments will it take, what is the last, and what has she paid in all?',
    plans: ['borrowing amount=13900 rate=0.108/nominal/12 p=12 payment=320 final=0 ?payments'],
    asks: ['payments', 'lastPayment', 'totalPaid'],
  },
  {
    text: 'A fund of €150,000 earning 4.02% compounded monthly pays €1,300 at the end of each month. How much is left after six years? For how many months in all can it pay the full amount?',
    plans: ['drawing-down amount=150000 rate=0.0402/nominal/12 p=12 payment=1300 final=0 ?payments'],
    asks: ['balanceAfter k:72', 'payments count:full'],
  },
  {
    text: "Svea's loan: £27,000, six years, 8.16% compounded monthly, payments at the end of each month. Together with payment 24 she sends £3,500. Her payments stay the same. How many are there in all? How much interest does the £3,500 save?",
    plans: ['borrowing amount=27000 rate=0.0816/nominal/12 n=72 p=12 final=0 extra@24:3500/payment ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'With 40 month-end payments still to go on a £30,000, eight-year loan at 9.12% compounded monthly, Tor moves to a lender who asks 6.72% compounded monthly over the same 40 months and adds a £280 fee to the balance. What was he paying, what does he owe, what will he pay, and what does he save?',
    plans: [
      'borrowing amount=30000 rate=0.0912/nominal/12 n=96 p=12 final=0 ?payment',
      'borrowing fees=280 rate=0.0672/nominal/12 n=40 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'balanceAfter k:56',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:56}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'Half of each month-end payment on a £215,000 mortgage over 25 years at 4.98% compounded monthly is paid every two weeks instead. How many of these payments are there, how many years do they take, and what interest is saved?',
    plans: [
      'borrowing amount=215000 rate=0.0498/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=215000 rate=0.0498/nominal/12 p=26 final=0 ?payments',
    ],
    asks: ['payments@1', 'years@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'A loan of €23,500 at 7.92% compounded monthly is repaid at €410 a month, month-end, and from the 25th payment on at €520. How many payments in all, and how much interest does the higher payment save?',
    plans: ['borrowing amount=23500 rate=0.0792/nominal/12 p=12 payment=410 final=0 payment@24:110 ?payments'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: '£18,000 can be lent at 4.2% compounded monthly or at 4.26% compounded half-yearly for eight years. What does each give, and which gives more, by how much?',
    plans: [
      'lump-sum amount=18000 rate=0.042/nominal/12 n=96 p=12 ?finalAmount',
      'lump-sum amount=18000 rate=0.0426/nominal/2 n=16 p=2 ?finalAmount',
    ],
    asks: [
      'finalAmount',
      'finalAmount@1',
      'choice by:finalAmount want:most',
      'difference of:finalAmount between:[0,1]',
    ],
  },
  {
    text: 'Find out what €16 000 turns into in nine years at 3,72 % a year when interest is added every month.',
    plans: ['lump-sum amount=16000 rate=0.0372/nominal/12 n=108 p=12 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: "At 5.04% compounded monthly Mr Pellew's $310,000 pays him the same sum at the start of each month for 22 years. Which sum?",
    plans: ['drawing-down amount=310000 rate=0.0504/nominal/12 n=264 p=12 beginning final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Put by now at 4.1% effective, what buys a £25,000 boat in eleven years?',
    plans: ['lump-sum rate=0.041/effective/1 n=11 p=1 final=25000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Of the 29th payment on an €18,500 loan (48 month-end payments, 8.1% compounded monthly), how much is interest, how much principal, and what is owed once it is paid?',
    plans: ['borrowing amount=18500 rate=0.081/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['interestIn from:29 to:29', 'principalIn from:29 to:29', 'balanceAfter k:29'],
  },
  {
    text: "From the lessor's side: a crane worth €142,000, let for 5 years at €2,480 a month in advance, coming back worth €38,000. Nominal rate compounded monthly? Effective?",
    plans: ['leasing price=142000 amount=142000 n=60 p=12 payment=2480 beginning final=38000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'effectiveRate'],
  },
  {
    text: '€200,000, 20 years, month-end, 3.96% compounded monthly; after the 96th payment 5.16%, same end date. Payments before and after, and the debt at the change?',
    plans: ['borrowing amount=200000 rate=0.0396/nominal/12 n=240 p=12 final=0 rate@96:0.0516/payments ?payment'],
    asks: ['payment', 'payment after:96', 'balanceAfter k:96'],
  },
  {
    text: 'Loan, $46,000, 8 years, 7.08% compounded monthly, month-end. With the 30th payment the borrower adds $6,000 and pays on as before. Payments in all, last payment, interest saved?',
    plans: ['borrowing amount=46000 rate=0.0708/nominal/12 n=96 p=12 final=0 extra@30:6000/payment ?payment'],
    asks: ['payments', 'lastPayment', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: '£14,800 at 8.76% compounded monthly, 60 month-end payments, of which 16 to 19 are left out (interest runs, end unchanged). Payment first, payment later?',
    plans: ['borrowing amount=14800 rate=0.0876/nominal/12 n=60 p=12 final=0 skip@15:4/payments ?payment'],
    asks: ['payment', 'payment after:19'],
  },
  {
    text: 'A club pays £275 at the end of each month into a fund at 2.88% compounded monthly; after four years it pays £360. What is there after nine years?',
    plans: ['saving amount=0 rate=0.0288/nominal/12 n=108 p=12 payment=275 payment@48:85 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A loan of €12,600 has 36 end-of-month payments at 8.28% compounded monthly. Find the principal and interest of payment 15, and the balance after it.',
    plans: ['borrowing amount=12600 rate=0.0828/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['principalIn from:15 to:15', 'interestIn from:15 to:15', 'balanceAfter k:15'],
  },
  {
    text: 'Sanna borrows €31,500 at 6.72% compounded monthly for seven years; she pays at the end of each month. How much interest does she pay in the last year?',
    plans: ['borrowing amount=31500 rate=0.0672/nominal/12 n=84 p=12 final=0 ?payment'],
    asks: ['interestIn from:73 to:84'],
  },
  {
    text: 'Janet bought a used truck for $18,500. She made a down payment of 20% and financed the rest with a 4-year loan at 6.9% compounded monthly. Find (a) her monthly payment, (b) the total amount paid for the truck and (c) the finance charge.',
    plans: ['borrowing price=18500 down=3700 amount=14800 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]', 'financeCharge'],
  },
  {
    text: 'Lena takes out a personal loan of £6,000 at an APR of 9.9%, to be repaid over three years by equal monthly repayments. Calculate the monthly repayment, taking the APR as an effective rate.',
    plans: ['borrowing amount=6000 rate=0.099/effective/1 n=36 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Which is the better investment: 4.9% compounded daily, 4.95% compounded quarterly? Support your answer with the effective rates.',
    plans: ['convert rate=0.049/nominal/365 p=365 ?rate', 'convert rate=0.0495/nominal/4 p=4 ?rate'],
    asks: ['choice by:effectiveRate want:most', 'effectiveRate', 'effectiveRate@1'],
  },
  {
    text: 'A contract calls for payments of $850 at the end of every quarter for six years and an additional $5,000 at the end of the sixth year. What is the cash value of the contract at 7% compounded quarterly?',
    plans: ['borrowing rate=0.07/nominal/4 n=24 p=4 payment=850 final=5000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Find the effective rate of interest equivalent to 7.2% compounded (a) semi-annually, (b) quarterly, (c) monthly.',
    plans: [
      'convert rate=0.072/nominal/2 p=2 ?rate',
      'convert rate=0.072/nominal/4 p=4 ?rate',
      'convert rate=0.072/nominal/12 p=12 ?rate',
    ],
    asks: ['effectiveRate', 'effectiveRate@1', 'effectiveRate@2'],
  },
  {
    text: 'Thandiwe buys a fridge on hire purchase. The cash price is R8,499. She pays a 15% deposit and the balance over 24 months at 14% per annum simple interest. Calculate her monthly instalment and the total amount she pays for the fridge.',
    plans: ['flat price=8499 down=1274.85 amount=7224.15 rate=0.14/flat n=24 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'Ashok borrows $12,000 for 3 years at 9% compounded monthly. At the end of the first year he makes an additional payment of $2,000 and the monthly payment is recalculated so that the loan still finishes on time. Find the original and new payments.',
    plans: ['borrowing amount=12000 rate=0.09/nominal/12 n=36 p=12 final=0 extra@12:2000/payments ?payment'],
    asks: ['payment', 'payment after:12'],
  },
  {
    text: 'Prepare to refinance: The Delgados took out a 30-year mortgage of $275,000 at 7.5% compounded monthly six years ago. They can now refinance the balance over the remaining 24 years at 5.9% compounded monthly. Calculate the current balance, the new monthly payment, and the amount they save each month.',
    plans: [
      'borrowing amount=275000 rate=0.075/nominal/12 n=360 p=12 final=0 ?payment',
      'borrowing rate=0.059/nominal/12 n=288 p=12 final=0 ?payment',
    ],
    asks: ['balanceAfter k:72', 'payment@1', 'difference of:payment between:[0,1]'],
  },
  {
    text: 'A savings account paid 5% compounded semi-annually for 3 years and then 4% compounded quarterly for 2 years. What did a deposit of $6,000 amount to?',
    plans: [
      'lump-sum amount=6000 rate=0.05/nominal/2 n=6 p=2 ?finalAmount',
      'lump-sum rate=0.04/nominal/4 n=8 p=4 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'Compare: Bank A offers 5.85% compounded quarterly, Bank B 5.8% compounded monthly and Bank C 5.9% compounded annually. Which bank offers the highest effective rate?',
    plans: [
      'convert rate=0.0585/nominal/4 p=4 ?rate',
      'convert rate=0.058/nominal/12 p=12 ?rate',
      'convert rate=0.059/nominal/1 p=1 ?rate',
    ],
    asks: ['choice by:effectiveRate want:most'],
  },
  {
    text: 'An interest rate of 8.3% effective is equivalent to what rate per month?',
    plans: ['convert rate=0.083/effective/1 p=12 ?rate'],
    asks: ['ratePerPayment'],
  },
  {
    text: 'Ms Iyer borrows ₹500,000 at a flat rate of 8% p.a. for 4 years. Find the EMI.',
    plans: ['flat amount=500000 rate=0.08/flat n=48 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Nora pays £180 a month into a pension plan for 30 years at an effective annual return of 5%, at the end of each month. What is the value of her pension pot? What lump sum today would grow to the same amount?',
    plans: [
      'borrowing rate=0.05/effective/1 n=360 p=12 payment=180 final=0 ?amount',
      'saving amount=0 rate=0.05/effective/1 n=360 p=12 payment=180 ?finalAmount',
    ],
    asks: ['finalAmount@1', 'amount'],
  },
  {
    text: 'At age 25 Petra begins putting $200 at the end of each month into a retirement account earning 6% compounded monthly. She stops contributing at age 35 and leaves the money to grow at the same rate until age 65. How much is in the account when she is 65?',
    plans: [
      'saving amount=0 rate=0.06/nominal/12 n=120 p=12 payment=200 ?finalAmount',
      'lump-sum rate=0.06/nominal/12 n=360 p=12 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'Olga plans to withdraw $2,400 per month from her retirement savings for 25 years, with the first withdrawal one month after she retires. If the account earns 4.2% compounded monthly, how much must she have saved by the time she retires? How much interest will be earned during the 25 years?',
    plans: ['drawing-down rate=0.042/nominal/12 n=300 p=12 payment=2400 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'What nominal rate compounded monthly makes a deposit of $3,000 grow to $4,000 in 6 years?',
    plans: ['lump-sum amount=3000 n=72 p=12 final=4000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Compare the monthly payment and the total interest for a $180,000 mortgage at 5.4% compounded monthly over 15 years and over 30 years.',
    plans: [
      'borrowing amount=180000 rate=0.054/nominal/12 n=180 p=12 final=0 ?payment',
      'borrowing amount=180000 rate=0.054/nominal/12 n=360 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalInterest', 'payment@1', 'totalInterest@1'],
  },
  {
    text: 'A widow invests $200,000 at 4.8% compounded quarterly and makes withdrawals at the end of each quarter for 15 years until nothing is left. How large are the withdrawals? If she wanted $40,000 to remain after 15 years, how large could they be?',
    plans: [
      'drawing-down amount=200000 rate=0.048/nominal/4 n=60 p=4 final=0 ?payment',
      'drawing-down amount=200000 rate=0.048/nominal/4 n=60 p=4 final=40000 ?payment',
    ],
    asks: ['payment', 'payment@1'],
  },
  {
    text: 'The Changs take a $330,000 mortgage amortized over 25 years at 4.75% compounded semi-annually, with monthly payments. The term is 5 years. At renewal the rate is 6.1% compounded semi-annually. What is the payment for the first term? What is the balance at renewal? What is the new payment if the amortization does not change?',
    plans: ['borrowing amount=330000 rate=0.0475/nominal/2 n=300 p=12 final=0 rate@60:0.061/payments ?payment'],
    asks: ['payment', 'balanceAfter k:60', 'payment after:60'],
  },
  {
    text: 'From age 22 to age 32 Wim deposits €1,200 at the end of each year at 5% effective. Then he deposits nothing more but leaves the money in the account until he is 60. How much does he have at 60?',
    plans: [
      'saving amount=0 rate=0.05/effective/1 n=10 p=1 payment=1200 ?finalAmount',
      'lump-sum rate=0.05/effective/1 n=28 p=1 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'Lena saves £100 at the end of each month from her 20th birthday until her 30th, at 4.8% compounded monthly, and then leaves what she has untouched until her 60th birthday. What is it worth then?',
    plans: [
      'saving amount=0 rate=0.048/nominal/12 n=120 p=12 payment=100 ?finalAmount',
      'lump-sum rate=0.048/nominal/12 n=360 p=12 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'At what annual interest rate, compounded annually, does a capital of €8,000 increase to €10,000 in seven years?',
    plans: ['lump-sum amount=8000 n=7 p=1 final=10000 ?rate'],
    asks: ['nominalRate compoundingsPerYear:1'],
  },
  {
    text: 'An apartment costs €240,000. The buyers have €60,000 of their own money and take a mortgage for the remaining amount at 3.9% p.a. compounded monthly. They can pay €1,000 a month at the end of each month. After how many months is the mortgage repaid and how large is the last instalment?',
    plans: [
      'borrowing price=240000 down=60000 amount=180000 rate=0.039/nominal/12 p=12 payment=1000 final=0 ?payments',
    ],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: "A foundation receives €400,000 and pays out an annual prize at the end of each year for 25 years. The foundation's capital earns 3.5% effective. How large can the prize be if the capital is used up after 25 years?",
    plans: ['drawing-down amount=400000 rate=0.035/effective/1 n=25 p=1 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A student saves €80 at the end of each month for two years and €120 for the following three years. The account bears interest at 1.8% p.a., compounded monthly. How much is in the account at the end of the five years?',
    plans: ['saving amount=0 rate=0.018/nominal/12 n=60 p=12 payment=80 payment@24:40 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A leasing contract for a van worth €31,000 runs over 48 months. At the beginning there is a special payment of €5,000; the residual value is €12,000. What monthly instalment, payable at the end of each month, results if the lessor calculates with 5.4% p.a. compounded monthly?',
    plans: ['leasing price=31000 down=5000 amount=26000 rate=0.054/nominal/12 n=48 p=12 final=12000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Convert 0.4% per month into an effective annual rate, and 5% effective per year into a monthly rate.',
    plans: ['convert rate=0.004/per-period/12 p=12 ?rate', 'convert rate=0.05/effective/1 p=12 ?rate'],
    asks: ['effectiveRate', 'ratePerPayment@1'],
  },
  {
    text: 'An insurance company offers an immediate annuity: for a single premium of €100,000 it pays €560 a month in arrears for 20 years. What nominal rate compounded monthly does this correspond to?',
    plans: ['drawing-down amount=100000 n=240 p=12 payment=560 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'A bank calculates the monthly payment of a £150,000 mortgage over 25 years at 4.5% compounded monthly. What is the payment, and how does the payment change if the rate increases to 5.5%?',
    plans: [
      'borrowing amount=150000 rate=0.045/nominal/12 n=300 p=12 final=0 ?payment',
      'borrowing amount=150000 rate=0.055/nominal/12 n=300 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'difference of:payment between:[0,1]'],
  },
  {
    text: "The following loan is being repaid: amount £17,500, 6.6% a year compounded monthly, 48 end-of-month payments. The borrower misses payments 10, 11 and 12 with the bank's consent, interest being added to the debt. What must be paid from payment 13 on if the loan is to finish on schedule?",
    plans: ['borrowing amount=17500 rate=0.066/nominal/12 n=48 p=12 final=0 skip@9:3/payments ?payment'],
    asks: ['payment after:12'],
  },
  {
    text: 'A £150,000 mortgage runs over 25 years at 4.5% compounded monthly with payments at the end of each month. After five years the rate rises to 5.5%. Find the payment, and how does the payment change?',
    plans: ['borrowing amount=150000 rate=0.045/nominal/12 n=300 p=12 final=0 rate@60:0.055/payments ?payment'],
    asks: [
      'payment',
      'difference of:payment between:[{plan:0,quantity:payment},{plan:0,quantity:payment,args:{after:60}}]',
    ],
  },
  {
    text: 'Which nominal annual rate payable monthly is equivalent to 5% effective?',
    plans: ['convert rate=0.05/effective/1 p=12 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "Dilys Hume, 38, has £4,700 in a savings club and will put in a further £130 at each month's end. The club adds 0.3% every month. (a) What will she hold in eight years? (b) How much of that will be interest?",
    plans: ['saving amount=4700 rate=0.003/per-period/12 n=96 p=12 payment=130 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'For a charter, a yacht worth €88,000 is let for 60 months against monthly payments in advance; at the end it should still be worth €37,000. The owner wants 6.6% a year, compounded monthly, on his money. Find the monthly payment.',
    plans: ['leasing price=88000 amount=88000 rate=0.066/nominal/12 n=60 p=12 beginning final=37000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A moneylender advertises "£500 today, repay £12 a week for 52 weeks, first payment in a week". What is the nominal rate compounded weekly, and what is the effective annual rate?',
    plans: ['borrowing amount=500 n=52 p=52 payment=12 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:52', 'effectiveRate'],
  },
  {
    text: 'Two borrowers, one lender. Asa takes £8,000 over 3 years; Bea takes £8,000 over 5 years. Both pay 7.2% compounded monthly at the end of each month. What does each pay a month, and how much more interest does Bea pay in total?',
    plans: [
      'borrowing amount=8000 rate=0.072/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=8000 rate=0.072/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: "Jonas Wick is deciding how to pay for a £21,600 van. The dealer's plan: £3,600 down and 48 monthly payments of £432, the first in one month. His bank's plan: a loan for the whole £21,600 at 6.6% compounded monthly, 60 end-of-month payments. What nominal rate compounded monthly does the dealer's plan charge? What would he pay the bank each month? Under which plan does he pay less altogether, and how much less?",
    plans: [
      'borrowing price=21600 down=3600 amount=18000 n=48 p=12 payment=432 final=0 ?rate',
      'borrowing price=21600 amount=21600 rate=0.066/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'payment@1',
      'choice by:totalPaid want:least include:[downPayment]',
      'difference of:totalPaid between:[{plan:0,quantity:totalPaid,args:{include:[downPayment]}},{plan:1,quantity:totalPaid,args:{include:[downPayment]}}]',
    ],
  },
  {
    text: "A hotel leases an oven worth $48,000 for five years. Rentals are paid quarterly in advance, the lessor earns 9.2% compounded quarterly, and the oven is worth $9,000 at the end. (a) Find the quarterly rental. (b) Find the lessor's unrecovered investment immediately after the 8th rental. (c) Find the total of all rentals.",
    plans: ['leasing price=48000 amount=48000 rate=0.092/nominal/4 n=20 p=4 beginning final=9000 ?payment'],
    asks: ['payment', 'balanceAfter k:8', 'totalPaid only:payments'],
  },
  {
    text: 'Two payment plans are offered for a £2,850 bassoon. Plan 1: 10% deposit, then 24 monthly payments, flat rate 6% per annum on the balance. Plan 2: no deposit, 24 monthly payments at 13.2% compounded monthly. Work out the monthly payment of each plan and the total paid under each, deposit included. What is the true rate, compounded monthly, of plan 1?',
    plans: [
      'flat price=2850 down=285 amount=2565 rate=0.06/flat n=24 p=12 final=0 ?payment',
      'borrowing price=2850 amount=2850 rate=0.132/nominal/12 n=24 p=12 final=0 ?payment',
    ],
    asks: [
      'payment',
      'totalPaid include:[downPayment]',
      'payment@1',
      'totalPaid@1',
      'nominalRate compoundingsPerYear:12',
    ],
  },
  {
    text: 'A mortgage of $225,000 at 5.7% compounded semi-annually has monthly payments and is amortized over 25 years. After 5 years the owner refinances the balance at 4.5% compounded semi-annually over the remaining 20 years, paying a penalty of $2,400 which is added to the balance. Find the original payment, the amount refinanced, and the new payment.',
    plans: [
      'borrowing amount=225000 rate=0.057/nominal/2 n=300 p=12 final=0 ?payment',
      'borrowing fees=2400 rate=0.045/nominal/2 n=240 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'amount@1', 'payment@1'],
  },
  {
    text: 'On the birth of her son Rosalind starts a fund: $150 at the end of each month at 4.5% compounded monthly until his 18th birthday. From then on he draws $1,200 at the beginning of every month. What is in the fund on his 18th birthday? How many full withdrawals can he make?',
    plans: [
      'saving amount=0 rate=0.045/nominal/12 n=216 p=12 payment=150 ?finalAmount',
      'drawing-down rate=0.045/nominal/12 p=12 payment=1200 beginning final=0 ?payments',
    ],
    asks: ['finalAmount', 'payments@1 count:full'],
  },
  {
    text: 'A loan of $21,000 at 5.1% compounded monthly is not paid on for three years, the interest being added each month. Afterwards it is repaid with equal month-end payments over ten years. What is owed when repayment starts, and what is the payment?',
    plans: [
      'lump-sum amount=21000 rate=0.051/nominal/12 n=36 p=12 ?finalAmount',
      'borrowing rate=0.051/nominal/12 n=120 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'Ten years ago Fenella took a mortgage of £160,000 for 25 years at 5.4% compounded monthly with month-end payments. Today the rate changes to 4.2% and the end date stays. What was the payment, and what is the new one?',
    plans: ['borrowing amount=160000 rate=0.054/nominal/12 n=300 p=12 final=0 rate@120:0.042/payments ?payment'],
    asks: ['payment', 'payment after:120'],
  },
  {
    text: 'The down payment on a £42,500 narrowboat is £8,500. The rest is borrowed for ten years at an APR of 7.9% compounded monthly. What are the monthly repayments?',
    plans: ['borrowing price=42500 down=8500 amount=34000 rate=0.079/nominal/12 n=120 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A nominal rate of 6.3% compounded quarterly is to be replaced by an equivalent nominal rate compounded monthly. Find it.',
    plans: ['convert rate=0.063/nominal/4 p=12 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "A lender's rate goes up: Loan €150.000, 20 years, 4,5 % compounded monthly, month-end. After 5 years 5,4 %. End date kept. Old payment? Balance? New payment? Extra interest because of the rise?",
    plans: ['borrowing amount=150000 rate=0.045/nominal/12 n=240 p=12 final=0 rate@60:0.054/payments ?payment'],
    asks: [
      'payment',
      'balanceAfter k:60',
      'payment after:60',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'Ingrid saves $180 at each month-end at 4.08% compounded monthly. From the 49th deposit on it is $240. How much has she after 7 years? How much did she put in, and what is the interest?',
    plans: ['saving amount=0 rate=0.0408/nominal/12 n=84 p=12 payment=180 payment@48:60 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid', 'totalInterest'],
  },
  {
    text: 'In how many months does a debt of $2,640 vanish if $120 is paid at the end of each month and 1.5% is charged monthly?',
    plans: ['borrowing amount=2640 rate=0.015/per-period/12 p=12 payment=120 final=0 ?payments'],
    asks: ['payments'],
    isDoubted: true,
  },
  {
    text: 'The interest on a mortgage of €132,000 is 4.08 % compounded monthly; it runs for 18 years with month-end payments. How much interest is there in the first payment, in the 100th, and altogether?',
    plans: ['borrowing amount=132000 rate=0.0408/nominal/12 n=216 p=12 final=0 ?payment'],
    asks: ['interestIn from:1 to:1', 'interestIn from:100 to:100', 'totalInterest'],
  },
  {
    text: 'Ysolde pays $289.50 at the end of each month for four years on a loan at 8.64% compounded monthly. What did she borrow, what does she still owe half-way through, and what interest does she pay in the second half?',
    plans: ['borrowing rate=0.0864/nominal/12 n=48 p=12 payment=289.5 final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:24', 'interestIn from:25 to:48'],
  },
  {
    text: 'The council lends a theatre £60,000, on which 3% effective is charged, and wants yearly payments in arrears for 12 years. What is a payment? After the 5th payment the theatre pays back the rest at once. How much is that?',
    plans: ['borrowing amount=60000 rate=0.03/effective/1 n=12 p=1 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:5'],
  },
  {
    text: "Colm borrows $40,000 at 6.12% compounded monthly over ten years with payments at month's end. When the 36th payment has been made the rate goes up to 7.32%, and Colm keeps on paying what he paid before. How many more months than planned does the loan take? What is the last payment?",
    plans: ['borrowing amount=40000 rate=0.0612/nominal/12 n=120 p=12 final=0 rate@36:0.0732/payment ?payment'],
    asks: ['difference of:payments between:[asStated,withChanges]', 'lastPayment'],
  },
  {
    text: 'A guild pays €600 into a fund at the end of each quarter for nine years at 4% compounded quarterly, then €900 for another six years. What is in the fund at the end? How much interest has it earned?',
    plans: ['saving amount=0 rate=0.04/nominal/4 n=60 p=4 payment=600 payment@36:300 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'Until she is 67 Wanda, 42 now, saves $450 at the end of every month at 5.04% compounded monthly. From then on she draws $3,000 at the end of every month, the rate staying the same. What has she saved at 67, and how long does it last?',
    plans: [
      'saving amount=0 rate=0.0504/nominal/12 n=300 p=12 payment=450 ?finalAmount',
      'drawing-down rate=0.0504/nominal/12 p=12 payment=3000 final=0 ?payments',
    ],
    asks: ['finalAmount', 'payments@1'],
  },
  {
    text: 'A £24,000 loan at 7.8% compounded monthly would take 60 month-end payments. The borrower pays £50 more than the payment (rounded to the cent) every month from the beginning. How many payments does he make, how large is the last, and how much interest does he save?',
    plans: ['borrowing amount=24000 rate=0.078/nominal/12 n=60 p=12 final=0 payment@0:50 ?payment'],
    asks: ['payments', 'lastPayment', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Lease: 36 payments of €415 in advance on a delivery van worth €19,800, which then may be bought for €7,200. Loan for the same van: 36 payments at month-end, 7.56% compounded monthly. Lease rate (nominal, monthly)? Loan payment? Which costs less, buying it included?',
    plans: [
      'leasing price=19800 amount=19800 n=36 p=12 payment=415 beginning final=7200 ?rate',
      'borrowing price=19800 amount=19800 rate=0.0756/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: 'A combine worth €140,000 is leased for 5 years at 6.8% compounded half-yearly; the rent is paid half-yearly in advance and €35,000 is the agreed residual value. What is the rent? What does the lessee pay altogether if the machine is given back?',
    plans: ['leasing price=140000 amount=140000 rate=0.068/nominal/2 n=10 p=2 beginning final=35000 ?payment'],
    asks: ['payment', 'totalPaid'],
  },
  {
    text: 'Flora owes €21,000 at 6.9 % compounded monthly. The loan has 48 payments, one at the end of each month. What does the 10th payment consist of (interest and principal), and what is owed after it?',
    plans: ['borrowing amount=21000 rate=0.069/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['interestIn from:10 to:10', 'principalIn from:10 to:10', 'balanceAfter k:10'],
  },
  {
    text: 'Nominal 5.04% compounded monthly: give (i) the rate per month, (ii) the effective annual rate, (iii) the equivalent nominal rate compounded half-yearly.',
    plans: ['convert rate=0.0504/nominal/12 p=12 ?rate'],
    asks: ['ratePerPayment', 'effectiveRate', 'nominalRate compoundingsPerYear:2'],
  },
  {
    text: "The rate on Gwyn's savings is 2.76% compounded monthly. He pays in £220 at the end of each month for 6 years and £300 for the 4 years after that. What has he then? How much of it has he paid in himself?",
    plans: ['saving amount=0 rate=0.0276/nominal/12 n=120 p=12 payment=220 payment@72:80 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid'],
  },
  {
    text: 'After 5 years of paying £712.40 at the end of each month on a loan of £90,000 at 5.1% compounded monthly, Harriet pays off the rest in one sum. How large is it? How much interest has she paid in those five years?',
    plans: ['borrowing amount=90000 rate=0.051/nominal/12 n=60 p=12 payment=712.4 ?finalAmount'],
    asks: ['balanceAfter k:60', 'interestIn from:1 to:60'],
  },
  {
    text: 'A firm puts €12,000 at the end of each half-year into a fund at 5% compounded half-yearly. After six years it stops, and the fund is left to itself for another four years. How much is in it then? How much interest has been earned in the ten years?',
    plans: [
      'saving amount=0 rate=0.05/nominal/2 n=12 p=2 payment=12000 ?finalAmount',
      'lump-sum rate=0.05/nominal/2 n=8 p=2 ?finalAmount',
    ],
    asks: [
      'finalAmount@1',
      'difference of:totalInterest between:[{plan:1,quantity:finalAmount},{plan:0,quantity:totalPaid}]',
    ],
  },
  {
    text: 'A loan of £30,000 at 6% compounded monthly runs ten years. What is the difference in the total interest between paying at the end and at the beginning of each month?',
    plans: [
      'borrowing amount=30000 rate=0.06/nominal/12 n=120 p=12 final=0 ?payment',
      'borrowing amount=30000 rate=0.06/nominal/12 n=120 p=12 beginning final=0 ?payment',
    ],
    asks: ['difference of:totalInterest between:[0,1]'],
  },
  {
    text: "Hal and Wyn each owe £11,000 at 7.8% compounded monthly. Hal pays it off in 36 payments, Wyn in 60, always at month's end. What does each pay a month, and how much less interest does Hal pay?",
    plans: [
      'borrowing amount=11000 rate=0.078/nominal/12 n=36 p=12 final=0 ?payment',
      'borrowing amount=11000 rate=0.078/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'Anneke saves for her retirement at 65. She is 30, saves €180 at the start of each month at 4,08 % compounded monthly, and afterwards takes an equal sum out at the start of each month for 22 years. What does she have at 65? What can she take out?',
    plans: [
      'saving amount=0 rate=0.0408/nominal/12 n=420 p=12 payment=180 beginning ?finalAmount',
      'drawing-down rate=0.0408/nominal/12 n=264 p=12 beginning final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: '€7.200 at 9 % compounded monthly, 30 month-end payments. Payment? From the 13th payment on the lender charges 10,5 %, the number of payments staying. Balance after the 12th? New payment?',
    plans: ['borrowing amount=7200 rate=0.09/nominal/12 n=30 p=12 final=0 rate@12:0.105/payments ?payment'],
    asks: ['payment', 'balanceAfter k:12', 'payment after:12'],
  },
  {
    text: 'Piet borrowed £42,000 three years ago: 8 years, 7.2% compounded monthly, payments at month-end. He can now borrow what he still owes at 5.7% compounded monthly for the remaining 5 years, for a fee of £350 which he adds to the loan. Would he pay less a month, and how much? What does he still owe today?',
    plans: [
      'borrowing amount=42000 rate=0.072/nominal/12 n=96 p=12 final=0 ?payment',
      'borrowing fees=350 rate=0.057/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['difference of:payment between:[0,1]', 'balanceAfter k:36'],
  },
  {
    text: 'Joint plan: €500 are paid in now, €75 at the end of each month for 5 years, and at the end of the third year another €2,000. Rate 2,52 % compounded monthly. End value?',
    plans: ['saving amount=500 rate=0.0252/nominal/12 n=60 p=12 payment=75 extra@36:2000/payment ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Jessamy wants a motor-cycle at £8,640. The dealer takes £1,640 down and lends the rest at 9.24% compounded monthly over 3 years. (a) Find the monthly payment in arrears. (b) Find the total Jessamy pays for the motor-cycle. (c) How much of that is interest?',
    plans: ['borrowing price=8640 down=1640 amount=7000 rate=0.0924/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]', 'totalInterest'],
  },
  {
    text: 'A sinking fund of £36,000 is to be there in five years. Payments at the start of every month; 3.6% compounded monthly. What is each payment, how much is in the fund after two years, and how much interest does it earn in the five years?',
    plans: ['saving amount=0 rate=0.036/nominal/12 n=60 p=12 beginning final=36000 ?payment'],
    asks: ['payment', 'balanceAfter k:24', 'totalInterest'],
  },
  {
    text: 'Is 6.2% compounded daily (365 days) or 6.25% compounded half-yearly dearer for a borrower? Give both effective rates.',
    plans: ['convert rate=0.062/nominal/365 p=365 ?rate', 'convert rate=0.0625/nominal/2 p=2 ?rate'],
    asks: ['choice by:effectiveRate want:most', 'effectiveRate', 'effectiveRate@1'],
  },
  {
    text: 'Buying on the never-never: £2,300 television set, 10% down, flat charge 7.5% a year, 30 months. Monthly payment? Total? If instead the rest were borrowed at 13.8% compounded monthly over the same time, what would the monthly payment be? Which way costs less?',
    plans: [
      'flat price=2300 down=230 amount=2070 rate=0.075/flat n=30 p=12 final=0 ?payment',
      'borrowing price=2300 down=230 amount=2070 rate=0.138/nominal/12 n=30 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'totalPaid', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: 'What is the size of the final payment if $28,000 at 7.08% compounded monthly is amortised over 20 years with month-end payments but the balance is due with the 60th payment?',
    plans: [
      'borrowing amount=28000 rate=0.0708/nominal/12 n=240 p=12 final=0 ?payment',
      'borrowing amount=28000 rate=0.0708/nominal/12 n=60 p=12 ?finalAmount',
    ],
    asks: ['lastPayment@1 include:[finalAmount]'],
  },
  {
    text: 'How many payments of £410 at the end of each quarter does it take to save £10,000 at 3.2% compounded quarterly?',
    plans: ['saving amount=0 rate=0.032/nominal/4 p=4 payment=410 final=10000 ?payments'],
    asks: ['payments'],
  },
  {
    text: "In 9 years' time Lubin needs $45,000. What must he invest in a single sum now, at 5.04% compounded monthly?",
    plans: ['lump-sum rate=0.0504/nominal/12 n=108 p=12 final=45000 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Twice a year, at the beginning of January and July, Maud pays £1,500 into an annuity fund at 3.8% compounded half-yearly. How much is there after 8 years?',
    plans: ['saving amount=0 rate=0.038/nominal/2 n=16 p=2 payment=1500 beginning ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Amalia (44) has £38,000 in her pension fund and will be 62 when she stops. Her employer and she together pay in £420 at the end of each month. With 4.8% a year compounded monthly, how much will there be when she stops, and how much of that is interest?',
    plans: ['saving amount=38000 rate=0.048/nominal/12 n=216 p=12 payment=420 ?finalAmount'],
    asks: ['finalAmount', 'totalInterest'],
  },
  {
    text: 'On a debt of €31,000 at 5.16% compounded monthly, €480 is paid at the end of each month for 4 years. What is then still owed? By how much has the debt been reduced? How much interest was paid?',
    plans: ['borrowing amount=31000 rate=0.0516/nominal/12 n=48 p=12 payment=480 ?finalAmount'],
    asks: ['finalAmount', 'principalIn from:1 to:48', 'totalInterest'],
  },
  {
    text: 'For eight years Ewart pays £275 into a fund at the end of each month at 4.32% compounded monthly. Then he leaves the fund alone for six years. What is it worth at the end, and what was it worth when he stopped paying?',
    plans: [
      'saving amount=0 rate=0.0432/nominal/12 n=96 p=12 payment=275 ?finalAmount',
      'lump-sum rate=0.0432/nominal/12 n=72 p=12 ?finalAmount',
    ],
    asks: ['finalAmount@1', 'finalAmount'],
  },
  {
    text: 'Five years into a 20-year loan of £128,000 at 6.12% compounded monthly (month-end payments) the borrower changes to a lender who charges 4.68% compounded monthly on the balance, for the remaining 15 years. Old payment, balance, new payment?',
    plans: [
      'borrowing amount=128000 rate=0.0612/nominal/12 n=240 p=12 final=0 ?payment',
      'borrowing rate=0.0468/nominal/12 n=180 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'balanceAfter k:60', 'payment@1'],
  },
  {
    text: 'Mr and Mrs Ottley pay off £6,400 with a flat-rate loan: 8% a year for 3 years, monthly payments. A friend says that 14% compounded monthly would be cheaper. Compare the monthly payments, and find the true nominal rate, compounded monthly, of the flat-rate loan.',
    plans: [
      'flat amount=6400 rate=0.08/flat n=36 p=12 final=0 ?payment',
      'borrowing amount=6400 rate=0.14/nominal/12 n=36 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: '$42,000, 7 years, 6.6% compounded monthly, payments at the end of the month, and $10,000 still owed when the last one has been made. What are the payments? What is the total interest if the $10,000 is then paid?',
    plans: ['borrowing amount=42000 rate=0.066/nominal/12 n=84 p=12 final=10000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Tilly misses payments 9, 10 and 11 of her loan of £5,600 (8.7% compounded monthly, 30 month-end payments). Interest is added. What were her payments before, and what are they from the 12th on if the loan is to end on time?',
    plans: ['borrowing amount=5600 rate=0.087/nominal/12 n=30 p=12 final=0 skip@8:3/payments ?payment'],
    asks: ['payment', 'payment after:11'],
  },
  {
    text: '€600 a month (month-end) would repay a loan in 10 years at 4.8% compounded monthly. How large is the loan? If €750 were paid each month instead, how many payments would it take, and how much interest would be saved?',
    plans: [
      'borrowing rate=0.048/nominal/12 n=120 p=12 payment=600 final=0 ?amount',
      'borrowing rate=0.048/nominal/12 p=12 payment=750 final=0 ?payments',
    ],
    asks: ['amount', 'payments@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: 'If one wants 12.000,00 € after four years and a half, how much has to be paid in each month, at the end, at 2,88 % compounded monthly?',
    plans: ['saving amount=0 rate=0.0288/nominal/12 n=54 p=12 final=12000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'After the 60th of 180 month-end payments, what is still owed on a mortgage of $178,000 at 5.76% compounded monthly? And what is paid in interest over the remaining 120?',
    plans: ['borrowing amount=178000 rate=0.0576/nominal/12 n=180 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:60', 'interestIn from:61 to:180'],
  },
  {
    text: "A scaffold is leased at £640 a month, in advance, over 30 months with a buy-back value of £5,000; the lessor's rate is 8.4% compounded monthly. What is the scaffold worth at the start? How much interest does the lessor earn?",
    plans: ['leasing rate=0.084/nominal/12 n=30 p=12 payment=640 beginning final=5000 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'Which loan would you take: £5,000 with 24 payments of £231, or £5,000 with 36 payments of £164 (all at month-end)? Find the nominal rate, compounded monthly, of each.',
    plans: [
      'borrowing amount=5000 n=24 p=12 payment=231 final=0 ?rate',
      'borrowing amount=5000 n=36 p=12 payment=164 final=0 ?rate',
    ],
    asks: [
      'choice by:totalPaid want:least',
      'nominalRate compoundingsPerYear:12',
      'nominalRate@1 compoundingsPerYear:12',
    ],
  },
  {
    text: 'Dov puts $2,400 into his plan at the end of each year; it earns 4.75% effective. (a) How much is there after 20 years? (b) After how many years are there $50,000?',
    plans: [
      'saving amount=0 rate=0.0475/effective/1 n=20 p=1 payment=2400 ?finalAmount',
      'saving amount=0 rate=0.0475/effective/1 p=1 payment=2400 final=50000 ?payments',
    ],
    asks: ['finalAmount', 'years@1'],
  },
  {
    text: 'A chapel organ for €74,000 is paid for with €20,000 down and half-yearly payments in arrears over six years at 5.4% compounded half-yearly. What is a payment? How large is the debt after the seventh payment? How much interest is in the eighth?',
    plans: ['borrowing price=74000 down=20000 amount=54000 rate=0.054/nominal/2 n=12 p=2 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:7', 'interestIn from:8 to:8'],
  },
  {
    text: 'Anton and Bela each save €150 a month for 10 years at 3% compounded monthly, Anton at the end and Bela at the start of each month. How much has each, and how much more has Bela?',
    plans: [
      'saving amount=0 rate=0.03/nominal/12 n=120 p=12 payment=150 ?finalAmount',
      'saving amount=0 rate=0.03/nominal/12 n=120 p=12 payment=150 beginning ?finalAmount',
    ],
    asks: ['finalAmount', 'finalAmount@1', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: "Hesper's loan: €26,000 at 6.6% compounded monthly, 60 month-end payments. She would like a payment holiday of three months after the 12th payment (interest is added) and still be finished after 60 months. What is her payment before and after the holiday? What does the holiday cost her in interest?",
    plans: ['borrowing amount=26000 rate=0.066/nominal/12 n=60 p=12 final=0 skip@12:3/payments ?payment'],
    asks: ['payment', 'payment after:15', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'What did Mrs Penhallow borrow, if she paid £245 at the end of each month for five years at 6.36% compounded monthly and a last £4,000 with the 60th payment? How much of all that was interest?',
    plans: ['borrowing rate=0.0636/nominal/12 n=60 p=12 payment=245 final=4000 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'From age 30 to age 65, Bram deposits $300 at the end of each month at 5.4% compounded monthly. Then he withdraws equal amounts at the end of each month for 20 years at the same rate. How much does he have at 65, and how much can he withdraw each month?',
    plans: [
      'saving amount=0 rate=0.054/nominal/12 n=420 p=12 payment=300 ?finalAmount',
      'drawing-down rate=0.054/nominal/12 n=240 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'A boat costs $33,000. Dealer financing: 48 months at 2.9% compounded monthly. Bank financing: a $2,500 cash discount and 48 months at 6.6% compounded monthly. Find both end-of-month payments and the better choice.',
    plans: [
      'borrowing price=33000 amount=33000 rate=0.029/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing price=33000 rebate=2500 amount=30500 rate=0.066/nominal/12 n=48 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: 'A lender adds a fee of $350 to a loan of $12,000 and charges 8.4% compounded monthly over 36 months, with payments at the end of each month. What is the payment? What is the finance charge, the fee included?',
    plans: ['borrowing fees=350 amount=12350 rate=0.084/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'A mortgage of £210,000 at 4.74% compounded monthly runs for 22 years with end-of-month payments. If £150 more is paid each month from the start, how many payments are needed and how much interest is saved?',
    plans: ['borrowing amount=210000 rate=0.0474/nominal/12 n=264 p=12 final=0 payment@0:150 ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Kit has been quoted 7.92% compounded monthly. His sister has been quoted 8.05% compounded half-yearly. Whose effective rate is higher?',
    plans: ['convert rate=0.0792/nominal/12 p=12 ?rate', 'convert rate=0.0805/nominal/2 p=2 ?rate'],
    asks: ['choice by:effectiveRate want:most'],
  },
  {
    text: "Rosa's car costs €19,990. She gives her old car (€5,990) in part exchange and finances the rest by a flat-rate credit at 3.9% a year over four years, in monthly instalments. What is the instalment? Which nominal rate, compounded monthly, does she really pay?",
    plans: ['flat price=19990 trade=5990 amount=14000 rate=0.039/flat n=48 p=12 final=0 ?payment'],
    asks: ['payment', 'nominalRate compoundingsPerYear:12'],
  },
  {
    text: 'Tobias borrowed $18,400 at 9.3% compounded monthly over 54 months. He has just made his 30th payment and receives a bonus of $4,000, all of which he puts towards the loan. His payment does not change. How many payments will he still make? What will he save in interest?',
    plans: [
      'borrowing amount=18400 rate=0.093/nominal/12 n=54 p=12 final=0 extra@30:4000/payment ?payment',
      'borrowing rate=0.093/nominal/12 p=12 final=0 ?payments',
    ],
    asks: ['payments@1', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: "Wendela starts with nothing and pays £75 at the end of each month into a fund at 4.8% compounded monthly. After 7 years the fund's rate falls to 3.6% compounded monthly, and she continues for 5 more years. What does she have at the end?",
    plans: ['saving amount=0 rate=0.048/nominal/12 n=144 p=12 payment=75 rate@84:0.036/payment ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'Ewan borrows $22,000 at 6.3% compounded monthly and agrees to repay it with equal monthly payments over 6 years. After 2 years he makes a lump-sum payment of $3,500 and keeps paying the same monthly amount. How many more payments are needed, and how much interest does the lump sum save?',
    plans: [
      'borrowing amount=22000 rate=0.063/nominal/12 n=72 p=12 final=0 extra@24:3500/payment ?payment',
      'borrowing rate=0.063/nominal/12 p=12 final=0 ?payments',
    ],
    asks: ['payments@1', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'Gareth invests £8,000 at 3.9% compounded monthly for four years and then at 4.5% compounded monthly for three years. What is the final value, and how much interest is earned?',
    plans: [
      'lump-sum amount=8000 rate=0.039/nominal/12 n=48 p=12 ?finalAmount',
      'lump-sum rate=0.045/nominal/12 n=36 p=12 ?finalAmount',
    ],
    asks: [
      'finalAmount@1',
      'difference of:totalInterest between:[{plan:1,quantity:finalAmount},{plan:0,quantity:amount}]',
    ],
  },
  {
    text: 'A car costs £20,000; £2,000 is paid down and the rest is financed over 48 end-of-month payments at 6% compounded monthly. After 12 payments the buyer pays £3,000 extra and keeps the payment. How many more payments are needed?',
    plans: [
      'borrowing price=20000 down=2000 amount=18000 rate=0.06/nominal/12 n=48 p=12 final=0 extra@12:3000/payment ?payment',
      'borrowing rate=0.06/nominal/12 p=12 final=0 ?payments',
    ],
    asks: ['payments@1'],
  },
  {
    text: 'Hattie Corrigan, a beekeeper, takes $9,800 from the credit union to build a honey shed. Interest is 7.5% a year compounded monthly and the money is to be paid back in equal amounts at the end of every month over four years. How large is each of them?',
    plans: ['borrowing amount=9800 rate=0.075/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A skipper puts by £140 at the end of each month. His savings society credits 3.3% a year, monthly. What has he got after seven and a half years?',
    plans: ['saving amount=0 rate=0.033/nominal/12 n=90 p=12 payment=140 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'To renew its organ in nine years, a parish must have £75,000. What must it place at the end of each half-year in a fund growing at 4.1% compounded half-yearly?',
    plans: ['saving amount=0 rate=0.041/nominal/2 n=18 p=2 final=75000 ?payment'],
    asks: ['payment'],
  },
  {
    text: "Petra Lindqvist borrows €18.400,00 (decimal comma) at 6,2 % compounded quarterly for 6 years, with payments at each quarter's end. Find (a) the payment, (b) what remains to be paid off after the tenth payment, (c) the interest part of payments 11 to 14.",
    plans: ['borrowing amount=18400 rate=0.062/nominal/4 n=24 p=4 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:10', 'interestIn from:11 to:14'],
  },
  {
    text: 'For a bus costing £46,000 the school pays 20% deposit. The remainder is repaid in 60 month-end payments at an APR of 6.9% compounded monthly. (i) Monthly payment? (ii) Amount outstanding when half of the payments have been made?',
    plans: ['borrowing price=46000 down=9200 amount=36800 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:30'],
  },
  {
    text: 'Every six months, starting half a year from now, Cornelius draws £4,500 from a fund of £62,000 that is credited with 5% a year compounded semi-annually. (a) For how many withdrawals of that size is there enough? (b) What is the amount of the last, smaller one?',
    plans: ['drawing-down amount=62000 rate=0.05/nominal/2 p=2 payment=4500 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: "Ms. Quill's mortgage: £165,000, 5.4% compounded monthly, 25 years, monthly in arrears. After 5 years, how much does she owe? How much of what she has paid so far was interest?",
    plans: ['borrowing amount=165000 rate=0.054/nominal/12 n=300 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:60', 'interestIn from:1 to:60'],
  },
  {
    text: 'A hospital borrows $480,000 at 5.5% compounded semi-annually. It pays $36,000 at the end of each half-year. After how many payments is the debt gone, and what is the final payment?',
    plans: ['borrowing amount=480000 rate=0.055/nominal/2 p=2 payment=36000 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'Two lenders offer the Fairweather brothers $30,000 for five years. The first asks for 7.2% compounded monthly. The second asks 6.6% compounded monthly but adds a fee of $500 to the loan. Compare the monthly payments and say which one costs less in all and by how much.',
    plans: [
      'borrowing amount=30000 rate=0.072/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing fees=500 amount=30500 rate=0.066/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: "Old Jonas saves £250 at the end of each month for fifteen years at 4.2% compounded monthly. Afterwards he lives for ten years on equal monthly withdrawals, also at the month's end, at the same rate. How much can he withdraw each time? How much interest is earned over the 25 years?",
    plans: [
      'saving amount=0 rate=0.042/nominal/12 n=180 p=12 payment=250 ?finalAmount',
      'drawing-down rate=0.042/nominal/12 n=120 p=12 final=0 ?payment',
    ],
    asks: [
      'payment@1',
      'difference of:totalInterest between:[{plan:1,quantity:totalPaid},{plan:0,quantity:totalPaid}]',
    ],
  },
  {
    text: 'A loan of £15,000 over six years at 7.8% compounded monthly has an extra £2,000 paid in with payment 20. The monthly payment is not altered. In which month is it paid off, how many payments are saved, and how much interest?',
    plans: ['borrowing amount=15000 rate=0.078/nominal/12 n=72 p=12 final=0 extra@20:2000/payment ?payment'],
    asks: [
      'payments',
      'difference of:payments between:[asStated,withChanges]',
      'difference of:totalInterest between:[asStated,withChanges]',
    ],
  },
  {
    text: 'Lars refinances. His $140,000 loan at 7.2% compounded monthly has run 8 of its 20 years. The new bank asks 5.4% compounded monthly and the debt is to be gone when it would have been. What is owed now? What are the old payment and the new? How much is saved in total?',
    plans: [
      'borrowing amount=140000 rate=0.072/nominal/12 n=240 p=12 final=0 ?payment',
      'borrowing rate=0.054/nominal/12 n=144 p=12 final=0 ?payment',
    ],
    asks: [
      'balanceAfter k:96',
      'payment',
      'payment@1',
      'difference of:leftToPay between:[{plan:0,quantity:leftToPay,args:{k:96}},{plan:1,quantity:totalPaid}]',
    ],
  },
  {
    text: 'Twelve months after the loan began, how much is still owed by a florist who borrowed £7,300 at 9.9% compounded monthly and is repaying over 30 months? By how much does her next payment lower the debt?',
    plans: ['borrowing amount=7300 rate=0.099/nominal/12 n=30 p=12 final=0 ?payment'],
    asks: ['balanceAfter k:12', 'principalIn from:13 to:13'],
  },
  {
    text: 'Payments on the £34,000 loan of the village hall were worked out for 10 years at 6.6% compounded monthly. From payment 49 on the committee pays £100 more each month. How many payments will there be altogether, and what interest is saved by it?',
    plans: ['borrowing amount=34000 rate=0.066/nominal/12 n=120 p=12 final=0 payment@48:100 ?payment'],
    asks: ['payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'A 25-year mortgage of £180,000 is repaid monthly at 5.4% compounded monthly. How large is the payment, and how much interest will be paid over the whole time?',
    plans: ['borrowing amount=180000 rate=0.054/nominal/12 n=300 p=12 final=0 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'Ingrid wishes to have £30,000 on her fiftieth birthday, eleven years from now. Her bank credits 3.6% a year monthly. What must she pay in at each month-end?',
    plans: ['saving amount=0 rate=0.036/nominal/12 n=132 p=12 final=30000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Mr Ogden owes £6,300 on a card that charges 1.6% a month. He stops using it and pays £200 at the end of each month. When will he be clear of debt, and what will his final payment be?',
    plans: ['borrowing amount=6300 rate=0.016/per-period/12 p=12 payment=200 final=0 ?payments'],
    asks: ['payments', 'lastPayment'],
  },
  {
    text: 'A student loan of $24,000 at 4.8% compounded monthly is to be repaid over ten years by monthly payments. Interest accrues for the first six months, during which nothing is paid. How large is the debt when repayment starts? What is the monthly payment?',
    plans: [
      'lump-sum amount=24000 rate=0.048/nominal/12 n=6 p=12 ?finalAmount',
      'borrowing rate=0.048/nominal/12 n=120 p=12 final=0 ?payment',
    ],
    asks: ['finalAmount', 'payment@1'],
  },
  {
    text: 'Ben can invest a legacy of £8,000 at 4.2% compounded monthly or at 4.25% compounded annually, for six years in either case. Which gives the larger sum, and how much larger?',
    plans: [
      'lump-sum amount=8000 rate=0.042/nominal/12 n=72 p=12 ?finalAmount',
      'lump-sum amount=8000 rate=0.0425/nominal/1 n=6 p=1 ?finalAmount',
    ],
    asks: ['choice by:finalAmount want:most', 'difference of:finalAmount between:[0,1]'],
  },
  {
    text: 'How much sooner will a debt of $18,000 at 6.9% compounded monthly be paid off if $450 is paid at the end of each month instead of $400?',
    plans: [
      'borrowing amount=18000 rate=0.069/nominal/12 p=12 payment=400 final=0 ?payments',
      'borrowing amount=18000 rate=0.069/nominal/12 p=12 payment=450 final=0 ?payments',
    ],
    asks: ['difference of:years between:[0,1]'],
  },
  {
    text: "Nuria takes over her uncle's bakery and needs £64,000 for it. Her bank is prepared to lend the money at 7.35% compounded monthly, repayable over twelve years in equal instalments at the end of each month. (a) What are the instalments? (b) After five years she would like to pay the loan off. What would she have to pay, besides the instalment then due?",
    plans: ['borrowing amount=64000 rate=0.0735/nominal/12 n=144 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:60'],
  },
  {
    text: 'For six years a schoolmaster has put $110 into the credit union at the end of each month. The union paid 3.9% compounded monthly. Today he stops paying in. How much does he have, and how much of that did he pay in himself?',
    plans: ['saving amount=0 rate=0.039/nominal/12 n=72 p=12 payment=110 ?finalAmount'],
    asks: ['finalAmount', 'totalPaid'],
  },
  {
    text: 'A debt of £3,600 bears interest at 1.25% per month. Find how many monthly payments of £150 will be necessary, and the amount of the concluding payment one month later.',
    plans: ['borrowing amount=3600 rate=0.0125/per-period/12 p=12 payment=150 final=0 ?payments'],
    asks: ['payments count:full', 'lastPayment'],
  },
  {
    text: "The Wimbleby Players lease lighting worth £14,800 for 30 months. They pay £2,000 at the outset and equal rents at the end of each month, and the kit reverts to the owner, worth then £3,000. The lessor's rate is 9.6% compounded monthly. Determine the rent.",
    plans: ['leasing price=14800 down=2000 amount=12800 rate=0.096/nominal/12 n=30 p=12 final=3000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A loan of £9,250 is to be cleared by 42 equal payments, one at the end of each month, at 8.16% compounded monthly. Show how payment 20 divides into interest and principal.',
    plans: ['borrowing amount=9250 rate=0.0816/nominal/12 n=42 p=12 final=0 ?payment'],
    asks: ['interestIn from:20 to:20', 'principalIn from:20 to:20'],
  },
  {
    text: "The population... no, the endowment of a library is $340,000. It earns 4.6% effective. Each year, at the year's end, the same amount is spent on books so that after 30 years $100,000 will remain. How much can be spent on books?",
    plans: ['drawing-down amount=340000 rate=0.046/effective/1 n=30 p=1 final=100000 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'Two payment plans for a £2,800 cooker: (i) 24 payments of £132.50, starting in a month; (ii) nothing down, 7.9% flat over two years, monthly. Find the nominal rate compounded monthly under each and say which is cheaper.',
    plans: [
      'borrowing price=2800 amount=2800 n=24 p=12 payment=132.5 final=0 ?rate',
      'flat price=2800 amount=2800 rate=0.079/flat n=24 p=12 final=0 ?payment',
    ],
    asks: [
      'nominalRate compoundingsPerYear:12',
      'nominalRate@1 compoundingsPerYear:12',
      'choice by:totalPaid want:least',
    ],
  },
  {
    text: "Elin's mortgage of $285,000 was granted for 30 years at 6.6% compounded monthly. She pays every month, at the end. How much of her first year's payments goes to principal? How much does she owe after the first year?",
    plans: ['borrowing amount=285000 rate=0.066/nominal/12 n=360 p=12 final=0 ?payment'],
    asks: ['principalIn from:1 to:12', 'balanceAfter k:12'],
  },
  {
    text: 'Mrs. Gale has paid £620 a month on her £90,000 mortgage (6% compounded monthly, payments at the end of the month) for the past four years. How much has the principal gone down?',
    plans: ['borrowing amount=90000 rate=0.06/nominal/12 n=48 p=12 payment=620 ?finalAmount'],
    asks: ['principalIn from:1 to:48'],
  },
  {
    text: 'Equal payments at the beginning of each quarter for ten years are to replace a debt of £40,000 at 5.2% compounded quarterly. How big are they? What is still owed just after the 20th payment?',
    plans: ['borrowing amount=40000 rate=0.052/nominal/4 n=40 p=4 beginning final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:20'],
  },
  {
    text: 'Daria will receive an allowance of €300 a month at the start of each month for five years. What is it worth at the outset at 3,6 % effective?',
    plans: ['drawing-down rate=0.036/effective/1 n=60 p=12 payment=300 beginning final=0 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'A bank pays 3.6% compounded daily on deposits. What will £12,000 be worth after 500 days? (365-day year)',
    plans: ['lump-sum amount=12000 rate=0.036/nominal/365 n=500 p=365 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'A grain co-op repays a loan in 20 half-yearly payments of €8,640, the first due six months after the loan. The interest is 5.75% compounded semi-annually. What was borrowed? What is outstanding after the 12th payment, and what part of the 13th is interest?',
    plans: ['borrowing rate=0.0575/nominal/2 n=20 p=2 payment=8640 final=0 ?amount'],
    asks: ['amount', 'balanceAfter k:12', 'interestIn from:13 to:13'],
  },
  {
    text: 'Which loan costs less: £12,000 over four years at 7.9% compounded monthly, or £12,000 over five years at 6.9% compounded monthly, both with month-end payments? Give both totals.',
    plans: [
      'borrowing amount=12000 rate=0.079/nominal/12 n=48 p=12 final=0 ?payment',
      'borrowing amount=12000 rate=0.069/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['choice by:totalPaid want:least', 'totalPaid', 'totalPaid@1'],
  },
  {
    text: 'Ship chandlers owe £27,500 at 6.9% compounded monthly. They pay £600 at the end of each month for two years, and then raise their payment to £850. How many more payments do they make, and what is the last?',
    plans: [
      'borrowing amount=27500 rate=0.069/nominal/12 p=12 payment=600 final=0 payment@24:250 ?payments',
      'borrowing rate=0.069/nominal/12 p=12 payment=850 final=0 ?payments',
    ],
    asks: ['payments@1', 'lastPayment'],
  },
  {
    text: 'A hardware store finances a mower of $2,150 at 9% simple (flat) interest for 20 months. What is the monthly payment?',
    plans: ['flat amount=2150 rate=0.09/flat n=20 p=12 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: 'A trailer is priced at $14,200. After a trade-in allowance of $2,700 and a cash payment of $1,500, the balance is financed for 4 years at 7.5% compounded monthly. Determine the monthly payment and the total cost of the trailer, trade-in and cash included.',
    plans: ['borrowing price=14200 down=1500 trade=2700 amount=10000 rate=0.075/nominal/12 n=48 p=12 final=0 ?payment'],
    asks: ['payment', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'To replace its roof a chapel must accumulate £48,000 in eight years. It makes deposits at the end of every six months into a fund earning 4.6% compounded semi-annually. Find (a) the deposit and (b) the balance in the fund after five years.',
    plans: ['saving amount=0 rate=0.046/nominal/2 n=16 p=2 final=48000 ?payment'],
    asks: ['payment', 'balanceAfter k:10'],
  },
  {
    text: 'A £7,500 loan carries a 2% arrangement fee, which is added to the amount borrowed. It is repaid over three years by end-of-month payments at 8.4% compounded monthly. What is the payment, and what is the finance charge including the fee?',
    plans: ['borrowing fees=150 amount=7650 rate=0.084/nominal/12 n=36 p=12 final=0 ?payment'],
    asks: ['payment', 'financeCharge'],
  },
  {
    text: 'Equal deposits at the end of each month for 15 years accumulated to $61,000 at 4.5% compounded monthly. What was the deposit? How much interest was earned?',
    plans: ['saving amount=0 rate=0.045/nominal/12 n=180 p=12 final=61000 ?payment'],
    asks: ['payment', 'totalInterest'],
  },
  {
    text: 'On a 30-month loan of €9,200 at 10.8% compounded monthly, construct the line of the amortization schedule for payment 11: interest, principal and new balance.',
    plans: ['borrowing amount=9200 rate=0.108/nominal/12 n=30 p=12 final=0 ?payment'],
    asks: ['interestIn from:11 to:11', 'principalIn from:11 to:11', 'balanceAfter k:11'],
  },
  {
    text: 'How much would have to be paid now to settle 24 remaining payments of £345, the next due in a month, if interest is 7.8% compounded monthly? How much interest is saved by doing so?',
    plans: ['borrowing rate=0.078/nominal/12 n=24 p=12 payment=345 final=0 ?amount'],
    asks: ['amount', 'totalInterest'],
  },
  {
    text: 'Ella invests $4,000 at 5% compounded quarterly for three years, and then the whole amount at 5.6% compounded monthly for four more years. What does she have in the end?',
    plans: [
      'lump-sum amount=4000 rate=0.05/nominal/4 n=12 p=4 ?finalAmount',
      'lump-sum rate=0.056/nominal/12 n=48 p=12 ?finalAmount',
    ],
    asks: ['finalAmount@1'],
  },
  {
    text: 'After 3 years of paying €410 at the end of each month on a loan at 6.3% compounded monthly, Ivo still owes €9,870. How much did he borrow?',
    plans: ['borrowing rate=0.063/nominal/12 n=36 p=12 payment=410 final=9870 ?amount'],
    asks: ['amount'],
  },
  {
    text: 'Bank X lends at 7.9% compounded monthly; bank Y at 8.0% compounded semi-annually. For a $25,000 loan over five years with monthly payments (end of month), find the payment at each bank and the difference in total interest.',
    plans: [
      'borrowing amount=25000 rate=0.079/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=25000 rate=0.08/nominal/2 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'difference of:totalInterest between:[0,1]'],
  },
  {
    text: "The principal on Gerda's mortgage is £140,000 today. She pays £985 at the end of each month at 5.4% compounded monthly. From now on, how many payments does she have to make? If she increases them to £1,085, how many fewer will there be?",
    plans: [
      'borrowing amount=140000 rate=0.054/nominal/12 p=12 payment=985 final=0 ?payments',
      'borrowing amount=140000 rate=0.054/nominal/12 p=12 payment=1085 final=0 ?payments',
    ],
    asks: ['payments', 'difference of:payments between:[0,1]'],
  },
  {
    text: "The interest rate on Lara's $95,000 mortgage is fixed at 4.5% compounded monthly for 5 years and then becomes 5.4%. The amortization is 20 years; payments are monthly in arrears and are recalculated at the change. Find both payments and the balance at the end of year 5.",
    plans: ['borrowing amount=95000 rate=0.045/nominal/12 n=240 p=12 final=0 rate@60:0.054/payments ?payment'],
    asks: ['payment', 'payment after:60', 'balanceAfter k:60'],
  },
  {
    text: 'A car dealer advertises: "€299 a month for 48 months, first payment in one month, €2,500 down." The car\'s cash price is €15,400. What nominal rate, compounded monthly, does this imply? What is the total price on these terms?',
    plans: ['borrowing price=15400 down=2500 amount=12900 n=48 p=12 payment=299 final=0 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12', 'totalPaid include:[downPayment]'],
  },
  {
    text: 'What single payment two years from now is equivalent to £5,000 today at 6% compounded semi-annually?',
    plans: ['lump-sum amount=5000 rate=0.06/nominal/2 n=4 p=2 ?finalAmount'],
    asks: ['finalAmount'],
  },
  {
    text: 'The Penhallow estate lends a tenant £14,600 for a polytunnel at an effective 6.8%. He returns it in nine equal yearly payments, the first a year after the loan. What is the yearly payment?',
    plans: ['borrowing amount=14600 rate=0.068/effective/1 n=9 p=1 final=0 ?payment'],
    asks: ['payment'],
  },
  {
    text: "An industrial dryer valued at £31,000 is leased over five years. The lessee pays rent at the start of each quarter; the lessor requires 8.4% compounded quarterly and reckons with a residual value of £6,500. What should the rent be, and what is the lessor's outstanding capital after three years?",
    plans: ['leasing price=31000 amount=31000 rate=0.084/nominal/4 n=20 p=4 beginning final=6500 ?payment'],
    asks: ['payment', 'balanceAfter k:12'],
  },
  {
    text: 'A school fund receives £90 at the beginning of each month. After five years it contains £6,020. What is the nominal rate compounded monthly?',
    plans: ['saving amount=0 n=60 p=12 payment=90 beginning final=6020 ?rate'],
    asks: ['nominalRate compoundingsPerYear:12'],
  },
  {
    text: "Lotte needs €150.000 for a workshop. She has €30.000 of her own and borrows the rest at 4,68 % compounded monthly. She will pay it back over 18 years with monthly instalments at month's end. What is the instalment, and what will she still owe after 10 years?",
    plans: ['borrowing price=150000 down=30000 amount=120000 rate=0.0468/nominal/12 n=216 p=12 final=0 ?payment'],
    asks: ['payment', 'balanceAfter k:120'],
  },
  {
    text: 'Equal sums are to be paid into a fund at the end of each quarter for 8 years so that at the end of that time it has grown to £30,000. It already contains £4,200 and earns 4.2% compounded quarterly. What is each sum?',
    plans: ['saving amount=4200 rate=0.042/nominal/4 n=32 p=4 final=30000 ?payment'],
    asks: ['payment'],
  },
  {
    text: "For a tractor two offers are made. Offer 1: £52,000, less 4% for cash, financed by the bank at 7.1% compounded monthly over 60 months. Offer 2: £52,000 financed by the dealer at 4.9% compounded monthly over 60 months. Payments at month's end. Find the monthly payment of each, and say which is cheaper in all and by how much.",
    plans: [
      'borrowing price=52000 rebate=2080 amount=49920 rate=0.071/nominal/12 n=60 p=12 final=0 ?payment',
      'borrowing amount=52000 rate=0.049/nominal/12 n=60 p=12 final=0 ?payment',
    ],
    asks: ['payment', 'payment@1', 'choice by:totalPaid want:least', 'difference of:totalPaid between:[0,1]'],
  },
  {
    text: 'The Brauns have an eight-year loan of €64.000 at 5,4 % compounded monthly, monthly in arrears. With the 36th payment they pay €10.000 extra; the remaining payments are made smaller so that the loan ends on time. What did they pay at first, and what do they pay afterwards? How much interest is saved?',
    plans: ['borrowing amount=64000 rate=0.054/nominal/12 n=96 p=12 final=0 extra@36:10000/payments ?payment'],
    asks: ['payment', 'payment after:36', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
  {
    text: 'A debt is to be discharged by payments of €700 at the end of each quarter for six years at 6% compounded quarterly. After the tenth payment the debtor is allowed to pay the rest in one sum. What does he pay then? What was the original debt?',
    plans: ['borrowing rate=0.06/nominal/4 n=24 p=4 payment=700 final=0 ?amount'],
    asks: ['balanceAfter k:10', 'amount'],
  },
  {
    text: 'Vera compares leasing a loader for 42 payments of £640 in advance and a final £9,000 with borrowing its price of £31,500 over 42 months at 8.3% compounded monthly. Find the nominal rate (compounded monthly) of the lease and the loan payment. Which way pays out less in total?',
    plans: [
      'leasing price=31500 amount=31500 n=42 p=12 payment=640 beginning final=9000 ?rate',
      'borrowing price=31500 amount=31500 rate=0.083/nominal/12 n=42 p=12 final=0 ?payment',
    ],
    asks: ['nominalRate compoundingsPerYear:12', 'payment@1', 'choice by:totalPaid want:least'],
  },
  {
    text: "Interest on Ivar's loan of $28,000 is 6.9% compounded monthly. The loan was to be paid off in 72 equal monthly payments in arrears. Starting with payment 25 he pays $80 more than before. Find the original payment, the number of payments he makes altogether and the interest he saves.",
    plans: ['borrowing amount=28000 rate=0.069/nominal/12 n=72 p=12 final=0 payment@24:80 ?payment'],
    asks: ['payment', 'payments', 'difference of:totalInterest between:[asStated,withChanges]'],
  },
];

/** Problems that cannot be solved as they stand. */
export const doubtful: readonly string[] = [
  'A venture costs £10,000 in one year and brings £25,000 in three years. What is its present value at 8% compounded annually?',
  'Ada deposits £2,000 in one year and withdraws £1,000 in three years. Money earns 5% compounded annually. What single sum invested today is worth the same?',
  'Ada borrows £12,000 at 7.2% compounded monthly and repays it with equal payments at the end of each month for 5 years. How much interest is paid after the third year?',
  'A firm borrowed £20,000 at 6% compounded monthly. It pays £3,000 of fees after one year and £4,000 after two years. What does it owe after three years?',
  'Ella invests £5,000 at 4% compounded annually. Her sister invests £3,000 two years later and takes out £500 a year after that. What does the sister have after 6 years?',
  'A student borrowed £6,000 at the start of each of four years of study at 4% compounded annually. What does she owe at the end of the fourth year?',
  'Debts of £1,000 due in 3 months and £2,000 due in 9 months are replaced by two equal payments in 6 and 12 months at 6% compounded monthly. Find the payments.',
  'Two years ago Ida lent £2,000, and £1,000 one year ago, at 5% compounded annually. What is she owed now?',
  'Sam owes £4,000 due now and £3,000 due in one year. He offers £5,000 in two years and the rest in three. At 6% compounded annually, what is the rest?',
  'Nora put £6,000 into a fund at 4.8% compounded monthly. After two years she withdrew £1,000. How much interest did the fund earn in 5 years?',
  'Bea had £10,000 in an account at 3% compounded annually. Two years later she took £11,000 out. What was there after 4 years?',
  'A car loan of $18,000 at 7.2% compounded monthly runs for 7 years. Nadia has made 36 payments and 24 are to go. How much does she still owe?',
  'A saver has made 30 deposits of $250 and wants to make 18 more. At 6% compounded monthly, what will she have at the end?',
  'A sinking fund of 16 half-yearly deposits must yield $120,000. The rate for the first 4 years is 4% compounded semi-annually, after that 5% compounded semi-annually. Find the deposit.',
  'A $210,000 mortgage at 5.2% compounded semi-annually runs for 25 years. Find the payment.',
  'A payment of $300 per month (end) for 8 years or one of $400 for 5½ years: which loan is larger at 6.6% compounded monthly, and by how much?',
  'Two loans of $20,000 at 6% compounded monthly: one runs five years, the other ends a year sooner. What is the payment on each?',
  'Monthly payments at the end of each month of $250 are made on a loan of $30,000 at 12% compounded monthly. How long until it is repaid?',
  'A loan of $8,000 is repaid in 36 monthly payments over 4 years at 6% compounded monthly. What is the payment?',
  'Find the monthly payment on a loan of $8,000 for 3 years.',
  'Edwin buys a sofa for £1,200 and pays £50 a month. What will it cost him?',
  'A loan of $5,000 at 6% compounded monthly is repaid over 3 years at the end of each month. What is the amortization factor?',
  'A loan of $5,000 at 6% compounded monthly is repaid over 3 years at the end of each month. What does the bank make on it?',
  'A loan of $5,000 at 6% compounded monthly is repaid over 3 years at the end of each month. What must go to the lender when it is halved?',
  '$200 a month is saved at month-end for 5 years at 4% compounded monthly. By how much did the own money grow?',
  'A car costs $21,000; $3,000 is paid down, the rest over 48 month-end payments at 7% compounded monthly. How steep is the price that is paid in the end?',
  'Odile opened a fund today with $150 and will pay in $150 at the start of each month until she has made 96 deposits in all, at 3.6% compounded monthly. What is it worth a month after the last?',
  'A debt of £6,000 at 18% compounded monthly: can it be repaid with £80 at the end of each month? How many payments?',
  'A loan of $12,500 over three years in 36 quarterly payments at 8% compounded quarterly, end of quarter. Find the payment.',
  'Find the payment on a loan at 6% compounded monthly, 60 monthly payments, end of month.',
  'An old oak fell on the ferry house in 1962. How many years ago was that?',
  'What monthly payment at the end of each month repays £10,000 in 40 payments over three years at 7% compounded monthly?',
  'Leila invests 8,000 and later takes out 12,000. How long was it invested?',
  'A $9,000 loan at 2% a month is repaid with $170 at the end of each month. What is wrong with that, and how many payments would it take?',
  'The theatre borrows £5,000 at 7% compounded monthly for 2 years and 7 years later it is repaid in 24 monthly payments over 3 years.',
  'Jarl pays off a loan of £18,000 at 9% compounded monthly in 24 monthly payments over three years.  How much?',
  'The loan of $6,200 costs 9.6% compounded monthly.  Find the payment.',
  'A deposit of £4,000 grows to £3,600 in five years, compounded yearly. At what rate?',
  'Half of a $6,800 loan is paid back at once. The rest is repaid at 10.5% compounded monthly, 18 equal payments at the end of each month. How much is each?',
  'A loan of £24,000 at 7.44% with monthly rests takes 60 month-end payments; after a year the borrower skips some. Find the payment.',
  'A fund of €40,000 is paid out at €50,000 at the end of each month at 5% compounded monthly. How many payments are there?',
  'A loan of €4,000 at 75% compounded monthly is repaid by 12 payments at the end of each month. Find the payment.',
  'A lorry at £30,000 is financed over 48 payments at the end of each month at 7.2% compounded monthly with a balloon. Find the payment.',
  'A loan of £5,000 is repaid over 3 years at 6% compounded monthly, end of month. (a) Find the payment. (b) Draw the curve of the debt.',
  'Interest on a deposit of $18,000 left for three years came to $2,412.60. It was compounded semi-annually. Find the nominal rate.',
  'Ruth’s employer deposits £180 into her pension at the end of each month and she adds £120 of her own at the same time. With growth of 5.4% compounded monthly, what will the pension pot be worth after 22 years?',
  'A municipality issues a loan of €6 million at 3.9% compounded semi-annually to be redeemed by equal half-yearly payments over 25 years. Find the payment and the interest portion of the first and the last payment.',
  'The balance of Greta’s loan after 24 of 60 payments is $14,210.35. The loan’s rate is 6.3% compounded monthly; payments are at the end of each month. What is her payment and what did she originally borrow?',
  'A hospital foundation has $2,000,000 at 5.04% compounded monthly. It pays out $14,000 at the beginning of each month. How long does the money last, in months, and how much can be paid out in the last month?',
  'A loan of €12,600 has 36 end-of-month payments at 8.28% compounded monthly. Principal and interest in payment 15 are wanted.',
  'A loan of €12,600 has 36 end-of-month payments at 8.28% compounded monthly. Find the balance after payment 15, and the principal and interest of it.',
  'A loan of €12,000 at 7% compounded monthly runs for 10 years, repaid at month’s end. How much interest is paid in each year?',
  'A loan of €12,000 at 7% compounded monthly runs for 20 years, repaid at month’s end. What is owed at the end of each of the first fifteen years?',
  'Without the balloon of £5,000 a £20,000 loan over 5 years at 6% compounded monthly would cost how much a month, at the month’s end?',
  'A contract of 60 month-end payments of €245 is sold after the 24th to a bank that wants 6% compounded monthly. What does the bank pay for the payments that are left?',
];
