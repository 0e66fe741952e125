package app.misura.web;

import app.misura.core.form.OrderForms;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the whole house shares: its clock, and the order forms it ships with. */
@Configuration
class HouseConfiguration {
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    @Bean
    OrderForms orderForms() {
        return OrderForms.shipped();
    }
}
