package openbloom.app.studio;

import org.springframework.security.core.AuthenticationException;

/** A sign-in that came while the name or the address has to wait; the password was not looked at. */
public final class TooManyTries extends AuthenticationException {
    private static final long serialVersionUID = 1L;

    TooManyTries() {
        super("too many tries");
    }
}
