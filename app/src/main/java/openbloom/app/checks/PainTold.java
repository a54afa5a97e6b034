package openbloom.app.checks;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/**
 * Pain as it was told with "Safe today?".
 *
 * @param amount 0 to 10
 */
public record PainTold(LocalDate on, SheetPainSite place, int amount) {
    /** What it is the pain of. */
    public enum SheetPainSite {
        FLOOR("pelvic floor"),
        SCAR("scar"),
        ELSEWHERE("elsewhere"),
        /** The worst of the morning after the last session. */
        MORNING("the morning after the last session");

        private final String words;

        SheetPainSite(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Name of its field. */
        public String field() {
            return "pain." + name().toLowerCase(Locale.ROOT);
        }
    }

    /** The table. */
    @Mapper
    interface PainMapper {
        @Select("""
                select asked_on as "on", place, amount from pain_told join safety_answer on safety_answer.id = answer_id
                where woman_id = #{womanId} order by asked_on, answer_id
                """)
        List<PainTold> of(long womanId);

        @Insert("""
                insert into pain_told (answer_id, place, amount)
                select id, #{place}, #{amount} from safety_answer where woman_id = #{womanId} and form_key = #{formKey}
                """)
        void insert(
                @Param("womanId") long womanId,
                @Param("formKey") String formKey,
                @Param("place") SheetPainSite place,
                @Param("amount") int amount);
    }
}
