package littlesummit.app.exchange.archive.rows;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import jakarta.persistence.EntityManager;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import littlesummit.app.content.FrozenItems;
import littlesummit.app.exchange.archive.Folder;
import org.hibernate.Session;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Everything of a class as rows, so that another server can take it in. */
@Component
public class ClassRecords {
    static final String ABOUT = "about.jsonl";
    static final String CLASS = "class.jsonl";
    static final String STUDENTS = "students.jsonl";
    static final String ITEMS = "items.jsonl";

    /** What opens an account is left out. */
    private static final List<String> OF_A_STUDENT =
            List.of("id", "username", "name", "family_name", "extra_time", "closed_at", "sourced_id");

    private static final List<String> OF_THE_CLASS =
            List.of("id", "name", "course_id", "goal_skills", "goal_start", "goal_date");

    private final EntityManager entities;
    private final FrozenItems items;
    private final ObjectMapper mapper;
    private final Layout layout;

    ClassRecords(EntityManager entities, FrozenItems items, ObjectMapper mapper, Layout layout) {
        this.entities = entities;
        this.items = items;
        this.mapper = mapper;
        this.layout = layout;
    }

    @Transactional(readOnly = true)
    public void write(String classId, Folder to) throws IOException {
        entities.flush();
        try {
            entities.unwrap(Session.class).doWork(connection -> write(connection, classId, to));
        } catch (UncheckedIOException gone) {
            throw gone.getCause();
        }
    }

    private void write(Connection connection, String classId, Folder to) throws SQLException {
        try {
            to.lines(ABOUT, line -> line.write(mapper.writeValueAsBytes(About.here(layout.version()))));
            rows(connection, new ClassTable("SCHOOL_CLASS", "ID = ?"), CLASS, OF_THE_CLASS, classId, to);
            rows(
                    connection,
                    new ClassTable("PERSON", "CLASS_ID = ? and ROLE = 'STUDENT'"),
                    STUDENTS,
                    OF_A_STUDENT,
                    classId,
                    to);
            Set<Long> contents = new TreeSet<>();
            for (ClassTable table : ClassTable.ALL) {
                to.lines(
                        table.file(),
                        line -> each(connection, table, classId, row -> {
                            contents(row, contents);
                            line.write(mapper.writeValueAsBytes(row));
                        }));
            }
            items(contents, to);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private void rows(
            Connection connection, ClassTable table, String file, List<String> columns, String classId, Folder to)
            throws IOException {
        to.lines(
                file,
                line -> each(
                        connection, table, classId, row -> line.write(mapper.writeValueAsBytes(row.retain(columns)))));
    }

    private static void each(Connection connection, ClassTable table, String classId, RowsOut.Taker taker)
            throws IOException {
        try {
            RowsOut.each(connection, table, classId, taker);
        } catch (SQLException damage) {
            throw new IllegalStateException(table.name(), damage);
        }
    }

    private static void contents(ObjectNode row, Set<Long> to) {
        for (String key : List.of("content_id", "example_content_id")) {
            JsonNode id = row.path(key);
            if (id.isIntegralNumber()) {
                to.add(id.longValue());
            }
        }
    }

    private void items(Set<Long> ids, Folder to) throws IOException {
        to.lines(ITEMS, line -> {
            for (Long id : ids) {
                FrozenItems.Content content = items.content(id);
                ObjectNode row = mapper.createObjectNode().put("id", id).put("shape", content.shape());
                row.set("content", mapper.readTree(content.text()));
                line.write(mapper.writeValueAsBytes(row));
            }
        });
    }
}
