package openbloom.app.studio;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.app.system.FormReader;
import openbloom.app.system.Secrets;
import openbloom.app.system.StudioDay;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What programs sign in with in somebody's name: made and taken back by herself, for some weeks, with what it may. */
@Service
public class ApiTokens {
    static final int LONGEST_NAME = 60;
    static final int MOST_WEEKS = 52;

    private static final int MOST_TOKENS = 20;
    private static final int TOKEN_BYTES = 24;

    private final TokenMapper rows;
    private final AccountMapper accounts;
    private final StudioDay day;

    ApiTokens(TokenMapper rows, AccountMapper accounts, StudioDay day) {
        this.rows = rows;
        this.accounts = accounts;
        this.day = day;
    }

    /**
     * A token as its owner sees it; the token itself is nowhere.
     *
     * @param endsOn the last day it opens
     * @param usedAt when it was used last
     */
    public record ApiToken(
            long id,
            long accountId,
            String name,
            ApiScope scope,
            LocalDate endsOn,
            @Nullable Instant usedAt) {}

    List<ApiToken> of(SignedIn me) {
        return rows.of(me.accountId());
    }

    /** A token to be made, as typed. */
    public record WantedToken(String name, String scope, String weeks) {}

    /**
     * Makes one.
     *
     * @param typed where what is wrong is said
     * @return the token, which is nowhere else; empty when something is wrong
     */
    @Transactional
    public Optional<String> make(SignedIn me, WantedToken wanted, FormReader typed) {
        String name = typed.requiredText("tokenName", wanted.name(), LONGEST_NAME);
        Optional<ApiScope> scope = typed.requiredChoice("scope", wanted.scope(), ApiScope.class);
        Optional<Integer> weeks = typed.requiredWhole("weeks", wanted.weeks(), 1, MOST_WEEKS);
        if (of(me).size() >= MOST_TOKENS) {
            typed.refuse("tokenName", "token.tooMany", MOST_TOKENS);
        }
        if (!typed.isClean()) {
            return Optional.empty();
        }
        String token = "bloom_" + Secrets.fresh(TOKEN_BYTES);
        rows.insert(
                me.accountId(),
                name,
                scope.orElseThrow(),
                Secrets.digest(token),
                day.instant(),
                day.today(me).plusWeeks(weeks.orElseThrow()));
        return Optional.of(token);
    }

    void takeBack(SignedIn me, long id) {
        rows.takeBack(me.accountId(), id, day.instant());
    }

    /** Who a program speaks for, and what it may. */
    record Program(SignedIn who, ApiScope scope) {}

    /** Empty when the token was never made, has ended or was taken back, or who made it has left. */
    @Transactional
    public Optional<Program> opened(String token) {
        Optional<ApiToken> known = rows.byDigest(Secrets.digest(token));
        Optional<Program> program = known.flatMap(one -> Optional.ofNullable(accounts.account(one.accountId()))
                .filter(account -> account.leftAt() == null)
                .map(account -> new SignedIn(account, accounts.studio(account.studioId())))
                .filter(who -> !day.today(who).isAfter(one.endsOn()))
                .map(who -> new Program(who, one.scope())));
        if (program.isPresent()) {
            rows.used(known.orElseThrow().id(), day.instant());
        }
        return program;
    }
}
