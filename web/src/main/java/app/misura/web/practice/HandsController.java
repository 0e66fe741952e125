package app.misura.web.practice;

import app.misura.core.judging.Judging;
import app.misura.core.judging.Scatter;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.practice.Calibration;
import app.misura.core.practice.Offset;
import app.misura.core.practice.Repeats;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Sheet;
import app.misura.web.account.Accounts;
import app.misura.web.house.House;
import app.misura.web.house.Judgings;
import app.misura.web.house.page.JudgingVersions;
import java.security.Principal;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** How the house's hands measure: what their repeats tell, whether it is what is assumed, and what is too short every time. */
@Controller
class HandsController {
    private final Judgings judgings;
    private final OwnSheets sheets;
    private final Accounts accounts;
    private final House house;
    private final JudgingVersions versions;

    HandsController(Judgings judgings, OwnSheets sheets, Accounts accounts, House house, JudgingVersions versions) {
        this.judgings = judgings;
        this.sheets = sheets;
        this.accounts = accounts;
        this.house = house;
        this.versions = versions;
    }

    /** One person and measure. @param usual what is assumed of everybody @param used what is gone by now */
    record Row(String who, String measure, int pairs, String own, String usual, String used, boolean enough) {}

    /** @param tool a name for the tool that it may be */
    record TooShort(String who, String measure, int sheets, String by, String give) {}

    @GetMapping("/house/hands")
    String hands(Model model) {
        Judgings.Version version = judgings.version();
        Unit unit = Unit.parse(house.rules().unit());
        List<Sheet> taken = sheets.taken();
        Repeats repeats = Repeats.of(taken);
        List<Proof> sound = OwnSheets.sound(taken);
        Calibration calibration = Calibration.of(sound);
        model.addAttribute("version", version.version());
        model.addAttribute("unit", unit.symbol());
        model.addAttribute("least", Repeats.LEAST);
        model.addAttribute(
                "rows",
                repeats.all().stream()
                        .map(k -> row(k, version.judging().scatter(), unit))
                        .toList());
        model.addAttribute("news", !repeats.scatter().equals(version.judging().scatter()));
        model.addAttribute("sheets", calibration.sheets());
        model.addAttribute("mean", String.format(Locale.ROOT, "%.2f", calibration.mean()));
        model.addAttribute("calibration", calibration.said());
        model.addAttribute(
                "offsets", Offset.of(sound).stream().map(o -> tooShort(o, unit)).toList());
        versions.on(model);
        return "hands";
    }

    private Row row(Repeats.Known known, Scatter used, Unit unit) {
        OptionalDouble own = used.of(known.measurer(), known.measure().code());
        return new Row(
                accounts.called(known.measurer()),
                known.measure().name(),
                known.pairs(),
                text(known.sdCm(), unit),
                text(known.usualCm(), unit),
                own.isPresent() ? text(own.getAsDouble(), unit) : text(known.usualCm(), unit),
                known.isEnough());
    }

    private TooShort tooShort(Offset offset, Unit unit) {
        return new TooShort(
                accounts.called(offset.measurer()),
                offset.measure().name(),
                offset.sheets(),
                text(offset.cm(), unit) + " " + unit.symbol(),
                text(2 * offset.seCm(), unit));
    }

    private static String text(double cm, Unit unit) {
        double value = Length.fromMm(10 * cm).to(unit);
        return unit == Unit.CM ? String.format(Locale.ROOT, "%.1f", value) : String.format(Locale.ROOT, "%.2f", value);
    }

    @PostMapping("/house/hands")
    String use(@RequestParam int version, Principal who, RedirectAttributes said) {
        Judging now = judgings.now();
        Scatter learned = Repeats.of(sheets.taken()).scatter();
        Map<String, Double> known = learned.sdCm();
        if (learned.equals(now.scatter())) {
            said.addFlashAttribute("late", "Nothing new is known; nothing was changed.");
            return "redirect:/house/hands";
        }
        versions.change(
                version,
                now.with(learned),
                "hands: " + known.size() + (known.size() == 1 ? " measure" : " measures") + " by the house's own"
                        + " repeats",
                who.getName(),
                said);
        return "redirect:/house/hands";
    }
}
