import { usualStyle, type NumeralStyle } from '@dotting/core';
import { createContext, useContext } from 'react';

/** How numerals are formed where they are shown: the room’s way, or the child’s own. */
export const NumeralStyleContext = createContext<NumeralStyle>(usualStyle);

export const useNumeralStyle = (): NumeralStyle => useContext(NumeralStyleContext);
