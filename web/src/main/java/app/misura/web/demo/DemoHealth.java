package app.misura.web.demo;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Up only when the house is ready to be looked at: with demo data, when it is in. */
@Component
class DemoHealth implements HealthIndicator {
    private final DemoData data;

    DemoHealth(DemoData data) {
        this.data = data;
    }

    @Override
    public Health health() {
        return data.isIn() ? Health.up().build() : Health.outOfService().build();
    }
}
