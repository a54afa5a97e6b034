package openbloom.app.accounts;

/** Somebody who works in a studio. */
public record Account(long id, long studioId, String email, String passwordHash, String name, boolean owner) {}
