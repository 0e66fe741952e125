package app.misura.web.order;

import app.misura.core.life.Stage;
import java.time.Instant;

/** That an order was moved, when and by whom. @param reason may be empty */
public record Moved(Stage from, Stage to, String reason, Instant at, String by) {}
