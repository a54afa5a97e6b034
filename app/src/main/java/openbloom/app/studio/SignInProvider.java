package openbloom.app.studio;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;

/**
 * Signs in by form and by HTTP Basic. Wrong tries become slow ({@link SignInGuard}); a password that was right is
 * remembered for a few minutes by a keyed digest, so that a program's calls do not cost a bcrypt each.
 */
@Component
class SignInProvider implements AuthenticationProvider {
    private static final String DIGEST = "HmacSHA256";
    private static final Duration REMEMBERED = Duration.ofMinutes(5);
    private static final int MOST_REMEMBERED = 1_000;

    private final DaoAuthenticationProvider byPassword;
    private final Accounts accounts;
    private final SignInGuard guard;
    private final SecretKeySpec key;
    private final Cache<String, Integer> verified = Caffeine.newBuilder()
            .maximumSize(MOST_REMEMBERED)
            .expireAfterWrite(REMEMBERED)
            .build();

    SignInProvider(Accounts accounts, PasswordEncoder passwords, SignInGuard guard) {
        this.accounts = accounts;
        this.guard = guard;
        this.byPassword = new DaoAuthenticationProvider(accounts);
        this.byPassword.setPasswordEncoder(passwords);
        byte[] random = new byte[32];
        new SecureRandom().nextBytes(random);
        this.key = new SecretKeySpec(random, DIGEST);
    }

    @Override
    public Authentication authenticate(Authentication asked) {
        String name = asked.getName();
        String password = String.valueOf(asked.getCredentials());
        String address =
                asked.getDetails() instanceof WebAuthenticationDetails details ? details.getRemoteAddress() : "";
        if (guard.mustWait(name, address)) {
            throw new TooManyTries();
        }
        Optional<Authentication> known = remembered(asked, name, password);
        return known.orElseGet(() -> checked(asked, name, password, address));
    }

    private Authentication checked(Authentication asked, String name, String password, String address) {
        try {
            if (password.getBytes(StandardCharsets.UTF_8).length > Accounts.LONGEST_PASSWORD_BYTES) {
                throw new BadCredentialsException("no password is so long");
            }
            Authentication signedIn = byPassword.authenticate(asked);
            guard.right(name);
            if (signedIn.getPrincipal() instanceof SignedIn her) {
                verified.put(digest(name, password), her.account().secret().credentials());
            }
            return signedIn;
        } catch (AuthenticationException wrong) {
            guard.wrong(name, address);
            throw wrong;
        }
    }

    private Optional<Authentication> remembered(Authentication asked, String name, String password) {
        @Nullable Integer credentials = verified.getIfPresent(digest(name, password));
        if (credentials == null || !(accounts.loadUserByUsername(name) instanceof SignedIn her)) {
            return Optional.empty();
        }
        if (her.account().secret().credentials() != credentials) {
            return Optional.empty();
        }
        var signedIn = UsernamePasswordAuthenticationToken.authenticated(her, null, her.getAuthorities());
        signedIn.setDetails(asked.getDetails());
        return Optional.of(signedIn);
    }

    private String digest(String name, String password) {
        try {
            Mac mac = Mac.getInstance(DIGEST);
            mac.init(key);
            mac.update(name.getBytes(StandardCharsets.UTF_8));
            mac.update((byte) 0);
            return Base64.getEncoder().encodeToString(mac.doFinal(password.getBytes(StandardCharsets.UTF_8)));
        } catch (GeneralSecurityException impossible) {
            throw new IllegalStateException("Every Java has " + DIGEST, impossible);
        }
    }

    @Override
    public boolean supports(Class<?> kind) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(kind);
    }
}
