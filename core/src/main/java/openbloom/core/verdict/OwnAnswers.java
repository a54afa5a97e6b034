package openbloom.core.verdict;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Move;

/**
 * What the moves of a catalogue answer alike for every woman: a question that holds nothing of her is asked of each move once. A
 * question is taken for such a one if it is a lambda that captured nothing; where a virtual machine makes others of them, they are
 * asked each time, which costs time and changes nothing.
 */
final class OwnAnswers {
    private static final Map<Catalogue, OwnAnswers> KNOWN = Collections.synchronizedMap(new WeakHashMap<>());
    private static final ClassValue<Boolean> HOLDS_NOTHING = new ClassValue<>() {
        @Override
        protected Boolean computeValue(Class<?> type) {
            return type.isHidden() && type.getDeclaredFields().length == 0;
        }
    };

    private final Move[] moves;
    private final Map<ExerciseGroup, int[]> ladders = new EnumMap<>(ExerciseGroup.class);
    private final Map<Predicate<Move>, int[]> answers = new ConcurrentHashMap<>();
    private final int[] all;

    private OwnAnswers(List<Move> moves) {
        this.moves = moves.toArray(Move[]::new);
        this.all = IntStream.range(0, moves.size()).toArray();
        for (ExerciseGroup strand : ExerciseGroup.values()) {
            ladders.put(strand, where(move -> move.strand() == strand));
        }
    }

    static OwnAnswers of(Catalogue catalogue) {
        return KNOWN.computeIfAbsent(catalogue, unknown -> new OwnAnswers(unknown.moves()));
    }

    private int[] where(Predicate<Move> question) {
        return IntStream.range(0, moves.length)
                .filter(i -> question.test(moves[i]))
                .toArray();
    }

    /** Places in the catalogue of the moves a finding touches. */
    int[] touchedBy(Finding finding) {
        Predicate<Move> question = finding.touches();
        int[] among = finding.only().map(ladders::get).orElse(all);
        if (among == all && HOLDS_NOTHING.get(question.getClass())) {
            return answers.computeIfAbsent(question, this::where);
        }
        int[] touched = new int[among.length];
        int count = 0;
        for (int i : among) {
            if (question.test(moves[i])) {
                touched[count++] = i;
            }
        }
        return Arrays.copyOf(touched, count);
    }
}
