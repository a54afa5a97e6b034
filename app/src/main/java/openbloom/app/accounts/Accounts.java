package openbloom.app.accounts;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import openbloom.app.system.Joined;
import openbloom.app.system.Typed;
import openbloom.core.Problem;
import openbloom.core.gap.FingerWidths;
import openbloom.core.verdict.Preset;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who may sign in. */
@Service
public class Accounts implements UserDetailsService {
    static final int SHORTEST_PASSWORD = 10;
    static final int LONGEST_PASSWORD = 72;
    private static final int LONGEST_NAME = 120;
    private static final Pattern EMAIL = Pattern.compile("[^@\\s]{1,100}@[^@\\s]{1,90}");

    private final AccountMapper mapper;
    private final PasswordEncoder passwords;

    Accounts(AccountMapper mapper, PasswordEncoder passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
    }

    @Override
    public UserDetails loadUserByUsername(String email) {
        Account account = mapper.byEmail(email.strip().toLowerCase(Locale.ROOT))
                .orElseThrow(() -> new UsernameNotFoundException("no such account"));
        return new SignedIn(account, mapper.studio(account.studioId()));
    }

    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    public List<Account> ofStudio(long studioId) {
        return mapper.ofStudio(studioId);
    }

    /**
     * Makes a studio and its owner.
     *
     * @return what is wrong with the input; empty when they were made
     */
    @Transactional
    public List<Problem> createStudio(String studio, String zoneId, NewAccount owner) {
        List<Problem> problems = new ArrayList<>(problems(owner));
        name("studio", studio).ifPresent(problems::add);
        if (!ZoneId.getAvailableZoneIds().contains(zoneId)) {
            problems.add(Problem.of("zone", "account.zone", zoneId));
        }
        if (problems.isEmpty()) {
            add(mapper.insertStudio(studio.strip(), zoneId), owner, true);
        }
        return problems;
    }

    /**
     * Lets one more instructor into a studio.
     *
     * @return what is wrong with the input; empty when she was added
     */
    public List<Problem> addInstructor(long studioId, NewAccount instructor) {
        List<Problem> problems = problems(instructor);
        if (!problems.isEmpty()) {
            return problems;
        }
        try {
            add(studioId, instructor, false);
            return List.of();
        } catch (DuplicateKeyException taken) {
            return List.of(Problem.of("email", "account.taken", instructor.email()));
        }
    }

    /** Her account as it is kept now; the one she signed in with may be older. */
    public Account fresh(SignedIn me) {
        return mapper.account(me.accountId());
    }

    /**
     * Keeps an examiner's own finger breadths.
     *
     * @return what is wrong with the input; empty when they were kept
     */
    public List<Problem> changeFingers(Account account, List<String> typedMm) {
        Typed typed = new Typed();
        List<Integer> together = new ArrayList<>();
        for (int i = 0; i < typedMm.size(); i++) {
            typed.requiredWhole("finger" + (i + 1), typedMm.get(i), 1, 200).ifPresent(together::add);
        }
        if (typed.isClean()) {
            try {
                mapper.changeFingers(account.id(), new FingerWidths(together).toString());
            } catch (IllegalArgumentException noFingers) {
                typed.refuse("finger1", "account.fingers", FingerWidths.NARROWEST_MM, FingerWidths.BROADEST_MM);
            }
        }
        return typed.problems();
    }

    /** The preset the studio's women begin with; empty if its choices are none of the presets'. */
    public Optional<Preset> presetOf(long studioId) {
        String kept = mapper.studio(studioId).approach();
        return Arrays.stream(Preset.values())
                .filter(preset ->
                        Joined.constants(preset.approach().choices().values()).equals(kept)
                                || kept.isEmpty() && preset == Preset.GENTLE_COORDINATION)
                .findFirst();
    }

    /** Lets the studio's women begin with a preset; an unknown name changes nothing. */
    public void chooseApproach(long studioId, String preset) {
        Arrays.stream(Preset.values())
                .filter(known -> known.name().equals(preset))
                .findFirst()
                .ifPresent(known -> mapper.changeApproach(
                        studioId, Joined.constants(known.approach().choices().values())));
    }

    /** What is wrong with a change of password; empty when it was changed. */
    public List<Problem> changePassword(Account account, String current, String next) {
        if (!passwords.matches(current, account.passwordHash())) {
            return List.of(Problem.of("current", "account.current"));
        }
        Optional<Problem> problem = password("next", next);
        if (problem.isEmpty()) {
            mapper.changePassword(account.id(), passwords.encode(next));
        }
        return problem.stream().toList();
    }

    private void add(long studioId, NewAccount given, boolean owner) {
        String email = given.email().strip().toLowerCase(Locale.ROOT);
        mapper.insert(
                studioId,
                email,
                passwords.encode(given.password()),
                given.name().strip(),
                owner);
    }

    private static List<Problem> problems(NewAccount given) {
        List<Problem> problems = new ArrayList<>();
        name("name", given.name()).ifPresent(problems::add);
        if (!EMAIL.matcher(given.email().strip()).matches()) {
            problems.add(Problem.of("email", "account.email"));
        }
        password("password", given.password()).ifPresent(problems::add);
        return problems;
    }

    private static Optional<Problem> name(String field, String name) {
        boolean fits = !name.isBlank() && name.length() <= LONGEST_NAME;
        return fits ? Optional.empty() : Optional.of(Problem.of(field, "account.name", LONGEST_NAME, name.length()));
    }

    private static Optional<Problem> password(String field, String password) {
        boolean fits = password.length() >= SHORTEST_PASSWORD && password.length() <= LONGEST_PASSWORD;
        return fits
                ? Optional.empty()
                : Optional.of(Problem.of(field, "account.password", SHORTEST_PASSWORD, LONGEST_PASSWORD));
    }
}
