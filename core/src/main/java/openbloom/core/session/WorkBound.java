package openbloom.core.session;

import java.util.List;
import java.util.Optional;

/**
 * The most that may still be added. What is lost by changes of position and kit is left out of account, but not that
 * they take time: where she is short of time, that is a gain.
 */
final class WorkBound {
    private final int[][][] most;
    private final int room;

    /**
     * @param items in the order in which they would be done
     * @param moves at most so many
     * @param grain steps of ten seconds in one unit of time
     */
    WorkBound(WorkConstraints frame, List<WorkItem> items, int moves, int grain) {
        this.room = frame.room() / grain;
        this.most = new int[items.size() + 1][moves + 1][room + 1];
        int lying = frame.endSteps(Optional.of(Family.BACK));
        int comingUp = frame.after().isEmpty() ? (lying + grain - 1) / grain * grain : 0;
        int gained = CandidateScore.VISIT - frame.changeSteps(true) * CandidateScore.TEN_SECONDS_SHORT;
        int entering = Math.max(0, gained) * Family.values().length;
        for (int left = 0; left <= room; left++) {
            int end = (frame.shortfall((room - left) * grain + comingUp) + entering) * frame.quartersOfAPoint();
            for (int n = 0; n <= moves; n++) {
                most[items.size()][n][left] = end;
            }
        }
        for (int at = items.size() - 1; at >= 0; at--) {
            for (int n = 0; n <= moves; n++) {
                fill(items.get(at), at, n, grain);
            }
        }
    }

    private void fill(WorkItem item, int at, int moves, int grain) {
        int[] now = most[at][moves];
        System.arraycopy(most[at + 1][moves], 0, now, 0, now.length);
        if (moves == 0) {
            return;
        }
        int[] then = most[at + 1][moves - 1];
        for (WorkItem.Option option : item.options()) {
            int units = option.steps() / grain;
            for (int left = units; left <= room; left++) {
                now[left] = Math.max(now[left], option.quarters() + then[left - units]);
            }
        }
    }

    /** By the units of time left, from a candidate on. */
    int[] after(int next, int moves) {
        return most[next][moves];
    }
}
