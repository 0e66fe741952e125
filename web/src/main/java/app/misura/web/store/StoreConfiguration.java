package app.misura.web.store;

import app.misura.core.form.OrderForms;
import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class StoreConfiguration {
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    @Bean
    OrderForms orderForms() {
        return OrderForms.shipped();
    }
}
