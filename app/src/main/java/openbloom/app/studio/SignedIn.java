package openbloom.app.studio;

import java.time.ZoneId;
import java.util.Collection;
import java.util.Optional;
import openbloom.app.system.HasZone;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;

/** The person who is signed in, and her studio. */
public record SignedIn(Account account, Studio studio) implements UserDetails, HasZone {
    @Override
    public ZoneId zone() {
        return studio.zone();
    }

    /** Whoever is signed in on this request, if anybody is. */
    public static Optional<SignedIn> current() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof SignedIn me ? Optional.of(me) : Optional.empty();
    }

    public long accountId() {
        return account.id();
    }

    public long studioId() {
        return studio.id();
    }

    @Override
    public Collection<? extends GrantedAuthority> getAuthorities() {
        return account.role().authorities().stream()
                .map(SimpleGrantedAuthority::new)
                .toList();
    }

    @Override
    public String getPassword() {
        return account.secret().passwordHash();
    }

    @Override
    public String getUsername() {
        return account.email();
    }
}
