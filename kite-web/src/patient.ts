import { configure } from "@testing-library/react";

// For tests: how long something takes to show is the machine's affair.
configure({ asyncUtilTimeout: 20_000 });
