package openbloom.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.program.Goals;
import openbloom.core.record.Goal;
import openbloom.core.record.PainSite;
import openbloom.core.screening.Symptom;

/**
 * What a review proposes; the instructor accepts or overrules it.
 *
 * @param why the fact behind it
 * @param source key of its source
 * @see ProgramReview
 */
public record Recommendation(RecommendationKind kind, String what, String why, String source) {
    /** Kinds of proposal. */
    public enum RecommendationKind {
        CHECK("a check"),
        NEXT_BLOCK("next block"),
        CHANGE_OF_AIM("change of aim"),
        CHANGE_OF_APPROACH("change of approach"),
        REFERRAL("referral");

        private final String words;

        RecommendationKind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static List<Recommendation> of(ReviewPeriod look, List<GoalOutcome> aims) {
        List<Recommendation> proposed = new ArrayList<>();
        held(look, proposed);
        referrals(look, proposed);
        aims.stream()
                .filter(told -> told.state() == GoalOutcome.State.NOT_READ)
                .forEach(told -> proposed.add(new Recommendation(
                        RecommendationKind.CHECK,
                        "ask or look again for “" + told.aim().words() + "”",
                        told.why(),
                        Source.COMMON_PRACTICE.key())));
        for (GoalOutcome told : aims) {
            if (told.state() == GoalOutcome.State.CLOSED) {
                proposed.add(new Recommendation(
                        RecommendationKind.CHANGE_OF_AIM,
                        "take “" + told.aim().words() + "” off her aims",
                        told.why(),
                        told.aim().source().key()));
            }
            if (told.state() == GoalOutcome.State.REACHED) {
                proposed.add(new Recommendation(
                        RecommendationKind.CHANGE_OF_AIM,
                        "“" + told.aim().words() + "” has been reached: choose another",
                        told.why(),
                        told.aim().source().key()));
            }
        }
        Goals.suggest(look.after().facts()).stream()
                .filter(told -> told.aim() != Goal.KEEP_ACTIVE && !look.aims().contains(told.aim()))
                .forEach(told -> proposed.add(new Recommendation(
                        RecommendationKind.CHANGE_OF_AIM,
                        "add “" + told.aim().words() + "”",
                        told.why(),
                        told.aim().source().key())));
        stalled(look, aims, proposed);
        proposed.add(new Recommendation(
                RecommendationKind.NEXT_BLOCK,
                look.planned() ? "make the next block from today" : "make her first block from today",
                look.planned()
                        ? look.days() + (look.days() == 1 ? " day" : " days") + " since this one began"
                        : "she has no programme yet",
                Source.COMMON_PRACTICE.key()));
        return List.copyOf(proposed);
    }

    /** Pain that holds a ladder: somebody looks at the place before it goes on. */
    private static void held(ReviewPeriod look, List<Recommendation> proposed) {
        look.after()
                .facts()
                .client()
                .standing()
                .holds()
                .forEach(hold -> proposed.add(new Recommendation(
                        RecommendationKind.REFERRAL,
                        hold.place() == PainSite.ELSEWHERE
                                ? "her clinician looks at what hurt"
                                : "her clinician looks at the " + hold.place().words(),
                        hold.words() + "; it holds until it is answered",
                        Source.E_PAIN.key())));
    }

    private static void referrals(ReviewPeriod look, List<Recommendation> proposed) {
        refer(
                look,
                proposed,
                Symptom.LEAK_WITH_EFFORT,
                Published.PELVIC_PROGRAMME.days(),
                Published.said("leaking unchanged after {} weeks of training", Published.PELVIC_PROGRAMME));
        refer(
                look,
                proposed,
                Symptom.HEAVINESS,
                Published.PELVIC_PROGRAMME_HEAVY.days(),
                Published.said("heaviness unchanged after {} weeks", Published.PELVIC_PROGRAMME_HEAVY));
        Stream.of(Symptom.PELVIC_PAIN, Symptom.PAIN_WITH_LIFTS)
                .filter(look::toldNow)
                .findFirst()
                .ifPresent(pain -> proposed.add(new Recommendation(
                        RecommendationKind.REFERRAL,
                        "a pelvic health clinician looks at her",
                        pain.words(),
                        Source.E_DOWN.key())));
        if (look.after().facts().client().checks().pelvicFloor().tone() == Tone.NONE_FELT) {
            proposed.add(new Recommendation(
                    RecommendationKind.REFERRAL,
                    "a pelvic health clinician looks at her",
                    "no lift can be felt",
                    Source.COMMON_PRACTICE.key()));
        }
        var connect = look.after().facts().client().checks().connect();
        if (!connect.isEmpty() && connect.works().isEmpty() && !connect.cues().isEmpty()) {
            proposed.add(new Recommendation(
                    RecommendationKind.REFERRAL,
                    "a pelvic health clinician looks at her",
                    "no cue for connecting works",
                    Source.COMMON_PRACTICE.key()));
        }
    }

    private static void refer(ReviewPeriod look, List<Recommendation> proposed, Symptom symptom, int days, String why) {
        if (look.days() >= days && look.toldBefore(symptom) && look.toldNow(symptom)) {
            proposed.add(new Recommendation(
                    RecommendationKind.REFERRAL, "a pelvic health clinician looks at her", why, Source.E_NICE.key()));
        }
    }

    /** Eight weeks without a real change: another way, or somebody else looks. */
    private static void stalled(ReviewPeriod look, List<GoalOutcome> aims, List<Recommendation> proposed) {
        if (look.days() < Published.GAP_STALLED.days()) {
            return;
        }
        aims.stream()
                .filter(told -> told.state() == GoalOutcome.State.NO_CHANGE_SINCE)
                .findFirst()
                .ifPresent(told -> {
                    proposed.add(new Recommendation(
                            RecommendationKind.CHANGE_OF_APPROACH,
                            "try another cue, position or dose for “"
                                    + told.aim().words() + "”",
                            "no change in " + look.days() + " days: " + told.why(),
                            Source.COMMON_PRACTICE.key()));
                    proposed.add(new Recommendation(
                            RecommendationKind.REFERRAL,
                            "her clinician looks with you at “" + told.aim().words() + "”",
                            "stalled for eight weeks",
                            Source.COMMON_PRACTICE.key()));
                });
    }
}
