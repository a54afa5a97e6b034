package openbloom.app.people;

import java.time.Instant;
import java.util.List;
import openbloom.app.studio.SignedIn;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Intakes as they were before each change; nothing is overwritten silently. */
@Component
class EarlierIntakes {
    private static final Logger LOG = LoggerFactory.getLogger(EarlierIntakes.class);

    private final EarlierIntakeMapper rows;
    private final JsonMapper json;

    EarlierIntakes(EarlierIntakeMapper rows, JsonMapper json) {
        this.rows = rows;
        this.json = json;
    }

    /** Earlier intakes as they are kept. */
    @Mapper
    interface EarlierIntakeMapper {
        /** One row; the account is the one that made the change. */
        record EarlierIntakeRow(int version, String changedBy, Instant changedAt, String form) {}

        @Insert("""
                insert into earlier_intake (woman_id, version, changed_by, changed_at, form)
                values (#{womanId}, #{version}, #{by}, #{at}, #{form})
                """)
        void insert(
                @Param("womanId") long womanId,
                @Param("version") int version,
                @Param("by") long by,
                @Param("at") Instant at,
                @Param("form") String form);

        @Select("""
                select earlier_intake.version, account.name as changed_by, changed_at, form
                from earlier_intake join account on account.id = earlier_intake.changed_by
                where woman_id = #{womanId} order by earlier_intake.version desc
                """)
        List<EarlierIntakeMapper.EarlierIntakeRow> of(long womanId);
    }

    /** One earlier intake, and who changed it when. */
    record Earlier(int version, String changedBy, Instant changedAt, IntakeForm form) {}

    void keep(Woman before, SignedIn changedBy, Instant at) {
        rows.insert(
                before.id(),
                before.version(),
                changedBy.accountId(),
                at,
                json.writeValueAsString(IntakeForm.of(before)));
    }

    /** The latest first; one that cannot be read is left out and logged. */
    List<Earlier> of(long womanId) {
        return rows.of(womanId).stream().flatMap(row -> read(row).stream()).toList();
    }

    private List<Earlier> read(EarlierIntakeMapper.EarlierIntakeRow row) {
        try {
            IntakeForm form = json.readValue(row.form(), IntakeForm.class);
            return List.of(new Earlier(row.version(), row.changedBy(), row.changedAt(), form));
        } catch (JacksonException unreadable) {
            LOG.error("An earlier intake cannot be read: {}", unreadable.getMessage());
            return List.of();
        }
    }
}
