package openbloom.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Women as they are kept; every question names the studio. */
@Mapper
public interface WomanMapper {
    @Select("select * from woman where id = #{id} and studio_id = #{studioId}")
    @ResultMap("woman")
    Optional<Woman> find(long studioId, long id);

    @Select("select * from woman where form_key = #{formKey} and studio_id = #{studioId}")
    @ResultMap("woman")
    Optional<Woman> byFormKey(long studioId, String formKey);

    String NAMED = "where studio_id = #{studioId} and lower(name) like '%' || #{pattern} || '%' escape '\\'";

    @Select("select * from woman " + NAMED + " order by name, id limit #{most} offset #{from}")
    @ResultMap("woman")
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
    @ResultMap("woman")
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
                      #{w.key.studioId}, #{w.key.formKey}, 1, #{w.key.changedBy}, #{at}, #{w.about.name}, #{w.about.birthYear}, #{w.about.goals},
                      #{w.about.training}, #{w.about.situation}, #{w.datingTold.basis}, #{w.datingTold.givenOn}, #{w.datingTold.cycleLengthDays}, #{w.datingTold.embryoAgeDays},
                      #{w.datingTold.scanOn}, #{w.datingTold.scanReadDays}, #{w.datingTold.statedDays}, #{w.birthTold.on}, #{w.birthTold.kind}, #{w.birthTold.tear}, #{w.birthTold.woundClosed},
                      #{w.about.births}, #{w.about.babies}, #{w.medical.askedOn}, #{w.medical.conditions}, #{w.medical.conditionsSince},
                      #{w.equipment}, #{w.medical.clearedOn}, #{w.medical.clearedBy}, #{w.medical.clearanceLimits}, #{w.medical.clearedFor}, #{w.approach}))
                    """, affectData = true)
    long insert(@Param("w") Woman woman, @Param("at") Instant at);

    /** Changes the row only if it still has the version the form was made from. */
    @Update("""
            update woman set
              version = version + 1, changed_by = #{w.key.changedBy}, changed_at = #{at}, name = #{w.about.name},
              birth_year = #{w.about.birthYear}, goals = #{w.about.goals}, training = #{w.about.training}, situation = #{w.about.situation},
              dating_basis = #{w.datingTold.basis}, dating_given_on = #{w.datingTold.givenOn},
              cycle_length_days = #{w.datingTold.cycleLengthDays}, embryo_age_days = #{w.datingTold.embryoAgeDays}, scan_on = #{w.datingTold.scanOn},
              scan_read_days = #{w.datingTold.scanReadDays}, stated_days = #{w.datingTold.statedDays}, birth_on = #{w.birthTold.on}, birth_kind = #{w.birthTold.kind},
              tear = #{w.birthTold.tear}, wound_closed = #{w.birthTold.woundClosed}, births = #{w.about.births}, babies = #{w.about.babies},
              conditions_asked_on = #{w.medical.askedOn}, conditions = #{w.medical.conditions},
              conditions_since = #{w.medical.conditionsSince}, equipment = #{w.equipment}, cleared_on = #{w.medical.clearedOn},
              cleared_by = #{w.medical.clearedBy}, clearance_limits = #{w.medical.clearanceLimits}, cleared_for = #{w.medical.clearedFor}, approach = #{w.approach}
            where id = #{w.id} and studio_id = #{w.key.studioId} and version = #{w.key.version}
            """)
    int update(@Param("w") Woman woman, @Param("at") Instant at);
}
