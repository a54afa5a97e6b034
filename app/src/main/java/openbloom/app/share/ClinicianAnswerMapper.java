package openbloom.app.share;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Answers of clinicians as they are kept. */
@Mapper
interface ClinicianAnswerMapper {
    /**
     * One of them.
     *
     * @param exercise what it says of exercise, as a constant
     * @param sign what it says of the sign that stood, as a constant
     * @param may conditions, one constant a line
     * @param notYet conditions, one constant a line
     * @param limits one a line
     */
    record AnswerRow(
            LocalDate answeredOn,
            String saidBy,
            String exercise,
            String sign,
            String may,
            String notYet,
            String limits,
            LocalDate keptOn,
            String keptBy) {}

    @Select("""
            select answered_on, said_by, exercise, sign, may, not_yet, limits, kept_on, account.name as kept_by
            from clinician_answer join account on account.id = kept_by
            where woman_id = #{womanId} order by answered_on desc, clinician_answer.id desc
            """)
    List<AnswerRow> of(long womanId);

    @Insert("""
            insert into clinician_answer (woman_id, form_key, answered_on, said_by, exercise, sign, may, not_yet, limits, kept_on,
              kept_by, stored_at)
            values (#{womanId}, #{key}, #{r.answeredOn}, #{r.saidBy}, #{r.exercise}, #{r.sign}, #{r.may}, #{r.notYet}, #{r.limits},
              #{r.keptOn}, #{by}, #{at})
            """)
    void insert(long womanId, String key, @Param("r") AnswerRow row, long by, Instant at);
}
