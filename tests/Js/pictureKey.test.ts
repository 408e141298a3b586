// @vitest-environment happy-dom
import { beforeEach, expect, it } from "vitest";
import { pictureOf } from "../../resources/js/rooms/log/log";
import { setAccountKey } from "../../resources/js/session/account";
import { remember } from "../../resources/js/session/lastUsed";
import { forgetUnsent, unsentOf } from "../../resources/js/session/unsent";

const [ada, bea] = ["0123456789abcdef", "fedcba9876543210"];

beforeEach(() => {
  localStorage.clear();
});

it("finds the pictures of an account again while it is there, and under no address of before once it has left", () => {
  setAccountKey(ada);
  const shown = pictureOf("f1", "whole");
  expect(shown).toMatch(/^\/api\/frames\/f1\/whole\?of=[0-9a-f]{24}$/);
  remember({ kit: "k" });
  expect(pictureOf("f1", "whole")).toBe(shown);
  expect(unsentOf(ada)).toBe(0);
  setAccountKey(bea);
  expect(pictureOf("f1", "whole")).not.toBe(shown);
  forgetUnsent(ada);
  setAccountKey(ada);
  expect(pictureOf("f1", "whole")).not.toBe(shown);
});
