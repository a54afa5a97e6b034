package openbloom.core.verdict;

import static openbloom.core.evidence.Published.*;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import openbloom.core.evidence.Published;
import openbloom.core.moves.DoseStage;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.Allowance;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.record.Client;
import openbloom.core.screening.Condition;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Gate;
import openbloom.core.stage.Recovery;
import openbloom.core.words.Evidence;

/**
 * A woman on a day, as the rules want to see her: what is known, how her midline holds, and what she waits for.
 *
 * @see Judgement
 * @see GapRules
 */
public final class Facts extends KnownFacts {
    private final Midline midline;
    private final Gates gates;

    public Facts(Client client, LocalDate day) {
        this(new KnownFacts(client, day));
    }

    private Facts(KnownFacts known) {
        this(known, Midline.of(known));
    }

    private Facts(KnownFacts known, Midline midline) {
        super(known);
        this.midline = midline;
        this.gates = new Gates(known, midline);
    }

    /** The gates that several rules share. */
    Gates gates() {
        return gates;
    }

    /** Conditions that a clearance answers today: expressly, and not from before they were there. */
    public Set<Condition> answeredConditions() {
        return client().medical().known().all().stream()
                .filter(condition -> clearanceFor(condition).isPresent())
                .collect(Collectors.toUnmodifiableSet());
    }

    /** A gap reading that still counts, met or not. */
    public Gate gapRead() {
        return gates.gapRead();
    }

    /** A wound of the belly that is open or young, as what says so: a caesarean or an operation through the belly wall. */
    Optional<Evidence> bellyWound() {
        if (recentBirth().isEmpty() && surgeries().isEmpty()) {
            return Optional.empty();
        }
        Optional<Evidence> caesarean = recentBirth()
                .filter(Birth::mayBeCaesarean)
                .filter(birth -> !gates.wound().met() || birth.daysOn(day()) < Published.YOUNG_WOUND.days())
                .map(birth -> evidence().sinceBirth());
        return caesarean.or(() -> surgeries().stream()
                .filter(surgery -> surgery.kind().isThroughTheBelly())
                .filter(surgery -> daysSince(surgery).orElseThrow() < Published.YOUNG_WOUND.days())
                .findFirst()
                .map(surgery -> new Evidence.Operated(surgery)));
    }

    // --- the midline and the ladders

    Midline midline() {
        return midline;
    }

    /** Stage of her recovery; meaningful when she is not pregnant. */
    public Recovery recovery() {
        return Recovery.on(day(), recentBirth(), gates.criteria());
    }

    /** The stage her doses are written for. */
    public DoseStage doseStage() {
        if (isPregnant()) {
            return DoseStage.PREGNANT;
        }
        return recentBirth().isPresent() ? DoseStage.valueOf(recovery().stage().name()) : DoseStage.OTHER;
    }

    /** Firm wherever it was read lately, and flat: what a wide gap may be, too. */
    public boolean isMidlineFirmAndFlat() {
        return midline == Midline.HOLDING || midline == Midline.PART;
    }

    /**
     * Whether on another day of hers a finding touches the same moves: its trimester, how far the ladders count as seen
     * flat and what the first weeks open by themselves are what the rules ask of a move beside what they find.
     */
    boolean touchLike(Facts other) {
        return isOfTheSameTrimester(other) && EarlyMoves.stepOf(this) == EarlyMoves.stepOf(other) && isFlatLike(other);
    }

    boolean isOfTheSameTrimester(Facts other) {
        return isPregnant() == other.isPregnant()
                && isPregnantFrom(SECOND_TRIMESTER.amount()) == other.isPregnantFrom(SECOND_TRIMESTER.amount())
                && isPregnantFrom(THIRD_TRIMESTER.amount()) == other.isPregnantFrom(THIRD_TRIMESTER.amount());
    }

    private boolean isFlatLike(Facts other) {
        for (ExerciseGroup strand : client().standing().flat().keySet()) {
            if (flatUpTo(strand) != other.flatUpTo(strand)) {
                return false;
            }
        }
        return true;
    }

    /** What the time since her latest birth and her clearance allow her pelvic floor. */
    public Allowance pelvicAllowance() {
        return FloorPractice.allowance(this);
    }

    /** What her pelvic floor practises, by the latest check, her approach and what is allowed. */
    public Prescription pelvicPractice(PelvicFloorCheck check) {
        return FloorPractice.of(this, check);
    }
}
