package app.misura.web.photo;

import app.misura.web.account.Accounts;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.store.Compacting;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.Say;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.Semaphore;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Shows, takes and deletes the photographs of an order. They are for those who measure and cut. */
@Controller
class PhotographController {
    private static final int MEGA = 1024 * 1024;
    /** A photograph of today's telephones has 2 to 8. */
    private static final int MOST_MEGABYTES = 16;
    /** What is larger is read to its end and thrown away, up to this, so that the sender hears why. */
    private static final int READ_OUT = 64 * MEGA;

    private static final int AT_A_TIME = 4;

    private final Photographs photographs;
    private final Orders orders;
    private final Accounts accounts;
    private final Compacting compacting;
    private final Clock clock;
    private final Semaphore places = new Semaphore(AT_A_TIME);

    PhotographController(
            Photographs photographs, Orders orders, Accounts accounts, Compacting compacting, Clock clock) {
        this.photographs = photographs;
        this.orders = orders;
        this.accounts = accounts;
        this.compacting = compacting;
        this.clock = clock;
    }

    /** The pictures from one side. */
    record Wall(String from, List<Hung> pictures) {}

    /** A picture on the page. */
    record Hung(String id, int width, int height, String said) {}

    @GetMapping("/orders/{id}/photographs")
    String page(@PathVariable String id, Model model) {
        GarmentOrder order = orders.get(id);
        List<Photographs.Photograph> all = photographs.of(id);
        model.addAttribute("order", order);
        model.addAttribute("crumb", order.crumb(Crumb.At.ORDER));
        model.addAttribute(
                "walls", Stream.of(SeenFrom.values()).map(f -> wall(f, all)).toList());
        model.addAttribute(
                "deleted",
                all.stream()
                        .filter(p -> !p.isThere())
                        .map(p -> p.from().word() + ", deleted " + said(p.deletedAt(), p.deletedBy()))
                        .toList());
        model.addAttribute("most", MOST_MEGABYTES);
        return "photographs";
    }

    private Wall wall(SeenFrom from, List<Photographs.Photograph> all) {
        return new Wall(
                from.word(),
                all.stream()
                        .filter(p -> p.from() == from && p.isThere())
                        .map(p -> new Hung(p.id(), p.width(), p.height(), said(p.addedAt(), p.addedBy())))
                        .toList());
    }

    private String said(@Nullable Instant at, @Nullable String by) {
        return at == null || by == null
                ? ""
                : Say.when(at, clock.getZone(), LocalDate.now(clock)) + ", " + accounts.called(by);
    }

    @GetMapping("/orders/{id}/photographs/{photo}")
    ResponseEntity<byte[]> picture(@PathVariable String id, @PathVariable String photo) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
                .header("X-Content-Type-Options", "nosniff")
                .body(photographs.picture(id, photo));
    }

    /** Takes the file itself, as a camera wrote it; the answer says in a sentence why it was not kept, if so. */
    @PostMapping("/orders/{id}/photographs")
    ResponseEntity<String> add(
            @PathVariable String id, @RequestParam String from, HttpServletRequest request, Principal who)
            throws IOException {
        SeenFrom seen = SeenFrom.named(from).orElseThrow(() -> new NotThere("Front, side or back, and nothing else."));
        orders.get(id);
        if (!places.tryAcquire()) {
            return said(503, "Others are sending photographs just now; send it again.");
        }
        try (InputStream in = request.getInputStream()) {
            byte[] file = in.readNBytes(MOST_MEGABYTES * MEGA + 1);
            if (file.length > MOST_MEGABYTES * MEGA) {
                throwAway(in);
                return said(413, "A photograph has at most " + MOST_MEGABYTES + " MB; this one is larger.");
            }
            photographs.add(id, seen, file, who.getName());
            return said(201, "Kept.");
        } catch (NoPhotograph e) {
            return said(422, e.sentence());
        } finally {
            places.release();
        }
    }

    private static void throwAway(InputStream in) throws IOException {
        byte[] piece = new byte[MEGA / 16];
        long read = 0;
        for (int n = in.read(piece); n >= 0 && read < READ_OUT; n = in.read(piece)) {
            read += n;
        }
    }

    private static ResponseEntity<String> said(int status, String sentence) {
        return ResponseEntity.status(status).contentType(MediaType.TEXT_PLAIN).body(sentence);
    }

    @PostMapping("/orders/{id}/photographs/{photo}/delete")
    String delete(@PathVariable String id, @PathVariable String photo, Principal who) {
        photographs.delete(id, photo, who.getName());
        compacting.begin();
        return "redirect:/orders/" + id + "/photographs";
    }
}
