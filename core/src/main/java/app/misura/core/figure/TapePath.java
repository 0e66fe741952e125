package app.misura.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Where a tape lies, as data.
 *
 * <pre>
 * path  = "none" | band | run
 * band  = "band:" part "@" where [ "." side ]     closed, level round a part: trunk neck leg foot kneeBent; across an arm,
 *         where is a share of its length
 * run   = point { link point }                    start is the first point, direction is the order
 * point = landmark [ "@" level [ ("+" | "-") cm ] ] [ "." side ]
 * link  = "&gt;f" over the front, "&gt;b" round the back, "&gt;s" along the side that faces us, "&gt;i" along the inner side,
 *         "&gt;u" through the crotch, "&gt;h" hidden, "-" straight and taut, "|" upright beside the body, "||" upright in place
 * </pre>
 */
public sealed interface TapePath {
    record None() implements TapePath {
        @Override
        public TapePath mirrored() {
            return this;
        }
    }

    record Band(String part, String where, char side) implements TapePath {
        @Override
        public TapePath mirrored() {
            return new Band(part, where, side == 'L' ? 'R' : 'L');
        }
    }

    /** @param links one fewer than points */
    record Run(List<String> points, List<String> links) implements TapePath {
        @Override
        public TapePath mirrored() {
            return new Run(points.stream().map(Run::other).toList(), links);
        }

        private static String landmark(String point) {
            return point.split("[@.]", 2)[0];
        }

        private static String other(String point) {
            return point.endsWith(".R")
                    ? point.substring(0, point.length() - 1) + "L"
                    : point.endsWith(".L") ? point.substring(0, point.length() - 1) + "R" : point;
        }
    }

    /** The same path on the other side of the body; mirrored twice it is the path itself. */
    TapePath mirrored();

    /**
     * Whether a path can be drawn from another view than its own: never a standing body's tape on a seated one; on an arm
     * only where it is seen whole; along a foot and round a bent knee only from their own.
     */
    default boolean isSeenFrom(View view, View own) {
        if (view == own) {
            return true;
        }
        if (view == View.SEATED || own == View.SEATED || !own.isPlain()) {
            return false;
        }
        if (this instanceof Band band) {
            return band.part().equals("trunk")
                    || band.part().equals("neck")
                    || band.part().equals("head")
                    || band.part().equals("leg")
                    || band.part().equals("arm") && !view.isProfile();
        }
        return this instanceof Run run
                && run.points().stream()
                        .map(Run::landmark)
                        .noneMatch(l -> ONLY_OWN.contains(l) || view.isProfile() && ON_ARM.contains(l));
    }

    /** Places that lie on each other from elsewhere. */
    Set<String> ONLY_OWN = Set.of("stool", "heelBack", "toe", "footIn", "footOut", "topArmB");

    Set<String> ON_ARM = Set.of(
            "upperArmO",
            "elbow",
            "elbowIn",
            "foreArmO",
            "wristIn",
            "wrist",
            "thumbJoint",
            "capTop",
            "topArmF",
            "topArm",
            "knuckle",
            "fist");

    /** Whether it runs along or round an arm, which is then shown whole. */
    default boolean isOnArm() {
        return this instanceof Band band
                ? band.part().equals("arm")
                : this instanceof Run run
                        && run.points().stream().map(Run::landmark).anyMatch(ON_ARM::contains);
    }

    /** Whether it goes past a place, or round the body at a level, whose name begins so. */
    default boolean passes(String place) {
        return this instanceof Band band
                ? band.where().startsWith(place)
                : this instanceof Run run
                        && run.points().stream().anyMatch(p -> p.startsWith(place) || p.contains("@" + place));
    }

    /** Whether it is a straight length that begins at a place whose name begins so. */
    default boolean isFrom(String place) {
        return this instanceof Run run
                && run.points().get(0).startsWith(place)
                && run.links().stream().allMatch(l -> l.equals("-") || l.startsWith("|"));
    }

    /**
     * The same path on a form whose waist mark lies at another level: {@code waist} in a run is where that mark is. Places
     * that come to lie on each other are one.
     */
    default TapePath atWaist(String level) {
        if (!(this instanceof Run run) || run.points().stream().noneMatch(p -> p.contains("@waist"))) {
            return this;
        }
        List<String> points = new ArrayList<>();
        List<String> links = new ArrayList<>();
        for (int i = 0; i < run.points().size(); i++) {
            String point = run.points().get(i).replace("@waist", "@" + level);
            if (points.isEmpty() || !points.get(points.size() - 1).equals(point)) {
                if (i > 0) {
                    links.add(run.links().get(i - 1));
                }
                points.add(point);
            }
        }
        return new Run(points, links);
    }

    List<String> LINKS = List.of(">f", ">b", ">s", ">i", ">o", ">u", ">h", "-", "|", "||");
    Pattern BAND = Pattern.compile("band:(trunk|neck|head|leg|arm|foot|kneeBent)@([\\w.+-]+?)(?:\\.([LR]))?");

    /** @throws IllegalArgumentException if the text is no path */
    static TapePath parse(String text) {
        if (text.equals("none")) {
            return new None();
        }
        Matcher band = BAND.matcher(text);
        if (band.matches()) {
            return new Band(
                    band.group(1),
                    band.group(2),
                    band.group(3) == null ? 'R' : band.group(3).charAt(0));
        }
        String[] tokens = text.trim().split("\\s+");
        List<String> points = new ArrayList<>();
        List<String> links = new ArrayList<>();
        for (int i = 0; i < tokens.length; i++) {
            if (i % 2 == 0) {
                points.add(tokens[i]);
            } else if (LINKS.contains(tokens[i])) {
                links.add(tokens[i]);
            } else {
                throw new IllegalArgumentException("\"" + tokens[i] + "\" is no link; links are " + LINKS);
            }
        }
        if (points.size() < 2 || points.size() != links.size() + 1) {
            throw new IllegalArgumentException("\"" + text + "\" is no path");
        }
        return new Run(List.copyOf(points), List.copyOf(links));
    }
}
