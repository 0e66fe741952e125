package app.misura.core.form;

import app.misura.core.measure.Kind;
import app.misura.core.measure.Side;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Cross-checks a form that was read. */
record FormCheck(OrderForm form, List<String> faults) {
    private static final int LONGEST_NAME = 20;
    /** Left and right stand beside it on the ladder. */
    private static final int LONGEST_OF_TWO = 12;

    void check() {
        form.steps().forEach(this::step);
        form.steps().stream().collect(Collectors.groupingBy(Step::label)).forEach((label, same) -> {
            if (same.size() > 1 && Variants.question(same).isEmpty()) {
                faults.add("label " + label + " is there twice");
            }
        });
        Set<String> ids = new HashSet<>();
        for (Closure closure : form.closures()) {
            if (!ids.add(closure.id())) {
                faults.add("closure " + closure.id() + " is there twice");
            }
        }
        form.closures()
                .forEach(c -> c.onlyIf().forEach((option, choice) -> onlyIf("closure " + c.id(), option, choice)));
        if (!Heading.WAISTS.contains(form.heading().waist())) {
            faults.add("waist must be one of " + Heading.WAISTS + ", not "
                    + form.heading().waist());
        }
        sides();
        for (LevelCheck level : form.levels()) {
            level.members().stream()
                    .filter(m -> form.find(m.step()).isEmpty())
                    .forEach(m -> faults.add(level.id() + " names " + m + ", which is no step"));
        }
    }

    /** Where the order says the side, it is asked. */
    private void sides() {
        boolean says = form.steps().stream().anyMatch(s -> s.side() == StepSide.ASKED);
        Optional<Option> asked =
                form.options().stream().filter(o -> o.id().equals(Asked.SIDES)).findFirst();
        List<String> words = List.of(Side.RIGHT.word(), Side.LEFT.word(), StepSide.BOTH.word());
        if (says && asked.isEmpty()) {
            faults.add("steps take the side that is asked, and there is no option " + Asked.SIDES);
        } else if (asked.isPresent() && !words.containsAll(asked.get().choices())) {
            faults.add("option " + Asked.SIDES + " has the choices " + words + ", not "
                    + asked.get().choices());
        }
    }

    private void step(Step step) {
        String label = step.label();
        if (step.name().length() > LONGEST_NAME) {
            faults.add(label + ": name is longer than 20 characters");
        }
        if (step.side().isTwo() && step.name().length() > LONGEST_OF_TWO) {
            faults.add(label + ": a name beside two values has at most " + LONGEST_OF_TWO + " characters");
        }
        step.onlyIf().forEach((option, choice) -> onlyIf(label, option, choice));
        if (step.measure() != null
                && (step.side().isTwo() || step.side() == StepSide.ASKED)
                && !step.measure().bothSides()) {
            faults.add(label + ": " + step.measure().code() + " has no sides");
        }
        step.needs().stream()
                .filter(l -> form.find(l).filter(Step::isMark).isEmpty())
                .forEach(l -> faults.add(label + " needs " + l + ", which is no mark of the form"));
        if (step.aux() != null
                && (form.find(step.aux()).filter(Step::isMark).isEmpty()
                        || step.measure() == null
                        || step.measure().kind() != Kind.HEIGHT)) {
            faults.add(label + " is no height of the mark " + step.aux());
        }
        StepSum derived = step.derived();
        if (derived != null) {
            List<String> own = new ArrayList<>();
            derived.in(form::find, own);
            own.forEach(fault -> faults.add(label + " " + fault));
        }
    }

    private void onlyIf(String label, String option, String choice) {
        Optional<Option> known =
                form.options().stream().filter(o -> o.id().equals(option)).findFirst();
        if (known.isEmpty()) {
            faults.add(label + " depends on " + option + "; there are "
                    + form.options().stream().map(Option::id).toList());
        } else if (!known.get().choices().contains(choice)) {
            faults.add(label + " depends on " + option + " being " + choice + "; it has "
                    + known.get().choices());
        }
    }
}
