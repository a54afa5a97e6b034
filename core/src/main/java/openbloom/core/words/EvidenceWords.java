package openbloom.core.words;

import java.time.LocalDate;
import java.util.Optional;
import openbloom.core.Days;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.record.ApproachChoice;

/** The words for what made a rule speak. */
final class EvidenceWords {
    private EvidenceWords() {}

    static String of(Evidence evidence) {
        if (evidence instanceof Evidence.Both both) {
            return both.first().words() + ", " + both.second().words();
        }
        return told(evidence)
                .or(() -> sinceWhen(evidence))
                .or(() -> found(evidence))
                .orElseGet(() -> standing(evidence));
    }

    private static Optional<String> told(Evidence evidence) {
        String words = null;
        if (evidence instanceof Evidence.SignTold sign) {
            words = sign.sign().words() + ", reported " + Days.words(sign.told());
        } else if (evidence instanceof Evidence.SymptomTold symptom) {
            words = symptom.symptom().words() + after(", reported ", symptom.on());
        } else if (evidence instanceof Evidence.ConditionKnown known) {
            words = known.condition().words() + after(", since ", known.on());
        } else if (evidence instanceof Evidence.Answered answered) {
            words = answered.condition().words() + ", named in the clearance of " + Days.words(answered.cleared());
        } else if (evidence instanceof Evidence.LimitSet set) {
            String limit = set.inOwnWords() ? "“" + set.limit() + "”" : set.limit();
            words = limit + ", by " + set.by() + ", " + Days.words(set.set());
        } else if (evidence instanceof Evidence.NotAsked not) {
            words = not.topic().words();
        } else if (evidence instanceof Evidence.Chosen chosen) {
            words = chosen.choice() == ApproachChoice.SQUEEZE_AVOIDED
                    ? "her approach avoids the inner-thigh squeeze"
                    : "her approach: " + chosen.choice().words();
        }
        return Optional.ofNullable(words);
    }

    private static Optional<String> sinceWhen(Evidence evidence) {
        String words = null;
        if (evidence instanceof Evidence.Weeks weeks) {
            words = weeks.age()
                    .map(age -> age.words() + " on " + Days.words(weeks.day()))
                    .orElse("not pregnant");
        } else if (evidence instanceof Evidence.Babies many) {
            words = (many.babies() == 1 ? "1 baby, " : many.babies() + " babies, ")
                    + many.weeks().words();
        } else if (evidence instanceof Evidence.SinceBirth since) {
            words = since.birth().words() + " " + ago(since.days()) + ", " + Days.words(since.date());
        } else if (evidence instanceof Evidence.LastBirth last) {
            words = last.birth().words() + ", " + Days.words(last.date());
        } else if (evidence instanceof Evidence.TearKnown tear) {
            words = tear.tear().words();
        }
        return Optional.ofNullable(words);
    }

    private static Optional<String> found(Evidence evidence) {
        String words = null;
        if (evidence instanceof Evidence.GapRead gap) {
            words = "gap " + gap.answer().detail() + ", " + Days.words(gap.read());
        } else if (evidence instanceof Evidence.HeadLift lift) {
            words = lift(lift.domed()) + after(", ", lift.on());
        } else if (evidence instanceof Evidence.LastRead last) {
            words = last.on().map(on -> "last checked " + Days.words(on)).orElse("never checked");
        } else if (evidence instanceof Evidence.TestsPassed tests) {
            words = tests.on()
                    .map(on -> tests.passed() + " of " + tests.of() + " passed, " + Days.words(on))
                    .orElse("not done");
        } else if (evidence instanceof Evidence.Steadiness steady) {
            words = steady.falls().words();
        } else if (evidence instanceof Evidence.Years years) {
            words = years.years() + " years old";
        } else if (evidence instanceof Evidence.ConnectFelt felt) {
            words = "connect felt as far as " + felt.highest().words();
        } else if (evidence instanceof Evidence.LegRaise raise) {
            words = "straight leg raise " + raise.score() + " of 10";
        } else if (evidence instanceof Evidence.FloorTone floor) {
            words = floor.tone().words();
        } else if (evidence instanceof Evidence.FloorLetsGo floor) {
            words = floor.lettingGo() == LettingGo.ABSENT
                    ? "does not let go fully"
                    : floor.lettingGo().words();
        }
        return Optional.ofNullable(words);
    }

    static String lift(YesNoUnknown domed) {
        return switch (domed) {
            case NO -> "flat on the head lift";
            case YES -> "domes on the head lift";
            case UNKNOWN -> "head lift not looked at";
        };
    }

    private static String standing(Evidence evidence) {
        if (evidence instanceof Evidence.FloorPain) {
            return "lifts hurt in the pelvic floor check";
        }
        if (evidence instanceof Evidence.BreathFound breath) {
            return breath.finding().words();
        }
        if (evidence instanceof Evidence.ZoneStill zone) {
            return "breath check: " + zone.zone().words() + " not moving freely";
        }
        if (evidence instanceof Evidence.ConnectSeen connect) {
            return "connect check: " + connect.fault().words();
        }
        if (evidence instanceof Evidence.WorkedTooHard hard) {
            return hard.couldNotTalk() ? "could not talk in full sentences" : "effort above 14 of 20";
        }
        if (evidence instanceof Evidence.WeakerSide side) {
            return side.side().words();
        }
        if (evidence instanceof Evidence.RungDone done) {
            String ladder = done.strand().wordsWithin();
            return done.rung() == 0 ? ladder + ", no level done yet" : ladder + ", level " + done.rung() + " done";
        }
        if (evidence instanceof Evidence.FlatUpTo flat) {
            String ladder = flat.strand().wordsWithin();
            return flat.rung() == 0
                    ? "not flat on the first level of " + ladder
                    : "flat up to level " + flat.rung() + " of " + ladder;
        }
        if (evidence instanceof Evidence.TrainedBefore before) {
            return before.training().words();
        }
        if (evidence instanceof Evidence.MidlineSoft soft) {
            return (soft.domes() ? "domes on the head lift" : "deep and soft under the fingers") + ", "
                    + Days.words(soft.read());
        }
        if (evidence instanceof Evidence.Operated operated) {
            return operated.surgery().words();
        }
        if (evidence instanceof Evidence.PainHeld held) {
            return held.hold().words();
        }
        if (evidence instanceof Evidence.NotAtHand) {
            return "not at hand";
        }
        throw new IllegalArgumentException("Evidence should have words, but was " + evidence);
    }

    /** {@code 6 weeks and 3 days ago}, {@code a week ago}, {@code today}. */
    private static String ago(long days) {
        if (days <= 0) {
            return "today";
        }
        String weeks = days / 7 == 0 ? "" : days / 7 == 1 ? "a week" : days / 7 + " weeks";
        String beyond = days % 7 == 0 ? "" : days % 7 == 1 ? "a day" : days % 7 + " days";
        return weeks + (weeks.isEmpty() || beyond.isEmpty() ? "" : " and ") + beyond + " ago";
    }

    private static String after(String between, Optional<LocalDate> on) {
        return on.map(day -> between + Days.words(day)).orElse("");
    }
}
