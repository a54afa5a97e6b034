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
    private final WantedMoveMapper rows;
    private final StudioDay day;

    WantedMoves(WantedMoveMapper rows, StudioDay day) {
        this.rows = rows;
        this.day = day;
    }

    /** How a move is wanted. */
    public enum WishKind {
        PIN("always include: in every session it passes for"),
        BAN("never include"),
        USUAL("her usual: she does it anyway");

        private final String words;

        WishKind(String words) {
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
    public record WantedMove(
            String moveId, WishKind kind, @Nullable BigDecimal kilograms, String note) {}

    @SuppressWarnings("ConstantValue")
    public List<WantedMove> of(long womanId) {
        return rows.of(womanId).stream().filter(wanted -> wanted.kind() != null).toList();
    }

    /** Ids of the moves wanted in one way. */
    public List<String> ids(long womanId, WishKind kind) {
        return of(womanId).stream()
                .filter(wanted -> wanted.kind() == kind)
                .map(WantedMove::moveId)
                .toList();
    }

    /** Keeps a move in one way; a pin takes the place of a ban and the other way round. */
    @Transactional
    public void keep(SignedIn me, Woman woman, WantedMove wanted) {
        if (wanted.kind() != WishKind.USUAL) {
            rows.remove(woman.id(), wanted.moveId(), WishKind.PIN);
            rows.remove(woman.id(), wanted.moveId(), WishKind.BAN);
        }
        rows.remove(woman.id(), wanted.moveId(), wanted.kind());
        rows.insert(woman.id(), wanted, me.accountId(), day.instant());
    }

    public void remove(Woman woman, String moveId, WishKind kind) {
        rows.remove(woman.id(), moveId, kind);
    }

    /** The table. */
    @Mapper
    interface WantedMoveMapper {
        @Select(
                "select move_id, kind, kilograms, note from wanted_move where woman_id = #{womanId} order by stored_at, move_id")
        List<WantedMove> of(long womanId);

        @Delete("delete from wanted_move where woman_id = #{womanId} and move_id = #{moveId} and kind = #{kind}")
        void remove(@Param("womanId") long womanId, @Param("moveId") String moveId, @Param("kind") WishKind kind);

        @Insert("""
                insert into wanted_move (woman_id, move_id, kind, kilograms, note, changed_by, stored_at)
                values (#{womanId}, #{w.moveId}, #{w.kind}, #{w.kilograms}, #{w.note}, #{by}, #{at})
                """)
        void insert(
                @Param("womanId") long womanId,
                @Param("w") WantedMove wanted,
                @Param("by") long by,
                @Param("at") Instant at);
    }
}
