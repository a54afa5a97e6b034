package openbloom.app.moves;

import java.time.Instant;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** What studios and instructors say of shipped moves in words of their own; every version stays. */
@Mapper
interface OwnWordsMapper {
    /**
     * A version as it is kept.
     *
     * @param accountId the instructor who says it so; null for the whole studio
     */
    record StoredWords(
            long id,
            @Nullable Long accountId,
            String moveId,
            String name,
            String feel,
            long storedBy,
            Instant storedAt,
            String storedByName) {}

    /** A cue of a version. */
    record StoredCue(long ownWordsId, String family, String cue) {}

    /** A version to keep. */
    record NewWords(
            long studioId,
            @Nullable Long accountId,
            String moveId,
            String formKey,
            String name,
            String feel,
            long storedBy,
            Instant storedAt) {}

    @Select("""
            select w.id, w.account_id, w.move_id, w.name, w.feel, w.stored_by, w.stored_at, a.name as stored_by_name
            from own_words w join account a on a.id = w.stored_by
            where w.studio_id = #{studioId} order by w.id
            """)
    List<StoredWords> of(long studioId);

    @Select("""
            select c.own_words_id, c.family, c.cue from own_cue c join own_words w on w.id = c.own_words_id
            where w.studio_id = #{studioId} order by c.own_words_id, c.family
            """)
    List<StoredCue> cuesOf(long studioId);

    @Select("select coalesce(max(id), 0) from own_words where studio_id = #{studioId}")
    long latest(long studioId);

    @Select(value = """
            select id from final table (insert into own_words
              (studio_id, account_id, move_id, form_key, name, feel, stored_by, stored_at)
            values (#{w.studioId}, #{w.accountId}, #{w.moveId}, #{w.formKey}, #{w.name}, #{w.feel}, #{w.storedBy}, #{w.storedAt}))
            """, affectData = true)
    @Options(flushCache = Options.FlushCachePolicy.TRUE)
    long insert(@Param("w") NewWords words);

    @Insert("insert into own_cue (own_words_id, family, cue) values (#{wordsId}, #{family}, #{cue})")
    int insertCue(long wordsId, String family, String cue);
}
