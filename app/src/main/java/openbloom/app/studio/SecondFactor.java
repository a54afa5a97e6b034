package openbloom.app.studio;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.IntStream;
import openbloom.app.system.FormReader;
import openbloom.app.system.Secrets;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody has beside her password: an app that makes codes, and ten codes to fall back on. */
@Service
class SecondFactor {
    static final int RECOVERY_CODES = 10;
    private static final int HALF_OF_A_RECOVERY_CODE = 5;
    /** Letters and digits nobody takes for another. */
    private static final String RECOVERY_LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

    private final SecondFactorMapper rows;
    private final SignInGuard guard;
    private final StudioDay day;

    SecondFactor(SecondFactorMapper rows, SignInGuard guard, StudioDay day) {
        this.rows = rows;
        this.guard = guard;
        this.day = day;
    }

    /** Since when she has one; empty if she has none. */
    Optional<Instant> since(long accountId) {
        return Optional.ofNullable(rows.begunAt(accountId));
    }

    /** Who of a studio has one. */
    Set<Long> whoHasOne(long studioId) {
        return new HashSet<>(rows.accountsWithOne(studioId));
    }

    boolean ownersNeedOne(long studioId) {
        return rows.ownersNeedOne(studioId);
    }

    /** Whether she has to set one up before anything else. */
    boolean isMissing(SignedIn me) {
        return me.account().owner()
                && ownersNeedOne(me.studioId())
                && since(me.accountId()).isEmpty();
    }

    int recoveryCodesLeft(long accountId) {
        return rows.recoveryCodesLeft(accountId);
    }

    /**
     * Whether a code is one of hers, of her app or to fall back on; each opens once, and wrong ones become slow.
     *
     * @param field where what is wrong is said
     */
    @Transactional
    public boolean opens(Account her, String typed, String address, FormReader field) {
        if (guard.codeMustWait(her.email(), address)) {
            field.refuse("code", "factor.wait");
            return false;
        }
        String code = typed.replaceAll("[\\s-]", "").toLowerCase(Locale.ROOT);
        boolean right =
                isOfHerApp(her.id(), code) || rows.useRecoveryCode(her.id(), Secrets.digest(code), day.instant()) == 1;
        if (right) {
            guard.codeRight(her.email());
        } else {
            guard.codeWrong(her.email(), address);
            field.refuse("code", "factor.wrong");
        }
        return right;
    }

    private boolean isOfHerApp(long accountId, String code) {
        @Nullable String secret = rows.secret(accountId);
        if (secret == null) {
            return false;
        }
        OptionalLong step = OneTimeCodes.stepOf(code, secret, day.instant());
        return step.isPresent() && rows.use(accountId, step.getAsLong()) == 1;
    }

    /**
     * Begins one, once her app makes the right code.
     *
     * @return her codes to fall back on, which are kept nowhere; empty when the code is wrong
     */
    @Transactional
    public List<String> begin(SignedIn me, String secret, String typed, FormReader field) {
        OptionalLong step = OneTimeCodes.stepOf(typed.replaceAll("\\s", ""), secret, day.instant());
        if (step.isEmpty()) {
            field.refuse("code", "factor.firstWrong");
            return List.of();
        }
        rows.delete(me.accountId());
        rows.insert(me.accountId(), secret, day.instant(), step.getAsLong());
        return newRecoveryCodes(me.accountId());
    }

    /** Ten new codes; the earlier ones open no more. */
    @Transactional
    public List<String> newRecoveryCodes(long accountId) {
        rows.deleteRecoveryCodes(accountId);
        return IntStream.range(0, RECOVERY_CODES)
                .mapToObj(each -> Secrets.word(RECOVERY_LETTERS, 2 * HALF_OF_A_RECOVERY_CODE))
                .peek(code -> rows.insertRecoveryCode(accountId, Secrets.digest(code)))
                .map(code -> code.substring(0, HALF_OF_A_RECOVERY_CODE) + "-" + code.substring(HALF_OF_A_RECOVERY_CODE))
                .toList();
    }

    @Transactional
    public void end(long accountId) {
        rows.deleteRecoveryCodes(accountId);
        rows.delete(accountId);
    }

    /** What keeps the studio from asking its owners for one; empty when it is decided. */
    List<Problem> ownersNeedOneFromNowOn(SignedIn me, boolean need) {
        FormReader typed = new FormReader();
        if (need && since(me.accountId()).isEmpty()) {
            typed.refuse("ownersNeedOne", "factor.yoursFirst");
        } else {
            rows.ownersNeedOneFromNowOn(me.studioId(), need);
        }
        return typed.problems();
    }
}
