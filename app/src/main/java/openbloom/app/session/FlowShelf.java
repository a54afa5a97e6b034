package openbloom.app.session;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import openbloom.app.moves.Catalogues;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.StudioDay;
import openbloom.core.session.Flow;
import openbloom.core.session.Flows;
import openbloom.core.session.Outline;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The flows a studio teaches from: those that ship with the program, and its own. */
@Service
public class FlowShelf {
    private static final Logger LOG = LoggerFactory.getLogger(FlowShelf.class);

    private final TemplateMapper rows;
    private final Catalogues catalogues;
    private final StudioDay day;
    private final JsonMapper json;

    FlowShelf(TemplateMapper rows, Catalogues catalogues, StudioDay day, JsonMapper json) {
        this.rows = rows;
        this.catalogues = catalogues;
        this.day = day;
        this.json = json;
    }

    /** The shipped ones, then the studio's own by name. */
    public List<Flow> of(long studioId) {
        List<Flow> own =
                rows.of(studioId).stream().flatMap(row -> read(row).stream()).toList();
        return Stream.concat(Flows.shipped(catalogues.of(studioId)).stream(), own.stream())
                .toList();
    }

    public Optional<Flow> find(long studioId, String name) {
        return of(studioId).stream().filter(flow -> flow.name().equals(name)).findFirst();
    }

    private Optional<Flow> read(TemplateRow row) {
        try {
            return Optional.of(json.readValue(row.items(), Flow.class));
        } catch (JacksonException unreadable) {
            LOG.error("Flow {} cannot be read: {}", row.name(), unreadable.getMessage());
            return Optional.empty();
        }
    }

    /** Keeps an outline under a name; false where the name is taken. */
    boolean keep(SignedIn me, String name, Outline outline) {
        if (find(me.studioId(), name).isPresent()) {
            return false;
        }
        try {
            rows.insert(
                    me.studioId(),
                    name,
                    json.writeValueAsString(Flow.of(name, outline)),
                    me.accountId(),
                    day.instant());
            return true;
        } catch (DuplicateKeyException taken) {
            return false;
        }
    }

    /** Takes one of the studio's own off the shelf; sessions made from it stay. */
    boolean remove(SignedIn me, String name) {
        return rows.remove(me.studioId(), name) > 0;
    }

    /** Names of the studio's own. */
    List<String> own(long studioId) {
        List<String> names = new ArrayList<>();
        rows.of(studioId).forEach(row -> names.add(row.name()));
        return names;
    }

    /** A kept flow. */
    record TemplateRow(String name, String items) {}

    /** The table. */
    @Mapper
    interface TemplateMapper {
        @Select("select name, items from flow where studio_id = #{studioId} order by name")
        List<TemplateRow> of(long studioId);

        @Insert("""
                insert into flow (studio_id, name, items, kept_by, stored_at)
                values (#{studioId}, #{name}, #{items}, #{by}, #{at})
                """)
        void insert(
                @Param("studioId") long studioId,
                @Param("name") String name,
                @Param("items") String items,
                @Param("by") long by,
                @Param("at") Instant at);

        @Delete("delete from flow where studio_id = #{studioId} and name = #{name}")
        int remove(@Param("studioId") long studioId, @Param("name") String name);
    }
}
