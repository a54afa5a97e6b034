package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Answers to "Safe today?" as they are kept. */
@Mapper
public interface SafetyMapper {
    String ANSWER = """
            select safety_answer.id, woman_id, asked_on, account.name as asked_by, warning_signs, symptoms, what_to_do,
              lifts, lifted_by, lift_reason, systolic_mmhg, diastolic_mmhg, limit_systolic_mmhg, limit_diastolic_mmhg
            from safety_answer join account on account.id = asked_by
            """;

    /** The answers of some women, the latest day first. */
    @Select("<script>" + ANSWER + """
            where woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
            order by asked_on desc, safety_answer.id desc</script>
            """)
    List<SafetyAnswer> of(@Param("womanIds") List<Long> womanIds);

    /** The women of a studio whom an answer stops that nobody has lifted. */
    @Select("""
            select distinct woman_id from safety_answer stop join woman on woman.id = woman_id
            where woman.studio_id = #{studioId} and warning_signs <> '' and not exists (
              select 1 from safety_answer later where later.woman_id = stop.woman_id and later.lifts >= stop.id)
            """)
    List<Long> stoppedIn(long studioId);

    /**
     * An answer to be kept.
     *
     * @param lifts the latest stop it lifts, with who said so and why
     */
    record NewAnswer(
            long womanId,
            String formKey,
            LocalDate askedOn,
            long askedBy,
            Instant storedAt,
            String warningSigns,
            String symptoms,
            String whatToDo,
            @Nullable Long lifts,
            String liftedBy,
            String liftReason,
            Pressures pressures) {}

    /** What was measured and the limit it was held against, in mmHg; null where it was not measured. */
    public record Pressures(
            @Nullable Integer systolic,
            @Nullable Integer diastolic,
            @Nullable Integer limitSystolic,
            @Nullable Integer limitDiastolic) {
        public static final Pressures NONE = new Pressures(null, null, null, null);
    }

    @Insert("""
            insert into safety_answer
              (woman_id, form_key, asked_on, asked_by, stored_at, warning_signs, symptoms, what_to_do, lifts, lifted_by,
               lift_reason, systolic_mmhg, diastolic_mmhg, limit_systolic_mmhg, limit_diastolic_mmhg)
            values
              (#{a.womanId}, #{a.formKey}, #{a.askedOn}, #{a.askedBy}, #{a.storedAt}, #{a.warningSigns}, #{a.symptoms},
               #{a.whatToDo}, #{a.lifts}, #{a.liftedBy}, #{a.liftReason},
               #{a.pressures.systolic}, #{a.pressures.diastolic}, #{a.pressures.limitSystolic}, #{a.pressures.limitDiastolic})
            """)
    void insert(@Param("a") NewAnswer answer);
}
