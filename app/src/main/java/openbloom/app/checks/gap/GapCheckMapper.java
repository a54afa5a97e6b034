package openbloom.app.checks.gap;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import openbloom.core.gap.Depth;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Method;
import openbloom.core.gap.Site;
import openbloom.core.stage.Told;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.ConstructorArgs;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Gap checks and their readings as they are kept. */
@Mapper
interface GapCheckMapper {
    /** Every version, the latest day first. */
    @ConstructorArgs({
        @Arg(column = "id", javaType = long.class),
        @Arg(column = "woman_id", javaType = long.class),
        @Arg(column = "checked_on", javaType = LocalDate.class),
        @Arg(column = "examiner_id", javaType = long.class),
        @Arg(column = "examiner", javaType = String.class),
        @Arg(column = "finger_widths_mm", javaType = String.class),
        @Arg(column = "method", javaType = Method.class),
        @Arg(column = "kept_by", javaType = String.class),
        @Arg(column = "stored_at", javaType = Instant.class),
        @Arg(column = "root_id", javaType = Long.class),
        @Arg(column = "corrects", javaType = Long.class),
        @Arg(column = "reason", javaType = String.class),
        @Arg(column = "repeats", javaType = Long.class)
    })
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

    @ConstructorArgs({
        @Arg(column = "check_id", javaType = long.class),
        @Arg(column = "site", javaType = Site.class),
        @Arg(column = "offset_mm", javaType = int.class),
        @Arg(column = "state", javaType = GapState.class),
        @Arg(column = "width_half_fingers", javaType = Integer.class),
        @Arg(column = "width_mm", javaType = Integer.class),
        @Arg(column = "depth", javaType = Depth.class),
        @Arg(column = "firmness", javaType = int.class),
        @Arg(column = "domed", javaType = Told.class),
        @Arg(column = "sore", javaType = boolean.class)
    })
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
            String formKey,
            LocalDate checkedOn,
            long examinerId,
            Method method,
            long keptBy,
            Instant storedAt,
            @Nullable Long rootId,
            @Nullable Long corrects,
            String reason,
            @Nullable Long repeats,
            @Nullable Long firstRepetitionOf,
            @Nullable String fingerWidthsMm) {}

    @Select(value = """
                    select id from final table (
                      insert into gap_check (woman_id, form_key, checked_on, examiner_id, method, kept_by, stored_at,
                        root_id, corrects, reason, repeats, first_repetition_of, finger_widths_mm)
                      values (#{c.womanId}, #{c.formKey}, #{c.checkedOn}, #{c.examinerId}, #{c.method}, #{c.keptBy},
                        #{c.storedAt}, #{c.rootId}, #{c.corrects}, #{c.reason}, #{c.repeats}, #{c.firstRepetitionOf},
                        coalesce(#{c.fingerWidthsMm}, (select finger_widths_mm from account where id = #{c.examinerId}))))
                    """, affectData = true)
    long insert(@Param("c") NewCheck check);

    @Insert("""
            insert into gap_reading
              (check_id, site, offset_mm, state, width_half_fingers, width_mm, depth, firmness, domed, sore)
            values
              (#{checkId}, #{site}, #{offsetMm}, #{state}, #{widthHalfFingers}, #{widthMm}, #{depth}, #{firmness},
                #{domed}, #{sore})
            """)
    void insertReading(KeptReading reading);
}
