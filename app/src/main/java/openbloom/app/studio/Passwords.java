package openbloom.app.studio;

import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** How passwords are kept: bcrypt, with its name beside it so that it can be changed one day. */
@Configuration
class Passwords {
    private static final String BCRYPT = "bcrypt";

    /** @param strength 4 to 31; each step takes twice the time, for whoever guesses as for who signs in */
    @Bean
    PasswordEncoder passwordEncoder(@Value("${bloom.passwords.strength}") int strength) {
        return new DelegatingPasswordEncoder(BCRYPT, Map.of(BCRYPT, new BCryptPasswordEncoder(strength)));
    }
}
