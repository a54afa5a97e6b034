package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Answers to "Safe today?" as they are kept. */
@Mapper
public interface SafetyMapper {
    String ANSWER = """
            select safety_answer.id, woman_id, asked_on, account.name as asked_by, warning_signs, symptoms, what_to_do
            from safety_answer join account on account.id = asked_by
            """;

    @Select(ANSWER + "where woman_id = #{womanId} order by asked_on desc, safety_answer.id desc")
    List<SafetyAnswer> of(long womanId);

    @Select(ANSWER + """
            where woman_id = #{womanId} and asked_on <= #{day}
            order by asked_on desc, safety_answer.id desc limit 1
            """)
    Optional<SafetyAnswer> latest(long womanId, LocalDate day);

    @Insert("""
            insert into safety_answer
              (woman_id, form_key, asked_on, asked_by, stored_at, warning_signs, symptoms, what_to_do)
            values
              (#{womanId}, #{formKey}, #{askedOn}, #{askedBy}, #{storedAt}, #{warningSigns}, #{symptoms}, #{whatToDo})
            """)
    void insert(
            long womanId,
            String formKey,
            LocalDate askedOn,
            long askedBy,
            Instant storedAt,
            String warningSigns,
            String symptoms,
            String whatToDo);
}
