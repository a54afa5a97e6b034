package openbloom.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.program.Aim;
import openbloom.core.program.Aims;
import openbloom.core.record.HurtAt;
import openbloom.core.screening.Symptom;

/**
 * What a review proposes; the instructor accepts or overrules it.
 *
 * @param why the fact behind it
 * @param source key of its source
 */
public record Proposed(Kind kind, String what, String why, String source) {
    /** Kinds of proposal. */
    public enum Kind {
        CHECK("a check"),
        NEXT_BLOCK("next block"),
        CHANGE_OF_AIM("change of aim"),
        CHANGE_OF_APPROACH("change of approach"),
        REFERRAL("referral");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    static List<Proposed> of(Look look, List<AimLook> aims) {
        List<Proposed> proposed = new ArrayList<>();
        held(look, proposed);
        referrals(look, proposed);
        aims.stream()
                .filter(told -> told.state() == AimLook.State.NOT_READ)
                .forEach(told -> proposed.add(new Proposed(
                        Kind.CHECK,
                        "ask or look again for “" + told.aim().words() + "”",
                        told.why(),
                        Source.COMMON_PRACTICE.key())));
        for (AimLook told : aims) {
            if (told.state() == AimLook.State.CLOSED) {
                proposed.add(new Proposed(
                        Kind.CHANGE_OF_AIM,
                        "take “" + told.aim().words() + "” off her aims",
                        told.why(),
                        told.aim().source().key()));
            }
            if (told.state() == AimLook.State.REACHED) {
                proposed.add(new Proposed(
                        Kind.CHANGE_OF_AIM,
                        "“" + told.aim().words() + "” has been reached: choose another",
                        told.why(),
                        told.aim().source().key()));
            }
        }
        Aims.suggest(look.after().facts()).stream()
                .filter(told -> told.aim() != Aim.KEEP_ACTIVE && !look.aims().contains(told.aim()))
                .forEach(told -> proposed.add(new Proposed(
                        Kind.CHANGE_OF_AIM,
                        "add “" + told.aim().words() + "”",
                        told.why(),
                        told.aim().source().key())));
        stalled(look, aims, proposed);
        proposed.add(new Proposed(
                Kind.NEXT_BLOCK,
                look.planned() ? "make the next block from today" : "make her first block from today",
                look.planned() ? look.days() + " days since this one began" : "she has no plan yet",
                Source.COMMON_PRACTICE.key()));
        return List.copyOf(proposed);
    }

    /** Pain that holds a ladder: somebody looks at the place before it goes on. */
    private static void held(Look look, List<Proposed> proposed) {
        look.after()
                .facts()
                .client()
                .standing()
                .holds()
                .forEach(hold -> proposed.add(new Proposed(
                        Kind.REFERRAL,
                        hold.place() == HurtAt.ELSEWHERE
                                ? "her clinician looks at what hurt"
                                : "her clinician looks at the " + hold.place().words(),
                        hold.words() + "; it holds until it is answered",
                        Source.E_PAIN.key())));
    }

    private static void referrals(Look look, List<Proposed> proposed) {
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
                .ifPresent(pain -> proposed.add(new Proposed(
                        Kind.REFERRAL, "a pelvic health clinician looks at her", pain.words(), Source.E_DOWN.key())));
        if (look.after().facts().client().checks().pelvicFloor().tone() == Tone.NONE_FELT) {
            proposed.add(new Proposed(
                    Kind.REFERRAL,
                    "a pelvic health clinician looks at her",
                    "no lift can be felt",
                    Source.COMMON_PRACTICE.key()));
        }
        var connect = look.after().facts().client().checks().connect();
        if (!connect.isEmpty() && connect.works().isEmpty() && !connect.cues().isEmpty()) {
            proposed.add(new Proposed(
                    Kind.REFERRAL,
                    "a pelvic health clinician looks at her",
                    "no cue for connecting works",
                    Source.COMMON_PRACTICE.key()));
        }
    }

    private static void refer(Look look, List<Proposed> proposed, Symptom symptom, int days, String why) {
        if (look.days() >= days && look.toldBefore(symptom) && look.toldNow(symptom)) {
            proposed.add(
                    new Proposed(Kind.REFERRAL, "a pelvic health clinician looks at her", why, Source.E_NICE.key()));
        }
    }

    /** Eight weeks without a real change: another way, or somebody else looks. */
    private static void stalled(Look look, List<AimLook> aims, List<Proposed> proposed) {
        if (look.days() < Published.GAP_STALLED.days()) {
            return;
        }
        aims.stream()
                .filter(told -> told.state() == AimLook.State.NO_CHANGE_SINCE)
                .findFirst()
                .ifPresent(told -> {
                    proposed.add(new Proposed(
                            Kind.CHANGE_OF_APPROACH,
                            "try another cue, position or dose for “"
                                    + told.aim().words() + "”",
                            "no change in " + look.days() + " days: " + told.why(),
                            Source.COMMON_PRACTICE.key()));
                    proposed.add(new Proposed(
                            Kind.REFERRAL,
                            "her clinician looks with you at “" + told.aim().words() + "”",
                            "stalled for eight weeks",
                            Source.COMMON_PRACTICE.key()));
                });
    }
}
