package openbloom.app.studio;

import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.FormReader;
import openbloom.core.Problem;
import openbloom.core.gap.FingerWidths;
import openbloom.core.record.ApproachPreset;
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
    static final int SHORTEST_PASSWORD = 12;
    /** What bcrypt reads; anything beyond would not count. */
    static final int LONGEST_PASSWORD_BYTES = 72;

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
                .filter(known -> known.leftAt() == null)
                .orElseThrow(() -> new UsernameNotFoundException("no such account"));
        return new SignedIn(account, mapper.studio(account.studioId()));
    }

    /** Whether nobody has an account under an address. */
    public boolean isUnknown(String email) {
        return mapper.byEmail(email.strip().toLowerCase(Locale.ROOT)).isEmpty();
    }

    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    public List<Account> ofStudio(long studioId) {
        return mapper.ofStudio(studioId);
    }

    /**
     * Makes the first studio; of several that are sent at once one is made.
     *
     * @return what is wrong with the input; empty when it was made, or somebody else was quicker
     */
    @Transactional
    public List<Problem> createFirstStudio(String studio, String zoneId, NewAccount owner) {
        List<Problem> problems = studioProblems(studio, zoneId, owner);
        if (problems.isEmpty()) {
            String hash = passwords.encode(owner.password());
            mapper.claimFirstVisit();
            add(mapper.insertStudio(studio.strip(), zoneId), owner, hash, Role.OWNER);
        }
        return problems;
    }

    /**
     * Makes a studio and its owner.
     *
     * @return what is wrong with the input; empty when they were made
     */
    @Transactional
    public List<Problem> createStudio(String studio, String zoneId, NewAccount owner) {
        List<Problem> problems = studioProblems(studio, zoneId, owner);
        if (problems.isEmpty()) {
            add(mapper.insertStudio(studio.strip(), zoneId), owner, passwords.encode(owner.password()), Role.OWNER);
        }
        return problems;
    }

    private static List<Problem> studioProblems(String studio, String zoneId, NewAccount owner) {
        List<Problem> problems = new ArrayList<>(problems(owner));
        name("studio", studio).ifPresent(problems::add);
        if (!ZoneId.getAvailableZoneIds().contains(zoneId)) {
            problems.add(Problem.of("zone", "account.zone", zoneId));
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
            add(studioId, instructor, passwords.encode(instructor.password()), Role.INSTRUCTOR);
            return List.of();
        } catch (DuplicateKeyException taken) {
            return List.of(Problem.of("email", "account.taken", instructor.email()));
        }
    }

    /** Her account as it is kept now; the one she signed in with may be older. */
    public Account fresh(SignedIn me) {
        return mapper.account(me.accountId());
    }

    /** Who she is by what is kept now; empty once her password was changed after this session began. */
    public Optional<SignedIn> renewed(SignedIn me) {
        return Optional.ofNullable(mapper.account(me.accountId()))
                .filter(now -> now.leftAt() == null)
                .filter(now ->
                        now.secret().credentials() == me.account().secret().credentials())
                .map(now -> new SignedIn(now, mapper.studio(now.studioId())));
    }

    /** The latest refused sign-ins to accounts of a studio. */
    public List<AccountMapper.RefusedSignIn> refusedOf(long studioId) {
        return mapper.refusedOf(studioId);
    }

    /**
     * Keeps an examiner's own finger breadths. Readings that are kept already stay as they are.
     *
     * @param version the version of her account the form was made from
     * @return what is wrong with the input; empty when they were kept
     */
    public List<Problem> changeFingers(Account account, int version, List<String> typedMm) {
        FormReader typed = new FormReader();
        List<Integer> together = new ArrayList<>();
        for (int i = 0; i < typedMm.size(); i++) {
            typed.requiredWhole("finger" + (i + 1), typedMm.get(i), 1, 200).ifPresent(together::add);
        }
        if (typed.isClean()) {
            try {
                if (mapper.changeFingers(account.id(), version, new FingerWidths(together).toString()) == 0) {
                    typed.refuse("finger1", "account.fingersStale", keptFingers(account));
                }
            } catch (IllegalArgumentException noFingers) {
                typed.refuse("finger1", "account.fingers", FingerWidths.NARROWEST_MM, FingerWidths.BROADEST_MM);
            }
        }
        return typed.problems();
    }

    /** How often the studio's approach was changed. */
    int studioVersion(long studioId) {
        return mapper.studio(studioId).version();
    }

    /** The preset the studio's women begin with; empty if its choices are none of the presets'. */
    public Optional<ApproachPreset> presetOf(long studioId) {
        String kept = mapper.studio(studioId).approach();
        return Arrays.stream(ApproachPreset.values())
                .filter(preset ->
                        ColumnCodec.constants(preset.approach().choices().values())
                                        .equals(kept)
                                || kept.isEmpty() && preset == ApproachPreset.GENTLE_COORDINATION)
                .findFirst();
    }

    /** Switches keys of one letter on or off for one person. */
    public void changeKeys(SignedIn me, boolean on) {
        mapper.changeKeys(me.accountId(), on);
    }

    private String keptFingers(Account account) {
        String kept = mapper.account(account.id()).settings().fingerWidthsMm();
        return kept.isEmpty() ? "none" : kept.replace(",", ", ") + " mm";
    }

    /**
     * Lets the studio's women begin with a preset.
     *
     * @param version the version of the studio the form was made from
     * @return what is wrong; empty when it was kept
     */
    public List<Problem> chooseApproach(long studioId, int version, String preset) {
        FormReader typed = new FormReader();
        typed.requiredChoice("preset", preset, ApproachPreset.class).ifPresent(known -> {
            String choices = ColumnCodec.constants(known.approach().choices().values());
            if (mapper.changeApproach(studioId, version, choices) == 0) {
                typed.refuse(
                        "preset",
                        "account.approachStale",
                        presetOf(studioId).map(ApproachPreset::words).orElse("choices of their own"),
                        known.words());
            }
        });
        return typed.problems();
    }

    /** Whom to call when a warning sign is told. */
    public NumbersToCall numbersOf(long studioId) {
        return mapper.numbersOf(studioId);
    }

    /** What is wrong with the numbers to call; empty when they were kept. */
    public List<Problem> setNumbers(long studioId, NumbersToCall numbers) {
        FormReader typed = new FormReader();
        number(typed, "emergencyNumber", numbers.emergencyNumber());
        number(typed, "maternityNumber", numbers.maternityNumber());
        if (typed.isClean()) {
            mapper.setNumbers(
                    studioId,
                    new NumbersToCall(
                            numbers.emergencyNumber().strip(),
                            numbers.maternityNumber().strip()));
        }
        return typed.problems();
    }

    private static void number(FormReader typed, String field, String number) {
        if (!number.strip().matches("[0-9+ ()/.-]{0,40}")) {
            typed.refuse(field, "account.number", number.length() > 60 ? number.substring(0, 60) + "…" : number);
        }
    }

    /** What is wrong with a change of password; empty when it was changed. Every other session of hers ends. */
    public List<Problem> changePassword(SignedIn me, String current, String next) {
        Account kept = mapper.account(me.accountId());
        if (!isHers(kept, current)) {
            return List.of(Problem.of("current", "account.current"));
        }
        Optional<Problem> problem = password("next", next, kept.email(), kept.name());
        if (problem.isEmpty() && next.equals(current)) {
            problem = Optional.of(Problem.of("next", "account.sameAgain"));
        }
        if (problem.isEmpty()
                && mapper.changePassword(kept.id(), kept.secret().credentials(), passwords.encode(next)) == 0) {
            problem = Optional.of(Problem.of("current", "account.current"));
        }
        return problem.stream().toList();
    }

    private boolean isHers(Account kept, String password) {
        return bytes(password) <= LONGEST_PASSWORD_BYTES
                && passwords.matches(password, kept.secret().passwordHash());
    }

    private void add(long studioId, NewAccount given, String passwordHash, Role role) {
        String email = given.email().strip().toLowerCase(Locale.ROOT);
        mapper.insert(studioId, email, passwordHash, given.name().strip(), role);
    }

    private static List<Problem> problems(NewAccount given) {
        List<Problem> problems = new ArrayList<>(whoProblems(given.name(), given.email()));
        password("password", given.password(), given.email(), given.name()).ifPresent(problems::add);
        return problems;
    }

    /** What is wrong with a name and an address of somebody. */
    static List<Problem> whoProblems(String name, String email) {
        List<Problem> problems = new ArrayList<>();
        name("name", name).ifPresent(problems::add);
        if (!EMAIL.matcher(email.strip()).matches()) {
            problems.add(Problem.of("email", "account.email"));
        }
        return problems;
    }

    private static Optional<Problem> name(String field, String name) {
        boolean fits = !name.isBlank() && name.length() <= LONGEST_NAME;
        return fits ? Optional.empty() : Optional.of(Problem.of(field, "account.name", LONGEST_NAME, name.length()));
    }

    /** Long enough, not longer than bcrypt reads, and not what everybody knows of her. */
    static Optional<Problem> password(String field, String password, String email, String name) {
        if (password.isBlank()
                || password.codePointCount(0, password.length()) < SHORTEST_PASSWORD
                || bytes(password) > LONGEST_PASSWORD_BYTES) {
            return Optional.of(Problem.of(field, "account.password", SHORTEST_PASSWORD, LONGEST_PASSWORD_BYTES));
        }
        boolean known = password.strip().equalsIgnoreCase(email.strip())
                || password.strip().equalsIgnoreCase(name.strip());
        return known ? Optional.of(Problem.of(field, "account.knownPassword")) : Optional.empty();
    }

    private static int bytes(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length;
    }
}
