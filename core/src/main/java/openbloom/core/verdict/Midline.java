package openbloom.core.verdict;

import java.util.List;
import openbloom.core.YesNoUnknown;
import openbloom.core.evidence.Published;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.screening.Symptom;

/** What the midline lets her load: width alone says little, depth, firmness and doming say more. */
enum Midline {
    /** Nothing about it needs looking at: she never gave birth, never domed; or she is pregnant and does not dome. */
    NO_GATE,
    /** Recovered by her approach, flat and firm. */
    HOLDING,
    /** Wide, but flat and firm. */
    PART,
    /** Domes, or deep and soft, or nobody has looked lately. */
    SOFT;

    static Midline of(KnownFacts facts) {
        if (facts.isPregnant()) {
            return facts.domed() == YesNoUnknown.YES ? SOFT : NO_GATE;
        }
        if (!concerns(facts)) {
            return NO_GATE;
        }
        boolean looked = facts.isGapFresh() && facts.domed() == YesNoUnknown.NO;
        if (!looked || !isFirmEverywhere(facts)) {
            return SOFT;
        }
        return facts.gapRecovered() == YesNoUnknown.YES ? HOLDING : PART;
    }

    private static boolean concerns(KnownFacts facts) {
        return facts.client().background().mayHaveGivenBirth()
                || facts.client().situation().birth().isPresent()
                || facts.domed() == YesNoUnknown.YES
                || !facts.client().standing().ceilings().isEmpty()
                || facts.client().has(Symptom.BELLY_PUSHES_OUT);
    }

    static boolean isFirmEverywhere(KnownFacts facts) {
        return facts.client().checks().gap().filter(Midline::isFirm).isPresent();
    }

    /** Read on the small lift, and nowhere deep over a soft floor; a width alone is neither soft nor recovered. */
    private static boolean isFirm(GapCheck check) {
        List<GapReading> lift = check.in(GapState.LIFT).toList();
        return !lift.isEmpty() && lift.stream().noneMatch(Midline::isDeepAndSoft);
    }

    /** Whether depth and floor were read beside every width: without them nothing is recovered. */
    static boolean isReadWhole(GapCheck check) {
        return check.readings().stream().allMatch(GapReading::isWhole);
    }

    private static boolean isDeepAndSoft(GapReading reading) {
        return reading.depth()
                        .filter(deep -> deep.compareTo(Depth.SECOND_KNUCKLE) >= 0)
                        .isPresent()
                && reading.firmness()
                        .filter(floor -> floor.compareTo(Firmness.SPRINGS) < 0)
                        .isPresent();
    }

    /** Whether a doming or a soft floor was seen, rather than nobody having looked. */
    static boolean wasSeenSoft(KnownFacts facts) {
        return facts.isGapFresh()
                && (facts.domed() == YesNoUnknown.YES
                        || facts.client()
                                .checks()
                                .gap()
                                .filter(check -> check.in(GapState.LIFT).anyMatch(Midline::isDeepAndSoft))
                                .isPresent());
    }

    /** Firm enough, and long enough after a birth, for a head lift with connect to begin with. */
    static boolean mayBeginCurls(Facts facts) {
        boolean firm = facts.client()
                .checks()
                .gap()
                .filter(check -> check.in(GapState.LIFT)
                        .allMatch(reading -> reading.firmness()
                                .filter(floor -> floor.compareTo(Firmness.SPRINGS) >= 0)
                                .isPresent()))
                .isPresent();
        return facts.midline() == PART && firm && !facts.isWithinOfBirth(Published.CURLS_WITH_A_GAP);
    }
}
