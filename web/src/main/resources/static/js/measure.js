/* The measuring page. */
import "./measuring/entry.js";
import "./measuring/figure.js";
import "./measuring/folds.js";
import "./measuring/keys.js";
import "./measuring/strip.js";
import "./measuring/typed.js";
import "./measuring/alone.js";
import "./measuring/company.js";
import "./measuring/has.js";
