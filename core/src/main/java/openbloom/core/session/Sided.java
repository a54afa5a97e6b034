package openbloom.core.session;

import java.util.ArrayList;
import java.util.List;

/**
 * One item of a session as it is done; left and right of the same exercise are two of them, and each round has its own.
 *
 * @see Outline
 * @see SessionItem
 */
public interface Sided {
    String moveId();

    Part part();

    Side side();

    /** From 1 where the work is gone through more than once; else 0. */
    int round();

    /**
     * To which entry each item belongs, from 0: the first side, the other side and every further round of an exercise are one
     * entry. −1 where a further round has no first.
     */
    static List<Integer> entriesOf(List<? extends Sided> items) {
        List<Integer> entries = new ArrayList<>();
        List<Sided> first = new ArrayList<>();
        Sided before = null;
        for (Sided item : items) {
            if (item.round() > 1) {
                entries.add(indexOf(first, item));
            } else {
                if (before == null || !item.isOtherSideOf(before)) {
                    first.add(item);
                }
                entries.add(first.size() - 1);
            }
            before = item;
        }
        return List.copyOf(entries);
    }

    /** Whether it is the same exercise again, on the other side, right after another item. */
    default boolean isOtherSideOf(Sided before) {
        return side() != Side.BOTH
                && before.side() != Side.BOTH
                && before.round() == round()
                && before.moveId().equals(moveId())
                && before.part() == part();
    }

    private static int indexOf(List<Sided> first, Sided item) {
        for (int at = 0; at < first.size(); at++) {
            if (first.get(at).moveId().equals(item.moveId()) && first.get(at).part() == item.part()) {
                return at;
            }
        }
        return -1;
    }
}
