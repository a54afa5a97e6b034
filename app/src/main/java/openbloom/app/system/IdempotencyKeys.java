package openbloom.app.system;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Forms by their keys: what was sent, and where the answer led. */
@Mapper
interface IdempotencyKeys {
    /**
     * One form.
     *
     * @param sent field and value as JSON; empty when an earlier version kept it
     * @param worked whether what it asks for was kept, or a part of it, whatever became of the answer
     * @param answerStatus null while the form is being read
     */
    record KeyRow(
            String path,
            String sent,
            String sentBy,
            boolean worked,
            @Nullable Integer answerStatus,
            @Nullable String answerLocation) {}

    @Insert("""
            insert into kept_form (form_key, path, sent, sent_by, claimed_at)
            values (#{key}, #{path}, #{sent}, #{by}, #{at})
            """)
    void claim(String key, String path, String sent, String by, Instant at);

    @Select("select path, sent, sent_by, worked, answer_status, answer_location from kept_form where form_key = #{key}")
    Optional<KeyRow> find(String key);

    @Update("update kept_form set answer_status = #{status}, answer_location = #{location} where form_key = #{key}")
    void answered(String key, int status, @Nullable String location);

    /** Of a form that was refused: corrected, it is sent under the same key. */
    @Delete("delete from kept_form where form_key = #{key} and answer_status is null")
    void release(String key);

    /** Of a form whose answer failed: it stays known if it was kept before. */
    @Delete("delete from kept_form where form_key = #{key} and answer_status is null and not worked")
    void releaseUnlessKept(String key);
}
