package openbloom.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Women as they are kept; every question names the studio. */
@Mapper
public interface WomanMapper {
    @Select("select * from woman where id = #{id} and studio_id = #{studioId}")
    Optional<Woman> find(long studioId, long id);

    @Select("select * from woman where form_key = #{formKey} and studio_id = #{studioId}")
    Optional<Woman> byFormKey(long studioId, String formKey);

    String NAMED = "where studio_id = #{studioId} and lower(name) like '%' || #{pattern} || '%' escape '\\'";

    @Select("select * from woman " + NAMED + " order by name, id limit #{most} offset #{from}")
    List<Woman> search(long studioId, String pattern, int from, int most);

    @Select("select count(*) from woman " + NAMED)
    int count(long studioId, String pattern);

    /** A woman by her name alone, for lists in which somebody's record cannot be read. */
    record Named(long id, String name) {}

    @Select("select id, name from woman " + NAMED + " order by name, id limit #{most} offset #{from}")
    List<Named> names(long studioId, String pattern, int from, int most);

    /** The women of some numbers. */
    @Select("""
            <script>
            select id, name from woman where studio_id = #{studioId}
              and id in (<foreach collection='ids' item='id' separator=','>#{id}</foreach>) order by name, id
            </script>
            """)
    List<Named> named(@Param("studioId") long studioId, @Param("ids") List<Long> ids);

    @Select("""
            <script>
            select * from woman where studio_id = #{studioId}
              and id in (<foreach collection='ids' item='id' separator=','>#{id}</foreach>) order by name, id
            </script>
            """)
    List<Woman> findAll(@Param("studioId") long studioId, @Param("ids") List<Long> ids);

    /** Whom the studio has seen last: by what was asked, checked or planned, or by her intake. */
    @Select("""
            select woman.id from woman
            where studio_id = #{studioId}
            order by greatest(changed_at,
              coalesce((select max(stored_at) from safety_answer where woman_id = woman.id), changed_at)) desc, woman.id desc
            limit #{most}
            """)
    List<Long> seenLast(long studioId, int most);

    @Select(value = """
                    select id from final table (insert into woman (
                      studio_id, form_key, version, changed_by, changed_at, name, birth_year, goals, training, situation,
                      dating_basis, dating_given_on, cycle_length_days, embryo_age_days, scan_on, scan_read_days, stated_days,
                      birth_on, birth_kind, tear, wound_closed, births, babies, conditions_asked_on, conditions,
                      conditions_since, equipment, cleared_on, cleared_by, clearance_limits, cleared_for, approach)
                    values (
                      #{w.studioId}, #{w.formKey}, 1, #{w.changedBy}, #{at}, #{w.name}, #{w.birthYear}, #{w.goals},
                      #{w.training}, #{w.situation}, #{w.datingBasis}, #{w.datingGivenOn}, #{w.cycleLengthDays}, #{w.embryoAgeDays},
                      #{w.scanOn}, #{w.scanReadDays}, #{w.statedDays}, #{w.birthOn}, #{w.birthKind}, #{w.tear}, #{w.woundClosed},
                      #{w.births}, #{w.babies}, #{w.conditionsAskedOn}, #{w.conditions}, #{w.conditionsSince},
                      #{w.equipment}, #{w.clearedOn}, #{w.clearedBy}, #{w.clearanceLimits}, #{w.clearedFor}, #{w.approach}))
                    """, affectData = true)
    long insert(@Param("w") Woman woman, @Param("at") Instant at);

    /** Changes the row only if it still has the version the form was made from. */
    @Update("""
            update woman set
              version = version + 1, changed_by = #{w.changedBy}, changed_at = #{at}, name = #{w.name},
              birth_year = #{w.birthYear}, goals = #{w.goals}, training = #{w.training}, situation = #{w.situation},
              dating_basis = #{w.datingBasis}, dating_given_on = #{w.datingGivenOn},
              cycle_length_days = #{w.cycleLengthDays}, embryo_age_days = #{w.embryoAgeDays}, scan_on = #{w.scanOn},
              scan_read_days = #{w.scanReadDays}, stated_days = #{w.statedDays}, birth_on = #{w.birthOn}, birth_kind = #{w.birthKind},
              tear = #{w.tear}, wound_closed = #{w.woundClosed}, births = #{w.births}, babies = #{w.babies},
              conditions_asked_on = #{w.conditionsAskedOn}, conditions = #{w.conditions},
              conditions_since = #{w.conditionsSince}, equipment = #{w.equipment}, cleared_on = #{w.clearedOn},
              cleared_by = #{w.clearedBy}, clearance_limits = #{w.clearanceLimits}, cleared_for = #{w.clearedFor}, approach = #{w.approach}
            where id = #{w.id} and studio_id = #{w.studioId} and version = #{w.version}
            """)
    int update(@Param("w") Woman woman, @Param("at") Instant at);
}
