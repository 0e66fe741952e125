package app.misura.web.tapes;

import app.misura.core.figure.TapePaths;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.Measure;
import app.misura.web.id.NotThere;
import app.misura.web.ui.FigureView;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** All tapes: the picture book of the trade. Pictures are drawn as they come into sight. */
@Controller
class TapesController {
    private static final List<String> REGIONS =
            List.of("whole", "head", "neck", "shoulder", "trunk", "arm", "hand", "leg", "foot", "limb");

    private final Map<String, Tape> tapes = new LinkedHashMap<>();

    TapesController() {
        for (Measure measure : Catalogue.shipped().all()) {
            TapePaths.codes().stream()
                    .filter(key -> key.split("[:@]", 2)[0].equals(measure.code()))
                    .forEach(key -> tapes.put(key, Tape.of(key, measure)));
        }
    }

    /**
     * One measure, as it is taken.
     *
     * @param key its code, with a condition or a place that has a picture of its own
     * @param how it is taken otherwise than standing and straight, or where; empty for most
     * @param words what kind of line it is, and whether it has two sides
     */
    record Tape(String key, String name, String how, String path, String region, String words) {
        static Tape of(String key, Measure measure) {
            String[] parts = key.split("[:@]", 2);
            String kind = measure.kind().word() + (measure.bothSides() ? ", left and right" : "");
            return new Tape(
                    key,
                    measure.name(),
                    parts.length > 1 ? parts[1].replace('-', ' ') : "",
                    measure.path(),
                    measure.region(),
                    kind);
        }

        boolean has(String words) {
            String all = (name + " " + how + " " + path + " " + key + " " + words()).toLowerCase(Locale.ROOT);
            return Stream.of(words.toLowerCase(Locale.ROOT).split("\\s+")).allMatch(all::contains);
        }
    }

    /** The measures of a region. */
    record Region(String name, List<Tape> tapes) {}

    @GetMapping("/tapes")
    String tapes(
            @RequestParam(defaultValue = "") String q,
            @RequestHeader(name = "HX-Target", required = false) String target,
            Model model) {
        List<Tape> found = tapes.values().stream().filter(t -> t.has(q.strip())).toList();
        List<Region> regions = new ArrayList<>();
        for (String region : REGIONS) {
            List<Tape> own =
                    found.stream().filter(t -> t.region().equals(region)).toList();
            if (!own.isEmpty()) {
                regions.add(new Region(region.equals("whole") ? "whole body" : region, own));
            }
        }
        model.addAttribute("q", q);
        model.addAttribute("regions", regions);
        model.addAttribute("count", found.size());
        return "list".equals(target) ? "tapes :: list" : "tapes";
    }

    /** One tape on a body of usual proportions. */
    @GetMapping(value = "/tapes/{key}/picture", produces = MediaType.TEXT_HTML_VALUE)
    @ResponseBody
    String picture(@PathVariable String key) {
        Tape tape = tapes.get(key);
        if (tape == null) {
            throw new NotThere("There is no such measure.");
        }
        return FigureView.tape(key, tape.name() + (tape.how().isEmpty() ? "" : ", " + tape.how()), tape.path());
    }
}
