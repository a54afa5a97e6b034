package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Gap checks and their readings as they are kept. */
@Mapper
interface GapCheckMapper {
    @Select("""
            select gap_check.id, woman_id, checked_on, examiner_id, account.name as examiner, finger_widths_mm
            from gap_check join account on account.id = examiner_id
            where woman_id = #{womanId} order by checked_on desc, gap_check.id desc
            """)
    List<KeptGapCheck> of(long womanId);

    @Select("""
            select gap_reading.* from gap_reading join gap_check on gap_check.id = check_id
            where woman_id = #{womanId}
            """)
    List<KeptReading> readingsOf(long womanId);

    @Select(value = """
                    select id from final table (
                      insert into gap_check (woman_id, form_key, checked_on, examiner_id, stored_at)
                      values (#{womanId}, #{formKey}, #{checkedOn}, #{examinerId}, #{storedAt}))
                    """, affectData = true)
    long insert(long womanId, String formKey, LocalDate checkedOn, long examinerId, Instant storedAt);

    @Insert("""
            insert into gap_reading
              (check_id, site, offset_mm, state, width_half_fingers, depth, firmness, domed)
            values
              (#{checkId}, #{site}, #{offsetMm}, #{state}, #{widthHalfFingers}, #{depth}, #{firmness}, #{domed})
            """)
    void insertReading(KeptReading reading);
}
