package openbloom.core.classes;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import openbloom.core.session.Pick;
import openbloom.core.verdict.Adjustment;

/** Whom to watch, for what, and when: for each woman the one thing that matters most, where it is likeliest to show. */
final class Watching {
    /** What shows, by the change that asks to look; the most important first. */
    private static final Map<Adjustment, String> SHOWS = new EnumMap<>(Map.of(
            Adjustment.WATCH_MIDLINE, "a ridge or a hollow along the midline",
            Adjustment.SURFACE_UP_IF_IT_DOMES, "doming: raise the surface",
            Adjustment.TRY_ONE_SET, "the midline and her breath, in her first set",
            Adjustment.STOP_IF_REDDER, "redder bleeding, pain or heaviness: ask",
            Adjustment.STOP_IF_HEAVY, "heaviness: ask",
            Adjustment.SUPPORT_WITHIN_REACH, "her balance; something to hold within reach",
            Adjustment.SLOW_TO_RISE, "light-headedness as she comes up",
            Adjustment.SHORTER_HOLD, "a breath that is held"));

    private static final List<Adjustment> BY_WEIGHT = List.of(
            Adjustment.WATCH_MIDLINE,
            Adjustment.SURFACE_UP_IF_IT_DOMES,
            Adjustment.STOP_IF_REDDER,
            Adjustment.STOP_IF_HEAVY,
            Adjustment.TRY_ONE_SET,
            Adjustment.SUPPORT_WITHIN_REACH,
            Adjustment.SLOW_TO_RISE,
            Adjustment.SHORTER_HOLD);

    private Watching() {}

    /** In the order of the class. */
    static List<ClassSheet.Watch> of(List<ClassMember> members, List<ClassItem> items) {
        List<ClassSheet.Watch> watch = new ArrayList<>();
        for (int member = 0; member < members.size(); member++) {
            add(watch, members.get(member), member, items);
        }
        watch.sort(Comparator.comparingInt(ClassSheet.Watch::at));
        return watch;
    }

    private static void add(List<ClassSheet.Watch> watch, ClassMember member, int number, List<ClassItem> items) {
        for (Adjustment change : BY_WEIGHT) {
            var item = items.stream()
                    .filter(one -> shows(member, one.of(number), change))
                    .max(Comparator.comparingInt(one -> one.of(number)
                            .pick()
                            .map(Pick::move)
                            .orElse(one.move())
                            .load()));
            if (item.isPresent()) {
                String during = item.get()
                        .of(number)
                        .pick()
                        .map(Pick::move)
                        .orElse(item.get().move())
                        .name();
                watch.add(new ClassSheet.Watch(
                        member.name(),
                        during + ": " + SHOWS.get(change),
                        item.get().startsAt()));
                return;
            }
        }
    }

    /** Whether it is hers: what others of her way need is not looked for in her. */
    private static boolean shows(ClassMember member, ClassVersion version, Adjustment change) {
        return version.adjustments().contains(change)
                && version.pick()
                        .map(pick -> member.judgement().of(pick.move()).adjustments())
                        .filter(hers -> hers.contains(change))
                        .isPresent();
    }
}
