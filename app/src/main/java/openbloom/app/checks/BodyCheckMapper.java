package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Body checks as they are kept. */
@Mapper
public interface BodyCheckMapper {
    String CHECK = """
            select body_check.id, woman_id, checked_on, account.name as checked_by, breath, tone, lets_go,
              pain_with_lifts, straight_leg_raise, impact_tests
            from body_check join account on account.id = checked_by
            """;

    @Select(CHECK + "where woman_id = #{womanId} order by checked_on desc, body_check.id desc")
    List<BodyCheck> of(long womanId);

    @Select(CHECK + """
            where woman_id = #{womanId} and checked_on <= #{day}
            order by checked_on desc, body_check.id desc limit 1
            """)
    Optional<BodyCheck> latest(long womanId, LocalDate day);

    @Insert("""
            insert into body_check (woman_id, form_key, checked_on, checked_by, stored_at, breath, tone, lets_go,
              pain_with_lifts, straight_leg_raise, impact_tests)
            values (#{c.womanId}, #{formKey}, #{c.checkedOn}, #{by}, #{at}, #{c.breath}, #{c.tone}, #{c.letsGo},
              #{c.painWithLifts}, #{c.straightLegRaise}, #{c.impactTests})
            """)
    void insert(
            @Param("c") BodyCheck check,
            @Param("formKey") String formKey,
            @Param("by") long by,
            @Param("at") Instant at);
}
