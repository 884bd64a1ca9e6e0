// A browser is started and pages are loaded: five seconds are too few.
jest.setTimeout(240_000);
