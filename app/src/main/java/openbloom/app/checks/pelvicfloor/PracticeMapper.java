package openbloom.app.checks.pelvicfloor;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import openbloom.core.pelvicfloor.Track;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Guided practices as they are kept. */
@Mapper
interface PracticeMapper {
    /** Where she practises, from the easiest. */
    enum PositionRow {
        LYING("lying"),
        SITTING("sitting"),
        STANDING("standing"),
        IN_TASKS("in tasks"),
        /** At home nobody asked. */
        NOT_ASKED("position not asked");

        private final String words;

        PositionRow(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One practice. */
    record PracticeRow(
            long id,
            LocalDate practisedOn,
            String keptBy,
            boolean fromHome,
            AskedSet asked,
            DoneSet done,
            SeenSet seen) {}

    /** What was asked for. */
    record AskedSet(Track track, int holdSeconds, int holds, int flicks) {}

    /** What was done of it, and where. */
    record DoneSet(int holds, int flicks, PositionRow position) {}

    /** What was seen or told. */
    record SeenSet(@Nullable Integer letGoOfTen, boolean letGoFully, boolean faded, boolean hurt, boolean heavy) {}

    @ResultMap("practice")
    @Select("""
            select practice.id, practised_on,
              case when from_home then 'herself, at home' else account.name end as kept_by, from_home, track, hold_seconds, holds, flicks, holds_done,
              flicks_done, position, let_go_of_ten, let_go_fully, faded, hurt, heavy
            from practice join account on account.id = kept_by
            where woman_id = #{womanId} order by practised_on, practice.id
            """)
    List<PracticeRow> all(long womanId);

    /** Hers, oldest first; a row in words this version does not know is left out. */
    @SuppressWarnings("ConstantValue")
    default List<PracticeRow> of(long womanId) {
        return all(womanId).stream()
                .filter(row -> row.asked().track() != null && row.done().position() != null)
                .toList();
    }

    /** What one practice showed of letting go. */
    record LetGo(
            long womanId, LocalDate practisedOn, @Nullable Integer letGoOfTen, boolean hurt) {}

    @Select("""
            <script>
            select woman_id, practised_on, let_go_of_ten, hurt from practice
            where woman_id in <foreach item="id" collection="ids" open="(" separator="," close=")">#{id}</foreach>
            order by practised_on, id
            </script>
            """)
    List<LetGo> lettingGoOf(@Param("ids") List<Long> womanIds);

    @Insert("""
            insert into practice (woman_id, form_key, practised_on, kept_by, stored_at, track, hold_seconds, holds, flicks,
              holds_done, flicks_done, position, let_go_of_ten, let_go_fully, faded, hurt, heavy, from_home)
            values (#{womanId}, #{formKey}, #{r.practisedOn}, #{keptBy}, #{at}, #{r.asked.track}, #{r.asked.holdSeconds},
              #{r.asked.holds}, #{r.asked.flicks}, #{r.done.holds}, #{r.done.flicks}, #{r.done.position},
              #{r.seen.letGoOfTen}, #{r.seen.letGoFully}, #{r.seen.faded}, #{r.seen.hurt}, #{r.seen.heavy}, #{r.fromHome})
            """)
    void insert(long womanId, String formKey, long keptBy, Instant at, @Param("r") PracticeRow practice);
}
