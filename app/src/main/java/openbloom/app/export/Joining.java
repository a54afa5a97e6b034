package openbloom.app.export;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Joins two records of one woman: a third has the intake of the one and the rows of both, in the order they were kept. Both can be read
 * until it is confirmed; then they go and it stays. Taken back, it goes and they stay.
 */
@Service
class Joining {
    private final DataSource data;
    private final JdbcClient store;
    private final StudioDay day;

    Joining(DataSource data, JdbcClient store, StudioDay day) {
        this.data = data;
        this.store = store;
        this.day = day;
    }

    /** Somebody who may be the same woman. */
    record Twin(long id, String name, int birthYear) {}

    /** A joined record that waits for a word. */
    record Waiting(long womanId, long firstId, long secondId) {}

    /** Who of the studio has her name, or her year of birth and her first name. */
    List<Twin> twinsOf(SignedIn me, Woman woman) {
        return store.sql("""
                        select other.id, other.name, coalesce(other.birth_year, 0) as birth_year
                        from woman other join woman her on her.id = :her and other.id <> her.id
                        where other.studio_id = :studio and (lower(other.name) = lower(her.name)
                          or other.birth_year = her.birth_year and lower(regexp_replace(other.name, ' .*', ''))
                            = lower(regexp_replace(her.name, ' .*', '')))
                        order by other.name, other.id
                        """)
                .param("her", woman.id())
                .param("studio", me.studioId())
                .query(Twin.class)
                .list();
    }

    /** Whether a record is one of three that wait. */
    Optional<Waiting> waiting(long womanId) {
        return store.sql("""
                        select woman_id, first_id, second_id from joined
                        where woman_id = :her or first_id = :her or second_id = :her
                        """).param("her", womanId).query(Waiting.class).optional();
    }

    /** The number of the joined record. */
    @Transactional
    public long join(SignedIn me, long first, long second) throws SQLException, IOException {
        Connection opened = DataSourceUtils.getConnection(data);
        try {
            KeptRecord both = record(opened, first).with(record(opened, second));
            long joined = new RecordImport(opened, me, day.instant())
                    .joining(second)
                    .take(both)
                    .womanId();
            store.sql("""
                            insert into joined (woman_id, first_id, second_id, joined_by, joined_at)
                            values (?, ?, ?, ?, ?)
                            """)
                    .params(joined, first, second, me.accountId(), day.instant().atOffset(ZoneOffset.UTC))
                    .update();
            return joined;
        } finally {
            DataSourceUtils.releaseConnection(opened, data);
        }
    }

    private KeptRecord record(Connection opened, long woman) throws SQLException, IOException {
        ByteArrayOutputStream json = new ByteArrayOutputStream();
        KeptRows rows = KeptRows.of(opened, References.of(opened), woman);
        new RecordExport(opened, rows, new RecordExport.MadeBy("", 0, day.instant())).json(json, "");
        return KeptRecord.of(json.toByteArray());
    }

    /** The joined record stays, in sheets of classes as well; the two it was made of go. */
    @Transactional
    public void confirm(Waiting one) throws SQLException {
        for (long before : List.of(one.firstId(), one.secondId())) {
            for (String table : Erasing.SHEETS) {
                store.sql("update " + table + " set sheet = replace(sheet, ?, ?) where sheet like ?")
                        .params(mark(before), mark(one.womanId()), "%" + mark(before) + "%")
                        .update();
            }
            erase(before);
        }
    }

    private static String mark(long woman) {
        return "\"womanId\":" + woman + ",";
    }

    /** The two stay as they were. */
    @Transactional
    public void takeBack(Waiting one) throws SQLException {
        erase(one.womanId());
    }

    private void erase(long woman) throws SQLException {
        Connection opened = DataSourceUtils.getConnection(data);
        try {
            Erasing.erase(opened, woman);
        } finally {
            DataSourceUtils.releaseConnection(opened, data);
        }
    }
}
