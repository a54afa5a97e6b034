package openbloom.core.progress;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.Optional;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.moves.DoseStage;
import openbloom.core.record.Noted;

/**
 * How heavy a move with a weight may be today: from what she used last and how that went, or, the first time, from what she
 * used before by her stage (common practice, no source). In kg, to the half.
 *
 * @param shareOfBefore of what she used before, in per cent, of what is proposed; empty where that is not known
 * @param why what the proposal rests on
 * @see Published
 * @see Noted
 */
public record Loading(BigDecimal kilograms, Optional<Used> last, Optional<Integer> shareOfBefore, String why) {
    public static final BigDecimal MOST = new BigDecimal("400");
    private static final BigDecimal HALF = new BigDecimal("0.5");

    /** How a load went. */
    public enum Went {
        TOO_EASY,
        RIGHT,
        AGAINST;

        /** By everything told of the move in that session: what speaks against it counts before everything else. */
        public static Went of(Collection<Noted> told) {
            if (told.stream().anyMatch(Noted::isAgainst)
                    || told.contains(Noted.TOO_HARD)
                    || told.contains(Noted.PARTLY)) {
                return AGAINST;
            }
            return told.contains(Noted.TOO_EASY) ? TOO_EASY : RIGHT;
        }
    }

    /**
     * A load she really used.
     *
     * @param on the day
     * @param kilograms as it was told with the answer
     * @param went how the set ended, see {@link Went}
     */
    public record Used(LocalDate on, BigDecimal kilograms, Went went) {}

    /**
     * A load for a day; empty where nothing is known, and in the first healing, when there is none but the baby.
     *
     * @param before what she used before, in kg
     */
    public static Optional<Loading> of(
            LocalDate day, DoseStage stage, int trimester, Optional<Used> last, Optional<BigDecimal> before) {
        if (stage == DoseStage.HEAL || stage == DoseStage.RECONNECT) {
            return Optional.empty();
        }
        return last.map(used -> afterwards(day, used, before))
                .or(() -> before.map(usual -> first(share(stage, trimester), usual)));
    }

    /** {@code last 12 kg on 20 Nov 2026, 60 % of before, it was just right last time}. */
    public String words() {
        StringBuilder words = new StringBuilder();
        last.ifPresent(used -> {
            words.append("last ").append(used.kilograms().toPlainString()).append(" kg on ");
            words.append(Days.words(used.on())).append(", ");
            shareOfBefore.ifPresent(share -> words.append(share).append(" % of before, "));
        });
        return words.append(why).toString();
    }

    private static Loading first(Published share, BigDecimal before) {
        BigDecimal proposed = part(before, share.amount());
        return new Loading(
                proposed,
                Optional.empty(),
                Optional.of(shareOf(proposed, before)),
                "to begin with " + share.amount() + " % of the " + before.toPlainString() + " kg of before");
    }

    private static Loading afterwards(LocalDate day, Used used, Optional<BigDecimal> before) {
        BigDecimal kilograms = used.kilograms();
        boolean paused = ChronoUnit.DAYS.between(used.on(), day) >= Published.SHORT_PAUSE.days();
        BigDecimal proposed;
        String why;
        if (used.went() == Went.AGAINST) {
            proposed = part(kilograms, 100 - Published.LOAD_DOWN.amount());
            why = "it was too much last time";
        } else if (paused) {
            proposed = part(kilograms, 100 - Published.LOAD_DOWN.amount());
            why = "no load for " + ChronoUnit.DAYS.between(used.on(), day) + " days";
        } else if (used.went() == Went.TOO_EASY) {
            proposed = part(kilograms, 100 + Published.LOAD_UP.amount()).max(kilograms.add(HALF));
            why = "it was too easy last time";
        } else {
            proposed = kilograms;
            why = "it was just right last time";
        }
        return new Loading(proposed, Optional.of(used), before.map(usual -> shareOf(proposed, usual)), why);
    }

    /** How much of her best before she begins with, in per cent. */
    public static Published share(DoseStage stage, int trimester) {
        return switch (stage) {
            case PREGNANT ->
                trimester == 1
                        ? Published.LOAD_FIRST_TRIMESTER
                        : trimester == 2 ? Published.LOAD_SECOND_TRIMESTER : Published.LOAD_THIRD_TRIMESTER;
            case STRENGTHEN -> Published.LOAD_STRENGTHEN;
            case RETURN -> Published.LOAD_RETURN;
            case HEAL, RECONNECT, REBUILD -> Published.LOAD_REBUILD;
            case OTHER -> Published.LOAD_FIRST_TIME;
        };
    }

    /** Repetitions left in reserve in each set. */
    public static Published reserve(DoseStage stage) {
        return switch (stage) {
            case PREGNANT -> Published.RESERVE_PREGNANT;
            case HEAL, RECONNECT, REBUILD -> Published.RESERVE_REBUILD;
            case STRENGTHEN -> Published.RESERVE_STRENGTHEN;
            case RETURN, OTHER -> Published.RESERVE_RETURN;
        };
    }

    /** Rounded down to the half kilogram, and at least that. */
    private static BigDecimal part(BigDecimal kilograms, int percent) {
        BigDecimal halves = kilograms
                .multiply(BigDecimal.valueOf(percent))
                .divide(BigDecimal.valueOf(100))
                .divide(HALF, 0, RoundingMode.FLOOR);
        return halves.max(BigDecimal.ONE).multiply(HALF);
    }

    private static int shareOf(BigDecimal part, BigDecimal whole) {
        return whole.signum() == 0
                ? 0
                : part.multiply(BigDecimal.valueOf(100))
                        .divide(whole, 0, RoundingMode.HALF_UP)
                        .intValue();
    }
}
