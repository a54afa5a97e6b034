package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;

/** Answers to "Safe today?" as they are kept. */
@Mapper
public interface SafetyMapper {
    String ANSWER = """
            select safety_answer.id, woman_id, asked_on, account.name as asked_by, from_home, warning_signs, symptoms, leaks_when, what_to_do,
              lifts, lifted_by, lift_reason, systolic_mmhg, diastolic_mmhg, limit_systolic_mmhg, limit_diastolic_mmhg
            from safety_answer join account on account.id = asked_by
            """;

    /** The answers of some women, the latest day first. */
    @Select("<script>" + ANSWER + """
            where woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
            order by asked_on desc, safety_answer.id desc</script>
            """)
    @ResultMap("answer")
    List<SafetyAnswer> of(@Param("womanIds") List<Long> womanIds);

    /** The women of a studio whom an answer stops that nobody has lifted. Signs are kept as constants: from A on is any. */
    @Select("""
            select id from woman where studio_id = #{studioId} and id in (
              select woman_id from safety_answer stop use index (safety_answer_signs)
              where warning_signs >= 'A' and not exists (
                select 1 from safety_answer later where later.woman_id = stop.woman_id and later.lifts >= stop.id))
            """)
    List<Long> stoppedIn(long studioId);

    /** An answer to be kept. */
    record NewAnswer(
            long womanId,
            String formKey,
            AskedRow asked,
            SafetyAnswer.SymptomsTold told,
            SafetyAnswer.Lift lift,
            SafetyAnswer.Pressures pressures,
            boolean fromHome) {}

    /** When it was asked and by whom. */
    record AskedRow(LocalDate on, long by, Instant storedAt) {}

    @Insert("""
            insert into safety_answer
              (woman_id, form_key, asked_on, asked_by, stored_at, warning_signs, symptoms, leaks_when, what_to_do, lifts, lifted_by,
               lift_reason, systolic_mmhg, diastolic_mmhg, limit_systolic_mmhg, limit_diastolic_mmhg, from_home)
            values
              (#{a.womanId}, #{a.formKey}, #{a.asked.on}, #{a.asked.by}, #{a.asked.storedAt}, #{a.told.warningSigns},
               #{a.told.symptoms}, #{a.told.leaksWhen}, #{a.told.whatToDo}, #{a.lift.stop}, #{a.lift.by}, #{a.lift.reason},
               #{a.pressures.systolic}, #{a.pressures.diastolic}, #{a.pressures.limitSystolic}, #{a.pressures.limitDiastolic},
               #{a.fromHome})
            """)
    void insert(@Param("a") NewAnswer answer);
}
