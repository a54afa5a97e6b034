package openbloom.app.share;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import openbloom.app.language.HerLanguage;
import openbloom.app.language.HerWords;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether somebody who speaks a second language has said by name that its safety words are right. */
@Service
class LanguageChecks {
    private final LanguageCheckMapper rows;
    private final StudioDay day;

    LanguageChecks(LanguageCheckMapper rows, StudioDay day) {
        this.rows = rows;
        this.day = day;
    }

    /** Who confirmed the words as they are now, and when. */
    record Confirmed(String confirmedBy, LocalDate confirmedOn) {}

    /** A sentence in English and in the other language. */
    record InBothLanguages(String english, String other) {}

    /** Every sentence about safety, side by side. */
    List<InBothLanguages> sentences(HerLanguage language) {
        HerWords english = HerWords.in(HerLanguage.ENGLISH);
        return HerWords.in(language).aboutSafety().stream()
                .map(one -> new InBothLanguages(english.of(one.key()), one.words()))
                .toList();
    }

    /** The last confirmation of the words as they are now; words that were changed since are unconfirmed again. */
    Optional<Confirmed> latest(long studioId, HerLanguage language) {
        return rows.of(studioId, language, fingerprint(language));
    }

    @Transactional
    void confirm(SignedIn me, HerLanguage language, String by) {
        rows.insert(me.studioId(), language, fingerprint(language), by, day.today(me), me.accountId(), day.instant());
    }

    private static String fingerprint(HerLanguage language) {
        String all = HerWords.in(language).aboutSafety().stream()
                .map(one -> one.key() + "=" + one.words())
                .collect(Collectors.joining("\n"));
        return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** The table. */
    @Mapper
    interface LanguageCheckMapper {
        @Select("""
                select confirmed_by, confirmed_on from language_check
                where studio_id = #{studioId} and language = #{language} and words = #{words} order by id desc limit 1
                """)
        Optional<Confirmed> of(long studioId, HerLanguage language, String words);

        @Insert("""
                insert into language_check (studio_id, language, words, confirmed_by, confirmed_on, account_id, stored_at)
                values (#{studioId}, #{language}, #{words}, #{by}, #{on}, #{accountId}, #{at})
                """)
        void insert(
                long studioId, HerLanguage language, String words, String by, LocalDate on, long accountId, Instant at);
    }
}
