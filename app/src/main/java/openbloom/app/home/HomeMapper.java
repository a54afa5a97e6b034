package openbloom.app.home;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Links, what came through them, and what was answered, as they are kept. */
@Mapper
interface HomeMapper {
    String LINK = "select id, woman_id, purpose, made_on, ends_on, made_by, taken_back_at, used_at from home_link ";

    @Select(LINK + "where digest = #{digest} and purpose = #{purpose}")
    Optional<HomeLink> byDigest(String digest, HomeLink.LinkPurpose purpose);

    /** Of a woman, the latest first. */
    @Select(LINK + "where woman_id = #{womanId} order by id desc")
    List<HomeLink> linksOf(long womanId);

    /** A link to be kept. */
    record NewLink(
            long womanId,
            HomeLink.LinkPurpose purpose,
            String digest,
            String formKey,
            LocalDate madeOn,
            LocalDate endsOn,
            long madeBy,
            Instant storedAt) {}

    @Insert("""
            insert into home_link (woman_id, purpose, digest, form_key, made_on, ends_on, made_by, stored_at)
            values (#{l.womanId}, #{l.purpose}, #{l.digest}, #{l.formKey}, #{l.madeOn}, #{l.endsOn}, #{l.madeBy}, #{l.storedAt})
            """)
    void insertLink(@Param("l") NewLink link);

    @Update("""
            update home_link set taken_back_at = #{at} where id = #{id} and woman_id = #{womanId} and taken_back_at is null
            """)
    int takeBack(long womanId, long id, Instant at);

    @Update("update home_link set used_at = #{at} where id = #{id}")
    void used(long id, Instant at);

    @Select("select studio_id from woman where id = #{womanId}")
    long studioOf(long womanId);

    /** Her language and what she told of her days, as they are kept. */
    record PageRow(String language, String days) {}

    @Select("select language, days from home_page where woman_id = #{womanId}")
    Optional<PageRow> page(long womanId);

    @Insert("""
            merge into home_page (woman_id, language, days) key (woman_id)
            values (#{womanId}, #{p.language}, #{p.days})
            """)
    void keepPage(@Param("womanId") long womanId, @Param("p") PageRow page);

    /** An answer to be kept. */
    record NewHomeAnswer(
            long womanId,
            long linkId,
            String key,
            AnswerKind kind,
            LocalDate forDay,
            AnswerTimes at,
            @Nullable Long sessionId,
            String said) {}

    /** When it was given, by her phone as far as that can be, and when it came. */
    record AnswerTimes(Instant given, Instant received) {}

    @Select(value = """
                    select id from final table (insert into home_answer
                      (woman_id, link_id, answer_key, kind, for_day, given_at, received_at, session_id, said)
                    values (#{a.womanId}, #{a.linkId}, #{a.key}, #{a.kind}, #{a.forDay}, #{a.at.given}, #{a.at.received},
                      #{a.sessionId}, #{a.said}))
                    """, affectData = true)
    @Options(flushCache = Options.FlushCachePolicy.TRUE)
    long insertAnswer(@Param("a") NewHomeAnswer answer);

    @Select("select said from home_answer where woman_id = #{womanId} and answer_key = #{key}")
    Optional<String> saidUnder(long womanId, String key);

    String ANSWER = """
            select id, woman_id, answer_key as "key", kind, for_day, given_at, session_id, said from home_answer
            """;

    /** Of a woman from a day on, in the order in which she gave them. */
    @Select(ANSWER + "where woman_id = #{womanId} and for_day >= #{from} order by given_at, id")
    List<AnswerRow> answersOf(long womanId, LocalDate from);

    /** Of a studio's women from a day on: what nobody has marked as seen, the latest first. */
    @Select(ANSWER + """
            where woman_id in (select id from woman where studio_id = #{studioId}) and for_day >= #{from}
              and seen_at is null order by given_at desc, id desc limit #{most}
            """)
    List<AnswerRow> unseenIn(long studioId, LocalDate from, int most);

    @Update("""
            update home_answer set seen_at = #{at}, seen_by = #{by}
            where woman_id = #{womanId} and id <= #{upTo} and seen_at is null
            """)
    void seen(long womanId, long upTo, long by, Instant at);

    /** How many of a woman's answers nobody has marked as seen. */
    @Select("select count(*) from home_answer where woman_id = #{womanId} and seen_at is null")
    int unseenOf(long womanId);

    /** What was answered to a question, by its number. */
    record ReplyRow(long answerId, String words, String repliedBy, LocalDate repliedOn) {}

    @Select("""
            select answer_id, words, account.name as replied_by, replied_on from home_reply
              join account on account.id = home_reply.replied_by
            where answer_id in (select id from home_answer where woman_id = #{womanId}) order by answer_id
            """)
    List<ReplyRow> repliesTo(long womanId);

    /** Questions of a studio's women that nobody has answered. */
    @Select(ANSWER + """
            where woman_id in (select id from woman where studio_id = #{studioId}) and kind = 'QUESTION'
              and not exists (select 1 from home_reply where answer_id = home_answer.id)
            order by given_at desc limit #{most}
            """)
    List<AnswerRow> openQuestionsIn(long studioId, int most);

    @Insert("""
            insert into home_reply (answer_id, words, replied_by, replied_on, stored_at)
            select id, #{words}, #{by}, #{on}, #{at} from home_answer
            where id = #{answerId} and woman_id = #{womanId} and kind = 'QUESTION'
              and not exists (select 1 from home_reply where answer_id = #{answerId})
            """)
    int reply(long womanId, long answerId, String words, long by, LocalDate on, Instant at);
}
