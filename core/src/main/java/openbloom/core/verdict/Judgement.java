package openbloom.core.verdict;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.core.breath.CueFamily;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;
import openbloom.core.record.Client;
import openbloom.core.record.Question;
import openbloom.core.stage.Gate;
import openbloom.core.stage.GateKind;
import org.jspecify.annotations.Nullable;

/**
 * One woman on one day, ready to judge any move of a catalogue. Deterministic and total: every move gets a verdict.
 *
 * <p>Not for several threads at once: verdicts are worked out when first asked for.
 *
 * @see Beginning
 * @see Grid
 */
public final class Judgement {
    private static final String NO_VERSION = "no version of this purpose suits her today";
    private static final Set<Adjustment> NO_ADJUSTMENTS = Set.of();

    /** So many findings touch a move at most, mostly. */
    private static final int USUALLY_TOUCHING = 6;

    private final Catalogue catalogue;
    private final Facts facts;
    private final List<Finding> findings;

    /** What steady rules find again, rule by rule; empty where nobody has asked for another day yet. */
    private final List<Optional<List<Finding>>> again;

    /** By ladder, the findings that can touch a move of it, in the order of the rule book. */
    private final Map<ExerciseGroup, List<Finding>> about = new EnumMap<>(ExerciseGroup.class);

    /** Made when the first move is judged: most days of a season judge none. */
    private @Nullable Map<Move, Verdict> judged;

    private Judgement(Catalogue catalogue, Facts facts, List<Finding> findings, List<Optional<List<Finding>>> again) {
        this.catalogue = catalogue;
        this.facts = facts;
        this.findings = findings;
        this.again = again;
    }

    public static Judgement of(Catalogue catalogue, Client client, LocalDate day) {
        Facts facts = new Facts(client, day);
        List<Finding> findings = Findings.of(facts, RuleBook.rules());
        return new Judgement(catalogue, facts, findings, List.of());
    }

    /** The same woman with the same record on another day. */
    public Judgement on(LocalDate day) {
        Facts other = new Facts(facts.client(), day);
        if (!facts.isOfTheSameTrimester(other)) {
            return new Judgement(catalogue, other, Findings.of(other, RuleBook.rules()), List.of());
        }
        List<Optional<List<Finding>>> known =
                again.isEmpty() ? Findings.again(findings, RuleBook.rules(), facts.client()) : again;
        return new Judgement(catalogue, other, Findings.of(other, RuleBook.rules(), known), known);
    }

    public Facts facts() {
        return facts;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /**
     * The family of cue for a move: the one her approach prefers, the plain one while the connect check has found none; for a
     * floor that has to let go none that lifts.
     */
    public CueFamily cueFamily(Move move) {
        if (!facts.isFloorToLetGo()) {
            return preferred();
        }
        boolean hasOwn = move.teaching().cues().containsKey(CueFamily.LET_GO);
        return hasOwn || move.strand().isPelvicFloorLift()
                ? CueFamily.LET_GO
                : preferred().lifts() ? CueFamily.PLAIN : preferred();
    }

    /** The cue for a move as it is said to her. */
    public String cue(Move move) {
        return move.teaching().cueFor(cueFamily(move));
    }

    private CueFamily preferred() {
        return switch (facts.client().approach().at(Question.A5)) {
            case CUE_WHOLE_HUG -> CueFamily.WHOLE_HUG;
            case CUE_UPWARD_SWEEP -> CueFamily.UPWARD_SWEEP;
            case CUE_NAVEL_DRAW -> CueFamily.DRAW_IN;
            default -> facts.client().checks().connect().works().orElse(CueFamily.PLAIN);
        };
    }

    /** A verdict for every move, in the order of the catalogue. */
    public List<Verdict> all() {
        judgeAll();
        List<Verdict> all = new ArrayList<>(catalogue.moves().size());
        for (Move move : catalogue.moves()) {
            all.add(of(move));
        }
        return Collections.unmodifiableList(all);
    }

    /** Finding by finding for every move: what moves answer by themselves was asked before. */
    private void judgeAll() {
        List<Move> moves = catalogue.moves();
        OwnAnswers answers = OwnAnswers.of(catalogue);
        Map<Move, Verdict> known = judged();
        List<List<Touching>> touching = new ArrayList<>(moves.size());
        for (int i = 0; i < moves.size(); i++) {
            touching.add(new ArrayList<>(USUALLY_TOUCHING));
        }
        for (Finding finding : findings) {
            for (int i : answers.touchedBy(finding)) {
                touching.get(i).add(new Touching(finding, finding.kindFor(moves.get(i))));
            }
        }
        for (int i = 0; i < moves.size(); i++) {
            known.putIfAbsent(moves.get(i), verdict(moves.get(i), touching.get(i)));
        }
    }

    public Verdict of(Move move) {
        Verdict own = ownVerdict(move);
        return own.kind() == VerdictKind.SWAP ? swapped(own) : own;
    }

    /** Whether the rules found the same in both, however the facts are worded; then every verdict is the same too. */
    public boolean judgesLike(Judgement other) {
        if (findings.size() != other.findings.size() || !facts.touchLike(other.facts)) {
            return false;
        }
        int count = findings.size();
        for (int i = 0; i < count; i++) {
            if (!findings.get(i).weighsLike(other.findings.get(i))) {
                return false;
            }
        }
        return true;
    }

    /** The nearest move of the same purpose that passes for her, whatever the verdict on the move itself. */
    public Optional<Move> meanwhile(Move move) {
        for (Move other : catalogue.nearest(move)) {
            if (asksNoMore(other, move) && ownVerdict(other).passes()) {
                return Optional.of(other);
            }
        }
        return Optional.empty();
    }

    /** What stands in for a move never asks for more than it: load, pressure, one leg, balance, impact. */
    private static boolean asksNoMore(Move other, Move move) {
        return other.load() <= move.load()
                && other.demands().pressure() <= move.demands().pressure()
                && other.demands().impact() <= move.demands().impact()
                && (!other.has(Demand.SINGLE_LEG) || move.has(Demand.SINGLE_LEG))
                && (!other.has(Demand.BALANCE) || move.has(Demand.BALANCE));
    }

    private Verdict swapped(Verdict own) {
        Optional<Move> target = meanwhile(own.move());
        if (target.isPresent()) {
            return new Verdict(own.move(), VerdictKind.SWAP, NO_ADJUSTMENTS, target, List.of(), own.reasons());
        }
        Gate version = Gate.of(GateKind.A_VERSION_THAT_PASSES, false, NO_VERSION);
        return new Verdict(
                own.move(), VerdictKind.NOT_YET, NO_ADJUSTMENTS, Optional.empty(), List.of(version), own.reasons());
    }

    /** Every condition that bears on a move, met or not, in the order of the rule book. */
    public List<Gate> gatesOf(Move move) {
        return gates(touching(move));
    }

    /** What the rules say of a move by itself, in the catalogue or not: no other is looked for in its place. */
    Verdict own(Move move) {
        return ownVerdict(move);
    }

    /** The verdict before any swap has been looked for. */
    private Verdict ownVerdict(Move move) {
        Map<Move, Verdict> known = judged();
        Verdict verdict = known.get(move);
        if (verdict == null) {
            verdict = verdict(move, touching(move));
            known.put(move, verdict);
        }
        return verdict;
    }

    private Map<Move, Verdict> judged() {
        Map<Move, Verdict> known = judged;
        if (known == null) {
            known = new IdentityHashMap<>(catalogue.moves().size());
            judged = known;
        }
        return known;
    }

    /** A rule speaks once: of two things it found, the stricter. */
    private static void keepStrictest(List<Reason> reasons, Reason reason) {
        for (int i = 0; i < reasons.size(); i++) {
            if (reasons.get(i).rule() == reason.rule()) {
                if (reason.kind().isStrongerThan(reasons.get(i).kind())) {
                    reasons.set(i, reason);
                }
                return;
            }
        }
        reasons.add(reason);
    }

    /** A finding that touches a move, and what it makes of it. */
    private record Touching(Finding finding, VerdictKind kind) {}

    private static Verdict verdict(Move move, List<Touching> touching) {
        VerdictKind kind = VerdictKind.GO;
        for (Touching one : touching) {
            kind = one.kind().isStrongerThan(kind) ? one.kind() : kind;
        }
        return new Verdict(
                move,
                kind,
                kind == VerdictKind.ADJUST ? adjustments(touching) : NO_ADJUSTMENTS,
                Optional.empty(),
                kind == VerdictKind.NOT_YET ? gates(touching) : List.of(),
                reasons(touching, kind));
    }

    private List<Touching> touching(Move move) {
        List<Finding> about = about(move.strand());
        List<Touching> touching = new ArrayList<>(about.size());
        for (Finding finding : about) {
            if (finding.touches().test(move)) {
                touching.add(new Touching(finding, finding.kindFor(move)));
            }
        }
        return touching;
    }

    private List<Finding> about(ExerciseGroup strand) {
        List<Finding> known = about.get(strand);
        if (known == null) {
            known = new ArrayList<>(findings.size());
            for (Finding finding : findings) {
                if (finding.isAbout(strand)) {
                    known.add(finding);
                }
            }
            about.put(strand, known);
        }
        return known;
    }

    private static List<Gate> gates(List<Touching> touching) {
        List<Gate> first = List.of();
        for (Touching one : touching) {
            List<Gate> gates = one.finding().gates();
            if (!gates.isEmpty() && !first.isEmpty()) {
                return allGates(touching);
            }
            first = first.isEmpty() ? gates : first;
        }
        return first.size() < 2 ? first : allGates(touching);
    }

    private static List<Gate> allGates(List<Touching> touching) {
        Set<Gate> gates = new LinkedHashSet<>();
        for (Touching one : touching) {
            gates.addAll(one.finding().gates());
        }
        return List.copyOf(gates);
    }

    private static Set<Adjustment> adjustments(List<Touching> touching) {
        Set<Adjustment> adjustments = EnumSet.noneOf(Adjustment.class);
        for (Touching one : touching) {
            for (Adjustment adjustment : one.finding().adjustments()) {
                adjustments.add(adjustment);
            }
        }
        return Collections.unmodifiableSet(adjustments);
    }

    /** Where a move waits or is out, what would only change it is not said. */
    private static List<Reason> reasons(List<Touching> touching, VerdictKind strongest) {
        if (touching.isEmpty()) {
            return List.of();
        }
        boolean strongestAlone = strongest.isStrongerThan(VerdictKind.ADJUST);
        List<Reason> reasons = new ArrayList<>(touching.size());
        for (Touching one : touching) {
            Optional<Reason> reason = one.finding().reason();
            if (reason.isPresent() && (!strongestAlone || one.kind() == strongest)) {
                keepStrictest(reasons, reason.get().as(one.kind()));
            }
        }
        return Collections.unmodifiableList(reasons);
    }
}
