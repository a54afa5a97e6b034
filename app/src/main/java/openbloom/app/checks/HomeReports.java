package openbloom.app.checks;

import java.time.LocalDate;
import java.util.List;
import openbloom.core.record.HomeReport;
import openbloom.core.record.Noted;
import openbloom.core.record.PainSite;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What women told from home besides their exercises, as it is kept. */
@Mapper
interface HomeReports {
    /** A row; a word this version does not know is read as nothing. */
    record ReportRow(
            long womanId, LocalDate toldOn, @Nullable Noted noted, String place) {
        boolean isReadable() {
            return noted != null;
        }

        @SuppressWarnings("NullAway")
        HomeReport report() {
            return new HomeReport(toldOn, noted, PainSite.named(place));
        }
    }

    /** Pain of the morning after, 0 to 10. */
    record MorningRow(LocalDate toldOn, int pain) {
        PainTold told() {
            return new PainTold(toldOn, PainTold.SheetPainSite.MORNING, pain);
        }
    }

    /** That pain had gone the next morning takes nothing away and is no report. */
    @Select("""
            <script>
            select woman_id, told_on, noted, place from home_report
            where woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
              and not (morning and pain = 0) order by told_on, id
            </script>
            """)
    List<ReportRow> of(@Param("womanIds") List<Long> womanIds);

    @Select("select told_on, pain from home_report where woman_id = #{womanId} and morning order by told_on, id")
    List<MorningRow> morningsOf(long womanId);

    @Insert("""
            insert into home_report (woman_id, report_key, told_on, noted, place, pain, morning)
            values (#{womanId}, #{key}, #{on}, #{noted}, #{place}, #{pain}, #{morning})
            """)
    void insert(
            @Param("womanId") long womanId,
            @Param("key") String key,
            @Param("on") LocalDate on,
            @Param("noted") Noted noted,
            @Param("place") String place,
            @Param("pain") @Nullable Integer pain,
            @Param("morning") boolean morning);
}
