/* What was read while the house could not be reached, or did not take it: on a shelf of this browser, in order. On a shared
 tablet each person has a shelf of their own, so nothing comes home under another's name. */
import { $ } from "../dom.js";

const SHELF = "misura.kept-here.";
const shown = (what) => ($("measure") ? $("measure").dataset[what] : "");
export const order = () => shown("order");
export const by = () => shown("by");
const own = () => SHELF + by() + "." + order();

function read(name) {
  try {
    return JSON.parse(localStorage.getItem(name) || "[]");
  } catch (e) {
    return [];
  }
}

export const shelved = () => read(own());

/* @returns whether the browser took it */
export function put(list) {
  try {
    if (list.length) localStorage.setItem(own(), JSON.stringify(list));
    else localStorage.removeItem(own());
    return true;
  } catch (e) {
    return false;
  }
}

export const same = (a, b) => a.step === b.step && (a.side || "") === (b.side || "");

/* @param first whether it was read before what lies there already */
export function shelve(fields, first) {
  if (!fields.text.trim()) return false;
  const rest = shelved().filter((each) => each.key !== fields.key);
  return put(first ? [fields, ...rest] : [...rest, fields]);
}

/* What others left on this browser for the same order. */
export const others = () =>
  Object.keys(localStorage)
    .filter((name) => name.startsWith(SHELF) && name.endsWith("." + order()) && name !== own())
    .map((name) => ({ who: name.slice(SHELF.length, -order().length - 1), count: read(name).length }))
    .filter((other) => other.count > 0);
