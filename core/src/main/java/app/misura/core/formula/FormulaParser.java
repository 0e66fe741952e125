package app.misura.core.formula;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a formula from left to right, one word at a time. */
final class FormulaParser {
    private static final Pattern WORD = Pattern.compile(
            "\\s*(?:(?<number>\\d+(?:\\.\\d+)?(?:/\\d+)?)(?![\\w-])|(?<name>[A-Za-z][\\w-]*(?:\\[[^\\]]*\\])?)|(?<sign>[-+(),]))");

    private final String text;
    private final Matcher matcher;
    private int at;

    FormulaParser(String text) {
        this.text = text;
        this.matcher = WORD.matcher(text);
    }

    Formula whole() {
        Formula formula = sum();
        if (!text.substring(at).isBlank()) {
            throw wrong("the end, + or -");
        }
        return formula;
    }

    private IllegalArgumentException wrong(String wanted) {
        return new IllegalArgumentException(
                "\"" + text + "\" is no formula: at place " + (at + 1) + " " + wanted + " would be understood");
    }

    private String peek(String group) {
        matcher.region(at, text.length());
        String found = matcher.lookingAt() ? matcher.group(group) : null;
        return found == null ? "" : found;
    }

    private String take(String group) {
        String found = peek(group);
        at = matcher.end();
        return found;
    }

    private boolean takeSign(String sign) {
        if (!peek("sign").equals(sign)) {
            return false;
        }
        at = matcher.end();
        return true;
    }

    private Formula sum() {
        List<Formula.Term> terms = new ArrayList<>();
        boolean minus = takeSign("-");
        do {
            terms.add(term(minus ? -1 : 1));
            minus = peek("sign").equals("-");
        } while (takeSign("+") || takeSign("-"));
        boolean bare = terms.size() == 1 && terms.get(0).factor() == 1;
        return bare ? terms.get(0).of() : new Formula.Sum(terms);
    }

    private Formula.Term term(int sign) {
        if (peek("number").isEmpty()) {
            return new Formula.Term(sign, factor());
        }
        double number = number(take("number"));
        return peek("name").isEmpty()
                ? new Formula.Term(1, new Formula.Constant(sign * number))
                : new Formula.Term(sign * number, factor());
    }

    private double number(String written) {
        String[] parts = written.split("/");
        double above = Double.parseDouble(parts[0]);
        double below = parts.length == 1 ? 1 : Double.parseDouble(parts[1]);
        if (below == 0) {
            throw wrong("a fraction of something other than nought");
        }
        return above / below;
    }

    private Formula factor() {
        String name = peek("name");
        if (name.isEmpty()) {
            throw wrong("a number or a name");
        }
        take("name");
        if (name.equals("max") || name.equals("min")) {
            return new Formula.Extreme(name.equals("max"), list());
        }
        if (name.startsWith("by-")) {
            return new Formula.By(name.substring(3), arms());
        }
        if (name.equals("net")) {
            String of = peek("name");
            if (of.isEmpty()) {
                throw wrong("the name of a net");
            }
            return new Formula.Name("net " + take("name"));
        }
        return new Formula.Name(name);
    }

    private void open() {
        if (!takeSign("(")) {
            throw wrong("(");
        }
    }

    private void close() {
        if (!takeSign(")")) {
            throw wrong(") or a comma");
        }
    }

    private List<Formula> list() {
        open();
        List<Formula> formulas = new ArrayList<>();
        do {
            formulas.add(sum());
        } while (takeSign(","));
        close();
        return formulas;
    }

    private Map<String, Formula> arms() {
        open();
        Map<String, Formula> arms = new LinkedHashMap<>();
        do {
            String word = peek("name");
            if (word.isEmpty()) {
                throw wrong("a word of the choice");
            }
            take("name");
            if (arms.put(word, sum()) != null) {
                throw wrong("each word once; " + word);
            }
        } while (takeSign(","));
        close();
        return arms;
    }
}
