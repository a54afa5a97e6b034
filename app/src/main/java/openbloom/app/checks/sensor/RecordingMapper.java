package openbloom.app.checks.sensor;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import openbloom.core.YesNoUnknown;
import openbloom.core.pelvicfloor.trace.Trace;
import openbloom.core.pelvicfloor.trace.TraceUnit;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Recordings as they are kept. */
@Mapper
interface RecordingMapper {
    /** One line of the list, without the trace. */
    record RecordingLine(
            long id, LocalDate recordedOn, String recordedBy, TraceUnit unit, String source, SensorTask protocol) {}

    @Select("""
            select recording.id, recorded_on, account.name as recorded_by, unit, source, protocol
            from recording join account on account.id = recorded_by
            where woman_id = #{womanId} order by recorded_on desc, recording.id desc
            """)
    List<RecordingLine> of(long womanId);

    @ResultMap("recording")
    @Select("""
            select recording.id, woman_id, recorded_on, account.name as recorded_by, unit, source, protocol, start_s,
              steps_per_s, samples, rectified, repairs, inward_lift, steps
            from recording join account on account.id = recorded_by
            where woman_id = #{womanId} and recording.id = #{id}
            """)
    Optional<Recording> find(long womanId, long id);

    /** A recording to be kept. */
    record NewRecording(
            long womanId,
            String formKey,
            TakenRow taken,
            SensorTask protocol,
            Trace trace,
            String repairs,
            byte[] steps) {}

    /** When it was taken, by whom, and from what. */
    record TakenRow(LocalDate on, long by, Instant storedAt, TraceUnit unit, String source) {}

    @Select(value = """
                    select id from final table (
                      insert into recording (woman_id, form_key, recorded_on, recorded_by, stored_at, unit, source,
                        protocol, start_s, steps_per_s, samples, rectified, repairs, inward_lift, steps)
                      values (#{r.womanId}, #{r.formKey}, #{r.taken.on}, #{r.taken.by}, #{r.taken.storedAt}, #{unit},
                        #{r.taken.source}, #{r.protocol}, #{r.trace.startSeconds}, #{r.trace.rate}, #{r.trace.samples},
                        #{r.trace.rectified}, #{r.repairs}, 'UNKNOWN', #{r.steps}))
                    """, affectData = true)
    long insert(@Param("r") NewRecording recording, @Param("unit") String unit);

    /** Only if nobody has told otherwise since. */
    @Update("""
            update recording set inward_lift = #{seen}
            where id = #{id} and woman_id = #{womanId} and inward_lift = #{before}
            """)
    int tellLift(long womanId, long id, YesNoUnknown seen, YesNoUnknown before);
}
