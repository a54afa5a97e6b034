package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import openbloom.core.dating.GestationalAge;
import openbloom.core.moves.Dose;
import openbloom.core.moves.Move;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Verdict;
import openbloom.core.verdict.VerdictKind;

/**
 * A sequence to be taught to more than one woman.
 *
 * @param about one sentence on what it is for
 * @param fromWeek the completed week of pregnancy from which it is for her, and for nobody else; empty where it is for every woman
 *
 * @see Flows
 */
public record Flow(String name, String about, Format format, List<TemplateItem> items, Optional<Integer> fromWeek) {
    public Flow {
        items = List.copyOf(items);
    }

    /**
     * One move of it.
     *
     * @param dose as it was kept; empty for her own dose of the move
     */
    public record TemplateItem(String moveId, Part part, Optional<Dose> dose) {}

    /**
     * A flow as it is for one woman: what it becomes, and what was changed.
     *
     * @param outline what it becomes, see {@link Outline}
     * @param changes each in a sentence
     */
    public record Fitted(Outline outline, List<String> changes) {
        public Fitted {
            changes = List.copyOf(changes);
        }
    }

    /** Judged anew: what does not pass is swapped or left out, every change said. */
    public Fitted fittedTo(Judgement judgement) {
        Optional<String> why = fromWeek.flatMap(week -> notYet(judgement, week));
        if (why.isPresent()) {
            return new Fitted(new Outline(List.of(), format), List.of(why.get()));
        }
        List<Outline.OutlineLine> entries = new ArrayList<>();
        List<String> changes = new ArrayList<>();
        for (TemplateItem item : items) {
            Optional<Move> move = judgement.catalogue().find(item.moveId());
            if (move.isEmpty()) {
                changes.add("“" + item.moveId() + "” is no longer among the exercises: left out");
                continue;
            }
            Verdict verdict = judgement.of(move.get());
            if (verdict.passes()) {
                entries.add(entry(judgement, item, move.get()));
                if (verdict.kind() == VerdictKind.ADJUST) {
                    changes.add(move.get().name() + ": adjusted");
                }
            } else if (verdict.swapTo().isPresent()) {
                Move other = verdict.swapTo().get();
                entries.add(Edited.entry(judgement, other, item.part()));
                changes.add(move.get().name() + ": " + other.name() + " instead");
            } else {
                changes.add(move.get().name() + ": left out, " + ExclusionReason.of(judgement, move.get()));
            }
        }
        return new Fitted(new Outline(entries, format), changes);
    }

    private static Optional<String> notYet(Judgement judgement, int week) {
        Optional<GestationalAge> age = judgement.facts().age();
        if (age.isEmpty()) {
            return Optional.of("for the weeks before a birth, from " + week + " weeks: she is not pregnant");
        }
        return age.filter(now -> !now.isAtLeastWeeks(week))
                .map(now -> "from " + week + " weeks: she is " + now.words());
    }

    private static Outline.OutlineLine entry(Judgement judgement, TemplateItem item, Move move) {
        Outline.OutlineLine hers = Edited.entry(judgement, move, item.part());
        boolean prescribed = move.strand().isPelvicFloorLift();
        return prescribed ? hers : item.dose().map(hers::with).orElse(hers);
    }

    /** A session's outline as a flow of that name. */
    public static Flow of(String name, Outline outline) {
        return new Flow(
                name,
                "",
                outline.format(),
                outline.entries().stream()
                        .map(entry -> new TemplateItem(entry.move().id(), entry.part(), Optional.of(entry.dose())))
                        .toList(),
                Optional.empty());
    }
}
