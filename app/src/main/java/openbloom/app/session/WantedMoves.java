package openbloom.app.session;

import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves an instructor pinned to a woman or keeps out for her, and those she does anyway, with her load. */
@Service
public class WantedMoves {
    private final Rows rows;
    private final StudioDay day;

    WantedMoves(Rows rows, StudioDay day) {
        this.rows = rows;
        this.day = day;
    }

    /** How a move is wanted. */
    public enum Kind {
        PIN("pinned: in every session it passes for"),
        BAN("kept out"),
        USUAL("usual: she does it anyway");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One move.
     *
     * @param kilograms her usual load; empty where it has none
     */
    public record Wanted(String moveId, Kind kind, @Nullable BigDecimal kilograms, String note) {}

    @SuppressWarnings("ConstantValue")
    public List<Wanted> of(long womanId) {
        return rows.of(womanId).stream().filter(wanted -> wanted.kind() != null).toList();
    }

    /** Ids of the moves wanted in one way. */
    public List<String> ids(long womanId, Kind kind) {
        return of(womanId).stream()
                .filter(wanted -> wanted.kind() == kind)
                .map(Wanted::moveId)
                .toList();
    }

    /** Keeps a move in one way; a pin takes the place of a ban and the other way round. */
    @Transactional
    public void keep(SignedIn me, Woman woman, Wanted wanted) {
        if (wanted.kind() != Kind.USUAL) {
            rows.remove(woman.id(), wanted.moveId(), Kind.PIN);
            rows.remove(woman.id(), wanted.moveId(), Kind.BAN);
        }
        rows.remove(woman.id(), wanted.moveId(), wanted.kind());
        rows.insert(woman.id(), wanted, me.accountId(), day.instant());
    }

    public void remove(Woman woman, String moveId, Kind kind) {
        rows.remove(woman.id(), moveId, kind);
    }

    /** The table. */
    @Mapper
    interface Rows {
        @Select(
                "select move_id, kind, kilograms, note from wanted_move where woman_id = #{womanId} order by stored_at, move_id")
        List<Wanted> of(long womanId);

        @Delete("delete from wanted_move where woman_id = #{womanId} and move_id = #{moveId} and kind = #{kind}")
        void remove(@Param("womanId") long womanId, @Param("moveId") String moveId, @Param("kind") Kind kind);

        @Insert("""
                insert into wanted_move (woman_id, move_id, kind, kilograms, note, changed_by, stored_at)
                values (#{womanId}, #{w.moveId}, #{w.kind}, #{w.kilograms}, #{w.note}, #{by}, #{at})
                """)
        void insert(
                @Param("womanId") long womanId,
                @Param("w") Wanted wanted,
                @Param("by") long by,
                @Param("at") Instant at);
    }
}
