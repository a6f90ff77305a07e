import { setup } from './globalSetup'

// The demo firm of a run, made where AFTERMIST_TEST_DEMO says before the tests that take it.
void setup({ provide: () => undefined })
