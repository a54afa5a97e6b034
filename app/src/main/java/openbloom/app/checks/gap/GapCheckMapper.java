package openbloom.app.checks.gap;

import java.time.LocalDate;
import java.util.List;
import openbloom.app.checks.log.NewVersion;
import openbloom.core.gap.Method;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Gap checks and their readings as they are kept. */
@Mapper
interface GapCheckMapper {
    /** Every version, the latest day first. */
    @ResultMap("check")
    @Select("""
            <script>
            select c.id, c.woman_id, c.checked_on, c.examiner_id, examiner.name as examiner,
              c.finger_widths_mm, c.method, keeper.name as kept_by, c.stored_at, c.root_id, c.corrects,
              c.reason, c.repeats
            from gap_check c
              join account examiner on examiner.id = c.examiner_id
              join account keeper on keeper.id = c.kept_by
            where c.woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
            order by c.checked_on desc, coalesce(c.root_id, c.id) desc, c.id desc
            </script>
            """)
    List<KeptGapCheck> versionsOf(@Param("womanIds") List<Long> womanIds);

    @ResultMap("reading")
    @Select("""
            <script>
            select gap_reading.* from gap_reading join gap_check on gap_check.id = check_id
            where woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
            </script>
            """)
    List<KeptReading> readingsOf(@Param("womanIds") List<Long> womanIds);

    /**
     * Duplicates of one kind in sums: how many, and Σ of squared differences.
     *
     * @param squares Σ(first − second)², in half fingers or mm
     */
    record Duplicates(long examinerId, long pairs, long squares) {}

    /** Every check that was read twice with one method, each in its latest version, summed up by examiner. */
    @Select("""
            select first_check.examiner_id, count(*) as pairs,
              sum(power(coalesce(r1.width_half_fingers, r1.width_mm) - coalesce(r2.width_half_fingers, r2.width_mm), 2))
                as squares
            from gap_check second_check
              join gap_check first_check on coalesce(first_check.root_id, first_check.id) = second_check.repeats
                and first_check.method = second_check.method and first_check.examiner_id = second_check.examiner_id
              join account on account.id = first_check.examiner_id
              join gap_reading r1 on r1.check_id = first_check.id
              join gap_reading r2 on r2.check_id = second_check.id and r2.site = r1.site
                and r2.offset_mm = r1.offset_mm and r2.state = r1.state
            where account.studio_id = #{studioId} and first_check.method = #{method}
              and not exists (select 1 from gap_check later where later.corrects = first_check.id)
              and not exists (select 1 from gap_check later where later.corrects = second_check.id)
            group by first_check.examiner_id
            """)
    List<Duplicates> duplicatesIn(long studioId, Method method);

    /**
     * Duplicates of one kind as means over their sites on the small lift: how many pairs, and Σ of squared differences.
     *
     * @param squares Σ(first − second)², in half fingers or mm
     */
    record MeanDuplicates(long examinerId, long pairs, double squares) {}

    /** Every check that was read twice with one method at two sites or more, summed up by examiner. */
    @Select("""
            select examiner_id, count(*) as pairs, sum(power(difference, 2)) as squares from (
              select first_check.examiner_id,
                avg(cast(coalesce(r1.width_half_fingers, r1.width_mm) as double precision))
                  - avg(cast(coalesce(r2.width_half_fingers, r2.width_mm) as double precision)) as difference
              from gap_check second_check
                join gap_check first_check on coalesce(first_check.root_id, first_check.id) = second_check.repeats
                  and first_check.method = second_check.method and first_check.examiner_id = second_check.examiner_id
                join account on account.id = first_check.examiner_id
                join gap_reading r1 on r1.check_id = first_check.id and r1.state = 'LIFT'
                join gap_reading r2 on r2.check_id = second_check.id and r2.site = r1.site
                  and r2.offset_mm = r1.offset_mm and r2.state = r1.state
              where account.studio_id = #{studioId} and first_check.method = #{method}
                and not exists (select 1 from gap_check later where later.corrects = first_check.id)
                and not exists (select 1 from gap_check later where later.corrects = second_check.id)
              group by first_check.examiner_id, first_check.id, second_check.id
              having count(*) >= 2)
            group by examiner_id
            """)
    List<MeanDuplicates> meanDuplicatesIn(long studioId, Method method);

    /**
     * A row to be kept.
     *
     * @param firstRepetitionOf what it is the first blind second reading of; there is one
     * @param fingerWidthsMm breadths it was read with; null for those the examiner has now
     */
    record NewCheck(
            long womanId,
            LocalDate checkedOn,
            long examinerId,
            Method method,
            NewVersion version,
            @Nullable Long repeats,
            @Nullable Long firstRepetitionOf,
            @Nullable String fingerWidthsMm) {}

    @Select(value = """
                    select id from final table (
                      insert into gap_check (woman_id, form_key, checked_on, examiner_id, method, kept_by, stored_at,
                        root_id, corrects, reason, repeats, first_repetition_of, finger_widths_mm)
                      values (#{c.womanId}, #{c.version.formKey}, #{c.checkedOn}, #{c.examinerId}, #{c.method}, #{c.version.keptBy},
                        #{c.version.storedAt}, #{c.version.rootId}, #{c.version.corrects}, #{c.version.reason},
                        #{c.repeats}, #{c.firstRepetitionOf},
                        coalesce(#{c.fingerWidthsMm}, (select finger_widths_mm from account where id = #{c.examinerId}))))
                    """, affectData = true)
    long insert(@Param("c") NewCheck check);

    @Insert("""
            insert into gap_reading
              (check_id, site, offset_mm, state, width_half_fingers, width_mm, depth, firmness, domed, sore)
            values
              (#{checkId}, #{site}, #{offsetMm}, #{state}, #{wide.halfFingers}, #{wide.mm}, #{felt.depth},
                #{felt.firmness}, #{felt.domed}, #{felt.sore})
            """)
    void insertReading(KeptReading reading);
}
