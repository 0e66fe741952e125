package app.misura.web.account;

/** A person who signs in. */
public record Account(String name, String displayName, Role role) {}
