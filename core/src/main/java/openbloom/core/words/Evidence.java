package openbloom.core.words;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.ConnectFault;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.dating.GestationalAge;
import openbloom.core.gap.SchoolAnswer;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Falls;
import openbloom.core.record.PainHold;
import openbloom.core.record.Surgery;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.SideCheck;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;

/**
 * What made a rule speak: typed values and, where it has one, the day they are of.
 *
 * @see EvidenceWords
 */
public sealed interface Evidence {
    /** The day it was told, read, done or reached; empty where it has none. */
    default Optional<LocalDate> on() {
        return Optional.empty();
    }

    /** In words, for the instructor. */
    default String words() {
        return EvidenceWords.of(this);
    }

    /** A warning sign, on the day it was told. */
    record SignTold(WarningSign sign, LocalDate told) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(told);
        }
    }

    /** A symptom, on the day she was asked. */
    record SymptomTold(Symptom symptom, Optional<LocalDate> on) implements Evidence {}

    /** A condition; since when, where that is known. */
    record ConditionKnown(Condition condition, Optional<LocalDate> on) implements Evidence {}

    /** How far she is on a day; no weeks when she is not pregnant. */
    record Weeks(Optional<GestationalAge> age, LocalDate day) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return age.map(far -> day);
        }
    }

    /** More than one baby, and how far she is. */
    record Babies(int babies, Weeks weeks) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return weeks.on();
        }
    }

    /** Days since a birth. */
    record SinceBirth(BirthKind birth, long days, LocalDate date) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(date);
        }
    }

    /** The latest birth, however long ago. */
    record LastBirth(BirthKind birth, LocalDate date) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(date);
        }
    }

    /** How deep a tear was. */
    record TearKnown(Tear tear) implements Evidence {}

    /** A gap as a school read it. */
    record GapRead(SchoolAnswer answer, LocalDate read) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(read);
        }
    }

    /** What the midline did on the small head lift. */
    record HeadLift(YesNoUnknown domed, Optional<LocalDate> on) implements Evidence {}

    /** When the gap was last read. */
    record LastRead(Optional<LocalDate> on) implements Evidence {}

    /** A contraindication her clinician has answered. */
    record Answered(Condition condition, LocalDate cleared) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(cleared);
        }
    }

    /** A limit her clinician set. */
    record LimitSet(String limit, boolean inOwnWords, String by, LocalDate set) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(set);
        }
    }

    /** Return tests passed of those there are. */
    record TestsPassed(int passed, int of, Optional<LocalDate> on) implements Evidence {}

    /** A choice of her approach. */
    record Chosen(ApproachChoice choice) implements Evidence {}

    /** Active straight leg raise, both sides together, 0 to 10. */
    record LegRaise(int score) implements Evidence {}

    /** The tone her pelvic floor check found. */
    record FloorTone(Tone tone) implements Evidence {}

    /** How her pelvic floor lets go. */
    record FloorLetsGo(LettingGo lettingGo) implements Evidence {}

    /** The pelvic floor check found that lifts hurt. */
    record FloorPain() implements Evidence {}

    /** What the breath check found. */
    record BreathFound(BreathFinding finding) implements Evidence {}

    /** A zone that was felt in the breath check and does not move freely. */
    record ZoneStill(BreathZone zone) implements Evidence {}

    /** A fault seen in the connect check. */
    record ConnectSeen(ConnectFault fault) implements Evidence {}

    /** Work was too hard at the last check. */
    record WorkedTooHard(boolean couldNotTalk) implements Evidence {}

    /** One side scored lower. */
    record WeakerSide(SideCheck.Weaker side) implements Evidence {}

    /** The highest rung of a strand she has done well. */
    record RungDone(ExerciseGroup strand, int rung) implements Evidence {}

    /** The highest rung of a strand that stayed flat; 0 when not even the first. */
    record FlatUpTo(ExerciseGroup strand, int rung) implements Evidence {}

    /** Something a move needs is not at hand. */
    record Steadiness(Falls falls) implements Evidence {}

    /** Her age in years. */
    record Years(int years) implements Evidence {}

    /** Where connect was felt last. */
    record ConnectFelt(ConnectPosition highest) implements Evidence {}

    /** Nothing fitting is at hand. */
    record NotAtHand() implements Evidence {}

    /** Nobody asked or looked. */
    record NotAsked(Topic topic) implements Evidence {}

    /** How she trained before. */
    record TrainedBefore(Training training) implements Evidence {}

    /** How the midline was found: depth and firmness, or doming. */
    record MidlineSoft(boolean domes, LocalDate read) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(read);
        }
    }

    /** An operation, on its day where that is known. */
    record Operated(Surgery surgery) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return surgery.on();
        }
    }

    /** Pain in a session that holds until it is answered. */
    record PainHeld(PainHold hold) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return Optional.of(hold.since());
        }
    }

    /** Two of these together. */
    record Both(Evidence first, Evidence second) implements Evidence {
        @Override
        public Optional<LocalDate> on() {
            return first.on().or(second::on);
        }
    }
}
