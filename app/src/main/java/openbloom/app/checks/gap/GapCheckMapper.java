package openbloom.app.checks.gap;

import java.math.BigDecimal;
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
     * What repeated readings of one examiner with one method come to. Sums are kept and follow every check that is kept.
     *
     * @param pairs places read twice
     * @param squares Σ(first − second)², in half fingers² or mm²
     * @param meanPairs checks read twice at two places or more on the small lift
     * @param meanSquares Σ(mean of the first − mean of the second)² of those, in half fingers² or mm²
     */
    record Repeated(long examinerId, Method method, long pairs, long squares, long meanPairs, BigDecimal meanSquares) {
        /** The same with another sign: what is taken away. */
        Repeated negated() {
            return new Repeated(examinerId, method, -pairs, -squares, -meanPairs, meanSquares.negate());
        }
    }

    /** What a check and its blind second reading come to, each in its latest version; none while one is withdrawn. */
    @Select("""
            select first_check.examiner_id, first_check.method, count(*) as pairs,
              sum(power(coalesce(r1.width_half_fingers, r1.width_mm) - coalesce(r2.width_half_fingers, r2.width_mm), 2))
                as squares,
              case when count(case when r1.state = 'LIFT' then 1 end) >= 2 then 1 else 0 end as mean_pairs,
              case when count(case when r1.state = 'LIFT' then 1 end) >= 2 then power(
                avg(case when r1.state = 'LIFT' then cast(coalesce(r1.width_half_fingers, r1.width_mm)
                  - coalesce(r2.width_half_fingers, r2.width_mm) as double precision) end), 2) else 0 end as mean_squares
            from gap_check second_check
              join gap_check first_check on coalesce(first_check.root_id, first_check.id) = #{first}
                and (first_check.id = #{first} or first_check.root_id = #{first})
                and first_check.method = second_check.method and first_check.examiner_id = second_check.examiner_id
              join gap_reading r1 on r1.check_id = first_check.id
              join gap_reading r2 on r2.check_id = second_check.id and r2.site = r1.site
                and r2.offset_mm = r1.offset_mm and r2.state = r1.state
            where second_check.repeats = #{first}
              and not exists (select 1 from gap_check later where later.corrects = first_check.id)
              and not exists (select 1 from gap_check later where later.corrects = second_check.id)
            group by first_check.id, second_check.id, first_check.examiner_id, first_check.method
            """)
    List<Repeated> comesTo(@Param("first") long first);

    /** Of each examiner of a studio with one method. */
    @Select("""
            select repeated.* from repeated join account on account.id = examiner_id
            where studio_id = #{studioId} and repeated.method = #{method}
            """)
    List<Repeated> repeatedIn(long studioId, Method method);

    /** Whoever keeps a second reading of an examiner waits until the one before is kept. */
    @Select("select id from account where id = #{examinerId} for update")
    long lock(long examinerId);

    @Insert("""
            merge into repeated using (select cast(#{r.examinerId} as bigint) as e, cast(#{r.method} as varchar(20)) as m) on examiner_id = e and method = m
            when matched then update set pairs = pairs + #{r.pairs}, squares = squares + #{r.squares},
              mean_pairs = mean_pairs + #{r.meanPairs}, mean_squares = mean_squares + #{r.meanSquares}
            when not matched then insert (examiner_id, method, pairs, squares, mean_pairs, mean_squares)
              values (#{r.examinerId}, #{r.method}, #{r.pairs}, #{r.squares}, #{r.meanPairs}, #{r.meanSquares})
            """)
    void add(@Param("r") Repeated more);

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
