package openbloom.app.gap;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import openbloom.core.gap.Method;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Gap checks and their readings as they are kept. */
@Mapper
interface GapCheckMapper {
    /** Every version, the latest day first. */
    @Select("""
            select c.id, c.woman_id, c.checked_on, c.examiner_id, examiner.name as examiner,
              examiner.finger_widths_mm, c.method, keeper.name as kept_by, c.stored_at, c.root_id, c.corrects,
              c.reason, c.repeats
            from gap_check c
              join account examiner on examiner.id = c.examiner_id
              join account keeper on keeper.id = c.kept_by
            where c.woman_id = #{womanId} order by c.checked_on desc, coalesce(c.root_id, c.id) desc, c.id desc
            """)
    List<KeptGapCheck> versionsOf(long womanId);

    @Select("""
            select gap_reading.* from gap_reading join gap_check on gap_check.id = check_id
            where woman_id = #{womanId}
            """)
    List<KeptReading> readingsOf(long womanId);

    /** The widths of every check that was read twice, each in its latest version. */
    @Select("""
            select first_check.examiner_id, first_check.method,
              r1.width_half_fingers as first_half_fingers, r1.width_mm as first_mm,
              r2.width_half_fingers as second_half_fingers, r2.width_mm as second_mm
            from gap_check second_check
              join gap_check first_check on coalesce(first_check.root_id, first_check.id) = second_check.repeats
                and first_check.method = second_check.method and first_check.examiner_id = second_check.examiner_id
              join account on account.id = first_check.examiner_id
              join gap_reading r1 on r1.check_id = first_check.id
              join gap_reading r2 on r2.check_id = second_check.id and r2.site = r1.site
                and r2.offset_mm = r1.offset_mm and r2.state = r1.state
            where account.studio_id = #{studioId}
              and not exists (select 1 from gap_check later where later.corrects = first_check.id)
              and not exists (select 1 from gap_check later where later.corrects = second_check.id)
            """)
    List<KeptPair> pairsOf(long studioId);

    /** A row to be kept. */
    record NewCheck(
            long womanId,
            String formKey,
            LocalDate checkedOn,
            long examinerId,
            Method method,
            long keptBy,
            Instant storedAt,
            @Nullable Long rootId,
            @Nullable Long corrects,
            String reason,
            @Nullable Long repeats) {}

    @Select(value = """
                    select id from final table (
                      insert into gap_check (woman_id, form_key, checked_on, examiner_id, method, kept_by, stored_at,
                        root_id, corrects, reason, repeats)
                      values (#{c.womanId}, #{c.formKey}, #{c.checkedOn}, #{c.examinerId}, #{c.method}, #{c.keptBy},
                        #{c.storedAt}, #{c.rootId}, #{c.corrects}, #{c.reason}, #{c.repeats}))
                    """, affectData = true)
    long insert(@Param("c") NewCheck check);

    @Select("select id from gap_check where form_key = #{formKey} and woman_id = #{womanId}")
    @Nullable
    Long idOf(String formKey, long womanId);

    @Insert("""
            insert into gap_reading
              (check_id, site, offset_mm, state, width_half_fingers, width_mm, depth, firmness, domed, sore)
            values
              (#{checkId}, #{site}, #{offsetMm}, #{state}, #{widthHalfFingers}, #{widthMm}, #{depth}, #{firmness},
                #{domed}, #{sore})
            """)
    void insertReading(KeptReading reading);
}
