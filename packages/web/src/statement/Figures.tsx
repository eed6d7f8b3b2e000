/** Numbers on screen: alignment, minus sign, grouping and decimals are decided here. */
import { defaultNumberStyle, writeBrief, writeMoney, writePercent, type NumberStyle } from '@hardy-sextant/core';
import { createContext, useContext } from 'react';

const StyleContext = createContext<NumberStyle>(defaultNumberStyle);

/** How the class at hand writes numbers. */
export const NumberStyleProvider = StyleContext.Provider;

export function useNumberStyle(): NumberStyle {
  return useContext(StyleContext);
}

/** An amount of money. `dash` shows an en dash for zero. */
export function Amount({ value, dash = false }: { readonly value: number; readonly dash?: boolean }) {
  const style = useNumberStyle();
  return <span className="figures">{dash && value === 0 ? '–' : writeMoney(value, style)}</span>;
}

/** A rate given as a fraction, shown in percent. */
export function Rate({ value }: { readonly value: number }) {
  return <span className="figures">{writePercent(value, useNumberStyle())}</span>;
}

/** A count: whole, or with up to four decimals where it is not. */
export function Count({ value }: { readonly value: number }) {
  return <span className="figures">{writeBrief(value, 0, 4, useNumberStyle())}</span>;
}
