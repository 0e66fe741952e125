/* What every page needs. */
import "./dialogs.js";
import "./find.js";
import "./fingers.js";
import "./live.js";
import "./refused.js";
import "./once.js";
import "./rungs.js";
