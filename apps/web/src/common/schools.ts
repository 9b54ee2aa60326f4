import { usualSchools, type NumeralStyle, type Schools } from '@dotting/core';
import { createContext, useContext } from 'react';

/** The ways that go here: those of the room that is looked at, or, at the table, those of the child. */
export const SchoolsContext = createContext<Schools>(usualSchools);

export const useSchools = (): Schools => useContext(SchoolsContext);
export const useNumeralStyle = (): NumeralStyle => useSchools().forms;
