package openbloom.app.studio;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.atLeast;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import openbloom.app.system.StudioDay;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.crypto.password.PasswordEncoder;

/** Guessing becomes slow, by a clock of our own; a program's password is looked at once. */
class SignInGuardTest {
    private static final String ANA = "ana@quay.example";

    /** A clock that is put forward by hand. */
    private static final class Hand extends Clock {
        private Instant now = Instant.parse("2026-11-25T10:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }
    }

    private final Hand clock = new Hand();
    private final AccountMapper rows = mock();
    private final PasswordEncoder passwords = mock();
    private SignInProvider provider;

    private static Account ana(String hash, int credentials) {
        return new Account(
                1,
                1,
                ANA,
                "Ana",
                Role.OWNER,
                null,
                new Account.Secret(hash, credentials),
                new Account.Settings("", 1, true));
    }

    @BeforeEach
    void keepOneAccount() {
        when(rows.byEmail(ANA)).thenReturn(Optional.of(ana("hash", 1)));
        when(rows.studio(1)).thenReturn(new Studio(1, "Quay", "Europe/London", "", 1));
        when(passwords.encode(any())).thenReturn("other");
        when(passwords.matches(eq("right"), eq("hash"))).thenReturn(true);
        SignInGuard guard = new SignInGuard(rows, new StudioDay(clock));
        provider = new SignInProvider(new Accounts(rows, passwords), passwords, guard);
    }

    private void attempt(String name, String password) {
        provider.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password));
    }

    /** Whether the name exists makes no difference, in words or in number. */
    @ParameterizedTest
    @ValueSource(strings = {ANA, "nobody@quay.example"})
    void afterFiveWrongTriesTheNextWaitsAndAfterTenMinutes(String name) {
        for (int i = 0; i < 5; i++) {
            assertThatThrownBy(() -> attempt(name, "wrong")).isInstanceOf(BadCredentialsException.class);
        }
        assertThatThrownBy(() -> attempt(name, "right"))
                .as("even the right one waits")
                .isInstanceOf(TooManyTries.class);
        clock.now = clock.now.plusSeconds(3);
        for (int i = 0; i < 5; i++) {
            assertThatThrownBy(() -> attempt(name, "wrong")).isInstanceOf(BadCredentialsException.class);
            assertThatThrownBy(() -> attempt(name, "wrong")).isInstanceOf(TooManyTries.class);
            clock.now = clock.now.plusSeconds(60);
        }
        assertThatThrownBy(() -> attempt(name, "right"))
                .as("a pause of minutes")
                .isInstanceOf(TooManyTries.class);
        verify(rows, atLeast(10)).noteRefused(eq(name), anyString(), any(), anyString());
        clock.now = clock.now.plus(Duration.ofMinutes(5));
        if (name.equals(ANA)) {
            attempt(name, "right");
            assertThatThrownBy(() -> attempt(name, "wrong"))
                    .as("counted from the start")
                    .isInstanceOf(BadCredentialsException.class);
        }
    }

    @Test
    void aPasswordThatWasRightIsLookedAtOnce() {
        for (int i = 0; i < 20; i++) {
            attempt(ANA, "right");
        }
        verify(passwords, times(1)).matches("right", "hash");
        when(rows.byEmail(ANA)).thenReturn(Optional.of(ana("new", 2)));
        assertThatThrownBy(() -> attempt(ANA, "right")).as("changed since").isInstanceOf(BadCredentialsException.class);
    }

    @Test
    void aPasswordLongerThanBcryptReadsIsWrong() {
        assertThatThrownBy(() -> attempt(ANA, "x".repeat(73))).isInstanceOf(BadCredentialsException.class);
        assertThat(provider.supports(UsernamePasswordAuthenticationToken.class)).isTrue();
    }
}
