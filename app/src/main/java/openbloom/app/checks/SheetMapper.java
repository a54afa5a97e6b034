package openbloom.app.checks;

import java.time.LocalDate;
import java.util.List;
import openbloom.app.checks.log.NewVersion;
import openbloom.app.checks.log.VersionColumns;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.ResultMap;
import org.apache.ibatis.annotations.Select;

/** Sheets as they are kept. */
@Mapper
interface SheetMapper {
    /** A row as it stands in the table, its answers still written. */
    record SheetRow(
            long id,
            long womanId,
            SheetKind kind,
            LocalDate checkedOn,
            String checkedBy,
            VersionColumns version,
            String found) {}

    /** Every version, the latest day first. */
    @ResultMap("sheet")
    @Select("""
            <script>
            select sheet.id, woman_id, kind, checked_on, checker.name as checked_by, keeper.name as kept_by, stored_at,
              root_id, corrects, reason, found
            from sheet
              join account checker on checker.id = sheet.checked_by
              join account keeper on keeper.id = sheet.kept_by
            where woman_id in (<foreach collection='womanIds' item='id' separator=','>#{id}</foreach>)
            order by checked_on desc, coalesce(root_id, sheet.id) desc, sheet.id desc
            </script>
            """)
    List<SheetRow> versionsOf(@Param("womanIds") List<Long> womanIds);

    /** A row to be kept. */
    record NewRow(
            long womanId, SheetKind kind, LocalDate checkedOn, long checkedBy, NewVersion version, String found) {}

    @Insert("""
            insert into sheet (woman_id, kind, form_key, checked_on, checked_by, kept_by, stored_at, root_id, corrects,
              reason, found)
            values (#{s.womanId}, #{s.kind}, #{s.version.formKey}, #{s.checkedOn}, #{s.checkedBy}, #{s.version.keptBy},
              #{s.version.storedAt}, #{s.version.rootId}, #{s.version.corrects}, #{s.version.reason}, #{s.found})
            """)
    void insert(@Param("s") NewRow row);

    @Select("select checked_by from sheet where id = #{id}")
    long checkedBy(long id);

    @Select("select count(*) from sheet where form_key = #{formKey} and kind = #{kind}")
    int sent(String formKey, SheetKind kind);
}
