package app.misura.core.form;

/**
 * One value must exceed another on a body: {@code more > less}.
 *
 * @param more the greater side
 * @param less the smaller side
 * @param reason why it holds on bodies
 */
public record OrderCheck(String id, StepSum more, StepSum less, String reason) {}
