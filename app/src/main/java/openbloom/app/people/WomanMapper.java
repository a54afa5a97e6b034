package openbloom.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Women as they are kept; every question names the studio. The columns of a row stand in the {@code .xml} alone. */
@Mapper
public interface WomanMapper {
    @Select("select * from woman where id = #{id} and studio_id = #{studioId}")
    @ResultMap("woman")
    Optional<Woman> find(long studioId, long id);

    @Select("select * from woman where form_key = #{formKey} and studio_id = #{studioId}")
    @ResultMap("woman")
    Optional<Woman> byFormKey(long studioId, String formKey);

    String NAMED = "where studio_id = #{studioId} and lower(name) like '%' || #{pattern} || '%' escape '\\'";

    @Select("select count(*) from woman " + NAMED)
    int count(long studioId, String pattern);

    /** A woman by her name alone, for lists in which somebody's record cannot be read. */
    record WomanName(long id, String name) {}

    @Select("select id, name from woman " + NAMED + " order by studio_id, name, id limit #{most} offset #{from}")
    List<WomanName> names(long studioId, String pattern, int from, int most);

    /** A woman as a file tells her apart from others: two may have one name. */
    record NameAndYear(String name, @Nullable Integer birthYear) {}

    @Select("select name, birth_year as \"birthYear\" from woman where studio_id = #{studioId}")
    List<NameAndYear> namesAndYears(long studioId);

    /** Nobody else brings women into a studio until this transaction has ended. */
    @Select("select id from studio where id = #{studioId} for update")
    long alone(long studioId);

    /** Nobody else who asks for it writes in a woman's record until this transaction has ended. */
    @Select("select id from woman where id = #{womanId} for update")
    long aloneWith(long womanId);

    /** The women of some numbers. */
    @Select("""
            <script>
            select id, name from woman where studio_id = #{studioId}
              and id in (<foreach collection='ids' item='id' separator=','>#{id}</foreach>) order by name, id
            </script>
            """)
    List<WomanName> named(@Param("studioId") long studioId, @Param("ids") List<Long> ids);

    @Select("""
            <script>
            select * from woman where studio_id = #{studioId}
              and id in (<foreach collection='ids' item='id' separator=','>#{id}</foreach>) order by name, id
            </script>
            """)
    @ResultMap("woman")
    List<Woman> findAll(@Param("studioId") long studioId, @Param("ids") List<Long> ids);

    /** Whom the studio has asked or written of last. */
    @Select(
            "select id from woman where studio_id = #{studioId} order by studio_id, seen_at desc, id desc limit #{most}")
    List<Long> seenLast(long studioId, int most);

    /** Something was asked of her. */
    @Update("update woman set seen_at = #{at} where id = #{womanId}")
    void seen(long womanId, Instant at);

    /** Keeps a new woman and answers her number. */
    long insert(@Param("w") Woman woman, @Param("at") Instant at);

    /** Changes the row only if it still has the version the form was made from. */
    int update(@Param("w") Woman woman, @Param("at") Instant at);
}
