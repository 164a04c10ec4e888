/** The clock that the stage goes by: the server’s, or that of a rehearsal that runs by itself. */
import { createContext, useContext } from 'react';
import { serverNow } from '../app/live';

/** This moment, in ms since 1970. */
export type Clock = () => number;

const ClockContext = createContext<Clock>(serverNow);

export const ClockProvider = ClockContext.Provider;
export const useClock = (): Clock => useContext(ClockContext);
