package openbloom.core.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.Enums;
import openbloom.core.evidence.Published;
import openbloom.core.moves.ExerciseGroup;
import org.jspecify.annotations.Nullable;

/**
 * Where she stands on each ladder, from what her taught sessions showed.
 *
 * @param rungs the highest rung done on two days with nothing against it, the later at least two days after any doming
 *     (common practice, no source); a later doming takes it back, and where it hurt the rung below is the next
 * @param ceilings the rung below the last doming, until that rung has been done flat on two days
 * @param barCurves whether a bar was seen to travel round her bump
 * @param working the rung and dose step that were decided; a load check of that ladder ends it
 * @param flat how far a load check showed a ladder flat, and on which day
 * @param against what speaks against going on: pain that holds, and the latest doming
 * @see Client
 * @see CaseNotes
 */
public record LadderStatus(
        Map<ExerciseGroup, Integer> rungs,
        Map<ExerciseGroup, Integer> ceilings,
        Map<ExerciseGroup, Flat> flat,
        Map<ExerciseGroup, Working> working,
        boolean barCurves,
        AgainstLoadCheck against) {
    public LadderStatus {
        rungs = Enums.copyOf(rungs);
        ceilings = Enums.copyOf(ceilings);
        flat = Enums.copyOf(flat);
        working = Enums.copyOf(working);
    }

    /**
     * What speaks against going on.
     *
     * @param holds pain that holds a ladder and what loads the place, the latest of each place and ladder
     * @param domed the latest day on which a ladder domed
     */
    public record AgainstLoadCheck(List<PainHold> holds, Map<ExerciseGroup, LocalDate> domed) {
        public static final AgainstLoadCheck NOTHING = new AgainstLoadCheck(List.of(), Map.of());

        public AgainstLoadCheck {
            holds = List.copyOf(holds);
            domed = Enums.copyOf(domed);
        }
    }

    /** Pain that holds. */
    public List<PainHold> holds() {
        return against.holds();
    }

    /** Whether pain holds a ladder. */
    public boolean isHeld(ExerciseGroup strand) {
        for (PainHold hold : against.holds()) {
            if (hold.strand() == strand) {
                return true;
            }
        }
        return false;
    }

    /**
     * The rung and dose step an instructor decided on.
     *
     * @param rung level, from 1
     * @param step dose, from 1
     * @param since the day of the decision that brought her to this rung; the end of time where nobody decided
     */
    public record Working(int rung, int step, LocalDate since) {
        /** Where nobody decided. */
        public Working(int rung, int step) {
            this(rung, step, LocalDate.MAX);
        }

        /** As decided; staying on a rung does not enter it anew. */
        public static Working decided(LadderDecision made, @Nullable Working before) {
            boolean stays = before != null && before.rung == made.rung() && before.since.isBefore(made.on());
            return new Working(made.rung(), made.step(), stays ? before.since : made.on());
        }

        /** After something that sets down on a rung she did: the one below it, unless she works lower still. */
        Working setDownFrom(int done) {
            int below = LadderDecision.below(done);
            return below < rung ? new Working(below, 1) : this;
        }
    }

    /**
     * The highest rung a load check showed flat.
     *
     * @param rung level, from 1
     * @param on the day of the load check
     */
    public record Flat(int rung, LocalDate on) {}

    /** A move in a session; both its sides together. */
    private record LoadCheckItem(long session, String move) {}

    /** Nothing is written down. */
    public static final LadderStatus UNWRITTEN =
            new LadderStatus(Map.of(), Map.of(), Map.of(), Map.of(), false, AgainstLoadCheck.NOTHING);

    /**
     * What was decided besides: about her ladders, and that it goes on after pain.
     *
     * @param ladders each {@link LadderDecision} about a group, the oldest first
     * @param lifts each {@link PainLift}, the oldest first
     */
    public record DecidedRung(List<LadderDecision> ladders, List<PainLift> lifts) {
        public static final DecidedRung NOTHING = new DecidedRung(List.of(), List.of());

        public DecidedRung {
            ladders = List.copyOf(ladders);
            lifts = List.copyOf(lifts);
        }
    }

    /**
     * A load check counts from its day on: it sets ceiling and rung anew for the ladders it climbed, and sessions of the
     * same day and later move them on. A decision counts after the sessions of its day.
     *
     * @param responses oldest first
     */
    public static LadderStatus after(List<SessionObservation> responses, List<DatedLoad> loads, DecidedRung decided) {
        LadderReplay climb = new LadderReplay();
        LocalDate from = LocalDate.MIN;
        List<ReplayStep> turns = Stream.concat(
                        loads.stream().map(load -> new ReplayStep(load.on(), () -> climb.take(load))),
                        decided.ladders().stream()
                                .map(made -> new ReplayStep(made.on().plusDays(1), () -> climb.decide(made))))
                .sorted(Comparator.comparing(ReplayStep::from))
                .toList();
        for (ReplayStep turn : turns) {
            climb.weighAll(between(responses, from, turn.from()));
            turn.applies().run();
            from = turn.from();
        }
        climb.weighAll(between(responses, from, LocalDate.MAX));
        AgainstLoadCheck against = new AgainstLoadCheck(holding(responses, decided.lifts()), climb.domed);
        return new LadderStatus(climb.rungs, climb.ceilings, climb.flat, climb.working, false, against);
    }

    /** Pain that nobody has answered yet, of each place and ladder the latest. */
    private static List<PainHold> holding(List<SessionObservation> responses, List<PainLift> lifts) {
        Map<List<Object>, PainHold> holds = new LinkedHashMap<>();
        responses.stream()
                .filter(PainHold::isHeldBy)
                .map(PainHold::of)
                .filter(hold -> lifts.stream().noneMatch(hold::isLiftedBy))
                .forEach(hold -> holds.merge(
                        List.of(hold.place(), hold.strand()),
                        hold,
                        (one, other) -> other.response() > one.response() ? other : one));
        return List.copyOf(holds.values());
    }

    /** Something that sets a ladder anew, before the sessions of a day. */
    private record ReplayStep(LocalDate from, Runnable applies) {}

    LadderStatus withRungs(Map<ExerciseGroup, Integer> done) {
        return new LadderStatus(done, ceilings, flat, working, barCurves, against);
    }

    LadderStatus withCeilings(Map<ExerciseGroup, Integer> highestFlatRungs) {
        return new LadderStatus(rungs, highestFlatRungs, flat, working, barCurves, against);
    }

    /** The same with pain that holds. */
    public LadderStatus withHolds(List<PainHold> holds) {
        return new LadderStatus(
                rungs, ceilings, flat, working, barCurves, new AgainstLoadCheck(holds, against.domed()));
    }

    public LadderStatus withFlat(Map<ExerciseGroup, Flat> seen) {
        return new LadderStatus(rungs, ceilings, seen, working, barCurves, against);
    }

    public LadderStatus withWorking(Map<ExerciseGroup, Working> decided) {
        return new LadderStatus(rungs, ceilings, flat, decided, barCurves, against);
    }

    LadderStatus withABarThatCurves() {
        return new LadderStatus(rungs, ceilings, flat, working, true, against);
    }

    /** This standing where the other says nothing. */
    public LadderStatus and(LadderStatus seen) {
        return new LadderStatus(
                laid(rungs, seen.rungs),
                laid(ceilings, seen.ceilings),
                laid(flat, seen.flat),
                laid(working, seen.working),
                barCurves || seen.barCurves,
                new AgainstLoadCheck(
                        Stream.concat(holds().stream(), seen.holds().stream())
                                .distinct()
                                .toList(),
                        laid(against.domed(), seen.against.domed())));
    }

    private static <T> Map<ExerciseGroup, T> laid(Map<ExerciseGroup, T> below, Map<ExerciseGroup, T> above) {
        Map<ExerciseGroup, T> both = new EnumMap<>(ExerciseGroup.class);
        both.putAll(below);
        both.putAll(above);
        return both;
    }

    private static List<SessionObservation> between(
            List<SessionObservation> responses, LocalDate fromInclusive, LocalDate toExclusive) {
        return responses.stream()
                .filter(response ->
                        !response.on().isBefore(fromInclusive) && response.on().isBefore(toExclusive))
                .toList();
    }

    /** The ladders while they are being climbed. */
    private static final class LadderReplay {
        private static final int DAYS_AFTER_DOMING = Published.AFTER_DOMING.days();

        private final Map<ExerciseGroup, Integer> rungs = new EnumMap<>(ExerciseGroup.class);
        private final Map<ExerciseGroup, Integer> ceilings = new EnumMap<>(ExerciseGroup.class);
        private final Map<ExerciseGroup, Flat> flat = new EnumMap<>(ExerciseGroup.class);
        private final Map<ExerciseGroup, Working> working = new EnumMap<>(ExerciseGroup.class);
        private final Map<ExerciseGroup, List<GoodDay>> good = new EnumMap<>(ExerciseGroup.class);
        private final Map<ExerciseGroup, LocalDate> domed = new EnumMap<>(ExerciseGroup.class);

        /** A rung done with nothing against it. */
        private record GoodDay(LocalDate on, int rung) {}

        void take(DatedLoad load) {
            LoadCheck check = load.check();
            check.rungs().forEach((strand, rung) -> flat.put(strand, new Flat(rung, load.on())));
            check.climbs().keySet().forEach(ceilings::remove);
            rungs.putAll(check.rungs());
            working.keySet().removeAll(check.climbs().keySet());
            ceilings.putAll(check.ceilings());
        }

        /** She works on the rung that was decided: the one below counts as done, what went well before is used up. */
        void decide(LadderDecision made) {
            rungs.put(made.strand(), made.rung() - 1);
            working.compute(made.strand(), (same, before) -> Working.decided(made, before));
            good.remove(made.strand());
        }

        void weighAll(List<SessionObservation> responses) {
            Map<LoadCheckItem, List<SessionObservation>> items = responses.stream()
                    .collect(Collectors.groupingBy(
                            response -> new LoadCheckItem(response.in().session(), response.moveId()),
                            LinkedHashMap::new,
                            Collectors.toList()));
            items.values().forEach(this::weigh);
        }

        /** The worst answer of either side counts: one side going well takes back nothing the other side showed. */
        private void weigh(List<SessionObservation> item) {
            Set<Noted> told = item.stream().map(SessionObservation::noted).collect(Collectors.toSet());
            SessionObservation any = item.get(0);
            ExerciseGroup strand = any.strand();
            int rung = any.rung();
            Optional<Noted> effort = effort(told, any.in().effort());
            if (told.stream().anyMatch(Noted::setsDown) || item.stream().anyMatch(PainHold::isHeldBy)) {
                working.computeIfPresent(strand, (same, now) -> now.setDownFrom(rung));
            }
            if (told.stream().anyMatch(Noted::isAgainst)) {
                good.getOrDefault(strand, new ArrayList<>()).removeIf(day -> day.rung() >= rung);
            }
            if (told.contains(Noted.DOMED)) {
                domed.put(strand, any.on());
                ceilings.put(strand, rung - 1);
                rungs.computeIfPresent(strand, (same, done) -> Math.min(done, rung - 1));
            }
            if (told.contains(Noted.HURT)) {
                int below = Math.max(0, rung - 2);
                rungs.merge(strand, below, (done, restart) -> Math.min(done, restart));
            }
            boolean managed = effort.filter(Noted::isManageable).isPresent()
                    && told.stream().noneMatch(Noted::isAgainst);
            boolean counts = any.in().finished() && any.in().occasion().isWatched();
            if (counts && told.contains(Noted.DONE) && managed) {
                wentWell(strand, new GoodDay(any.on(), rung));
            }
        }

        /** How hard a move was: as it was told of it, or of all in all; empty when nobody asked. */
        private static Optional<Noted> effort(Set<Noted> told, Optional<Noted> allInAll) {
            return Stream.of(Noted.TOO_HARD, Noted.RIGHT, Noted.TOO_EASY)
                    .filter(told::contains)
                    .findFirst()
                    .or(() -> allInAll);
        }

        private void wentWell(ExerciseGroup strand, GoodDay today) {
            List<GoodDay> days = good.computeIfAbsent(strand, same -> new ArrayList<>());
            int earned = days.stream()
                    .filter(day -> !day.on().equals(today.on()))
                    .mapToInt(day -> Math.min(day.rung(), today.rung()))
                    .max()
                    .orElse(0);
            days.add(today);
            boolean settled = !today.on()
                    .isBefore(domed.getOrDefault(strand, LocalDate.MIN).plusDays(DAYS_AFTER_DOMING));
            if (earned > 0 && settled) {
                rungs.merge(strand, earned, Math::max);
                ceilings.computeIfPresent(strand, (same, ceiling) -> earned > ceiling ? null : ceiling);
            }
        }
    }
}
