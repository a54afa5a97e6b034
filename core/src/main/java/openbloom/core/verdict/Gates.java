package openbloom.core.verdict;

import java.util.Optional;
import java.util.Set;
import openbloom.core.Days;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.record.Clearance;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import openbloom.core.stage.Recovery;
import openbloom.core.stage.Tear;
import openbloom.core.words.Evidence;

/** What several rules make her wait for, met or not on the day, with what is known of it in words. */
final class Gates {
    private static final int POSITIONS_TO_FEEL_CONNECT = 2;
    private static final int LIMB_LOAD_RUNG = 2;

    /** Kneeling front support: flat there, the full one may be tried. */
    private static final int FRONT_SUPPORT_RUNG = 5;

    private final KnownFacts facts;
    private final Midline midline;

    Gates(KnownFacts facts, Midline midline) {
        this.facts = facts;
        this.midline = midline;
    }

    /** What the stages of her recovery ask for. */
    Recovery.Criteria criteria() {
        boolean safe = facts.client().safety().standing().keySet().isEmpty();
        Gate noSign = Gate.of(GateKind.NO_WARNING_SIGN, safe, safe ? "none reported" : "a warning sign was reported");
        return Recovery.Criteria.of(
                noSign,
                clearance(),
                wound(),
                connect(),
                noHeaviness(),
                limbLoadFlat(),
                impactTests(),
                symptomFree(),
                gapRecovered());
    }

    Gate clearanceFor(Condition condition) {
        return word(
                facts.clearanceFor(condition),
                facts.clearance()
                        .map(given -> missingFor(condition, given))
                        .orElse("none on file that speaks of " + condition.words()));
    }

    private static String missingFor(Condition condition, Clearance given) {
        String date = "the one of " + Days.words(given.date());
        return given.answers().contains(condition)
                ? date + " cannot have known of " + condition.words() + " as it is now"
                : date + " does not say that it is for " + condition.words();
    }

    /** A clinician's word that counts, or why there is none. */
    Gate word(Optional<Clearance> given, String missing) {
        return Gate.of(
                GateKind.CLEARANCE, given.isPresent(), given.map(Gates::by).orElse(missing));
    }

    /** A pessary, or a clinician's word for the prolapse. */
    Gate supported() {
        return facts.client().medical().pessary() == YesNoUnknown.YES
                ? Gate.of(GateKind.SUPPORTED, true, "wears a pessary")
                : Gate.of(
                        GateKind.SUPPORTED,
                        facts.clearanceFor(Condition.PROLAPSE).isPresent(),
                        clearanceFor(Condition.PROLAPSE).detail());
    }

    Gate clearance() {
        Optional<Clearance> given = facts.clearance();
        return Gate.of(
                GateKind.CLEARANCE, given.isPresent(), given.map(Gates::by).orElse("none on file for this time"));
    }

    private static String by(Clearance given) {
        return "by " + given.by() + ", " + Days.words(given.date());
    }

    /** Closed, or nobody looked, twelve weeks have passed and there was neither tear nor caesarean. */
    Gate wound() {
        YesNoUnknown closed =
                facts.client().situation().birth().map(Birth::woundClosed).orElse(YesNoUnknown.UNKNOWN);
        boolean longAgo = facts.client()
                .situation()
                .birth()
                .filter(birth -> !birth.mayBeCaesarean() && birth.tear() == Tear.NONE)
                .filter(birth -> birth.daysOn(facts.day()) >= Published.WOUND_TAKEN_AS_CLOSED.days())
                .isPresent();
        String words = switch (closed) {
            case YES -> "closed, as reported at intake";
            case NO -> "not closed yet";
            case UNKNOWN ->
                longAgo
                        ? "taken as closed: no tear, no caesarean"
                        : isQuietAndCleared()
                                ? "not recorded; her clinician has seen her since, and nothing hurts"
                                : "not recorded";
        };
        boolean taken = closed == YesNoUnknown.UNKNOWN && (longAgo || isQuietAndCleared());
        return Gate.of(GateKind.WOUND_CLOSED, closed == YesNoUnknown.YES || taken, words);
    }

    /** Twelve weeks on, a word dated after the birth, the scar asked and quiet. */
    private boolean isQuietAndCleared() {
        return facts.client()
                        .situation()
                        .birth()
                        .filter(birth -> birth.daysOn(facts.day()) >= Published.WOUND_TAKEN_AS_CLOSED.days())
                        .isPresent()
                && facts.clearance().isPresent()
                && facts.client().safety().symptoms().excludes(Set.of(Symptom.SCAR_PAIN), facts.day());
    }

    Gate time(Birth birth, Published floor) {
        return Gate.since(GateKind.TIME, birth.date(), birth.date().plusDays(floor.days()), facts.day());
    }

    Gate gapRead() {
        return Gate.of(
                GateKind.GAP_READ,
                facts.isGapFresh(),
                facts.evidence().lastRead().words());
    }

    Gate gapRecovered() {
        return Gate.of(
                GateKind.GAP_RECOVERED,
                facts.gapRecovered() == YesNoUnknown.YES,
                facts.evidence().gap().words());
    }

    Gate noDoming() {
        Evidence lift = new Evidence.HeadLift(facts.domed(), Optional.empty());
        return Gate.of(GateKind.NO_DOMING, facts.domed() == YesNoUnknown.NO, lift.words());
    }

    Gate symptomFree() {
        boolean free = facts.client().safety().symptoms().excludes(Symptom.AGAINST_IMPACT, facts.day());
        String words = facts.client()
                .safety()
                .symptoms()
                .askedOn()
                .map(on -> (free ? "none reported " : "asked ") + Days.words(on))
                .orElse("not asked");
        return Gate.of(GateKind.SYMPTOM_FREE, free, words);
    }

    Gate impactTests() {
        return Gate.of(
                GateKind.IMPACT_TESTS,
                facts.client().checks().impactTests().allPassed(),
                facts.evidence().tests().words());
    }

    Gate returnToImpact(Birth birth) {
        return Gate.since(GateKind.TIME, birth.date(), birth.earliestReturn(), facts.day());
    }

    Gate clinicianAllows(String limit) {
        return Gate.of(GateKind.CLINICIAN_ALLOWS, false, limit);
    }

    Gate connect() {
        int positions = facts.client().checks().connect().positionsFelt().orElse(facts.achieved(ExerciseGroup.CONNECT));
        return Gate.of(
                GateKind.CONNECT, positions >= POSITIONS_TO_FEEL_CONNECT, "felt in " + positions + " positions so far");
    }

    Gate noHeaviness() {
        boolean free = facts.client().safety().symptoms().excludes(Set.of(Symptom.HEAVINESS), facts.day());
        String words = facts.has(Symptom.HEAVINESS)
                ? facts.evidence().told(Symptom.HEAVINESS).words()
                : free ? "none reported" : Published.said("not asked in the last {} days", Published.SYMPTOM_MEMORY);
        return Gate.of(GateKind.NO_HEAVINESS, free, words);
    }

    /** Flat on the second rung of limb load, or a recovered midline that is flat and firm on the lift itself. */
    Gate limbLoadFlat() {
        int flat = facts.client()
                .standing()
                .ceilings()
                .getOrDefault(ExerciseGroup.LIMB_LOAD, facts.achieved(ExerciseGroup.LIMB_LOAD));
        boolean holds = midline == Midline.HOLDING
                && !facts.client().standing().ceilings().containsKey(ExerciseGroup.LIMB_LOAD);
        String words = flat >= LIMB_LOAD_RUNG || !holds
                ? flatWords("limb load", flat)
                : "recovered, flat and firm on the lift";
        return Gate.of(GateKind.NO_DOMING, flat >= LIMB_LOAD_RUNG || holds, words);
    }

    Gate frontSupportFlat() {
        int flat = facts.client()
                .standing()
                .ceilings()
                .getOrDefault(ExerciseGroup.FRONT_SUPPORT, facts.achieved(ExerciseGroup.FRONT_SUPPORT));
        boolean isFlat = flat >= FRONT_SUPPORT_RUNG;
        return Gate.of(GateKind.NO_DOMING, isFlat, flatWords("front support", flat));
    }

    private static String flatWords(String ladder, int rung) {
        return rung == 0 ? ladder + " not seen flat yet" : ladder + " flat up to level " + rung;
    }
}
