package app.misura.web.demo;

import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Every page of a demo house says, quietly, that it is one. */
@ControllerAdvice
class DemoPages {
    private final DemoData data;

    DemoPages(DemoData data) {
        this.data = data;
    }

    @ModelAttribute("demo")
    boolean demo() {
        return data.isDemoHouse();
    }
}
