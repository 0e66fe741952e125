package app.misura.core.garment;

import app.misura.core.block.Blocks;
import app.misura.core.draft.Need;
import app.misura.core.form.Option;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.formula.Formula;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Cross-checks a garment that was read: every form, block, choice, line, net and measure that it names exists. */
record GarmentCheck(Garment garment, OrderForms forms, NetReader nets, List<String> faults) {

    void check() {
        Set<String> names = new HashSet<>();
        garment.lines().forEach(l -> {
            if (!names.add(l.name())) {
                faults.add("line " + l.name() + " is there twice");
            }
        });
        garment.forms().stream()
                .filter(id -> forms.find(id).isEmpty())
                .forEach(id -> faults.add("no form has the id " + id + "; there are "
                        + forms.all().stream().map(OrderForm::id).toList()));
        for (Line line : garment.lines()) {
            line.with().stream()
                    .filter(w -> !names.contains(w))
                    .forEach(w -> faults.add("line " + line.name() + " goes with " + w + ", which is no line"));
            line.formulas().forEach(said -> words(line, said.formula(), names));
            if (line.ease() instanceof Line.Give.ByFormula ease) {
                words(line, ease.formula(), names);
            }
            if (line.ease() instanceof Line.Give.ByGrip grip) {
                Stream.of(grip.weight(), grip.width()).forEach(id -> choice(line.name(), id, Set.of()));
            }
            line.when().ifPresent(when -> choice(line.name(), when.choice(), Set.copyOf(when.words())));
        }
        for (Doubt doubt : garment.doubts()) {
            for (String line : java.util.List.of(doubt.wider(), doubt.than())) {
                if (garment.find(line).isEmpty()) {
                    faults.add("a doubt is about " + line + ", which is no line");
                }
            }
        }
        garment.openings().stream()
                .filter(o -> !names.contains(o.edge()))
                .forEach(o -> faults.add("opening of " + o.edge() + ", which is no line"));
        garment.refusals().forEach(r -> {
            choice("refused", r.choice(), Set.copyOf(r.words()));
            r.also().ifPresent(also -> choice("refused", also.choice(), Set.copyOf(also.words())));
        });
        garment.blocks().forEach(id -> block(id, names));
    }

    /** Every word of a formula is a line, a line's ease, a net, a choice or a measure. */
    private void words(Line line, Formula formula, Set<String> names) {
        for (String word : formula.names()) {
            String bare = word.startsWith("net ") ? word.substring(4) : word;
            boolean known = names.contains(bare)
                    || bare.endsWith("-ease") && names.contains(bare.substring(0, bare.length() - 5))
                    || garment.choices().find(bare).isPresent()
                    || nets.nets().containsKey(bare)
                    || nets.passages().containsKey(bare)
                    || nets.isMeasure(bare)
                    || bare.equals("give");
            if (!known) {
                faults.add("line " + line.name() + ": " + word + " is no line, net, choice or measure");
            }
        }
        formula.choices().forEach((choice, words) -> choice(line.name(), choice, words));
    }

    private void choice(String line, String choice, Set<String> words) {
        Optional<List<String>> known =
                garment.choices().find(choice).map(ChoiceDef::words).or(() -> question(choice));
        if (known.isEmpty()) {
            faults.add("line " + line + " asks by " + choice + ", which is no choice");
        } else if (!known.get().containsAll(words)) {
            faults.add("line " + line + ": " + choice + " has " + known.get() + ", not " + words);
        }
    }

    /** What can be answered to a question of the garment's forms. */
    private Optional<List<String>> question(String id) {
        return garment.forms().stream()
                .flatMap(form -> forms.find(form).stream())
                .flatMap(form -> form.options().stream())
                .filter(o -> o.id().equals(id))
                .map(Option::choices)
                .findFirst();
    }

    private void block(String id, Set<String> names) {
        if (Blocks.find(id).isEmpty()) {
            faults.add("no block is called " + id);
            return;
        }
        for (Need need : Blocks.get(id).needs()) {
            boolean has = switch (need.kind()) {
                case FINISHED, NET -> names.contains(need.name());
                case WORD ->
                    need.name().equals("wearer")
                            || garment.choices().find(need.name()).isPresent();
                case EDGE -> true;
                case RUNGS ->
                    names.stream().filter(n -> names.contains(n + need.name())).count() >= 2;
            };
            if (!has && !need.optional()) {
                faults.add("block " + id + " is drawn from " + need.name() + ", which the table has not");
            }
        }
    }
}
