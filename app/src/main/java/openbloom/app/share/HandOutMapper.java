package openbloom.app.share;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Hand-outs as they were given out, and who confirmed the words of a language. */
@Mapper
interface HandOutMapper {
    /** A hand-out without its paper. */
    record GivenOut(long id, String kind, String title, LocalDate madeOn, String madeBy, String language) {}

    @Select("""
            select hand_out.id, kind, title, made_on, account.name as made_by, language from hand_out
              join account on account.id = made_by where woman_id = #{womanId} order by hand_out.id desc
            """)
    List<GivenOut> of(long womanId);

    /** A paper of one woman, or of nobody in particular. */
    @Select("""
            select pdf from hand_out where id = #{id} and studio_id = #{studioId}
              and (woman_id = #{womanId} or (#{womanId} = 0 and woman_id is null))
            """)
    Optional<byte[]> pdf(long studioId, long womanId, long id);

    @Select("select id from hand_out where form_key = #{formKey} and studio_id = #{studioId}")
    Optional<Long> byKey(long studioId, String formKey);

    /** A hand-out to be kept. */
    record NewHandOut(
            HandOutOf of,
            String formKey,
            HandOutKind kind,
            String language,
            boolean largePrint,
            String title,
            HandOutMade made,
            HandOutContent content) {}

    /** Whose it is. */
    record HandOutOf(
            long studioId, @Nullable Long womanId, @Nullable Long teachingId) {}

    /** When and by whom. */
    record HandOutMade(LocalDate on, long by, Instant storedAt) {}

    /** Its words as JSON, and the paper. */
    record HandOutContent(String words, byte[] pdf) {}

    @Insert("""
            insert into hand_out (studio_id, woman_id, teaching_id, form_key, kind, language, large_print, title, made_on, made_by,
              stored_at, words, pdf)
            values (#{h.of.studioId}, #{h.of.womanId}, #{h.of.teachingId}, #{h.formKey}, #{h.kind}, #{h.language}, #{h.largePrint},
              #{h.title}, #{h.made.on}, #{h.made.by}, #{h.made.storedAt}, #{h.content.words}, #{h.content.pdf})
            """)
    void insert(@Param("h") NewHandOut handOut);
}
