/** Mantine in our colours and type. Colours come from tokens.css, so that both themes are decided there. */

import { createTheme, type MantineColorsTuple } from '@mantine/core';
import { say } from '../words/say.ts';

const sea: MantineColorsTuple = [
  '#e2eeee',
  '#cfe2e3',
  '#a6cbce',
  '#7ab3b8',
  '#549ea4',
  '#368d94',
  '#12606a',
  '#10555e',
  '#0d4952',
  '#083b43',
];

export const theme = createTheme({
  primaryColor: 'sea',
  colors: { sea },
  primaryShade: { light: 6, dark: 2 },
  fontFamily: 'var(--sans)',
  fontFamilyMonospace: 'var(--mono)',
  headings: { fontFamily: 'var(--serif)', fontWeight: '500' },
  defaultRadius: 'md',
  autoContrast: true,
  // Only named, so that each comes with the screen that uses it.
  components: {
    ActionIcon: { defaultProps: { size: 30, variant: 'default' } },
    Button: { defaultProps: { size: 'xs', variant: 'default' } },
    // The first item has the focus: nothing stands in a menu but its items.
    Menu: { defaultProps: { returnFocus: true, withInitialFocusPlaceholder: false, menuItemTabIndex: 0 } },
    // Arrow keys count up and down; the small buttons beside would have no name.
    NumberInput: { defaultProps: { hideControls: true } },
    Notification: { defaultProps: { closeButtonProps: { 'aria-label': say('Close') } } },
    // The head of a dialog is not another head of the page.
    Modal: {
      defaultProps: {
        closeButtonProps: { 'aria-label': say('Close') },
        attributes: { header: { role: 'presentation' } },
      },
    },
  },
});
