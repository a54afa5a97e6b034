package openbloom.app.studio;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import openbloom.app.system.FormReader;
import openbloom.app.system.Secrets;
import openbloom.core.Problem;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Who works in a studio: invited and let back in by a link on which she sets her own password, given another role, let go. A studio
 * never is without an owner.
 */
@Service
public class Team {
    /** How long a link opens. Our own convention, no source. */
    static final Duration OPENS_FOR = Duration.ofHours(72);

    private static final int TOKEN_BYTES = 16;
    private static final int LONGEST_TOKEN = 64;

    private final TeamMapper rows;
    private final AccountMapper accounts;
    private final PasswordEncoder passwords;
    private final Clock clock;

    Team(TeamMapper rows, AccountMapper accounts, PasswordEncoder passwords, Clock clock) {
        this.rows = rows;
        this.accounts = accounts;
        this.passwords = passwords;
        this.clock = clock;
    }

    /** Who works there now, by name. */
    List<Account> of(long studioId) {
        return accounts.ofStudio(studioId).stream()
                .filter(account -> account.leftAt() == null)
                .toList();
    }

    /** Who worked there once, by name. */
    List<Account> whoLeft(long studioId) {
        return accounts.ofStudio(studioId).stream()
                .filter(account -> account.leftAt() != null)
                .toList();
    }

    /** Links that open now. */
    List<JoinLink> openLinks(long studioId) {
        return rows.open(studioId, clock.instant());
    }

    /**
     * Invites somebody, or asks one who left back.
     *
     * @param typed where what is wrong is said
     * @return the token of her link, which is nowhere else; empty when something is wrong
     */
    @Transactional
    public Optional<String> invite(SignedIn me, Invitation wanted, FormReader typed) {
        typed.refuseAll(Accounts.whoProblems(wanted.name(), wanted.email()));
        Optional<Role> role = typed.requiredChoice("role", wanted.role(), Role.class);
        String email = wanted.email().strip().toLowerCase(Locale.ROOT);
        accounts.byEmail(email)
                .filter(known -> known.leftAt() == null || known.studioId() != me.studioId())
                .ifPresent(known -> typed.refuse("email", "account.taken", wanted.email()));
        return typed.isClean() ? role.map(as -> link(me, email, wanted.name().strip(), as)) : Optional.empty();
    }

    /** Somebody to be invited, as typed. */
    public record Invitation(String name, String email, String role) {}

    /** A link for one who works here, by which she sets another password; empty if she does not work here. */
    @Transactional
    public Optional<String> reset(SignedIn me, long accountId) {
        return hers(me, accountId).map(her -> link(me, her.email(), her.name(), her.role()));
    }

    /** An earlier one of hers opens no more. */
    private String link(SignedIn me, String email, String name, Role role) {
        String token = Secrets.fresh(TOKEN_BYTES);
        Instant now = clock.instant();
        rows.takeBackAllOf(me.studioId(), email, now);
        rows.insertLink(new TeamMapper.NewLink(
                me.studioId(), email, name, role, Secrets.digest(token), me.accountId(), now, now.plus(OPENS_FOR)));
        return token;
    }

    void takeBack(SignedIn me, long linkId) {
        rows.takeBack(me.studioId(), linkId, clock.instant());
    }

    private Optional<Account> hers(SignedIn me, long accountId) {
        return of(me.studioId()).stream()
                .filter(account -> account.id() == accountId)
                .findFirst();
    }

    /** What is wrong with another role for her; empty when she has it. */
    @Transactional
    public List<Problem> changeRole(SignedIn me, long accountId, String wanted) {
        rows.alone(me.studioId());
        FormReader typed = new FormReader();
        Optional<Role> role = typed.requiredChoice("role", wanted, Role.class);
        Optional<Account> her = hers(me, accountId);
        if (her.isEmpty()) {
            typed.refuse("role", "team.gone");
        } else if (role.isPresent() && role.get() != Role.OWNER && isLastOwner(her.get())) {
            typed.refuse("role", "team.lastOwner", her.get().name());
        }
        role.filter(as -> typed.isClean()).ifPresent(as -> rows.changeRole(me.studioId(), accountId, as));
        return typed.problems();
    }

    /** What keeps her from leaving; empty when she has left: her sign-ins end at once, her work stays hers by name. */
    @Transactional
    public List<Problem> leave(SignedIn me, long accountId) {
        rows.alone(me.studioId());
        FormReader typed = new FormReader();
        Optional<Account> her = hers(me, accountId);
        if (her.filter(this::isLastOwner).isPresent()) {
            typed.refuse("role", "team.lastOwner", her.get().name());
        }
        if (typed.isClean() && her.isPresent()) {
            rows.leave(me.studioId(), accountId, clock.instant());
            rows.takeBackAllOf(me.studioId(), her.get().email(), clock.instant());
        }
        return typed.problems();
    }

    private boolean isLastOwner(Account her) {
        return her.owner() && rows.owners(her.studioId()) == 1;
    }

    /** The link of a token; empty if it was never made, was used, taken back, or has ended. */
    Optional<JoinLink> opened(String token) {
        return rows.byDigest(Secrets.digest(token.substring(0, Math.min(LONGEST_TOKEN, token.length()))))
                .filter(link -> link.isOpenAt(clock.instant()));
    }

    /**
     * Sets the password of whose link it is; she works there from now on, and every other sign-in of hers has ended.
     *
     * @return what is wrong with the password; empty when it was set
     */
    @Transactional
    List<Problem> join(JoinLink link, String password) {
        FormReader typed = new FormReader();
        Accounts.password("password", password, link.email(), link.name())
                .ifPresent(wrong -> typed.refuseAll(List.of(wrong)));
        if (!typed.isClean()) {
            return typed.problems();
        }
        Optional<Account> known = accounts.byEmail(link.email());
        if (known.filter(her -> her.studioId() != link.studioId()).isPresent()) {
            return List.of(Problem.of("password", "account.taken", link.email()));
        }
        String hash = passwords.encode(password);
        if (rows.use(link.id(), clock.instant()) == 0) {
            return List.of(Problem.of("password", "team.linkUsed"));
        }
        if (known.isEmpty()) {
            accounts.insert(link.studioId(), link.email(), hash, link.name(), link.role());
        } else {
            Role role = known.get().leftAt() == null ? known.get().role() : link.role();
            rows.comeBack(link.studioId(), link.email(), link.name(), role, hash);
        }
        return List.of();
    }
}
